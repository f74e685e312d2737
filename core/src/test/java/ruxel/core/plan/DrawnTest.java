package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.SeamChange;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.piece.Outline;
import ruxel.core.seam.Surplus;

/** What a drawing needs that is reckoned, not drawn: ribbing, pieces that close up, joints of each place, rungs. */
class DrawnTest {
  private final GarmentPlan cardigan = Wardrobe.plan(Wardrobe.cardigan());

  /** 6 rib rows below 40 rows; the same on every piece of the body. */
  @Test
  void ribbingLiesWhereItsRowsAre() {
    PiecePlan back = cardigan.pieces().stream().filter(piece -> piece.id().equals(new PieceId("back"))).findFirst().orElseThrow();

    assertThat(back.ribs()).singleElement().isEqualTo(new Outline.Band(0, 6 * 12.5));
  }

  /** Both sleeves move towards the body, the left from the right of the table and the right from its left, alike. */
  @Test
  void sleevesCloseUpToTheBodyOnceJoined() {
    SeamPlan.CloseUpView left = closeUp(new SeamId("armhole.left"));
    SeamPlan.CloseUpView right = closeUp(new SeamId("armhole.right"));
    assertThat(left.piece()).isEqualTo(new PieceId("sleeve.left"));
    assertThat(left.dxMm()).isEqualTo(-right.dxMm(), within(1e-6)).isNegative();
    assertThat(left.dyMm()).isEqualTo(right.dyMm(), within(1e-6));
    assertThat(cardigan.seams()).filteredOn(seam -> seam.closeUp().isPresent()).extracting(SeamPlan::id).containsExactly(new SeamId("armhole.left"), new SeamId("armhole.right"));
    assertThat(cardigan.seams()).filteredOn(SeamPlan::fold).extracting(SeamPlan::id).containsExactly(new SeamId("side.left"), new SeamId("side.right"));
  }

  /** 51 stitches on 28 rows: each stitch takes one joint, the rows two or one; all at once there are 14 + 14 + 1. */
  @Test
  void eachPlaceTellsItsJointsAlsoWhenSeveralAreOne() {
    SeamPlan armhole = seam(cardigan, new SeamId("armhole.left"));
    assertThat(armhole.a().joints()).hasSize(51).containsOnly(1);
    assertThat(armhole.b().joints()).hasSize(28).containsOnly(1, 2);
    assertThat(joints(armhole)).isEqualTo(50);
    SeamChange.SeamWorked together = new SeamChange.SeamWorked(new SeamId("armhole.left"), true, Surplus.EVEN, 0, false, SideWorking.USUAL, SideWorking.USUAL);
    SeamPlan atOnce = seam(Wardrobe.plan(((Outcome.Good<Garment>) together.apply(Wardrobe.cardigan())).value()), new SeamId("armhole.left"));
    assertThat(atOnce.b().joints()).hasSize(28).containsOnly(1);
    assertThat(joints(atOnce)).isEqualTo(28);
    assertThat(atOnce.a().joints().stream().mapToInt(Integer::intValue).sum()).isEqualTo(29);
  }

  @Test
  void theRungsFollowEachOther() {
    List<GarmentPlan.Rung> rungs = cardigan.ladder().rungs();
    assertThat(rungs).extracting(GarmentPlan.Rung::verdict).containsExactly(Ease.Verdict.values());
    for (int i = 1; i < rungs.size(); i++) {
      assertThat(rungs.get(i - 1).to()).contains(rungs.get(i).from());
    }
    assertThat(rungs.get(3).to()).isEqualTo(Optional.empty());
  }

  @Test
  void edgingSaysWhichEdgesGrow() {
    GarmentPlan plan = Panels.plan(List.of(Panels.rectangle(new PieceId("p"), 10, 10)), List.of());
    assertThat(plan.pieces().get(0).edges()).extracting(PiecePlan.EdgePlan::edgingWords)
        .contains("Along the bottom they change its count, not its length; the left and the right grow by their height.");
  }

  private SeamPlan.CloseUpView closeUp(SeamId seam) {
    return seam(cardigan, seam).closeUp().orElseThrow();
  }

  /** Joints of all groups, without those that anchors fix. */
  private static int joints(SeamPlan seam) {
    return seam.intervals().stream()
        .mapToInt(
            interval -> {
              int sum = 0;
              for (int i = 0; i < interval.groups().size(); i++) {
                sum += interval.groups().get(i).get(2) * interval.groupJoints().get(i);
              }
              return sum;
            })
        .sum();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }
}
