package ruxel.core.piece;

/** What one unit of an edge is, physically (model 1), or a place that a seam finds beside the units of an edge. */
public enum UnitKind {
  STITCH_TOP,
  FOUNDATION_LOOP,
  ROW_END,
  CHAIN_SPACE,
  /** A chain or space of a corner: of a seam side that reaches the corner, never of an edge. */
  CORNER,
  /** The spot where two spans of a seam side meet, worked as a place; never of an edge. */
  SEAM_PLACE;

  /** Whether an edge can be made of it. */
  public boolean isOfEdge() {
    return this != CORNER && this != SEAM_PLACE;
  }

  /** Whether a unit is the side of one row; all others are entered from above or below. */
  public boolean isRowEnd() {
    return this == ROW_END;
  }

  /** Whether a unit may be passed over when the other side has fewer (model 3): never a stitch. */
  public boolean mayBePassedOver() {
    return this == ROW_END || this == CHAIN_SPACE;
  }
}
