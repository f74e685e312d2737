package ruxel.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * How many stitches each stretch takes (handbook 11). Stretches of one group are equal and the total meets the multiple; then each is
 * near its length; then it has a plain rhythm. Odd stitches go beside seam places first. Near linear in the stretches times the
 * multiple.
 */
final class PickUp {
  private final List<Wish> wishes;
  private final int others;
  private final Strip.Multiple multiple;
  private final Map<Integer, List<Integer>> groups = new TreeMap<>();
  /** Those of which no stretch is settled. */
  private final List<Integer> free;

  /**
   * @param others stitches at seam places, corner spaces and corners
   */
  private PickUp(List<Wish> wishes, int others, Strip.Multiple multiple) {
    this.wishes = wishes;
    this.others = others;
    this.multiple = multiple;
    IntStream.range(0, wishes.size()).forEach(i -> groups.computeIfAbsent(wishes.get(i).group(), key -> new ArrayList<>()).add(i));
    free = groups.keySet().stream().filter(key -> groups.get(key).stream().allMatch(i -> wishes.get(i).settled().isEmpty())).toList();
  }

  /** The counts in turn; empty when no count of equal stretches meets the multiple. */
  static Optional<List<Integer>> of(List<Wish> wishes, int others, double length, Strip.Multiple multiple) {
    return new PickUp(wishes, others, multiple).counts(length);
  }

  /** Of the totals that meet the multiple the one nearest to the length, with what is settled as it is; equal ones: the larger. */
  private Optional<List<Integer>> counts(double measured) {
    double length = measured + wishes.stream().mapToDouble(wish -> wish.settled().map(count -> count - wish.target()).orElse(0.0)).sum();
    int[] preferred = wishes.stream().mapToInt(Wish::preferred).toArray();
    int now = IntStream.of(preferred).sum() + others;
    if (multiple.meets(now)) {
      return Optional.of(IntStream.of(preferred).boxed().toList());
    }
    // Twice the multiple reaches every total that equal pairs can make.
    int reach = 2 * multiple.of();
    return IntStream.rangeClosed((int) Math.floor(length) - reach, (int) Math.ceil(length) + reach)
        .filter(total -> total > others && multiple.meets(total))
        .boxed()
        .sorted(Comparator.<Integer>comparingDouble(total -> Math.abs(total - length)).thenComparing(Comparator.reverseOrder()))
        .flatMap(total -> moved(preferred, total - now).stream())
        .findFirst();
  }

  /** So many more, or fewer, one group after the other; empty when groups of several cannot make it up. */
  private Optional<List<Integer>> moved(int[] preferred, int more) {
    int[] counts = preferred.clone();
    int way = Integer.signum(more);
    int left = Math.abs(more);
    boolean[] reached = reached(left);
    // An odd rest needs an odd group once; the larger groups make up the rest.
    while (left > 0) {
      int rest = left;
      Optional<Integer> group =
          free.stream()
              .filter(key -> size(key) <= rest && counts[groups.get(key).get(0)] + way >= 1 && reached[rest - size(key)])
              .min(Comparator.<Integer>comparingDouble(key -> price(key, counts, way)).thenComparing(Comparator.naturalOrder()));
      if (group.isEmpty()) {
        return Optional.empty();
      }
      groups.get(group.get()).forEach(i -> counts[i] += way);
      left -= size(group.get());
    }
    return Optional.of(IntStream.of(counts).boxed().toList());
  }

  private int size(int group) {
    return groups.get(group).size();
  }

  /** Which rests up to one the free groups can make up between them. */
  private boolean[] reached(int most) {
    boolean[] reached = new boolean[most + 1];
    reached[0] = true;
    for (int size : free.stream().map(this::size).distinct().toList()) {
      for (int i = size; i <= most; i++) {
        reached[i] |= reached[i - size];
      }
    }
    return reached;
  }

  /** What one more, or fewer, costs: not beside a seam, a rhythm lost, far from its length. */
  private double price(int group, int[] counts, int way) {
    Wish wish = wishes.get(groups.get(group).get(0));
    int then = counts[groups.get(group).get(0)] + way;
    double off = Math.abs(then - wish.target()) / Math.max(1, wish.target());
    boolean losesRhythm = wish.hasRhythm(then - way) && !wish.hasRhythm(then);
    return (wish.isClose(then) ? 0 : FAR) + (wish.besideSeam() ? 0 : AWAY) + (losesRhythm ? LOST : 0) + off;
  }

  private static final double FAR = 1000;
  private static final double AWAY = 100;
  private static final double LOST = 0.01;
}
