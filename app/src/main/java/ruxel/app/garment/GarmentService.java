package ruxel.app.garment;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import ruxel.app.garment.GarmentViews.Changed;
import ruxel.app.garment.GarmentViews.HistoryEntry;
import ruxel.app.garment.GarmentViews.Opened;
import ruxel.app.garment.GarmentViews.Preview;
import ruxel.app.garment.GarmentViews.Summary;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.bench.Work;
import ruxel.core.change.Change;
import ruxel.core.change.Names;
import ruxel.core.change.OwnChange;
import ruxel.core.change.Stops;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Wording;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.AdviceView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OpenToday;
import ruxel.core.plan.WholeAdvice;
import ruxel.core.plan.Planner;
import ruxel.core.repair.Effects;
import ruxel.files.GarmentDocument;
import ruxel.files.GarmentFiles;
import tools.jackson.databind.json.JsonMapper;

/** Opens, changes, copies and tries out garments, and takes changes back. */
@Service
public class GarmentService {
  static final int MOST_KEY = 100;
  private static final int MOST_CHANGES = 200;
  private static final int MOST_TRIES = 5;

  private final GarmentStore store;
  private final GarmentReader reader;
  private final Histories histories;
  private final OpenGarments open;
  private final GarmentSaver saver;
  private final MakerStore maker;
  private final Progress progress;
  private final JsonMapper json;

  GarmentService(GarmentStore store, GarmentReader reader, Histories histories, OpenGarments open, GarmentSaver saver, MakerStore maker, Progress progress, JsonMapper json) {
    this.histories = histories;
    this.progress = progress;
    this.store = store;
    this.reader = reader;
    this.open = open;
    this.saver = saver;
    this.maker = maker;
    this.json = json;
  }

  public List<Written<Summary>> shelf(GarmentStore.ShelfState state) {
    return reader.shelf(state);
  }

  public Opened open(UUID id) {
    return reader.opened(id);
  }

  /** The garment file; one that cannot be read is handed out as it is stored. */
  public String file(UUID id) {
    GarmentStore.Head head = reader.head(id);
    String document = store.document(head).orElseGet(() -> open.documentAt(id, head.version()));
    return GarmentFiles.read(document.getBytes(StandardCharsets.UTF_8)) instanceof Outcome.Good<Garment> good
        ? GarmentFiles.write(good.value())
        : document;
  }

  public GarmentPlan plan(UUID id) {
    return reader.versioned(id).plan();
  }

  /** Every method a seam may be joined with, and what it comes to. */
  public List<AdviceView.AnswerView> advice(UUID id, SeamId seam) {
    Garment garment = reader.versioned(id).garment();
    return Problems.valueOf(WholeAdvice.of(garment, seam), garment.wording());
  }

  /** What is open now, by the seams that are joined at the bench. */
  public List<GarmentPlan.OpeningPlan> openNow(UUID id) {
    Opened opened = reader.opened(id);
    Set<SeamId> joined =
        opened.progress().stream().filter(seam -> seam.state().filter(Work.State.JOINED::equals).isPresent()).map(GarmentViews.SeamProgress::seam).collect(Collectors.toSet());
    Garment garment = reader.versioned(id).garment();
    return Problems.valueOf(OpenToday.of(garment, joined), garment.wording());
  }

  public UUID create(String name, String construction, Answers answers) {
    Garment unnamed = Garment.of("", new Recipe(construction, answers));
    return insert(maker.begun(Problems.valueOf(new Change.Renamed(name).apply(unnamed), Wording.USUAL)), "Laid out");
  }

  /** A garment that begins with a piece walked round by hand. */
  public UUID createFree(String name, OwnChange.PieceAdded first) {
    return insert(maker.begun(Problems.valueOf(first.alone(name), Wording.USUAL)), "Begun with " + first.name().strip());
  }

  public UUID importFile(byte[] bytes) {
    return insert(Problems.valueOf(GarmentFiles.read(bytes), Wording.USUAL), "Read from a file");
  }

  /**
   * A new garment like this one at a version, with changes made to it; what was done at the bench stays with
   * the first.
   */
  public UUID copy(UUID id, Optional<Integer> version, List<Change> changes) {
    GarmentStore.Head head = reader.head(id);
    Garment from = version.map(wanted -> OpenGarments.garment(open.documentAt(id, wanted))).orElseGet(() -> open.of(head).garment());
    Garment changed = Problems.valueOf(changed(from, changes, Set.of()), from.wording()).garment();
    String name = "Copy of " + changed.name();
    String cut = name.substring(0, name.offsetByCodePoints(0, Math.min(name.codePointCount(0, name.length()), Garment.MOST_NAME)));
    return insert(changed.withName(cut.strip()), "Copied from " + head.name());
  }

  private UUID insert(Garment garment, String label) {
    GarmentDocument document = Problems.valueOf(GarmentDocument.of(garment), garment.wording());
    OpenGarments.Computed computed = OpenGarments.computed(document.garment());
    UUID id = UUID.randomUUID();
    open.keep(id, saver.insert(id, document, label), computed);
    return id;
  }

  /**
   * Applies all changes to the version they are based on. A request whose key was carried out already is
   * acknowledged again; one without changes makes no version.
   *
   * @throws Problems.Stale when that version is no longer the current one
   */
  public Changed change(UUID id, int baseVersion, List<Change> changes, Optional<String> key) {
    Optional<GarmentStore.Request> request = key.filter(given -> !given.isEmpty()).map(given -> request(given, changes));
    GarmentStore.Head head = reader.head(id);
    if (saver.isDone(id, request)) {
      return since(id, baseVersion);
    }
    saver.requireCurrent(head, baseVersion);
    if (changes.isEmpty()) {
      return since(id, baseVersion);
    }
    return saved(id, draft(head, changes, request));
  }

  /**
   * Changes a garment by what is done at the bench, and keeps that in the same transaction.
   *
   * @param seam which alone may end elsewhere, although it is begun
   * @param kept writes to the work; given the plan before and after
   * @throws Problems.Stale when other changes came in between, again and again
   */
  public void changeAtBench(UUID id, SeamId seam, List<Change> changes, BiConsumer<GarmentPlan, GarmentPlan> kept) {
    for (int tries = 1; ; tries++) {
      GarmentStore.Head head = reader.head(id);
      try {
        GarmentPlan before = open.of(head).plan();
        GarmentSaver.Draft draft = draft(head, changes, Optional.empty());
        saved(id, draft.with(new GarmentSaver.AtBench(seam, () -> kept.accept(before, draft.after().plan()))));
        return;
      } catch (Problems.Stale stale) {
        if (tries == MOST_TRIES) {
          throw stale;
        }
      }
    }
  }

  private GarmentSaver.Draft draft(GarmentStore.Head head, List<Change> changes, Optional<GarmentStore.Request> request) {
    OpenGarments.Computed before = open.of(head);
    Change.Applied applied = Problems.valueOf(changed(before.garment(), changes, progress.everBegun(head.id())), before.garment().wording());
    GarmentDocument document = Problems.valueOf(GarmentDocument.of(applied.garment()), applied.garment().wording());
    OpenGarments.Computed after = OpenGarments.computed(document.garment());
    Names names = Names.of(before.garment());
    String label = String.join(", ", changes.stream().map(change -> change.label(names)).toList());
    GarmentStore.Next next =
        new GarmentStore.Next(document, json.writerFor(ChangeJson.LIST).writeValueAsString(applied.changes()), label, History.Kind.CHANGE, Optional.empty(), request);
    return new GarmentSaver.Draft(head.version(), next, after, Optional.of(before), Optional.empty());
  }

  /** The garment now, beside what it was at a version: the answer to a request that was carried out already, or asks for nothing. */
  private Changed since(UUID id, int version) {
    return Changed.of(planAt(id, version), reader.opened(id));
  }

  /** None where there is no such version, or it cannot be read any more. */
  private Optional<GarmentPlan> planAt(UUID id, int version) {
    try {
      return Optional.of(OpenGarments.computed(OpenGarments.garment(open.documentAt(id, version))).plan());
    } catch (Problems.NotFound | Problems.Refused none) {
      return Optional.empty();
    }
  }

  private GarmentStore.Request request(String key, List<Change> changes) {
    if (key.length() > MOST_KEY) {
      Finding finding = Finding.of(FindingCode.KEY_LENGTH, Where.path("$.key"), Fact.count("most", MOST_KEY), Fact.count("count", key.length()));
      throw new Problems.Refused(List.of(finding), Wording.USUAL);
    }
    try {
      byte[] body = json.writerFor(ChangeJson.LIST).writeValueAsString(changes).getBytes(StandardCharsets.UTF_8);
      return new GarmentStore.Request(key, HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(body)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Takes the last change back that was not taken back yet; work at the bench stays as it is (model 5). */
  public Changed undo(UUID id, int baseVersion) {
    GarmentStore.Head head = reader.head(id);
    History.Entry last = histories.of(head).toUndo().filter(entry -> store.document(id, entry.version() - 1).isPresent()).orElseThrow(() -> nothing(FindingCode.NOTHING_TO_UNDO));
    return turnTo(head, baseVersion, last.version() - 1, last, History.Kind.UNDO);
  }

  /** Does again what was taken back last. */
  public Changed redo(UUID id, int baseVersion) {
    GarmentStore.Head head = reader.head(id);
    History.Entry next = histories.of(head).toRedo().orElseThrow(() -> nothing(FindingCode.NOTHING_TO_REDO));
    return turnTo(head, baseVersion, next.version(), next, History.Kind.REDO);
  }

  private static Problems.Refused nothing(FindingCode code) {
    return new Problems.Refused(List.of(Finding.of(code, Where.NOWHERE)), Wording.USUAL);
  }

  private Changed turnTo(GarmentStore.Head head, int baseVersion, int version, History.Entry entry, History.Kind kind) {
    saver.requireCurrent(head, baseVersion);
    Garment turned = OpenGarments.garment(open.documentAt(head.id(), version));
    GarmentDocument document = Problems.valueOf(GarmentDocument.of(turned), turned.wording());
    OpenGarments.Computed after = OpenGarments.computed(document.garment());
    Optional<OpenGarments.Computed> before = readable(head);
    String label = (kind == History.Kind.UNDO ? "Took back: " : "Did again: ") + entry.label();
    GarmentStore.Next next = new GarmentStore.Next(document, "[]", label, kind, Optional.of(entry.version()), Optional.empty());
    return saved(head.id(), new GarmentSaver.Draft(baseVersion, next, after, before, Optional.empty()));
  }

  private Changed saved(UUID id, GarmentSaver.Draft draft) {
    saver.save(id, draft).ifPresent(revision -> open.keep(id, revision, draft.after()));
    return Changed.of(draft.before().map(OpenGarments.Computed::plan), reader.opened(id));
  }

  /** A garment that cannot be read today can still be taken back to when it could. */
  private Optional<OpenGarments.Computed> readable(GarmentStore.Head head) {
    try {
      return Optional.of(open.of(head));
    } catch (Problems.Refused unreadable) {
      return Optional.empty();
    }
  }

  /** What was done, oldest first; then what was taken back, the last taken back first. */
  public List<HistoryEntry> history(UUID id) {
    History history = histories.of(reader.head(id));
    List<HistoryEntry> entries = new ArrayList<>();
    history.standing().forEach(e -> entries.add(new HistoryEntry(e.version(), e.label(), e.madeAt(), false)));
    for (int i = history.takenBack().size() - 1; i >= 0; i--) {
      History.Entry e = history.takenBack().get(i);
      entries.add(new HistoryEntry(e.version(), e.label(), e.madeAt(), true));
    }
    return List.copyOf(entries);
  }

  /** What changes would do; saves nothing. {@code want} narrows the plan to these seams, what is open and the findings. */
  public Preview preview(UUID id, int baseVersion, List<Change> changes, List<SeamId> want) {
    GarmentStore.Head head = reader.head(id);
    saver.requireCurrent(head, baseVersion);
    OpenGarments.Computed before = open.of(head);
    boolean adds = changes.stream().anyMatch(change -> !change.added().isEmpty());
    Outcome<Garment> changed = changed(before.garment(), changes, adds ? progress.everBegun(id) : Set.of()).then(applied -> Outcome.of(applied.garment()));
    if (!want.isEmpty()) {
      return preview(changed.then(garment -> Planner.plan(garment, Set.copyOf(want))), before.garment().wording());
    }
    Preview whole = preview(changed.then(Planner::plan), before.garment().wording());
    List<String> effects = whole.plan().map(after -> Effects.between(before.plan(), after)).orElse(List.of());
    return new Preview(whole.plan(), whole.findings(), effects);
  }

  /** Where a wished depth may stop. */
  public List<Stops.StopChoice> stops(UUID id, double wishedMm) {
    Garment garment = reader.versioned(id).garment();
    return Problems.valueOf(Stops.near(garment, wishedMm), garment.wording());
  }

  /**
   * @param worked all of it that was ever at the bench: nothing new is called so
   */
  private static Outcome<Change.Applied> changed(Garment garment, List<Change> changes, Set<WorkRef> worked) {
    return changes.size() > MOST_CHANGES
        ? Outcome.refused(
            Finding.of(
                FindingCode.TOO_MANY_CHANGES, Where.path("$.changes"), Fact.count("most", MOST_CHANGES), Fact.count("count", changes.size())))
        : Change.applied(garment, changes, worked);
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
}
