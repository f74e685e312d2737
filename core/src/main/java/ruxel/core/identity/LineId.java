package ruxel.core.identity;

/** A line of a board, among the lines of that board. */
public record LineId(String text) implements Id, Comparable<LineId> {
  @Override
  public int compareTo(LineId other) {
    return text.compareTo(other.text);
  }

  @Override
  public String toString() {
    return text;
  }
}
