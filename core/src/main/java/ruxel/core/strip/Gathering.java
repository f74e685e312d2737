package ruxel.core.strip;

import java.util.Optional;

/**
 * So many stitches gathered to fewer in one round (handbook 11): {@code twos} times two together and {@code threes} times three
 * together, the others one each.
 */
public record Gathering(int from, int to, int twos, int threes) {
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
}
