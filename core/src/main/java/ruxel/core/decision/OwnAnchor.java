package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.SeamId;
import ruxel.core.seam.Anchor;

/** An anchor the maker has added to a seam. */
public record OwnAnchor(SeamId seam, Anchor anchor) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam, anchor.id());
  }

  @Override
  public String told(Naming names) {
    return "the anchor %s of %s".formatted(anchor.name(), names.seam(seam));
  }
}
