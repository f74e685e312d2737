package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;

/**
 * The joints of a seam one by one: the place of A and of B that each passes through, −1 where a fixed
 * joint goes into a seam place.
 */
public final class Joints {
  /**
   * One passing of hook or needle. {@code interval} is −1 for a joint fixed by an anchor; {@code onA} and {@code onB} say
   * how many places it takes at once, of which {@code a} and {@code b} are the last.
   */
  public record Joint(int a, int b, int interval, boolean groupEnds, int onA, int onB) {}

  private Joints() {}

  /** The joints of a group: each of its pairs, or the whole group at once. */
  public static int in(Group group, boolean together) {
    return together ? Math.min(1, group.joints()) : group.joints();
  }

  /** All joints in the seam's direction. Linear in their number. */
  static List<Joint> of(List<PlacedAnchor> anchors, List<Interval> intervals, List<IntervalPlan> plans, boolean together) {
    List<Joint> joints = new ArrayList<>();
    int next = 0;
    for (PlacedAnchor anchor : anchors) {
      if (anchor.joins()) {
        joints.add(new Joint(anchor.placeOnA() ? anchor.a() / 2 : -1, anchor.placeOnB() ? anchor.b() / 2 : -1, -1, true, 1, 1));
      }
      while (next < intervals.size() && (intervals.get(next).start() == anchor || intervals.get(next).start().isSplit())) {
        add(joints, intervals.get(next), plans.get(next), next, together);
        next++;
      }
    }
    return List.copyOf(joints);
  }

  private static void add(List<Joint> joints, Interval interval, IntervalPlan plan, int index, boolean together) {
    int a = interval.aFromInclusive();
    int b = interval.bFromInclusive();
    for (Group group : plan.groups()) {
      for (int k = group.joints() - in(group, together); k < group.joints(); k++) {
        joints.add(
            new Joint(
                group.p() == 1 ? a : a + k, group.q() == 1 ? b : b + k, index, k == group.size() - 1,
                together ? group.p() : 1, together ? group.q() : 1));
      }
      a += group.p();
      b += group.q();
    }
  }
}
