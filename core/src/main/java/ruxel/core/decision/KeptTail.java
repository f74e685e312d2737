package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;

/** A tail of so many mm left on a piece to be joined with; it hangs where an edge starts in the piece's own ring. */
public record KeptTail(PieceId piece, String corner, double mm) implements Decision {
  public static final int MOST = 400;
  public static final double SHORTEST_MM = 10;
  public static final double LONGEST_MM = 20_000;

  @Override
  public List<?> target() {
    return List.of(piece, corner);
  }

  @Override
  public String told(Naming names) {
    return "the tail of %s, at %s".formatted(names.piece(piece), names.edge(piece, corner));
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
