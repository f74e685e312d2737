package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.measure.Wording;

/**
 * Stitches that were worked beside the plan of a strip, to close a hole say (handbook 11, mirror ledger): the next round goes into them
 * too, and the stretch they lie on has come to more than was planned.
 *
 * @param after the number of planned stitches behind which each stands, in order
 */
public record Extras(BenchPlan plan, List<Integer> after) {
  public Extras {
    after = List.copyOf(after);
  }

  /** By how many stitches a stretch of the first round has come to more than was planned. */
  public record OfStretch(int stretch, String name, int more) {}

  /** Every stretch of the first round; none where no rounds are worked. */
  public List<OfStretch> firstRound() {
    if (plan.rounds().isEmpty()) {
      return List.of();
    }
    List<BenchSegment> stretches = stretches(plan.rounds().get(0));
    return IntStream.range(0, stretches.size())
        .mapToObj(i -> new OfStretch(i, stretches.get(i).name(), (int) after.stream().filter(joint -> holds(stretches.get(i), joint)).count()))
        .toList();
  }

  /** Where the round after one with an extra stitch meets it. Linear in the extras, times the stretches of a round. */
  public List<Prompt> metAgain() {
    List<Prompt> met = new ArrayList<>();
    for (int joint : after) {
      for (int r = 0; r + 1 < plan.rounds().size(); r++) {
        List<BenchSegment> stretches = stretches(plan.rounds().get(r));
        List<BenchSegment> above = stretches(plan.rounds().get(r + 1));
        for (int i = 0; i < Math.min(stretches.size(), above.size()); i++) {
          if (holds(stretches.get(i), joint)) {
            met.add(again(stretches.get(i), above.get(i), joint, plan.rounds().get(r).reversed() != plan.rounds().get(r + 1).reversed()));
          }
        }
      }
    }
    return met;
  }

  /**
   * @param turned whether the round above is met from its other end
   */
  private static Prompt again(BenchSegment below, BenchSegment above, int joint, boolean turned) {
    int into = joint - below.from();
    int along = turned ? below.to() - joint : into;
    int at = above.from() + (int) Math.round((double) along * (above.to() - above.from()) / (below.to() - below.from()));
    String words = "Here the round before has one stitch more: work one into it, and tell it as one more.";
    return new Prompt(at, Prompt.Kind.MARKER, words, "You put it in after stitch %d of the %s.".formatted(into, Wording.low(below.name())));
  }

  /** An extra stands in the stretch that holds the stitch before it. */
  private static boolean holds(BenchSegment segment, int joint) {
    return joint > segment.from() && joint <= segment.to();
  }

  /** In the order in which the edge is listed. */
  private static List<BenchSegment> stretches(BenchRound round) {
    List<BenchSegment> stretches = new ArrayList<>(round.segments().stream().filter(segment -> !segment.name().isEmpty()).toList());
    if (round.reversed()) {
      Collections.reverse(stretches);
    }
    return stretches;
  }
}
