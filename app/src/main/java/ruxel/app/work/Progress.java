package ruxel.app.work;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.core.bench.Work;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.WorkRef;

/** How far garments are: each work in hand or done, folded from its events. */
@Component
public class Progress {
  /** A work, where it stands, the pieces it was begun with, and how it is worked by its frozen plan, where that was noted. */
  public record OfWork(UUID work, Work.State state, int position, List<PieceId> pieces, Optional<String> workedAs) {
    public boolean joined() {
      return state == Work.State.JOINED;
    }
  }

  private final WorkStore store;

  Progress(WorkStore store) {
    this.store = store;
  }

  /** By what is worked; what was never taken to the bench, or undone again, is missing. */
  public Map<WorkRef, OfWork> of(UUID garment) {
    return of(List.of(garment)).getOrDefault(garment, Map.of());
  }

  /** The same for several garments in one query, by garment. */
  public Map<UUID, Map<WorkRef, OfWork>> of(List<UUID> garments) {
    return garments.isEmpty() ? Map.of() : store.progress(garments);
  }

  /** All that was ever taken to the bench, also what was undone again. */
  public Set<WorkRef> everBegun(UUID garment) {
    return store.everBegun(garment);
  }
}
