package ruxel.core.order;

import java.util.List;

/**
 * What is done in one go (model 2): here one seam each, with the seams that must come before and why it
 * stands where it stands.
 */
public record Step(String seam, int number, List<String> after, List<Reason> reasons) {
  public Step {
    after = List.copyOf(after);
    reasons = List.copyOf(reasons);
  }
}
