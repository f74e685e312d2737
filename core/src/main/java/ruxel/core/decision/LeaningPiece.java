package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Lean;

/** How a piece was found to lean. */
public record LeaningPiece(PieceId piece, Lean lean) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "how " + names.piece(piece) + " leans";
  }
}
