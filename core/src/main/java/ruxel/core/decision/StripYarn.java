package ruxel.core.decision;

import java.util.List;

/** The yarn a strip is worked in. */
public record StripYarn(String strip, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(strip);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of " + names.strip(strip);
  }
}
