package ruxel.app.garment;

import java.time.OffsetDateTime;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What was done to a garment, folded from its versions (model 5): the changes that stand, newest last, and
 * those taken back, the next to be done again last. The first version is not a change.
 *
 * @param last the last version it knows of
 * @param gone versions whose documents are not kept any more: no change goes back to them
 */
record History(int last, List<Entry> standing, List<Entry> takenBack, Set<Integer> gone) {
  static final History NONE = new History(0, List.of(), List.of(), Set.of());

  /** So many changes can be taken back at least; of older ones only what they were is kept. */
  static final int MOST_BACK = 100;

  /** Whether a version is a change, takes one back or does it again. */
  enum Kind {
    CHANGE,
    UNDO,
    REDO
  }

  /** A version; {@code of} is the version an UNDO takes back or a REDO does again; {@code whole} whether its document is kept. */
  record Entry(int version, Kind kind, Optional<Integer> of, String label, OffsetDateTime madeAt, boolean whole) {}

  History {
    standing = List.copyOf(standing);
    takenBack = List.copyOf(takenBack);
    gone = Set.copyOf(gone);
  }

  /**
   * @param versions those that follow the last one known, oldest first
   */
  History and(List<Entry> versions) {
    if (versions.isEmpty()) {
      return this;
    }
    Deque<Entry> stand = new ArrayDeque<>(standing);
    Deque<Entry> back = new ArrayDeque<>(takenBack);
    Set<Integer> without = new HashSet<>(gone);
    for (Entry entry : versions) {
      if (!entry.whole()) {
        without.add(entry.version());
      }
      if (entry.version() == 1) {
        continue;
      }
      switch (entry.kind()) {
        case CHANGE -> {
          stand.addLast(entry);
          back.clear();
        }
        case UNDO -> back.addLast(stand.removeLast());
        case REDO -> stand.addLast(back.removeLast());
      }
    }
    return new History(versions.get(versions.size() - 1).version(), new ArrayList<>(stand), new ArrayList<>(back), without);
  }

  /** The change that would be taken back next. */
  Optional<Entry> toUndo() {
    return newest(standing).filter(entry -> !gone.contains(entry.version() - 1));
  }

  /** The change that would be done again next. */
  Optional<Entry> toRedo() {
    return newest(takenBack).filter(entry -> !gone.contains(entry.version()));
  }

  /** The versions that may be gone back to: the first, those before the last changes, and those of changes that may be done again. */
  Set<Integer> needed() {
    Set<Integer> needed = new HashSet<>(Set.of(1, last));
    standing.subList(Math.max(0, standing.size() - MOST_BACK), standing.size()).forEach(entry -> needed.add(entry.version() - 1));
    for (Entry entry : takenBack) {
      needed.add(entry.version());
      needed.add(entry.version() - 1);
    }
    return needed;
  }

  private static Optional<Entry> newest(List<Entry> entries) {
    return entries.isEmpty() ? Optional.empty() : Optional.of(entries.get(entries.size() - 1));
  }
}
