package ruxel.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ruxel.core.glue.Contiguity;
import ruxel.core.order.Reason.Code;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;

/** Why each step of a sequence stands where it does: only what is true of this sequence is said. */
final class Reasons {
  private final List<String> sequence;
  private final List<String> usual;
  private final List<Contiguity.Need> needs;
  private final Map<String, Seam> seams;

  Reasons(List<String> sequence, List<String> usual, List<Contiguity.Need> needs, Map<String, Seam> seams) {
    this.sequence = sequence;
    this.usual = usual;
    this.needs = needs;
    this.seams = seams;
  }

  List<Reason> of(int index) {
    List<Reason> reasons = new ArrayList<>(musts(sequence.get(index)));
    switch (role(index)) {
      case SHOULDER -> {
        if (earlier(index, SeamRole.ARMHOLE).isEmpty()) {
          reasons.add(Reason.of(Code.SHOULDERS_FIRST));
        }
      }
      case ARMHOLE -> {
        warned(reasons, Code.SLEEVE_BEFORE_SHOULDERS, later(index, SeamRole.SHOULDER));
        reasons.add(Reason.of(Code.FLAT_FIRST));
      }
      case SIDE, SLEEVE, SIDE_SLEEVE -> {
        List<String> open = new ArrayList<>(later(index, SeamRole.SHOULDER));
        open.addAll(later(index, SeamRole.ARMHOLE));
        warned(reasons, Code.CLOSES_EARLY, open);
        if (open.isEmpty()) {
          reasons.add(Reason.of(Code.CLOSES_LAST));
        }
      }
      default -> {}
    }
    if (index > 0 && role(index - 1) == role(index)) {
      reasons.add(Reason.of(Code.LIKE_ITS_TWIN, sequence.get(index - 1)));
    }
    if (!sequence.get(index).equals(usual.get(index))) {
      reasons.add(Reason.of(Code.YOURS));
    }
    return List.copyOf(reasons);
  }

  private List<Reason> musts(String seam) {
    List<Reason> reasons = new ArrayList<>();
    for (Contiguity.Need need : needs) {
      if (need.seam().equals(seam) && need.by().isPresent()) {
        Reason reason = new Reason(Code.MAKES_POINT, need.by().get(), Order.where(need.before()), Order.where(need.after()));
        if (reasons.stream().noneMatch(other -> other.seams().equals(reason.seams()))) {
          reasons.add(reason);
        }
      }
    }
    return reasons;
  }

  private static void warned(List<Reason> reasons, Code code, List<String> later) {
    if (!later.isEmpty()) {
      reasons.add(new Reason(code, later, "", ""));
    }
  }

  private SeamRole role(int index) {
    return seams.get(sequence.get(index)).role();
  }

  private List<String> later(int index, SeamRole role) {
    return ofRole(sequence.subList(index + 1, sequence.size()), role);
  }

  private List<String> earlier(int index, SeamRole role) {
    return ofRole(sequence.subList(0, index), role);
  }

  private List<String> ofRole(List<String> ids, SeamRole role) {
    return ids.stream().filter(id -> seams.get(id).role() == role).toList();
  }
}
