package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Mirror;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/**
 * Odd but lawful garments: edges of many runs cut anywhere, seams of many spans, anchors on anything, one stitch
 * against many. Whatever is wrong is a finding; the plan itself always comes, and its planned seams add up.
 */
class RandomPlansTest {
  private static final int GARMENTS = Integer.getInteger("ruxel.garments", 300);
  private static final Cloth CLOTH = new Cloth(7, 9, 5, Cloth.Dye.WOAD, Cloth.Dye.WELD);

  /** Of each piece, what no seam has taken yet, in the ring's direction. */
  private final List<List<Span>> stretches = new ArrayList<>();
  private final List<Span> joined = new ArrayList<>();
  private final List<Piece> pieces = new ArrayList<>();
  private Random random;

  static IntStream seeds() {
    return IntStream.rangeClosed(1, GARMENTS);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void planned(int seed) {
    random = new Random(seed);
    Garment garment = garment();
    Outcome<GarmentPlan> outcome = Planner.plan(garment);
    assertThat(outcome).isInstanceOf(Outcome.Good.class);
    GarmentPlan plan = ((Outcome.Good<GarmentPlan>) outcome).value();
    assertThat(plan.steps()).hasSameSizeAs(plan.steps().stream().map(GarmentPlan.StepPlan::seam).distinct().toList());
    for (SeamPlan seam : plan.seams()) {
      holds(seam);
    }
  }

  /** Intervals follow each other from end to end, with an anchor's place between at most; stretches likewise, in mm. */
  private static void holds(SeamPlan seam) {
    if (!seam.planned()) {
      return;
    }
    int a = 0;
    int b = 0;
    for (SeamPlan.IntervalView interval : seam.intervals()) {
      assertThat(interval.aFrom() - a).as(seam.id() + ": places at anchors").isBetween(0, 1 + seam.anchors().size());
      assertThat(Math.abs(interval.aFrom() - a - (interval.bFrom() - b))).as(seam.id() + ": seam places may lie between").isLessThanOrEqualTo(seam.anchors().size());
      a = interval.aTo();
      b = interval.bTo();
    }
    double to = 0;
    for (SeamPlan.SurplusStretch stretch : seam.stretches()) {
      assertThat(stretch.aFromMm()).as(seam.id() + " follows on").isCloseTo(to, within(0.01));
      assertThat(stretch.aToMm()).as(seam.id() + " never runs backwards").isGreaterThanOrEqualTo(to - 0.01);
      to = stretch.aToMm();
    }
    assertThat(to).as(seam.id() + " in stretches").isCloseTo(seam.a().lengthMm(), within(0.01));
  }

  private Garment garment() {
    int count = 1 + random.nextInt(4);
    for (int p = 0; p < count; p++) {
      pieces.add(piece(new PieceId("p" + p)));
    }
    List<Seam> seams = new ArrayList<>();
    while (stretches.stream().anyMatch(list -> !list.isEmpty()) && random.nextInt(8) > 0) {
      List<Span> a = neighbours();
      List<Span> b = neighbours();
      if (!a.isEmpty() && !b.isEmpty()) {
        seams.add(seam(new SeamId("s" + seams.size()), a, b));
        joined.addAll(a);
      }
    }
    List<ExpectedOpening> openings =
        IntStream.range(0, joined.isEmpty() ? 0 : random.nextInt(3))
            .mapToObj(i -> new ExpectedOpening("o" + i, "Opening " + i, ExpectedOpening.Kind.values()[i % ExpectedOpening.Kind.values().length], List.of(joined.get(random.nextInt(joined.size())))))
            .toList();
    return new Garment(
        "Odd", Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.empty(), pieces, seams, openings, Settings.NONE, new HouseRules(Map.of()));
  }

  private Piece piece(PieceId id) {
    List<Edge> edges = new ArrayList<>();
    List<Span> free = new ArrayList<>();
    int sides = 1 + random.nextInt(5);
    for (int e = 0; e < sides; e++) {
      List<Run> runs = new ArrayList<>();
      for (int r = 0; r < 1 + random.nextInt(3); r++) {
        runs.add(run("r" + r, 2 * Math.PI * e / sides));
      }
      Edge edge = Edge.of("e" + e, "edge " + e, runs);
      edges.add(edge);
      free.addAll(cutUp(id, edge));
    }
    stretches.add(free);
    Optional<Mirror> mirror =
        random.nextInt(3) > 0
            ? Optional.empty()
            : Optional.of(new Mirror(new PieceId("p" + random.nextInt(4)), Map.of("e0", "e" + random.nextInt(sides), "e1", "e" + random.nextInt(6))));
    return new Piece(id, id.text(), Piece.Part.OTHER, edges, mirror, CLOTH);
  }

  private Run run(String id, double angle) {
    UnitKind kind = List.of(UnitKind.STITCH_TOP, UnitKind.FOUNDATION_LOOP, UnitKind.ROW_END, UnitKind.CHAIN_SPACE).get(random.nextInt(4));
    int count = random.nextInt(3) == 0 ? 1 : random.nextInt(6) == 0 ? 60 + random.nextInt(60) : 1 + random.nextInt(20);
    double width = 2 + random.nextInt(20);
    return Run.plain(id, kind, count, new Advance(width * Math.cos(angle), width * Math.sin(angle)));
  }

  /** The whole edge, or up to four stretches of it with gaps between. */
  private List<Span> cutUp(PieceId piece, Edge edge) {
    List<Span> found = new ArrayList<>();
    int at = 0;
    for (int i = 0; i < 4 && at < edge.units(); i++) {
      int from = at + (random.nextInt(8) == 0 ? random.nextInt(edge.units() - at) : 0);
      int to = random.nextBoolean() ? edge.units() : from + 1 + random.nextInt(edge.units() - from);
      found.add(new Span(piece, edge.id(), Cut.at(edge, from), Cut.at(edge, to), Span.Along.FORWARD));
      at = to;
    }
    return found;
  }

  /** Up to four stretches of one piece one after the other, mostly; now and then turned one by one. */
  private List<Span> neighbours() {
    List<Span> free = stretches.get(random.nextInt(stretches.size()));
    List<Span> taken = new ArrayList<>(free.subList(0, Math.min(free.size(), 1 + random.nextInt(random.nextBoolean() ? 1 : 4))));
    free.removeAll(taken);
    if (random.nextBoolean()) {
      Collections.reverse(taken);
      taken.replaceAll(RandomPlansTest::turned);
    } else if (random.nextInt(6) == 0) {
      taken.replaceAll(span -> random.nextBoolean() ? turned(span) : span);
    }
    return taken;
  }

  private static Span turned(Span span) {
    return new Span(span.piece(), span.edge(), span.fromInclusive(), span.toExclusive(), span.along() == Span.Along.FORWARD ? Span.Along.BACKWARD : Span.Along.FORWARD);
  }

  private Seam seam(SeamId id, List<Span> a, List<Span> b) {
    List<Anchor> anchors = new ArrayList<>();
    int most = random.nextInt(3) == 0 ? 12 : random.nextInt(3);
    List<Spot> onA = spots(a, most);
    List<Spot> onB = spots(b, most);
    for (int i = 0; i < Math.min(onA.size(), onB.size()); i++) {
      anchors.add(new Anchor("n" + i, "Anchor " + i, onA.get(i), onB.get(i)));
    }
    List<String> hidden = new ArrayList<>();
    for (String end : List.of(Seam.START, Seam.END, "n0")) {
      if (random.nextInt(3) == 0 && (!end.equals("n0") || most > 0)) {
        hidden.add(end);
      }
    }
    Seam.Working working =
        new Seam.Working(
            random.nextBoolean(), Surplus.values()[random.nextInt(Surplus.values().length)],
            random.nextInt(3) == 0 ? random.nextDouble() : 0, random.nextInt(3) == 0);
    SeamRole role = SeamRole.values()[random.nextInt(SeamRole.values().length)];
    return new Seam(id, "Seam " + id, role, side("A", a), side("B", b), anchors, hidden, working, Optional.empty());
  }

  private Seam.SideOf side(String name, List<Span> spans) {
    Optional<Integer> places = random.nextInt(4) == 0 ? Optional.of(1 + random.nextInt(3)) : Optional.empty();
    return new Seam.SideOf(name, spans, places, Seam.Spaces.values()[random.nextInt(2)]);
  }

  /** Spots along a side; one in ten pairs lies in no order. */
  private List<Spot> spots(List<Span> spans, int most) {
    List<Spot> all = new ArrayList<>();
    for (Span span : spans) {
      List<Spot> own = new ArrayList<>();
      Edge edge = pieces.stream().filter(p -> p.id().equals(span.piece())).flatMap(p -> p.edges().stream()).filter(e -> e.id().equals(span.edge())).findFirst().orElseThrow();
      int from = index(edge, span.fromInclusive());
      int to = index(edge, span.toExclusive());
      for (int at = from; at <= to; at++) {
        Cut cut = Cut.at(edge, at);
        own.add(random.nextInt(20) > 0 && at < to ? Spot.unit(span.piece(), span.edge(), cut) : Spot.cut(span.piece(), span.edge(), cut));
      }
      if (span.along() == Span.Along.BACKWARD) {
        Collections.reverse(own);
      }
      all.addAll(own);
    }
    List<Integer> chosen = new ArrayList<>(random.ints(most, 0, all.size()).distinct().boxed().toList());
    if (random.nextInt(10) > 0) {
      Collections.sort(chosen);
    }
    return chosen.stream().map(all::get).toList();
  }

  private static int index(Edge edge, Cut cut) {
    return IntStream.rangeClosed(0, edge.units()).filter(i -> Cut.at(edge, i).equals(cut)).findFirst().orElseThrow();
  }
}
