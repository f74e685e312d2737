package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Span.Along;

/** How many places a row end gives (handbook 5): by its own height, and by what faces it there. */
class RowPlacesTest {
  private static Run rows(String id, int count, double mm) {
    return Run.plain(id, UnitKind.ROW_END, count, new Advance(0, mm));
  }

  private static Run tops(String id, int count, double mm) {
    return Run.plain(id, UnitKind.STITCH_TOP, count, new Advance(0, mm));
  }

  private static Piece piece(PieceId id, Run... runs) {
    return new Piece(id, id.text(), Piece.Part.OTHER, List.of(Edge.of("side", "side", List.of(runs))), Optional.empty(), new Cloth(7, 10, 10, Cloth.Dye.WOAD, Cloth.Dye.WELD));
  }

  private static ResolvedSeam seam(Piece a, Piece b, Anchor... anchors) {
    Seam seam =
        new Seam(
            new SeamId("s"), "S", SeamRole.SIDE, SideOf.of("A", span(a)), SideOf.of("B", span(b)), List.of(anchors), List.of(), Seam.Working.USUAL, Optional.empty());
    return SeamResolver.find(List.of(a, b), List.of(seam), new SeamId("s")).orElseThrow();
  }

  private static Span span(Piece piece) {
    List<Run> runs = piece.edges().get(0).runs();
    return Span.ofRuns(piece.id(), "side", runs.get(0).id(), runs.get(runs.size() - 1).id(), Along.FORWARD);
  }

  private static int[] places(ResolvedSeam seam, Side side) {
    return RowPlaces.of(seam, side, HouseRules.USUAL);
  }

  /** One up to 9 mm, two up to 18, three above; on as many rows pair by pair. */
  @ParameterizedTest
  @CsvSource({"5, 1", "9, 1", "9.1, 2", "18, 2", "18.1, 3"})
  void rowsOnAsManyRowsGiveByTheirHeight(double mm, int places) {
    ResolvedSeam seam = seam(piece(new PieceId("a"), rows("r", 4, mm)), piece(new PieceId("b"), rows("r", 4, mm)));
    assertThat(places(seam, Side.A)).containsOnly(places).hasSize(4);
    assertThat(places(seam, Side.B)).containsOnly(places).hasSize(4);
  }

  /** Of a pair the higher decides for both: 5 mm of ribbing on 12 mm gives two on each side there, and one on the rest. */
  @Test
  void theHigherOfAPairDecides() {
    ResolvedSeam seam = seam(piece(new PieceId("a"), rows("rib", 2, 5), rows("body", 2, 5)), piece(new PieceId("b"), rows("low", 2, 12), rows("high", 2, 8)));
    assertThat(places(seam, Side.A)).containsExactly(2, 2, 1, 1);
    assertThat(places(seam, Side.B)).containsExactly(2, 2, 1, 1);
  }

  /** High rows take one each where stitch tops face them, and two where rows do: by what lies opposite, not by the side. */
  @Test
  void whatFacesARowDecides() {
    ResolvedSeam seam = seam(piece(new PieceId("a"), rows("r", 8, 12)), piece(new PieceId("b"), tops("t", 8, 6), rows("r", 5, 9.6)));
    assertThat(places(seam, Side.A)).containsExactly(1, 1, 1, 1, 2, 2, 2, 2);
    assertThat(places(seam, Side.B)).as("tops always one, rows of 9.6 mm two").containsExactly(1, 1, 1, 1, 1, 1, 1, 1, 2, 2, 2, 2, 2);
  }

  /** An anchor says what faces what: up to it three rows face stitches, behind it as many rows pair. */
  @Test
  void anchorsPartWhatFacesWhat() {
    Anchor anchor = new Anchor("x", "x", Spot.cut(new PieceId("a"), "side", new Cut("r", 3, Cut.End.START)), Spot.cut(new PieceId("b"), "side", Cut.endOf("t")));
    ResolvedSeam with = seam(piece(new PieceId("a"), rows("r", 6, 12)), piece(new PieceId("b"), tops("t", 3, 30), rows("r", 3, 12)), anchor);
    assertThat(places(with, Side.A)).containsExactly(1, 1, 1, 2, 2, 2);
    assertThat(places(with, Side.B)).containsExactly(1, 1, 1, 2, 2, 2);
    // Without it the long stitches face more rows than three.
    ResolvedSeam without = seam(piece(new PieceId("a"), rows("r", 6, 12)), piece(new PieceId("b"), tops("t", 3, 30), rows("r", 3, 12)));
    assertThat(places(without, Side.A)).containsExactly(1, 1, 1, 1, 2, 2);
  }

  /** An anchor on a row of each side pairs these two, by the higher. */
  @Test
  void rowsAnchoredToEachOtherPair() {
    Anchor anchor =
        new Anchor("x", "x", Spot.unit(new PieceId("a"), "side", new Cut("r", 2, Cut.End.START)), Spot.unit(new PieceId("b"), "side", new Cut("high", 0, Cut.End.START)));
    ResolvedSeam seam = seam(piece(new PieceId("a"), rows("r", 5, 8)), piece(new PieceId("b"), rows("low", 2, 8), rows("high", 1, 20), rows("more", 4, 8)), anchor);
    assertThat(places(seam, Side.A)).containsExactly(1, 1, 3, 1, 1);
    assertThat(places(seam, Side.B)).containsExactly(1, 1, 3, 1, 1, 1, 1);
  }
}
