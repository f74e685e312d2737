package ruxel.core.board;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import ruxel.core.board.Square.Place;

/**
 * Squares of one motif in a grid, any edge-connected set of them without holes (model 2). {@code mirrored}: its columns are counted
 * from the right, so that a square and its mirror image have the same numbers.
 */
public record Board(Motif motif, List<Square> squares, boolean mirrored) {
  public static final int MOST_SQUARES = 2500;

  public Board {
    NavigableMap<Place, Square> sorted = new TreeMap<>();
    squares.forEach(square -> sorted.put(square.place(), square));
    if (sorted.isEmpty() || sorted.size() != squares.size()) {
      throw new IllegalArgumentException("Expected at least one square, and each once (%d)".formatted(squares.size()));
    }
    squares = List.copyOf(sorted.values());
  }

  /** So many rows of so many columns. */
  public static Board of(Motif motif, int rows, int columns) {
    return new Board(
        motif,
        IntStream.range(0, rows * columns).mapToObj(i -> Square.at(i / columns + 1, i % columns + 1)).toList(), false);
  }

  /** The squares by their places. */
  public NavigableMap<Place, Square> byPlace() {
    NavigableMap<Place, Square> all = new TreeMap<>();
    squares.forEach(square -> all.put(square.place(), square));
    return Collections.unmodifiableNavigableMap(all);
  }

  /** Stitches along a side of a square. */
  public int stitches(Square square) {
    return square.stitches().orElse(motif.stitches());
  }

  /** Where its squares lie, from its own lower left end; found once for all of them. */
  public record Grid(int lowestRow, int firstColumn, int lastColumn, boolean mirrored) {
    public int fromLeft(Square square) {
      return mirrored ? lastColumn - square.column() : square.column() - firstColumn;
    }

    public int fromBelow(Square square) {
      return square.row() - lowestRow;
    }
  }

  /** Linear in the squares. */
  public Grid grid() {
    return new Grid(squares.get(0).row(), firstColumn(), lastColumn(), mirrored);
  }

  public int firstColumn() {
    return squares.stream().mapToInt(Square::column).min().orElseThrow();
  }

  public int lastColumn() {
    return squares.stream().mapToInt(Square::column).max().orElseThrow();
  }

  /** Its mirror image; squares keep their numbers. */
  public Board mirrorImage() {
    return new Board(motif, squares, !mirrored);
  }

  public Board with(UnaryOperator<Square> change) {
    return new Board(motif, squares.stream().map(change).toList(), mirrored);
  }

  /** The first square that hangs together with the lowest only by a corner or not at all. Linear in the squares. */
  public Optional<Square> loose() {
    Map<Place, Square> left = new TreeMap<>(byPlace());
    Deque<Place> open = new ArrayDeque<>(List.of(squares.get(0).place()));
    left.remove(squares.get(0).place());
    while (!open.isEmpty()) {
      Place here = open.remove();
      for (Place next : List.of(new Place(here.row() + 1, here.column()), new Place(here.row() - 1, here.column()), new Place(here.row(), here.column() + 1), new Place(here.row(), here.column() - 1))) {
        if (left.remove(next) != null) {
          open.add(next);
        }
      }
    }
    return left.values().stream().findFirst();
  }
}
