package ruxel.core.identity;

/** A line of a board, among the lines of that board. */
public record LineId(String text) implements Id, Comparable<LineId> {
  @Override
  public int compareTo(LineId other) {
    return text.compareTo(other.text);
  }

  // Ids are compared all the time: told out, since a record's own ways are slow before they are compiled thoroughly.
  @Override
  public boolean equals(Object other) {
    return other instanceof LineId id && text.equals(id.text);
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
