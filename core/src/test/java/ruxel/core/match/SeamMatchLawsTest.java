package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Surplus;
import ruxel.testkit.PlanChecker;

/** Laws of whole seams over edges of every kind of unit and corners of every kind, checked from outside (model 3). */
class SeamMatchLawsTest {
  private static final UnitKind[] KINDS = {UnitKind.STITCH_TOP, UnitKind.FOUNDATION_LOOP, UnitKind.ROW_END, UnitKind.CHAIN_SPACE};

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 60);
  }

  /** Every interval's plan is one, costs what it says, and its optimum is the least there is. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyIntervalIsAPlanAndItsOptimumTheLeast(int seed) {
    SeamMatch match = random(seed, false);
    for (int i = 0; i < match.intervals().size(); i++) {
      Stretch a = match.intervals().get(i).stretchA(match.a());
      Stretch b = match.intervals().get(i).stretchB(match.b());
      PlanChecker checker = new PlanChecker(a.widths(), a.noEase(), a.spaces(), b.widths(), b.noEase(), b.spaces());
      IntervalPlan plan = match.plans().get(i);
      List<int[]> groups = plan.groups().stream().map(group -> new int[] {group.p(), group.q()}).toList();
      assertThat(checker.faults(groups)).isEmpty();
      assertThat(checker.score(groups).q()).isEqualTo(plan.cost().q(), within(1e-6 * (1 + plan.cost().q())));
      PlanChecker.Score least = checker.plainTable();
      assertThat(plan.optimum().e()).isEqualTo(least.e());
      assertThat(plan.optimum().q()).isEqualTo(least.q(), within(1e-6 * (1 + least.q())));
    }
  }

  /** Joints take up every place of both sides in order; a place is passed again only where several share it. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void jointsUseUpBothSidesInOrder(int seed) {
    SeamMatch match = random(seed, false);
    int a = 0;
    int b = 0;
    for (Joints.Joint joint : match.joints()) {
      assertThat(joint.a()).isBetween(a - 1, a);
      assertThat(joint.b()).isBetween(b - 1, b);
      a = joint.a() + 1;
      b = joint.b() + 1;
    }
    assertThat(a).isEqualTo(match.a().size());
    assertThat(b).isEqualTo(match.b().size());
  }

  /** All at once there is one joint for each group. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void togetherThereIsOneJointForEachGroup(int seed) {
    SeamMatch match = random(seed, true);
    assertThat(match.joints()).hasSize(match.plans().stream().mapToInt(plan -> plan.groups().size()).sum());
  }

  /** Without anchors inside, the stretches between markers add up to each side and leave nothing out. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void stretchesBetweenMarkersAddUp(int seed) {
    SeamMatch match = random(seed, false);
    assertThat(match.stretches().stream().mapToDouble(s -> s.ease().aMm()).sum()).isEqualTo(match.a().lengthMm(0, match.a().size()), within(1e-6));
    assertThat(match.stretches().stream().mapToDouble(s -> s.ease().bMm()).sum()).isEqualTo(match.b().lengthMm(0, match.b().size()), within(1e-6));
    for (int i = 1; i < match.stretches().size(); i++) {
      assertThat(match.stretches().get(i).aFromMm()).isEqualTo(match.stretches().get(i - 1).aToMm(), within(1e-6));
    }
  }

  /** A position of the seam means the same spot when it is stored and read again, unless it is a corner's. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aStoredSpotIsFoundAgain(int seed) {
    SideLayout side = random(seed, false).a();
    for (int place = 0; place < side.size(); place++) {
      if (side.places().get(place).isOfEdge() && side.places().get(place).parts() == 1) {
        assertThat(side.positionOf(side.spotAt(2 * place + 1))).hasValue(2 * place + 1);
      }
    }
  }

  private static SeamMatch random(int seed, boolean together) {
    Random random = new Random(seed);
    Piece below = piece(new PieceId("below"), random);
    Piece above = piece(new PieceId("above"), random);
    Seam seam =
        new Seam(
            new SeamId("s"), "Seam", SeamRole.OTHER, side(below, "top", Along.BACKWARD), side(above, "bottom", Along.FORWARD), List.of(), List.of(),
            new Seam.Working(together, Surplus.EVEN, 0, random.nextBoolean()), Optional.empty());
    SeamMatch match = SeamMatch.of(SeamResolver.resolve(List.of(below, above), List.of(seam)).seams().get(0), HouseRules.USUAL);
    assertThat(match.isPlanned()).isTrue();
    return match;
  }

  private static Seam.SideOf side(Piece piece, String edge, Along along) {
    List<Run> runs = piece.edge(edge).orElseThrow().runs();
    return Seam.SideOf.of(edge, Span.ofRuns(piece.id(), edge, runs.get(0).id(), runs.get(runs.size() - 1).id(), along));
  }

  /** A rectangle whose top and bottom are told in parts of every kind, some of them taking no ease. */
  private static Piece piece(PieceId id, Random random) {
    Piece plain = Panels.rectangle(id, 10, 10);
    List<Edge> edges = plain.edges().stream().map(edge -> edge.id().equals("top") || edge.id().equals("bottom") ? told(edge, random) : edge).toList();
    Map<String, Corner> corners = new HashMap<>();
    for (Edge edge : edges) {
      if (random.nextInt(3) == 0) {
        corners.put(edge.id(), Corner.values()[random.nextInt(Corner.values().length)]);
      }
    }
    return plain.withEdges(edges).withCorners(corners);
  }

  private static Edge told(Edge edge, Random random) {
    List<Run> runs = new ArrayList<>();
    int parts = 1 + random.nextInt(4);
    double way = Math.signum(edge.runs().get(0).advance().dxMm());
    for (int i = 0; i < parts; i++) {
      UnitKind kind = KINDS[random.nextInt(KINDS.length)];
      boolean space = kind == UnitKind.CHAIN_SPACE;
      int count = space ? 1 + random.nextInt(2) : 3 + random.nextInt(20);
      double width = (space ? 15 : 4) + random.nextInt(8);
      runs.add(
          new Run(
              "r" + i, kind, Counts.planned(count), new Advance(way * width, 0), Fabric.PLAIN, random.nextInt(5) == 0,
              new Run.Notes("", space ? 3 : 0, 0)));
    }
    return edge.withRuns(runs);
  }
}
