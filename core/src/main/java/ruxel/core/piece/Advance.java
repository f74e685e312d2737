package ruxel.core.piece;

/**
 * How far one unit of a run leads, in mm in the piece's own axes, right side up, x to the right and y
 * upwards (model 1): tops (±w, 0), row ends (0, ±h), slanted (±Δ, ±h).
 *
 * @param overMm of a stitch that lies on a fold: how wide it is; it goes on to the other layer and ends where it began
 */
public record Advance(double dxMm, double dyMm, double overMm) {
  public Advance {
    // No negative zeros: they would make equal plans unequal.
    dxMm += 0.0;
    dyMm += 0.0;
    boolean leads = Math.hypot(dxMm, dyMm) > 0;
    if (!(Double.isFinite(dxMm) && Double.isFinite(dyMm) && Double.isFinite(overMm)) || overMm < 0 || leads == overMm > 0) {
      throw new IllegalArgumentException("Expected a finite advance that leads somewhere or lies on a fold (%s, %s, %s)".formatted(dxMm, dyMm, overMm));
    }
  }

  public Advance(double dxMm, double dyMm) {
    this(dxMm, dyMm, 0);
  }

  /** Of a stitch that lies on a fold. */
  public static Advance over(double widthMm) {
    return new Advance(0, 0, widthMm);
  }

  /** Whether its stitch lies on a fold, half on either layer. */
  public boolean isOnFold() {
    return overMm > 0;
  }

  public double lengthMm() {
    return isOnFold() ? overMm : Math.hypot(dxMm, dyMm);
  }

  /** The same, wider or narrower; the other way round below 0. */
  public Advance times(double scale) {
    return new Advance(dxMm * scale, dyMm * scale, overMm * Math.abs(scale));
  }

  /** The advance of the mirror image, whose ring runs the other way round. */
  public Advance mirrored() {
    return new Advance(dxMm, 0.0 - dyMm, overMm);
  }

  double direction() {
    return Math.atan2(dyMm, dxMm);
  }
}
