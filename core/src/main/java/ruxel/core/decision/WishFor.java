package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.SeamId;
import ruxel.core.method.Wish;
import ruxel.core.seam.SeamRole;

/** What the maker wants of one seam, of all seams of a role, or, with neither, of the whole garment. The nearest holds. */
public record WishFor(Optional<SeamRole> role, Optional<SeamId> seam, Wish wish) implements Decision {
  @Override
  public List<?> target() {
    return target(role, seam);
  }

  public static List<?> target(Optional<SeamRole> role, Optional<SeamId> seam) {
    return List.of(role, seam);
  }

  /** What is wanted of a seam, or of one of a role that has no name. */
  public static Wish of(Settings settings, Optional<SeamId> seam, SeamRole role) {
    return seam.flatMap(id -> settings.on(WishFor.class, Optional.empty(), Optional.of(id)))
        .or(() -> settings.on(WishFor.class, Optional.of(role), Optional.empty()))
        .or(() -> settings.on(WishFor.class, Optional.empty(), Optional.empty()))
        .map(WishFor::wish)
        .orElse(Wish.NONE);
  }

  @Override
  public String told(Naming names) {
    return "what is wanted of " + seam.map(names::seam).orElse("the seams");
  }

  @Override
  public Optional<SeamId> ofSeam() {
    return seam;
  }
}
