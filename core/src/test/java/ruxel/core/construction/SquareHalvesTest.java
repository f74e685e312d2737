package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Laid.plan;
import static ruxel.core.construction.Laid.seam;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.construction.Answers.Answer;
import ruxel.core.construction.Answers.Numeric;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;

/** Halves of squares (handbook 4.6): two boards over the shoulders, joined at the centre back, fronts left open. */
class SquareHalvesTest {
  private static Map<String, Answer> answers(int neck) {
    return new HashMap<>(
        Map.of(
            "motifSide", new Numeric(10), "motifStitches", new Numeric(14), "halfAcross", new Numeric(3), "squaresHigh", new Numeric(5), "sleeveDeep", new Numeric(2), "neckAcross",
            new Numeric(neck), "neckDeep", new Numeric(1), "sleeveSquares", new Numeric(4)));
  }

  /** 3 × 10 squares of the body less one of the neck, and 4 × 4 of the sleeve; side 3 squares, sleeve 4, centre 5, of 16 places each. */
  @Test
  void aJacketOfTwoHalves() {
    GarmentPlan plan = plan("square-halves", answers(1));
    assertThat(plan.boards()).allMatch(board -> board.cells().size() == 3 * 10 - 1 + 4 * 4);
    assertThat(plan.findings()).filteredOn(finding -> finding.level() != FindingCode.Level.NOTE).extracting(FindingView::sentence).isEmpty();
    SeamPlan side = seam(plan, new SeamId("side.left"));
    assertThat(side.a().places()).isEqualTo((3 + 4) * 16);
    assertThat(side.b().places()).isEqualTo((3 + 4) * 16);
    assertThat(seam(plan, new SeamId("side.right")).joints()).isEqualTo(side.joints());
    assertThat(seam(plan, new SeamId("centre")).a().places()).isEqualTo(5 * 16);
    assertThat(plan.gluing().openings()).extracting(GarmentPlan.OpeningPlan::name).containsExactlyInAnyOrder("Fronts, neck and hem", "Left cuff", "Right cuff");
    assertThat(plan.gluing().openings().stream().filter(opening -> opening.name().endsWith("cuff"))).allSatisfy(cuff -> assertThat(cuff.lengthMm()).isCloseTo(400, within(1e-6)));
    assertThat(open(plan)).as("hems 4 × 3, fronts 2 × 4, necks 2 × (1 + 1 + 1)").isCloseTo(1000 * (1.2 + 0.8 + 0.6), within(1e-6));
  }

  /** Without squares left out, the neck is the upper end of the slit between the fronts. */
  @Test
  void aNeckThatIsOnlyASlit() {
    GarmentPlan plan = plan("square-halves", answers(0));
    assertThat(plan.findings()).filteredOn(finding -> finding.level() != FindingCode.Level.NOTE).extracting(FindingView::sentence).isEmpty();
    assertThat(plan.boards()).allMatch(board -> board.cells().size() == 3 * 10 + 4 * 4);
    assertThat(seam(plan, new SeamId("centre")).a().places()).isEqualTo(5 * 16);
    assertThat(open(plan)).isCloseTo(1000 * (1.2 + 1.0), within(1e-6));
  }

  /** Round the body, twice half of the back and twice half of the front; from the centre to the wrist; whip stitch takes nothing in, and a cuff of 40 cm stretches by 1.15. */
  @Test
  void itsSizes() {
    GarmentPlan plan = plan("square-halves", answers(1));
    assertThat(plan.wearer()).extracting(check -> check.check() + " " + Math.round(check.found() / 10)).contains("BODY 120", "CUFF 46", "REACH 70");
    assertThat(plan.worn()).hasSize(2);
  }

  private static double open(GarmentPlan plan) {
    return plan.gluing().openings().stream().filter(opening -> opening.name().startsWith("Fronts")).findFirst().orElseThrow().lengthMm();
  }
}
