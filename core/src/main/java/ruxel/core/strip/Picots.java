package ruxel.core.strip;

import java.util.Optional;

/**
 * Picots on every k-th stitch (handbook 11): from plain stitch to plain stitch there are k − 1 more than a multiple of k, which the
 * round before has to provide.
 */
public record Picots(int every, int stitches, int count, Optional<Integer> fewer, Optional<Integer> more) {
  public static final int LEAST = 2;
  public static final int MOST = 50;

  /** On so many stitches; where they do not fit, the next counts that do are told. */
  public static Picots on(int stitches, int every) {
    if (every < LEAST) {
      throw new IllegalArgumentException("Expected a picot on every %dth stitch or fewer (%d)".formatted(LEAST, every));
    }
    int over = Math.floorMod(stitches - (every - 1), every);
    if (over == 0) {
      return new Picots(every, stitches, (stitches - (every - 1)) / every, Optional.empty(), Optional.empty());
    }
    int less = stitches - over;
    return new Picots(every, stitches, 0, less >= every - 1 && less > 0 ? Optional.of(less) : Optional.empty(), Optional.of(less + every));
  }

  public boolean fits() {
    return more.isEmpty();
  }
}
