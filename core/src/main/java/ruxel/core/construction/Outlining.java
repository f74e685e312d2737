package ruxel.core.construction;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Ids;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;

/** The outline of a piece that there is, told as a walk run by run, and told anew; edges and runs keep their ids, so that seams find them. */
public final class Outlining {
  private static final double ROUNDED = 1000;
  private static final double FULL = 360;

  /** A run of an edge as it is walked. */
  public record Told(String edge, String run, Walk.Step step) {}

  private Outlining() {}

  /** Linear in the runs of the piece; turns and widths to a thousandth. */
  public static List<Told> of(Piece piece) {
    List<Run> runs = piece.edges().stream().flatMap(edge -> edge.runs().stream()).toList();
    List<Told> told = new ArrayList<>();
    int next = 0;
    for (Edge edge : piece.edges()) {
      for (Run run : edge.runs()) {
        next++;
        double turn = heading(runs.get(next % runs.size())) - heading(run);
        String name = edge.runs().size() == 1 ? edge.name() : edge.name() + ", " + run.id();
        told.add(new Told(edge.id(), run.id(), new Walk.Step(name, run.kind(), run.count(), rounded(run.advance().lengthMm()), rounded(leftOrRight(turn)))));
      }
    }
    return told;
  }

  /** The walk that is told, setting out as the piece does now. */
  private static Walk walk(Piece piece, List<Told> told) {
    return new Walk(told.stream().map(Told::step).toList(), heading(piece.edges().get(0).runs().get(0)));
  }

  /** All that keeps it from being an outline of the piece, each with its step. */
  public static List<Finding> findings(Piece piece, List<Told> told) {
    if (piece.fold().isPresent()) {
      return told.equals(of(piece)) ? List.of() : List.of(Finding.of(FindingCode.FOLDED_OUTLINE, Where.piece(piece.id()), Fact.text("piece", piece.name())));
    }
    List<Finding> findings = new ArrayList<>();
    Set<String> edges = new HashSet<>();
    Set<String> runs = new HashSet<>();
    String last = "";
    for (int i = 0; i < told.size(); i++) {
      Told step = told.get(i);
      boolean isNew = !step.edge().equals(last) && !edges.add(step.edge());
      if (!Ids.isWellFormed(step.edge()) || !Ids.isWellFormed(step.run()) || isNew || !runs.add(step.edge() + " " + step.run())) {
        findings.add(Finding.of(FindingCode.WALK_STEP, Where.piece(piece.id()), Fact.count("number", i + 1L), Fact.count("most", Asked.MOST_STITCHES)));
      }
      last = step.edge();
    }
    findings.addAll(walk(piece, told).findings());
    return List.copyOf(findings);
  }

  /** The piece with the outline that is told; what is known of a run stays with it. What lies folded keeps its own. */
  public static Piece outlined(Piece piece, List<Told> told) {
    if (piece.fold().isPresent()) {
      return piece;
    }
    Walk walk = walk(piece, told);
    List<Edge> edges = new ArrayList<>();
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < told.size(); i++) {
      Told step = told.get(i);
      runs.add(run(piece, step, walk, i));
      if (i + 1 == told.size() || !told.get(i + 1).edge().equals(step.edge())) {
        edges.add(edge(piece, step, List.copyOf(runs)));
        runs.clear();
      }
    }
    Map<String, Corner> corners = new TreeMap<>(piece.corners());
    corners.keySet().retainAll(edges.stream().map(Edge::id).toList());
    return piece.withEdges(edges).withCorners(corners);
  }

  private static Run run(Piece piece, Told told, Walk walk, int index) {
    Walk.Step step = told.step();
    Optional<Run> known = piece.edge(told.edge()).flatMap(edge -> edge.run(told.run()));
    return known
        .map(run -> new Run(run.id(), step.kind(), run.count() == step.count() ? run.counts() : Counts.planned(step.count()), walk.advance(index), run.fabric(), run.noEase(), run.notes()))
        .orElseGet(() -> Run.plain(told.run(), step.kind(), step.count(), walk.advance(index)));
  }

  private static Edge edge(Piece piece, Told told, List<Run> runs) {
    Edge bare = piece.edge(told.edge()).map(known -> known.withRuns(runs)).orElseGet(() -> Edge.of(told.edge(), told.step().name().strip(), runs));
    return bare.withLandmarks(bare.landmarks().stream().filter(mark -> mark.first().on(bare).isPresent()).toList());
  }

  private static double heading(Run run) {
    return Math.toDegrees(Math.atan2(run.advance().dyMm(), run.advance().dxMm()));
  }

  /** A turn of at most half round, to the left where it is more than 0. */
  private static double leftOrRight(double degrees) {
    double turn = Math.IEEEremainder(degrees, FULL);
    return turn == -FULL / 2 ? FULL / 2 : turn;
  }

  private static double rounded(double value) {
    return Math.round(value * ROUNDED) / ROUNDED;
  }
}
