package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Counts;

/** A run counted on the finished piece, or (AS_WORKED) once joining or edging has changed it. */
public record MadeCount(PieceId piece, String edge, String run, int count, Counts.Source when) implements Decision {
  @Override
  public List<?> target() {
    return List.of(piece, edge, run, when);
  }

  @Override
  public String told(Naming names) {
    return "the count of %s on %s, %s".formatted(run, names.piece(piece), names.edge(piece, edge));
  }
}
