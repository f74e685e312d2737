package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.piece.Landmark;
import ruxel.core.seam.ResolvedSpan;

/**
 * Places the markers (handbook 6): at anchors and landmarks, then at the ends of the rhythm's repeats where these keep
 * every gap within the house's limits, else at group borders in even steps. Inside a group only where the group alone
 * is longer than the limits. Nearly linear in the joints.
 */
final class Checkpoints {
  /** More even shares than the least are tried so often; then the longest steps are taken that keep the limits. */
  private static final int MOST_TRIES = 24;

  private static final double SLACK = 1e-9;

  private final JointLine line;
  private final int mostJoints;
  private final double mostMm;
  private final int mostToKeep;
  private final TreeMap<Integer, Checkpoint> byJoint = new TreeMap<>();

  private Checkpoints(JointLine line, HouseRules rules) {
    this.line = line;
    mostJoints = (int) rules.get(Rule.MARKER_JOINTS);
    mostMm = rules.get(Rule.MARKER_MM);
    mostToKeep = (int) rules.get(Rule.RHYTHM_NUMBERS);
  }

  static List<Checkpoint> of(
      List<PlacedAnchor> anchors,
      List<Interval> intervals,
      List<IntervalPlan> plans,
      JointLine line,
      SideLayout a,
      SideLayout b,
      HouseRules rules) {
    Checkpoints checkpoints = new Checkpoints(line, rules);
    checkpoints.anchors(anchors);
    checkpoints.landmarks(a, true);
    checkpoints.landmarks(b, false);
    int joint = 0;
    for (int i = 0; i < plans.size(); i++) {
      while (line.interval(joint) != i) {
        joint++;
      }
      int first = joint;
      while (joint < line.size() && line.interval(joint) == i) {
        joint++;
      }
      checkpoints.interval(plans.get(i), first, joint, intervals.get(i).end().isSplit());
    }
    return checkpoints.numbered();
  }

  private void anchors(List<PlacedAnchor> anchors) {
    for (PlacedAnchor anchor : anchors.subList(1, anchors.size() - 1)) {
      int onA = line.behind(true, (anchor.a() + 1) / 2);
      int onB = line.behind(false, (anchor.b() + 1) / 2);
      put(Checkpoint.Kind.ANCHOR, anchor.name(), Math.max(onA, onB));
    }
  }

  private void landmarks(SideLayout side, boolean onA) {
    for (int s = 0; s < side.spans().size(); s++) {
      ResolvedSpan span = side.spans().get(s);
      for (Landmark landmark : span.edge().landmarks()) {
        for (int cut : landmark.cuts(span.edge())) {
          if (cut > span.from() && cut < span.to()) {
            int joint = line.behind(onA, side.placeCut(s, span.localHalf(2 * cut) / 2));
            if (joint > 0 && joint < line.size()) {
              put(landmark.kind() == Landmark.Kind.SHOULDER_STEP ? Checkpoint.Kind.SHOULDER_STEP : Checkpoint.Kind.LANDMARK, landmark.name(), joint);
            }
          }
        }
      }
    }
  }

  private void interval(IntervalPlan plan, int first, int last, boolean endsInSplit) {
    if (endsInSplit) {
      put(Checkpoint.Kind.STEP, "", last);
    }
    Stages stages = Stages.of(plan, first, last, mostToKeep);
    int start = Optional.ofNullable(byJoint.floorKey(first)).orElse(0);
    int end = Optional.ofNullable(byJoint.ceilingKey(last)).orElse(line.size());
    boolean parted = !byJoint.subMap(first, false, last, false).isEmpty();
    Optional<List<Integer>> repeats = parted ? Optional.empty() : repeatEnds(plan, first, last, start, end);
    if (repeats.isPresent()) {
      repeats.get().forEach(stop -> put(Checkpoint.Kind.REPEAT, "", stop));
      return;
    }
    List<Integer> fixed = new ArrayList<>(byJoint.subMap(first, false, last, false).keySet());
    fixed.add(end);
    int since = start;
    for (int stop : fixed) {
      for (int step : evenSteps(since, stop, stages)) {
        put(Checkpoint.Kind.STEP, "", step);
      }
      since = stop;
    }
  }

  /** The ends of every repeat, or of every second, third … one: the rarest that keeps within the limits. */
  private Optional<List<Integer>> repeatEnds(IntervalPlan plan, int first, int last, int start, int end) {
    List<Integer> ends = plan.rhythm().filter(rhythm -> rhythm.repeatEnds().size() > 1).map(Rhythm::repeatEnds).orElse(List.of());
    // Rarer than this no repeat can keep within the limits.
    int rarest = Math.min(ends.size(), mostJoints);
    for (int every = rarest; every >= 1; every--) {
      List<Integer> stops = new ArrayList<>();
      for (int i = every - 1; i < ends.size(); i += every) {
        int stop = plan.from() == From.START ? first + ends.get(i) : last - ends.get(i);
        if (stop > first && stop < last) {
          stops.add(stop);
        }
      }
      stops.sort(null);
      if (keepsWithin(start, end, stops, Stages.NONE)) {
        return Optional.of(stops);
      }
    }
    return Optional.empty();
  }

  /** The fewest even steps over group borders that keep within the limits; else the longest steps that do. */
  private List<Integer> evenSteps(int since, int stop, Stages stages) {
    if (keepsWithin(since, stop, List.of(), stages)) {
      return List.of();
    }
    int count = stop - since;
    int least = Math.max(2, Math.max(parts(count, mostJoints), Math.max(parts(length(since, stop, true), mostMm), parts(length(since, stop, false), mostMm))));
    for (int parts = least; parts <= Math.min(count, least + MOST_TRIES); parts++) {
      List<Integer> steps = new ArrayList<>();
      for (int part = 1; part < parts; part++) {
        int step = nearestBorder(since, stop, since + (int) Math.round((double) count * part / parts));
        if (step > since && step < stop && (steps.isEmpty() || step > steps.get(steps.size() - 1))) {
          steps.add(step);
        }
      }
      if (keepsWithin(since, stop, steps, stages)) {
        return steps;
      }
    }
    return longestSteps(since, stop, stages);
  }

  private static int parts(double whole, double most) {
    return (int) Math.ceil(whole / most - SLACK);
  }

  private int nearestBorder(int since, int stop, int wished) {
    for (int away = 0; away < stop - since; away++) {
      for (int step : new int[] {wished - away, wished + away}) {
        if (step > since && step < stop && line.isBorder(step)) {
          return step;
        }
      }
    }
    return stop;
  }

  private List<Integer> longestSteps(int since, int stop, Stages stages) {
    List<Integer> steps = new ArrayList<>();
    int here = since;
    while (!keeps(here, stop, stages)) {
      int next = longestStep(here, stop, stages);
      if (next >= stop) {
        break;
      }
      steps.add(next);
      here = next;
    }
    return steps;
  }

  /** To the last group border within the limits; inside a group where there is none; one joint at the least. */
  private int longestStep(int here, int stop, Stages stages) {
    int inside = here + 1;
    for (int step = Math.min(here + mostJoints, stop - 1); step > here; step--) {
      if (keeps(here, step, stages)) {
        if (line.isBorder(step)) {
          return step;
        }
        inside = Math.max(inside, step);
      }
    }
    return inside;
  }

  private boolean keepsWithin(int since, int stop, List<Integer> steps, Stages stages) {
    int here = since;
    for (int step : steps) {
      if (!keeps(here, step, stages)) {
        return false;
      }
      here = step;
    }
    return keeps(here, stop, stages);
  }

  private boolean keeps(int fromJoint, int toJoint, Stages stages) {
    return toJoint - fromJoint <= mostJoints
        && Math.max(length(fromJoint, toJoint, true), length(fromJoint, toJoint, false)) <= mostMm + SLACK
        && stages.canBeKept(fromJoint, toJoint);
  }

  private double length(int fromJoint, int toJoint, boolean onA) {
    return line.mm(onA, toJoint) - line.mm(onA, fromJoint);
  }

  /** What is to be kept in the head between two joints: changes of what is asked for where the optimum is worked. */
  private static final class Stages {
    static final Stages NONE = new Stages(new int[0], 0, 0);

    /** Changes up to each joint of the interval; empty where nothing is to be kept but a rhythm. */
    private final int[] changes;

    private final int first;
    private final int most;

    private Stages(int[] changes, int first, int most) {
      this.changes = changes;
      this.first = first;
      this.most = most;
    }

    static Stages of(IntervalPlan plan, int first, int last, int most) {
      if (plan.rhythm().isPresent()) {
        return NONE;
      }
      int[] changes = new int[last - first + 1];
      boolean together = plan.joints() > last - first;
      int joint = 0;
      int changed = 0;
      for (int g = 0; g < plan.groups().size(); g++) {
        changed += g > 0 && !plan.groups().get(g).equals(plan.groups().get(g - 1)) ? 1 : 0;
        int joints = plan.groups().get(g).joints();
        for (int k = together ? Math.min(1, joints) : joints; k > 0; k--) {
          changes[++joint] = changed;
        }
      }
      return new Stages(changes, first, most);
    }

    boolean canBeKept(int fromJoint, int toJoint) {
      return changes.length == 0 || changes[at(toJoint)] - changes[at(fromJoint + 1)] < most;
    }

    private int at(int joint) {
      return Math.max(0, Math.min(changes.length - 1, joint - first));
    }
  }

  private void put(Checkpoint.Kind kind, String name, int joint) {
    byJoint.putIfAbsent(joint, new Checkpoint(0, kind, name, joint, line.used(true, joint), line.used(false, joint)));
  }

  private List<Checkpoint> numbered() {
    List<Checkpoint> numbered = new ArrayList<>();
    for (Map.Entry<Integer, Checkpoint> entry : byJoint.entrySet()) {
      Checkpoint c = entry.getValue();
      numbered.add(new Checkpoint(numbered.size() + 1, c.kind(), c.name(), c.joint(), c.placeA(), c.placeB()));
    }
    return List.copyOf(numbered);
  }
}
