package ruxel.core.advice;

/**
 * What hangs on the shoulders (handbook 8): the weight of the finished garment in grams, whether it was weighed or reckoned, and
 * the length that carries it in mm.
 */
public record Load(double grams, boolean weighed, double lengthMm, double mostGramsPerCm) {
  private static final double MM_PER_CM = 10;

  public double gramsPerCm() {
    return grams / (lengthMm / MM_PER_CM);
  }

  /** Whether strength comes first. */
  public boolean isHeavy() {
    return gramsPerCm() > mostGramsPerCm;
  }
}
