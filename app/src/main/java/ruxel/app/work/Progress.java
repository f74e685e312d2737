package ruxel.app.work;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.core.bench.Work;

/** Folds the events of garments' seams to where each of them is. */
@Component
public class Progress {
  /** The newest work of a seam, folded. */
  public record OfSeam(UUID work, Work folded) {
    public boolean joined() {
      return folded.state() == Work.State.JOINED;
    }

    boolean counts() {
      return folded.state() != Work.State.UNDONE;
    }
  }

  private final WorkStore store;

  Progress(WorkStore store) {
    this.store = store;
  }

  /** By seam id; seams never taken to the bench are missing. */
  public Map<String, OfSeam> of(UUID garment) {
    return of(List.of(garment)).getOrDefault(garment, Map.of());
  }

  /** The same for several garments in two queries, by garment. */
  public Map<UUID, Map<String, OfSeam>> of(List<UUID> garments) {
    Map<UUID, Map<String, OfSeam>> all = new HashMap<>();
    if (garments.isEmpty()) {
      return all;
    }
    Map<UUID, List<Work.Event>> events = store.eventsOf(garments);
    for (WorkStore.Latest work : store.latest(garments)) {
      OfSeam folded = new OfSeam(work.id(), Work.of(events.getOrDefault(work.id(), List.of())));
      if (folded.counts()) {
        all.computeIfAbsent(work.garment(), key -> new HashMap<>()).put(work.seam(), folded);
      }
    }
    return all;
  }
}
