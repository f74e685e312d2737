package ruxel.core.plan;

import java.util.Set;
import ruxel.core.identity.SeamId;

/** How much of a garment is told. */
sealed interface Scope {
  /** Whether a seam is told. */
  default boolean tells(SeamId seam) {
    return true;
  }

  /** Everything. */
  record All() implements Scope {}

  /** What something tried is judged by: how its pieces meet, in no order. */
  record Meeting() implements Scope {}

  /** Some seams. */
  record Some(Set<SeamId> seams) implements Scope {
    @Override
    public boolean tells(SeamId seam) {
      return seams.contains(seam);
    }
  }
}
