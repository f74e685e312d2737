package ruxel.core.strip;

/**
 * A fringe as asked (handbook 11): on every k-th stitch, strands that hang so long, mm. A twisted curl is one loop pulled out so long;
 * it hangs about half of that.
 */
public record Fringe(int every, double lengthMm, int strands, boolean curled) {
  public static final int MOST_STRANDS = 50;
  public static final double LONGEST_MM = 2000;
  private static final int DOUBLED = 2;

  public int count(int stitches) {
    return stitches / every;
  }

  /** For one: strands are doubled over the hook, and so is the loop of a curl. */
  public double yarnMm() {
    return DOUBLED * lengthMm * (curled ? 1 : strands);
  }
}
