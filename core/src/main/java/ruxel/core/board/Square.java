package ruxel.core.board;

import java.util.Optional;

/**
 * A square of a board: rows are counted from 1 at the lower edge, columns from 1 at the left as the right side lies up (from the
 * right on a board that is a mirror image). {@code turned} are quarter turns to the left; {@code stitches} are those of a side
 * where they are not its motif's.
 */
public record Square(int row, int column, Optional<String> colourway, int turned, boolean locked, Optional<Integer> stitches) {
  public static Square at(int row, int column) {
    return new Square(row, column, Optional.empty(), 0, false, Optional.empty());
  }

  public Place place() {
    return new Place(row, column);
  }

  public Square coloured(Optional<String> other, boolean keep) {
    return new Square(row, column, other, turned, keep, stitches);
  }

  public Square turnedTo(int quarters) {
    return new Square(row, column, colourway, quarters, locked, stitches);
  }

  /** Where a square lies. */
  public record Place(int row, int column) implements Comparable<Place> {
    /** "2.3": row 2, column 3. */
    public String words() {
      return row + "." + column;
    }

    @Override
    public int compareTo(Place other) {
      return row != other.row ? Integer.compare(row, other.row) : Integer.compare(column, other.column);
    }
  }
}
