package ruxel.app.garment;

import java.util.ArrayList;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import ruxel.app.garment.GarmentViews.HistoryEntry;
import ruxel.app.garment.GarmentViews.Opened;
import ruxel.app.garment.GarmentViews.Preview;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.app.web.Problems;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Answers;
import ruxel.core.garment.Change;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Names;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Stop;
import ruxel.core.measure.Wording;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.core.repair.Effects;
import ruxel.files.GarmentFiles;
import tools.jackson.databind.json.JsonMapper;

/** Opens, changes, copies and tries out garments, and takes changes back. */
@Service
public class GarmentService {
  private final GarmentStore store;
  private final GarmentReader reader;
  private final BegunSeams begun;
  private final JsonMapper json;

  GarmentService(GarmentStore store, GarmentReader reader, BegunSeams begun, JsonMapper json) {
    this.store = store;
    this.reader = reader;
    this.begun = begun;
    this.json = json;
  }

  public List<Summary> shelf(String state) {
    return reader.shelf(state);
  }

  public Opened open(UUID id) {
    return reader.opened(reader.row(id));
  }

  /** The garment file; one that cannot be read is handed out as it is stored. */
  public String file(UUID id) {
    String document = reader.row(id).document();
    return GarmentFiles.read(document.getBytes(StandardCharsets.UTF_8)) instanceof Outcome.Good<Garment> good
        ? GarmentFiles.write(good.value())
        : document;
  }

  public GarmentPlan plan(UUID id) {
    return GarmentReader.plan(reader.versioned(id).garment());
  }

  public UUID create(String name, String construction, Answers answers) {
    Garment unnamed = Garment.of("", new Recipe(construction, answers));
    return insert(Problems.valueOf(new Change.Renamed(name).apply(unnamed), Wording.USUAL), "Laid out");
  }

  public UUID importFile(byte[] bytes) {
    return insert(Problems.valueOf(GarmentFiles.read(bytes), Wording.USUAL), "Read from a file");
  }

  /**
   * A new garment like this one at a version, with changes made to it; what was done at the bench stays with
   * the first.
   */
  public UUID copy(UUID id, Optional<Integer> version, List<ChangeRequest> requests) {
    GarmentStore.Row row = reader.row(id);
    String document = version.map(wanted -> documentAt(id, wanted)).orElse(row.document());
    Garment from = GarmentReader.garment(document);
    Garment changed = Problems.valueOf(changed(from, requests), from.wording());
    String name = "Copy of " + changed.name();
    return insert(changed.withName(name.substring(0, Math.min(Garment.MOST_NAME, name.length()))), "Copied from " + row.name());
  }

  private String documentAt(UUID id, int version) {
    return store
        .document(id, version)
        .orElseThrow(() -> new Problems.NotFound("This garment has no version %d.".formatted(version)));
  }

  private UUID insert(Garment garment, String label) {
    GarmentReader.plan(garment);
    return store.insert(garment.name(), GarmentFiles.write(garment), label);
  }

  /**
   * Applies all changes to the version they are based on. A request whose key was carried out already is
   * acknowledged again.
   *
   * @throws Problems.Stale when that version is no longer the current one
   */
  public Opened change(UUID id, int baseVersion, List<ChangeRequest> requests, Optional<String> key) {
    GarmentStore.Row row = reader.row(id);
    if (key.filter(known -> store.knows(id, known)).isPresent()) {
      return reader.opened(row);
    }
    requireCurrent(row, baseVersion);
    Garment before = GarmentReader.garment(row.document());
    List<Change> changes = Problems.valueOf(ChangeRequest.all(requests), before.wording());
    Garment after = Problems.valueOf(Change.applyAll(before, changes), before.wording());
    begun.requireKept(id, before, after);
    Names names = Names.of(before);
    String label = String.join(", ", changes.stream().map(change -> change.label(names)).toList());
    return save(
        row, GarmentStore.Next.change(after.name(), GarmentFiles.write(after), json.writeValueAsString(requests), label, key));
  }

  /** Takes the last change back that was not taken back yet; work at the bench stays as it is (model 5). */
  public Opened undo(UUID id, int baseVersion) {
    GarmentStore.Row row = reader.row(id);
    History.Entry last =
        History.of(store.versions(id)).toUndo().orElseThrow(() -> nothing(row, FindingCode.NOTHING_TO_UNDO));
    return turnTo(row, baseVersion, last.version() - 1, last, History.Kind.UNDO);
  }

  /** Does again what was taken back last. */
  public Opened redo(UUID id, int baseVersion) {
    GarmentStore.Row row = reader.row(id);
    History.Entry next =
        History.of(store.versions(id)).toRedo().orElseThrow(() -> nothing(row, FindingCode.NOTHING_TO_REDO));
    return turnTo(row, baseVersion, next.version(), next, History.Kind.REDO);
  }

  private static Problems.Refused nothing(GarmentStore.Row row, FindingCode code) {
    return new Problems.Refused(List.of(Finding.of(code, Where.NOWHERE)), GarmentReader.garment(row.document()).wording());
  }

  private Opened turnTo(GarmentStore.Row row, int baseVersion, int version, History.Entry entry, History.Kind kind) {
    requireCurrent(row, baseVersion);
    String document = documentAt(row.id(), version);
    Garment after = GarmentReader.garment(document);
    begun.requireKept(row.id(), GarmentReader.garment(row.document()), after);
    String label = (kind == History.Kind.UNDO ? "Took back: " : "Did again: ") + entry.label();
    return save(
        row,
        new GarmentStore.Next(after.name(), document, "[]", label, kind, Optional.of(entry.version()), Optional.empty()));
  }

  private Opened save(GarmentStore.Row row, GarmentStore.Next next) {
    boolean saved = store.save(row.id(), row.version(), next);
    GarmentStore.Row now = reader.row(row.id());
    if (!saved) {
      throw new Problems.Stale(now.version(), store.labelsSince(row.id(), row.version()));
    }
    return reader.opened(now);
  }

  private void requireCurrent(GarmentStore.Row row, int baseVersion) {
    if (row.state().equals("ARCHIVED")) {
      Finding finding = Finding.of(FindingCode.ARCHIVED, Where.NOWHERE, Fact.text("name", row.name()));
      throw new Problems.Refused(List.of(finding), Wording.USUAL);
    }
    if (row.version() != baseVersion) {
      throw new Problems.Stale(row.version(), store.labelsSince(row.id(), baseVersion));
    }
  }

  /** What was done, oldest first; then what was taken back, the last taken back first. */
  public List<HistoryEntry> history(UUID id) {
    History history = History.of(store.versions(reader.row(id).id()));
    List<HistoryEntry> entries = new ArrayList<>();
    history.standing().forEach(e -> entries.add(new HistoryEntry(e.version(), e.label(), e.madeAt(), false)));
    for (int i = history.takenBack().size() - 1; i >= 0; i--) {
      History.Entry e = history.takenBack().get(i);
      entries.add(new HistoryEntry(e.version(), e.label(), e.madeAt(), true));
    }
    return List.copyOf(entries);
  }

  /** What changes would do; saves nothing. {@code want} narrows the plan to these seams. */
  public Preview preview(UUID id, int baseVersion, List<ChangeRequest> requests, List<String> want) {
    GarmentStore.Row row = reader.row(id);
    requireCurrent(row, baseVersion);
    Garment before = GarmentReader.garment(row.document());
    Preview whole = preview(changed(before, requests).then(Planner::plan), before.wording());
    if (!want.isEmpty()) {
      return new Preview(whole.plan().map(p -> onlySeams(p, want)), whole.findings(), List.of());
    }
    List<String> effects = whole.plan().map(after -> Effects.between(GarmentReader.plan(before), after, "")).orElse(List.of());
    return new Preview(whole.plan(), whole.findings(), effects);
  }

  /** Where a wished depth may stop. */
  public List<Stop.StopChoice> stops(UUID id, double wishedMm) {
    Garment garment = reader.versioned(id).garment();
    return Problems.valueOf(Stop.near(garment, wishedMm), garment.wording());
  }

  private static Outcome<Garment> changed(Garment garment, List<ChangeRequest> requests) {
    return ChangeRequest.all(requests).then(changes -> Change.applyAll(garment, changes));
  }

  /** What answers would make; saves nothing. */
  public Preview preview(String construction, Answers answers, Wording wording) {
    Garment garment = Garment.of("New garment", new Recipe(construction, answers)).withWording(wording);
    return preview(Planner.plan(garment), wording);
  }

  private static Preview preview(Outcome<GarmentPlan> outcome, Wording wording) {
    return outcome instanceof Outcome.Good<GarmentPlan> good
        ? new Preview(Optional.of(good.value()), good.value().findings(), List.of())
        : new Preview(Optional.empty(), FindingView.all(outcome.findings(), wording), List.of());
  }

  private static GarmentPlan onlySeams(GarmentPlan p, List<String> want) {
    List<SeamPlan> seams = p.seams().stream().filter(seam -> want.contains(seam.id())).toList();
    return new GarmentPlan(
        p.name(), p.unit(), p.terms(), p.hand(), List.of(), seams, List.of(), p.ladder(), p.gluing(), List.of(), List.of(), p.assumed(), List.of(), List.of(), p.findings());
  }

  /** Takes a garment off the shelf, archives it or puts it back. */
  public void setState(UUID id, String state) {
    if (!store.setState(id, state)) {
      throw GarmentReader.unknown();
    }
  }
}
