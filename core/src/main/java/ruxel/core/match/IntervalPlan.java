package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;

/**
 * How one interval is worked (model 3): by an admissible rhythm where there is one, else by the optimum.
 * Groups are in the seam's direction.
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

  /** Plans an interval; complexity as {@link JointTable}. */
  public static IntervalPlan of(Stretch a, Stretch b, From from, HouseRules rules) {
    List<Group> best = JointTable.optimum(a, b, from);
    Cost optimum = Offsets.cost(a, b, best);
    boolean finerIsA = a.size() >= b.size();
    boolean even = a.isEven() && b.isEven();
    boolean free = a.size() == b.size() || !(a.hasNoEase() || b.hasNoEase());
    Optional<Rhythm> rhythm =
        even && free && optimum.e() == 0
            ? RhythmSearch.find(
                Math.max(a.size(), b.size()), Math.min(a.size(), b.size()), optimum.worst(), rules)
            : Optional.empty();
    List<Group> worked = rhythm.map(found -> groups(found, finerIsA, from)).orElse(best);
    return new IntervalPlan(
        JointTable.mostInGroup(a.size(), b.size()),
        from,
        worked,
        Offsets.cost(a, b, worked),
        optimum,
        best,
        rhythm,
        finerIsA);
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
    return groups.stream().mapToInt(Group::size).sum();
  }

  /** The rhythm in words, or the optimum's groups one after the other, read from {@code from}. */
  public String words() {
    return rhythm.map(Rhythm::words).orElseGet(this::optimumWords);
  }

  private String optimumWords() {
    List<Group> read = new ArrayList<>(groups);
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
      String words = groupWords(read.get(start));
      parts.add(end - start > 1 ? words + " " + Wording.times(end - start) : words);
      start = end;
    }
    return Wording.capital(String.join(", then ", parts));
  }

  private String groupWords(Group group) {
    boolean otherWayRound = finerIsA ? group.q() > 1 : group.p() > 1;
    return otherWayRound ? "one into " + Wording.number(group.size()) : Rhythm.into(group.size());
  }
}
