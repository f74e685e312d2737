package ruxel.app.work;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.core.bench.Work;

/** Folds the events of a garment's seams to where each of them is. */
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
    Map<String, OfSeam> bySeam = new HashMap<>();
    List<WorkStore.Latest> latest = store.latest(garment);
    Map<UUID, List<Work.Event>> events = store.eventsOfGarment(garment);
    for (WorkStore.Latest work : latest) {
      OfSeam folded = new OfSeam(work.id(), Work.of(events.getOrDefault(work.id(), List.of())));
      if (folded.counts()) {
        bySeam.put(work.seam(), folded);
      }
    }
    return bySeam;
  }
}
