package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.decision.Chore;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.order.Alternatives;

/**
 * The work as one path (handbook 13): every step, where yarn is fastened on and off, ends and minutes so far; the fewest passes there
 * could be, with the nodes that forbid fewer; and whole orders to choose from.
 */
public record OrderPlan(
    List<WorkStep> steps, int passes, int ends, double minutes, double flatMinutes, double yarnMm, int bound, List<OddNode> odd, List<AlternativeView> alternatives, List<Tail> tails) {
  /** Of nothing. */
  static final OrderPlan NONE = new OrderPlan(List.of(), 0, 0, 0, 0, 0, 0, List.of(), List.of(), List.of());

  /** What is done in a step. */
  public enum Kind {
    INSPECT,
    BLOCK,
    MARK,
    FOLD,
    /** The squares of a board, line after line. */
    BOARD,
    SEAM,
    /** The work is turned right side out, or inside out. */
    TURN,
    TRY_ON,
    /** A strip worked onto the garment. */
    EDGING,
    WEAVE,
    STEAM,
    FINISH;

    static Kind of(Chore chore) {
      return valueOf(chore.name());
    }
  }

  /**
   * A step: a seam, the lines of a board, a strip, or work without any of them. {@code fastenOn} and {@code cut} say whether a yarn begins and ends with it, {@code flat} whether
   * the work still lies flat on the table while it is done; ends and minutes are those up to its end;
   * a strip {@code mayComeBefore} the seams that come after those it runs over; work that joins nothing is a {@code chore}, and may be {@code done}.
   */
  public record WorkStep(
      int number,
      Kind kind,
      Optional<WorkRef> of,
      String title,
      String words,
      List<String> todo,
      boolean fastenOn,
      boolean cut,
      boolean flat,
      double minutes,
      int endsSoFar,
      double minutesSoFar,
      List<SeamId> mayComeBefore,
      Optional<Chore> chore,
      boolean done) {}

  /** A node of the seams at which an odd number of lines meets: a pass begins or ends there. */
  public record OddNode(String words, List<SeamId> seams) {}

  /** A whole order with what it costs; {@code now} is the one that is worked by, {@code turned} are seams worked from their other end. */
  public record AlternativeView(
      Alternatives.Name name, String title, String words, List<SeamId> seams, List<SeamId> turned, int passes, int ends, double yarnMm, double minutes, double flatMinutes, boolean now) {}

  /**
   * Ends left to be woven in: made by the step of a seam, 0 for one left on a piece, where, and the step before which they are still easy to reach; those of a
   * board's lines together.
   */
  public record Tail(Optional<WorkRef> of, int ends, int step, String where, Optional<SeamId> before, String words) {}
}
