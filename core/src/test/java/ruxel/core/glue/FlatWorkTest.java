package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Span;
import ruxel.core.seam.Span.Along;

/** Work lies flat until a part that hangs together has a second opening; each join is told by what was joined before it. */
class FlatWorkTest {
  private static final List<Piece> FOUR = IntStream.rangeClosed(1, 4).mapToObj(i -> Panels.rectangle(new PieceId("p" + i), 10, 12)).toList();

  @Test
  void panelsInARowLieFlatUntilTheLastClosesTheRing() {
    Seam ring = beside(new SeamId("ring"), 4, 1);
    Seam more = Panels.seam(new SeamId("hem"), Panels.whole(new PieceId("p1"), "bottom", Along.FORWARD), Panels.whole(new PieceId("p3"), "bottom", Along.BACKWARD));
    assertThat(flat(beside(new SeamId("a"), 1, 2), beside(new SeamId("b"), 2, 3), beside(new SeamId("c"), 3, 4), ring, more)).containsExactly(true, true, true, true, false);
  }

  @Test
  void partsThatDoNotHangTogetherLieBesideEachOther() {
    assertThat(flat(beside(new SeamId("a"), 1, 2), beside(new SeamId("b"), 3, 4), beside(new SeamId("c"), 2, 3))).containsExactly(true, true, true);
    Seam tube = beside(new SeamId("tube"), 1, 1);
    assertThat(flat(beside(new SeamId("a"), 3, 4), tube, beside(new SeamId("b"), 2, 3))).as("one of them a tube").containsExactly(true, true, false);
  }

  /** Both shoulders are joined flat; the second closes the neck. */
  @Test
  void theSecondShoulderIsTheLastThatLiesFlat() {
    List<Piece> panels = List.of(Panels.parted(Panels.rectangle(new PieceId("p1"), 30, 12), "top", 10, 10, 10), Panels.parted(Panels.rectangle(new PieceId("p2"), 30, 12), "top", 10, 10, 10));
    List<Seam> seams = List.of(shoulder(new SeamId("left"), "1", "3"), shoulder(new SeamId("right"), "3", "1"), beside(new SeamId("side"), 1, 2), beside(new SeamId("other"), 2, 1));
    assertThat(flat(panels, seams)).containsExactly(true, true, false, false);
  }

  /** A row over both shoulders is one pass with the plain stitches between them; without it they are two. */
  @Test
  void aRowLeadsFromShoulderToShoulder() {
    List<Piece> panels = List.of(Panels.parted(Panels.rectangle(new PieceId("p1"), 30, 12), "top", 10, 10, 10), Panels.parted(Panels.rectangle(new PieceId("p2"), 30, 12), "top", 10, 10, 10));
    List<Seam> seams = List.of(shoulder(new SeamId("left"), "1", "3"), shoulder(new SeamId("right"), "3", "1"));
    SeamGraph graph = SeamGraph.of(gluing(panels, seams), SeamResolver.resolve(panels, seams).seams());
    Join left = Join.seam(new SeamId("left"));
    Join right = Join.seam(new SeamId("right"));
    assertThat(graph.bound().passes()).isEqualTo(2);
    SeamGraph.Bound joined = graph.bound(List.of(List.of(left, right)));
    assertThat(joined.passes()).isEqualTo(1);
    assertThat(joined.odd()).containsExactlyInAnyOrder(graph.start(left), graph.end(right));
    assertThat(graph.bound(List.of(List.of(right, left))).odd()).containsExactlyInAnyOrder(graph.start(right), graph.end(left));
    assertThat(graph.bound(List.of(List.of(left, Join.seam(new SeamId("none"))), List.of(right))).passes()).as("a seam that is not there leads nowhere").isEqualTo(2);
  }

  private static Seam shoulder(SeamId id, String run, String other) {
    return Panels.seam(id, Span.ofRun(new PieceId("p1"), "top", run, Along.FORWARD), Span.ofRun(new PieceId("p2"), "top", other, Along.BACKWARD));
  }

  /** The right edge of one panel on the left edge of another. */
  private static Seam beside(SeamId id, int left, int right) {
    return Panels.seam(id, Panels.whole(new PieceId("p" + left), "right", Along.FORWARD), Panels.whole(new PieceId("p" + right), "left", Along.BACKWARD));
  }

  private static List<Boolean> flat(Seam... seams) {
    return flat(FOUR, List.of(seams));
  }

  private static List<Boolean> flat(List<Piece> pieces, List<Seam> seams) {
    List<Join> sequence = new ArrayList<>(seams.stream().map(seam -> Join.seam(seam.id())).toList());
    return FlatWork.steps(gluing(pieces, seams), sequence);
  }

  private static Gluing gluing(List<Piece> pieces, List<Seam> seams) {
    return Glued.of(pieces, SeamMatch.all(SeamResolver.resolve(pieces, seams).seams(), new HouseRules(Map.of()))).gluing();
  }
}
