package ruxel.core.strip;

import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Picots on every k-th stitch (handbook 11): from plain stitch to plain stitch there are k − 1 more than a multiple of k, in a full round
 * without a plain stretch a multiple of k, which the round before has to provide.
 */
public record Picots(int every, int stitches, int count, Optional<Integer> fewer, Optional<Integer> more) {
  public static final int LEAST = 2;
  public static final int MOST = 50;
  /** What a chain takes of yarn for its length, as a slip stitch does (handbook 8). */
  public static final double YARN_PER_LENGTH = 3.5;

  /**
   * On so many stitches; where they do not fit, the next counts that do are told.
   *
   * @param full whether it is a round without a plain stretch
   */
  public static Picots on(int stitches, int every, boolean full) {
    if (every < LEAST) {
      throw new IllegalArgumentException("Expected a picot on every %dth stitch or fewer (%d)".formatted(LEAST, every));
    }
    int plain = full ? 0 : every - 1;
    int over = Math.floorMod(stitches - plain, every);
    if (over == 0) {
      return new Picots(every, stitches, (stitches - plain) / every, Optional.empty(), Optional.empty());
    }
    int less = stitches - over;
    return new Picots(every, stitches, 0, less >= plain && less > 0 ? Optional.of(less) : Optional.empty(), Optional.of(less + every));
  }

  public boolean fits() {
    return more.isEmpty();
  }

  /** The stitches that have one, from 1. */
  public Stream<Integer> at() {
    return IntStream.rangeClosed(1, count).map(i -> i * every).boxed();
  }
}
