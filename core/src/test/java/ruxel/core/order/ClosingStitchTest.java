package ruxel.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Span.Along;

/** One stitch through every edge where three or more corners or seam ends meet, after the last seam that reaches the point (handbook 10). */
class ClosingStitchTest {
  private static final Piece A = Panels.rectangle(new PieceId("a"), 5, 4);
  private static final Piece B = Panels.rectangle(new PieceId("b"), 6, 4);
  private static final Piece C = Panels.rectangle(new PieceId("c"), 5, 3);
  private static final Piece D = Panels.rectangle(new PieceId("d"), 6, 3);

  /** Four squares round a point: both pairs first, then the seam across them; the stitch belongs to that. */
  @Test
  void fourCornersAreClosedByTheLastSeam() {
    GarmentPlan plan = Panels.plan(List.of(A, B, C, D), List.of(across(), beside(new SeamId("below"), new PieceId("a"), new PieceId("b")), beside(new SeamId("above"), new PieceId("c"), new PieceId("d"))));
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly(new SeamId("below"), new SeamId("above"), new SeamId("across"));
    assertThat(plan.steps().get(0).closing()).isEmpty();
    assertThat(plan.steps().get(1).closing()).isEmpty();
    assertThat(plan.steps().get(2).closing()).singleElement().satisfies(stitch -> assertThat(stitch.words()).contains("a").contains("b").contains("c").contains("d"));
  }

  /** Three corners: a seam that ends against two squares that are one piece less. */
  @Test
  void threeCornersAreEnoughAndTwoAreNot() {
    Piece wide = Panels.parted(Panels.rectangle(new PieceId("wide"), 11, 3), "bottom", 5, 6);
    Seam over =
        Panels.seam(
            new SeamId("over"), SeamRole.OTHER, Seam.SideOf.of("Below", Panels.whole(new PieceId("b"), "top", Along.FORWARD), Panels.whole(new PieceId("a"), "top", Along.FORWARD)),
            Seam.SideOf.of("Above", Span.ofRun(new PieceId("wide"), "bottom", "2", Along.BACKWARD), Span.ofRun(new PieceId("wide"), "bottom", "1", Along.BACKWARD)));
    GarmentPlan three = Panels.plan(List.of(A, B, wide), List.of(beside(new SeamId("below"), new PieceId("a"), new PieceId("b")), over));
    assertThat(three.steps()).flatExtracting(GarmentPlan.StepPlan::closing).hasSize(1);
    assertThat(three.steps().get(1).closing()).hasSize(1);
    GarmentPlan two = Panels.plan(List.of(A, B), List.of(beside(new SeamId("below"), new PieceId("a"), new PieceId("b"))));
    assertThat(two.steps()).flatExtracting(GarmentPlan.StepPlan::closing).isEmpty();
  }

  /** Against the inside of one long span only two corners meet: a T. */
  @Test
  void aSeamAgainstTheInsideOfAnEdgeNeedsNone() {
    Seam over =
        Panels.seam(
            new SeamId("over"), SeamRole.OTHER, Seam.SideOf.of("Below", Panels.whole(new PieceId("b"), "top", Along.FORWARD), Panels.whole(new PieceId("a"), "top", Along.FORWARD)),
            Seam.SideOf.of("Above", Panels.whole(new PieceId("wide"), "bottom", Along.BACKWARD)));
    GarmentPlan plan = Panels.plan(List.of(A, B, Panels.rectangle(new PieceId("wide"), 11, 3)), List.of(beside(new SeamId("below"), new PieceId("a"), new PieceId("b")), over));
    assertThat(plan.steps()).flatExtracting(GarmentPlan.StepPlan::closing).isEmpty();
  }

  /** At each underarm front, back and both corners of the sleeve meet; side and sleeve close over it. */
  @Test
  void bothUnderarmsAreClosedByTheirSides() {
    GarmentPlan plan = Wardrobe.plan(Wardrobe.cardigan());
    assertThat(plan.steps()).filteredOn(step -> !step.closing().isEmpty()).extracting(GarmentPlan.StepPlan::seam).containsExactly(new SeamId("side.left"), new SeamId("side.right"));
    assertThat(plan.steps().get(4).closing().get(0).words()).contains("left front").contains("back").contains("left sleeve").doesNotContain("right");
  }

  private static Seam across() {
    return Panels.seam(
        new SeamId("across"), SeamRole.OTHER, Seam.SideOf.of("Below", Panels.whole(new PieceId("b"), "top", Along.FORWARD), Panels.whole(new PieceId("a"), "top", Along.FORWARD)),
        Seam.SideOf.of("Above", Panels.whole(new PieceId("d"), "bottom", Along.BACKWARD), Panels.whole(new PieceId("c"), "bottom", Along.BACKWARD)));
  }

  private static Seam beside(SeamId id, PieceId left, PieceId right) {
    return Panels.seam(id, Panels.whole(left, "right", Along.FORWARD), Panels.whole(right, "left", Along.BACKWARD));
  }
}
