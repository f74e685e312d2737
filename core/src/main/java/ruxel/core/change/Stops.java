package ruxel.core.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Stop;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;

/**
 * Where a wished depth in mm may stop (handbook 6, stops snap): at the nearest row and the nearest landmark, the same on
 * both sides, and at each the row at the marker is joined or open.
 */
public final class Stops {
  static final double DEEPEST_MM = 2000;

  /** Rows for the answer, how deep that is, how far from the wish, and the landmark there if it is one. */
  public record StopChoice(String answer, int rows, double mm, double offMm, Optional<String> landmark, boolean open) {}

  private Stops() {}

  /** Nearest row and nearest landmark of each stop, each with the row at the marker open and joined. */
  public static Outcome<List<StopChoice>> near(Garment garment, double wishedMm) {
    if (!(wishedMm > 0 && wishedMm <= DEEPEST_MM)) {
      return Outcome.refused(
          Finding.of(
              FindingCode.DEPTH_OUT_OF_RANGE, Where.path("$.mm"), Fact.text("value", new Answers.Numeric(wishedMm).text()),
              Fact.count("least", 1), Fact.count("most", (long) DEEPEST_MM)));
    }
    return Layout.of(garment)
        .then(
            layout -> {
              List<StopChoice> choices = new ArrayList<>();
              for (Stop stop : layout.construct().stops()) {
                int rows = Math.max(1, (int) Math.round(wishedMm / stop.unitMm()));
                add(stop, choices, rows, wishedMm, Optional.empty());
                nearestMark(stop, layout.construct().pieces(), wishedMm)
                    .filter(mark -> mark.rows() != rows)
                    .ifPresent(mark -> add(stop, choices, mark.rows(), wishedMm, Optional.of(mark.name())));
              }
              return Outcome.of(List.copyOf(choices));
            });
  }

  private static void add(Stop stop, List<StopChoice> choices, int rows, double wishedMm, Optional<String> landmark) {
    for (boolean open : new boolean[] {true, false}) {
      int answered = open ? rows : rows - 1;
      if (answered >= 1) {
        choices.add(new StopChoice(stop.answer(), answered, answered * stop.unitMm(), answered * stop.unitMm() - wishedMm, landmark, open));
      }
    }
  }

  private record Mark(int rows, String name) {}

  /** Landmarks by how many rows they lie from the end that the stop is measured from. */
  private static Optional<Mark> nearestMark(Stop stop, List<Piece> pieces, double wishedMm) {
    TreeMap<Integer, String> byRows = new TreeMap<>();
    for (Piece piece : pieces) {
      for (Edge edge : piece.edges()) {
        boolean first = edge.runs().get(0).origin().standsFor(stop.run());
        boolean last = edge.runs().get(edge.runs().size() - 1).origin().standsFor(stop.run());
        if (first || last) {
          for (Landmark landmark : edge.landmarks()) {
            landmark.cuts(edge).forEach(cut -> byRows.putIfAbsent(first ? cut : edge.units() - cut, landmark.name() + " of the " + Wording.low(piece.name())));
          }
        }
      }
    }
    return byRows.entrySet().stream()
        .filter(entry -> entry.getKey() > 0)
        .min(Comparator.comparingDouble(entry -> Math.abs(entry.getKey() * stop.unitMm() - wishedMm)))
        .map(entry -> new Mark(entry.getKey(), entry.getValue()));
  }
}
