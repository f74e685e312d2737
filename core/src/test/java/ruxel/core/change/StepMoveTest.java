package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruxel.core.decision.WantedOrder;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.order.Reason;
import ruxel.core.plan.GarmentPlan;

/** The maker's own order within the musts (handbook 13). */
class StepMoveTest {
  private static final List<SeamId> USUAL =
      List.of(
          new SeamId("shoulder.left"), new SeamId("shoulder.right"), new SeamId("armhole.left"), new SeamId("armhole.right"), new SeamId("side.left"), new SeamId("side.right"));
  private final Garment cardigan = Wardrobe.cardigan();

  @Test
  void oneSideCompleteBeforeTheOther() {
    Garment moved = moved(moved(moved(cardigan, new SeamId("armhole.left"), new SeamId("shoulder.right")), new SeamId("side.left"), new SeamId("shoulder.right")), new SeamId("armhole.right"), new SeamId("side.right"));
    GarmentPlan plan = Wardrobe.plan(moved);
    assertThat(order(moved))
        .containsExactly(new SeamId("shoulder.left"), new SeamId("armhole.left"), new SeamId("side.left"), new SeamId("shoulder.right"), new SeamId("armhole.right"), new SeamId("side.right"));
    assertThat(codes(plan, new SeamId("armhole.left")))
        .containsExactly(Reason.Code.MAKES_POINT, Reason.Code.SLEEVE_BEFORE_SHOULDERS, Reason.Code.FLAT_FIRST, Reason.Code.YOURS);
    assertThat(codes(plan, new SeamId("side.left"))).as("no seam of this cardigan is worked round a tube").doesNotContain(Reason.Code.CLOSES_EARLY, Reason.Code.CLOSES_LAST);
    assertThat(codes(plan, new SeamId("shoulder.right"))).doesNotContain(Reason.Code.SHOULDERS_FIRST);
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::number).containsExactly(1, 2, 3, 4, 5, 6);
    assertThat(plan.steps().get(5).openAfter()).hasSize(3);
  }

  @Test
  void aSleeveCannotComeBeforeItsShoulderAndTheReasonIsSaid() {
    List<Finding> findings = new OrderChange.StepMoved(new SeamId("armhole.left"), Optional.of(new SeamId("shoulder.left"))).apply(cardigan).findings();
    assertThat(findings).extracting(Finding::code).containsExactly(FindingCode.STEP_FORBIDDEN);
    assertThat(findings.get(0).sentence(cardigan.wording()))
        .startsWith("The left armhole cannot come before the left shoulder. After the left shoulder: it brings");
    assertThat(new OrderChange.StepMoved(new SeamId("shoulder.left"), Optional.empty()).apply(cardigan).findings())
        .as("everything that waits for it is named")
        .extracting(Finding::code)
        .containsOnly(FindingCode.STEP_FORBIDDEN);
  }

  @Test
  void theOrderCanBeLeftToTheHouseAgain() {
    Garment moved = moved(cardigan, new SeamId("shoulder.right"), new SeamId("shoulder.left"));
    assertThat(order(moved).get(0)).isEqualTo(new SeamId("shoulder.right"));
    assertThat(order(good(new OrderChange.OrderLeft().apply(moved)))).isEqualTo(USUAL);
  }

  @Test
  void namesWhatIsNotThere() {
    assertThat(new OrderChange.StepMoved(new SeamId("hood"), Optional.empty()).apply(cardigan).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_SEAM);
    assertThat(new OrderChange.StepMoved(new SeamId("side.left"), Optional.of(new SeamId("hood"))).apply(cardigan).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_SEAM);
    assertThat(order(moved(cardigan, new SeamId("side.left"), new SeamId("side.left")))).isEqualTo(USUAL);
  }

  @Test
  void anyRunOfMovesKeepsEveryMust() {
    long seed = 20261125;
    Random random = new Random(seed);
    Garment garment = cardigan;
    int accepted = 0;
    for (int i = 0; i < 60; i++) {
      SeamId seam = USUAL.get(random.nextInt(USUAL.size()));
      Optional<SeamId> before = random.nextInt(4) == 0 ? Optional.empty() : Optional.of(USUAL.get(random.nextInt(USUAL.size())));
      Outcome<Garment> outcome = new OrderChange.StepMoved(seam, before).apply(garment);
      if (outcome instanceof Outcome.Good<Garment> good) {
        accepted++;
        garment = good.value();
      }
      List<SeamId> order = order(garment);
      assertThat(order).as("seed %d, move %d", seed, i).containsExactlyInAnyOrderElementsOf(USUAL);
      for (GarmentPlan.StepPlan step : Wardrobe.plan(garment).steps()) {
        step.after().forEach(first -> assertThat(order.indexOf(first)).isLessThan(order.indexOf(step.seam())));
      }
    }
    assertThat(accepted).isGreaterThan(5);
  }

  /** An order given in a file that breaks a must is told and mended, never worked. */
  @Test
  void anUnlawfulOrderIsAFindingAtEachSeamThatCannotStandThere() {
    List<SeamId> wanted = List.of(new SeamId("armhole.left"), new SeamId("shoulder.left"), new SeamId("shoulder.right"), new SeamId("armhole.right"), new SeamId("side.right"), new SeamId("side.left"));
    GarmentPlan plan = Wardrobe.plan(cardigan.withSettings(cardigan.settings().with(new WantedOrder(wanted))));
    assertThat(plan.findings())
        .filteredOn(finding -> finding.code() == FindingCode.ORDER_BROKEN)
        .singleElement()
        .satisfies(finding -> assertThat(finding.seam()).contains(new SeamId("armhole.left")));
    List<SeamId> steps = plan.steps().stream().map(GarmentPlan.StepPlan::seam).toList();
    assertThat(steps.indexOf(new SeamId("shoulder.left"))).isLessThan(steps.indexOf(new SeamId("armhole.left")));
    assertThat(steps.indexOf(new SeamId("side.right"))).isLessThan(steps.indexOf(new SeamId("side.left")));
  }

  private static List<Reason.Code> codes(GarmentPlan plan, SeamId seam) {
    return plan.steps().stream()
        .filter(step -> step.seam().equals(seam))
        .flatMap(step -> step.reasons().stream())
        .map(GarmentPlan.ReasonView::code)
        .toList();
  }

  private static List<SeamId> order(Garment garment) {
    return Wardrobe.plan(garment).steps().stream().map(GarmentPlan.StepPlan::seam).toList();
  }

  private static Garment moved(Garment garment, SeamId seam, SeamId before) {
    return good(new OrderChange.StepMoved(seam, Optional.of(before)).apply(garment));
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
