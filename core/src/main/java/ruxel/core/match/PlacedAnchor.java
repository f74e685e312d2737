package ruxel.core.match;

/**
 * An anchor on today's places, in half places of each side: 2k the cut before place k, 2k + 1 place k.
 */
public record PlacedAnchor(String id, String name, int a, int b) {
  public boolean placeOnA() {
    return a % 2 == 1;
  }

  public boolean placeOnB() {
    return b % 2 == 1;
  }

  /** Whether the anchor is a joint of its own: at least one place takes part. */
  public boolean joins() {
    return placeOnA() || placeOnB();
  }

  /** The name as it stands in a sentence: the shoulder seam. */
  public String theName() {
    return name.startsWith("the ") ? name : "the " + name;
  }
}
