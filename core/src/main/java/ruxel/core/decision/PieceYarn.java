package ruxel.core.decision;

import java.util.List;
import java.util.Optional;

/** The yarn a piece is worked in. */
public record PieceYarn(String piece, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of " + names.piece(piece);
  }

  @Override
  public Optional<String> ofPiece() {
    return Optional.of(piece);
  }
}
