package ruxel.core.seam;

import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;

/** A landmark on A that meets a landmark on B. The two ends of a seam are anchors without a record. */
public record Anchor(String id, String name, Spot a, Spot b) {

  public Spot spot(Side side) {
    return side == Side.A ? a : b;
  }

  public Anchor with(Side side, Spot spot) {
    return side == Side.A ? new Anchor(id, name, spot, b) : new Anchor(id, name, a, spot);
  }

  /** A cut of an edge, or the unit that begins there in ring order. */
  public record Spot(PieceId piece, String edge, Cut cut, At at) {
    /** Whether the cut itself is meant or the unit after it. */
    public enum At {
      CUT,
      UNIT
    }

    public static Spot cut(PieceId piece, String edge, Cut cut) {
      return new Spot(piece, edge, cut, At.CUT);
    }

    public static Spot unit(PieceId piece, String edge, Cut before) {
      return new Spot(piece, edge, before, At.UNIT);
    }
  }
}
