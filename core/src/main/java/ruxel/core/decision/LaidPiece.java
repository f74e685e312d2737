package ruxel.core.decision;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;

/**
 * A piece moved on the table by mm and turned to the left by quarters about its middle, reckoned from where
 * the construction lays it. A whole turn is none.
 */
public record LaidPiece(PieceId piece, double dxMm, double dyMm, int quarterTurns) implements Decision {
  private static final int WHOLE_TURN = 4;

  public LaidPiece {
    quarterTurns = Math.floorMod(quarterTurns, WHOLE_TURN);
  }

  @Override
  public List<?> target() {
    return List.of(piece);
  }

  @Override
  public String told(Naming names) {
    return "where " + names.piece(piece) + " lies";
  }

  @Override
  public Optional<PieceId> ofPiece() {
    return Optional.of(piece);
  }
}
