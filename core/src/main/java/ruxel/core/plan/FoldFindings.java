package ruxel.core.plan;

import java.util.ArrayList;
import java.util.IntSummaryStatistics;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.match.PlaceNames;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fold;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;

/** What is to be said of a piece that lies folded (handbook 9.3, 9.4): layers that differ, a hexagon that lies too flat or has unequal sides. */
final class FoldFindings {
  private FoldFindings() {}

  static List<Finding> of(Piece piece, HouseRules rules) {
    List<Finding> findings = new ArrayList<>();
    piece.fold().ifPresent(
        fold -> {
          for (Fold.Spot spot : List.of(fold.from(), fold.to())) {
            findings.addAll(layers(piece, fold, spot));
          }
          if (fold.way() == Fold.Way.CORNER) {
            findings.addAll(hexagon(piece, fold, rules));
          }
        });
    return findings;
  }

  /** From the fold on, run by run, the layers of an edge have the same counts. */
  private static List<Finding> layers(Piece piece, Fold fold, Fold.Spot spot) {
    Edge edge = piece.edge(spot.edge()).orElseThrow();
    int cut = spot.on(edge).orElseThrow();
    List<Run> before = new ArrayList<>();
    List<Run> behind = new ArrayList<>();
    int start = 0;
    for (Run run : edge.runs()) {
      if (!run.advance().isOnFold()) {
        if (start < cut) {
          before.add(0, run);
        } else {
          behind.add(run);
        }
      }
      start += run.count();
    }
    boolean isUpperBehind = spot.equals(fold.from());
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < Math.min(before.size(), behind.size()); i++) {
      Run upper = (isUpperBehind ? behind : before).get(i);
      Run lower = (isUpperBehind ? before : behind).get(i);
      if (upper.finishedCount() != lower.finishedCount()) {
        findings.add(
            Finding.of(
                FindingCode.LAYERS_DIFFER, Where.run(piece.id(), edge.id(), upper.id()), Fact.text("piece", piece.name()), Fact.text("edge", edge.name()),
                Fact.text("upper", PlaceNames.counted(upper.finishedCount(), upper.kind())), Fact.text("lower", PlaceNames.counted(lower.finishedCount(), lower.kind()))));
      }
    }
    return findings;
  }

  private static List<Finding> hexagon(Piece piece, Fold fold, HouseRules rules) {
    List<Finding> findings = new ArrayList<>();
    IntSummaryStatistics counts = piece.edges().stream().mapToInt(edge -> edge.runs().stream().mapToInt(Run::finishedCount).sum()).summaryStatistics();
    if (counts.getMin() < counts.getMax()) {
      findings.add(
          Finding.of(FindingCode.HEXAGON_SIDES, Where.piece(piece.id()), Fact.text("piece", piece.name()), Fact.count("least", counts.getMin()), Fact.count("most", counts.getMax())));
    }
    double side = piece.edges().stream().mapToDouble(Edge::gaugeLengthMm).average().orElseThrow();
    fold.middleMm()
        .filter(middle -> middle > rules.get(Rule.HEXAGON_SHARE) * side)
        .ifPresent(
            middle ->
                findings.add(
                    Finding.of(
                        FindingCode.HEXAGON_FLAT, Where.piece(piece.id()), Fact.text("piece", piece.name()), Fact.length("middle", middle), Fact.length("side", side),
                        Fact.share("share", middle / side))));
    return findings;
  }
}
