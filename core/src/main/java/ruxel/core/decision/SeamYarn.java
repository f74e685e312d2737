package ruxel.core.decision;

import java.util.List;
import java.util.Optional;

/** The yarn a seam is joined with. */
public record SeamYarn(String seam, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of " + names.seam(seam);
  }

  @Override
  public Optional<String> ofSeam() {
    return Optional.of(seam);
  }
}
