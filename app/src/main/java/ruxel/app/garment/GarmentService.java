package ruxel.app.garment;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ruxel.app.garment.GarmentViews.NextStep;
import ruxel.app.garment.GarmentViews.Opened;
import ruxel.app.garment.GarmentViews.Preview;
import ruxel.app.garment.GarmentViews.SeamProgress;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.bench.Work;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Answers;
import ruxel.core.garment.Change;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.files.GarmentFiles;
import tools.jackson.databind.json.JsonMapper;

/** Opens, changes and tries out garments. */
@Service
public class GarmentService {
  private static final Wording USUAL = new Wording(Wording.Unit.CM, Terms.US);

  private final GarmentStore store;
  private final Progress progress;
  private final JsonMapper json;

  GarmentService(GarmentStore store, Progress progress, JsonMapper json) {
    this.store = store;
    this.progress = progress;
    this.json = json;
  }

  public List<Summary> shelf() {
    return store.open().stream().map(this::summary).toList();
  }

  public Opened open(UUID id) {
    return opened(row(id));
  }

  public String file(UUID id) {
    return GarmentFiles.write(garment(row(id)));
  }

  public UUID create(String name, String construction, Answers answers) {
    Garment unnamed = Garment.of("", new Recipe(construction, answers));
    Garment garment = Problems.valueOf(new Change.Renamed(name).apply(unnamed), USUAL);
    Problems.valueOf(Planner.plan(garment), USUAL);
    return store.insert(garment.name(), GarmentFiles.write(garment), "Laid out");
  }

  public UUID importFile(byte[] bytes) {
    Garment garment = Problems.valueOf(GarmentFiles.read(bytes), USUAL);
    Problems.valueOf(Planner.plan(garment), garment.wording());
    return store.insert(garment.name(), GarmentFiles.write(garment), "Read from a file");
  }

  /**
   * Applies all changes to the version they are based on.
   *
   * @throws Problems.Stale when that version is no longer the current one
   */
  public Opened change(UUID id, int baseVersion, List<ChangeRequest> requests) {
    GarmentStore.Row row = row(id);
    Garment before = garment(row);
    requireCurrent(row, baseVersion);
    List<Change> changes = Problems.valueOf(ChangeRequest.all(requests), before.wording());
    Garment after = Problems.valueOf(Change.applyAll(before, changes), before.wording());
    String label = String.join(", ", changes.stream().map(Change::label).toList());
    boolean saved =
        store.save(id, baseVersion, after.name(), GarmentFiles.write(after), json.writeValueAsString(requests), label);
    GarmentStore.Row now = row(id);
    if (!saved) {
      throw new Problems.Stale(now.version(), store.labelsSince(id, baseVersion));
    }
    return opened(now);
  }

  private void requireCurrent(GarmentStore.Row row, int baseVersion) {
    if (row.version() != baseVersion) {
      throw new Problems.Stale(row.version(), store.labelsSince(row.id(), baseVersion));
    }
  }

  /** What changes would do; saves nothing. {@code want} narrows the plan to these seams. */
  public Preview preview(UUID id, int baseVersion, List<ChangeRequest> requests, List<String> want) {
    GarmentStore.Row row = row(id);
    requireCurrent(row, baseVersion);
    Garment before = garment(row);
    Outcome<GarmentPlan> plan =
        ChangeRequest.all(requests).then(changes -> Change.applyAll(before, changes)).then(Planner::plan);
    Preview whole = preview(plan, before.wording());
    return want.isEmpty() ? whole : new Preview(whole.plan().map(p -> onlySeams(p, want)), whole.findings());
  }

  /** What answers would make; saves nothing. */
  public Preview preview(String construction, Answers answers, Wording wording) {
    Garment garment = Garment.of("New garment", new Recipe(construction, answers)).withWording(wording);
    return preview(Planner.plan(garment), wording);
  }

  private static Preview preview(Outcome<GarmentPlan> outcome, Wording wording) {
    return outcome instanceof Outcome.Good<GarmentPlan> good
        ? new Preview(Optional.of(good.value()), good.value().findings())
        : new Preview(Optional.empty(), FindingView.all(outcome.findings(), wording));
  }

  private static GarmentPlan onlySeams(GarmentPlan p, List<String> want) {
    List<SeamPlan> seams = p.seams().stream().filter(seam -> want.contains(seam.id())).toList();
    return new GarmentPlan(
        p.name(), p.unit(), p.terms(), List.of(), seams, p.gluing(), List.of(), List.of(), p.assumed(), p.findings());
  }

  public void putAway(UUID id) {
    setState(id, "DELETED");
  }

  public void putBack(UUID id) {
    setState(id, "OPEN");
  }

  private void setState(UUID id, String state) {
    if (!store.setState(id, state)) {
      throw unknown();
    }
  }

  private static Problems.NotFound unknown() {
    return new Problems.NotFound("There is no such garment; it may have been deleted. The shelf shows what there is.");
  }

  /** The current garment with its version, for work that freezes a plan. */
  public Versioned versioned(UUID id) {
    GarmentStore.Row row = row(id);
    return new Versioned(row.version(), garment(row));
  }

  /** A garment and its version. */
  public record Versioned(int version, Garment garment) {}

  private GarmentStore.Row row(UUID id) {
    return store.find(id).orElseThrow(GarmentService::unknown);
  }

  private static Garment garment(GarmentStore.Row row) {
    return Problems.valueOf(GarmentFiles.read(row.document().getBytes(StandardCharsets.UTF_8)), USUAL);
  }

  private Summary summary(GarmentStore.Row row) {
    GarmentPlan plan = plan(row);
    List<SeamProgress> done = seamProgress(row.id(), plan);
    return new Summary(row.id(), row.name(), row.changedAt(), plan.pieces(), done, next(plan, done));
  }

  private Opened opened(GarmentStore.Row row) {
    Garment garment = garment(row);
    GarmentPlan plan = Problems.valueOf(Planner.plan(garment), garment.wording());
    List<SeamProgress> done = seamProgress(row.id(), plan);
    return new Opened(
        row.id(), row.version(),
        garment.recipe().map(Recipe::construction),
        garment.recipe().map(recipe -> AnswerValues.values(recipe.answers())).orElse(Map.of()),
        plan, done, next(plan, done));
  }

  private GarmentPlan plan(GarmentStore.Row row) {
    Garment garment = garment(row);
    return Problems.valueOf(Planner.plan(garment), garment.wording());
  }

  private List<SeamProgress> seamProgress(UUID id, GarmentPlan plan) {
    Map<String, Progress.OfSeam> bySeam = progress.of(id);
    List<SeamProgress> all = new ArrayList<>();
    for (GarmentPlan.StepPlan step : plan.steps()) {
      Optional<Progress.OfSeam> of = Optional.ofNullable(bySeam.get(step.seam()));
      int joints = plan.seams().stream().filter(seam -> seam.id().equals(step.seam())).mapToInt(SeamPlan::joints).findFirst().orElse(0);
      all.add(
          new SeamProgress(
              step.seam(), of.map(Progress.OfSeam::work), of.map(o -> o.folded().state()),
              of.map(o -> o.folded().position()).orElse(0), joints));
    }
    return List.copyOf(all);
  }

  /** The first seam in the order that is not joined. */
  private static Optional<NextStep> next(GarmentPlan plan, List<SeamProgress> progress) {
    for (GarmentPlan.StepPlan step : plan.steps()) {
      SeamProgress of = progress.get(step.number() - 1);
      if (of.state().filter(state -> state == Work.State.JOINED).isEmpty()) {
        String words =
            plan.seams().stream()
                .filter(seam -> seam.id().equals(step.seam()))
                .findFirst()
                .flatMap(SeamPlan::ease)
                .map(SeamPlan.EaseView::words)
                .orElse("Look at this seam first: it cannot be planned yet.");
        return Optional.of(new NextStep(step.seam(), step.title(), step.direction(), words, of.work().isPresent()));
      }
    }
    return Optional.empty();
  }
}
