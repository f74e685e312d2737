package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.hold.Facing.Face;
import ruxel.core.hold.Hold.Force;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.seam.Side;

/**
 * How a seam lies in the hands, shown and said: the nearest (or left, or lower) side first.
 *
 * @param below the side that a picture shows nearest the maker; of upright edges it is turned a quarter, so that the hand that works begins
 */
public record HoldView(Kind kind, Edges edges, List<HeldView> sides, Hand beginsAt, Side below, Optional<Force> forcedBy, String words) {
  /** Whether one side lies behind the other. */
  public enum Kind {
    STACKED,
    SIDE_BY_SIDE
  }

  /** How the edges lie before the maker. */
  public enum Edges {
    ON_TOP,
    UPRIGHT,
    LEVEL
  }

  /** A side, what it is called, the piece of it that place 1 is on, and what is seen of it. */
  public record HeldView(Side side, String name, PieceId piece, Face shows) {}

  public HoldView {
    sides = List.copyOf(sides);
  }
}
