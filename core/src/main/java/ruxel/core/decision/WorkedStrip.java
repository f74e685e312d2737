package ruxel.core.decision;

import java.util.List;
import ruxel.core.strip.Strip;

/** A strip that the maker works onto the garment. */
public record WorkedStrip(Strip strip) implements Decision {
  public static final int MOST = 100;

  @Override
  public List<?> target() {
    return List.of(strip.id());
  }

  @Override
  public String told() {
    return "the edging " + strip.name();
  }
}
