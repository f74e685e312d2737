package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.change.GarmentStrips;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Glued;
import ruxel.core.glue.GluedJoin;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Segment;
import ruxel.core.glue.Surface;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.Cost;
import ruxel.core.match.From;
import ruxel.core.match.Group;
import ruxel.core.match.Interval;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.Stretch;
import ruxel.core.match.WholeIntervals;
import ruxel.core.measure.HouseRules;

/**
 * What a check from outside needs beside the plan (model 9): the faces, pieces first and then strips, with all segments of their
 * gluing, where each break of a seam has its image, the odd cycles of seams that let no right side be outside, and what an interval was
 * before it was parted.
 */
public record Proof(List<FaceView> faces, List<SegmentView> segments, List<Breaks> breaks, List<List<String>> oddCycles, List<Parted> parted) {
  /** A face with its edges in ring order. */
  public record FaceView(PieceId id, boolean strip, List<String> edges) {}

  /** A segment, half units along its edge; {@code twin} and {@code by} are there where it is glued, by a seam, a strip or a strip's ends. */
  public record SegmentView(int index, PieceId face, String edge, int fromHalf, int toHalf, int next, Optional<Integer> twin, Optional<String> by, boolean turned) {}

  /** Where the breaks of either side of a seam meet the other, half units along both sides, in the seam's direction. */
  public record Breaks(String seam, List<GluedJoin.Meeting> meetings) {}

  /** An interval that is worked in parts: the optimum of the whole, and why no rhythm was kept for it. */
  public record Parted(SeamId seam, String start, String end, From from, int a, int b, List<Group> optimumGroups, Cost optimum, Optional<NoRhythm> noRhythm) {}

  /** Why an interval is not worked by one rhythm. */
  public enum NoRhythm {
    UNEVEN_EDGES,
    NO_EASE_PLACES,
    NONE_ADMISSIBLE
  }

  /** Refused as the layout of the garment is. */
  public static Outcome<Proof> of(Garment garment) {
    return Layout.of(garment).then(layout -> Outcome.of(of(layout, garment.rules())));
  }

  private static Proof of(Layout layout, HouseRules rules) {
    Construct construct = layout.construct();
    List<SeamMatch> matches = SeamMatch.all(construct.resolved().seams(), rules);
    Glued glued = Glued.of(construct.pieces(), matches);
    Gluing all = GarmentStrips.of(layout, glued).gluing();
    int pieces = construct.pieces().size();
    return new Proof(
        IntStream.range(0, all.faces().size()).mapToObj(i -> new FaceView(all.faces().get(i).id(), i >= pieces, all.faces().get(i).edges().stream().map(edge -> edge.id()).toList())).toList(),
        all.segments().stream().map(segment -> segment(all, segment)).toList(),
        glued.joins().stream().map(join -> new Breaks(join.join().id().text(), join.meetings())).toList(),
        Surface.of(all).parts().stream().map(part -> part.twist().stream().map(join -> join.id().text()).toList()).filter(cycle -> !cycle.isEmpty()).toList(),
        matches.stream().flatMap(match -> parted(match, rules).stream()).toList());
  }

  private static SegmentView segment(Gluing gluing, Segment segment) {
    Optional<Integer> twin = segment.twin().stream().boxed().findFirst();
    return new SegmentView(
        segment.index(), gluing.faces().get(segment.face()).id(), gluing.edgeOf(segment).id(), segment.fromHalf(), segment.toHalf(), segment.next(), twin, segment.join().map(join -> join.id().text()), segment.turned());
  }

  private static List<Parted> parted(SeamMatch match, HouseRules rules) {
    List<Parted> parted = new ArrayList<>();
    for (Interval whole : match.isPlanned() ? WholeIntervals.of(match) : List.<Interval>of()) {
      if (match.intervals().stream().noneMatch(each -> each.aFromInclusive() == whole.aFromInclusive() && each.aToExclusive() == whole.aToExclusive())) {
        Stretch a = whole.stretchA(match.a());
        Stretch b = whole.stretchB(match.b());
        IntervalPlan plan = IntervalPlan.of(a, b, whole.from(), rules);
        parted.add(
            new Parted(match.seam().seam().id(), whole.start().id(), whole.end().id(), whole.from(), a.size(), b.size(), plan.optimumGroups(), plan.optimum(), noRhythm(plan, a, b)));
      }
    }
    return parted;
  }

  private static Optional<NoRhythm> noRhythm(IntervalPlan plan, Stretch a, Stretch b) {
    if (plan.rhythm().isPresent()) {
      return Optional.empty();
    }
    boolean even = a.isEven() && b.isEven();
    return Optional.of(!even ? NoRhythm.UNEVEN_EDGES : IntervalPlan.wantsRhythm(a, b, plan.optimum()) ? NoRhythm.NONE_ADMISSIBLE : NoRhythm.NO_EASE_PLACES);
  }
}
