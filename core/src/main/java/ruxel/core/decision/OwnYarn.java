package ruxel.core.decision;

import java.util.List;
import ruxel.core.yarn.Yarn;

/** A yarn the maker works this garment with. */
public record OwnYarn(Yarn yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(yarn.id());
  }

  @Override
  public String told() {
    return "the yarn " + yarn.name();
  }
}
