package ruxel.core.decision;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Strip;

/** A strip that the maker works onto the garment. */
public record WorkedStrip(Strip strip) implements Decision {
  public static final int MOST = 100;

  @Override
  public List<?> target() {
    return List.of(strip.id());
  }

  @Override
  public Stream<String> names() {
    return Stream.of(Stream.of(strip.id(), strip.from().piece()), strip.to().stream().map(Spot::piece), strip.mirrorOf().stream()).flatMap(Function.identity());
  }

  @Override
  public String told(Naming names) {
    return "the edging " + strip.name();
  }
}
