package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.garment.Wardrobe;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.match.From;

/** The numbers of handbook 6 and model 4 on a whole garment. */
class WorkedExampleTest {
  private final GarmentPlan cardigan = Wardrobe.plan(Wardrobe.cardigan());

  @Test
  void armholeJoinsFiftyOneStitchesToFourteenAndFourteenRowEnds() {
    SeamPlan armhole = seam(cardigan, new SeamId("armhole.left"));
    assertThat(armhole.joints()).isEqualTo(51);
    assertThat(armhole.a().places()).isEqualTo(51);
    assertThat(armhole.b().places()).isEqualTo(28);
    assertThat(armhole.intervals()).hasSize(2);
    SeamPlan.IntervalView front = armhole.intervals().get(0);
    SeamPlan.IntervalView back = armhole.intervals().get(1);
    assertThat(front.groups())
        .isEqualTo(List.of(List.of(2, 1, 3), List.of(1, 1, 1), List.of(2, 1, 3), List.of(1, 1, 1), List.of(2, 1, 3), List.of(1, 1, 1), List.of(2, 1, 2)));
    assertThat(back.groups()).as("mirrored about the shoulder").isEqualTo(reversed(front.groups()));
    assertThat(front.from()).isEqualTo(From.START);
    assertThat(back.from()).isEqualTo(From.END);
    assertThat(front.optimum().q()).isEqualTo(6.664541, within(1e-6));
    SeamPlan.EaseView ease = armhole.ease().orElseThrow();
    assertThat(ease.share()).isEqualTo(0.0392, within(0.0001));
    assertThat(ease.verdict()).isEqualTo(Ease.Verdict.EASE_EVENLY);
    assertThat(ease.aMm()).isEqualTo(364.29, within(0.01));
    assertThat(ease.bMm()).isEqualTo(350, within(0.01));
  }

  @Test
  void markersStandAtTheRepeatsAndAtTheShoulder() {
    SeamPlan armhole = seam(cardigan, new SeamId("armhole.left"));
    assertThat(armhole.checkpoints())
        .extracting(SeamPlan.CheckpointPlan::placeA)
        .containsExactly(7, 14, 21, 26, 30, 37, 44);
    assertThat(armhole.checkpoints())
        .extracting(SeamPlan.CheckpointPlan::nameB)
        .containsExactly(
            "left front row end 36 (the 4th)", "left front row end 40 (the 8th)", "left front row end 44 (the 12th)", "left front row end 46 (the 14th)",
            "back row end 45 (the 13th)", "back row end 41 (the 9th)", "back row end 37 (the 5th)");
  }

  @Test
  void rightArmholeIsTheTwinOfTheLeft() {
    SeamPlan left = seam(cardigan, new SeamId("armhole.left"));
    SeamPlan right = seam(cardigan, new SeamId("armhole.right"));
    assertThat(right.intervals()).extracting(SeamPlan.IntervalView::groups).isEqualTo(left.intervals().stream().map(SeamPlan.IntervalView::groups).toList());
    assertThat(right.anchors()).extracting(SeamPlan.AnchorPlan::a).isEqualTo(left.anchors().stream().map(SeamPlan.AnchorPlan::a).toList());
  }

  @Test
  void cardiganHasThreeOpeningsAndNothingToComplainOf() {
    assertThat(cardigan.gluing().openings())
        .extracting(GarmentPlan.OpeningPlan::name)
        .containsExactlyInAnyOrder("Fronts, neck and hem", "Left cuff", "Right cuff");
    assertThat(cardigan.gluing().handles()).isZero();
    nothingButStretchesBesideTheShoulder(cardigan);
  }

  @Test
  void pulloverIsTenPointsSixteenSegmentsAndFourOpenings() {
    GarmentPlan pullover = Wardrobe.plan(Wardrobe.pullover());
    assertThat(pullover.gluing().points()).isEqualTo(10);
    assertThat(pullover.gluing().segments()).isEqualTo(16);
    assertThat(pullover.gluing().openings())
        .extracting(GarmentPlan.OpeningPlan::name)
        .containsExactlyInAnyOrder("Neck", "Hem", "Left cuff", "Right cuff");
    nothingButStretchesBesideTheShoulder(pullover);
  }

  /**
   * Model 3, local surplus: half the width of a fixed place counts to each side, so that 4½ stitches (32 mm) lie on two
   * rows (25 mm) between the last marker and the shoulder, and beyond it.
   */
  private static void nothingButStretchesBesideTheShoulder(GarmentPlan plan) {
    assertThat(plan.findings())
        .allMatch(finding -> finding.code() == FindingCode.LOCAL_SURPLUS && finding.facts().stream().anyMatch(fact -> fact.value().equals("7 mm")))
        .extracting(finding -> finding.seam().orElseThrow())
        .containsExactly(new SeamId("armhole.left"), new SeamId("armhole.left"), new SeamId("armhole.right"), new SeamId("armhole.right"));
  }

  @Test
  void orderFollowsFromContiguity() {
    assertThat(cardigan.steps())
        .extracting(GarmentPlan.StepPlan::seam)
        .containsExactly(new SeamId("shoulder.left"), new SeamId("shoulder.right"), new SeamId("armhole.left"), new SeamId("armhole.right"), new SeamId("side.left"), new SeamId("side.right"));
    assertThat(step(new SeamId("armhole.left")).after()).containsExactly(new SeamId("shoulder.left"));
    assertThat(step(new SeamId("side.left")).after()).containsExactly(new SeamId("armhole.left"));
    assertThat(step(new SeamId("side.left")).closing()).hasSize(1);
    assertThat(step(new SeamId("side.left")).closing().get(0).words()).contains("left front", "back", "left sleeve");
    SeamPlan side = cardigan.seams().stream().filter(seam -> seam.id().equals(new SeamId("side.left"))).findFirst().orElseThrow();
    int underarm = side.checkpoints().stream().filter(checkpoint -> checkpoint.name().equals("underarm")).findFirst().orElseThrow().joint();
    assertThat(step(new SeamId("side.left")).closing().get(0).joint()).as("at the underarm, not at the cuff").isEqualTo(underarm);
    assertThat(step(new SeamId("shoulder.left")).closing()).isEmpty();
    assertThat(step(new SeamId("side.right")).openAfter()).hasSize(3);
  }

  @Test
  void benchSaysEachJoint() {
    BenchPlan bench = Directions.of(Wardrobe.cardigan(), new SeamId("armhole.left")).orElseThrow();
    assertThat(bench.joints()).hasSize(51);
    assertThat(bench.joints().get(0).words()).isEqualTo("Stitch 1 and left front row end 33.");
    assertThat(bench.joints().get(1).words()).isEqualTo("Stitch 2 and left front row end 33 again.");
    assertThat(bench.joints().get(25).words()).isEqualTo("Stitch 26 and the seam place.");
    assertThat(bench.joints().get(50).words()).isEqualTo("Stitch 51 and back row end 33 again. Stitch 51 is the turning chain of the left sleeve: take its 3rd chain.");
  }

  private GarmentPlan.StepPlan step(SeamId seam) {
    return cardigan.steps().stream().filter(step -> step.seam().equals(seam)).findFirst().orElseThrow();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static <T> List<T> reversed(List<T> list) {
    List<T> turned = new java.util.ArrayList<>(list);
    java.util.Collections.reverse(turned);
    return turned;
  }
}
