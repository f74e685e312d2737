package ruxel.core.decision;

import java.util.List;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Wearer;

/** Who wears the garment, and how closely it is to sit. */
public record WornBy(Wearer wearer, Fit fit) implements Decision {
  @Override
  public List<?> target() {
    return List.of();
  }

  @Override
  public String told(Naming names) {
    return "who wears it";
  }
}
