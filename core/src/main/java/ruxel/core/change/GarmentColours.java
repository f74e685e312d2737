package ruxel.core.change;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.board.Board;
import ruxel.core.board.Square.Place;
import ruxel.core.board.Square;
import ruxel.core.colour.ColourTask.Pair;
import ruxel.core.colour.ColourTask;
import ruxel.core.decision.OwnColourway;
import ruxel.core.decision.PlacedSquares;
import ruxel.core.decision.Settings;
import ruxel.core.glue.Cells;
import ruxel.core.piece.Piece;

/** All squares of a garment with their neighbours, and the colourways they may have; the squares numbered board after board. */
public final class GarmentColours {
  private final List<Piece> boards;
  private final List<Cells.Cell> cells;
  private final Map<Cells.Cell, Integer> numbers = new HashMap<>();
  private final List<Square> squares = new ArrayList<>();
  private final List<Pair> neighbours;
  private final List<OwnColourway> colourways;

  /** Near linear in the squares. */
  public GarmentColours(List<Piece> pieces, Cells apart, Settings settings) {
    boards = pieces.stream().filter(piece -> piece.board().isPresent()).toList();
    cells = List.copyOf(apart.cells().values());
    for (Cells.Cell cell : cells) {
      numbers.put(cell, numbers.size());
    }
    boards.forEach(piece -> squares.addAll(piece.board().orElseThrow().squares()));
    neighbours =
        apart.neighbours().stream()
            .map(pair -> pair.stream().map(numbers::get).sorted().toList())
            .map(pair -> new Pair(pair.get(0), pair.get(1)))
            .sorted((one, other) -> one.one() != other.one() ? Integer.compare(one.one(), other.one()) : Integer.compare(one.other(), other.other()))
            .toList();
    colourways = settings.of(OwnColourway.class);
  }

  public List<Cells.Cell> cells() {
    return cells;
  }

  public Square square(int number) {
    return squares.get(number);
  }

  public List<Pair> neighbours() {
    return neighbours;
  }

  /** The number of each square's colourway, {@link ColourTask#FREE} where it has none that is known. */
  public List<Integer> now() {
    return squares.stream().map(this::colour).toList();
  }

  private int colour(Square square) {
    return square.colourway().map(id -> colourways.stream().map(OwnColourway::id).toList().indexOf(id)).orElse(ColourTask.FREE);
  }

  /** What the kept squares leave to be coloured. A colourway of which nobody told how many there are is there as often as wanted. */
  public ColourTask task(long seed, Set<ColourTask.Wish> wishes) {
    List<Integer> stock = colourways.stream().map(colourway -> colourway.made().orElse(squares.size())).toList();
    List<Integer> kept = squares.stream().map(square -> square.locked() ? colour(square) : ColourTask.FREE).toList();
    List<Integer> ofBoard = cells.stream().map(cell -> boards.stream().map(Piece::id).toList().indexOf(cell.piece())).toList();
    return new ColourTask(neighbours, ofBoard, twins(), evenly(stock), kept, wishes, seed);
  }

  /** Where more of a colourway may be taken than there are squares, about as many of each. */
  private List<Integer> evenly(List<Integer> stock) {
    boolean isTold = colourways.stream().anyMatch(colourway -> colourway.made().isPresent());
    int each = colourways.isEmpty() ? 0 : (squares.size() + colourways.size() - 1) / colourways.size();
    return isTold ? stock : Collections.nCopies(stock.size(), each);
  }

  /** Squares that mirror each other: on a board and its mirror image those of the same numbers, on one that is its own those as far from the other side. */
  private List<Pair> twins() {
    List<Pair> pairs = new ArrayList<>();
    for (int number = 0; number < cells.size(); number++) {
      Cells.Cell cell = cells.get(number);
      Piece piece = boards.stream().filter(board -> board.id().equals(cell.piece())).findFirst().orElseThrow();
      Optional<Integer> twin = piece.twinAmong(boards).map(other -> Cells.Cell.of(other.id(), at(piece, other, cell.place()))).map(numbers::get);
      int own = number;
      twin.filter(other -> own < other).ifPresent(other -> pairs.add(new Pair(own, other)));
    }
    return pairs;
  }

  private static Place at(Piece piece, Piece twin, Place place) {
    Board board = piece.board().orElseThrow();
    return piece.id().equals(twin.id()) ? new Place(place.row(), board.firstColumn() + board.lastColumn() - place.column()) : place;
  }

  /** The decisions that put these colours onto the boards; what was kept stays kept. */
  public List<PlacedSquares> placed(List<Integer> colours) {
    List<PlacedSquares> all = new ArrayList<>();
    for (Piece board : boards) {
      List<PlacedSquares.Placed> placed = new ArrayList<>();
      for (int number = 0; number < cells.size(); number++) {
        int colour = colours.get(number);
        if (cells.get(number).piece().equals(board.id()) && colour != ColourTask.FREE) {
          Place place = cells.get(number).place();
          placed.add(new PlacedSquares.Placed(place.row(), place.column(), Optional.of(colourways.get(colour).id()), squares.get(number).locked()));
        }
      }
      all.add(new PlacedSquares(board.id(), placed));
    }
    return all;
  }
}
