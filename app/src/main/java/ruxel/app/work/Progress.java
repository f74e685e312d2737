package ruxel.app.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.core.bench.Work;

/** Where garments' seams are: each work in hand or joined, folded from its events. */
@Component
public class Progress {
  /** The work a seam, a line of a board or a strip has, where it stands, and the pieces it was begun with. */
  public record OfSeam(UUID work, Work.State state, int position, List<String> pieces) {
    public boolean joined() {
      return state == Work.State.JOINED;
    }
  }

  private final WorkStore store;

  Progress(WorkStore store) {
    this.store = store;
  }

  /** By seam id; seams never taken to the bench, or undone again, are missing. */
  public Map<String, OfSeam> of(UUID garment) {
    return of(List.of(garment)).getOrDefault(garment, Map.of());
  }

  /** The lines of boards that are in hand or joined, by their ids. */
  public Map<String, OfSeam> lines(UUID garment) {
    return store.lines(List.of(garment)).getOrDefault(garment, Map.of());
  }

  /** The strips that are in hand or worked, by their ids. */
  public Map<String, OfSeam> strips(UUID garment) {
    return store.strips(List.of(garment)).getOrDefault(garment, Map.of());
  }

  /** The same for several garments in one query, by garment. */
  public Map<UUID, Map<String, OfSeam>> of(List<UUID> garments) {
    return garments.isEmpty() ? Map.of() : store.progress(garments);
  }
}
