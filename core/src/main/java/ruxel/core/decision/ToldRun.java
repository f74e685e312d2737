package ruxel.core.decision;

import java.util.List;
import ruxel.core.identity.PieceId;

/** A run of the recipe told as parts, one after the other in ring order. */
public record ToldRun(PieceId piece, String edge, String run, List<RunPart> parts) implements Decision {
  public static final int MOST_PARTS = 32;

  public ToldRun {
    parts = List.copyOf(parts);
  }

  /** The id of a part's run, counted from 1; the recipe's own id is free again when the parts are taken back. */
  public String runId(int part) {
    return run + "~" + part;
  }

  @Override
  public List<?> target() {
    return List.of(piece, edge, run);
  }

  @Override
  public String told(Naming names) {
    return "the parts of %s on %s, %s".formatted(run, names.piece(piece), names.edge(piece, edge));
  }
}
