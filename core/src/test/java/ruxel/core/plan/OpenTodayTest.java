package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;

/** What is open by the seams that are joined, in whatever order (handbook 10). */
class OpenTodayTest {
  private static final Garment PULLOVER = Wardrobe.pullover();

  @Test
  void nothingHangsTogetherBeforeTheFirstSeam() {
    assertThat(open(Set.of())).isEmpty();
    assertThat(open(Set.of(new SeamId("no.such.seam")))).isEmpty();
  }

  /** One shoulder joined: one opening round both panels. */
  @Test
  void aShoulderLeavesOneOpeningRoundBothPanels() {
    List<GarmentPlan.OpeningPlan> open = open(Set.of(new SeamId("shoulder.left")));
    assertThat(open).hasSize(1);
    List<PiecePlan> panels = Wardrobe.plan(PULLOVER).pieces().stream().filter(piece -> piece.id().equals(new PieceId("back")) || piece.id().equals(new PieceId("front"))).toList();
    double round = panels.stream().flatMap(piece -> piece.edges().stream()).mapToDouble(PiecePlan.EdgePlan::lengthMm).sum();
    double shoulder = Wardrobe.plan(PULLOVER).gluing().openings().stream().mapToDouble(GarmentPlan.OpeningPlan::lengthMm).min().orElseThrow();
    assertThat(open.get(0).lengthMm()).isBetween(round - 2 * shoulder, round);
    assertThat(open.get(0).stretches()).allMatch(stretch -> !stretch.piece().text().startsWith("sleeve"));
  }

  /** By the order of work it agrees with what each step tells, and at the end with the finished garment. */
  @Test
  void agreesWithEachStepOfTheOrder() {
    GarmentPlan plan = Wardrobe.plan(PULLOVER);
    Set<SeamId> joined = new HashSet<>();
    for (GarmentPlan.StepPlan step : plan.steps()) {
      joined.add(step.seam());
      assertThat(open(joined)).extracting(GarmentPlan.OpeningPlan::name).as("after " + step.seam()).containsExactlyInAnyOrderElementsOf(step.openAfter().stream().map(GarmentPlan.OpenNow::name).toList());
    }
    assertThat(open(joined)).isEqualTo(plan.gluing().openings());
  }

  @Test
  void cornersAreCountedByTheirAngles() {
    assertThat(OpeningCorners.words(List.of(180.0, 179.0))).isEqualTo("no corners");
    assertThat(OpeningCorners.words(List.of(90.0, 95.0, 180.0, 270.0))).isEqualTo("2 outer corners and 1 inner corner");
    assertThat(OpeningCorners.words(List.of(360.0, 225.0))).isEqualTo("1 bend and 1 slit end");
  }

  private static List<GarmentPlan.OpeningPlan> open(Set<SeamId> joined) {
    return ((Outcome.Good<List<GarmentPlan.OpeningPlan>>) OpenToday.of(PULLOVER, joined)).value();
  }
}
