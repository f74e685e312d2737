package ruxel.core.decision;

import java.util.List;

/** A finding the maker left as it is, by its key, and why (model 6). */
public record LeftFinding(String finding, String reason) implements Decision {
  @Override
  public List<?> target() {
    return List.of(finding);
  }

  @Override
  public String told(Naming names) {
    return "what was left so: " + reason;
  }
}
