package ruxel.core.measure;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * Numbers of judgement, not standards (handbook 1): each has the house's default, and a garment may
 * carry its own value for any of them.
 */
public record HouseRules(Map<Rule, Double> changed) {
  /** Each number with its default, its bounds and its unit in words. */
  public enum Rule {
    MATCHED_SHARE(0.02, 0, 0.5, "ease that counts as matched, a share"),
    EVEN_SHARE(0.05, 0, 0.5, "ease that is eased in evenly, a share"),
    MARKERS_SHARE(0.10, 0, 0.5, "ease that is eased in with close markers, a share"),
    MATCHED_MM(5, 0, 50, "a difference that counts as matched, mm"),
    RIPPLE_WAVE_MM(40, 5, 200, "wavelength of a ripple, mm"),
    ONE_PLACE_ROW_MM(9, 1, 50, "highest row that gives one place, mm"),
    TWO_PLACES_ROW_MM(18, 1, 100, "highest row that gives two places, mm"),
    GAP_MM(9, 1, 50, "joints further apart leave a gap, mm"),
    MARKER_JOINTS(12, 2, 500, "most joints without a marker"),
    MARKER_MM(80, 10, 1000, "longest stretch without a marker, mm"),
    RHYTHM_NUMBERS(5, 1, 9, "most numbers in a rhythm"),
    RHYTHM_SLACK_PLACES(1, 0, 5, "places a rhythm may be worse than the optimum"),
    ZONE_MM(80, 10, 500, "stretch that takes surplus steered to one end, mm"),
    LOCAL_MM(5, 0, 50, "surplus between two markers that is named, mm"),
    OUTLINE_MM(2, 0, 50, "gap at which an outline still closes, mm"),
    OUTLINE_SHARE(0.005, 0, 0.2, "the same as a share of the perimeter"),
    BLOCKED_SHARE(0.02, 0, 0.5, "measured and gauge length apart before an inspection reminds, a share"),
    BLOCKING_SHARE(0.05, 0, 0.5, "length that blocking can give or take, a share"),
    LENGTH_SHARE(0.03, 0, 0.5, "measured and gauge length apart, a share"),
    TUG_JOINTS(5, 2, 100, "joints of a needle seam before it is tugged straight"),
    BREAK_MINUTES(30, 5, 240, "work at the bench before a break is suggested, minutes"),
    ANGLE_DEGREES(20, 1, 45, "tolerance for corners of openings, degrees");

    private final double usual;
    private final double least;
    private final double most;
    private final String words;

    Rule(double usual, double least, double most, String words) {
      this.usual = usual;
      this.least = least;
      this.most = most;
      this.words = words;
    }

    public double usual() {
      return usual;
    }

    public boolean allows(double value) {
      return value >= least && value <= most;
    }

    public String words() {
      return words;
    }
  }

  public static final HouseRules USUAL = new HouseRules(Map.of());

  public HouseRules {
    changed = Map.copyOf(changed);
    changed.forEach(
        (rule, value) -> {
          if (!rule.allows(value)) {
            throw new IllegalArgumentException(
                "Expected %s between %s and %s (%s)".formatted(rule, rule.least, rule.most, value));
          }
        });
  }

  public double get(Rule rule) {
    return changed.getOrDefault(rule, rule.usual);
  }

  /** The changed values in the rules' own order. */
  public Map<Rule, Double> ordered() {
    return new LinkedHashMap<>(new TreeMap<>(changed));
  }
}
