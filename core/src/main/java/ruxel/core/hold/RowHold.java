package ruxel.core.hold;

import ruxel.core.hold.Facing.Face;
import ruxel.core.measure.Wording.Hand;

/**
 * How a piece is held while a row is worked onto its edge, which lies on top: the hand that works begins, and goes to the other (model 3a).
 * So the right side seen and a right hand go with the ring of the piece; each of the two changed turns that round.
 *
 * @param forward whether the row runs with the ring of the piece
 */
public record RowHold(Face face, Hand beginsAt, boolean forward) {
  public static RowHold of(Face face, Hand hand) {
    return new RowHold(face, hand, (face == Face.RIGHT_SIDE) == (hand == Hand.RIGHT));
  }
}
