package ruxel.app.work;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Departure;
import ruxel.core.bench.Departures;
import ruxel.core.bench.Look;
import ruxel.core.bench.Looks;
import ruxel.core.bench.SewnLengths;
import ruxel.core.bench.Work;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.Layout;
import ruxel.core.seam.Side;

/**
 * What was worked otherwise than planned, how far the sides of a seam have come apart by it, and where an edging meets it again; once an
 * edging is worked also what each stretch has come to, unless today's plan has others; how long a seam has become, what its edges measure by that, and what was not right
 * when it was looked at last.
 */
public record Beside(List<Otherwise> departures, Optional<String> apart, List<Departures.OfStretch> stretches, List<BenchPlan.Prompt> prompts, List<Looks.Sewn> sewn, List<SewnLengths.EdgeLength> lengths, List<Look.Fault> faults) {
  static final Beside NOTHING = new Beside(List.of(), Optional.empty(), List.of(), List.of(), List.of(), List.of(), List.of());

  /** One thing that was worked otherwise, in words that name its place. */
  public record Otherwise(int joint, Departure.What what, Optional<Side> side, int count, String words) {}

  /**
   * Of a work.
   *
   * @param changed whether today's plan would be worked otherwise than the one it was begun by
   */
  static Beside of(WorkRef of, BenchPlan plan, Work work, boolean changed, Garment garment) {
    Departures departures = new Departures(plan, work.departures());
    boolean isTold = of instanceof WorkRef.OfStrip && work.state() == Work.State.JOINED && !changed;
    List<Otherwise> told = departures.done().stream().map(each -> new Otherwise(each.joint(), each.what(), each.side(), each.count(), departures.words(each))).toList();
    List<BenchPlan.Prompt> prompts = Stream.concat(departures.metAgain().stream(), departures.mirrored().stream()).toList();
    List<Look.Fault> faults = work.looks().isEmpty() ? List.of() : work.looks().get(work.looks().size() - 1).faults();
    return new Beside(told, departures.apart(), isTold ? departures.firstRound() : List.of(), prompts, WorkService.looks(plan, garment).sewn(work.looks()), lengths(of, plan, work, garment), faults);
  }

  /** What the edges of a joined seam measure now. */
  private static List<SewnLengths.EdgeLength> lengths(WorkRef of, BenchPlan plan, Work work, Garment garment) {
    boolean isSeam = of instanceof WorkRef.OfSeam && work.state() == Work.State.JOINED && !work.looks().isEmpty();
    return isSeam && Layout.of(garment) instanceof Outcome.Good<Layout> laid
        ? new SewnLengths(laid.value().construct().pieces(), garment.wording()).of(plan, WorkService.looks(plan, garment), work.looks())
        : List.of();
  }
}
