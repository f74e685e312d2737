package ruxel.core.decision;

import java.util.List;
import ruxel.core.wearer.Measure;

/** A measure of the wearer, mm. */
public record WearerMeasure(Measure measure, double mm) implements Decision {
  @Override
  public List<?> target() {
    return List.of(measure);
  }

  @Override
  public String told(Naming names) {
    return "a measure of the wearer: " + measure.words();
  }
}
