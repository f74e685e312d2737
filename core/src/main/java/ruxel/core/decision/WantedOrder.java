package ruxel.core.decision;

import java.util.List;
import java.util.stream.Stream;
import ruxel.core.identity.SeamId;

/** The seams in the order the maker wants; those that are not there are passed over. */
public record WantedOrder(List<SeamId> seams) implements Decision {
  public WantedOrder {
    seams = List.copyOf(seams);
  }

  @Override
  public List<?> target() {
    return List.of();
  }

  @Override
  public Stream<String> names() {
    return seams.stream().map(SeamId::text);
  }

  @Override
  public String told(Naming names) {
    return "the order of work";
  }
}
