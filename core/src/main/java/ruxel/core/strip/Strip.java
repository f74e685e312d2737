package ruxel.core.strip;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.identity.StripId;
import ruxel.core.seam.Anchor.Spot;

/**
 * An edging as the maker wants it (model 2, handbook 11): worked round the opening that {@code from} lies on, or only from there to
 * {@code to} in the order of work, right side up; its stitches a multiple and so many more. A strip that mirrors another has that
 * one's rounds and counts. What follows from it is a {@link WorkedOn}.
 *
 * @param band where it is made separately and sewn on: then there are no rounds
 * @param straightOn whether nothing is taken in at inner corners
 */
public record Strip(
    StripId id, String name, Spot from, Optional<Spot> to, List<Round> rounds, Multiple multiple, boolean straightOn, Trims trims, Optional<RibBand> band, Optional<StripId> mirrorOf) {
  public static final int MOST_ROUNDS = 60;

  public Strip {
    rounds = List.copyOf(rounds);
  }

  /**
   * So many times {@code of}, and {@code more}.
   *
   * @param round the round that has it, counted from 1; the last where none is named
   */
  public record Multiple(int of, int more, Optional<Integer> round) {
    public static final Multiple ANY = new Multiple(1, 0);
    public static final int MOST = 100;

    public Multiple(int of, int more) {
      this(of, more, Optional.empty());
    }

    /** The number of its round among so many, from 0. */
    public int roundOf(int rounds) {
      return Math.min(round.orElse(rounds), rounds) - 1;
    }

    /** What has to be met by so many fewer. */
    Multiple less(int by) {
      return new Multiple(of, Math.floorMod(more - by, of), round);
    }

    public boolean meets(int stitches) {
      return Math.floorMod(stitches - more, of) == 0;
    }
  }

  /**
   * The same where its ends have moved.
   *
   * @param cut where an end lies
   * @param unit where the unit lies at which a round begins
   */
  public Strip moved(UnaryOperator<Spot> cut, UnaryOperator<Spot> unit) {
    return new Strip(id, name, to.isEmpty() ? unit.apply(from) : cut.apply(from), to.map(cut), rounds, multiple, straightOn, trims, band, mirrorOf);
  }

  /** The same by another id. */
  public Strip withId(StripId other) {
    return new Strip(other, name, from, to, rounds, multiple, straightOn, trims, band, mirrorOf);
  }

  /** The same in another's place, as its mirror image. */
  Strip like(Strip original) {
    return new Strip(id, name, from, to, original.rounds, original.multiple, original.straightOn, original.trims.mirrored(), original.band, mirrorOf);
  }
}
