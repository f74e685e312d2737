package ruxel.core.garment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.decision.ChosenMethod;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WantedOrder;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.match.AnchorMove;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Side;

/**
 * An edit of a garment (model 5). Applying one gives the changed garment, or findings and nothing
 * changed. Each has a label for the history.
 */
public sealed interface Change
    permits Change.Renamed,
        Change.Reworded,
        Change.AnswersChanged,
        Change.CountMade,
        Change.AnchorMoved,
        Change.MethodChosen,
        Change.PieceMoved,
        Change.StepMoved,
        Change.OrderLeft,
        Change.GoneSettingsDropped,
        HandleDragged,
        RuleChanged,
        EdgeChange,
        PieceChange.LeanFound,
        SeamChange,
        OwedChange,
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

  /** A run counted on the finished piece, or that count taken back. */
  record CountMade(String piece, String edge, String run, Optional<Integer> count, Counts.Source when) implements Change {
    static final int MOST = 5000;

    public CountMade {
      if (when == Counts.Source.PLANNED) {
        throw new IllegalArgumentException("Expected a count as made or as worked (%s)".formatted(when));
      }
    }

    public CountMade(String piece, String edge, String run, Optional<Integer> count) {
      this(piece, edge, run, count, Counts.Source.AS_MADE);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (count.isPresent() && (count.get() < 1 || count.get() > MOST)) {
        return Outcome.refused(
            Finding.of(
                FindingCode.COUNT_OUT_OF_RANGE, Where.edge(piece, edge),
                Fact.count("least", 1), Fact.count("most", MOST), Fact.text("value", count.get().toString())));
      }
      MadeCount target = new MadeCount(piece, edge, run, count.orElse(1), when);
      Settings bare = garment.settings().without(target::replaces);
      Garment counted = garment.withSettings(count.isPresent() ? bare.with(target) : bare);
      return Layout.of(counted)
          .then(
              layout ->
                  layout.gone().contains(target)
                      ? Outcome.refused(layout.findings())
                      : Outcome.of(counted));
    }

    @Override
    public String label(Names names) {
      return "%s %s of %s"
          .formatted(
              count.map(n -> (when == Counts.Source.AS_MADE ? "Counted " : "Worked ") + n + " at").orElse("Took back the count at"), names.edge(piece, edge), names.piece(piece));
    }
  }

  /** An anchor moved on one side to a position in half places along the seam (2k cut, 2k + 1 place). */
  record AnchorMoved(String seam, String anchor, Side side, int position) implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment).then(layout -> apply(garment, layout.construct()));
    }

    private Outcome<Garment> apply(Garment garment, Construct construct) {
      return SeamResolver.find(construct.pieces(), construct.seams(), seam)
          .map(found -> AnchorMove.spot(found, anchor, side, position, garment.rules()).then(spot -> Outcome.of(CarriedCuts.fromRun(found, spot))))
          .orElseGet(() -> Outcome.refused(unknownSeam(seam, construct.seams())))
          .then(
              spot ->
                  Outcome.of(
                      garment.withSettings(
                          garment.settings().with(new MovedAnchor(seam, anchor, side, spot)))));
    }

    @Override
    public String label(Names names) {
      return "Moved %s of %s".formatted(names.anchor(seam, anchor), names.seam(seam));
    }
  }

  /** A joining method chosen for a seam. */
  record MethodChosen(String seam, String method) implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> MethodCheck.of(garment, layout.construct(), seam, method))
          .then(
              allowed ->
                  Outcome.of(
                      garment.withSettings(garment.settings().with(new ChosenMethod(seam, method)))));
    }

    @Override
    public String label(Names names) {
      return "Chose %s for %s".formatted(names.method(method), names.seam(seam));
    }
  }

  /** A piece moved or turned on the table; empty puts it back where the construction lays it. */
  record PieceMoved(String piece, Optional<Laid> laid) implements Change {
    /** Where it lies, reckoned from where the construction lays it. */
    public record Laid(double dxMm, double dyMm, int quarterTurns) {}

    private static final double FARTHEST_MM = 5000;

    @Override
    public Outcome<Garment> apply(Garment garment) {
      boolean tooFar = laid.filter(w -> !(Math.abs(w.dxMm()) <= FARTHEST_MM && Math.abs(w.dyMm()) <= FARTHEST_MM)).isPresent();
      if (tooFar) {
        return Outcome.refused(
            Finding.of(FindingCode.PIECE_TOO_FAR, Where.piece(piece), Fact.length("most", FARTHEST_MM)));
      }
      return Layout.of(garment)
          .then(
              layout ->
                  layout.construct().pieces().stream().anyMatch(p -> p.id().equals(piece))
                      ? Outcome.of(garment.withSettings(laid.map(at -> garment.settings().with(new LaidPiece(piece, at.dxMm(), at.dyMm(), at.quarterTurns()))).orElseGet(() -> garment.settings().without(LaidPiece.class, piece))))
                      : Outcome.refused(unknownPiece(piece, layout.construct())));
    }

    @Override
    public String label(Names names) {
      return laid.isPresent() ? "Moved %s on the table".formatted(names.piece(piece)) : "Put %s back in its place".formatted(names.piece(piece));
    }

    static Finding unknownPiece(String piece, Construct construct) {
      String choices = String.join(", ", construct.pieces().stream().map(Piece::id).toList());
      return Finding.of(FindingCode.UNKNOWN_PIECE, Where.piece(piece), Fact.text("value", piece), Fact.text("choices", choices));
    }
  }

  /** A step of the order moved before another, or to the end. Refused where a must stands against it. */
  record StepMoved(String seam, Optional<String> before) implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> StepMove.of(garment, layout.construct(), seam, before))
          .then(order -> Outcome.of(garment.withSettings(garment.settings().with(new WantedOrder(order)))));
    }

    @Override
    public String label(Names names) {
      return "Put %s %s in the order".formatted(names.seam(seam), before.map(other -> "before " + names.seam(other)).orElse("last"));
    }
  }

  /** The order of work left to the house again. */
  record OrderLeft() implements Change {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Outcome.of(garment.withSettings(garment.settings().without(WantedOrder.class)));
    }

    @Override
    public String label(Names names) {
      return "Took the usual order";
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

  static Finding unknownSeam(String seam, List<Seam> seams) {
    return Finding.of(
        FindingCode.UNKNOWN_SEAM, Where.seam(seam),
        Fact.text("value", seam), Fact.text("choices", String.join(", ", seams.stream().map(Seam::id).toList())));
  }
}
