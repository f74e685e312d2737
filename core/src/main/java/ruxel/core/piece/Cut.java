package ruxel.core.piece;

import java.util.OptionalInt;

/**
 * A border between units, stored from one end of a run, so that a count changed elsewhere moves
 * nothing (model 1).
 */
public record Cut(String run, int offset, End from) {
  /** The end of the run that an offset is counted from, in ring order. */
  public enum End {
    START,
    END
  }

  public Cut {
    if (offset < 0) {
      throw new IllegalArgumentException("Expected an offset of at least 0 (%d)".formatted(offset));
    }
  }

  public static Cut startOf(String run) {
    return new Cut(run, 0, End.START);
  }

  public static Cut endOf(String run) {
    return new Cut(run, 0, End.END);
  }

  /** Where the cut lies on {@code edge} today; empty when its run is gone or too short. */
  public OptionalInt on(Edge edge) {
    int start = 0;
    for (Run candidate : edge.runs()) {
      if (candidate.id().equals(run)) {
        return offset > candidate.count()
            ? OptionalInt.empty()
            : OptionalInt.of(from == End.START ? start + offset : start + candidate.count() - offset);
      }
      start += candidate.count();
    }
    return OptionalInt.empty();
  }

  /** The cut at {@code index} of an edge, reckoned from the nearer end of the run it lies in. */
  public static Cut at(Edge edge, int index) {
    int unit = Math.min(index, edge.units() - 1);
    Run run = edge.runOfUnit(unit);
    int offset = index - edge.startOfRun(run.id());
    return offset * 2 <= run.count()
        ? new Cut(run.id(), offset, End.START)
        : new Cut(run.id(), run.count() - offset, End.END);
  }
}
