package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.bench.Look.Fault;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.SeamPlan.SidePlan;
import ruxel.core.seam.Side;

/** The look at a seam, line or edging before it counts as joined (handbook 14): what is asked, what helps, and how long it has become. */
public record Looks(BenchPlan plan, HouseRules rules, Wording wording) {
  private static final double RIGHT_MM = 5;
  private static final double SLACK = 1e-9;

  /** What may be wrong, as the maker would say it, and what helps. */
  public record Asked(Fault fault, String words, String remedy) {}

  /**
   * How long a seam has become.
   *
   * @param plannedMm what its shorter side measures up to there
   * @param share how much it is shorter, a share of that; below 0 it is slack
   */
  public record Sewn(int joint, double mm, double plannedMm, double share, String words) {}

  /** What is asked of it. */
  public List<Asked> questions() {
    return plan.plan().isEmpty()
        ? List.of(
            new Asked(Fault.NOT_FLAT, "It ripples, or pulls in.", "Ripples have too many stitches, a pull too few: open it back to where it begins and work the stretch anew, or with half a hook size down for ripples, up for a pull."),
            new Asked(Fault.NOT_LEVEL, "Its corners are not square, or its ends not level.", "A corner that cups wants one stitch more on each side of its middle, one that flares one fewer: open it back to the corner and tell it there."),
            new Asked(Fault.GAPS, "There are holes along the edge.", "Take two strands of the edge. One stitch more closes a hole: tell it as one more, and the next round and the other side get it, too."))
        : List.of(
            new Asked(Fault.PEEKS, "The yarn peeks through on the right side.", "From here on another method, or a colour nearer to both pieces; or a chain worked over it on the right side."),
            new Asked(Fault.NOT_LEVEL, "Rows, groups or stripes are not level across it.", "Open it back to the last marker where they are, clip what should meet, and go on from there."),
            new Asked(Fault.GAPS, "There is a gap, or a hole at an end.", "One stitch with the tail closes a hole at an end. For a gap on the way open it back to the marker before it, and take two strands of each side."),
            new Asked(Fault.NOT_FLAT, "It puckers, or hangs slack.", "%s If it puckers still, %s; if it is slack, the other way. Open it back to the marker before it begins.".formatted(isNeedle() ? "Tug the yarn straight first." : "Stretch the seam along its length first.", bigger())));
  }

  private boolean isNeedle() {
    return plan.plan().flatMap(SeamPlan::method).flatMap(Method::of).filter(method -> method.tool() == Method.Tool.NEEDLE).isPresent();
  }

  private String bigger() {
    return bigger(isNeedle());
  }

  /** What helps against puckers. */
  static String bigger(boolean needle) {
    return needle ? "leave the yarn longer at each stitch" : "half a hook size up";
  }

  /**
   * Every length that was taken, held against the plan up to its joint: within the first step of the ladder, or 5 mm, it is as it
   * should be (handbook 6). Linear in the joints for each.
   */
  public List<Sewn> sewn(List<Look> looks) {
    if (plan.plan().isEmpty()) {
      return List.of();
    }
    SeamPlan seam = plan.plan().get();
    List<Sewn> sewn = new ArrayList<>();
    for (Look look : looks.stream().filter(look -> look.mm().isPresent()).sorted(Comparator.comparingInt(Look::joint)).toList()) {
      double mm = look.mm().get();
      double planned = plannedMm(seam, look.joint());
      double share = planned == 0 ? 0 : (planned - mm) / planned;
      int good = sewn.stream().filter(this::isRight).mapToInt(Sewn::joint).max().orElse(0);
      sewn.add(new Sewn(look.joint(), mm, planned, share, "%s sewn, %s planned: %s".formatted(wording.length(mm), wording.length(planned), isRight(mm, planned) ? "as it should be." : wrong(share, good))));
    }
    return sewn;
  }

  /** Whether a length is as it should be. */
  boolean isRight(Sewn sewn) {
    return isRight(sewn.mm, sewn.plannedMm);
  }

  private boolean isRight(double mm, double planned) {
    return Math.abs(planned - mm) <= Math.max(RIGHT_MM, planned * (rules.get(HouseRules.Rule.MATCHED_SHARE) + SLACK));
  }

  private String wrong(double share, int good) {
    String back = plan.stops().stream().filter(stop -> stop.joint() == good && good > 0).findFirst().map(stop -> "undo to marker %d".formatted(stop.number())).orElse("undo it");
    return share > 0
        ? "it draws in by %s: tug it straight; if that does not do, %s from here, or %s.".formatted(wording.percent(share), bigger(), back)
        : "it is slack by %s: %s from here, or %s.".formatted(wording.percent(-share), isNeedle() ? "pull each stitch a little closer" : "half a hook size down", back);
  }

  /** What the shorter side measures up to the places that so many joints have used up, mm. */
  private double plannedMm(SeamPlan seam, int joints) {
    return Stream.of(mm(seam.a(), plan.used(joints, Side.A)), mm(seam.b(), plan.used(joints, Side.B))).min(Comparator.naturalOrder()).orElse(0.0);
  }

  private static double mm(SidePlan side, int places) {
    return side.rails().stream().mapToDouble(rail -> Math.max(0, Math.min(places - rail.firstPlace(), rail.places())) * rail.placeMm()).sum();
  }
}
