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
import ruxel.core.garment.Settings;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.seam.Side;

/** A change as it comes over the wire; which fields are needed depends on its kind. */
public record ChangeRequest(
    Kind kind,
    Optional<String> name,
    Optional<Wording.Unit> unit,
    Optional<Terms> terms,
    Optional<Wording.Hand> hand,
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
    Optional<String> method,
    Optional<Laid> laid,
    Optional<String> before) {
  /** Where a piece lies, reckoned from where the construction lays it. */
  public record Laid(double dxMm, double dyMm, int quarterTurns) {}

  /** The kinds of change. */
  public enum Kind {
    RENAMED,
    REWORDED,
    ANSWERS_CHANGED,
    COUNT_MADE,
    ANCHOR_MOVED,
    METHOD_CHOSEN,
    PIECE_MOVED,
    STEP_MOVED,
    ORDER_LEFT,
    GONE_SETTINGS_DROPPED
  }

  Outcome<Change> change() {
    Optional<? extends Change> change =
        switch (kind) {
          case RENAMED -> name.map(Change.Renamed::new);
          case REWORDED -> unit.flatMap(u -> terms.flatMap(t -> hand.map(h -> new Change.Reworded(new Wording(u, t, h)))));
          case ANSWERS_CHANGED -> Optional.of(new Change.AnswersChanged(given()));
          case COUNT_MADE -> piece.flatMap(p -> edge.flatMap(e -> run.map(r -> new Change.CountMade(p, e, r, count))));
          case ANCHOR_MOVED -> seam.flatMap(
              s -> anchor.flatMap(a -> side.flatMap(d -> position.map(n -> new Change.AnchorMoved(s, a, d, n)))));
          case METHOD_CHOSEN -> seam.flatMap(s -> method.map(m -> new Change.MethodChosen(s, m)));
          case PIECE_MOVED -> piece.map(
              p -> new Change.PieceMoved(p, laid.map(l -> new Settings.LaidPiece(p, l.dxMm(), l.dyMm(), l.quarterTurns()))));
          case STEP_MOVED -> seam.map(s -> new Change.StepMoved(s, before));
          case ORDER_LEFT -> Optional.of(new Change.OrderLeft());
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
      case REWORDED -> "unit, terms and hand";
      case COUNT_MADE -> "piece, edge and run";
      case ANCHOR_MOVED -> "seam, anchor, side and position";
      case METHOD_CHOSEN -> "seam and method";
      case PIECE_MOVED -> "piece";
      case STEP_MOVED -> "seam";
      case ANSWERS_CHANGED, ORDER_LEFT, GONE_SETTINGS_DROPPED -> "nothing";
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
