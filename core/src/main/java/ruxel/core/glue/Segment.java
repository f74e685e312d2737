package ruxel.core.glue;

import java.util.Optional;
import java.util.OptionalInt;
import ruxel.core.seam.Join;

/**
 * A stretch of an edge between two neighbouring cuts of the gluing, in half units of its edge (2k a cut,
 * 2k + 1 the middle of unit k). {@code next} and {@code previous} follow the face's ring,
 * counter-clockwise from the right side; a glued segment has its twin, the join that glues it, and
 * whether both run the same way round, so that one of the two shows its wrong side (model 4).
 */
public record Segment(
    int index,
    int face,
    int edge,
    int fromHalf,
    int toHalf,
    int next,
    int previous,
    OptionalInt twin,
    Optional<Join> join,
    boolean turned) {

  /** Not glued, or not yet. */
  Segment freed() {
    return isFree() ? this : new Segment(index, face, edge, fromHalf, toHalf, next, previous, OptionalInt.empty(), Optional.empty(), false);
  }

  public boolean isFree() {
    return twin.isEmpty();
  }
}
