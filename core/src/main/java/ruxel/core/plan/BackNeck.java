package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WornBy;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.SeamId;
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

  /** What two shoulders leave of a back, what it should have, both mm, and the first of them. */
  record Left(double neckMm, double leastMm, SeamId seam) {
    boolean isNarrow() {
      return neckMm < leastMm;
    }

    Finding finding() {
      return Finding.of(FindingCode.BACK_NECK_NARROW, Where.seam(seam), Fact.length("neck", neckMm), Fact.length("least", leastMm));
    }
  }

  /** For each back with two shoulders. Linear in the spans. */
  static List<Left> of(List<Piece> pieces, List<ResolvedSeam> seams, Settings settings, HouseRules rules) {
    boolean child = settings.on(WornBy.class).filter(worn -> worn.wearer().isChild()).isPresent();
    double least = rules.get(child ? Rule.CHILD_NECK_MM : Rule.BACK_NECK_MM);
    return pieces.stream().filter(Piece::isBack).flatMap(back -> left(back, seams, least, rules).stream()).toList();
  }

  private static Optional<Left> left(Piece back, List<ResolvedSeam> seams, double least, HouseRules rules) {
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
    // The ring begins with the lower edge.
    double share = rules.get(Rule.BACK_NECK_SHARE) * back.edges().get(0).gaugeLengthMm();
    return Optional.of(new Left(apart(spans.get(0), spans.get(1)), Math.max(least, share), shoulders.get(0).seam().id()));
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
