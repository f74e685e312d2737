package ruxel.core.match;

/**
 * What a joint plan costs, less is better: first {@code e}, easing that touches no-ease places, then
 * {@code q}, squared offsets in places of the finer side; {@code worst} is the largest offset in those
 * places and does not count (model 3).
 */
public record Cost(int e, double q, double worst) {
  private static final double EQUAL = 1e-9;

  static boolean equalQ(double a, double b) {
    return Math.abs(a - b) < EQUAL * (1 + Math.min(a, b));
  }
}
