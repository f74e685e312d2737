package ruxel.core.identity;

/** A seam between pieces. */
public record SeamId(String text) implements Id, Comparable<SeamId> {
  @Override
  public int compareTo(SeamId other) {
    return text.compareTo(other.text);
  }

  // Ids are compared all the time: told out, since a record's own ways are slow before they are compiled thoroughly.
  @Override
  public boolean equals(Object other) {
    return other instanceof SeamId id && text.equals(id.text);
  }

  @Override
  public int hashCode() {
    return text.hashCode();
  }

  @Override
  public String toString() {
    return text;
  }
}
