package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.garment.Settings;
import ruxel.core.lay.Placement;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/** A piece ready to be drawn: every run with its start in the piece's own axes, mm. */
public record PiecePlan(
    String id,
    String name,
    Piece.Part part,
    Optional<String> mirrorOf,
    Cloth cloth,
    List<EdgePlan> edges,
    Placement placement,
    Optional<Settings.LaidPiece> laid,
    boolean closes,
    double gapMm) {

  /** An edge with its length by count and gauge, and as measured. */
  public record EdgePlan(
      String id, String name, int units, double lengthMm, Optional<Double> measuredMm, List<RunPlan> runs) {}

  /** A run with its three counts, its start and the advance of one unit. */
  public record RunPlan(
      String id,
      UnitKind kind,
      Fabric fabric,
      int count,
      int planned,
      Optional<Integer> made,
      Optional<Integer> worked,
      Counts.Source source,
      double x,
      double y,
      double dx,
      double dy,
      double lengthMm) {}

  static PiecePlan of(Piece piece, Placement placement, Optional<Settings.LaidPiece> laid, HouseRules rules) {
    Outline outline = new Outline(piece);
    List<List<Outline.Point>> starts = outline.runStarts();
    List<EdgePlan> edges = new ArrayList<>();
    for (int e = 0; e < piece.edges().size(); e++) {
      edges.add(edge(piece.edges().get(e), starts.get(e)));
    }
    return new PiecePlan(
        piece.id(), piece.name(), piece.part(), piece.mirrorOf().map(Mirror::piece), piece.cloth(),
        List.copyOf(edges), placement, laid, outline.closes(rules), outline.gapMm());
  }

  private static EdgePlan edge(Edge edge, List<Outline.Point> starts) {
    List<RunPlan> runs = new ArrayList<>();
    for (int r = 0; r < edge.runs().size(); r++) {
      Run run = edge.runs().get(r);
      Counts counts = run.counts();
      runs.add(
          new RunPlan(
              run.id(), run.kind(), run.fabric(), run.count(), counts.planned(), counts.made(), counts.worked(),
              counts.source(), starts.get(r).x(), starts.get(r).y(), run.advance().dxMm(), run.advance().dyMm(),
              run.lengthMm()));
    }
    return new EdgePlan(edge.id(), edge.name(), edge.units(), edge.gaugeLengthMm(), edge.measuredMm(), List.copyOf(runs));
  }
}
