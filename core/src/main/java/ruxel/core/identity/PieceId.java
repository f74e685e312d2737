package ruxel.core.identity;

/** A piece; a strip, too, where others lie on it: pieces and strips share these names (see {@link StripId#face()}). */
public record PieceId(String text) implements Id, Comparable<PieceId> {
  @Override
  public int compareTo(PieceId other) {
    return text.compareTo(other.text);
  }

  @Override
  public String toString() {
    return text;
  }
}
