package ruxel.core.identity;

/** A seam between pieces. */
public record SeamId(String text) implements Id, Comparable<SeamId> {
  @Override
  public int compareTo(SeamId other) {
    return text.compareTo(other.text);
  }

  @Override
  public String toString() {
    return text;
  }
}
