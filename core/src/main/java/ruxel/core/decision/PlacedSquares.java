package ruxel.core.decision;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.board.Square.Place;
import ruxel.core.board.Square;
import ruxel.core.identity.PieceId;

/** Which colourway lies where on a board, and what stays there; places that the board does not have wait until it has. */
public record PlacedSquares(PieceId piece, List<Placed> squares) implements Decision {
  /** A square with its colourway; {@code locked} keeps it there when colours are placed. */
  public record Placed(int row, int column, Optional<String> colourway, boolean locked) {
    public Place place() {
      return new Place(row, column);
    }

    private Square on(Square square) {
      return square.coloured(colourway, locked);
    }
  }

  public PlacedSquares {
    squares = List.copyOf(squares);
  }

  public Optional<Placed> at(Place place) {
    return squares.stream().filter(placed -> placed.place().equals(place)).findFirst();
  }

  public Square on(Square square) {
    return at(square.place()).map(placed -> placed.on(square)).orElse(square);
  }

  /** With another one in its place. */
  public PlacedSquares with(Placed changed) {
    List<Placed> all = new ArrayList<>(squares.stream().filter(placed -> !placed.place().equals(changed.place())).toList());
    if (changed.colourway().isPresent() || changed.locked()) {
      all.add(changed);
    }
    return new PlacedSquares(piece, all);
  }

  /** Without the squares of a colourway. */
  public PlacedSquares without(String colourway) {
    return new PlacedSquares(piece, squares.stream().filter(placed -> !placed.colourway().equals(Optional.of(colourway))).toList());
  }

  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "the colours of " + names.piece(piece);
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
