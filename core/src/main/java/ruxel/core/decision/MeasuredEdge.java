package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.PieceId;

/** The length of an edge as measured. */
public record MeasuredEdge(PieceId piece, String edge, double mm) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece, edge);
  }

  @Override
  public String told(Naming names) {
    return "the length of %s on %s".formatted(names.edge(piece, edge), names.piece(piece));
  }
}
