package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.hold.Facing;
import ruxel.core.hold.Facing.Face;
import ruxel.core.hold.Hold.Force;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.seam.Side;

/**
 * How a seam lies in the hands, shown and said. Of lists of two the nearest (or left, or lower) stands first.
 *
 * @param pieces on which place 1 lies; each {@code shows} the maker a side
 * @param from what stands where it begins, and {@code to} where it ends
 * @param below the side that a picture shows nearest the maker; of upright edges it is turned a quarter, so that the hand that works begins
 */
public record HoldView(
    Kind kind, Edges edges, List<Side> sides, List<PieceId> pieces, List<Face> shows, Hand beginsAt, String from, String to, Side below, Optional<Force> forcedBy, List<FacingChoice> choices, String words) {
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

  /** A way to hold the pieces that the method allows. */
  public record FacingChoice(Facing facing, String title, boolean now) {}

  public HoldView {
    sides = List.copyOf(sides);
    pieces = List.copyOf(pieces);
    shows = List.copyOf(shows);
    choices = List.copyOf(choices);
  }
}
