package ruxel.core.order;

import java.util.List;
import ruxel.core.seam.Join;

/** What is done in one go (model 2): the joins worked, those that must come before, and why it stands where it stands. */
public record Step(List<Join> joins, int number, List<Join> after, List<Reason> reasons) {
  public Step {
    joins = List.copyOf(joins);
    after = List.copyOf(after);
    reasons = List.copyOf(reasons);
  }

  public boolean works(Join join) {
    return joins.contains(join);
  }
}
