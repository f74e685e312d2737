package ruxel.core.strip;

import java.util.Optional;

/**
 * What is wished of the stitches picked up along a stretch: the length it has in stitches of the edging, how many of its units there
 * are, the group of stretches that get the same count, whether odd stitches may stand here (beside a seam place), and a count that is
 * settled already.
 */
record Wish(double target, int units, int group, boolean besideSeam, Optional<Integer> settled) {
  private static final double SHARE = 0.02;
  private static final int LONGEST = 4;
  private static final int MOST_IN_ONE = 6;

  /** How far a count may be off: under one stitch or 2 %, whichever is larger (handbook 11). */
  private double slack() {
    return Math.max(1, SHARE * target);
  }

  boolean isClose(int count) {
    return Math.abs(count - target) < slack();
  }

  /** The count that is taken where nothing else is wished: close, with a plain rhythm if there is one, else the nearest. */
  int preferred() {
    if (settled.isPresent()) {
      return settled.get();
    }
    int nearest = Math.max(1, (int) Math.round(target));
    int best = nearest;
    boolean found = hasRhythm(nearest);
    for (int off = 1; !found && off <= slack(); off++) {
      for (int count : new int[] {nearest + off, nearest - off}) {
        if (!found && count > 0 && isClose(count) && hasRhythm(count)) {
          best = count;
          found = true;
        }
      }
    }
    return best;
  }

  /** Whether so many stitches are p in every q units, q up to 4, all along the stretch. */
  boolean hasRhythm(int count) {
    for (int q = 1; q <= LONGEST; q++) {
      if (units % q == 0 && (long) count * q % units == 0 && (long) count * q / units <= (long) MOST_IN_ONE * q) {
        return true;
      }
    }
    return false;
  }
}
