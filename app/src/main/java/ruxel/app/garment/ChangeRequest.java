package ruxel.app.garment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.construction.Answers;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Change;
import ruxel.core.garment.EdgeChange;
import ruxel.core.garment.FindingChange;
import ruxel.core.garment.HandleDragged;
import ruxel.core.garment.OwedChange;
import ruxel.core.garment.PieceChange;
import ruxel.core.garment.RuleChanged;
import ruxel.core.garment.SeamChange;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Gauge;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

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
    Optional<String> before,
    Optional<List<PartRequest>> parts,
    Optional<Double> mm,
    Optional<String> landmarkId,
    Optional<LandmarkRequest> landmark,
    Optional<WorkingRequest> working,
    Optional<PinRequest> pin,
    Optional<String> handle,
    Optional<Integer> steps,
    Optional<String> owed,
    Optional<String> what,
    Optional<Counts.Source> when,
    Optional<Boolean> expected,
    Optional<Corner> corner,
    Optional<EdgingRequest> edging,
    Optional<String> finding,
    Optional<HouseRules.Rule> rule,
    Optional<Double> value) {
  /** How many lie over 10 cm or 4 in. */
  public record PartGauge(double count, Gauge.Over over) {
    double widthMm() {
      return over.mm() / count;
    }
  }

  /** A part of a run, its units by width or by gauge; without either they keep the recipe's width. */
  public record PartRequest(
      UnitKind unit,
      int count,
      Optional<Double> widthMm,
      Optional<PartGauge> gauge,
      Optional<Fabric> fabric,
      Optional<Boolean> noEase,
      Optional<String> label,
      Optional<Integer> chains,
      Optional<Integer> heldBack) {
    RunPart part() {
      return new RunPart(
          unit, count, gauge.map(PartGauge::widthMm).or(() -> widthMm), fabric.orElse(Fabric.PLAIN), noEase.orElse(false), label.orElse("").strip(), chains.orElse(0), heldBack.orElse(0));
    }
  }

  /** A landmark at a cut of an edge, alone (times 1) or coming back. */
  public record LandmarkRequest(String id, String name, Landmark.Kind kind, int at, int every, int times, Optional<MarkerRequest> marker) {}

  /** The marker that hangs at a landmark. */
  public record MarkerRequest(Marker.Purpose purpose, String colour, String takeOut) {
    Marker marker() {
      return new Marker(purpose, colour.strip(), takeOut.strip());
    }
  }

  /** Rows of so many stitches worked along an edge; no rows takes them out. */
  public record EdgingRequest(int rows, double rowMm, int stitches) {}

  /** How a seam is worked. */
  public record WorkingRequest(boolean together, Surplus surplus, double fullness, Optional<Side> fuller, Optional<Boolean> seamPlaces, Gives a, Gives b) {}

  /** What rows and spaces of a side give. */
  public record Gives(Optional<Integer> placesPerRow, Seam.Spaces spaces) {
    SideWorking working() {
      return new SideWorking(placesPerRow, spaces);
    }
  }

  /** An anchor of the maker's own at half places of both sides. */
  public record PinRequest(String id, String name, int a, int b) {}

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
    RUN_TOLD,
    EDGE_MEASURED,
    LANDMARK_PUT,
    LANDMARK_REMOVED,
    SEAM_WORKED,
    ANCHOR_PINNED,
    ANCHOR_REMOVED,
    HANDLE_DRAGGED,
    LEAN_FOUND,
    CORNER_TOLD,
    EDGING_WORKED,
    OWED_NOTED,
    OWED_DONE,
    FINDING_LEFT,
    FINDING_TAKEN_BACK,
    RULE_CHANGED,
    GONE_SETTINGS_DROPPED
  }

  Outcome<Change> change() {
    Optional<? extends Change> change =
        switch (kind) {
          case RENAMED -> name.map(Change.Renamed::new);
          case REWORDED -> unit.flatMap(u -> terms.flatMap(t -> hand.map(h -> new Change.Reworded(new Wording(u, t, h)))));
          case ANSWERS_CHANGED -> Optional.of(new Change.AnswersChanged(given()));
          case COUNT_MADE -> piece.flatMap(p -> edge.flatMap(e -> run.map(r -> counted(p, e, r))));
          case ANCHOR_MOVED -> seam.flatMap(
              s -> anchor.flatMap(a -> side.flatMap(d -> position.map(n -> new Change.AnchorMoved(s, a, d, n)))));
          case METHOD_CHOSEN -> seam.flatMap(s -> method.map(m -> new Change.MethodChosen(s, m)));
          case PIECE_MOVED -> piece.map(
              p -> new Change.PieceMoved(p, laid.map(l -> new LaidPiece(p, l.dxMm(), l.dyMm(), l.quarterTurns()))));
          case STEP_MOVED -> seam.map(s -> new Change.StepMoved(s, before));
          case ORDER_LEFT -> Optional.of(new Change.OrderLeft());
          case LEAN_FOUND -> piece.map(p -> new PieceChange.LeanFound(p, mm, expected.orElse(false)));
          case RUN_TOLD, EDGE_MEASURED, LANDMARK_PUT, LANDMARK_REMOVED, CORNER_TOLD, EDGING_WORKED -> piece.flatMap(p -> edge.flatMap(e -> ofEdge(p, e)));
          case SEAM_WORKED, ANCHOR_PINNED, ANCHOR_REMOVED -> seam.flatMap(this::ofSeam);
          case HANDLE_DRAGGED -> handle.flatMap(h -> steps.map(n -> new HandleDragged(h, n)));
          case OWED_NOTED -> owed.flatMap(o -> piece.flatMap(p -> what.map(w -> new OwedChange.Noted(o, p, w, before))));
          case OWED_DONE -> owed.map(OwedChange.Done::new);
          case FINDING_LEFT -> finding.flatMap(f -> what.map(w -> new FindingChange.LeftSo(f, w)));
          case FINDING_TAKEN_BACK -> finding.map(FindingChange.TakenBack::new);
          case RULE_CHANGED -> rule.map(r -> new RuleChanged(r, value));
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

  private Change counted(String onPiece, String onEdge, String onRun) {
    return new Change.CountMade(
        onPiece, onEdge, onRun, count, when.filter(Counts.Source.AS_WORKED::equals).orElse(Counts.Source.AS_MADE));
  }

  private Optional<? extends Change> ofEdge(String onPiece, String onEdge) {
    return switch (kind) {
      case RUN_TOLD -> run.map(
          r -> new EdgeChange.RunTold(onPiece, onEdge, r, parts.orElse(List.of()).stream().map(PartRequest::part).toList()));
      case EDGE_MEASURED -> Optional.of(new EdgeChange.EdgeMeasured(onPiece, onEdge, mm));
      case LANDMARK_PUT -> landmark.map(
          l -> new EdgeChange.LandmarkPut(onPiece, onEdge, l.id(), l.name(), l.kind(), l.at(), l.every(), l.times(), l.marker().map(MarkerRequest::marker)));
      case CORNER_TOLD -> Optional.of(new PieceChange.CornerTold(onPiece, onEdge, corner));
      case EDGING_WORKED -> edging.map(
          rows -> new PieceChange.EdgingWorked(onPiece, onEdge, rows.rows(), rows.rowMm(), rows.stitches()));
      default -> landmarkId.map(l -> new EdgeChange.LandmarkRemoved(onPiece, onEdge, l));
    };
  }

  private Optional<? extends Change> ofSeam(String onSeam) {
    return switch (kind) {
      case SEAM_WORKED -> working.map(
          w -> new SeamChange.SeamWorked(onSeam, w.together(), w.surplus(), w.fullness(), w.fuller(), w.seamPlaces().orElse(false), w.a().working(), w.b().working()));
      case ANCHOR_PINNED -> pin.map(p -> new SeamChange.AnchorPinned(onSeam, p.id(), p.name(), p.a(), p.b()));
      default -> anchor.map(a -> new SeamChange.AnchorRemoved(onSeam, a));
    };
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
      case RUN_TOLD -> "piece, edge, run and parts";
      case EDGE_MEASURED -> "piece and edge";
      case LANDMARK_PUT -> "piece, edge and landmark";
      case LANDMARK_REMOVED -> "piece, edge and landmarkId";
      case SEAM_WORKED -> "seam and working";
      case ANCHOR_PINNED -> "seam and pin";
      case ANCHOR_REMOVED -> "seam and anchor";
      case HANDLE_DRAGGED -> "handle and steps";
      case LEAN_FOUND -> "piece";
      case CORNER_TOLD -> "piece and edge";
      case EDGING_WORKED -> "piece, edge and edging";
      case OWED_NOTED -> "owed, piece and what";
      case OWED_DONE -> "owed";
      case FINDING_LEFT -> "finding and what";
      case FINDING_TAKEN_BACK -> "finding";
      case RULE_CHANGED -> "rule";
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
