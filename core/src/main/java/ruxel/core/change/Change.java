package ruxel.core.change;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
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
        CountMade,
        SeamChange,
        PieceChange,
        OrderChange,
        OwnChange,
        OwnSeam,
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

  /** All in order; the first that is refused refuses the whole. */
  static Outcome<Garment> applyAll(Garment garment, List<Change> changes) {
    Outcome<Garment> result = Outcome.of(garment);
    for (Change change : changes) {
      result = result.then(change::apply);
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
