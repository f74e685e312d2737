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
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.plan.PairPlan.PairSeam;
import ruxel.core.plan.PairPlan.PairWay;

/** Finds the pairs of seams whose second can be held in two ways. Linear in the seams. */
final class PairPlans {
  private final Map<PieceId, Piece> pieces = new HashMap<>();
  private final Settings settings;

  private PairPlans(List<Piece> all, Settings settings) {
    this.settings = settings;
    all.forEach(piece -> pieces.put(piece.id(), piece));
  }

  static List<PairPlan> of(List<SeamPlan> seams, List<Piece> pieces, Settings settings) {
    PairPlans plans = new PairPlans(pieces, settings);
    Map<SeamId, SeamPlan> byId = new HashMap<>();
    seams.forEach(seam -> byId.put(seam.id(), seam));
    Set<SeamId> done = new HashSet<>();
    List<PairPlan> pairs = new ArrayList<>();
    for (SeamPlan seam : seams) {
      done.add(seam.id());
      seam.twin().filter(twin -> !done.contains(twin)).map(byId::get).flatMap(twin -> plans.pair(seam, twin)).ifPresent(pairs::add);
    }
    return pairs;
  }

  private Optional<PairPlan> pair(SeamPlan first, SeamPlan second) {
    if (first.hold().filter(PairPlans::isChoice).isEmpty() || second.hold().filter(PairPlans::isChoice).isEmpty()) {
      return Optional.empty();
    }
    boolean samePiece = nearest(first).equals(nearest(second)) || isImage(nearest(first), nearest(second));
    HoldView here = first.hold().get();
    HoldView there = second.hold().get();
    PairSeam before = new PairSeam(first.id(), name(here, 0), here.to());
    PairSeam asNow = new PairSeam(second.id(), name(there, 0), there.to());
    PairSeam turned = new PairSeam(second.id(), name(there, 1), there.from());
    PairSeam direction = samePiece ? turned : asNow;
    PairSeam piece = samePiece ? asNow : turned;
    return Optional.of(
        new PairPlan(
            first.id(), second.id(), Stream.of(first, second).anyMatch(seam -> settings.on(TurnedSeam.class, seam.id()).isPresent()),
            List.of(
                new PairWay(School.Way.SAME_DIRECTION, !samePiece, List.of(before, direction), "Same direction", "Both run to %s. The nearest piece changes.".formatted(here.to().equals(direction.to()) ? here.to() : here.to() + " and " + direction.to())),
                new PairWay(School.Way.SAME_PIECE, samePiece, List.of(before, piece), "Same piece nearest", "The %s both times. The second then runs to %s.".formatted(shared(before, piece), piece.to())))));
  }

  private static boolean isChoice(HoldView hold) {
    return hold.kind() == HoldView.Kind.STACKED && hold.forcedBy().isEmpty();
  }

  private static PieceId nearest(SeamPlan seam) {
    return seam.hold().orElseThrow().pieces().get(0);
  }

  private boolean isImage(PieceId one, PieceId other) {
    return pieces.containsKey(one) && pieces.get(one).twinAmong(List.copyOf(pieces.values())).filter(twin -> twin.id().equals(other)).isPresent();
  }

  private String name(HoldView hold, int index) {
    return Optional.ofNullable(pieces.get(hold.pieces().get(index))).map(Piece::name).map(Wording::low).orElse("piece");
  }

  /** What both are called, or the first and the second where they are mirror images. */
  private static String shared(PairSeam one, PairSeam other) {
    return one.nearest().equals(other.nearest()) ? one.nearest() : one.nearest() + ", then the " + other.nearest();
  }
}
