package ruxel.core.decision;

import java.util.List;
import ruxel.core.yarn.Sample;

/** How much yarn a method takes of a yarn in the maker's hands: each time it was measured. */
public record OwnFactor(String method, String yarn, List<Sample> samples) implements Decision {
  public static final int MOST_SAMPLES = 100;

  public OwnFactor {
    samples = List.copyOf(samples);
  }

  @Override
  public List<?> target() {
    return List.of(method, yarn);
  }

  @Override
  public String told(Naming names) {
    return "how much yarn %s takes".formatted(names.method(method));
  }
}
