package ruxel.core.layout;

import java.util.List;
import java.util.Optional;
import ruxel.core.decision.EdgingRows;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.StraightOn;

/**
 * Where edging rows end at the corner of an edge, and where they go on: the same rows on two edges that meet straight on are worked
 * in one go, and have no ends between them.
 */
public final class RowsBeside {
  private RowsBeside() {}

  /** Whether rows on one of two edges, the second behind the first, go on over the corner between them. */
  static boolean goOn(Piece piece, int first, int second, EdgingRows rows, List<EdgingRows> all) {
    Edge one = piece.edges().get(first);
    Edge other = piece.edges().get(second);
    Edge beside = one.id().equals(rows.edge()) ? other : one;
    return StraightOn.from(one, other)
        && all.stream().anyMatch(each -> each.piece().equals(piece.id()) && each.edge().equals(beside.id()) && each.isLike(rows) && RowsTakenIn.isPossible(piece, beside, each));
  }

  /** How much longer an edge is made by rows on the edges beside it, mm. */
  public static double growthMm(Piece piece, Edge edge, List<EdgingRows> all) {
    int index = piece.edges().indexOf(edge);
    int count = piece.edges().size();
    double growth = 0;
    for (EdgingRows rows : all) {
      Optional<Covered> over = piece.id().equals(rows.piece()) ? piece.edge(rows.edge()).flatMap(on -> Covered.of(on, rows)) : Optional.empty();
      int on = over.map(covered -> piece.edges().indexOf(covered.edge())).orElse(NONE);
      growth += on == Math.floorMod(index - 1, count) && over.get().reachesEnd() && !goOn(piece, on, index, rows, all) ? rows.heightMm() : 0;
      growth += on == (index + 1) % count && over.get().reachesStart() && !goOn(piece, index, on, rows, all) ? rows.heightMm() : 0;
    }
    return growth;
  }

  private static final int NONE = -1;
}
