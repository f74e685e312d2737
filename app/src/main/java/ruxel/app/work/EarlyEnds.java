package ruxel.app.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.app.garment.GarmentReader;
import ruxel.app.garment.GarmentService;
import ruxel.app.web.Problems;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.bench.Work;
import ruxel.core.change.Change;
import ruxel.core.change.EndChange;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Wording;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.core.repair.Effects;
import ruxel.core.seam.Side;

/**
 * Seams that are ended at the bench before their end, the rest staying open, and opened again. How far a seam goes is a decision of its
 * garment and an event of its work: both are written in one transaction, which holds the garment first and then the work.
 */
@Component
class EarlyEnds {
  /** What ending a seam at the joint in hand would do: to what is open, and by the same end on its twin; or why it cannot be. */
  record EndView(int joint, List<String> effects, Optional<TwinEnd> twin, Optional<String> refusal) {}

  /** The seam on the other side of the wearer: what ending both changes, or why it is not offered. */
  record TwinEnd(SeamId seam, String name, List<String> effects, Optional<String> refusal) {}

  private final WorkStore store;
  private final WorkKeeper keeper;
  private final FrozenPlans frozen;
  private final GarmentReader reader;
  private final GarmentService garments;

  EarlyEnds(WorkStore store, WorkKeeper keeper, FrozenPlans frozen, GarmentReader reader, GarmentService garments) {
    this.store = store;
    this.keeper = keeper;
    this.frozen = frozen;
    this.reader = reader;
    this.garments = garments;
  }

  /** A seam's work and where it stands. */
  private record Stand(WorkStore.Row row, SeamId seam, BenchPlan plan, Work work) {
    EndChange.SeamEnded end(int joint) {
      return new EndChange.SeamEnded(seam, plan.used(joint, Side.A), plan.used(joint, Side.B));
    }
  }

  private Stand stand(UUID id) {
    WorkStore.Row row = store.find(id).orElseThrow(WorkService::unknown);
    if (!(row.of() instanceof WorkRef.OfSeam seam)) {
      throw new Problems.NotFound("Only a seam ends early; what is left of a line or an edging stays to be worked.");
    }
    return new Stand(row, seam.id(), frozen.read(row.planFormat(), row.plan()), Work.of(store.events(id)));
  }

  EndView view(UUID id) {
    Stand stand = stand(id);
    int joint = stand.work().position();
    GarmentReader.Versioned today = reader.versioned(stand.row().garment());
    Outcome<Garment> ended = stand.end(joint).apply(today.garment());
    if (isOfEarlierPlan(stand, today)) {
      ended = Outcome.refused(Finding.of(FindingCode.END_BY_EARLIER_PLAN, Where.seam(stand.seam())));
    }
    if (!(ended instanceof Outcome.Good<Garment> good)) {
      return new EndView(joint, List.of(), Optional.empty(), Optional.of(ended.findings().get(0).sentence(today.garment().wording())));
    }
    GarmentPlan plan = planned(good.value());
    Optional<TwinEnd> twin = seam(today.plan(), stand.seam()).flatMap(SeamPlan::twin).flatMap(other -> seam(today.plan(), other)).map(other -> twin(stand.row().garment(), other, good.value(), today.plan()));
    return new EndView(joint, Effects.between(today.plan(), plan), twin, Optional.empty());
  }

  private TwinEnd twin(UUID garment, SeamPlan twin, Garment ended, GarmentPlan today) {
    Outcome<Garment> both = new EndChange.SeamEndedAlike(twin.id()).apply(ended);
    Optional<String> begun = store.current(garment, WorkRef.seam(twin.id())).map(work -> "%s is begun at the bench: end it there, too.".formatted(twin.name()));
    Optional<String> refusal = begun.or(() -> both.findings().stream().findFirst().map(finding -> finding.sentence(ended.wording())));
    List<String> effects = refusal.isEmpty() && both instanceof Outcome.Good<Garment> good ? Effects.between(today, planned(good.value())) : List.of();
    return new TwinEnd(twin.id(), twin.name(), effects, refusal);
  }

  /** Its places are not those of today: a cut between them would lie elsewhere. */
  private boolean isOfEarlierPlan(Stand stand, GarmentReader.Versioned today) {
    return Directions.of(today.garment(), today.plan(), stand.seam()).filter(now -> stand.plan().isWorkedAs(now, stand.row().planFormat() == FrozenPlans.FORMAT)).isEmpty();
  }

  private static Optional<SeamPlan> seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst();
  }

  private static GarmentPlan planned(Garment garment) {
    return Problems.valueOf(Planner.plan(garment), garment.wording());
  }

  /**
   * Ends a seam at the joint in hand.
   *
   * @param twinToo whether the seam on the other side ends there, too
   * @throws Problems.Refused where nothing would stay open, or its plan is an earlier one
   * @throws Problems.WrongEvent when the work stands elsewhere
   */
  Work end(UUID id, String client, Sent event, boolean twinToo) {
    Stand stand = stand(id);
    if (event.seq() < stand.work().nextSeq()) {
      return keeper.keep(id, client, List.of(event), false);
    }
    stand.work().refusal(event.event(), stand.plan().joints().size()).ifPresent(why -> refuse(why, stand.work()));
    GarmentReader.Versioned today = reader.versioned(stand.row().garment());
    if (isOfEarlierPlan(stand, today)) {
      throw new Problems.Refused(List.of(Finding.of(FindingCode.END_BY_EARLIER_PLAN, Where.seam(stand.seam()))), Wording.USUAL);
    }
    List<Change> changes = new ArrayList<>(List.of(stand.end(event.joint())));
    seam(today.plan(), stand.seam()).filter(seam -> twinToo).flatMap(SeamPlan::twin).ifPresent(twin -> changes.add(new EndChange.SeamEndedAlike(twin)));
    try {
      return keep(stand, client, List.of(event), changes);
    } catch (Problems.Refused refused) {
      // The same request may have been carried out meanwhile: then it is acknowledged again.
      if (event.seq() < stand(id).work().nextSeq()) {
        return keeper.keep(id, client, List.of(event), false);
      }
      throw refused;
    }
  }

  /** Opens a seam again that was ended early. */
  Work opened(UUID id, String client, List<Sent> events) {
    Stand stand = stand(id);
    if (events.stream().anyMatch(event -> event.kind() == Work.Kind.ENDED)) {
      refuse("A seam is ended by a request of its own.", stand.work());
    }
    return keep(stand, client, events, List.of(new EndChange.SeamReopened(stand.seam())));
  }

  private static void refuse(String why, Work work) {
    throw new Problems.WrongEvent(why, work.position(), work.nextSeq());
  }

  private Work keep(Stand stand, String client, List<Sent> events, List<Change> changes) {
    UUID id = stand.row().id();
    garments.changeAtBench(
        stand.row().garment(), stand.seam(), changes,
        (before, after) -> {
          keeper.keep(id, client, events, true);
          store.setWorkedAs(id, before.workedAs(stand.row().of()), after.workedAs(stand.row().of()));
        });
    return Work.of(store.events(id));
  }
}
