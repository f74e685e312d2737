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
import ruxel.app.garment.GarmentViews.SeamProgress;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.bench.Work;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.measure.Wording;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.files.GarmentFiles;

/** Reads garments and shows them with what is computed of them and how far they are. */
@Service
public class GarmentReader {
  /** A garment and its version. */
  public record Versioned(int version, Garment garment) {}

  private final GarmentStore store;
  private final Progress progress;

  GarmentReader(GarmentStore store, Progress progress) {
    this.store = store;
    this.progress = progress;
  }

  List<Summary> shelf(String state) {
    List<GarmentStore.Row> rows = store.all(state);
    Map<UUID, Map<String, Progress.OfSeam>> all = progress.of(rows.stream().map(GarmentStore.Row::id).toList());
    return rows.stream().map(row -> summary(row, all.getOrDefault(row.id(), Map.of()))).toList();
  }

  /** One that cannot be read stands on the shelf all the same, with the reason, and hides no other. */
  private static Summary summary(GarmentStore.Row row, Map<String, Progress.OfSeam> bySeam) {
    try {
      GarmentPlan plan = plan(garment(row.document()));
      List<SeamProgress> done = seamProgress(bySeam, plan);
      return new Summary(row.id(), row.name(), row.changedAt(), plan.pieces(), done, next(plan, done), Optional.empty());
    } catch (Problems.Refused unreadable) {
      return new Summary(row.id(), row.name(), row.changedAt(), List.of(), List.of(), Optional.empty(), Optional.of(unreadable.words()));
    }
  }

  Opened opened(GarmentStore.Row row) {
    Garment garment = garment(row.document());
    GarmentPlan plan = plan(garment);
    List<SeamProgress> done = seamProgress(progress.of(row.id()), plan);
    History history = History.of(store.versions(row.id()));
    return new Opened(
        row.id(), row.version(),
        garment.recipe().map(Recipe::construction),
        garment.recipe().map(recipe -> AnswerValues.values(recipe.answers())).orElse(Map.of()),
        plan, done, next(plan, done),
        history.toUndo().map(History.Entry::label), history.toRedo().map(History.Entry::label));
  }

  GarmentStore.Row row(UUID id) {
    return store.find(id).orElseThrow(GarmentReader::unknown);
  }

  static Problems.NotFound unknown() {
    return new Problems.NotFound("There is no such garment; it may have been deleted. The shelf shows what there is.");
  }

  /** The current garment with its version. */
  public Versioned versioned(UUID id) {
    GarmentStore.Row row = row(id);
    return new Versioned(row.version(), garment(row.document()));
  }

  static Garment garment(String document) {
    return Problems.valueOf(GarmentFiles.read(document.getBytes(StandardCharsets.UTF_8)), Wording.USUAL);
  }

  static GarmentPlan plan(Garment garment) {
    return Problems.valueOf(Planner.plan(garment), garment.wording());
  }

  private static List<SeamProgress> seamProgress(Map<String, Progress.OfSeam> bySeam, GarmentPlan plan) {
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
