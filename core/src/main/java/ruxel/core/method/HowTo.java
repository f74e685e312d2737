package ruxel.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.hold.Facing;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;

/**
 * How a seam is worked (handbook 8): which physical loops are taken of the near and the far piece, how the yarn goes, and each part in
 * words. A loop is named from how the pieces are held (handbook 3), so that it has one name only.
 */
public record HowTo(Method method, Facing facing, Taken near, Taken far, Path path, List<Line> lines) {
  /** What is taken of an edge: physical loops of its stitches, or strands of a row end. */
  public enum Taken {
    BOTH_LOOPS,
    WRONG_SIDE_LOOP,
    ROW_END,
    BARS
  }

  /** How hook or needle leads the yarn. */
  public enum Path {
    SLIP,
    SURFACE,
    SINGLE,
    WHIP,
    MATTRESS,
    WOVEN,
    BACKSTITCH,
    CHAINS
  }

  /** Parts of the work, in their order. */
  public enum Part {
    HOLD,
    TOOL,
    START,
    JOINT,
    CHECK,
    END,
    LOOK
  }

  /** What to do in one part. */
  public record Line(Part part, String words) {}

  public HowTo {
    lines = List.copyOf(lines);
  }

  /**
   * @param facing how the pieces face each other
   * @param start how the maker begins a seam
   * @param hook which hook they take for seams
   */
  public static HowTo of(Method method, SideLayout near, SideLayout far, Facing facing, Optional<School.Way> start, Optional<School.Way> hook, HouseRules rules, Wording wording) {
    Taken ofNear = taken(method, near);
    Taken ofFar = taken(method, far);
    String tail = wording.length(rules.get(Rule.TAIL_MM));
    if (method.joinsAsWorked() && (near.isLive() || far.isLive())) {
      return new HowTo(method, facing, ofNear, ofFar, path(method), new WithARow(method, near.isLive() ? near : far, name(near.isLive() ? ofFar : ofNear, facing, false), facing, tail, wording.hand()).lines(tool(method, hook)));
    }
    List<Line> lines = new ArrayList<>();
    lines.add(new Line(Part.HOLD, hold(facing)));
    lines.add(new Line(Part.TOOL, tool(method, hook)));
    lines.add(new Line(Part.START, start(method, start, tail)));
    lines.add(new Line(Part.JOINT, joint(path(method), name(ofNear, facing, true), name(ofFar, facing, false))));
    lines.add(new Line(Part.CHECK, check(method)));
    lines.add(new Line(Part.END, "Take the last joint twice, leave a tail of %s, and weave it in along the wrong side.".formatted(tail)));
    lines.add(new Line(Part.LOOK, "On the right side: %s.".formatted(method.look(facing).words())));
    return new HowTo(method, facing, ofNear, ofFar, path(method), lines);
  }

  private static Taken taken(Method method, SideLayout side) {
    boolean rows = side.places().stream().anyMatch(place -> place.run().kind() == UnitKind.ROW_END);
    if (rows) {
      return method.followsTheV() ? Taken.BARS : Taken.ROW_END;
    }
    return method.isLoopOnly() ? Taken.WRONG_SIDE_LOOP : Taken.BOTH_LOOPS;
  }

  private static Path path(Method method) {
    return switch (method) {
      case SLIP_BOTH, SLIP_OUTER, SLIP_BACK_RIB, JOIN_SLIP -> Path.SLIP;
      case SLIP_BACK_RS, JOIN_LOOP -> Path.SURFACE;
      case SC_BOTH, SC_BACK -> Path.SINGLE;
      case WHIP_BOTH, WHIP_BACK -> Path.WHIP;
      case MATTRESS_ROWS, MATTRESS_TOPS, MATTRESS_TOPS_BACK -> Path.MATTRESS;
      case WOVEN -> Path.WOVEN;
      case BACKSTITCH -> Path.BACKSTITCH;
      case LACE -> Path.CHAINS;
    };
  }

  private static String hold(Facing facing) {
    return switch (facing) {
      case RIGHT_SIDES_TOGETHER -> "Right sides together: the near piece shows you its wrong side.";
      case WRONG_SIDES_TOGETHER -> "Wrong sides together: the near piece shows you its right side.";
      case FLAT_RIGHT_SIDES_UP -> "Side by side on the table, right sides up, edges touching.";
      case FLAT_WRONG_SIDES_UP -> "Side by side on the table, wrong sides up, edges touching.";
    };
  }

  /** What a loop is called as the pieces are held. */
  static String name(Taken taken, Facing facing, boolean near) {
    return switch (taken) {
      case BOTH_LOOPS -> "both loops";
      case ROW_END -> "two strands of the row end";
      case BARS -> "the bar inside the edge stitch, two strands of it";
      case WRONG_SIDE_LOOP ->
          switch (facing) {
            case RIGHT_SIDES_TOGETHER -> near ? "the loop nearest you" : "the loop farthest from you";
            case WRONG_SIDES_TOGETHER -> near ? "the inner loop, away from you" : "the inner loop, towards you";
            case FLAT_RIGHT_SIDES_UP -> "the back loop, which lies below";
            case FLAT_WRONG_SIDES_UP -> "the loop that lies on top, which is the back loop";
          };
    };
  }

  private static String tool(Method method, Optional<School.Way> hook) {
    if (method.tool() == Method.Tool.NEEDLE) {
      return "A blunt needle; a sharp one splits the yarn.";
    }
    return hook.filter(way -> way == School.Way.HOOK_HALF_UP).isPresent()
        ? "A hook half a size larger than the pieces were made with."
        : hook.isPresent() ? "The hook the pieces were made with." : "The hook the pieces were made with; half a size up if your seams pull in.";
  }

  /** What to look at now and then. */
  public static String check(Method method) {
    return method.tool() == Method.Tool.NEEDLE ? "Tug the yarn straight every 4 to 5 stitches; the gaps close." : "Lay it flat at each marker: it should neither ripple nor pull.";
  }

  private static String start(Method method, Optional<School.Way> way, String tail) {
    School.Way taken = way.orElse(method.tool() == Method.Tool.NEEDLE ? School.Way.FIGURE_OF_EIGHT : School.Way.DOUBLE_FIRST);
    return switch (taken) {
      case FIGURE_OF_EIGHT -> "Leave a tail of %s. Figure of eight: through the corner of the one piece, the corner of the other, and the first again.".formatted(tail);
      case KNOT -> "Leave a tail of %s and knot it on; a knot cannot be undone and may be felt.".formatted(tail);
      default -> "Leave a tail of %s, and work the first joint twice, so that it holds.".formatted(tail);
    };
  }

  private static String joint(Path path, String near, String far) {
    return switch (path) {
      case SLIP -> "Hook through %s of the near piece, then %s of the far piece; yarn over, and pull it through all that is on the hook.".formatted(near, far);
      case SURFACE -> "Keep the yarn behind. Hook through %s of the one piece and %s of the other; pull a loop up and through the loop on the hook.".formatted(near, far);
      case SINGLE -> "Hook through %s of the near piece, then %s of the far piece; pull up a loop; yarn over, and pull it through both loops.".formatted(near, far);
      case WHIP -> "Needle through %s of the near piece, then %s of the far piece, each time from the same side; the yarn goes over the edge to the next.".formatted(near, far);
      case MATTRESS -> "Needle up under %s of the one piece, then under %s of the other; go in each time where you came out on that piece.".formatted(near, far);
      case WOVEN -> "Needle under %s of a stitch, then under %s of the stitch opposite; go in each time where you came out on that piece.".formatted(near, far);
      case BACKSTITCH -> "Needle down through %s of both pieces one stitch back, and up again one stitch ahead; %s.".formatted(near, near.equals(far) ? "each stitch meets the last" : "of the far piece take " + far);
      case CHAINS -> "Chain two, slip stitch into %s of the one piece; chain two, slip stitch into %s of the other.".formatted(near, far);
    };
  }
}
