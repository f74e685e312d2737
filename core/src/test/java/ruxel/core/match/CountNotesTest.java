package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/** What the counts of two sides are told to be off by, and what places of squares are called: on plain edges, by hand. */
class CountNotesTest {
  private static final double MM = 7.5;

  private static Seam.Working surplus(Surplus surplus, boolean together) {
    return new Seam.Working(together, surplus, 0, false);
  }

  private static List<FindingCode> codes(SeamMatch match) {
    return match.findings().stream().map(Finding::code).toList();
  }

  private static Finding note(SeamMatch match, FindingCode code) {
    return match.findings().stream().filter(finding -> finding.code() == code).findFirst().orElseThrow();
  }

  private static Object fact(Finding finding, String name) {
    return finding.facts().stream().filter(fact -> fact.name().equals(name)).map(fact -> fact instanceof Fact.Count count ? (Object) count.value() : fact instanceof Fact.Difference gap ? (Object) gap.mm() : ((Fact.Text) fact).text()).findFirst().orElseThrow();
  }

  /** Rows count, not places: two a row on one side and as many rows on the other is no difference; one row more is. */
  @ParameterizedTest
  @CsvSource({"20, 20, ", "21, 20, ROWS_DIFFER", "20, 21, ROWS_DIFFER", "24, 20, ROWS_DIFFER"})
  void rowsOnRowsAreCountedInRows(int rowsA, int rowsB, FindingCode code) {
    SeamMatch match = Sides.match(Sides.piece(new PieceId("a"), UnitKind.ROW_END, 12.5, rowsA, List.of()), Sides.piece(new PieceId("b"), UnitKind.ROW_END, 12.5, rowsB, List.of()), List.of(), Seam.Working.USUAL);
    assertThat(match.a().size()).as("two places a row of 12.5 mm").isEqualTo(2 * rowsA);
    assertThat(codes(match)).filteredOn(found -> found == FindingCode.ROWS_DIFFER || found == FindingCode.HELD_BACK).containsExactlyElementsOf(Optional.ofNullable(code).stream().toList());
    if (code != null) {
      Finding differ = note(match, code);
      assertThat(fact(differ, "a")).isEqualTo((long) rowsA);
      assertThat(fact(differ, "b")).isEqualTo((long) rowsB);
      assertThat((double) fact(differ, "gap")).isEqualTo(12.5 * Math.abs(rowsA - rowsB), within(1e-9));
    }
  }

  /** Rows that are kept back explain a difference of as many, and no other. */
  @ParameterizedTest
  @CsvSource({"22, 20, 0, 2, HELD_BACK, 2", "20, 22, 2, 0, HELD_BACK, 2", "22, 20, 2, 0, ROWS_DIFFER, ", "22, 20, 0, 1, ROWS_DIFFER, ", "23, 20, 1, 4, HELD_BACK, 3"})
  void rowsKeptBackExplainADifference(int rowsA, int rowsB, int heldA, int heldB, FindingCode code, Long rows) {
    SeamMatch match = Sides.match(held(Sides.piece(new PieceId("a"), UnitKind.ROW_END, 12.5, rowsA, List.of()), heldA), held(Sides.piece(new PieceId("b"), UnitKind.ROW_END, 12.5, rowsB, List.of()), heldB), List.of(), Seam.Working.USUAL);
    assertThat(codes(match)).filteredOn(found -> found == FindingCode.ROWS_DIFFER || found == FindingCode.HELD_BACK).containsExactly(code);
    if (rows != null) {
      assertThat(fact(note(match, code), "rows")).isEqualTo(rows);
    }
  }

  /** Stitches one or two apart among eight and more are a slip, unless the maker said what the surplus does. */
  @ParameterizedTest
  @CsvSource({"30, 29, EVEN, true", "29, 30, EVEN, true", "30, 28, EVEN, true", "30, 27, EVEN, false", "30, 29, TO_HIDDEN, false", "9, 8, EVEN, true", "8, 7, EVEN, false", "30, 30, EVEN, false"})
  void stitchesALittleApartAreASlip(int onA, int onB, Surplus surplus, boolean told) {
    SeamMatch match = Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, onA, List.of()), Sides.piece(new PieceId("b"), UnitKind.FOUNDATION_LOOP, MM, onB, List.of()), List.of(), surplus(surplus, false));
    assertThat(codes(match).contains(FindingCode.TOPS_DIFFER)).isEqualTo(told);
    SeamMatch onRows = Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, onA, List.of()), Sides.piece(new PieceId("b"), UnitKind.ROW_END, MM, onB, List.of()), List.of(), surplus(surplus, false));
    assertThat(codes(onRows)).doesNotContain(FindingCode.TOPS_DIFFER, FindingCode.ROWS_DIFFER);
  }

  /** Of several stretches that cannot be eased the worst is named. */
  @Test
  void theWorstStretchIsNamed() {
    SeamMatch match =
        Sides.match(
            Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, 60, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM, 60, List.of()), List.of(Sides.anchor("one", 20, 26), Sides.anchor("two", 40, 30)), Seam.Working.USUAL);
    Finding worst = note(match, FindingCode.EASE_TOO_MUCH);
    assertThat(fact(worst, "start")).isEqualTo("the one");
    assertThat(fact(worst, "end")).isEqualTo("the two");
    assertThat((double) fact(worst, "gap")).isEqualTo(16 * MM, within(1e-9));
  }

  /** A band is never longer than its edge, from 5 mm on; which side is the band is told by the pieces. */
  @ParameterizedTest
  @CsvSource({"101, 100, true", "100, 101, true", "100.4, 100, true", "101, 100, false", "100, 101, false"})
  void aBandIsNotLongerThanItsEdge(double bandStitches, double edgeStitches, boolean bandIsA) {
    Piece band = Sides.piece(new PieceId(bandIsA ? "a" : "b"), UnitKind.ROW_END, bandStitches / 20 * MM, 20, List.of());
    Piece plain = Sides.piece(new PieceId(bandIsA ? "b" : "a"), UnitKind.ROW_END, edgeStitches / 20 * MM, 20, List.of());
    Piece edge = new Piece(plain.id(), plain.name(), Piece.Part.BACK, plain.edges(), Optional.empty(), plain.cloth());
    Seam seam =
        new Seam(
            new SeamId("s"), "Seam", SeamRole.NECKBAND, Seam.SideOf.of("A", Span.ofRun(new PieceId("a"), "e", "r", Span.Along.FORWARD)), Seam.SideOf.of("B", Span.ofRun(new PieceId("b"), "e", "r", Span.Along.FORWARD)), List.of(), List.of(),
            Seam.Working.USUAL, Optional.empty());
    double byMm = (bandStitches - edgeStitches) * MM;
    SeamMatch match = SeamMatch.of(SeamResolver.find(List.of(band, edge), List.of(seam), new SeamId("s")).orElseThrow(), HouseRules.USUAL);
    assertThat(codes(match).contains(FindingCode.BAND_LONGER)).isEqualTo(byMm >= 5);
    if (byMm >= 5) {
      assertThat(fact(note(match, FindingCode.BAND_LONGER), "longer")).isEqualTo(bandIsA ? "A" : "B");
    }
  }

  /** Along three squares of four stitches: the number of the square, then the stitch on it, from either end. */
  @Test
  void placesOfSquaresAreCountedSquareBySquare() {
    Piece board = BoardPiece.of(new PieceId("board"), "Board", Piece.Part.OTHER, Board.of(new Motif("Square", 4, Corner.CHAIN_1, 40), 1, 3), Cloth.Dye.WELD);
    Edge lower = board.edges().get(0);
    Piece plain = Panels.rectangle(new PieceId("plain"), 14, 3);
    Seam seam = Panels.seam(new SeamId("s"), Span.ofRuns(new PieceId("board"), lower.id(), lower.runs().get(0).id(), lower.runs().get(lower.runs().size() - 1).id(), Span.Along.FORWARD), Panels.whole(new PieceId("plain"), "top", Span.Along.BACKWARD));
    SeamMatch match = SeamMatch.of(SeamResolver.find(List.of(board, plain), List.of(seam), new SeamId("s")).orElseThrow(), HouseRules.USUAL);
    PlaceNames names = new PlaceNames(match.a(), true, match.intervals());
    List<String> all = IntStream.range(0, match.a().size()).mapToObj(names::name).filter(name -> !name.contains("corner") && !name.contains("seam place")).toList();
    assertThat(all).hasSize(12);
    assertThat(all.stream().filter(name -> name.contains("square 1, "))).hasSize(4);
    assertThat(all.stream().filter(name -> name.contains("square 2, "))).hasSize(4);
    assertThat(all.get(11)).contains("square 3, ");
  }

  /** A stripe where groups are worked: the opposite of a border inside a group is the group's middle. */
  @ParameterizedTest
  @CsvSource({"40, 20, 10, 5, 0", "40, 20, 10, 6, 1", "20, 40, 10, 20, 0", "20, 40, 10, 22, 2", "20, 20, 7, 4, -3"})
  void stripesMeetAcrossGroups(int onA, int onB, int atA, int atB, double off) {
    Piece a = Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, onA, List.of(stripe(atA)));
    Piece b = Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM * onA / onB, onB, List.of(stripe(atB)));
    Phase phase = Phase.of(Sides.match(a, b, List.of(), Seam.Working.USUAL)).get(0);
    assertThat(phase.pairs()).singleElement().satisfies(pair -> {
      assertThat(pair.a()).isEqualTo(atA);
      assertThat(pair.b()).isEqualTo(atB);
      assertThat(pair.off()).isEqualTo(off, within(0.5));
      assertThat(pair.offMm()).isEqualTo(pair.off() * MM * onA / onB, within(1e-9));
    });
    assertThat(phase.shift()).isEqualTo(Math.abs(off) <= 0.5 ? 0 : (int) -off);
    assertThat(phase.met()).isEqualTo(off == 0 ? 1 : 0);
    assertThat(phase.metAfter()).isEqualTo(1);
    assertThat(phase.unit()).isEqualTo(UnitKind.STITCH_TOP);
  }

  private static Landmark stripe(int at) {
    return new Landmark("stripe", "stripe", Landmark.Kind.STRIPE, Sides.cut(at), 1, 1, Optional.empty());
  }

  private static Piece held(Piece piece, int rows) {
    return piece.withEdges(piece.edges().stream().map(edge -> edge.id().equals("e") ? edge.withRuns(edge.runs().stream().map(run -> held(run, rows)).toList()) : edge).toList());
  }

  private static Run held(Run run, int rows) {
    return new Run(run.id(), run.kind(), run.counts(), run.advance(), run.fabric(), run.noEase(), new Run.Notes("", 0, rows), run.origin());
  }
}
