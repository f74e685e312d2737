package ruxel.core.piece;

/** What one unit of an edge is, physically (model 1). */
public enum UnitKind {
  STITCH_TOP,
  FOUNDATION_LOOP,
  ROW_END;

  /** Whether a unit is the side of one row; all others are entered singly from above or below. */
  public boolean isRowEnd() {
    return this == ROW_END;
  }
}
