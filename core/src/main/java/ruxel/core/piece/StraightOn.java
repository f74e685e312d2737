package ruxel.core.piece;

import java.util.List;
import java.util.stream.IntStream;

/** Whether an edge goes straight on, within itself or where the next begins: by the run at the end of the one and at the start of the other, without ends of edging rows. */
public final class StraightOn {
  /** Degrees by which it may turn (house default, as at the corners of openings). */
  private static final double MOST_TURN = 20;
  private static final double FULL = 360;

  private StraightOn() {}

  public static boolean from(Edge edge, Edge next) {
    List<Run> before = own(edge.runs());
    List<Run> behind = own(next.runs());
    return !before.isEmpty() && !behind.isEmpty() && from(before.get(before.size() - 1), behind.get(0));
  }

  /** Whether it nowhere turns between its ends. */
  public static boolean within(List<Run> all) {
    List<Run> runs = own(all);
    return IntStream.range(1, runs.size()).allMatch(i -> from(runs.get(i - 1), runs.get(i)));
  }

  private static boolean from(Run run, Run next) {
    double turn = Math.abs(degrees(next) - degrees(run)) % FULL;
    return Math.min(turn, FULL - turn) <= MOST_TURN;
  }

  private static List<Run> own(List<Run> runs) {
    return runs.stream().filter(run -> run.origin().kind() != Origin.Kind.ROWS).toList();
  }

  private static double degrees(Run run) {
    return Math.toDegrees(Math.atan2(run.advance().dyMm(), run.advance().dxMm()));
  }
}
