package ruxel.core.method;

import java.util.List;
import ruxel.core.hold.Facing;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.Wording;
import ruxel.core.method.HowTo.Line;
import ruxel.core.method.HowTo.Part;

/**
 * How a row is joined while it is worked (handbook 8).
 *
 * @param row the side the row is worked on
 * @param taken what is taken of the other side, in words
 * @param facing how both face each other
 */
record WithARow(Method method, SideLayout row, String taken, Facing facing, String tail, Wording.Hand hand) {
  List<Line> lines(String tool) {
    String piece = Wording.low(row.spans().get(0).piece().name());
    boolean goesOn = row.spans().stream().flatMap(span -> span.runs().stream()).allMatch(run -> run.origin().isOnTops());
    String start = goesOn ? "Take up the loop that was left on the %s and go on with its next row.".formatted(piece) : "Fasten on at the corner of the %s with a tail of %s, and work the row along its edge.".formatted(piece, tail);
    return List.of(
        new Line(Part.HOLD, hold(piece)),
        new Line(Part.TOOL, tool),
        new Line(Part.START, start),
        new Line(Part.JOINT, joint(piece)),
        new Line(Part.CHECK, HowTo.check(method)),
        new Line(Part.END, "Where the row goes on, work on with it and do not cut; at its end leave a tail of %s.".formatted(tail)),
        new Line(Part.LOOK, "On the right side: %s.".formatted(method.look().words())));
  }

  private String hold(String piece) {
    String way = hand == Wording.Hand.RIGHT ? "right to left" : "left to right";
    String lie = facing.isFlat() ? "Side by side, right sides up" : Wording.capital(facing.words());
    return "%s, the edge of the %s towards you: the row runs from %s.".formatted(lie, piece, way);
  }

  private String joint(String piece) {
    return method == Method.JOIN_SLIP
        ? "Work the next stitch of the row into the %s, then slip stitch into %s of the other piece.".formatted(piece, taken)
        : "Work the next stitch of the row into the %s; take the hook out, put it through %s of the other piece, and pull the loop through.".formatted(piece, taken);
  }
}
