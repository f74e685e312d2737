package ruxel.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.match.PlaceNames;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/** Compares twins run by run (model 2; handbook 14: left = right). */
final class Twins {
  private Twins() {}

  /** A run and its like on the twin. */
  record Pair(Edge edge, Run mine, Piece twin, Run other) {
    /** By finished counts: rows held back will be there. */
    boolean alike() {
      return mine.finishedCount() == other.finishedCount();
    }
  }

  /** Every run of a piece with its like on the twin it is the mirror of, or that is the mirror of it. */
  static Optional<List<Pair>> of(Piece piece, List<Piece> pieces) {
    return piece.twinAmong(pieces).map(twin -> pairs(piece, twin, edges(piece, twin)));
  }

  /** The edge of a twin that mirrors one of the piece's. */
  static String mirrored(Piece piece, Piece twin, String edge) {
    return edges(piece, twin).getOrDefault(edge, edge);
  }

  private static Map<String, String> edges(Piece piece, Piece twin) {
    return piece.mirrorOf()
        .filter(mirror -> mirror.piece().equals(twin.id()))
        .map(Mirror::edges)
        .orElseGet(() -> turned(twin.mirrorOf().orElseThrow().edges()));
  }

  private static Map<String, String> turned(Map<String, String> edges) {
    Map<String, String> turned = new HashMap<>();
    edges.forEach((mine, other) -> turned.put(other, mine));
    return turned;
  }

  private static List<Pair> pairs(Piece piece, Piece twin, Map<String, String> edges) {
    List<Pair> pairs = new ArrayList<>();
    for (Edge edge : piece.edges()) {
      Optional<Edge> like = twin.edge(edges.getOrDefault(edge.id(), edge.id()));
      for (Run run : edge.runs()) {
        like.flatMap(found -> found.run(run.id())).ifPresent(other -> pairs.add(new Pair(edge, run, twin, other)));
      }
    }
    return List.copyOf(pairs);
  }

  /** One finding for each mirrored piece and kind of unit: the first run of that kind that has another count. */
  static List<Finding> unlike(List<Piece> pieces) {
    List<Finding> findings = new ArrayList<>();
    for (Piece piece : pieces) {
      List<UnitKind> told = new ArrayList<>();
      List<Pair> pairs = piece.mirrorOf().isPresent() ? of(piece, pieces).orElse(List.of()) : List.of();
      for (Pair pair : pairs) {
        if (!pair.alike() && !told.contains(pair.mine().kind())) {
          told.add(pair.mine().kind());
          findings.add(finding(piece, pair.twin(), pair.edge(), pair.mine(), pair.other()));
        }
      }
    }
    return List.copyOf(findings);
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
