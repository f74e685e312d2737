package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;

/** The yarn a seam is joined with. */
public record SeamYarn(SeamId seam, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of " + names.seam(seam);
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return Optional.of(seam);
  }
}
