package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;

/** The corner between an edge and the next one of the ring. */
public record ToldCorner(PieceId piece, String behind, Corner corner) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece, behind);
  }

  @Override
  public String told(Naming names) {
    return "the corner behind %s of %s".formatted(names.edge(piece, behind), names.piece(piece));
  }
}
