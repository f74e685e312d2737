package ruxel.core.decision;

import java.util.List;
import java.util.Optional;

/** The yarn the ribbing of a piece is worked in, if it is another than the piece's. */
public record RibYarn(String piece, String yarn) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "the yarn of the ribbing of " + names.piece(piece);
  }

  @Override
  public Optional<String> ofPiece() {
    return Optional.of(piece);
  }
}
