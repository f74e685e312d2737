package ruxel.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.bench.BenchPlan.BenchJoint;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.construction.Construct;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.InnerPlan;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;
import ruxel.core.seam.TwinSeam;
import ruxel.core.strip.EdgeUnits;

/** What was done on the first side is told on the second while that is worked (handbook 11, mirror ledger). */
public final class MirrorLedger {
  private static final String OTHER_SIDE = "On the other side";

  private final List<Piece> pieces;
  private final BenchPlan mine;
  private final Departures there;

  private MirrorLedger(List<Piece> pieces, BenchPlan mine, Departures there) {
    this.pieces = pieces;
    this.mine = mine;
    this.there = there;
  }

  /**
   * Where a seam is to be worked as its twin was. Linear in the joints for each departure.
   *
   * @param there what was done to the twin, by the plan that one was worked by
   */
  public static List<Prompt> ofSeam(Construct construct, SeamId seam, SeamId twin, BenchPlan mine, Departures there) {
    Optional<ResolvedSeam> here = construct.resolved(seam);
    Optional<ResolvedSeam> other = construct.resolved(twin);
    return here.isEmpty() || other.isEmpty() ? List.of() : new MirrorLedger(construct.pieces(), mine, there).ofSeam(here.get(), other.get());
  }

  /** Where an edging is to be worked as the one it mirrors was; both run the same way round, so that one begins where the other ends. */
  public static List<Prompt> ofStrip(Construct construct, StripPlan strip, StripPlan original, BenchPlan mine, Departures there) {
    return new MirrorLedger(construct.pieces(), mine, there).ofStrip(strip.inner(), original.inner());
  }

  /** Whether an edging lies on the mirror image of what another lies on. */
  public static boolean areTwins(Construct construct, StripPlan strip, StripPlan other) {
    return !other.inner().isEmpty() && strip.inner().size() == other.inner().size() && other.inner().stream().allMatch(inner -> image(inner, strip.inner(), construct.pieces()).isPresent());
  }

  /** Where a line of a board is to be worked as the same line of its mirror image was: both are told in the same order. */
  public static List<Prompt> ofLine(BenchPlan mine, Departures there) {
    return there.done().stream().map(departure -> Departures.alike(Math.min(departure.joint(), mine.joints().size() - 1), OTHER_SIDE, there.words(departure))).toList();
  }

  private List<Prompt> ofSeam(ResolvedSeam seam, ResolvedSeam twin) {
    boolean crossed = !TwinSeam.sameSides(seam.seam(), twin.seam(), pieces);
    boolean reversed = runsBack(seam, twin, crossed);
    return there.done().stream().map(departure -> prompt(departure, crossed, reversed)).toList();
  }

  private Prompt prompt(Departure departure, boolean crossed, boolean reversed) {
    Side theirs = departure.side().orElse(Side.A);
    int[] theirUsed = used(there.plan().joints(), theirs);
    int[] used = used(mine.joints(), crossed ? theirs.other() : theirs);
    int all = theirUsed[theirUsed.length - 1];
    int done = theirUsed[Math.min(departure.joint(), theirUsed.length - 1)];
    int before = (int) Math.round((double) (reversed ? all - done : done) * used[used.length - 1] / Math.max(1, all));
    int joint = IntStream.range(0, used.length - 1).filter(i -> used[i] >= before).findFirst().orElse(Math.max(0, used.length - 2));
    String other = there.plan().plan().map(seam -> "At the " + Wording.low(seam.name())).orElse(OTHER_SIDE);
    return Departures.alike(joint, other, there.words(departure));
  }

  /** Places of a side that are used up behind no joint, one, two and so on. */
  private static int[] used(List<BenchJoint> joints, Side side) {
    int[] used = new int[joints.size() + 1];
    for (int i = 0; i < joints.size(); i++) {
      used[i + 1] = Math.max(used[i], 1 + (side == Side.A ? joints.get(i).a() : joints.get(i).b()));
    }
    return used;
  }

  /** Whether the mirror image of a seam begins where the seam ends: a mirror turns the way round an edge. */
  private boolean runsBack(ResolvedSeam seam, ResolvedSeam twin, boolean crossed) {
    return Stream.of(Side.values())
        .flatMap(side -> seam.side(side).stream().flatMap(span -> image(span, twin.side(crossed ? side.other() : side)).map(image -> image.forward() == span.forward()).stream()))
        .findFirst()
        .orElse(false);
  }

  private Optional<ResolvedSpan> image(ResolvedSpan span, List<ResolvedSpan> among) {
    return span.piece().twinAmong(pieces)
        .flatMap(twin -> among.stream().filter(other -> other.piece().id().equals(twin.id()) && other.edge().id().equals(span.piece().edgeOnTwin(twin, span.edge().id()))).findFirst());
  }

  private List<Prompt> ofStrip(List<InnerPlan> here, List<InnerPlan> other) {
    List<Prompt> prompts = new ArrayList<>();
    for (Departure departure : there.done()) {
      for (int r = 0; r < Math.min(mine.rounds().size(), there.plan().rounds().size()); r++) {
        BenchRound round = mine.rounds().get(r);
        List<BenchSegment> stretches = Departures.stretches(there.plan().rounds().get(r));
        for (int i = 0; i < Math.min(stretches.size(), other.size()); i++) {
          BenchSegment worked = stretches.get(i);
          if (Departures.holds(worked, departure.joint())) {
            image(other.get(i), here, pieces)
                .filter(image -> image < Departures.stretches(round).size())
                .map(image -> Departures.along(Departures.stretches(round).get(image), worked.to() - departure.joint(), worked))
                .ifPresent(joint -> prompts.add(Departures.alike(joint, OTHER_SIDE, there.words(departure))));
          }
        }
      }
    }
    return prompts;
  }

  private static Optional<Integer> image(InnerPlan inner, List<InnerPlan> among, List<Piece> pieces) {
    return on(inner).image(pieces).flatMap(image -> IntStream.range(0, among.size()).boxed().filter(i -> on(among.get(i)).equals(image)).findFirst());
  }

  private static EdgeUnits on(InnerPlan inner) {
    return new EdgeUnits(inner.piece(), inner.edge(), inner.from(), inner.to());
  }
}
