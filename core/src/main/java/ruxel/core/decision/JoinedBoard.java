package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.board.Crossing;
import ruxel.core.board.Scheme;
import ruxel.core.identity.PieceId;

/** How the squares of a board are joined: method, crossings and the order of its lines. */
public record JoinedBoard(PieceId piece, String method, Crossing crossing, Scheme.Name scheme) implements Decision {
  /** What is taken while nothing is told (house default). */
  public static JoinedBoard usual(PieceId piece) {
    return new JoinedBoard(piece, "whip-both", Crossing.SKIP, Scheme.Name.ROWS_FIRST);
  }

  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "how the squares of %s are joined".formatted(names.piece(piece));
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
