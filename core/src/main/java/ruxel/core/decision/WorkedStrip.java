package ruxel.core.decision;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ruxel.core.identity.Id;
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
    List<Id> all = new ArrayList<>(List.of(strip.id(), strip.from().piece()));
    strip.to().map(Spot::piece).ifPresent(all::add);
    strip.mirrorOf().ifPresent(all::add);
    return all.stream().map(Id::text);
  }

  @Override
  public String told(Naming names) {
    return "the edging " + strip.name();
  }
}
