package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;

/** How fast a maker joins (handbook 14): the median time between joints, rests left out. */
public final class Pace {
  private static final long SHORTEST_MS = 300;
  private static final long LONGEST_MS = 120_000;
  private static final int FEWEST = 3;

  private Pace() {}

  /**
   * Seconds a joint; empty until three gaps are known. Of joints that did not follow each other there is no gap. Gaps under 0.3 s are events sent together, gaps above two
   * minutes are rests.
   *
   * @param gapsMs between a joint and the next, ms
   */
  public static OptionalDouble secondsPerJoint(List<Long> gapsMs) {
    List<Long> gaps = new ArrayList<>(gapsMs.stream().filter(gap -> gap >= SHORTEST_MS && gap <= LONGEST_MS).toList());
    if (gaps.size() < FEWEST) {
      return OptionalDouble.empty();
    }
    Collections.sort(gaps);
    int middle = gaps.size() / 2;
    double median = gaps.size() % 2 == 1 ? gaps.get(middle) : (gaps.get(middle - 1) + gaps.get(middle)) / 2.0;
    return OptionalDouble.of(median / 1000);
  }
}
