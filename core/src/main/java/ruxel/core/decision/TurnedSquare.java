package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.board.Square;
import ruxel.core.board.Square.Place;
import ruxel.core.identity.PieceId;

/** A square of a board turned by so many quarters to the left, 1 to 3, from how the board has it. */
public record TurnedSquare(PieceId piece, int row, int column, int quarters) implements Decision {
  public static final int FULL = 4;

  /** A square of the same board, turned if it is this one. */
  public Square on(Square square) {
    return square.place().equals(new Place(row, column)) ? square.turnedTo((square.turned() + quarters) % FULL) : square;
  }

  @Override
  public List<?> target() {
    return List.of(piece, row, column);
  }

  @Override
  public String told(Naming names) {
    return "the turn of square %d.%d of %s".formatted(row, column, names.piece(piece));
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
