package ruxel.core.method;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.hold.Facing;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;

/** The joining methods of handbook 8 with their facts; scores 1 to 5, yarn in cm per cm of seam. */
public enum Method {
  SLIP_BOTH("slip-both", "Slip stitch, both loops", Tool.HOOK, "right sides together", Family.SLIP_STITCH, On.ALL, s(5, 2, 2, 3, 4, 5), 3.5),
  SLIP_OUTER("slip-outer", "Slip stitch, outer loops", Tool.HOOK, "right sides together", Family.SLIP_STITCH, On.LOOPS, s(4, 3, 4, 3, 4, 5), 3.2),
  SLIP_BACK_RS("slip-back-rs", "Slip stitch, back loops, on the right side", Tool.HOOK, "side by side, yarn behind", Family.SLIP_STITCH, On.LOOPS, s(4, 2, 3, 1, 3, 5), 3.2),
  SLIP_BACK_RIB("slip-back-rib", "Slip stitch, back loops, inside a back-loop rib", Tool.HOOK, "right sides together", Family.SLIP_STITCH, On.RIB_LOOPS, s(4, 3, 4, 4, 3, 5), 3.2),
  SC_BOTH("sc-both", "{sc}, both loops", Tool.HOOK, "right sides together, or wrong sides together for a ridge on show", Family.SINGLE_CROCHET, On.ALL, s(5, 3, 1, 2, 3, 5), 5.5),
  SC_BACK("sc-back", "{sc}, back loops", Tool.HOOK, "wrong sides together (the ridge shows) or right sides together", Family.SINGLE_CROCHET, On.LOOPS, s(4, 4, 3, 2, 3, 5), 5.0),
  WHIP_BOTH("whip-both", "Whip stitch, both loops", Tool.NEEDLE, "right sides together, or flat from the wrong side", Family.WHIP, On.ALL, s(3, 3, 4, 3, 5, 2), 1.8),
  WHIP_BACK("whip-back", "Whip stitch, back loops", Tool.NEEDLE, "wrong sides together, or flat", Family.WHIP, On.LOOPS, s(3, 3, 5, 2, 5, 2), 1.7),
  MATTRESS_ROWS("mattress-rows", "Mattress on row ends", Tool.NEEDLE, "flat, right sides up", Family.MATTRESS_WOVEN, On.ROWS_AND_TOPS, s(3, 4, 4, 5, 2, 2), 2.5),
  MATTRESS_TOPS("mattress-tops", "Mattress on stitch tops, both loops", Tool.NEEDLE, "flat, right sides up, always back to front", Family.MATTRESS_WOVEN, On.TOPS, s(3, 3, 4, 4, 3, 2), 2.8),
  MATTRESS_TOPS_BACK("mattress-tops-back", "Mattress on stitch tops, back loops", Tool.NEEDLE, "flat, right sides up", Family.MATTRESS_WOVEN, On.LOOPS, s(3, 4, 5, 5, 1, 2), 2.8),
  WOVEN("woven", "Woven seam, V to V", Tool.NEEDLE, "flat, either side up", Family.MATTRESS_WOVEN, On.TOPS_AND_RIB_ROWS, s(2, 3, 5, 4, 2, 2), 2.2),
  BACKSTITCH("backstitch", "Backstitch", Tool.NEEDLE, "right sides together", Family.BACKSTITCH, On.ALL, s(5, 1, 2, 4, 2, 1), 4.5),
  JOIN_SLIP("join-slip", "Join as you go, slip stitch", Tool.HOOK, "flat or folded", Family.JOIN_AS_YOU_GO, On.LIVE, s(4, 3, 4, 3, 5, 3), 3.0),
  JOIN_LOOP("join-loop", "Join as you go, pulled loop", Tool.HOOK, "flat", Family.JOIN_AS_YOU_GO, On.LIVE, s(4, 3, 5, 4, 5, 3), 1.2),
  LACE("lace", "Chain-and-slip-stitch lace join", Tool.HOOK, "flat", Family.LACE, On.MOTIFS, s(2, 5, 4, 1, 3, 5), 5.0);

  /** What is in the hand. */
  public enum Tool {
    HOOK,
    NEEDLE
  }

  /** Methods of one kind. */
  public enum Family {
    SLIP_STITCH,
    SINGLE_CROCHET,
    WHIP,
    MATTRESS_WOVEN,
    BACKSTITCH,
    JOIN_AS_YOU_GO,
    LACE
  }

  /** What edges a method works on; {@code LOOPS} are single loops of stitch tops. */
  enum On {
    ALL,
    LOOPS,
    TOPS,
    RIB_LOOPS,
    ROWS_AND_TOPS,
    TOPS_AND_RIB_ROWS,
    LIVE,
    MOTIFS
  }

  /** Whether the sides of squares can be joined by it: by loops of stitches, none of them live. */
  public boolean worksOnSquares() {
    return on == On.ALL || on == On.LOOPS || on == On.TOPS || on == On.TOPS_AND_RIB_ROWS || on == On.MOTIFS;
  }

  /** The ids of those. */
  public static String onSquares() {
    return Arrays.stream(values()).filter(Method::worksOnSquares).map(Method::id).collect(Collectors.joining(", "));
  }

  /** The scores of handbook 8, 5 best for its word. */
  public record Scores(int strong, int stretch, int flat, int hidden, int quick, int undo) {}

  /** What the right side looks like once it is joined. */
  public enum Look {
    NOTHING("nothing is seen: the stitches meet"),
    LINE("a line where the pieces meet, the ridge inside"),
    TWO_LINES("two fine lines along the seam"),
    BRAID("a braid of flat stitches on top"),
    RIDGE("a ridge that stands up"),
    SLANT("slanting stitches across"),
    OPENWORK("a band of chains with holes");

    private final String words;

    Look(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  private final String id;
  private final String title;
  private final Tool tool;
  private final String held;
  private final Family family;
  private final On on;
  private final Scores scores;
  private final double yarnCmPerCm;

  Method(String id, String title, Tool tool, String held, Family family, On on, Scores scores, double yarn) {
    this.id = id;
    this.title = title;
    this.tool = tool;
    this.held = held;
    this.family = family;
    this.on = on;
    this.scores = scores;
    this.yarnCmPerCm = yarn;
  }

  private static Scores s(int strong, int stretch, int flat, int hidden, int quick, int undo) {
    return new Scores(strong, stretch, flat, hidden, quick, undo);
  }

  public static Optional<Method> of(String id) {
    return Arrays.stream(values()).filter(method -> method.id.equals(id)).findFirst();
  }

  /** Every id, one after the other. */
  public static String ids() {
    return Arrays.stream(values()).map(Method::id).collect(Collectors.joining(", "));
  }

  public String id() {
    return id;
  }

  public String title(Wording wording) {
    return Wording.capital(title.replace("{sc}", wording.stitch(Stitch.SC)));
  }

  public Tool tool() {
    return tool;
  }

  /** How the pieces are held. */
  public String held() {
    return held;
  }

  /** Whether it joins a row while that is worked. */
  public boolean joinsAsWorked() {
    return on == On.LIVE;
  }

  /** How pieces may face each other while they are joined by it, the usual way first (handbook 8). */
  public List<Facing> facings() {
    return switch (this) {
      case SLIP_BOTH, SLIP_OUTER, SLIP_BACK_RIB, BACKSTITCH -> List.of(Facing.RIGHT_SIDES_TOGETHER);
      case SC_BOTH -> List.of(Facing.RIGHT_SIDES_TOGETHER, Facing.WRONG_SIDES_TOGETHER);
      case SC_BACK -> List.of(Facing.WRONG_SIDES_TOGETHER, Facing.RIGHT_SIDES_TOGETHER);
      case WHIP_BOTH -> List.of(Facing.RIGHT_SIDES_TOGETHER, Facing.FLAT_WRONG_SIDES_UP);
      case WHIP_BACK -> List.of(Facing.WRONG_SIDES_TOGETHER, Facing.FLAT_RIGHT_SIDES_UP, Facing.FLAT_WRONG_SIDES_UP);
      case WOVEN -> List.of(Facing.FLAT_RIGHT_SIDES_UP, Facing.FLAT_WRONG_SIDES_UP);
      case JOIN_SLIP -> List.of(Facing.FLAT_RIGHT_SIDES_UP, Facing.WRONG_SIDES_TOGETHER, Facing.RIGHT_SIDES_TOGETHER);
      case SLIP_BACK_RS, MATTRESS_ROWS, MATTRESS_TOPS, MATTRESS_TOPS_BACK, JOIN_LOOP, LACE -> List.of(Facing.FLAT_RIGHT_SIDES_UP);
    };
  }

  /** The usual way, but for single crochets, which lie with their ridge on the right side where the seam is wanted on show, inside where it is not. */
  public Facing facing(Wish wish) {
    boolean usual = family != Family.SINGLE_CROCHET || wish == Wish.NONE;
    return usual ? facings().get(0) : wish == Wish.ON_SHOW ? Facing.WRONG_SIDES_TOGETHER : Facing.RIGHT_SIDES_TOGETHER;
  }

  /**
   * The same by the maker's choice, where it allows that.
   *
   * @param chosen the nearest choice first
   */
  public Facing facing(List<Facing> chosen, Wish wish) {
    return chosen.stream().filter(facings()::contains).findFirst().orElseGet(() -> facing(wish));
  }

  /** Whether it is worked away from the maker where pieces lie side by side: a needle is, a hook goes from hand to hand. */
  public boolean worksUpright() {
    return tool == Tool.NEEDLE;
  }

  public Family family() {
    return family;
  }

  public Scores scores() {
    return scores;
  }

  public double yarnCmPerCm() {
    return yarnCmPerCm;
  }

  /** Whether it takes single loops, and so misses them where yarn splits or an edge has none. */
  public boolean isLoopOnly() {
    return on == On.LOOPS || on == On.RIB_LOOPS;
  }

  /** Whether it leaves a ridge that thick yarn makes thicker (handbook 8). */
  public boolean isRidge() {
    return this == SLIP_BOTH || family == Family.SINGLE_CROCHET || family == Family.BACKSTITCH;
  }

  /** Whether the hook goes under both loops, which lace does not give way to (handbook 8). */
  public boolean isBothLoopHook() {
    return this == SLIP_BOTH || this == SC_BOTH;
  }

  /** Whether it follows a V or bar that must be seen. */
  public boolean followsTheV() {
    return family == Family.MATTRESS_WOVEN;
  }

  /** What is seen of it on the right side, held so (handbook 8). */
  public Look look(Facing facing) {
    return family != Family.SINGLE_CROCHET ? look() : facing == Facing.WRONG_SIDES_TOGETHER ? Look.RIDGE : Look.LINE;
  }

  /** The same held as usual. */
  public Look look() {
    return switch (this) {
      case SLIP_BOTH, SC_BOTH, WHIP_BOTH, BACKSTITCH, JOIN_SLIP -> Look.LINE;
      case SLIP_OUTER -> Look.TWO_LINES;
      case SLIP_BACK_RS -> Look.BRAID;
      case SC_BACK -> Look.RIDGE;
      case WHIP_BACK -> Look.SLANT;
      case LACE -> Look.OPENWORK;
      case SLIP_BACK_RIB, MATTRESS_ROWS, MATTRESS_TOPS, MATTRESS_TOPS_BACK, WOVEN, JOIN_LOOP -> Look.NOTHING;
    };
  }

  On on() {
    return on;
  }
}
