package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.SeamId;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Side;

/** An anchor moved on one side. */
public record MovedAnchor(SeamId seam, String anchor, Side side, Anchor.Spot spot) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam, anchor, side);
  }

  @Override
  public String told(Naming names) {
    return "the anchor %s of %s".formatted(names.anchor(seam, anchor), names.seam(seam));
  }
}
