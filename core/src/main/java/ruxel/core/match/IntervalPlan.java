package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;

/**
 * How one interval is worked (model 3): by an admissible rhythm where there is one, else by the optimum, or
 * by passing over places. Groups are in the seam's direction.
 */
public record IntervalPlan(
    int most,
    From from,
    List<Group> groups,
    Cost cost,
    Cost optimum,
    List<Group> optimumGroups,
    Optional<Rhythm> rhythm,
    boolean finerIsA) {

  public IntervalPlan {
    groups = List.copyOf(groups);
    optimumGroups = List.copyOf(optimumGroups);
  }

  /** Plans an interval as a whole, without parting it; complexity as {@link JointTable}. */
  public static IntervalPlan of(Stretch a, Stretch b, From from, HouseRules rules) {
    List<Group> best = JointTable.optimum(a, b, from);
    Cost optimum = Offsets.cost(a, b, best);
    boolean finerIsA = a.size() >= b.size();
    Optional<Rhythm> rhythm =
        wantsRhythm(a, b, optimum)
            ? RhythmSearch.find(
                Math.max(a.size(), b.size()), Math.min(a.size(), b.size()), optimum.worst(), rules)
            : Optional.empty();
    List<Group> worked = rhythm.map(found -> groups(found, finerIsA, from)).orElse(best);
    return new IntervalPlan(
        Pairing.mostInGroup(a.size(), b.size()),
        from,
        worked,
        rhythm.isPresent() ? Offsets.cost(a, b, worked) : optimum,
        optimum,
        best,
        rhythm,
        finerIsA);
  }

  /** Passing over places of the larger side; empty when there are too few to leave out so many. */
  static Optional<IntervalPlan> skipping(Stretch a, Stretch b, From from) {
    return SkipTable.groups(a, b, from)
        .map(
            groups -> {
              Cost cost = Offsets.cost(a, b, groups);
              return new IntervalPlan(
                  Pairing.mostInGroup(a.size(), b.size()), from, groups, cost, cost, groups, Optional.empty(), a.size() >= b.size());
            });
  }

  /** Even edges that need no easing of no-ease places are worked by a rhythm, all others by the optimum. */
  public static boolean wantsRhythm(Stretch a, Stretch b, Cost optimum) {
    boolean free = a.size() == b.size() || !(a.hasNoEase() || b.hasNoEase());
    return a.isEven() && b.isEven() && free && optimum.e() == 0;
  }

  private static List<Group> groups(Rhythm rhythm, boolean finerIsA, From from) {
    List<Group> groups = new ArrayList<>();
    for (int size : rhythm.sizes()) {
      groups.add(finerIsA ? new Group(size, 1) : new Group(1, size));
    }
    if (from == From.END) {
      Collections.reverse(groups);
    }
    return groups;
  }

  public int joints() {
    return groups.stream().mapToInt(Group::joints).sum();
  }

  /** The rhythm in words, or the worked groups one after the other, read from {@code from}. */
  public String words() {
    return rhythm.map(Rhythm::words).orElseGet(() -> words(0, groups.size()));
  }

  /** The group that begins after so many joints; the number of groups at the end. Linear in groups. */
  public int groupAt(int joints) {
    int done = 0;
    int group = 0;
    while (group < groups.size() && done < joints) {
      done += groups.get(group++).joints();
    }
    return group;
  }

  /** Groups {@code fromGroup} to {@code toGroup} in words, read from {@code from}. */
  public String words(int fromGroup, int toGroup) {
    List<Group> read = new ArrayList<>(groups.subList(fromGroup, toGroup));
    if (from == From.END) {
      Collections.reverse(read);
    }
    List<String> parts = new ArrayList<>();
    int start = 0;
    while (start < read.size()) {
      int end = start;
      while (end < read.size() && read.get(end).equals(read.get(start))) {
        end++;
      }
      parts.add(groupWords(read.get(start), end - start));
      start = end;
    }
    return Wording.capital(String.join(", then ", parts));
  }

  private String groupWords(Group group, int times) {
    if (group.leftOut()) {
      return "pass over " + Wording.number(times);
    }
    boolean otherWayRound = finerIsA ? group.q() > 1 : group.p() > 1;
    String words = otherWayRound ? "one into " + Wording.number(group.size()) : Rhythm.into(group.size());
    return times > 1 ? words + " " + Wording.times(times) : words;
  }
}
