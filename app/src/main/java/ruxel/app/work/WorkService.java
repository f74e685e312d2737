package ruxel.app.work;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ruxel.app.garment.GarmentReader;
import ruxel.app.web.Problems;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.bench.Pace;
import ruxel.core.bench.Work;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.measure.HouseRules;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Takes seams to the bench and keeps what is done there. */
@Service
public class WorkService {
  /** A seam at the bench: the plan it is worked by, where the maker is, whether today's plan differs. */
  public record View(
      UUID id,
      UUID garment,
      String garmentName,
      String seam,
      int garmentVersion,
      boolean planChanged,
      BenchPlan plan,
      int position,
      Work.State state,
      int nextSeq,
      Optional<String> note,
      Optional<Double> secondsPerJoint,
      double breakMinutes) {}

  /** Where the maker is, after events were kept, and how fast. */
  public record Kept(int position, Work.State state, int nextSeq, Optional<Double> secondsPerJoint) {}

  /** An event as a client sends it. */
  public record Sent(int seq, Work.Kind kind, int joint, Optional<String> note) {
    Work.Event event() {
      return new Work.Event(seq, kind, joint, note.orElse(""));
    }
  }

  private static final int MOST_NOTE = 4000;

  private final WorkStore store;
  private final Progress progress;
  private final GarmentReader garments;
  private final JsonMapper json;
  /** Reads plans frozen before a part of today's plan was known: it is then empty. */
  private final JsonMapper frozen;

  WorkService(WorkStore store, Progress progress, GarmentReader garments, JsonMapper json) {
    this.store = store;
    this.progress = progress;
    this.garments = garments;
    this.json = json;
    frozen = json.rebuild().disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES).build();
  }

  /** The seam's work in hand, or a new one by today's plan. */
  @Transactional
  public View take(UUID garment, String seam) {
    Map<String, Progress.OfSeam> bySeam = progress.of(garment);
    if (bySeam.containsKey(seam)) {
      return view(bySeam.get(seam).work());
    }
    GarmentReader.Versioned versioned = garments.versioned(garment);
    BenchPlan plan =
        Directions.of(versioned.garment(), seam)
            .orElseThrow(() -> new Problems.NotFound("This seam cannot be worked yet; the seam view says why."));
    requireItsTurn(versioned.garment(), seam, bySeam);
    return view(store.insert(garment, seam, versioned.version(), json.writeValueAsString(plan)));
  }

  /** A seam that runs across others waits until they are joined. */
  private static void requireItsTurn(Garment garment, String seam, Map<String, Progress.OfSeam> bySeam) {
    GarmentPlan plan = Problems.valueOf(Planner.plan(garment), garment.wording());
    Map<String, String> names = new HashMap<>();
    plan.seams().forEach(s -> names.put(s.id(), s.name()));
    List<String> missing =
        plan.steps().stream()
            .filter(step -> step.seam().equals(seam))
            .flatMap(step -> step.after().stream())
            .filter(before -> !bySeam.containsKey(before) || !bySeam.get(before).joined())
            .map(names::get)
            .toList();
    if (!missing.isEmpty()) {
      Finding finding =
          Finding.of(
              FindingCode.STEP_TOO_EARLY, Where.seam(seam),
              Fact.text("seam", names.get(seam)), Fact.text("first", String.join(" and ", missing).toLowerCase(Locale.ROOT)));
      throw new Problems.Refused(List.of(finding), garment.wording());
    }
  }

  public View view(UUID id) {
    WorkStore.Row row = store.find(id).orElseThrow(() -> new Problems.NotFound("There is no such work."));
    BenchPlan plan = plan(row);
    Work work = Work.of(store.events(id));
    GarmentReader.Versioned today = garments.versioned(row.garment());
    boolean changed = Directions.of(today.garment(), row.seam()).filter(plan::equals).isEmpty();
    return new View(
        id, row.garment(), today.garment().name(), row.seam(), row.garmentVersion(), changed, plan,
        work.position(), work.state(), work.nextSeq(), work.note(), pace(id),
        today.garment().rules().get(HouseRules.Rule.BREAK_MINUTES));
  }

  /**
   * Keeps events in order. One that is kept already is acknowledged again.
   *
   * @throws Problems.WrongEvent when another event has its number, or it cannot follow
   */
  @Transactional
  public Kept keep(UUID id, String client, List<Sent> sent) {
    WorkStore.Row row = store.find(id).orElseThrow(() -> new Problems.NotFound("There is no such work."));
    store.lock(id);
    List<Work.Event> events = store.events(id);
    Work work = Work.of(events);
    int joints = plan(row).joints().size();
    for (Sent one : sent) {
      Work.Event event = one.event();
      if (event.seq() >= 1 && event.seq() < work.nextSeq() && event.seq() <= events.size()) {
        requireSame(events.get(event.seq() - 1), event, work);
        continue;
      }
      Work before = work;
      refusal(work, event, joints).ifPresent(why -> refuse(why, before));
      store.append(id, event, client);
      work = work.after(event);
    }
    return new Kept(work.position(), work.state(), work.nextSeq(), pace(id));
  }

  private static Optional<String> refusal(Work work, Work.Event event, int joints) {
    return event.note().length() > MOST_NOTE
        ? Optional.of("A note has at most %d characters; shorten it.".formatted(MOST_NOTE))
        : work.refusal(event, joints);
  }

  private static void requireSame(Work.Event kept, Work.Event event, Work work) {
    if (!kept.equals(event)) {
      refuse("Event %d was something else; another window works on this seam.".formatted(event.seq()), work);
    }
  }

  private static void refuse(String why, Work work) {
    throw new Problems.WrongEvent(why, work.position(), work.nextSeq());
  }

  private Optional<Double> pace(UUID id) {
    OptionalDouble pace = Pace.secondsPerJoint(store.jointTimes(id));
    return pace.isPresent() ? Optional.of(pace.getAsDouble()) : Optional.empty();
  }

  private BenchPlan plan(WorkStore.Row row) {
    return frozen.readValue(row.plan(), BenchPlan.class);
  }
}
