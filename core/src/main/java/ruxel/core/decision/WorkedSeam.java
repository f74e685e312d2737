package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/** How a seam brings its sides together, and what rows and spaces give on each. */
public record WorkedSeam(SeamId seam, Seam.Working working, SideWorking a, SideWorking b) implements Decision {
  public Seam on(Seam usual) {
    return usual
        .withWorking(working)
        .withSides(usual.side(Side.A).with(a.placesPerRow(), a.spaces()), usual.side(Side.B).with(b.placesPerRow(), b.spaces()));
  }

  @Override
  public List<?> target() {
    return List.of(seam);
  }

  @Override
  public String told(Naming names) {
    return "how %s is worked".formatted(names.seam(seam));
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return Optional.of(seam);
  }
}
