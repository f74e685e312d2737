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

  @Override
  public String toString() {
    return text;
  }
}
