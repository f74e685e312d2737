package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.piece.Cloth.Dye;

/** A colourway squares are made in, and how many are made of it, where that is told. */
public record OwnColourway(String id, String name, Dye colour, Optional<Integer> made) implements Decision {
  public static final int MOST = 30;

  @Override
  public List<?> target() {
    return List.of(id);
  }

  @Override
  public String told(Naming names) {
    return "the colourway " + name;
  }
}
