package ruxel.core.construction;

/** Rows in which an edge moves in or out evenly. */
final class Shaping {
  private Shaping() {}

  /** Along the slope of so many rows in which so many stitches are left: each row is as long as its own slant. */
  static double lengthMm(Form form, int rows, int stitches) {
    Making making = Making.of(form);
    return Math.hypot(rows * making.h(), stitches * making.w());
  }
}
