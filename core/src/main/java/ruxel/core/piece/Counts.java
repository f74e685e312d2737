package ruxel.core.piece;

import java.util.Optional;

/**
 * The up to three counts of a run (model 1): planned by the recipe, as made (counted on the finished
 * piece), as worked (what joining did). None overwrites another; the latest of them is used.
 */
public record Counts(int planned, Optional<Integer> made, Optional<Integer> worked) {
  /** Which of the counts is in use. */
  public enum Source {
    PLANNED,
    AS_MADE,
    AS_WORKED
  }

  public Counts {
    check(planned);
    made.ifPresent(Counts::check);
    worked.ifPresent(Counts::check);
  }

  public static Counts planned(int count) {
    return new Counts(count, Optional.empty(), Optional.empty());
  }

  public Counts withMade(Optional<Integer> count) {
    return new Counts(planned, count, worked);
  }

  public Counts withWorked(Optional<Integer> count) {
    return new Counts(planned, made, count);
  }

  public int used() {
    return worked.or(() -> made).orElse(planned);
  }

  public Source source() {
    return worked.isPresent() ? Source.AS_WORKED : made.isPresent() ? Source.AS_MADE : Source.PLANNED;
  }

  private static void check(int count) {
    if (count < 1) {
      throw new IllegalArgumentException("Expected a count of at least 1 (%d)".formatted(count));
    }
  }
}
