package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.identity.SeamId;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Span;

/**
 * A seam that goes no further than two cuts that meet; the rest of it stays open.
 *
 * @param before where it ended before it was ended there: it goes on to that when it is opened again
 */
public record EndedSeam(SeamId seam, End at, Optional<End> before) implements Decision {
  /**
   * Two cuts that meet.
   *
   * @param along which way the seam came to the cut on side A, so that the joined part is known when the seam is turned
   */
  public record End(Spot a, Spot b, Span.Along along) {
    public End carried(UnaryOperator<Spot> carried) {
      return new End(carried.apply(a), carried.apply(b), along);
    }
  }

  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "where %s ends".formatted(names.seam(seam));
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return Optional.of(seam);
  }
}
