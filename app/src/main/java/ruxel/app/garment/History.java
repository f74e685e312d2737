package ruxel.app.garment;

import java.time.OffsetDateTime;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * What was done to a garment, folded from its versions (model 5): the changes that stand, newest last, and
 * those taken back, the next to be done again last. The first version is not a change.
 */
record History(List<Entry> standing, List<Entry> takenBack) {
  /** Whether a version is a change, takes one back or does it again. */
  enum Kind {
    CHANGE,
    UNDO,
    REDO
  }

  /** A version; {@code of} is the version an UNDO takes back or a REDO does again. */
  record Entry(int version, Kind kind, Optional<Integer> of, String label, OffsetDateTime madeAt) {}

  /**
   * @param versions all versions, oldest first
   */
  static History of(List<Entry> versions) {
    Deque<Entry> standing = new ArrayDeque<>();
    Deque<Entry> takenBack = new ArrayDeque<>();
    for (Entry entry : versions.subList(Math.min(1, versions.size()), versions.size())) {
      switch (entry.kind()) {
        case CHANGE -> {
          standing.addLast(entry);
          takenBack.clear();
        }
        case UNDO -> takenBack.addLast(standing.removeLast());
        case REDO -> standing.addLast(takenBack.removeLast());
      }
    }
    return new History(List.copyOf(standing), List.copyOf(takenBack));
  }

  /** The change that would be taken back next. */
  Optional<Entry> toUndo() {
    return standing.isEmpty() ? Optional.empty() : Optional.of(standing.get(standing.size() - 1));
  }

  /** The change that would be done again next. */
  Optional<Entry> toRedo() {
    return takenBack.isEmpty() ? Optional.empty() : Optional.of(takenBack.get(takenBack.size() - 1));
  }
}
