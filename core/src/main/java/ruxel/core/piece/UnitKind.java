package ruxel.core.piece;

/** What one unit of an edge is, physically (model 1). */
public enum UnitKind {
  STITCH_TOP,
  FOUNDATION_LOOP,
  ROW_END,
  CHAIN_SPACE;

  /** Whether a unit is the side of one row; all others are entered from above or below. */
  public boolean isRowEnd() {
    return this == ROW_END;
  }

  /** Whether a unit may be passed over when the other side has fewer (model 3): never a stitch. */
  public boolean mayBePassedOver() {
    return this == ROW_END || this == CHAIN_SPACE;
  }
}
