package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;

/** Whether a seam is begun at its other end, whatever is usual for it. */
public record TurnedSeam(SeamId seam, boolean turned) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "where %s begins".formatted(names.seam(seam));
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return Optional.of(seam);
  }
}
