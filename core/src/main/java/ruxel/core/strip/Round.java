package ruxel.core.strip;

import java.util.Optional;
import ruxel.core.measure.Stitch;

/**
 * A round, or a row, of an edging: its stitch, how wide and how high one is, mm, and whether the work is turned before it.
 *
 * @param loop which loop only it is worked into; none: both
 * @param hookMm the hook, if it is another than for the piece
 */
public record Round(Stitch stitch, double widthMm, double heightMm, boolean turned, Optional<Loop> loop, Optional<Double> hookMm) {
  public static final double LEAST_HOOK_MM = 0.5;
  public static final double MOST_HOOK_MM = 30;

  public static final double LEAST_MM = 0.5;
  public static final double MOST_MM = 100;
  /** The width of a stitch where none is known. */
  public static final double USUAL_MM = 6;

  /** Into both loops, by the usual hook. */
  public Round(Stitch stitch, double widthMm, double heightMm, boolean turned) {
    this(stitch, widthMm, heightMm, turned, Optional.empty(), Optional.empty());
  }

  /** As a stitch of this width usually comes out (handbook 11: 2h/w is 2, 3, 4, 6). */
  public static Round usual(Stitch stitch, double widthMm) {
    return new Round(stitch, widthMm, Math.min(MOST_MM, widthMm * heightInWidths(stitch)), false);
  }

  public static double heightInWidths(Stitch stitch) {
    return switch (stitch) {
      case SC -> 1;
      case HDC -> 1.5;
      case DC -> 2;
      case TR -> 3;
      case DTR -> 4;
    };
  }

  /** As high as a double crochet, or higher. */
  boolean isTall() {
    return stitch.compareTo(Stitch.DC) >= 0;
  }

  /** Yarn of one stitch, mm. */
  public double yarnMm() {
    return widthMm * stitch.yarnPerLength();
  }

  /** How many stitches wider a round of this height is at a corner, however the corner turns: (2h/w)·tan(θ/2), at most a right angle's. */
  double wider(double turnDegrees) {
    double half = Math.toRadians(Math.max(-RIGHT, Math.min(RIGHT, turnDegrees)) / 2);
    return 2 * heightMm / widthMm * Math.tan(half);
  }

  private static final double RIGHT = 90;
}
