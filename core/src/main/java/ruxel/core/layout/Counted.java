package ruxel.core.layout;

import java.util.Set;
import ruxel.core.decision.Decision;
import ruxel.core.decision.MadeCount;
import ruxel.core.identity.PieceId;

/** Counts of runs that are told anew. */
public final class Counted {
  private Counted() {}

  public static boolean isOf(Decision decision, PieceId piece, String edge, Set<String> runs) {
    return decision instanceof MadeCount count && count.piece().equals(piece) && count.edge().equals(edge) && runs.contains(count.run());
  }
}
