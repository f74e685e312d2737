package ruxel.core.piece;

import java.util.Optional;

/**
 * Where a run comes from: {@code base} is the id of the construction's own run that it stands for, also where it is a
 * part of that run or edging over it; for the ends of edging rows it is the id of the edge they are worked along.
 *
 * @param under the run that edging stitches are worked into
 */
public record Origin(Kind kind, String base, Optional<Run> under) {
  /** How a run came onto its edge. */
  public enum Kind {
    /** As the construction or the file gives it. */
    GIVEN,
    /** A part of a given run, told by the maker. */
    PART,
    /** The stitches of edging rows over a given run or a part of one. */
    EDGED,
    /** The same, in a row that is worked while the edge is joined. */
    LIVE,
    /** The ends of edging rows that were worked along a neighbouring edge. */
    ROWS
  }

  static Origin given(String run) {
    return new Origin(Kind.GIVEN, run, Optional.empty());
  }

  public static Origin partOf(Run run) {
    return new Origin(Kind.PART, run.origin().base(), Optional.empty());
  }

  /**
   * @param live whether they are of a row that is worked while the edge is joined
   */
  public static Origin over(Run run, boolean live) {
    return new Origin(live ? Kind.LIVE : Kind.EDGED, run.origin().base(), Optional.of(run));
  }

  public static Origin rowsAlong(String edge) {
    return new Origin(Kind.ROWS, edge, Optional.empty());
  }

  /** Whether it is of edging rows: their stitches, or their ends. */
  public boolean isEdging() {
    return isOver() || kind == Kind.ROWS;
  }

  /** Whether it is the stitches of edging rows. */
  public boolean isOver() {
    return kind == Kind.EDGED || kind == Kind.LIVE;
  }

  /** Whether it is the stitches of edging rows that go on from the last row of the piece. */
  public boolean isOnTops() {
    return isOver() && under.filter(run -> run.kind() == UnitKind.STITCH_TOP).isPresent();
  }

  /** Whether both stand for one run, or one is the end of edging rows, which belongs to the run beside it. */
  boolean isOfOneSquare(Origin other) {
    return kind == Kind.ROWS || other.kind == Kind.ROWS || base.equals(other.base);
  }

  /** Whether it stands for a run of the construction. */
  public boolean standsFor(String run) {
    return kind != Kind.ROWS && base.equals(run);
  }
}
