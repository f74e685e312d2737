package ruxel.files;

import java.nio.charset.StandardCharsets;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;

/**
 * A garment as it is stored: JSON that can certainly be read again. There is no other way to one than through the
 * checks of reading, so that nothing is ever stored that could not be opened.
 */
public final class GarmentDocument {
  private final Garment garment;
  private final String json;

  private GarmentDocument(Garment garment, String json) {
    this.garment = garment;
    this.json = json;
  }

  /** The document, or every finding that would keep it from being read. */
  public static Outcome<GarmentDocument> of(Garment garment) {
    String json = GarmentFiles.write(garment);
    return GarmentFiles.read(json.getBytes(StandardCharsets.UTF_8)).then(read -> Outcome.of(new GarmentDocument(read, json)));
  }

  /** What will be read back. */
  public Garment garment() {
    return garment;
  }

  public String json() {
    return json;
  }
}
