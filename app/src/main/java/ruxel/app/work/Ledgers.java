package ruxel.app.work;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import ruxel.app.garment.GarmentReader;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Departures;
import ruxel.core.bench.Looks;
import ruxel.core.bench.MirrorLedger;
import ruxel.core.bench.Work;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Outcome;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.Layout;
import ruxel.core.piece.Pieces;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;

/** What was done on the first side of the wearer, for the second (handbook 11, mirror ledger). */
@Component
class Ledgers {
  private final WorkStore store;
  private final FrozenPlans frozen;

  Ledgers(WorkStore store, FrozenPlans frozen) {
    this.store = store;
    this.frozen = frozen;
  }

  /** For a seam, a line or an edging at the bench; none where there is no mirror image, or nothing was done to it yet. */
  Optional<WorkService.Ledger> of(WorkStore.Row row, BenchPlan plan, GarmentReader.Versioned today) {
    if (!(Layout.of(today.garment()) instanceof Outcome.Good<Layout> layout)) {
      return Optional.empty();
    }
    Construct construct = layout.value().construct();
    if (row.of() instanceof WorkRef.OfSeam seam) {
      return today.plan().seams().stream()
          .filter(each -> each.id().equals(seam.id()))
          .findFirst()
          .flatMap(SeamPlan::twin)
          .flatMap(
              twin ->
                  done(row.garment(), WorkRef.seam(twin))
                      .map(done -> ledger(done, done.departures.plan().plan().map(SeamPlan::name).orElse(""), MirrorLedger.ofSeam(construct, seam.id(), twin, plan, done.departures), today)));
    }
    if (row.of() instanceof WorkRef.OfLine line) {
      return Pieces.find(construct.pieces(), line.board().piece())
          .flatMap(board -> board.twinAmong(construct.pieces()).filter(twin -> !twin.id().equals(board.id())))
          .flatMap(twin -> done(row.garment(), WorkRef.line(new BoardId(twin.id()), line.id())))
          .map(done -> ledger(done, done.departures.plan().plan().map(SeamPlan::name).orElse(""), MirrorLedger.ofLine(plan, done.departures), today));
    }
    return row.of() instanceof WorkRef.OfStrip strip ? find(today, strip.id()).flatMap(mine -> ofStrip(row, plan, today, construct, mine)) : Optional.empty();
  }

  private Optional<WorkService.Ledger> ofStrip(WorkStore.Row row, BenchPlan plan, GarmentReader.Versioned today, Construct construct, StripPlan mine) {
    return today.plan().strips().stream()
        .filter(other -> !other.id().equals(mine.id()) && MirrorLedger.areTwins(construct, mine, other))
        .findFirst()
        .flatMap(
            other ->
                done(row.garment(), WorkRef.strip(other.id()))
                    .map(done -> ledger(done, other.called(), MirrorLedger.ofStrip(construct, mine, other, plan, done.departures), today)));
  }

  private static Optional<StripPlan> find(GarmentReader.Versioned today, StripId id) {
    return today.plan().strips().stream().filter(each -> each.id().equals(id)).findFirst();
  }

  private record Done(Work work, Departures departures) {}

  private Optional<Done> done(UUID garment, WorkRef of) {
    return store.current(garment, of)
        .flatMap(store::find)
        .map(
            row -> {
              Work work = Work.of(store.events(row.id()));
              return new Done(work, new Departures(frozen.read(row.planFormat(), row.plan()), work.departures()));
            });
  }

  private static WorkService.Ledger ledger(Done done, String name, List<BenchPlan.Prompt> prompts, GarmentReader.Versioned today) {
    Stream<String> departures = done.departures.done().stream().map(done.departures::words);
    Stream<String> sewn = WorkService.looks(done.departures.plan(), today.garment()).sewn(done.work.looks()).stream().map(Looks.Sewn::words);
    return new WorkService.Ledger(name, done.work.state(), Stream.concat(departures, sewn).toList(), prompts);
  }
}
