package ruxel.core.bench;

import java.util.Optional;
import ruxel.core.seam.Side;

/**
 * Something worked otherwise than planned (handbook 11, mirror ledger; 14, as-worked extras), at a joint that is done.
 *
 * @param side the side of the seam it was done to; empty for an edging, and where both sides are alike
 * @param count how many; 1 but for what was left over
 */
public record Departure(int joint, What what, Optional<Side> side, int count) {
  /** At once; more are no slips of the hook. */
  public static final int MOST_LEFT_OVER = 500;

  /** What was done in the place of what was planned. */
  public enum What {
    /** Behind the joint, one more: a stitch of an edging, or a joint into the places of the last. */
    ONE_MORE,
    /** The stitch was not worked; at a seam, behind the joint a place of the side was passed over. */
    LEFT_OUT,
    /** The stitch was worked together with the one before; at a seam, two places of the side went into one of the other. */
    TWO_INTO_ONE,
    /** Nothing was left to work them into: so many up to the joint. At a seam, so many places of the side were left at its end. */
    LEFT_OVER
  }

  public static Departure oneMore(int joint) {
    return new Departure(joint, What.ONE_MORE, Optional.empty(), 1);
  }

  /** By how many stitches an edging has come to more than planned. */
  int stitches() {
    return what == What.ONE_MORE ? count : -count;
  }

  /** By how many places a side of a seam is further than planned from here on. */
  int places(Side of) {
    boolean isUsed = what == What.LEFT_OUT || what == What.TWO_INTO_ONE;
    return isUsed && side.filter(of::equals).isPresent() ? count : 0;
  }

  /**
   * Why it cannot have been done; empty when it can.
   *
   * @param isOfSides whether two sides are joined, as at a seam
   */
  public Optional<String> refusal(boolean isOfSides) {
    boolean asksForSide = isOfSides && what != What.ONE_MORE;
    if (asksForSide != side.isPresent()) {
      return Optional.of(asksForSide ? "Expected the side of the seam it was done to, A or B." : "Expected no side; it is done to both, or to an edging.");
    }
    int most = what != What.LEFT_OVER ? 1 : isOfSides ? MOST_LEFT_OVER : Math.min(joint, MOST_LEFT_OVER);
    return count >= 1 && count <= most ? Optional.empty() : Optional.of("Expected from 1 to %d, got (%d).".formatted(most, count));
  }
}
