package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.seam.Surplus;

/**
 * An interval in the parts it is worked in (model 3): one plan, or a steered zone and the rest one to one, or
 * halves where no rhythm can be kept in the head. Each part is an interval of its own.
 */
final class Parts {
  /** A plan for the next {@code placesA} and {@code placesB} places; {@code gathers} where surplus is steered to. */
  record Part(int placesA, int placesB, IntervalPlan plan, boolean gathers) {
    private Part gathering() {
      return new Part(placesA, placesB, plan, true);
    }
  }

  /** Of how many parts one takes the fullness that is meant. */
  private static final int THIRD = 3;

  private final HouseRules rules;
  private final From from;
  private final boolean full;
  private final List<Part> parts = new ArrayList<>();

  private Parts(From from, boolean full, HouseRules rules) {
    this.rules = rules;
    this.from = from;
    this.full = full;
  }

  /**
   * @param full whether surplus steered to the open end is fullness that is meant, as a cap's
   * @return the parts in the seam's direction; none where the policy allows no plan: unequal counts with {@link
   *     Surplus#NOWHERE}, or more to pass over than {@link Surplus#SKIP} may
   */
  static List<Part> of(Stretch a, Stretch b, From from, Surplus surplus, boolean full, HouseRules rules) {
    if (from == From.END) {
      List<Part> turned = new ArrayList<>(new Parts(From.END, full, rules).from(a.reversed(), b.reversed(), surplus));
      Collections.reverse(turned);
      return List.copyOf(turned);
    }
    return List.copyOf(new Parts(From.START, full, rules).from(a, b, surplus));
  }

  /** All below runs from the end the surplus is reckoned from; plans are turned back where they are made. */
  private List<Part> from(Stretch a, Stretch b, Surplus surplus) {
    boolean equal = a.size() == b.size();
    switch (equal && !(a.hasSpaces() || b.hasSpaces()) ? Surplus.EVEN : surplus) {
      case EVEN -> even(a, b);
      case TO_HIDDEN -> steered(a, b, true);
      case TO_OPEN -> steered(a, b, false);
      case SKIP -> skipping(a, b).ifPresent(parts::add);
      case NOWHERE -> {
        if (equal) {
          even(a, b);
        }
      }
    }
    return parts;
  }

  private Optional<Part> skipping(Stretch a, Stretch b) {
    Optional<IntervalPlan> plan =
        from == From.END ? IntervalPlan.skipping(a.reversed(), b.reversed(), From.END) : IntervalPlan.skipping(a, b, From.START);
    return plan.map(found -> new Part(a.size(), b.size(), found, true));
  }

  private void even(Stretch a, Stretch b) {
    IntervalPlan plan =
        from == From.END ? IntervalPlan.of(a.reversed(), b.reversed(), From.END, rules) : IntervalPlan.of(a, b, From.START, rules);
    if (plan.rhythm().isEmpty() && IntervalPlan.wantsRhythm(a, b, plan.optimum())) {
      Half half = half(plan);
      even(a.part(0, half.a()), b.part(0, half.b()));
      even(a.part(half.a(), a.size()), b.part(half.b(), b.size()));
    } else {
      parts.add(new Part(a.size(), b.size(), plan, false));
    }
  }

  /** Places of both sides before the border where an interval is parted. */
  private record Half(int a, int b) {}

  /** The group border of the optimum nearest the middle; of two the one nearer to where the surplus begins. */
  private Half half(IntervalPlan plan) {
    List<Group> read = new ArrayList<>(plan.optimumGroups());
    if (from == From.END) {
      Collections.reverse(read);
    }
    int whole = read.stream().mapToInt(group -> plan.finerIsA() ? group.p() : group.q()).sum();
    Half here = new Half(0, 0);
    Half nearest = here;
    int least = Integer.MAX_VALUE;
    for (Group group : read.subList(0, read.size() - 1)) {
      here = new Half(here.a() + group.p(), here.b() + group.q());
      int off = Math.abs(2 * (plan.finerIsA() ? here.a() : here.b()) - whole);
      if (off < least) {
        least = off;
        nearest = here;
      }
    }
    return nearest;
  }

  private void steered(Stretch a, Stretch b, boolean atFrom) {
    Stretch finer = a.size() >= b.size() ? a : b;
    int zone = Math.min(finer.size(), zone(atFrom ? finer : finer.reversed(), Math.abs(a.size() - b.size()), atFrom));
    int rest = finer.size() - zone;
    if (rest == 0 || Math.min(a.size(), b.size()) <= rest) {
      gathering(a, b);
    } else if (atFrom) {
      gathering(a.part(0, a.size() - rest), b.part(0, b.size() - rest));
      even(a.part(a.size() - rest, a.size()), b.part(b.size() - rest, b.size()));
    } else {
      even(a.part(0, rest), b.part(0, rest));
      gathering(a.part(rest, a.size()), b.part(rest, b.size()));
    }
  }

  private void gathering(Stretch a, Stretch b) {
    int before = parts.size();
    even(a, b);
    parts.subList(before, parts.size()).replaceAll(Part::gathering);
  }

  /** Places of the finer side that take the surplus: the third beside the centre for fullness that is meant, else the house's zone. */
  private int zone(Stretch finer, int surplus, boolean atFrom) {
    return full && !atFrom ? Math.round(finer.size() / (float) THIRD) : Math.max(2 * surplus, placesIn(finer));
  }

  /** How many places of the finer side lie whole within the house's zone. */
  private int placesIn(Stretch finer) {
    double length = 0;
    int places = 0;
    while (places < finer.size() && length + finer.widths()[places] <= rules.get(Rule.ZONE_MM) + 1e-9) {
      length += finer.widths()[places++];
    }
    return places;
  }
}
