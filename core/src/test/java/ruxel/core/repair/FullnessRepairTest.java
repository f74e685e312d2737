package ruxel.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.SeamChange;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

/** Fullness that was told and is not there. */
class FullnessRepairTest {
  /** Fullness told by mistake for the body is taken back. */
  @Test
  void fullnessToldForTheWrongSideCanBeTakenBack() {
    SeamChange.SeamWorked.Way full =
        new SeamChange.SeamWorked.Way(false, Surplus.EVEN, 0.174, Optional.of(Side.A), false, SideWorking.USUAL, SideWorking.USUAL);
    Garment told = after(Wardrobe.cardigan(), new SeamChange.SeamWorked(new SeamId("armhole.left"), full));
    Repair back = Repairs.of(told, new SeamId("armhole.left"), Set.of()).stream().filter(r -> r.title().equals("Mean no fullness here")).findFirst().orElseThrow();
    assertThat(back.words()).startsWith("Without the 17.4 % that are meant");
    assertThat(verdict(applied(told, back), new SeamId("armhole.left"))).isEqualTo(verdict(Wardrobe.plan(Wardrobe.cardigan()), new SeamId("armhole.left")));
  }

  private static Garment after(Garment garment, Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(garment, List.of(changes))).value();
  }

  private static GarmentPlan applied(Garment garment, Repair repair) {
    return Wardrobe.plan(after(garment, repair.changes().toArray(Change[]::new)));
  }

  private static Ease.Verdict verdict(GarmentPlan plan, SeamId seam) {
    return plan.seams().stream().filter(each -> each.id().equals(seam)).findFirst().orElseThrow().ease().orElseThrow().verdict();
  }
}
