package ruxel.core.piece;

/**
 * How far a piece leans over its height, in mm: to the right above 0, seen from its right side with its first edge
 * down. An expected lean is blocked out, not eased; pieces of one pattern lean the same way (handbook 3).
 */
public record Lean(double mm, boolean expected) {
  public static final double MOST_MM = 1000;

  public Lean {
    if (!(Math.abs(mm) <= MOST_MM)) {
      throw new IllegalArgumentException("Expected a lean of at most %s mm to either side (%s)".formatted(MOST_MM, mm));
    }
  }
}
