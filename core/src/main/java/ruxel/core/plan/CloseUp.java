package ruxel.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.identity.PieceId;
import ruxel.core.lay.Placement;
import ruxel.core.match.Joints.Joint;
import ruxel.core.match.SeamMatch;
import ruxel.core.piece.Outline.Point;
import ruxel.core.plan.SeamPlan.CloseUpView;
import ruxel.core.plan.SeamPlan.Rail;
import ruxel.core.plan.SeamPlan.SidePlan;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamRole.Stage;

/** Pieces set in flat lie beside what they are joined to: once joined they move up to it, as far as the seam is wide on average. */
final class CloseUp {
  /** What is left between two joined edges, so that the joints are seen, mm. */
  private static final double LEFT_MM = 9;

  private CloseUp() {}

  /** Empty where both sides lie on several pieces or on one, and for seams that are not joined flat. */
  static Optional<CloseUpView> of(SeamMatch match, SidePlan a, SidePlan b, List<Placement> placements) {
    if (match.seam().seam().role().stage() != Stage.SET_IN_FLAT || match.joints().isEmpty()) {
      return Optional.empty();
    }
    Set<PieceId> onA = pieces(match.seam().a());
    Set<PieceId> onB = pieces(match.seam().b());
    Set<PieceId> both = new HashSet<>(onA);
    both.retainAll(onB);
    if (!both.isEmpty() || onA.size() > 1 && onB.size() > 1) {
      return Optional.empty();
    }
    boolean movesA = onA.size() == 1;
    Point gap = meanGap(match.joints(), a, b, placements);
    double length = Math.hypot(gap.x(), gap.y());
    double share = length < LEFT_MM ? 0 : (length - LEFT_MM) / length * (movesA ? 1 : -1);
    return Optional.of(new CloseUpView((movesA ? onA : onB).iterator().next(), gap.x() * share, gap.y() * share));
  }

  private static Set<PieceId> pieces(List<ResolvedSpan> spans) {
    return spans.stream().map(span -> span.piece().id()).collect(Collectors.toSet());
  }

  /** From A to B, over all joints through a place of each. */
  private static Point meanGap(List<Joint> joints, SidePlan a, SidePlan b, List<Placement> placements) {
    List<Point> gaps =
        joints.stream()
            .filter(joint -> joint.a() >= 0 && joint.b() >= 0)
            .map(joint -> gap(at(a, joint.a(), placements), at(b, joint.b(), placements)))
            .toList();
    return new Point(
        gaps.stream().mapToDouble(Point::x).average().orElse(0), gaps.stream().mapToDouble(Point::y).average().orElse(0));
  }

  private static Point gap(Point from, Point to) {
    return new Point(to.x() - from.x(), to.y() - from.y());
  }

  private static Point at(SidePlan side, int place, List<Placement> placements) {
    Rail rail = side.rails().stream().filter(r -> place < r.firstPlace() + r.places()).findFirst().orElseThrow();
    double steps = place - rail.firstPlace() + 0.5;
    Placement placement = placements.stream().filter(p -> p.piece().equals(rail.piece())).findFirst().orElseThrow();
    return placement.onTable(new Point(rail.x() + steps * rail.dx(), rail.y() + steps * rail.dy()));
  }
}
