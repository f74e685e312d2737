package ruxel.core.decision;

import java.util.List;
import ruxel.core.measure.School;

/** What the maker answers to a question of school. */
public record OwnSchool(School.Way way) implements Decision {
  @Override
  public List<?> target() {
    return List.of(way.school());
  }

  @Override
  public String told(Naming names) {
    return "how it is done: " + way.words();
  }
}
