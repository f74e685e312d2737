package ruxel.core.yarn;

/** A length of seam and the yarn it took, both in mm. */
public record Sample(double seamMm, double yarnMm) {
  /** Mm of yarn for each mm of seam. */
  public double share() {
    return yarnMm / seamMm;
  }
}
