package ruxel.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import ruxel.core.hold.Facing.Face;
import ruxel.core.hold.RowHold;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Wording;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.plan.StripPlan.RoundHold;
import ruxel.core.seam.Join;
import ruxel.core.strip.Junction;
import ruxel.core.strip.Line;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.WorkedOn;

/** Says how the rounds of a strip are held (model 3a, rows to and fro): a turned one begins where the one before it ended, its other side to the maker. */
final class RoundHolds {
  private final StripNames names;
  private final Map<Join, String> seams;
  private final Wording wording;

  RoundHolds(StripNames names, Map<Join, String> seams, Wording wording) {
    this.names = names;
    this.seams = seams;
    this.wording = wording;
  }

  RoundHold of(WorkedOn worked, int round) {
    Line line = worked.line();
    RowHold hold = RowHold.of(worked.isOnWrongSide(round) ? Face.WRONG_SIDE : Face.RIGHT_SIDE, wording.hand());
    Stretch first = line.stretches().get(0);
    boolean reversed = hold.forward() != first.withRing();
    Stretch begun = reversed ? line.stretches().get(line.stretches().size() - 1) : first;
    String start = end(line, !reversed);
    String end = end(line, reversed);
    String face = hold.face() == Face.RIGHT_SIDE ? "Right" : "Wrong";
    String words = "%s side towards you, from your %s: %s".formatted(face, hold.beginsAt() == Hand.RIGHT ? "right" : "left", line.round() ? "all the way round from %s.".formatted(start) : "from %s to %s.".formatted(start, end));
    return new RoundHold(HoldView.Kind.STACKED, List.of(begun.piece()), List.of(hold.face()), hold.beginsAt(), start, end, reversed, words);
  }

  /** What stands at the start of a line, or at its end: of a round both are the same spot. */
  private String end(Line line, boolean start) {
    Stretch stretch = line.stretches().get(start || line.round() ? 0 : line.stretches().size() - 1);
    Junction before = line.before(0);
    Optional<String> seam = line.round() && before.seam() ? before.crossed().stream().map(seams::get).filter(name -> name != null).findFirst() : Optional.empty();
    return seam.map(name -> "the %s seam".formatted(Wording.low(name))).orElseGet(() -> end(stretch, start || line.round()));
  }

  /** The edge beside the one it lies on, where it reaches the corner; else the unit there. */
  private String end(Stretch stretch, boolean start) {
    Piece piece = names.piece(stretch);
    List<Edge> edges = piece.edges();
    boolean atRingStart = stretch.withRing() == start;
    boolean atCorner = atRingStart ? stretch.from() == 0 : stretch.to() == edges.get(stretch.edgeIndex()).units();
    if (!atCorner || edges.size() == 1) {
      int unit = atRingStart ? stretch.from() : stretch.to() - 1;
      OptionalInt row = RowNumbers.of(piece).map(rows -> rows.number(stretch.edgeIndex(), unit)).orElse(OptionalInt.empty());
      return "%s %d of the %s".formatted(PlaceNames.word(stretch.kind()), row.orElse(unit + 1), Wording.low(names.of(stretch)));
    }
    Edge beside = edges.get(Math.floorMod(stretch.edgeIndex() + (atRingStart ? -1 : 1), edges.size()));
    return "the %s of the %s".formatted(Wording.low(beside.name()), Wording.low(piece.name()));
  }
}
