package ruxel.core.board;

import ruxel.core.measure.Corner;

/**
 * A square that is made many times (handbook 5): stitches along a side without its corners, what stands at a corner, and its
 * measured side, mm.
 */
public record Motif(String name, int stitches, Corner corner, double sideMm) {
  public static final int MOST_STITCHES = 500;
  public static final double LEAST_SIDE_MM = 5;
  public static final double MOST_SIDE_MM = 2000;

  /** Places that a seam finds along a whole side of so many stitches: the stitches and what it takes of both corners. */
  public int places(int ofStitches) {
    return ofStitches + 2 * corner.places();
  }

  public int places() {
    return places(stitches);
  }

  /** How wide one of them is on a side of so many stitches. */
  public double placeMm(int ofStitches) {
    return sideMm / places(ofStitches);
  }
}
