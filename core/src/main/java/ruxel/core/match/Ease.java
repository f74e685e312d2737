package ruxel.core.match;

import java.util.Optional;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Side;

/**
 * Ease of an interval or a seam (handbook 6): lengths of both sides in mm, the difference as a share of
 * the longer side, the verdict of the ladder, and how high the surplus stands if it is not eased.
 */
public record Ease(double aMm, double bMm, double share, Verdict verdict, double rippleMm) {
  private static final double SLACK = 1e-9;

  /** The ladder, best first. */
  public enum Verdict {
    MATCHED,
    EASE_EVENLY,
    EASE_WITH_MARKERS,
    STOP
  }

  /** How much the ladder's steps are widened or narrowed by the fabrics that meet. */
  public enum Give {
    HALVED(0.5),
    USUAL(1),
    DOUBLED(2);

    private final double factor;

    Give(double factor) {
      this.factor = factor;
    }
  }

  /** How much longer a side is meant to be, a share of the other; without a side, whichever is longer. */
  public record Full(double share, Optional<Side> side) {
    static final Full NONE = new Full(0, Optional.empty());

    /** As a seam's maker means it: what a band goes on is the fuller side, never the band (handbook 6, 11). */
    static Full of(ResolvedSeam seam) {
      return new Full(seam.seam().working().fullness(), seam.band().map(Side::other).or(() -> seam.seam().working().fuller()));
    }
  }

  /**
   * @param widerStitchMm the wider gauge stitch of the two pieces: half of it, or the house's 5 mm,
   *     counts as matched
   */
  public static Ease of(double aMm, double bMm, double widerStitchMm, Give give, HouseRules rules) {
    return of(aMm, bMm, widerStitchMm, give, Full.NONE, rules);
  }

  /**
   * @param full what fullness is meant: the sides are judged against that (handbook 6, bands with a planned ratio)
   */
  public static Ease of(double aMm, double bMm, double widerStitchMm, Give give, Full full, HouseRules rules) {
    boolean fullIsA = full.side().map(side -> side == Side.A).orElse(aMm > bMm);
    double gathered = (fullIsA ? aMm : bMm) / (1 + full.share());
    double plain = fullIsA ? bMm : aMm;
    double difference = Math.abs(gathered - plain);
    double share = difference > 0 ? difference / Math.max(gathered, plain) : 0;
    double ripple = rippleMm(share, rules);
    boolean tiny = difference < Math.max(widerStitchMm / 2, rules.get(Rule.MATCHED_MM)) - SLACK;
    Verdict verdict = tiny ? Verdict.MATCHED : ladder(share, give.factor, rules);
    return new Ease(aMm, bMm, share, verdict, ripple);
  }

  /** How far above flat a surplus stands that is not eased, mm: (λ/π)·√e (handbook 6). */
  public static double rippleMm(double share, HouseRules rules) {
    return rules.get(Rule.RIPPLE_WAVE_MM) / Math.PI * Math.sqrt(share);
  }

  private static Verdict ladder(double share, double factor, HouseRules rules) {
    if (share <= rules.get(Rule.MATCHED_SHARE) * factor + SLACK) {
      return Verdict.MATCHED;
    }
    if (share <= rules.get(Rule.EVEN_SHARE) * factor + SLACK) {
      return Verdict.EASE_EVENLY;
    }
    return share <= rules.get(Rule.MARKERS_SHARE) * factor + SLACK
        ? Verdict.EASE_WITH_MARKERS
        : Verdict.STOP;
  }

  /** The same with another verdict. */
  Ease as(Verdict other) {
    return new Ease(aMm, bMm, share, other, rippleMm);
  }

  public double differenceMm() {
    return Math.abs(aMm - bMm);
  }
}
