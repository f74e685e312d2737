package ruxel.core.decision;

import java.util.List;

/** Work that joins nothing, done. */
public record DoneChore(Chore chore) implements Decision {
  @Override
  public List<?> target() {
    return List.of(chore);
  }

  @Override
  public String told(Naming names) {
    return "that you " + chore.did();
  }
}
