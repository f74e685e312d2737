package ruxel.core.identity;

/** A strip: an edging the maker told, or rows that belong to a piece. */
public record StripId(String text) implements Id, Comparable<StripId> {
  /** The strip as a face of the gluing, on which others may lie. No piece has this name. */
  public PieceId face() {
    return new PieceId(text);
  }

  /** The seam by which a band made separately is sewn on; it is planned apart from the seams of the garment, which may have one of this name. */
  public SeamId sewing() {
    return new SeamId(text);
  }

  @Override
  public int compareTo(StripId other) {
    return text.compareTo(other.text);
  }

  // Ids are compared all the time: told out, since a record's own ways are slow before they are compiled thoroughly.
  @Override
  public boolean equals(Object other) {
    return other instanceof StripId id && text.equals(id.text);
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
