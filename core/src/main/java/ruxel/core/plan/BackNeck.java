package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;

/** What two shoulders leave of the back between them (handbook 10), told at the shoulders, before they are joined. */
final class BackNeck {
  private BackNeck() {}

  /** One for each back whose neck is too narrow. Linear in the spans. */
  static List<Finding> narrow(List<Piece> pieces, List<ResolvedSeam> seams, HouseRules rules) {
    return pieces.stream().filter(Piece::isBack).flatMap(back -> narrow(back, seams, rules).stream()).toList();
  }

  private static Optional<Finding> narrow(Piece back, List<ResolvedSeam> seams, HouseRules rules) {
    List<ResolvedSeam> shoulders = new ArrayList<>();
    List<ResolvedSpan> spans = new ArrayList<>();
    for (ResolvedSeam seam : seams) {
      List<ResolvedSpan> onBack = Stream.concat(seam.a().stream(), seam.b().stream()).filter(span -> span.piece().id().equals(back.id())).toList();
      if (seam.seam().role().isShoulder() && onBack.size() == 1) {
        shoulders.add(seam);
        spans.addAll(onBack);
      }
    }
    if (spans.size() != 2) {
      return Optional.empty();
    }
    double neck = apart(spans.get(0), spans.get(1));
    // The ring begins with the lower edge.
    double least = Math.max(rules.get(Rule.BACK_NECK_MM), rules.get(Rule.BACK_NECK_SHARE) * back.edges().get(0).gaugeLengthMm());
    return neck >= least
        ? Optional.empty()
        : Optional.of(
            Finding.of(FindingCode.BACK_NECK_NARROW, Where.seam(shoulders.get(0).seam().id()), Fact.length("neck", neck), Fact.length("least", least)));
  }

  /** Between the ends that lie nearest to each other. */
  private static double apart(ResolvedSpan one, ResolvedSpan other) {
    Outline outline = new Outline(one.piece());
    return ends(outline, one).flatMap(a -> ends(outline, other).map(b -> Math.hypot(a.x() - b.x(), a.y() - b.y()))).min(Double::compare).orElseThrow();
  }

  private static Stream<Point> ends(Outline outline, ResolvedSpan span) {
    return Stream.of(outline.at(span.edgeIndex(), span.from()), outline.at(span.edgeIndex(), span.to()));
  }
}
