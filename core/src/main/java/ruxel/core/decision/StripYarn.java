package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.StripId;

/** The yarn a strip is worked in. */
public record StripYarn(StripId strip, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(strip);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of " + names.strip(strip);
  }
}
