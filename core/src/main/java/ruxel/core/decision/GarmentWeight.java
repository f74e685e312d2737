package ruxel.core.decision;

import java.util.List;

/** What the finished garment weighs, grams. */
public record GarmentWeight(double grams) implements Decision {
  @Override
  public List<?> target() {
    return List.of();
  }

  @Override
  public String told(Naming names) {
    return "the weight of the garment";
  }
}
