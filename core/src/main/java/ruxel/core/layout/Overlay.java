package ruxel.core.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.decision.Decision;
import ruxel.core.decision.MarkedEdge;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.Settings;
import ruxel.core.decision.ToldRun;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;

/**
 * Lays what the maker has told of edges over the construction's pieces, and carries the construction's seams
 * over to the parts of a told run. What no longer has its edge is kept as gone.
 */
final class Overlay implements Carries {
  private List<Piece> pieces;
  private final List<ToldRun> applied = new ArrayList<>();
  private final List<ToldRun> goneRuns = new ArrayList<>();
  private final List<MeasuredEdge> goneLengths = new ArrayList<>();
  private final List<MarkedEdge> marksElsewhere = new ArrayList<>();

  Overlay(List<Piece> pieces, Settings settings) {
    this.pieces = pieces;
    for (ToldRun told : settings.of(ToldRun.class)) {
      boolean known = edge(told.piece(), told.edge()).flatMap(edge -> edge.run(told.run())).isPresent();
      if (known) {
        change(told.piece(), told.edge(), edge -> edge.withRuns(parts(edge, told)));
        applied.add(told);
      } else {
        goneRuns.add(told);
      }
    }
    for (MeasuredEdge measured : settings.of(MeasuredEdge.class)) {
      if (!change(measured.piece(), measured.edge(), edge -> edge.withMeasured(Optional.of(measured.mm())))) {
        goneLengths.add(measured);
      }
    }
    for (MarkedEdge mark : settings.of(MarkedEdge.class)) {
      Landmark told = mark.landmark();
      Landmark landmark =
          new Landmark(told.id(), told.name(), told.kind(), carried(mark.piece(), mark.edge(), told.first()), told.every(), told.times(), told.marker());
      boolean here = edge(mark.piece(), mark.edge()).filter(edge -> landmark.first().on(edge).isPresent()).isPresent();
      if (here) {
        change(mark.piece(), mark.edge(), edge -> marked(edge, landmark));
      } else {
        marksElsewhere.add(mark);
      }
    }
  }

  /** Only marks, on pieces as they are now. */
  static Overlay ofMarks(List<Piece> pieces, List<MarkedEdge> marks) {
    return new Overlay(pieces, new Settings(List.copyOf(marks)));
  }

  /** Marks that have no place on these pieces; edging may bring it. */
  List<MarkedEdge> marksElsewhere() {
    return List.copyOf(marksElsewhere);
  }

  List<Piece> pieces() {
    return pieces;
  }

  List<Decision> gone() {
    List<Decision> gone = new ArrayList<>(goneRuns);
    gone.addAll(goneLengths);
    return gone;
  }

  private Optional<Edge> edge(PieceId pieceId, String edgeId) {
    return Pieces.find(pieces, pieceId, edgeId);
  }

  /** Whether there was such an edge to change. */
  private boolean change(PieceId pieceId, String edgeId, UnaryOperator<Edge> changed) {
    Optional<Edge> target = edge(pieceId, edgeId);
    target.ifPresent(
        edge ->
            pieces =
                pieces.stream()
                    .map(
                        piece ->
                            piece.id().equals(pieceId)
                                ? piece.withEdges(piece.edges().stream().map(e -> e == edge ? changed.apply(e) : e).toList())
                                : piece)
                    .toList());
    return target.isPresent();
  }

  private static Edge marked(Edge edge, Landmark landmark) {
    List<Landmark> landmarks =
        new ArrayList<>(edge.landmarks().stream().filter(other -> !other.id().equals(landmark.id())).toList());
    landmarks.add(landmark);
    return edge.withLandmarks(landmarks);
  }

  private static List<Run> parts(Edge edge, ToldRun told) {
    List<Run> runs = new ArrayList<>();
    for (Run run : edge.runs()) {
      if (!run.id().equals(told.run())) {
        runs.add(run);
        continue;
      }
      for (int i = 0; i < told.parts().size(); i++) {
        runs.add(part(run, told.runId(i + 1), told.parts().get(i)));
      }
    }
    return runs;
  }

  /** A part leads the way its run does, by its own width. */
  private static Run part(Run run, String id, RunPart part) {
    double scale = part.widthMm().orElse(run.advance().lengthMm()) / run.advance().lengthMm();
    Advance advance = run.advance().times(scale);
    return new Run(
        id, part.kind(), Counts.planned(part.count()), advance, part.fabric(), part.noEase(),
        new Run.Notes(part.label(), part.chains(), part.heldBack()), Origin.partOf(run));
  }

  @Override
  public Cut carried(PieceId piece, String edge, Cut cut) {
    return applied.stream()
        .filter(told -> told.piece().equals(piece) && told.edge().equals(edge) && told.run().equals(cut.run()))
        .findFirst()
        .map(told -> carried(told, cut))
        .orElse(cut);
  }

  /** The part that an offset from the run's start or end falls into; beyond all parts it stays, and is found there. */
  private static Cut carried(ToldRun told, Cut cut) {
    int count = told.parts().size();
    int left = cut.offset();
    for (int i = 0; i < count; i++) {
      int part = cut.from() == Cut.End.START ? i : count - 1 - i;
      if (left <= told.parts().get(part).count()) {
        return new Cut(told.runId(part + 1), left, cut.from());
      }
      left -= told.parts().get(part).count();
    }
    return cut;
  }
}
