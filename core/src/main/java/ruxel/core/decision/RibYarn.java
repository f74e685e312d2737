package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;

/** The yarn the ribbing of a piece is worked in, if it is another than the piece's. */
public record RibYarn(PieceId piece, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of the ribbing of " + names.piece(piece);
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
