package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Landmark;

/** A landmark put on an edge. */
public record MarkedEdge(PieceId piece, String edge, Landmark landmark) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece, edge, landmark.id());
  }

  @Override
  public String told(Naming names) {
    return "%s on %s, %s".formatted(landmark.name(), names.piece(piece), names.edge(piece, edge));
  }
}
