package ruxel.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/** Sentences about an edge: its counts now and when finished, its length by gauge beside the measured one. */
final class EdgeWords {
  private EdgeWords() {}

  /** "46 row ends", "24 stitches, 1 space", "49 row ends, 50 when finished". */
  static String counts(Edge edge) {
    Map<UnitKind, Integer> now = new LinkedHashMap<>();
    edge.runs().forEach(run -> now.merge(run.kind(), run.count(), Integer::sum));
    String words =
        now.entrySet().stream()
            .map(entry -> PlaceNames.counted(entry.getValue(), entry.getKey()))
            .collect(Collectors.joining(", "));
    int finished = edge.runs().stream().mapToInt(Run::finishedCount).sum();
    return finished == edge.units() ? words : words + ", " + finished + " when finished";
  }

  static String lengths(Edge edge, Wording wording) {
    double off = edge.measuredScale() - 1;
    String gauge = wording.length(edge.gaugeLengthMm()) + " by count and gauge";
    return edge.measuredMm()
        .map(
            measured ->
                "%s, %s measured (%s)"
                    .formatted(gauge, wording.length(measured), off == 0 ? "the same" : wording.percent(Math.abs(off)) + (off > 0 ? " longer" : " shorter")))
        .orElse(gauge);
  }

  /** What edging rows along an edge would change: its count and, by their height, the edges beside it that they lie across. */
  static String edging(Piece piece, int index) {
    List<Edge> edges = piece.edges();
    List<String> beside =
        Stream.of(edges.get(Math.floorMod(index - 1, edges.size())), edges.get((index + 1) % edges.size()))
            .filter(edge -> edge != edges.get(index))
            .map(Edge::name)
            .distinct()
            .toList();
    String grow = beside.isEmpty() ? "" : "; %s %s by their height".formatted("the " + String.join(" and the ", beside), beside.size() == 1 ? "grows" : "grow");
    return "Along the %s they change its count, not its length%s.".formatted(edges.get(index).name(), grow);
  }
}
