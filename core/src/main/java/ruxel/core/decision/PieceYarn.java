package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;

/** The yarn a piece is worked in. */
public record PieceYarn(PieceId piece, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of " + names.piece(piece);
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
