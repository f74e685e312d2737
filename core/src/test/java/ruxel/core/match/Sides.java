package ruxel.core.match;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** Two pieces with one edge each, and the seam between these, for tests. */
final class Sides {
  private Sides() {}

  static Piece piece(PieceId id, UnitKind kind, double mm, int count, List<Landmark> marks) {
    Advance advance = kind == UnitKind.ROW_END ? new Advance(0, mm) : new Advance(mm, 0);
    Edge edge = Edge.of("e", "edge", List.of(new Run("r", kind, Counts.planned(count), advance, Fabric.PLAIN, false))).withLandmarks(marks);
    Edge back = Edge.of("back", "back", List.of(Run.plain("b", UnitKind.FOUNDATION_LOOP, 1, new Advance(-1, -1))));
    return new Piece(id, id.text(), Piece.Part.OTHER, List.of(edge, back), Optional.empty(), new Cloth(mm, mm, mm, Cloth.Dye.WOAD, Cloth.Dye.WELD));
  }

  static SeamMatch match(Piece a, Piece b, List<Anchor> anchors, Seam.Working working) {
    return match(a, b, anchors, List.of(), working);
  }

  /**
   * @param hidden anchors from which surplus is reckoned
   */
  static SeamMatch match(Piece a, Piece b, List<Anchor> anchors, List<String> hidden, Seam.Working working) {
    Seam seam =
        new Seam(
            new SeamId("s"), "Seam", SeamRole.OTHER, Seam.SideOf.of("A", whole(a)),
            Seam.SideOf.of("B", whole(b)), anchors, hidden, working, Optional.empty());
    return SeamMatch.of(SeamResolver.find(List.of(a, b), List.of(seam), new SeamId("s")).orElseThrow(), HouseRules.USUAL);
  }

  private static Span whole(Piece piece) {
    List<Run> runs = piece.edges().get(0).runs();
    return new Span(piece.id(), "e", Cut.startOf(runs.get(0).id()), Cut.endOf(runs.get(runs.size() - 1).id()), Span.Along.FORWARD);
  }

  /** Cut against cut, so many units from the start. */
  static Anchor anchor(String id, int onA, int onB) {
    return new Anchor(id, id, Anchor.Spot.cut(new PieceId("a"), "e", cut(onA)), Anchor.Spot.cut(new PieceId("b"), "e", cut(onB)));
  }

  static Cut cut(int offset) {
    return new Cut("r", offset, Cut.End.START);
  }
}
