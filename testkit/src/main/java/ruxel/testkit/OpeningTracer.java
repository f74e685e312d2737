package ruxel.testkit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Counts openings another way than the program: corners of polygons are merged through the glued sides,
 * then free sides are followed as links between merged corners. Shares no code with the gluing.
 *
 * <p>Side i of a polygon runs from its own corner to the corner of side {@code next[i]}; {@code twin[i]}
 * is the side glued to it or −1; {@code turned[i]} when both run the same way round.
 */
public final class OpeningTracer {
  private final int[] label;
  private final int[] next;
  private final int[] twin;

  public OpeningTracer(int[] next, int[] twin, boolean[] turned) {
    this.next = next.clone();
    this.twin = twin.clone();
    label = new int[next.length];
    Arrays.setAll(label, i -> i);
    for (int i = 0; i < next.length; i++) {
      if (twin[i] >= 0) {
        int other = twin[i];
        merge(i, turned[i] ? other : next[other]);
        merge(next[i], turned[i] ? next[other] : other);
      }
    }
  }

  private void merge(int one, int two) {
    int keep = label[one];
    int drop = label[two];
    for (int i = 0; i < label.length; i++) {
      if (label[i] == drop) {
        label[i] = keep;
      }
    }
  }

  /** Merged corners. */
  public int corners() {
    return (int) Arrays.stream(label).distinct().count();
  }

  /** Groups of free sides that hang together at their ends. */
  public List<Set<Integer>> openings() {
    List<Set<Integer>> openings = new ArrayList<>();
    Set<Integer> seen = new HashSet<>();
    for (int side = 0; side < next.length; side++) {
      if (twin[side] < 0 && !seen.contains(side)) {
        Set<Integer> group = new HashSet<>(Set.of(side));
        boolean grew = true;
        while (grew) {
          grew = false;
          for (int other = 0; other < next.length; other++) {
            if (twin[other] < 0 && !group.contains(other) && touches(group, other)) {
              group.add(other);
              grew = true;
            }
          }
        }
        seen.addAll(group);
        openings.add(group);
      }
    }
    return openings;
  }

  private boolean touches(Set<Integer> group, int other) {
    return group.stream()
        .anyMatch(
            side ->
                label[side] == label[other]
                    || label[side] == label[next[other]]
                    || label[next[side]] == label[other]
                    || label[next[side]] == label[next[other]]);
  }
}
