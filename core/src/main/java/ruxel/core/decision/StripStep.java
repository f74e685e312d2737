package ruxel.core.decision;

import java.util.List;
import java.util.Optional;

/** A strip that is worked before a seam, instead of after all of them. */
public record StripStep(String strip, String before) implements Decision {
  @Override
  public List<?> target() {
    return List.of(strip);
  }

  @Override
  public String told(Naming names) {
    return "the step of " + names.strip(strip);
  }

  @Override
  public Optional<String> ofSeam() {
    return Optional.of(before);
  }
}
