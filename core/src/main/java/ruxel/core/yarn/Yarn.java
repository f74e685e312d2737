package ruxel.core.yarn;

import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import ruxel.core.identity.WorkRef;

/**
 * A yarn the maker works with (handbook 3): what its label says, its traits, and what is left of it. Lengths of a ball in metres,
 * weights in grams.
 */
public record Yarn(
    String id,
    String name,
    String colour,
    Weight weight,
    String fibre,
    Optional<Double> metresPerBall,
    Optional<Double> gramsPerBall,
    Set<Trait> traits,
    Optional<Left> left) {
  public static final int MOST_COLOUR = 40;
  public static final int MOST_FIBRE = 100;
  public static final double MOST_METRES = 20_000;
  public static final double MOST_GRAMS = 5_000;
  public static final double MOST_LEFT = 100_000;
  private static final double MM_PER_M = 1000;

  /** Weight classes by the names on labels. */
  public enum Weight {
    LACE,
    FINGERING,
    SPORT,
    LIGHT_WORSTED,
    WORSTED,
    BULKY,
    SUPER_BULKY;

    /** Too thick for a ridge to lie down (handbook 8). */
    public boolean isBulky() {
      return this == BULKY || this == SUPER_BULKY;
    }
  }

  /** What a yarn does to a seam. */
  public enum Trait {
    FUZZY,
    SLIPPERY,
    SPLITTY,
    VARIEGATED,
    STEAMABLE
  }

  /** What was weighed, and the work that had been done by then. */
  public record Left(double grams, List<WorkRef> after) {
    /** Every seam and line there may be, with as many boards and strips. */
    public static final int MOST_AFTER = 5_000;

    public Left {
      after = List.copyOf(after);
    }
  }

  public Yarn {
    Set<Trait> sorted = EnumSet.noneOf(Trait.class);
    sorted.addAll(traits);
    traits = Collections.unmodifiableSet(sorted);
  }

  /** The same by another id. */
  public Yarn withId(String other) {
    return new Yarn(other, name, colour, weight, fibre, metresPerBall, gramsPerBall, traits, left);
  }

  public boolean is(Trait trait) {
    return traits.contains(trait);
  }

  /** Mm of yarn in a gram; empty where the label was not told in full. */
  public OptionalDouble mmPerGram() {
    return metresPerBall.isPresent() && gramsPerBall.isPresent()
        ? OptionalDouble.of(metresPerBall.get() * MM_PER_M / gramsPerBall.get())
        : OptionalDouble.empty();
  }

  /** What is left of it, mm. */
  public OptionalDouble leftMm() {
    OptionalDouble perGram = mmPerGram();
    return left.isPresent() && perGram.isPresent() ? OptionalDouble.of(left.get().grams() * perGram.getAsDouble()) : OptionalDouble.empty();
  }

  /** Whether two yarns look alike: the same words for their colour. */
  public boolean looksLike(Yarn other) {
    return id.equals(other.id) || colour.strip().toLowerCase(Locale.ROOT).equals(other.colour.strip().toLowerCase(Locale.ROOT));
  }
}
