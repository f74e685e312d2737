package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.hold.Facing;
import ruxel.core.identity.SeamId;
import ruxel.core.method.Method;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;

/** How pieces face each other while one seam is joined, or, without one, all seams whose method allows it. The nearest holds. */
public record ChosenFacing(Optional<SeamId> seam, Facing facing) implements Decision {
  @Override
  public List<?> target() {
    return List.of(seam);
  }

  /** How the pieces of a seam face each other: as chosen for it, else for the garment where the method allows that, else as the wish has it. */
  public static Facing of(Settings settings, Seam seam, Method method) {
    List<Facing> chosen = Stream.of(Optional.of(seam.id()), Optional.<SeamId>empty()).flatMap(of -> settings.on(ChosenFacing.class, of).stream()).map(ChosenFacing::facing).toList();
    return method.facing(chosen, WishFor.of(settings, Optional.of(seam.id()), seam.role()));
  }

  /** How squares of a board face each other. */
  public static Facing ofSquares(Settings settings, Method method) {
    return method.facing(settings.on(ChosenFacing.class, Optional.empty()).map(ChosenFacing::facing).stream().toList(), WishFor.of(settings, Optional.empty(), SeamRole.MOTIF));
  }

  @Override
  public String told(Naming names) {
    return "how the pieces of %s are held".formatted(seam.map(names::seam).orElse("all seams"));
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return seam;
  }
}
