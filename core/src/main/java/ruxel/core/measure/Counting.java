package ruxel.core.measure;

/**
 * Ways to count an edge (handbook 5), each with its total and how it comes about, shown before it is used.
 * Arguments below 0 count as 0.
 */
public final class Counting {
  /** A total and its sum in figures: 1 + 2 × 9 = 19. */
  public record Total(int count, String sum) {}

  private Counting() {}

  /** Counted in twos, and whether one is over. */
  public static Total inTwos(int pairs, boolean oneOver) {
    int count = 2 * from0(pairs) + (oneOver ? 1 : 0);
    return new Total(count, "2 × %d%s = %d".formatted(from0(pairs), oneOver ? " + 1" : "", count));
  }

  /**
   * "Repeat rows 2 and 3 eight more times": what stands before, what one repeat has, and how many more times: 1 +
   * 2 × 9 = 19.
   */
  public static Total repeated(int before, int each, int moreTimes, int after) {
    return between(before, from0(each), from0(moreTimes) + 1, after);
  }

  /** By colour bands: how many of them, the rows or stitches of each, and what lies outside them. */
  public static Total byBands(int before, int bands, int each, int after) {
    return between(before, from0(bands), from0(each), after);
  }

  private static Total between(int before, int one, int other, int after) {
    int count = from0(before) + one * other + from0(after);
    String start = from0(before) > 0 ? from0(before) + " + " : "";
    String end = from0(after) > 0 ? " + " + from0(after) : "";
    return new Total(count, "%s%d × %d%s = %d".formatted(start, one, other, end, count));
  }

  /** Stitches without the turning chain, which is added when it counts. */
  public static Total withTurningChain(int stitches, boolean counts) {
    int count = from0(stitches) + (counts ? 1 : 0);
    return new Total(count, counts ? "%d + 1 = %d".formatted(from0(stitches), count) : Integer.toString(count));
  }

  /** Foundation chain for so many stitches: the turning chains on top, less one when the turning chain counts. */
  public static Total foundationChain(int stitches, int turningChains, boolean counts) {
    int count = from0(stitches) + from0(turningChains) - (counts ? 1 : 0);
    return new Total(count, "%d + %d%s = %d".formatted(from0(stitches), from0(turningChains), counts ? " − 1" : "", count));
  }

  /** Seam places of a square's side with so many stitches between its corners. */
  public static Total squareSide(int stitches, Corner corner) {
    int both = 2 * corner.places();
    int count = from0(stitches) + both;
    return new Total(count, "%d + %d = %d".formatted(from0(stitches), both, count));
  }

  private static int from0(int count) {
    return Math.max(0, count);
  }
}
