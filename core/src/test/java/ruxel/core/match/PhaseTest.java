package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Span.Along;

/** How repeats on both sides meet (handbook 6, landmark phase): the right edge of one panel on the left of another. */
class PhaseTest {
  private static final int ROWS = 24;

  /** Stripes of eight rows; those of B begin so many rows later. Rows are 10 mm and give two places each. */
  @ParameterizedTest
  @CsvSource({"0, 3, 0, 3", "1, 0, -1, 3", "3, 0, -3, 3", "-3, 0, 3, 3"})
  void theBestShiftMakesThemMeet(int later, int met, int shift, int metAfter) {
    Phase phase = phases(stripes(4, 8, 3), stripes(4 + later, 8, 3)).get(0);
    assertThat(phase.pairs()).hasSize(3);
    assertThat(phase.met()).isEqualTo(met);
    assertThat(phase.shift()).isEqualTo(shift);
    assertThat(phase.metAfter()).isEqualTo(metAfter);
    assertThat(phase.meets()).isEqualTo(later == 0);
    assertThat(phase.unit()).isEqualTo(UnitKind.ROW_END);
    assertThat(phase.worst()).isEqualTo(Math.abs(later));
    assertThat(phase.worstMm()).isEqualTo(10.0 * Math.abs(later), within(1e-9));
  }

  @Test
  void everyPairMissesByTheSame() {
    Phase phase = phases(stripes(4, 8, 3), stripes(6, 8, 3)).get(0);
    assertThat(phase.pairs()).extracting(Phase.Pair::off).containsExactly(2.0, 2.0, 2.0);
    assertThat(phase.pairs()).allMatch(pair -> pair.meetsAfter(-2) && !pair.meetsAfter(0));
  }

  /** A landmark at the very end is the end's own; it needs no phase. */
  @Test
  void theTwoEndsAreLeftOut() {
    assertThat(phases(stripes(0, 24, 2), stripes(0, 24, 2))).isEmpty();
    assertThat(phases(stripes(0, 12, 3), stripes(0, 12, 3)).get(0).pairs()).hasSize(1);
  }

  @Test
  void onlyLikeMeetsLike() {
    assertThat(phases(stripes(4, 8, 3), new Landmark("r", "rib", Landmark.Kind.RIB, cut(4), 8, 3, Optional.empty()))).isEmpty();
  }

  @Test
  void aNotchOrMarkerIsNoRepeat() {
    for (Landmark.Kind kind : Landmark.Kind.values()) {
      Landmark mark = new Landmark("m", "m", kind, cut(4), 8, 3, Optional.empty());
      assertThat(phases(mark, mark)).as(kind.name()).hasSize(kind.comesBack() ? 1 : 0);
    }
  }

  private static Landmark stripes(int first, int every, int times) {
    return new Landmark("s", "stripe", Landmark.Kind.STRIPE, cut(first), every, times, Optional.empty());
  }

  private static Cut cut(int first) {
    return new Cut("all", first, Cut.End.START);
  }

  private static List<Phase> phases(Landmark onA, Landmark onB) {
    Piece a = marked(Panels.rectangle(new PieceId("a"), 10, ROWS), onA);
    // The left edge runs down its piece; counted from the hem like the other one.
    Piece b = marked(Panels.rectangle(new PieceId("b"), 10, ROWS).mirrored(new PieceId("b"), "b", java.util.Map.of()), onB);
    Seam seam = Panels.seam(new SeamId("s"), Panels.whole(new PieceId("a"), "right", Along.FORWARD), Panels.whole(new PieceId("b"), "left", Along.FORWARD));
    return SeamResolver.resolve(List.of(a, b), List.of(seam)).seams().stream()
        .map(resolved -> SeamMatch.of(resolved, HouseRules.USUAL))
        .map(Phase::of)
        .findFirst()
        .orElseThrow();
  }

  private static Piece marked(Piece piece, Landmark landmark) {
    return piece.withEdges(piece.edges().stream().map(edge -> edge.withLandmarks(List.of(landmark))).toList());
  }
}
