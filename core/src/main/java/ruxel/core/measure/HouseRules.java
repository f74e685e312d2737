package ruxel.core.measure;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Numbers of judgement, not standards (handbook 1): each has the house's default, and a garment may
 * carry its own value for any of them.
 */
public record HouseRules(Map<Rule, Double> changed) {
  /** What a rule's number is of. */
  public enum Unit {
    SHARE,
    MM,
    COUNT,
    SECONDS,
    MINUTES,
    DEGREES,
    POINTS,
    GRAMS_PER_CM
  }

  /** Each number with its default, its bounds and unit, what it says, why, and where it is used; nowhere yet for the last. */
  public enum Rule {
    MATCHED_SHARE(0.02, 0, 0.5, Unit.SHARE, "Ease that counts as matched", "So little disappears in the seam once it is blocked.", "Verdict and ladder of every seam"),
    EVEN_SHARE(0.05, 0, 0.5, Unit.SHARE, "Ease that is eased in evenly", "Up to here most fabrics lie flat after blocking.", "Verdict and ladder of every seam"),
    MARKERS_SHARE(0.10, 0, 0.5, Unit.SHARE, "Ease that is eased in with close markers", "Above it no easing hides the difference: stop and decide.", "Verdict and ladder of every seam"),
    MATCHED_MM(5, 0, 50, Unit.MM, "A difference that counts as matched", "Smaller than a stitch, and than what a tape can tell.", "Verdict of every seam"),
    RIPPLE_WAVE_MM(40, 5, 200, Unit.MM, "Wavelength of a ripple", "As wide as fabric folds when it is too long for its seam.", "The ripple drawn on the Seam view"),
    HEXAGON_SHARE(0.6, 0.5, 0.87, Unit.SHARE, "Middle to side of a folded hexagon", "Half a side is right; above it the hexagon lies too flat and pulls at the underarm.", "The verdict on a hexagon"),
    ONE_PLACE_ROW_MM(9, 1, 50, Unit.MM, "Highest row that gives one place", "Joints further apart leave a gap.", "Places of row ends"),
    TWO_PLACES_ROW_MM(18, 1, 100, Unit.MM, "Highest row that gives two places", "Higher rows take three joints without gaps.", "Places of row ends"),
    GAP_MM(9, 1, 50, Unit.MM, "Joints on row ends further apart leave a gap", "A finger would go through.", "The gap note of a seam"),
    MARKER_JOINTS(12, 2, 500, Unit.COUNT, "Most joints without a marker", "As many as one counts without losing the thread.", "Markers of every seam"),
    MARKER_MM(80, 10, 1000, Unit.MM, "Longest stretch without a marker", "A slip is found before much is undone.", "Markers of every seam"),
    RHYTHM_NUMBERS(5, 1, 9, Unit.COUNT, "Most numbers in a rhythm", "More are not kept in the head.", "Rhythms; without one an interval is parted"),
    RHYTHM_SLACK_PLACES(1, 0, 5, Unit.COUNT, "Places a rhythm may be worse than the most even plan", "A rhythm that is easy to keep is worth a place.", "Rhythms"),
    ZONE_MM(80, 10, 500, Unit.MM, "Stretch that takes surplus steered to one end", "As much as is hidden at an underarm.", "Surplus towards one end"),
    LOCAL_MM(5, 0, 50, Unit.MM, "Surplus between two markers that is named", "Less is not seen.", "Notes on stretches of a seam"),
    OUTLINE_MM(2, 0, 50, Unit.MM, "Gap at which an outline still closes", "Rounding of counts and gauge.", "Pieces whose outline does not close"),
    OUTLINE_SHARE(0.005, 0, 0.2, Unit.SHARE, "The same, of the way round the piece", "Rounding of counts and gauge, on large pieces.", "Pieces whose outline does not close"),
    BLOCKED_SHARE(0.02, 0, 0.5, Unit.SHARE, "Measured and gauge length apart before an inspection reminds", "A blocked piece should be as large as its gauge says.", "Inspection of pieces"),
    BLOCKING_SHARE(0.05, 0, 0.5, Unit.SHARE, "Length that blocking can give or take", "More does not stay after washing.", "Repairs by blocking"),
    LENGTH_SHARE(0.03, 0, 0.5, Unit.SHARE, "Measured and gauge length apart", "Count, gauge or tape is wrong.", "Edges that were measured"),
    TUG_JOINTS(5, 2, 100, Unit.COUNT, "Joints of a needle seam before it is tugged straight", "Longer stretches do not pull evenly.", "Prompts at the bench"),
    PICOT_CHAINS(3, 1, 20, Unit.COUNT, "Chains of a picot", "A small point that closes well.", "Picots of edgings, and their yarn"),
    BREAK_MINUTES(30, 5, 240, Unit.MINUTES, "Work at the bench before a break is suggested", "Hands and eyes want a rest; stop sooner when they ask for it.", "The bench"),
    BACK_NECK_MM(110, 20, 400, Unit.MM, "Narrowest back neck", "A narrower one pulls; for a child 8 cm will do.", "The shoulders of a garment"),
    BACK_NECK_SHARE(0.25, 0, 0.9, Unit.SHARE, "Narrowest back neck, of the back", "Less of a wide back sits badly.", "The shoulders of a garment"),
    LOAD_G_PER_CM(20, 1, 200, Unit.GRAMS_PER_CM, "Load of the shoulders above which strength comes first", "A heavy garment stretches its shoulder seams.", "Advice on shoulders"),
    CARRY_MM(130, 20, 400, Unit.MM, "Longest part of a shoulder that carries", "Beyond it the arm begins.", "Advice on shoulders"),
    SCHOOL_POINTS(0.4, 0, 4, Unit.POINTS, "What a method of your school gains", "What the hands know is worked better.", "Advice on methods"),
    EQUAL_POINTS(0.1, 0, 1, Unit.POINTS, "Sums that count as equally good", "Scores are no finer than that; fewer ends decide.", "Advice on methods"),
    UNDO_WEIGHT(0, 0, 5, Unit.POINTS, "Weight of being easily undone", "Nothing, unless you undo often.", "Advice on methods"),
    TAIL_MM(150, 50, 500, Unit.MM, "Tail at each end of a strand", "Enough to weave in, with turns.", "Yarn of every seam"),
    NEEDLE_MM(1000, 200, 5000, Unit.MM, "Strand that handles well in a needle", "Longer ones knot and wear thin.", "Strands of needle seams"),
    NEEDLE_FUZZY_MM(600, 200, 5000, Unit.MM, "The same of fuzzy yarn", "It felts as it is pulled through.", "Strands of needle seams"),
    JOINT_SECONDS(50, 5, 600, Unit.SECONDS, "Seconds of a joint, divided by how quick its method is", "A joint of the quickest takes a fifth.", "Minutes of the order"),
    END_MINUTES(2, 0, 30, Unit.MINUTES, "Minutes to weave in an end", "Two or three passes in turn directions.", "Minutes of the order"),
    EASE_CLOSE_MM(50, 0, 500, Unit.MM, "Wearing ease of what sits close", "Room to move in.", "Checks against the wearer"),
    EASE_EASY_MM(100, 0, 500, Unit.MM, "Wearing ease of what sits easily", "Room for a layer below.", "Checks against the wearer"),
    EASE_LOOSE_MM(200, 0, 800, Unit.MM, "Wearing ease of what sits loosely", "Hangs free of the body.", "Checks against the wearer"),
    STRETCH_PLAIN(1.15, 1, 3, Unit.POINTS, "How far an opening of plain stitches stretches", "A measured swatch edge is better.", "Checks against the wearer"),
    STRETCH_LACE(1.3, 1, 3, Unit.POINTS, "How far an opening of lace stretches", "A measured swatch edge is better.", "Checks against the wearer"),
    STRETCH_RIB(1.4, 1, 3, Unit.POINTS, "How far an opening of ribbing stretches", "A measured swatch edge is better.", "Checks against the wearer"),
    HEAD_MM(10, 0, 100, Unit.MM, "Room for the head at the neck", "It passes without force.", "Checks against the wearer"),
    HOOD_LARGE_SHARE(0.15, 0, 1, Unit.SHARE, "Height of a hood over what the head needs", "A higher one falls over the face.", "Checks against the wearer"),
    REACH_MM(20, 0, 200, Unit.MM, "Difference of sleeve length that counts as right", "As much as posture changes.", "Checks against the wearer"),
    CHILD_NECK_MM(80, 20, 400, Unit.MM, "Narrowest back neck of a child", "Less pulls at the neck.", "The shoulders of a garment"),
    ANGLE_DEGREES(20, 1, 45, Unit.DEGREES, "Tolerance for corners of openings", "Fabric is no paper.", "");

    private final double usual;
    private final double least;
    private final double most;
    private final Unit unit;
    private final String words;
    private final String why;
    private final String used;

    Rule(double usual, double least, double most, Unit unit, String words, String why, String used) {
      this.usual = usual;
      this.least = least;
      this.most = most;
      this.unit = unit;
      this.words = words;
      this.why = why;
      this.used = used;
    }

    public double usual() {
      return usual;
    }

    public double least() {
      return least;
    }

    public double most() {
      return most;
    }

    public Unit unit() {
      return unit;
    }

    public String words() {
      return words;
    }

    public String why() {
      return why;
    }

    public String used() {
      return used;
    }

    public boolean allows(double value) {
      return value >= least && value <= most;
    }
  }

  /** Rules of which each is at most the next one. */
  private static final List<List<Rule>> RISING =
      List.of(List.of(Rule.MATCHED_SHARE, Rule.EVEN_SHARE, Rule.MARKERS_SHARE), List.of(Rule.ONE_PLACE_ROW_MM, Rule.TWO_PLACES_ROW_MM));

  /** Two rules that contradict each other: the first is more than the second. */
  public record Clash(Rule lower, Rule higher) {}

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

  /** The first two rules that contradict each other, if any do. */
  public Optional<Clash> clash() {
    for (List<Rule> rising : RISING) {
      for (int i = 1; i < rising.size(); i++) {
        if (get(rising.get(i - 1)) > get(rising.get(i))) {
          return Optional.of(new Clash(rising.get(i - 1), rising.get(i)));
        }
      }
    }
    return Optional.empty();
  }

  /** With another value for a rule, or the house's own. */
  public HouseRules with(Rule rule, Optional<Double> value) {
    Map<Rule, Double> all = new HashMap<>(changed);
    value.ifPresentOrElse(given -> all.put(rule, given), () -> all.remove(rule));
    return new HouseRules(all);
  }

  public double get(Rule rule) {
    return changed.getOrDefault(rule, rule.usual);
  }

  /** The changed values in the rules' own order. */
  public Map<Rule, Double> ordered() {
    return new LinkedHashMap<>(new TreeMap<>(changed));
  }
}
