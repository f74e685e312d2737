package ruxel.app.garment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Answers;
import ruxel.core.garment.Change;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.seam.Side;

/** A change as it comes over the wire; which fields are needed depends on its kind. */
public record ChangeRequest(
    Kind kind,
    Optional<String> name,
    Optional<Wording.Unit> unit,
    Optional<Terms> terms,
    Optional<Map<String, Object>> answers,
    Optional<List<String>> cleared,
    Optional<String> piece,
    Optional<String> edge,
    Optional<String> run,
    Optional<Integer> count,
    Optional<String> seam,
    Optional<String> anchor,
    Optional<Side> side,
    Optional<Integer> position,
    Optional<String> method) {
  /** The kinds of change. */
  public enum Kind {
    RENAMED,
    REWORDED,
    ANSWERS_CHANGED,
    COUNT_MADE,
    ANCHOR_MOVED,
    METHOD_CHOSEN,
    GONE_SETTINGS_DROPPED
  }

  Outcome<Change> change() {
    Optional<? extends Change> change =
        switch (kind) {
          case RENAMED -> name.map(Change.Renamed::new);
          case REWORDED -> unit.flatMap(u -> terms.map(t -> new Change.Reworded(new Wording(u, t))));
          case ANSWERS_CHANGED -> Optional.of(new Change.AnswersChanged(given()));
          case COUNT_MADE -> piece.flatMap(p -> edge.flatMap(e -> run.map(r -> new Change.CountMade(p, e, r, count))));
          case ANCHOR_MOVED -> seam.flatMap(
              s -> anchor.flatMap(a -> side.flatMap(d -> position.map(n -> new Change.AnchorMoved(s, a, d, n)))));
          case METHOD_CHOSEN -> seam.flatMap(s -> method.map(m -> new Change.MethodChosen(s, m)));
          case GONE_SETTINGS_DROPPED -> Optional.of(new Change.GoneSettingsDropped());
        };
    return change
        .<Outcome<Change>>map(Outcome::of)
        .orElseGet(
            () ->
                Outcome.refused(
                    Finding.of(
                        FindingCode.CHANGE_INCOMPLETE, Where.path("$.changes"),
                        Fact.text("kind", kind.name()), Fact.text("missing", needs()))));
  }

  private Map<String, Optional<Answers.Answer>> given() {
    Map<String, Optional<Answers.Answer>> given = new LinkedHashMap<>();
    answers.orElse(Map.of()).forEach((key, value) -> given.put(key, Optional.of(AnswerValues.of(value))));
    cleared.orElse(List.of()).forEach(key -> given.put(key, Optional.empty()));
    return given;
  }

  private String needs() {
    return switch (kind) {
      case RENAMED -> "name";
      case REWORDED -> "unit and terms";
      case COUNT_MADE -> "piece, edge and run";
      case ANCHOR_MOVED -> "seam, anchor, side and position";
      case METHOD_CHOSEN -> "seam and method";
      case ANSWERS_CHANGED, GONE_SETTINGS_DROPPED -> "nothing";
    };
  }

  /** All changes of a request, or the first that is incomplete. */
  static Outcome<List<Change>> all(List<ChangeRequest> requests) {
    Outcome<Stream<Change>> all = Outcome.of(Stream.empty());
    for (ChangeRequest request : requests) {
      all = all.then(before -> request.change().then(change -> Outcome.of(Stream.concat(before, Stream.of(change)))));
    }
    return all.then(changes -> Outcome.of(changes.toList()));
  }
}
