package ruxel.core.decision;

import java.util.Optional;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;

/** Like units of a run: {@code widthMm} of one along the edge; empty keeps what the recipe's run has. */
public record RunPart(UnitKind kind, int count, Optional<Double> widthMm, Fabric fabric, boolean noEase, String label, int chains, int heldBack) {
  public static final int MOST_HELD_BACK = 200;
  public static final double NARROWEST_MM = 0.5;
  public static final double WIDEST_MM = 300;
}
