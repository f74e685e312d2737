package ruxel.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ruxel.core.glue.Contiguity;
import ruxel.core.order.Reason.Code;
import ruxel.core.seam.Join;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.SeamRole.Stage;

/** Why each step of a sequence stands where it does: only what is true of this sequence is said. */
final class Reasons {
  private final List<Join> sequence;
  private final List<Join> usual;
  private final List<Must> musts;
  private final List<Contiguity.Ring> rings;
  private final Map<Join, Seam> seams;
  /** When each comes, which may be earlier than its role says. */
  private final Map<Join, Stage> stages;
  /** The side of the wearer each belongs to, where one side is completed before the other. */
  private final Map<Join, Integer> sides;

  Reasons(List<Join> sequence, List<Join> usual, List<Must> musts, List<Contiguity.Ring> rings, Map<Join, Seam> seams, Map<Join, Stage> stages, Map<Join, Integer> sides) {
    this.sequence = sequence;
    this.usual = usual;
    this.musts = musts;
    this.rings = rings;
    this.seams = seams;
    this.stages = stages;
    this.sides = sides;
  }

  List<Reason> of(int index) {
    List<Reason> reasons = new ArrayList<>(musts(sequence.get(index)));
    switch (stages.get(sequence.get(index))) {
      case PANELS -> {
        if (role(index).stage() == Stage.CLOSING) {
          reasons.add(Reason.of(Code.STITCH_ON_STITCH));
        }
      }
      case HANGING -> {
        if (earlier(index, Stage.SET_IN_FLAT).isEmpty() && sides.isEmpty()) {
          reasons.add(Reason.of(Code.SHOULDERS_FIRST));
        }
      }
      case SET_IN_FLAT -> {
        warned(reasons, Code.SLEEVE_BEFORE_SHOULDERS, later(index, Stage.HANGING));
        warned(reasons, Code.INTO_RING, closedBefore(index));
        if (closedBefore(index).isEmpty()) {
          reasons.add(Reason.of(Code.FLAT_FIRST));
        }
      }
      case CLOSING -> {
        warned(reasons, Code.CLOSES_EARLY, roundATube(index));
        if (later(index, Stage.HANGING).isEmpty() && later(index, Stage.SET_IN_FLAT).isEmpty()) {
          reasons.add(Reason.of(Code.CLOSES_LAST));
        }
      }
      default -> {}
    }
    if (side(index) < 2 && sequence.stream().anyMatch(other -> side(other) != side(index))) {
      reasons.add(Reason.of(Code.ONE_SIDE));
    }
    if (index > 0 && role(index - 1) == role(index)) {
      reasons.add(Reason.of(Code.LIKE_ITS_TWIN, sequence.get(index - 1)));
    }
    if (!sequence.get(index).equals(usual.get(index))) {
      reasons.add(Reason.of(Code.YOURS));
    }
    return List.copyOf(reasons);
  }

  private List<Reason> musts(Join join) {
    List<Reason> reasons = new ArrayList<>();
    for (Must must : musts) {
      if (must.join().equals(join)) {
        Reason reason = new Reason(Code.MAKES_POINT, must.before(), Order.where(must.first()), Order.where(must.second()));
        if (reasons.stream().noneMatch(other -> other.joins().equals(reason.joins()))) {
          reasons.add(reason);
        }
      }
    }
    return reasons;
  }

  /** Later seams that could be worked flat and are not, since this seam is the last that makes them a ring. */
  private List<Join> roundATube(int index) {
    return later(index, Stage.SET_IN_FLAT).stream().filter(join -> closing(join).contains(index)).toList();
  }

  /** The seams before this one that make it a ring. */
  private List<Join> closedBefore(int index) {
    return closing(sequence.get(index)).stream().filter(last -> last < index).map(sequence::get).distinct().toList();
  }

  /** The places in the sequence at which a seam's sides become rings. */
  private List<Integer> closing(Join join) {
    return rings.stream()
        .filter(ring -> ring.seam().join().equals(join))
        .map(ring -> ring.by().stream().mapToInt(sequence::indexOf).max().orElseThrow())
        .toList();
  }

  private static void warned(List<Reason> reasons, Code code, List<Join> later) {
    if (!later.isEmpty()) {
      reasons.add(new Reason(code, later, "", ""));
    }
  }

  private int side(int index) {
    return side(sequence.get(index));
  }

  private int side(Join join) {
    return sides.getOrDefault(join, 0);
  }

  private SeamRole role(int index) {
    return seams.get(sequence.get(index)).role();
  }

  private List<Join> later(int index, Stage stage) {
    return of(sequence.subList(index + 1, sequence.size()), stage);
  }

  private List<Join> earlier(int index, Stage stage) {
    return of(sequence.subList(0, index), stage);
  }

  private List<Join> of(List<Join> ids, Stage stage) {
    return ids.stream().filter(id -> stages.get(id) == stage).toList();
  }
}
