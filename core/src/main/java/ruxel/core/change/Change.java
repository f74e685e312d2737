package ruxel.core.change;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;

/**
 * An edit of a garment (model 5). Applying one gives the changed garment, or findings and nothing
 * changed. Each has a label for the history.
 */
public sealed interface Change
    permits Change.Renamed,
        Change.Reworded,
        Change.AnswersChanged,
        Change.GoneSettingsDropped,
        GoneRemoved,
        CountMade,
        SeamChange,
        EndChange,
        HoldChange,
        PieceChange,
        OrderChange,
        OwnChange,
        OwnSeam,
        PieceTurnedOver,
        HandleDragged,
        RuleChanged,
        EdgeChange,
        OwedChange,
        YarnChange,
        WearChange,
        BoardChange,
        BoardShape,
        StripChange,
        FindingChange {
  Outcome<Garment> apply(Garment garment);

  /** What the history calls it. */
  String label(Names names);

  /** The ids of what it adds; empty ones are still to be given. */
  default List<String> added() {
    return List.of();
  }

  /**
   * The same with other ids for what it adds.
   *
   * @param ids as many as there are in {@link #added()}
   */
  default Change withAdded(List<String> ids) {
    return this;
  }

  /** All in order; the first that is refused refuses the whole. */
  static Outcome<Garment> applyAll(Garment garment, List<Change> changes) {
    return applied(garment, changes, Set.of()).then(applied -> Outcome.of(applied.garment()));
  }

  /** A garment after changes, and these with the ids that were given to what they added. */
  record Applied(Garment garment, List<Change> changes) {
    public Applied {
      changes = List.copyOf(changes);
    }

    private Outcome<Applied> and(Change change, Set<WorkRef> worked) {
      return given(change, worked).then(given -> given.apply(garment).then(changed -> Outcome.of(new Applied(changed, Stream.concat(changes.stream(), Stream.of(given)).toList()))));
    }

    /** What is added gets an id that nothing has or had; one that it came with has to be such a one. */
    private Outcome<Change> given(Change change, Set<WorkRef> worked) {
      List<String> added = change.added();
      if (added.isEmpty()) {
        return Outcome.of(change);
      }
      FreeIds free = new FreeIds(garment, worked);
      Optional<String> taken = added.stream().filter(id -> !id.isEmpty() && !free.isFree(id)).findFirst();
      return taken.isPresent()
          ? Outcome.refused(Finding.of(FindingCode.ID_TAKEN, Where.path("$.changes"), Fact.text("value", taken.get())))
          : Outcome.of(change.withAdded(added.stream().map(id -> id.isEmpty() ? free.next(GIVEN) : id).toList()));
    }

    private static final String GIVEN = "own.";
  }

  /**
   * All in order; the first that is refused refuses the whole.
   *
   * @param worked all that was ever taken to the bench
   */
  static Outcome<Applied> applied(Garment garment, List<Change> changes, Set<WorkRef> worked) {
    Outcome<Applied> result = Outcome.of(new Applied(garment, List.of()));
    for (Change change : changes) {
      result = result.then(applied -> applied.and(change, worked));
    }
    return result;
  }

  /** Another name for the garment. */
  record Renamed(String name) implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      String trimmed = name.strip();
      return trimmed.isEmpty() || trimmed.length() > Garment.MOST_NAME
          ? Outcome.refused(
              Finding.of(
                  FindingCode.NAME_LENGTH, Where.path("$.name"),
                  Fact.count("most", Garment.MOST_NAME), Fact.count("count", trimmed.length())))
          : Outcome.of(garment.withName(trimmed));
    }

    @Override
    public String label(Names names) {
      return "Named " + name.strip();
    }
  }

  /** Other units or terms. */
  record Reworded(Wording.Unit unit, Terms terms, Wording.Hand hand) implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withWording(new Wording(unit, terms, hand)));
    }

    @Override
    public String label(Names names) {
      return "Shown in %s, %s terms, %s-handed"
          .formatted(
              unit == Wording.Unit.CM ? "cm" : "inches",
              terms,
              hand == Wording.Hand.RIGHT ? "right" : "left");
    }
  }

  /** Answers changed, and the keys of those taken back. */
  record AnswersChanged(Map<String, Answers.Answer> answers, Set<String> cleared) implements Change {
    public AnswersChanged {
      answers = Map.copyOf(answers);
      cleared = Set.copyOf(cleared);
    }

    /** Taken back where the value is empty. */
    public AnswersChanged(Map<String, Optional<Answers.Answer>> told) {
      this(
          told.entrySet().stream().filter(e -> e.getValue().isPresent()).collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().get())),
          told.entrySet().stream().filter(e -> e.getValue().isEmpty()).map(Map.Entry::getKey).collect(Collectors.toSet()));
    }

    private Map<String, Optional<Answers.Answer>> told() {
      Map<String, Optional<Answers.Answer>> told = new TreeMap<>();
      answers.forEach((key, answer) -> told.put(key, Optional.of(answer)));
      cleared.forEach(key -> told.put(key, Optional.empty()));
      return told;
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (garment.recipe().isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.NO_RECIPE, Where.path("$.recipe")));
      }
      Recipe recipe = garment.recipe().get();
      Answers changed = recipe.answers();
      for (Map.Entry<String, Optional<Answers.Answer>> entry : told().entrySet()) {
        changed = changed.with(entry.getKey(), entry.getValue());
      }
      Garment answered =
          garment.withRecipe(new Recipe(recipe.construction(), changed)).withSettings(Boundary.moved(garment, told()));
      return Layout.of(answered).then(layout -> Outcome.of(answered));
    }

    @Override
    public String label(Names names) {
      Map<String, Optional<Answers.Answer>> told = told();
      if (told.size() != 1) {
        return "Changed " + told.size() + " answers";
      }
      Map.Entry<String, Optional<Answers.Answer>> only = told.entrySet().iterator().next();
      return names.question(only.getKey()) + ": " + only.getValue().map(Answers.Answer::text).orElse("the usual");
    }
  }

  /** The decisions whose places are gone, removed. */
  record GoneSettingsDropped() implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Outcome.of(garment.withSettings(garment.settings().without(layout.gone()::contains))));
    }

    @Override
    public String label(Names names) {
      return "Removed decisions without a place";
    }
  }
}
