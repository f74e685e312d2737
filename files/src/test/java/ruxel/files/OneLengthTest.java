package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;

/** A length is told in several places of a plan, reckoned in several ways, and is the same in all of them. */
class OneLengthTest {
  private static final int ROUNDS = 30;
  private static final double MM = 0.01;

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void isTheSameWhereverItStands(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < ROUNDS; round++) {
      Template template = Templates.all().get(random.nextInt(Templates.all().size()));
      Garment garment = Garment.of("Pier", new Recipe(template.id(), new Answers(Map.of())));
      for (int i = 0; i < 1 + random.nextInt(12); i++) {
        garment = new RandomChanges(garment, random).next().apply(garment) instanceof Outcome.Good<Garment> good ? good.value() : garment;
      }
      GarmentPlan plan = ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
      String at = "%s, seed %d, round %d".formatted(template.id(), seed, round);
      plan.seams().stream().filter(SeamPlan::planned).forEach(seam -> {
        side(at + ", A of " + seam.name(), seam, seam.a(), true);
        side(at + ", B of " + seam.name(), seam, seam.b(), false);
      });
      plan.pieces().forEach(piece -> piece.edges().forEach(edge -> same(at + ", " + edge.name(), edge.runs().stream().mapToDouble(PiecePlan.RunPlan::lengthMm).sum(), edge.lengthMm())));
      plan.strips().forEach(strip -> strip(at, plan, strip));
      plan.gluing().openings().forEach(
          opening -> same(at + ", " + opening.name(), opening.stretches().stream().mapToDouble(stretch -> part(plan, stretch)).sum(), opening.lengthMm()));
    }
  }

  private static void same(String what, double one, double other) {
    assertThat(one).as(what).isCloseTo(other, within(MM));
  }

  /** Its rails, its ease, its last anchor and its stretches between markers. */
  private static void side(String what, SeamPlan seam, SeamPlan.SidePlan side, boolean isA) {
    same(what, side.rails().stream().mapToDouble(rail -> rail.placeMm() * rail.places()).sum(), side.lengthMm());
    seam.ease().ifPresent(ease -> same(what, isA ? ease.aMm() : ease.bMm(), side.lengthMm()));
    SeamPlan.AnchorPlan end = seam.anchors().get(seam.anchors().size() - 1);
    same(what, isA ? end.aMm() : end.bMm(), side.lengthMm());
    if (!seam.stretches().isEmpty()) {
      SeamPlan.SurplusStretch last = seam.stretches().get(seam.stretches().size() - 1);
      same(what, isA ? last.aToMm() : last.bToMm(), side.lengthMm());
    }
  }

  /** All that lies under it, and what takes a whole edge as long as that edge. */
  private static void strip(String at, GarmentPlan plan, StripPlan strip) {
    same(at + ", " + strip.called(), strip.inner().stream().mapToDouble(StripPlan.InnerPlan::lengthMm).sum(), strip.innerMm());
    // Rows that belong to a piece lie on its edge as it is without them.
    for (StripPlan.InnerPlan inner : strip.row().isEmpty() ? strip.inner() : List.<StripPlan.InnerPlan>of()) {
      plan.pieces().stream().filter(piece -> piece.id().equals(inner.piece())).forEach(
          piece -> same(at + ", " + inner.name(), inner.lengthMm(), part(edge(plan, inner.piece(), inner.edge()), 2 * inner.from(), 2 * inner.to())));
    }
  }

  private static double part(GarmentPlan plan, GarmentPlan.StretchPlan stretch) {
    return part(edge(plan, stretch.piece(), stretch.edge()), stretch.fromHalf(), stretch.toHalf());
  }

  private static PiecePlan.EdgePlan edge(GarmentPlan plan, PieceId piece, String edge) {
    return plan.pieces().stream().filter(each -> each.id().equals(piece)).flatMap(each -> each.edges().stream()).filter(each -> each.id().equals(edge)).findFirst().orElseThrow();
  }

  /** As measured, and with the rows that are held back. */
  private static double part(PiecePlan.EdgePlan edge, int fromHalf, int toHalf) {
    double scale = edge.measuredMm().orElse(edge.lengthMm()) / edge.lengthMm();
    double length = 0;
    int start = 0;
    for (PiecePlan.RunPlan run : edge.runs()) {
      int end = start + 2 * run.count();
      length += Math.max(0, Math.min(end, toHalf) - Math.max(start, fromHalf)) * scale * run.lengthMm() * (run.count() + run.heldBack()) / run.count() / (2 * run.count());
      start = end;
    }
    return length;
  }
}
