package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.SeamId;

/** A seam of the construction that is not to be joined. */
public record TakenOut(SeamId seam) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "that %s is taken out".formatted(names.seam(seam));
  }
}
