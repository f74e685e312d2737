package ruxel.app.garment;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import ruxel.app.garment.GarmentViews.NextStep;
import ruxel.app.garment.GarmentViews.Opened;
import ruxel.app.garment.GarmentViews.SeamProgress;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.app.garment.ShelfFacts.ShelfStep;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.bench.Work;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.WorkRef;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.files.AnswerValues;
import tools.jackson.databind.json.JsonMapper;

/** Reads garments and shows them with what is computed of them and how far they are. */
@Service
public class GarmentReader {
  /** A garment, its version and everything computed of it. */
  public record Versioned(int version, Garment garment, GarmentPlan plan) {}

  /** A garment on the shelf with the work it was written with. */
  private record OnShelf(Map<WorkRef, Progress.OfWork> works, Written<Summary> summary) {}

  private static final int MOST_SHELVED = 500;

  private final Cache<GarmentStore.Head, OnShelf> shelved = Caffeine.newBuilder().maximumSize(MOST_SHELVED).build();
  private final JsonMapper json;
  private final GarmentStore store;
  private final Histories histories;
  private final OpenGarments open;
  private final ShelfFacts facts;
  private final Progress progress;

  GarmentReader(JsonMapper json, GarmentStore store, Histories histories, OpenGarments open, ShelfFacts facts, Progress progress) {
    this.json = json;
    this.store = store;
    this.histories = histories;
    this.open = open;
    this.facts = facts;
    this.progress = progress;
  }

  List<Written<Summary>> shelf(GarmentStore.ShelfState state) {
    List<GarmentStore.Head> heads = store.all(state);
    Map<UUID, Map<WorkRef, Progress.OfWork>> all = progress.of(heads.stream().map(GarmentStore.Head::id).toList());
    return heads.stream().map(head -> onShelf(head, all.getOrDefault(head.id(), Map.of()))).toList();
  }

  /** As it was written last, unless there was a change, or work went on. */
  private Written<Summary> onShelf(GarmentStore.Head head, Map<WorkRef, Progress.OfWork> works) {
    return shelved
        .asMap()
        .compute(head, (same, last) -> last != null && last.works().equals(works) ? last : new OnShelf(works, new Written<>(json, summary(head, works))))
        .summary();
  }

  private Summary summary(GarmentStore.Head head, Map<WorkRef, Progress.OfWork> works) {
    ShelfFacts.Facts shown = facts.of(head);
    List<SeamProgress> done = seamProgress(works, shown.steps());
    return new Summary(head.id(), head.revision(), head.name(), head.changedAt(), shown.pieces(), done, next(shown.steps(), done), shown.unreadable());
  }

  Opened opened(UUID id) {
    GarmentStore.Head head = head(id);
    OpenGarments.Computed computed = open.of(head);
    GarmentPlan plan = computed.plan();
    List<ShelfStep> steps = plan.steps().stream().map(step -> ShelfFacts.step(plan, step)).toList();
    Map<WorkRef, Progress.OfWork> works = progress.of(id);
    List<SeamProgress> done = seamProgress(works, steps);
    History history = histories.of(head);
    return new Opened(
        id, head.version(), head.revision(),
        computed.garment().recipe().map(Recipe::construction),
        computed.garment().recipe().map(recipe -> AnswerValues.values(recipe.answers())).orElse(Map.of()),
        plan, done, finished(works, plan), byEarlierPlan(works, plan), next(steps, done),
        history.toUndo().map(History.Entry::label), history.toRedo().map(History.Entry::label));
  }

  GarmentStore.Head head(UUID id) {
    return store.find(id).orElseThrow(GarmentReader::unknown);
  }

  static Problems.NotFound unknown() {
    return new Problems.NotFound("There is no such garment; it may have been deleted. The shelf shows what there is.");
  }

  /** The current garment with its version. */
  public Versioned versioned(UUID id) {
    return versioned(head(id));
  }

  Versioned versioned(GarmentStore.Head head) {
    OpenGarments.Computed computed = open.of(head);
    return new Versioned(head.version(), computed.garment(), computed.plan());
  }

  private static List<SeamProgress> seamProgress(Map<WorkRef, Progress.OfWork> works, List<ShelfStep> steps) {
    List<SeamProgress> all = new ArrayList<>();
    for (ShelfStep step : steps) {
      Optional<Progress.OfWork> of = Optional.ofNullable(works.get(WorkRef.seam(step.seam())));
      all.add(
          new SeamProgress(
              step.seam(), of.map(Progress.OfWork::work), of.map(Progress.OfWork::state), of.map(Progress.OfWork::position).orElse(0), step.joints()));
    }
    return List.copyOf(all);
  }

  /** All of the plan that is done, and the boards all lines of which are joined; one without lines has nothing to be done. */
  private static List<WorkRef> finished(Map<WorkRef, Progress.OfWork> works, GarmentPlan plan) {
    List<WorkRef> all = new ArrayList<>();
    plan.steps().forEach(step -> all.add(WorkRef.seam(step.seam())));
    plan.strips().forEach(strip -> all.add(WorkRef.strip(strip.id())));
    List<WorkRef> boards = new ArrayList<>();
    for (BoardPlan board : plan.boards()) {
      List<WorkRef> lines = board.lines().stream().map(line -> WorkRef.line(board.id(), line.id())).toList();
      all.addAll(lines);
      if (!lines.isEmpty() && lines.stream().allMatch(line -> isDone(works, line))) {
        boards.add(WorkRef.board(board.id()));
      }
    }
    return Stream.concat(all.stream().filter(of -> isDone(works, of)), boards.stream()).toList();
  }

  /** What is begun or done by a plan that is not today's; of what today has no plan for, nothing is said here. */
  private static List<WorkRef> byEarlierPlan(Map<WorkRef, Progress.OfWork> works, GarmentPlan plan) {
    return works.entrySet().stream()
        .filter(work -> work.getValue().workedAs().isPresent() && plan.workedAs(work.getKey()).filter(now -> !now.equals(work.getValue().workedAs().get())).isPresent())
        .map(Map.Entry::getKey)
        .toList();
  }

  private static boolean isDone(Map<WorkRef, Progress.OfWork> works, WorkRef of) {
    return works.containsKey(of) && works.get(of).joined();
  }

  /** The first seam in the order that is not joined. */
  private static Optional<NextStep> next(List<ShelfStep> steps, List<SeamProgress> progress) {
    for (int i = 0; i < steps.size(); i++) {
      SeamProgress of = progress.get(i);
      if (of.state().filter(state -> state == Work.State.JOINED).isEmpty()) {
        ShelfStep step = steps.get(i);
        return Optional.of(new NextStep(step.seam(), step.title(), step.direction(), step.words(), of.work().isPresent()));
      }
    }
    return Optional.empty();
  }
}
