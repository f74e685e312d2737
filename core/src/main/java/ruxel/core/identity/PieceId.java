package ruxel.core.identity;

/** A piece; a strip, too, where others lie on it: pieces and strips share these names (see {@link StripId#face()}). */
public record PieceId(String text) implements Id, Comparable<PieceId> {
  @Override
  public int compareTo(PieceId other) {
    return text.compareTo(other.text);
  }

  // Ids are compared all the time: told out, since a record's own ways are slow before they are compiled thoroughly.
  @Override
  public boolean equals(Object other) {
    return other instanceof PieceId id && text.equals(id.text);
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
