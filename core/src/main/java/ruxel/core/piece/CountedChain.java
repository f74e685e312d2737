package ruxel.core.piece;

import java.util.OptionalInt;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.piece.RowNumbers.RightSide;

/**
 * Where the turning chain that counts as a stitch lies along the tops of a row (handbook 5): at the row's start. Seen from the right side a
 * right-handed maker works a right-side row from right to left, as the ring runs along an edge that lies on top; a wrong-side row, and
 * one of the left hand, the other way.
 *
 * @param rightSide which rows of the piece were worked on the right side
 */
public record CountedChain(Piece piece, RowNumbers rows, RightSide rightSide, Hand hand) {
  /** Whether a unit of an edge is such a chain. Linear in the runs of the edges beside it. */
  public boolean isAt(int edgeIndex, int unit) {
    Edge edge = piece.edges().get(edgeIndex);
    Run run = edge.runOfUnit(unit);
    if (piece.cloth().countedChain() == 0 || run.kind() != UnitKind.STITCH_TOP || run.origin().isEdging()) {
      return false;
    }
    int edges = piece.edges().size();
    OptionalInt before = unit == 0 ? rows.rowAtEnd((edgeIndex + edges - 1) % edges) : OptionalInt.empty();
    OptionalInt behind = unit == edge.units() - 1 ? rows.rowAtStart((edgeIndex + 1) % edges) : OptionalInt.empty();
    return before.isPresent() && runsWithRing(before.getAsInt()) || behind.isPresent() && !runsWithRing(behind.getAsInt());
  }

  private boolean runsWithRing(int row) {
    return rightSide.has(row) == (hand == Hand.RIGHT);
  }
}
