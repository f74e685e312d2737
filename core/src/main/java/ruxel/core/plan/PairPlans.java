package ruxel.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.decision.Settings;
import ruxel.core.decision.TurnedSeam;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.plan.PairPlan.PairSeam;
import ruxel.core.plan.PairPlan.PairWay;
import ruxel.core.plan.SeamPlan.Rail;
import ruxel.core.plan.SeamPlan.SidePlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Side;
import ruxel.core.seam.TwinSeam;

/**
 * Finds the pairs of seams whose second can be held in two ways. Linear in the seams, but for looking them up.
 *
 * @param seams of the garment, on its pieces
 */
record PairPlans(List<Seam> seams, List<Piece> pieces, Settings settings) {
  List<PairPlan> of(List<SeamPlan> plans) {
    Map<SeamId, SeamPlan> byId = new HashMap<>();
    plans.forEach(plan -> byId.put(plan.id(), plan));
    Set<SeamId> done = new HashSet<>();
    List<PairPlan> pairs = new ArrayList<>();
    for (SeamPlan plan : plans) {
      done.add(plan.id());
      plan.twin().filter(twin -> !done.contains(twin)).map(byId::get).flatMap(twin -> pair(plan, twin)).ifPresent(pairs::add);
    }
    return pairs;
  }

  private Optional<PairPlan> pair(SeamPlan first, SeamPlan second) {
    if (first.hold().filter(PairPlans::isChoice).isEmpty() || second.hold().filter(PairPlans::isChoice).isEmpty()) {
      return Optional.empty();
    }
    HoldView there = second.hold().orElseThrow();
    Side nearThere = isCrossed(first, second) ? near(second).other() : near(second);
    boolean samePiece = near(first) == nearThere;
    PairSeam before = new PairSeam(first.id(), name(first, near(first)), first.hold().orElseThrow().to());
    PairSeam asNow = new PairSeam(second.id(), name(second, near(second)), there.to());
    PairSeam turned = new PairSeam(second.id(), name(second, near(second).other()), there.from());
    PairSeam direction = samePiece ? turned : asNow;
    PairSeam piece = samePiece ? asNow : turned;
    String to = before.to().equals(direction.to()) ? before.to() : before.to() + " and " + direction.to();
    String nearest = before.nearest().equals(piece.nearest()) ? before.nearest() + " both times" : before.nearest() + ", then the " + piece.nearest();
    return Optional.of(
        new PairPlan(
            first.id(), second.id(), Stream.of(first, second).anyMatch(seam -> settings.on(TurnedSeam.class, seam.id()).isPresent()),
            List.of(
                new PairWay(School.Way.SAME_DIRECTION, !samePiece, List.of(before, direction), "Same direction", "Both run to %s. The nearest piece changes.".formatted(to)),
                new PairWay(School.Way.SAME_PIECE, samePiece, List.of(before, piece), "Same piece nearest", "The %s. The second then runs to %s.".formatted(nearest, piece.to())))));
  }

  private static boolean isChoice(HoldView hold) {
    return hold.kind() == HoldView.Kind.STACKED && hold.forcedBy().isEmpty();
  }

  private boolean isCrossed(SeamPlan first, SeamPlan second) {
    return !TwinSeam.sameSides(Seams.find(seams, first.id()).orElseThrow(), Seams.find(seams, second.id()).orElseThrow(), pieces);
  }

  private static Side near(SeamPlan seam) {
    return seam.hold().orElseThrow().sides().get(0);
  }

  /** The piece, where a side is on one and the other is not on it, too; else what the side is called. */
  private static String name(SeamPlan seam, Side side) {
    SidePlan own = side == Side.A ? seam.a() : seam.b();
    SidePlan other = side == Side.A ? seam.b() : seam.a();
    List<String> names = own.rails().stream().map(Rail::pieceName).distinct().toList();
    boolean isOne = names.size() == 1 && other.rails().stream().noneMatch(rail -> rail.pieceName().equals(names.get(0)));
    return Wording.low(isOne ? names.get(0) : own.name());
  }
}
