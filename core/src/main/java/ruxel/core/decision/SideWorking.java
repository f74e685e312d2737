package ruxel.core.decision;

import java.util.Optional;
import ruxel.core.seam.Seam;

/** What row ends and chain spaces of one side give. */
public record SideWorking(Optional<Integer> placesPerRow, Seam.Spaces spaces) {
  public static final SideWorking USUAL = new SideWorking(Optional.empty(), Seam.Spaces.ROUND);
}
