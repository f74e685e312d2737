package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;

/** A strip that is worked before a seam, instead of after all of them. */
public record StripStep(StripId strip, SeamId before) implements Decision {
  @Override
  public List<?> target() {
    return List.of(strip);
  }

  @Override
  public String told(Naming names) {
    return "the step of " + names.strip(strip);
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return Optional.of(before);
  }
}
