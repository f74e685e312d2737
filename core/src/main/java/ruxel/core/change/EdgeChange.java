package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.construction.Answers;
import ruxel.core.decision.MarkedEdge;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.Settings;
import ruxel.core.decision.ToldCorner;
import ruxel.core.decision.ToldRun;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.CarriedCuts;
import ruxel.core.layout.Counted;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Ids;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;

/** What a maker tells of a single edge: its runs in parts, its measured length, its landmarks. */
public sealed interface EdgeChange extends Change
    permits EdgeChange.RunTold, EdgeChange.EdgeMeasured, EdgeChange.LandmarkPut, EdgeChange.LandmarkRemoved, EdgeChange.CornerTold, EdgingWorked {
  PieceId piece();

  String edge();

  /** The change on an edge that exists. */
  Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge);

  @Override
  default Outcome<Garment> apply(Garment garment) {
    return Layout.of(garment)
        .then(
            layout -> {
              List<Piece> pieces = layout.construct().pieces();
              return Pieces.named(pieces, piece(), Where.piece(piece()))
                  .then(found -> Pieces.edge(found, edge(), Where.edge(piece(), edge())).then(exists -> on(garment, found, exists)))
                  .then(changed -> carried(changed, pieces));
            });
  }

  /** What the maker has decided by places of the edge goes with them where its runs have changed. */
  private static Outcome<Garment> carried(Garment changed, List<Piece> before) {
    return Layout.of(changed)
        .then(
            after ->
                Outcome.of(changed.withSettings(CarriedCuts.of(changed.settings(), before, after.construct().pieces()))));
  }

  private static Finding refused(FindingCode code, Piece piece, Edge edge, Fact... facts) {
    List<Fact> all = new ArrayList<>(List.of(Fact.text("piece", piece.name()), Fact.text("edge", edge.name())));
    all.addAll(List.of(facts));
    return Finding.of(code, Where.edge(piece.id(), edge.id()), all.toArray(Fact[]::new));
  }

  /** A run of the recipe told as parts; no parts takes it back to the recipe. */
  record RunTold(PieceId piece, String edge, String run, List<RunPart> parts) implements EdgeChange {
    public RunTold {
      parts = List.copyOf(parts);
    }

    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      String base = onEdge.run(run).map(found -> found.origin().base()).orElse(run);
      if (parts.size() > ToldRun.MOST_PARTS) {
        return Outcome.refused(
            refused(
                FindingCode.RUN_PARTS, onPiece, onEdge, Fact.count("most", ToldRun.MOST_PARTS), Fact.count("count", parts.size())));
      }
      List<Finding> findings = new ArrayList<>();
      for (int i = 0; i < parts.size(); i++) {
        check(parts.get(i), i + 1, onPiece, onEdge, findings);
      }
      if (!findings.isEmpty()) {
        return Outcome.refused(findings);
      }
      ToldRun told = new ToldRun(piece, edge, base, parts);
      Set<String> parts = onEdge.runs().stream().filter(r -> r.origin().standsFor(base)).map(Run::id).collect(Collectors.toSet());
      Settings settings = garment.settings().without(decision -> Counted.isOf(decision, piece, edge, parts)).without(told::replaces);
      Garment changed = garment.withSettings(told.parts().isEmpty() ? settings : settings.with(told));
      return Layout.of(changed)
          .then(
              layout ->
                  layout.gone().contains(told)
                      ? Pieces.run(onPiece, onEdge, run, Where.edge(piece, edge)).then(r -> Outcome.<Garment>refused(layout.findings()))
                      : Outcome.of(changed));
    }

    private static void check(RunPart part, int number, Piece onPiece, Edge onEdge, List<Finding> findings) {
      if (!part.kind().isOfEdge()) {
        findings.add(refused(FindingCode.PART_KIND, onPiece, onEdge, Fact.count("part", number), Fact.text("value", part.kind().name())));
      }
      if (part.label().length() > Garment.MOST_NAME) {
        findings.add(
            refused(
                FindingCode.LABEL_LENGTH, onPiece, onEdge, Fact.count("part", number), Fact.count("most", Garment.MOST_NAME),
                Fact.count("count", part.label().length())));
      }
      if (part.count() < 1 || part.count() > CountMade.MOST) {
        findings.add(
            Finding.of(
                FindingCode.COUNT_OUT_OF_RANGE, Where.edge(onPiece.id(), onEdge.id()),
                Fact.count("least", 1), Fact.count("most", CountMade.MOST), Fact.text("value", Integer.toString(part.count()))));
      }
      if (part.heldBack() < 0 || part.heldBack() > RunPart.MOST_HELD_BACK || part.chains() < 0 || part.chains() > Run.Notes.MOST_CHAINS) {
        findings.add(
            Finding.of(
                FindingCode.COUNT_OUT_OF_RANGE, Where.edge(onPiece.id(), onEdge.id()),
                Fact.count("least", 0), Fact.count("most", part.chains() != 0 ? Run.Notes.MOST_CHAINS : RunPart.MOST_HELD_BACK),
                Fact.text("value", part.heldBack() + ", " + part.chains())));
      }
      part.widthMm()
          .filter(width -> !(width >= RunPart.NARROWEST_MM && width <= RunPart.WIDEST_MM))
          .ifPresent(
              width ->
                  findings.add(
                      refused(
                          FindingCode.PART_WIDTH, onPiece, onEdge, Fact.count("part", number),
                          Fact.text("least", Double.toString(RunPart.NARROWEST_MM)),
                          Fact.text("most", Double.toString(RunPart.WIDEST_MM)), Fact.text("value", Double.toString(width)))));
    }

    @Override
    public String label(Names names) {
      return parts.isEmpty()
          ? "Took back the parts of %s of %s".formatted(names.edge(piece, edge), names.piece(piece))
          : "Told %s of %s in %s".formatted(names.edge(piece, edge), names.piece(piece), parts.size() == 1 ? "one part" : Wording.number(parts.size()) + " parts");
    }
  }

  /** An edge measured with the tape, in mm; empty takes it back. */
  record EdgeMeasured(PieceId piece, String edge, Optional<Double> mm) implements EdgeChange {
    public static final double SHORTEST_MM = 1;
    static final double LONGEST_MM = 10_000;

    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      return mm.isPresent() && !(mm.get() >= SHORTEST_MM && mm.get() <= LONGEST_MM)
          ? Outcome.refused(
              refused(
                  FindingCode.LENGTH_OUT_OF_RANGE, onPiece, onEdge, Fact.text("value", new Answers.Numeric(mm.get()).text()),
                  Fact.count("least", (long) SHORTEST_MM), Fact.count("most", (long) LONGEST_MM)))
          : Outcome.of(
              garment.withSettings(
                  garment.settings().with(MeasuredEdge.class, mm.map(length -> new MeasuredEdge(piece, edge, length)), piece, edge)));
    }

    @Override
    public String label(Names names) {
      return "%s %s of %s"
          .formatted(
              mm.map(length -> "Measured " + names.length(length) + " at").orElse("Took back the length of"),
              names.edge(piece, edge), names.piece(piece));
    }
  }

  /** A landmark put at a cut of an edge, alone or coming back; one with the same id is moved. */
  record LandmarkPut(PieceId piece, String edge, Mark landmark) implements EdgeChange {
    /** Alone at a cut ({@code times} 1), or coming back {@code every} so many units. */
    public record Mark(String id, String name, Landmark.Kind kind, int at, int every, int times, Optional<Marker> marker) {}

    public LandmarkPut(PieceId piece, String edge, String id, String name, Landmark.Kind kind, int at, int every, int times, Optional<Marker> marker) {
      this(piece, edge, new Mark(id, name, kind, at, every, times, marker));
    }

    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      String id = landmark.id();
      String name = landmark.name();
      int at = landmark.at();
      int every = landmark.every();
      int times = landmark.times();
      Optional<Marker> marker = landmark.marker().map(Marker::trimmed);
      Fact mark = Fact.text("mark", name);
      Fact count = Fact.count("count", onEdge.units());
      if (!Ids.isWellFormed(id)) {
        return Outcome.refused(Finding.of(FindingCode.ID_FORM, Where.edge(piece, edge), Fact.text("value", id)));
      }
      if (name.isBlank() || name.length() > Garment.MOST_NAME) {
        return Outcome.refused(
            Finding.of(FindingCode.NAME_LENGTH, Where.edge(piece, edge), Fact.count("most", Garment.MOST_NAME), Fact.count("count", name.length())));
      }
      if (marker.filter(Marker::isTooLong).isPresent()) {
        return Outcome.refused(
            Finding.of(
                FindingCode.MARKER_LENGTH, Where.edge(piece, edge), Fact.count("colour", Marker.MOST_COLOUR), Fact.count("count", Marker.MOST_TAKE_OUT)));
      }
      if (at < 0 || at > onEdge.units()) {
        return Outcome.refused(refused(FindingCode.LANDMARK_OUTSIDE, onPiece, onEdge, mark, count, Fact.count("at", at)));
      }
      boolean comesBack = times != 1;
      if (comesBack && (times < 1 || times > Landmark.MOST_TIMES || every < 1)) {
        return Outcome.refused(
            Finding.of(
                FindingCode.COUNT_OUT_OF_RANGE, Where.edge(piece, edge), Fact.count("least", 1),
                Fact.count("most", Landmark.MOST_TIMES), Fact.text("value", times + ", " + every)));
      }
      if (comesBack && at + (long) (times - 1) * every > onEdge.units()) {
        return Outcome.refused(
            refused(
                FindingCode.LANDMARK_OVERLONG, onPiece, onEdge, mark, count, Fact.count("every", every),
                Fact.count("length", at + (times - 1L) * every), Fact.count("most", 1 + (onEdge.units() - at) / every)));
      }
      Landmark put = new Landmark(id, name.strip(), landmark.kind(), CarriedCuts.fromRun(onEdge, Cut.at(onEdge, at)), comesBack ? every : 0, times, marker);
      return Outcome.of(garment.withSettings(garment.settings().with(new MarkedEdge(piece, edge, put))));
    }

    @Override
    public String label(Names names) {
      return "Marked %s on %s of %s".formatted(landmark.name().strip(), names.edge(piece, edge), names.piece(piece));
    }
  }

  /** A landmark taken off an edge. */
  record LandmarkRemoved(PieceId piece, String edge, String landmarkId) implements EdgeChange {
    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      return Outcome.of(garment.withSettings(garment.settings().without(MarkedEdge.class, piece, edge, landmarkId)));
    }

    @Override
    public String label(Names names) {
      return "Took a mark off %s of %s".formatted(names.edge(piece, edge), names.piece(piece));
    }
  }

  /** What stands between an edge and the next one of the ring; empty takes it out. */
  record CornerTold(PieceId piece, String edge, Optional<Corner> corner) implements EdgeChange {
    @Override
    public Outcome<Garment> on(Garment garment, Piece onPiece, Edge onEdge) {
      return Outcome.of(
          garment.withSettings(
              garment.settings().with(ToldCorner.class, corner.map(told -> new ToldCorner(piece, edge, told)), piece, edge)));
    }

    @Override
    public String label(Names names) {
      return "%s behind %s of %s"
          .formatted(corner.map(c -> "Corner with " + c.words()).orElse("No corner of its own"), names.edge(piece, edge), names.piece(piece));
    }
  }
}
