package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;

/**
 * Places the markers (handbook 6): at anchors, then at the ends of the rhythm's repeats where these keep
 * every gap within the house's limits, else at group borders in even steps.
 */
final class Checkpoints {
  private final List<Joints.Joint> joints;
  private final SideLayout a;
  private final SideLayout b;
  private final int mostJoints;
  private final double mostMm;
  private final int mostToKeep;
  private final TreeMap<Integer, Checkpoint> byJoint = new TreeMap<>();

  private Checkpoints(List<Joints.Joint> joints, SideLayout a, SideLayout b, HouseRules rules) {
    this.joints = joints;
    this.a = a;
    this.b = b;
    mostJoints = (int) rules.get(Rule.MARKER_JOINTS);
    mostMm = rules.get(Rule.MARKER_MM);
    mostToKeep = (int) rules.get(Rule.RHYTHM_NUMBERS);
  }

  static List<Checkpoint> of(
      List<PlacedAnchor> anchors,
      List<Interval> intervals,
      List<IntervalPlan> plans,
      List<Joints.Joint> joints,
      SideLayout a,
      SideLayout b,
      HouseRules rules) {
    Checkpoints checkpoints = new Checkpoints(joints, a, b, rules);
    checkpoints.anchors(anchors);
    for (int i = 0; i < plans.size(); i++) {
      checkpoints.interval(i, plans.get(i), intervals.get(i).end().isSplit());
    }
    return checkpoints.numbered();
  }

  private void anchors(List<PlacedAnchor> anchors) {
    for (PlacedAnchor anchor : anchors.subList(1, anchors.size() - 1)) {
      int joint = 0;
      while (joint < joints.size() && endsBy(joints.get(joint), anchor)) {
        joint++;
      }
      put(Checkpoint.Kind.ANCHOR, anchor.name(), joint);
    }
  }

  private static boolean endsBy(Joints.Joint joint, PlacedAnchor anchor) {
    return joint.a() >= 0 ? 2 * joint.a() + 1 <= anchor.a() : 2 * joint.b() + 1 <= anchor.b();
  }

  private void interval(int index, IntervalPlan plan, boolean endsInSplit) {
    int first = firstJointFrom(0, index, true);
    int last = firstJointFrom(first, index, false);
    if (endsInSplit) {
      put(Checkpoint.Kind.STEP, "", last);
    }
    Optional<List<Integer>> repeats = repeatEnds(plan, first, last);
    Checkpoint.Kind kind = repeats.isPresent() ? Checkpoint.Kind.REPEAT : Checkpoint.Kind.STEP;
    Stages stages = new Stages(plan, first);
    List<Integer> stops = repeats.orElseGet(() -> fits(first, last) && stages.canBeKept(first, last) ? List.of() : evenSteps(first, last, stages));
    for (int stop : stops) {
      put(kind, "", stop);
    }
  }

  private int firstJointFrom(int start, int interval, boolean inside) {
    int joint = start;
    while (joint < joints.size() && (joints.get(joint).interval() == interval) != inside) {
      joint++;
    }
    return joint;
  }

  /** The ends of every repeat, or of every second, third … one: the rarest that keeps within the limits. */
  private Optional<List<Integer>> repeatEnds(IntervalPlan plan, int first, int last) {
    List<Integer> ends = plan.rhythm().filter(rhythm -> rhythm.repeatEnds().size() > 1).map(Rhythm::repeatEnds).orElse(List.of());
    for (int every = ends.size(); every >= 1; every--) {
      List<Integer> stops = new ArrayList<>();
      for (int i = every - 1; i < ends.size(); i += every) {
        int stop = plan.from() == From.START ? first + ends.get(i) : last - ends.get(i);
        if (stop > first && stop < last) {
          stops.add(stop);
        }
      }
      stops.sort(null);
      if (withinLimits(first, last, stops)) {
        return Optional.of(stops);
      }
    }
    return Optional.empty();
  }

  private boolean withinLimits(int first, int last, List<Integer> stops) {
    int since = first;
    for (int stop : stops) {
      if (!fits(since, stop)) {
        return false;
      }
      since = stop;
    }
    return fits(since, last);
  }

  /** What is to be kept in the head between two joints of an interval that is worked by the optimum. */
  private final class Stages {
    private final IntervalPlan plan;
    private final int first;

    Stages(IntervalPlan plan, int first) {
      this.plan = plan;
      this.first = first;
    }

    boolean canBeKept(int fromJoint, int toJoint) {
      return plan.rhythm().isPresent()
          || plan.toKeep(plan.groupAt(fromJoint - first), plan.groupAt(toJoint - first)) <= mostToKeep;
    }

    boolean canBeKept(int fromJoint, int toJoint, List<Integer> stops) {
      int since = fromJoint;
      for (int stop : stops) {
        if (!canBeKept(since, stop)) {
          return false;
        }
        since = stop;
      }
      return canBeKept(since, toJoint);
    }
  }

  /** The fewest even steps over group borders that keep within the limits. */
  private List<Integer> evenSteps(int first, int last, Stages stages) {
    int count = last - first;
    List<Integer> stops = List.of();
    for (int parts = 2; parts <= count; parts++) {
      stops = new ArrayList<>();
      for (int part = 1; part < parts; part++) {
        int stop = nearestBorder(first, last, first + (int) Math.round((double) count * part / parts));
        if (stop > first && stop < last && (stops.isEmpty() || stop > stops.get(stops.size() - 1))) {
          stops.add(stop);
        }
      }
      if (withinLimits(first, last, stops) && stages.canBeKept(first, last, stops)) {
        return stops;
      }
    }
    return stops;
  }

  private int nearestBorder(int first, int last, int wished) {
    for (int away = 0; away < last - first; away++) {
      for (int stop : new int[] {wished - away, wished + away}) {
        if (stop > first && stop < last && joints.get(stop - 1).groupEnds()) {
          return stop;
        }
      }
    }
    return last;
  }

  private boolean fits(int fromJoint, int toJoint) {
    return toJoint - fromJoint <= mostJoints
        && Math.max(length(fromJoint, toJoint, true), length(fromJoint, toJoint, false)) <= mostMm + 1e-9;
  }

  private double length(int fromJoint, int toJoint, boolean onA) {
    if (toJoint <= fromJoint) {
      return 0;
    }
    SideLayout side = onA ? a : b;
    int first = Math.max(0, onA ? joints.get(fromJoint).a() : joints.get(fromJoint).b());
    int last = onA ? joints.get(toJoint - 1).a() : joints.get(toJoint - 1).b();
    return side.lengthMm(first, last + 1);
  }

  private void put(Checkpoint.Kind kind, String name, int joint) {
    int placeA = 0;
    int placeB = 0;
    for (Joints.Joint done : joints.subList(0, joint)) {
      placeA = Math.max(placeA, done.a() + 1);
      placeB = Math.max(placeB, done.b() + 1);
    }
    byJoint.putIfAbsent(joint, new Checkpoint(0, kind, name, joint, placeA, placeB));
  }

  private List<Checkpoint> numbered() {
    List<Checkpoint> numbered = new ArrayList<>();
    for (Checkpoint c : byJoint.values()) {
      numbered.add(new Checkpoint(numbered.size() + 1, c.kind(), c.name(), c.joint(), c.placeA(), c.placeB()));
    }
    return List.copyOf(numbered);
  }
}
