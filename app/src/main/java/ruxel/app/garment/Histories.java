package ruxel.app.garment;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Histories of garments, kept in memory: of a long one only the versions that are new are read. */
@Component
class Histories {
  private static final int MOST_ENTRIES = 50_000;

  /** Old documents are let go after every so many versions. */
  private static final int ROUND = 20;

  private final GarmentStore store;
  private final Cache<UUID, History> kept =
      Caffeine.newBuilder().maximumWeight(MOST_ENTRIES).weigher((UUID id, History history) -> 1 + history.standing().size() + history.takenBack().size()).build();

  Histories(GarmentStore store) {
    this.store = store;
  }

  /** As it was at the version of a row. */
  History of(GarmentStore.Head head) {
    History known = Optional.ofNullable(kept.getIfPresent(head.id())).filter(history -> history.last() <= head.version()).orElse(History.NONE);
    History now = known.and(store.versions(head.id(), known.last(), head.version()));
    kept.put(head.id(), now);
    return now;
  }

  private History anew(UUID id, int version) {
    return History.NONE.and(store.versions(id, 0, version));
  }

  /** Lets the documents of old versions go, in the transaction that saved one. */
  void trim(UUID id, int version) {
    if (version % ROUND == 0 && version > History.MOST_BACK) {
      store.forget(id, version, anew(id, version).needed());
      kept.invalidate(id);
    }
  }
}
