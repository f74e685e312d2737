package ruxel.core.hold;

import java.util.List;
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

  /** A side as it is met in the direction of work: the piece that place 1 is on, and whether it is travelled with that one's ring. */
  public record Met(PieceId piece, boolean forward) {
    private static Met of(List<ResolvedSpan> side) {
      return new Met(side.get(0).piece().id(), side.get(0).forward());
    }
  }

  /** A seam in its own direction. */
  public static Hold of(ResolvedSeam seam, Facing facing, boolean upright, Hand hand, boolean isLive) {
    return of(Met.of(seam.a()), Met.of(seam.b()), facing, upright, hand, isLive);
  }

  /**
   * Two sides that are joined from their places 1. Of two ways to hold them, both facing as asked, the one that lets the hand that works
   * begin: a right-handed maker goes from right to left.
   *
   * @param isLive whether a side is worked as a row while it is joined
   */
  public static Hold of(Met a, Met b, Facing facing, boolean upright, Hand hand, boolean isLive) {
    Optional<Force> live = isLive ? Optional.of(Force.LIVE_ROW) : Optional.empty();
    boolean isTurned = a.forward == b.forward;
    Held ofA = new Held(Side.A, a.piece, facing.first());
    Face other = isTurned ? facing.first().other() : facing.first();
    if (!facing.isFlat()) {
      boolean aIsNear = begins(a, facing.first()) == hand || isTurned;
      Hand begins = begins(aIsNear ? a : b, facing.first());
      Face behind = other.other();
      Held near = aIsNear ? ofA : new Held(Side.B, b.piece, facing.first());
      Held far = aIsNear ? new Held(Side.B, b.piece, behind) : new Held(Side.A, a.piece, behind);
      return new Hold(Kind.STACKED, near, far, begins, live.or(() -> begins == hand ? Optional.empty() : Optional.of(Force.TURNED)));
    }
    Held ofB = new Held(Side.B, b.piece, other);
    boolean aFirst = isFirst(a, facing.first(), upright, hand);
    return new Hold(upright ? Kind.UPRIGHT : Kind.LEVEL, aFirst ? ofA : ofB, aFirst ? ofB : ofA, hand, live.or(() -> isTurned ? Optional.of(Force.TURNED) : Optional.empty()));
  }

  /** Upright, right side up, what runs forward lies left; level and worked from right to left, below. */
  private static boolean isFirst(Met side, Face face, boolean upright, Hand hand) {
    return (side.forward == (face == Face.RIGHT_SIDE)) == (upright || hand == Hand.RIGHT);
  }

  /** At which hand place 1 lies when a side is the nearest, its edge on top. */
  private static Hand begins(Met near, Face face) {
    return near.forward == (face == Face.RIGHT_SIDE) ? Hand.RIGHT : Hand.LEFT;
  }
}
