package ruxel.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.HouseRules;

/** Edges, cuts, landmarks and outlines as model 1 defines them. */
class PiecesTest {
  private static final Cloth CLOTH = new Cloth(7, 8, 8, Cloth.Dye.WOAD, Cloth.Dye.WELD);

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 40);
  }

  /** A cut is kept from the nearer end of its run, and found again; a count changed elsewhere moves nothing. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aCutIsFoundAgainAndStaysWhereItsRunIs(int seed) {
    Random random = new Random(seed);
    Edge edge = edge(random);
    int index = random.nextInt(edge.units() + 1);
    Cut cut = Cut.at(edge, index);
    assertThat(cut.on(edge)).hasValue(index);
    Run run = edge.run(cut.run()).orElseThrow();
    assertThat(2 * cut.offset()).isLessThanOrEqualTo(run.count() + 1);
    Edge longer = edge.withRuns(edge.runs().stream().map(r -> r == run ? r : r.withCounts(Counts.planned(r.count() + 3))).toList());
    int inRun = index - edge.startOfRun(run.id());
    assertThat(cut.on(longer)).hasValue(longer.startOfRun(run.id()) + inRun);
  }

  @Test
  void aCutWhoseRunIsGoneOrTooShortIsNowhere() {
    Edge edge = Edge.of("e", "e", List.of(Run.plain("a", UnitKind.ROW_END, 4, new Advance(0, 5))));
    assertThat(new Cut("b", 0, Cut.End.START).on(edge)).isEmpty();
    assertThat(new Cut("a", 5, Cut.End.END).on(edge)).isEmpty();
    assertThat(new Cut("a", 4, Cut.End.END).on(edge)).hasValue(0);
  }

  /** The mirror image reverses every edge; twice mirrored is the same (model 2). */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void twiceMirroredIsTheSame(int seed) {
    Random random = new Random(seed);
    Edge edge = edge(random);
    int first = random.nextInt(edge.units() + 1);
    int every = 1 + random.nextInt(5);
    int times = 1 + (edge.units() - first) / every;
    Landmark mark = new Landmark("m", "m", Landmark.Kind.REPEAT, Cut.at(edge, first), every, times, Optional.empty());
    Edge marked = edge.withLandmarks(List.of(mark));
    Edge mirrored = marked.mirrored("e", "e");
    assertThat(mirrored.units()).isEqualTo(edge.units());
    assertThat(mirrored.gaugeLengthMm()).isEqualTo(edge.gaugeLengthMm(), within(1e-9));
    List<Integer> turned = new ArrayList<>(mark.cuts(marked).stream().map(cut -> edge.units() - cut).toList());
    Collections.reverse(turned);
    assertThat(mirrored.landmarks().get(0).cuts(mirrored)).isEqualTo(turned);
    assertThat(mirrored.mirrored("e", "e").landmarks().get(0).cuts(marked)).isEqualTo(mark.cuts(marked));
    assertThat(mirrored.mirrored("e", "e").runs()).isEqualTo(marked.runs());
  }

  @Test
  void landmarksBeyondTheEndAreLeftOut() {
    Edge edge = Edge.of("e", "e", List.of(Run.plain("a", UnitKind.STITCH_TOP, 20, new Advance(5, 0))));
    Landmark ribs = new Landmark("r", "rib", Landmark.Kind.RIB, Cut.at(edge, 4), 8, 5, Optional.empty());
    assertThat(ribs.cuts(edge)).containsExactly(4, 12, 20);
  }

  /** Used: as worked, else as made, else planned; none overwrites another (model 1). */
  @Test
  void theLatestCountIsUsed() {
    Counts counts = Counts.planned(20);
    assertThat(counts.used()).isEqualTo(20);
    assertThat(counts.withMade(Optional.of(21)).source()).isEqualTo(Counts.Source.AS_MADE);
    Counts all = counts.withMade(Optional.of(21)).withWorked(Optional.of(22));
    assertThat(all.used()).isEqualTo(22);
    assertThat(all.withWorked(Optional.empty()).used()).isEqualTo(21);
    assertThat(all.planned()).isEqualTo(20);
    assertThatThrownBy(() -> Counts.planned(0)).hasMessageContaining("at least 1");
  }

  @Test
  void rowsHeldBackCountOnlyWhenFinished() {
    Run run = new Run("a", UnitKind.ROW_END, Counts.planned(20), new Advance(0, 5), Fabric.PLAIN, false, new Run.Notes("", 0, 2));
    assertThat(run.count()).isEqualTo(20);
    assertThat(run.finishedCount()).isEqualTo(22);
    assertThat(run.lengthMm()).isEqualTo(100);
  }

  /** Ten stitches of 7 mm by ten rows of 8 mm: four right angles, its area, and a ring that closes. */
  @Test
  void anOutlineHasItsAnglesAndArea() {
    Outline outline = new Outline(rectangle(10, 10));
    assertThat(outline.closes(HouseRules.USUAL)).isTrue();
    assertThat(outline.areaMm2()).isEqualTo(70 * 80, within(1e-6));
    for (int edge = 0; edge < 4; edge++) {
      assertThat(outline.angleAt(edge, 0)).isEqualTo(90, within(1e-9));
      assertThat(outline.angleAt(edge, 4)).as("inside an edge").isEqualTo(180, within(1e-9));
    }
    assertThat(outline.middle()).isEqualTo(new Outline.Point(35, 40));
  }

  /** Open by one stitch of 7 mm: more than 2 mm and more than half a percent of 300 mm round. */
  @Test
  void anOutlineThatDoesNotCloseSaysHowFar() {
    Piece piece = rectangle(10, 9);
    assertThat(new Outline(piece).closes(HouseRules.USUAL)).isFalse();
    assertThat(new Outline(piece).gapMm()).isEqualTo(7, within(1e-9));
  }

  @Test
  void anEdgeIsScaledByItsMeasuredLength() {
    Edge edge = rectangle(10, 10).edges().get(0);
    assertThat(edge.measuredScale()).isEqualTo(1);
    assertThat(edge.withMeasured(Optional.of(77.0)).measuredScale()).isEqualTo(1.1, within(1e-9));
  }

  @Test
  void aPieceFindsItsTwin() {
    Piece left = rectangle(10, 10);
    Piece right = left.mirrored(new PieceId("right"), "Right", Map.of());
    Piece other = new Piece(new PieceId("other"), "Other", Piece.Part.OTHER, left.edges(), Optional.empty(), CLOTH);
    assertThat(left.twinAmong(List.of(other, right))).contains(right);
    assertThat(right.twinAmong(List.of(left, other))).contains(left);
    assertThat(other.twinAmong(List.of(right))).isEmpty();
  }

  private static Piece rectangle(int below, int above) {
    return new Piece(
        new PieceId("left"), "Left", Piece.Part.OTHER,
        List.of(
            side("bottom", UnitKind.FOUNDATION_LOOP, below, new Advance(7, 0)),
            side("right", UnitKind.ROW_END, 10, new Advance(0, 8)),
            side("top", UnitKind.STITCH_TOP, above, new Advance(-7, 0)),
            side("left", UnitKind.ROW_END, 10, new Advance(0, -8))),
        Optional.empty(), CLOTH);
  }

  private static Edge side(String id, UnitKind kind, int count, Advance advance) {
    return Edge.of(id, id, List.of(Run.plain("all", kind, count, advance)));
  }

  private static Edge edge(Random random) {
    List<Run> runs = new ArrayList<>();
    int count = 1 + random.nextInt(4);
    for (int i = 0; i < count; i++) {
      UnitKind kind = random.nextBoolean() ? UnitKind.ROW_END : UnitKind.STITCH_TOP;
      runs.add(Run.plain("r" + i, kind, 1 + random.nextInt(12), new Advance(1 + random.nextInt(9), random.nextInt(9))));
    }
    return Edge.of("e", "e", runs);
  }
}
