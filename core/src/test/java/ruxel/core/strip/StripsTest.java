package ruxel.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Surface;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Strip.Multiple;
import ruxel.core.strip.WorkedOn.Turned;
import ruxel.core.strip.WorkedOn.Worked;

/** Stitches of single crochet 6.25 mm wide and high, picked up along edges (handbook 11). */
class StripsTest {
  private static final double W = 6.25;
  private static final Round SC = new Round(Stitch.SC, W, W, false);
  private static final Cloth CLOTH = new Cloth(W, W, W, Cloth.Dye.WOAD, Cloth.Dye.WOAD);

  /** 40 cm of row ends 12.5 mm high: 64, two in each. */
  @Test
  void twoIntoEachRowEnd() {
    WorkedOn worked = along(panel(20, 32, 12.5), "right", Multiple.ANY, SC);
    assertThat(worked.rounds().get(0).segments()).containsExactly(new Worked(UnitKind.ROW_END, 0, 32, 64, 64, true));
    assertThat(worked.outerMm()).isEqualTo(400);
  }

  /** 36 cm of 45 rows of 8 mm: 58 by length, where three for two rows would be 67. */
  @Test
  void byLengthAndNotByThumb() {
    assertThat(along(panel(20, 45, 8), "right", Multiple.ANY, SC).pickedUp()).isEqualTo(58);
  }

  /** 20 × 10 cm: 32 and 16 along the sides, two more at each outer corner, and two more again each round. */
  @Test
  void outerCornersGainTwoARound() {
    WorkedOn worked = round(panel(32, 8, 12.5), Multiple.ANY, SC, SC);
    assertThat(worked.rounds().get(0).corners()).extracting(Turned::angle, Turned::stitches).containsOnly(org.assertj.core.groups.Tuple.tuple(90.0, 2)).hasSize(4);
    assertThat(worked.rounds()).extracting(WorkedOn.RoundOf::total).containsExactly(2 * (32 + 16) + 8, 2 * (32 + 16) + 16);
    assertThat(worked.outerMm()).isCloseTo(2 * (200 + 100) + 8 * 2 * W, within(1e-6));
    assertThat(worked.rounds().get(1).segments()).extracting(Worked::stitches).containsExactly(34, 18, 34, 18);
  }

  /** hdc 3, dc 4, tr 6 at a right angle; an inner one takes what an outer one adds. */
  @Test
  void cornersByTheHeightOfTheStitch() {
    assertThat(List.of(Stitch.SC, Stitch.HDC, Stitch.DC, Stitch.TR)).extracting(stitch -> Math.round(Round.usual(stitch, W).wider(90))).containsExactly(2L, 3L, 4L, 6L);
    assertThat(SC.wider(-90)).isCloseTo(-2, within(1e-9));
    assertThat(SC.wider(-180)).as("the end of a slit").isCloseTo(-2, within(1e-9));
    assertThat(SC.wider(45)).isCloseTo(2 * Math.tan(Math.PI / 8), within(1e-9));
  }

  /** A neck of 48.6 cm on a multiple of two: 78. */
  @Test
  void theTotalMeetsTheMultiple() {
    WorkedOn worked = along(panel(20, 54, 9), "right", new Multiple(2, 0), SC);
    assertThat(worked.pickedUp()).isEqualTo(78);
    assertThat(along(panel(20, 54, 9), "right", new Multiple(6, 1), SC).pickedUp()).isEqualTo(79);
  }

  /** Left and right of a piece that is its own mirror image get the same count, whatever the multiple asks for. */
  @Test
  void mirroredSegmentsAreEqual() {
    Piece panel = panel(31, 45, 8).ownTwin(Map.of("lower", "lower", "right", "left", "left", "right", "upper", "upper"));
    for (int of = 1; of <= 9; of++) {
      WorkedOn worked = round(panel, new Multiple(of, of - 1), SC);
      List<Worked> segments = worked.rounds().get(0).segments();
      assertThat(new Multiple(of, of - 1).meets(worked.pickedUp())).isTrue();
      assertThat(segments.get(1).stitches()).isEqualTo(segments.get(3).stitches());
    }
  }

  /** A strip is a face like any other: a ring has two openings, its outer edge and none; what it leaves is longer by its corners. */
  @Test
  void aStripIsAFaceOfTheGluing() {
    Strips strips = strips(panel(32, 8, 12.5), strip(new StripId("edging"), "lower", Optional.empty(), Multiple.ANY, SC, SC), new Strip(new StripId("second"), "Second", at(new PieceId("edging"), "outer", "s1"), Optional.empty(), List.of(SC), Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty()));
    assertThat(strips.findings()).isEmpty();
    Surface surface = Surface.of(strips.gluing());
    assertThat(surface.openings()).hasSize(1);
    assertThat(surface.parts()).singleElement().satisfies(part -> assertThat(part.handles()).hasValue(0));
    assertThat(surface.openings().get(0).angles().stream().filter(angle -> Math.abs(angle - 90) < 1e-6)).as("the corners of the panel are corners of its edging").hasSize(4);
    strips.gluing().segments().forEach(segment -> segment.twin().ifPresent(twin -> assertThat(strips.gluing().segment(twin).twin()).hasValue(segment.index())));
    assertThat(strips.find(new StripId("second")).orElseThrow().pickedUp()).isEqualTo(2 * (32 + 16) + 24);
    assertThat(strips.find(new StripId("second")).orElseThrow().line().lengthMm()).isCloseTo(112 * W, within(1e-6));
  }

  /** Nothing is worked onto an edge that is gone, twice onto one, or round an opening that it closes. */
  @Test
  void whatCannotBeWorkedIsToldOf() {
    Piece panel = panel(32, 8, 12.5);
    assertThat(codes(strips(panel, strip(new StripId("a"), "lower", Optional.of("lower"), Multiple.ANY, SC), strip(new StripId("b"), "lower", Optional.of("lower"), Multiple.ANY, SC)))).containsExactly(FindingCode.STRIP_TAKEN);
    assertThat(codes(strips(panel, new Strip(new StripId("a"), "A", at(new PieceId("panel"), "lower", "none"), Optional.empty(), List.of(SC), Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())))).containsExactly(FindingCode.STRIP_GONE);
  }

  /** Beside an edging along one side another may go round the rest: over its ends and its outer edge. */
  @Test
  void anEdgingPassesOverAnEarlierOne() {
    Strips strips = strips(panel(32, 8, 12.5), strip(new StripId("a"), "lower", Optional.of("lower"), Multiple.ANY, SC, SC), strip(new StripId("b"), "right", Optional.empty(), Multiple.ANY, SC));
    assertThat(strips.findings()).isEmpty();
    WorkedOn round = strips.find(new StripId("b")).orElseThrow();
    assertThat(round.line().stretches()).extracting(Stretch::piece).containsExactly(new PieceId("panel"), new PieceId("panel"), new PieceId("panel"), new PieceId("a"), new PieceId("a"), new PieceId("a"));
    assertThat(round.line().lengthMm()).as("the panel's other three sides, two ends of two rows, the first edging").isCloseTo(100 + 200 + 100 + 2 * W + 2 * W + 200, within(1e-6));
    assertThat(Surface.of(strips.gluing()).openings()).hasSize(1);
  }

  private static List<FindingCode> codes(Strips strips) {
    return strips.findings().stream().map(Finding::code).toList();
  }

  /** So many stitches of 6.25 mm wide, so many rows high. */
  static Piece panel(int stitches, int rows, double rowMm) {
    List<Edge> edges = new ArrayList<>();
    edges.add(Edge.of("lower", "lower edge", List.of(Run.plain("lower", UnitKind.FOUNDATION_LOOP, stitches, new Advance(W, 0)))));
    edges.add(Edge.of("right", "right edge", List.of(Run.plain("right", UnitKind.ROW_END, rows, new Advance(0, rowMm)))));
    edges.add(Edge.of("upper", "upper edge", List.of(Run.plain("upper", UnitKind.STITCH_TOP, stitches, new Advance(-W, 0)))));
    edges.add(Edge.of("left", "left edge", List.of(Run.plain("left", UnitKind.ROW_END, rows, new Advance(0, -rowMm)))));
    return new Piece(new PieceId("panel"), "Panel", Piece.Part.OTHER, edges, Optional.empty(), CLOTH);
  }

  private static Spot at(PieceId piece, String edge, String run) {
    return Spot.cut(piece, edge, Cut.startOf(run));
  }

  private static Strip strip(StripId id, String edge, Optional<String> end, Multiple multiple, Round... rounds) {
    return new Strip(id, "Edging", at(new PieceId("panel"), edge, edge), end.map(to -> Spot.cut(new PieceId("panel"), to, Cut.endOf(to))), List.of(rounds), multiple, false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  private static Strips strips(Piece panel, Strip... strips) {
    return Strips.of(List.of(panel), List.of(), Gluing.of(List.of(panel), List.of()), List.of(strips), List.of());
  }

  private static WorkedOn along(Piece panel, String edge, Multiple multiple, Round... rounds) {
    return strips(panel, strip(new StripId("edging"), edge, Optional.of(edge), multiple, rounds)).worked().get(0);
  }

  private static WorkedOn round(Piece panel, Multiple multiple, Round... rounds) {
    return strips(panel, strip(new StripId("edging"), "lower", Optional.empty(), multiple, rounds)).worked().get(0);
  }
}
