package ruxel.core.match;

import java.util.List;

/** The intervals of a seam from anchor to anchor, before they are parted, also where no plan could be made. */
public final class WholeIntervals {
  private WholeIntervals() {}

  public static List<Interval> of(SeamMatch match) {
    return Intervals.of(match.seam(), match.a(), match.b()).intervals();
  }
}
