package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.match.PlaceNames;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/** Compares twins run by run (model 2; handbook 14: left = right). */
final class Twins {
  private Twins() {}

  /** One finding for each twin and kind of unit: the first run of that kind that has another count. */
  static List<Finding> unlike(List<Piece> pieces) {
    List<Finding> findings = new ArrayList<>();
    for (Piece piece : pieces) {
      piece
          .mirrorOf()
          .flatMap(mirror -> pieces.stream().filter(other -> other.id().equals(mirror.piece())).findFirst())
          .ifPresent(twin -> compare(piece, twin, findings));
    }
    return List.copyOf(findings);
  }

  private static void compare(Piece piece, Piece twin, List<Finding> findings) {
    List<UnitKind> told = new ArrayList<>();
    for (Edge edge : piece.edges()) {
      Optional<Edge> like = twin.edge(piece.mirrorOf().orElseThrow().edges().getOrDefault(edge.id(), edge.id()));
      for (Run run : edge.runs()) {
        Optional<Run> other = like.flatMap(found -> found.run(run.id()));
        if (other.isPresent() && other.get().finishedCount() != run.finishedCount() && !told.contains(run.kind())) {
          told.add(run.kind());
          findings.add(finding(piece, twin, edge, run, other.get()));
        }
      }
    }
  }

  private static Finding finding(Piece piece, Piece twin, Edge edge, Run run, Run other) {
    return Finding.of(
        FindingCode.TWINS_DIFFER, Where.edge(piece.id(), edge.id()),
        Fact.text("piece", piece.name()), Fact.text("twin", twin.name().toLowerCase(java.util.Locale.ROOT)),
        Fact.count("count", run.count()), Fact.count("other", other.count()),
        Fact.text("units", PlaceNames.words(run.kind())), Fact.text("edge", edge.name()),
        Fact.difference("gap", Math.abs(run.lengthMm() - other.lengthMm())));
  }
}
