package ruxel.core.match;

/**
 * An anchor on today's places, in half places of each side: 2k the cut before place k, 2k + 1 place k.
 */
public record PlacedAnchor(String id, String name, int a, int b) {
  private static final String SPLIT = "";

  /** A border inside an interval where it is parted; no anchor of the maker's. */
  static PlacedAnchor split(int placesA, int placesB) {
    return new PlacedAnchor(SPLIT, SPLIT, 2 * placesA, 2 * placesB);
  }

  public boolean isSplit() {
    return id.equals(SPLIT);
  }

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
