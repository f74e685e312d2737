package ruxel.core.match;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Fabric;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/**
 * A seam matched from end to end (handbook 6): its places, intervals with joint plans, joints, markers
 * and ease. With anchors that cannot be, it has findings and no plans.
 */
public record SeamMatch(
    ResolvedSeam seam,
    SideLayout a,
    SideLayout b,
    List<PlacedAnchor> anchors,
    List<Interval> intervals,
    List<IntervalPlan> plans,
    List<Ease> eases,
    Optional<Ease> ease,
    List<Joints.Joint> joints,
    List<Checkpoint> checkpoints,
    List<LocalSurplus> stretches,
    List<Finding> findings) {

  /** Table cells a garment may need: planning is refused above, before any computing (model 7). */
  public static final long MOST_CELLS = 50_000_000L;

  /** Places of all seams of a garment together: more than any garment has, and few enough to be planned at once. */
  public static final long MOST_PLACES = 150_000L;

  /** A cell with no-ease places costs as much as so many without. */
  private static final int HELD_CELL = 3;

  /** What a garment's other seams leave of its places and table cells. */
  public record Left(long places, long cells) {
    public static final Left ALL = new Left(MOST_PLACES, MOST_CELLS);

    public Left less(SeamMatch planned) {
      return new Left(places - planned.a.size() - planned.b.size(), cells - SeamMatch.cells(planned.intervals, planned.a, planned.b));
    }

    /** Whether there is as much left. */
    boolean holds(Left need) {
      return need.places <= places && need.cells <= cells;
    }
  }

  public static SeamMatch of(ResolvedSeam seam, HouseRules rules) {
    return of(seam, rules, Left.ALL);
  }

  /**
   * @param left what the garment's other seams leave; a seam that would take more is not planned
   */
  public static SeamMatch of(ResolvedSeam seam, HouseRules rules, Left left) {
    return Matched.last().find(seam, rules, left).orElseGet(() -> anew(seam, rules, left));
  }

  private static SeamMatch anew(ResolvedSeam seam, HouseRules rules, Left left) {
    SideLayout a = SideLayout.of(seam, Side.A, rules);
    SideLayout b = SideLayout.of(seam, Side.B, rules);
    Intervals.Result cut = Intervals.of(seam, a, b);
    List<Finding> findings = new ArrayList<>(cut.findings());
    Left need = new Left(a.size() + b.size(), cells(cut.intervals(), a, b));
    if (!left.holds(need)) {
      findings.add(
          Finding.of(
              FindingCode.TOO_LARGE, Where.seam(seam.seam().id()),
              Fact.text("seam", seam.seam().name()), Fact.count("a", a.size()), Fact.count("b", b.size())));
    }
    if (!findings.isEmpty()) {
      return new SeamMatch(
          seam, a, b, cut.anchors(), List.of(), List.of(), List.of(), Optional.empty(), List.of(), List.of(), List.of(),
          List.copyOf(findings));
    }
    SeamMatch match = planned(seam, a, b, cut, rules);
    Matched.last().keep(match, rules, need);
    return match;
  }

  /** All seams of a garment, in order, within what a garment may take together. */
  public static List<SeamMatch> all(List<ResolvedSeam> seams, HouseRules rules) {
    List<SeamMatch> matches = new ArrayList<>();
    Left left = Left.ALL;
    for (ResolvedSeam seam : seams) {
      SeamMatch match = of(seam, rules, left);
      left = left.less(match);
      matches.add(match);
    }
    return List.copyOf(matches);
  }

  /** The table cells the plans take; equal counts need none. */
  private static long cells(List<Interval> intervals, SideLayout a, SideLayout b) {
    return intervals.stream()
        .filter(interval -> interval.placesA() != interval.placesB())
        .mapToLong(
            interval -> {
              boolean held = interval.stretchA(a).hasNoEase() || interval.stretchB(b).hasNoEase();
              return (long) interval.placesA() * interval.placesB() * (held ? HELD_CELL : 1);
            })
        .sum();
  }

  private static SeamMatch planned(
      ResolvedSeam seam, SideLayout a, SideLayout b, Intervals.Result cut, HouseRules rules) {
    Seam.Working working = seam.seam().working();
    List<Interval> intervals = new ArrayList<>();
    List<IntervalPlan> plans = new ArrayList<>();
    List<Ease> eases = new ArrayList<>();
    List<Ease> uncut = new ArrayList<>();
    Ease.Full full = Ease.Full.of(seam);
    double stitchMm = stitchMm(seam);
    List<Finding> findings = new ArrayList<>();
    for (Interval interval : cut.intervals()) {
      Optional<Finding> refused = PolicyCheck.of(seam.seam(), interval, a, b);
      List<Parts.Part> parts =
          refused.isPresent()
              ? List.of()
              : Parts.of(interval.stretchA(a), interval.stretchB(b), interval.from(), working.surplus(), isFull(interval, working), rules);
      refused.ifPresent(findings::add);
      Ease ease = ease(interval, a, b, stitchMm, full, rules);
      uncut.add(ease);
      for (Interval part : interval.parted(parts)) {
        intervals.add(part);
        eases.add(ease);
      }
      parts.forEach(part -> plans.add(part.plan()));
    }
    if (!findings.isEmpty()) {
      return new SeamMatch(
          seam, a, b, cut.anchors(), List.of(), List.of(), List.of(), Optional.empty(), List.of(), List.of(), List.of(), List.copyOf(findings));
    }
    List<Joints.Joint> joints = Joints.of(cut.anchors(), intervals, plans, working.together());
    JointLine line = new JointLine(joints, a, b);
    List<Checkpoint> checkpoints = Checkpoints.of(cut.anchors(), intervals, plans, line, a, b, rules);
    Ease own = own(a, b, stitchMm, full, rules);
    Ease whole = whole(own, eases);
    findings.addAll(SeamNotes.of(seam, a, b, cut.intervals(), uncut, own, rules));
    List<LocalSurplus> stretches = LocalSurplus.of(seam, line, checkpoints, rules);
    findings.addAll(LocalSurplus.named(seam.seam(), stretches, intervals, a, whole, rules));
    return new SeamMatch(
        seam, a, b, cut.anchors(), List.copyOf(intervals), List.copyOf(plans), List.copyOf(eases), Optional.of(whole), joints, checkpoints,
        stretches, List.copyOf(findings));
  }

  /** Whether surplus steered to the open end is a cap's fullness: meant, and the open end is a centre and no end of the seam. */
  private static boolean isFull(Interval interval, Seam.Working working) {
    PlacedAnchor open = interval.from() == From.START ? interval.end() : interval.start();
    return working.fullness() > 0 && !open.id().equals(Seam.START) && !open.id().equals(Seam.END);
  }

  /** The wider gauge stitch of the pieces that are joined: half of it, or the house's 5 mm, counts as matched (handbook 6). */
  private static double stitchMm(ResolvedSeam seam) {
    return Stream.concat(seam.a().stream(), seam.b().stream()).mapToDouble(span -> span.piece().cloth().stitchWidthMm()).max().orElse(0);
  }

  private static Ease ease(Interval interval, SideLayout a, SideLayout b, double stitchMm, Ease.Full full, HouseRules rules) {
    double lengthA = interval.lengthA(a);
    double lengthB = interval.lengthB(b);
    List<Place> onA = a.places().subList(interval.aFromInclusive(), interval.aToExclusive());
    List<Place> onB = b.places().subList(interval.bFromInclusive(), interval.bToExclusive());
    Ease ease = Ease.of(lengthA, lengthB, stitchMm, give(onA, onB, lengthA, lengthB), full, rules);
    // No count comes nearer than half of what is counted there, as rows in a notch: that is no reason to stop.
    boolean isNearest = full.share() == 0 && ease.differenceMm() <= Math.max(widest(onA), widest(onB)) / 2;
    return isNearest && ease.verdict() == Ease.Verdict.STOP ? ease.as(Ease.Verdict.EASE_WITH_MARKERS) : ease;
  }

  private static double widest(List<Place> places) {
    return places.stream().mapToDouble(place -> place.run().advance().lengthMm()).max().orElse(0);
  }

  /** Any lace or dense stretch halves the ladder's steps; ribbing doubles them when it is the whole shorter side. */
  private static Ease.Give give(List<Place> onA, List<Place> onB, double lengthA, double lengthB) {
    if (Stream.concat(onA.stream(), onB.stream()).map(place -> place.run().fabric()).anyMatch(SeamMatch::isStiff)) {
      return Ease.Give.HALVED;
    }
    boolean ribIsShorter = lengthA <= lengthB ? isRib(onA) && !isRib(onB) : isRib(onB) && !isRib(onA);
    return ribIsShorter ? Ease.Give.DOUBLED : Ease.Give.USUAL;
  }

  private static boolean isStiff(Fabric fabric) {
    return fabric == Fabric.LACE || fabric == Fabric.DENSE;
  }

  private static boolean isRib(List<Place> places) {
    return places.stream().allMatch(place -> place.run().fabric() == Fabric.RIB);
  }

  /** Both sides from end to end: what is little in each interval may be much in all (model 3). */
  private static Ease own(SideLayout a, SideLayout b, double stitchMm, Ease.Full full, HouseRules rules) {
    double lengthA = a.lengthMm(0, a.size());
    double lengthB = b.lengthMm(0, b.size());
    return Ease.of(lengthA, lengthB, stitchMm, give(a.places(), b.places(), lengthA, lengthB), full, rules);
  }

  /** The seam's own figures with the worst verdict of these and of its intervals. */
  private static Ease whole(Ease own, List<Ease> eases) {
    Ease.Verdict worst = Stream.concat(Stream.of(own), eases.stream()).map(Ease::verdict).max(Comparator.naturalOrder()).orElseThrow();
    double ripple = eases.stream().mapToDouble(Ease::rippleMm).max().orElse(own.rippleMm());
    return new Ease(own.aMm(), own.bMm(), own.share(), worst, ripple);
  }

  /** Whether the seam has a plan that can be taken to the bench. */
  public boolean isPlanned() {
    return ease.isPresent();
  }
}
