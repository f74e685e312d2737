package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;

/** What is to be said of a piece by itself: an outline that does not close, lengths that disagree, marks that have no place. */
final class PieceFindings {
  private final Piece piece;
  private final HouseRules rules;
  private final List<Finding> findings = new ArrayList<>();

  private PieceFindings(Piece piece, HouseRules rules) {
    this.piece = piece;
    this.rules = rules;
  }

  static List<Finding> of(Piece piece, HouseRules rules) {
    PieceFindings of = new PieceFindings(piece, rules);
    of.inspect();
    return List.copyOf(of.findings);
  }

  private void inspect() {
    Outline outline = new Outline(piece);
    if (!outline.closes(rules)) {
      findings.add(
          Finding.of(
              FindingCode.OUTLINE_OPEN, Where.piece(piece.id()),
              Fact.text("piece", piece.name()), Fact.difference("gap", outline.gapMm())));
    }
    findings.addAll(FoldFindings.of(piece, rules));
    for (Edge edge : piece.edges()) {
      Fact name = Fact.text("edge", edge.name());
      Fact of = Fact.text("piece", piece.name());
      edge.landmarks().forEach(landmark -> inspect(landmark, edge));
      if (Math.abs(edge.measuredScale() - 1) > rules.get(Rule.LENGTH_SHARE)) {
        findings.add(
            Finding.of(
                FindingCode.LENGTHS_DIFFER, Where.edge(piece.id(), edge.id()), name, of,
                Fact.length("measured", edge.measuredMm().orElseThrow()), Fact.length("gauge", edge.gaugeLengthMm())));
      }
    }
  }

  private void inspect(Landmark landmark, Edge edge) {
    Fact mark = Fact.text("mark", landmark.name());
    Fact count = Fact.count("count", edge.units());
    int lies = landmark.cuts(edge).size();
    if (lies == 0) {
      findings.add(
          Finding.of(
              FindingCode.LANDMARK_GONE, Where.edge(piece.id(), edge.id()), mark, Fact.text("edge", edge.name()),
              Fact.text("piece", piece.name()), Fact.count("at", landmark.first().offset()), count));
    } else if (lies < landmark.times()) {
      findings.add(
          Finding.of(
              FindingCode.LANDMARK_TOO_LONG, Where.edge(piece.id(), edge.id()), mark, Fact.text("edge", edge.name()),
              Fact.text("piece", piece.name()), Fact.count("every", landmark.every()), Fact.count("times", landmark.times()),
              Fact.count("length", (landmark.times() - 1L) * landmark.every()), count));
    }
  }
}
