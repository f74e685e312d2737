package ruxel.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Span;

/** What is different between two plans, told beside the seam that is looked at: on rectangles of 10 mm stitches and rows. */
class EffectsTest {
  private static final SeamId S = new SeamId("s");
  private static final SeamId T = new SeamId("t");

  /** The right of a on the left of b, and the left of a on the right of b: a tube. */
  private static GarmentPlan tube(int stitchesA, int rowsA, int stitchesB, int rowsB) {
    return plan(Panels.rectangle(new PieceId("a"), stitchesA, rowsA), Panels.rectangle(new PieceId("b"), stitchesB, rowsB), List.of(seam(S, "right", "left"), seam(T, "left", "right")));
  }

  private static GarmentPlan plan(Piece a, Piece b, List<Seam> seams) {
    return Panels.plan(List.of(a, b), seams);
  }

  private static Seam seam(SeamId id, String onA, String onB) {
    return Panels.seam(id, Panels.whole(new PieceId("a"), onA, Span.Along.FORWARD), Panels.whole(new PieceId("b"), onB, Span.Along.BACKWARD));
  }

  @Test
  void whatIsAlikeHasNone() {
    assertThat(Effects.between(tube(30, 40, 20, 40), tube(30, 40, 20, 40), S)).isEmpty();
    assertThat(Effects.touched(tube(30, 40, 20, 40), tube(30, 40, 20, 40))).isEmpty();
  }

  /** Two stitches more on a: its width, and both openings of the tube; neither of the seams. */
  @Test
  void widthsAndOpeningsAreTold() {
    List<String> told = Effects.between(tube(30, 40, 20, 40), tube(32, 40, 20, 40), S);
    assertThat(told).hasSize(3);
    assertThat(told.get(0)).isEqualTo("a, width: 32 cm instead of 30 cm.");
    assertThat(told.subList(1, 3)).allMatch(words -> words.startsWith("Opening ") && words.endsWith(": 52 cm instead of 50 cm."));
    assertThat(Effects.touched(tube(30, 40, 20, 40), tube(32, 40, 20, 40))).isEmpty();
  }

  /** A row more on both: heights and the counts of the seam that is not looked at. */
  @Test
  void heightsAndTheOtherSeamAreTold() {
    List<String> told = Effects.between(tube(30, 40, 20, 40), tube(30, 41, 20, 41), S);
    assertThat(told).containsExactly("a, height: 41 cm instead of 40 cm.", "b, height: 41 cm instead of 40 cm.", "t: 41 on 41 instead of 40 on 40.");
    assertThat(Effects.touched(tube(30, 40, 20, 40), tube(30, 41, 20, 41))).containsExactly(S, T);
  }

  /** What newly stands out, or does no longer, of everything but that seam. */
  @Test
  void findingsComeAndGo() {
    List<String> worse = Effects.between(tube(30, 40, 20, 40), tube(30, 40, 20, 41), S);
    List<String> better = Effects.between(tube(30, 40, 20, 41), tube(30, 40, 20, 40), S);
    assertThat(worse).anyMatch(words -> words.startsWith("New: T: ")).noneMatch(words -> words.startsWith("No longer: ")).noneMatch(words -> words.startsWith("New: S: "));
    assertThat(better).anyMatch(words -> words.startsWith("No longer: T: ")).noneMatch(words -> words.startsWith("New: "));
    assertThat(Effects.between(tube(30, 40, 20, 40), tube(30, 40, 20, 41), new SeamId("none"))).anyMatch(words -> words.startsWith("New: S: "));
  }

  /** Half a millimetre is not seen. */
  @Test
  void lessThanCanBeSeenIsNotTold() {
    GarmentPlan before = tube(30, 40, 20, 40);
    GarmentPlan finer = plan(slightly(Panels.rectangle(new PieceId("a"), 30, 40)), Panels.rectangle(new PieceId("b"), 20, 40), List.of(seam(S, "right", "left"), seam(T, "left", "right")));
    assertThat(Effects.between(before, finer, S)).isEmpty();
  }

  /** Each stitch a hundredth of a mm wider: 0.3 mm in all. */
  private static Piece slightly(Piece piece) {
    return piece.withEdges(
        piece.edges().stream()
            .map(edge -> edge.withRuns(edge.runs().stream().map(run -> run.advance().dxMm() == 0 ? run : Run.plain(run.id(), run.kind(), run.count(), new Advance(run.advance().dxMm() * 1.001, 0))).toList()))
            .toList());
  }

  @Test
  void aSeamThatWasNotThereIsTouched() {
    GarmentPlan one = plan(Panels.rectangle(new PieceId("a"), 30, 40), Panels.rectangle(new PieceId("b"), 20, 40), List.of(seam(S, "right", "left")));
    assertThat(Effects.touched(one, tube(30, 40, 20, 40))).containsExactly(T);
    assertThat(Effects.touched(tube(30, 40, 20, 40), one)).isEmpty();
  }
}
