package ruxel.core.strip;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * So many stitches gathered to fewer in one round (handbook 11): {@code twos} times two together and {@code threes} times three
 * together, the others one each.
 */
public record Gathering(int from, int to, int twos, int threes) {
  private static final int THREE = 3;

  /** Empty where one round cannot do it: more than there are, or fewer than a third of them. */
  public static Optional<Gathering> of(int from, int to) {
    if (to < 1 || to > from || 3L * to < from) {
      return Optional.empty();
    }
    return Optional.of(2L * to >= from ? new Gathering(from, to, from - to, 0) : new Gathering(from, to, 3 * to - from, from - 2 * to));
  }

  /** Stitches worked one each. */
  public int plain() {
    return from - 2 * twos - 3 * threes;
  }

  /**
   * How many are worked together, one after the other: the rarer size evenly spread, three together over the seams first.
   *
   * @param seams after how many stitches there is a seam
   */
  public List<Integer> sizes(List<Integer> seams) {
    int less = threes > 0 ? 2 : 1;
    int more = threes > 0 ? threes : twos;
    Integer[] sizes = new Integer[to];
    Arrays.fill(sizes, less);
    for (int j = 0; j < more; j++) {
      sizes[(int) ((2L * j + 1) * to / (2L * more))] = less + 1;
    }
    Set<Integer> fixed = new HashSet<>();
    for (int seam : threes > 0 ? seams : List.<Integer>of()) {
      overSeam(sizes, at(sizes, seam), fixed);
    }
    return List.of(sizes);
  }

  /** Brings the nearest three together that lie over no seam yet to a group that does. */
  private static void overSeam(Integer[] sizes, int group, Set<Integer> fixed) {
    IntStream.range(0, sizes.length)
        .filter(i -> sizes[i] == THREE && !fixed.contains(i))
        .boxed()
        .min(Comparator.comparingInt(i -> Math.abs(i - group)))
        .filter(nearest -> !fixed.contains(group))
        .ifPresent(
            nearest -> {
              int there = sizes[group];
              sizes[group] = THREE;
              sizes[nearest] = nearest == group ? THREE : there;
              fixed.add(group);
            });
  }

  /** The group that holds the stitch before a seam. */
  private static int at(Integer[] sizes, int seam) {
    int before = 0;
    for (int i = 0; i < sizes.length; i++) {
      before += sizes[i];
      if (before >= seam) {
        return i;
      }
    }
    return sizes.length - 1;
  }
}
