package ruxel.core.advice;

import java.util.Optional;
import ruxel.core.measure.School;
import ruxel.core.method.Wish;
import ruxel.core.seam.SeamRole;

/**
 * What the advice must know of one seam: traits of the yarns that meet there, whether its fabric is lace, whether its own yarn is
 * unlike both pieces, what is wanted, how the maker likes to join, and what hangs on it.
 */
public record SeamFacts(
    SeamRole role, boolean bulky, boolean fuzzy, boolean splitty, boolean lace, boolean peeks, Wish wish, Optional<School.Way> school, Optional<Load> load) {

  /** Nothing known but what it is in the garment. */
  public static SeamFacts of(SeamRole role) {
    return new SeamFacts(role, false, false, false, false, false, Wish.NONE, Optional.empty(), Optional.empty());
  }

  public boolean isHeavy() {
    return load.filter(Load::isHeavy).isPresent();
  }
}
