package ruxel.core.piece;

/**
 * How far one unit of a run leads, in mm in the piece's own axes, right side up, x to the right and y
 * upwards (model 1): tops (±w, 0), row ends (0, ±h), slanted (±Δ, ±h).
 */
public record Advance(double dxMm, double dyMm) {
  public Advance {
    // No negative zeros: they would make equal plans unequal.
    dxMm += 0.0;
    dyMm += 0.0;
    if (!(Double.isFinite(dxMm) && Double.isFinite(dyMm)) || Math.hypot(dxMm, dyMm) <= 0) {
      throw new IllegalArgumentException("Expected a finite advance that leads somewhere (%s, %s)".formatted(dxMm, dyMm));
    }
  }

  public double lengthMm() {
    return Math.hypot(dxMm, dyMm);
  }

  /** The advance of the mirror image, whose ring runs the other way round. */
  public Advance mirrored() {
    return new Advance(dxMm, 0.0 - dyMm);
  }

  double direction() {
    return Math.atan2(dyMm, dxMm);
  }
}
