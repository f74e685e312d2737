package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;

/** The joining method of a seam. */
public record ChosenMethod(SeamId seam, String method) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "the method of " + names.seam(seam);
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return Optional.of(seam);
  }
}
