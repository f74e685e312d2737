package ruxel.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.board.Board;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.PiecePlan.EdgePlaces;

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

  /**
   * The places of an edge of squares in turn, as whoever works along it meets them: of each square a corner's, its stitches, the other
   * corner's; a seam between two squares. Empty on other edges.
   */
  static List<EdgePlaces> places(Piece piece, int index) {
    if (piece.board().isEmpty()) {
      return List.of();
    }
    List<EdgePlaces> places = new ArrayList<>();
    int corner = piece.board().get().motif().corner().places();
    int cut = 0;
    Edge edge = piece.edges().get(index);
    for (Run run : edge.runs()) {
      boolean starts = piece.cornerAt(index, cut, true).isPresent();
      boolean ends = piece.cornerAt(index, cut + run.count(), false).isPresent();
      if (starts && cut > 0) {
        places.add(new EdgePlaces(UnitKind.SEAM_PLACE, 1));
      }
      if (starts) {
        places.add(new EdgePlaces(UnitKind.CORNER, corner));
      }
      places.add(new EdgePlaces(run.kind(), run.count()));
      if (ends) {
        places.add(new EdgePlaces(UnitKind.CORNER, corner));
      }
      cut += run.count();
    }
    return List.copyOf(places);
  }

  /** The same in a sentence. */
  static String inTurn(Piece piece) {
    return piece.board()
        .map(Board::motif)
        .map(motif -> " Each square in turn: %1$s, its stitches, %1$s; a seam between two squares.".formatted(PlaceNames.counted(motif.corner().places(), UnitKind.CORNER)))
        .orElse("");
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
