package ruxel.core.decision;

import java.util.List;
import java.util.stream.Stream;
import ruxel.core.yarn.Yarn;

/** A yarn the maker works this garment with. */
public record OwnYarn(Yarn yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(yarn.id());
  }

  @Override
  public Stream<String> names() {
    return Stream.concat(Stream.of(yarn.id()), yarn.left().stream().flatMap(left -> left.after().stream()).map(of -> of.id().text()));
  }

  @Override
  public String told(Naming names) {
    return "the yarn " + yarn.name();
  }
}
