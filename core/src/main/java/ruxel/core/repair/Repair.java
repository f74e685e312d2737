package ruxel.core.repair;

import java.util.List;
import ruxel.core.change.Change;

/**
 * A way to make two sides meet (handbook 7): its numbers, what else it changes, the effort given what is joined
 * already, the risk, and the changes that carry it out.
 */
public record Repair(
    Rung rung, String title, String words, List<String> elsewhere, Effort effort, String effortWords, String risk, List<Change> changes) {
  /** The ladder of repairs, best first. */
  public enum Rung {
    RECOUNT,
    EASE,
    PIN,
    MOVE_BOUNDARY,
    BLOCK,
    BEGIN_ELSEWHERE,
    ADD_OR_TAKE_OUT,
    GATHER,
    EDGING,
    /** Not a repair: a row that is joined while it is worked. */
    JOINING_ROW
  }

  /** How much is to be done. */
  public enum Effort {
    NONE,
    LITTLE,
    SOME,
    MUCH
  }

  public Repair {
    elsewhere = List.copyOf(elsewhere);
    changes = List.copyOf(changes);
  }
}
