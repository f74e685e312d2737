package ruxel.core.hold;

import java.util.Optional;
import ruxel.core.hold.Facing.Face;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * How both sides of a seam lie in the maker's hands, and where these begin (model 3a). A piece's ring runs counter-clockwise seen from
 * its right side: with an edge on top it runs from right to left there, seen from the wrong side from left to right. All else follows.
 *
 * @param first the nearest, of pieces laid flat the left or the lower one
 * @param second what lies behind it, or beside it
 * @param beginsAt the hand that place 1 lies at; of upright edges, whose place 1 lies nearest the maker, the hand that works
 * @param forcedBy why the hands cannot begin otherwise; empty where they begin as they like to
 */
public record Hold(Kind kind, Held first, Held second, Hand beginsAt, Optional<Force> forcedBy) {
  /** How the edges lie. */
  public enum Kind {
    /** One behind the other, both edges on top. */
    STACKED,
    /** Side by side, worked away from the maker. */
    UPRIGHT,
    /** One above the other, worked from the hand that works to the other. */
    LEVEL
  }

  /** What takes the choice away. */
  public enum Force {
    /** A row that is worked meanwhile runs its own way. */
    LIVE_ROW,
    /** Both sides run the same way round: whichever is nearest, place 1 lies at the same hand. */
    TURNED
  }

  /** A side of the seam, the piece of it that place 1 is on, and what is seen of that. */
  public record Held(Side side, PieceId piece, Face face) {}

  /**
   * A seam in its own direction. Of two ways to hold it, both sides of the pieces facing as asked, the one that lets the hand that works
   * begin: a right-handed maker goes from right to left.
   *
   * @param isLive whether a side is worked as a row while it is joined
   */
  public static Hold of(ResolvedSeam seam, Facing facing, boolean upright, Hand hand, boolean isLive) {
    Optional<Force> live = isLive ? Optional.of(Force.LIVE_ROW) : Optional.empty();
    boolean isTurned = forward(seam, Side.A) == forward(seam, Side.B);
    Face other = isTurned ? facing.first().other() : facing.first();
    if (!facing.isFlat()) {
      Side near = begins(seam, Side.A, facing.first()) == hand || isTurned ? Side.A : Side.B;
      Hand begins = begins(seam, near, facing.first());
      return new Hold(Kind.STACKED, held(seam, near, facing.first()), held(seam, near.other(), other.other()), begins, live.or(() -> begins == hand ? Optional.empty() : Optional.of(Force.TURNED)));
    }
    boolean aFirst = isFirst(seam, Side.A, facing.first(), upright, hand);
    Held a = held(seam, Side.A, facing.first());
    Held b = held(seam, Side.B, other);
    return new Hold(upright ? Kind.UPRIGHT : Kind.LEVEL, aFirst ? a : b, aFirst ? b : a, hand, live.or(() -> isTurned ? Optional.of(Force.TURNED) : Optional.empty()));
  }

  /** Upright, right side up, what runs forward lies left; level and worked from right to left, below. */
  private static boolean isFirst(ResolvedSeam seam, Side side, Face face, boolean upright, Hand hand) {
    return (forward(seam, side) == (face == Face.RIGHT_SIDE)) == (upright || hand == Hand.RIGHT);
  }

  /** At which hand place 1 lies when a side is the nearest, its edge on top. */
  private static Hand begins(ResolvedSeam seam, Side near, Face face) {
    return forward(seam, near) == (face == Face.RIGHT_SIDE) ? Hand.RIGHT : Hand.LEFT;
  }

  private static boolean forward(ResolvedSeam seam, Side side) {
    return start(seam, side).forward();
  }

  private static ResolvedSpan start(ResolvedSeam seam, Side side) {
    return seam.side(side).get(0);
  }

  private static Held held(ResolvedSeam seam, Side side, Face face) {
    return new Held(side, start(seam, side).piece().id(), face);
  }
}
