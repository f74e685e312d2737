package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;

/** Something to mend later on a piece, and the seam that must not be joined before it is done (handbook 3). */
public record OwedItem(String id, PieceId piece, String what, Optional<SeamId> before) implements Decision {
  @Override
  public List<?> target() {
    return List.of(id);
  }

  @Override
  public String told(Naming names) {
    return "what is owed on " + names.piece(piece);
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
