package ruxel.app.garment;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.files.SheetPdf;

/** Assembly sheets as they were set, kept in memory with the revision of the row they are of: setting one takes as long as hundreds of joints. */
@Component
class Sheets {
  private static final long MOST_BYTES = 24L * 1024 * 1024;

  private record Key(UUID id, String revision) {}

  private final GarmentReader reader;
  private final Cache<Key, byte[]> kept = Caffeine.newBuilder().maximumWeight(MOST_BYTES).weigher((Key key, byte[] pdf) -> pdf.length).build();

  Sheets(GarmentReader reader) {
    this.reader = reader;
  }

  byte[] pdf(UUID id) {
    GarmentStore.Head head = reader.head(id);
    return kept.get(new Key(id, head.revision()), key -> SheetPdf.of(reader.versioned(head).plan()));
  }
}
