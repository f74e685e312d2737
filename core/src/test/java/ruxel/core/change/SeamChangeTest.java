package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.construction.Answers;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;

/** How a seam is worked: surplus, together, fullness, own anchors, take-up (handbook 3, 6). */
class SeamChangeTest {
  @Test
  void surplusSteeredToTheUnderarmLeavesTheUpperHalfOneToOne() {
    SeamPlan armhole = seam(Wardrobe.plan(good(worked(Surplus.TO_HIDDEN, 0))), new SeamId("armhole.left"));
    // 25 on 14 from each underarm: twice eleven too many are 22 of the 25.
    assertThat(armhole.intervals()).extracting(SeamPlan.IntervalView::heading)
        .containsExactly(
            "From the front underarm to marker 3, 22 on 11",
            "From marker 3 to the shoulder seam, 3 on 3",
            "From the shoulder seam to marker 5, 3 on 3",
            "From marker 5 to the back underarm, 22 on 11, told from its end");
    assertThat(armhole.joints()).isEqualTo(51);
  }

  /** In the zone the surplus is meant; 3 stitches on 3 rows beside the shoulder, 21 on 38 mm, are named. */
  @Test
  void aStretchIsNamedOutsideTheZoneOnly() {
    GarmentPlan plan = Wardrobe.plan(good(worked(Surplus.TO_HIDDEN, 0)));
    assertThat(plan.findings())
        .filteredOn(f -> f.code() == FindingCode.LOCAL_SURPLUS && f.seam().filter(new SeamId("armhole.left")::equals).isPresent())
        .hasSize(2)
        .allSatisfy(f -> assertThat(f.sentence()).contains("marker 4").contains("13 mm"));
  }

  @Test
  void nowhereRefusesUnequalCountsAndLeavesTheRestUsable() {
    GarmentPlan plan = Wardrobe.plan(good(worked(Surplus.NOWHERE, 0)));
    assertThat(seam(plan, new SeamId("armhole.left")).planned()).isFalse();
    assertThat(plan.findings()).filteredOn(f -> f.code() == FindingCode.COUNTS_DIFFER).hasSize(2);
    assertThat(seam(plan, new SeamId("armhole.right")).planned()).isTrue();
  }

  @Test
  void stitchesAreNeverPassedOver() {
    assertThat(Wardrobe.plan(good(worked(Surplus.SKIP, 0))).findings()).anyMatch(f -> f.code() == FindingCode.SKIP_STITCHES);
  }

  @Test
  void aGatheredSideIsJudgedAgainstItsFullness() {
    Garment wide = good(new Change.AnswersChanged(Map.of("sleeveTopStitches", Optional.of(new Answers.Numeric(72)))).apply(Wardrobe.cardigan()));
    assertThat(seam(Wardrobe.plan(wide), new SeamId("armhole.left")).ease().orElseThrow().verdict()).isEqualTo(Ease.Verdict.STOP);
    // 73 stitches are 52.1 cm on 35 cm: 49 % fuller.
    Garment puffed = good(worked(Surplus.TO_OPEN, 0.49).apply(wide));
    SeamPlan.EaseView ease = seam(Wardrobe.plan(puffed), new SeamId("armhole.left")).ease().orElseThrow();
    assertThat(ease.verdict()).isEqualTo(Ease.Verdict.MATCHED);
    assertThat(worked(Surplus.EVEN, 9).apply(wide).findings()).extracting(Finding::code).containsExactly(FindingCode.FULLNESS_RANGE);
  }

  @Test
  void severalIntoOneCanBeOneJoint() {
    SeamChange.SeamWorked together =
        new SeamChange.SeamWorked(new SeamId("armhole.left"), true, Surplus.EVEN, 0, false, SideWorking.USUAL, SideWorking.USUAL);
    assertThat(seam(Wardrobe.plan(good(together)), new SeamId("armhole.left")).joints()).isEqualTo(14 + 14 + 1);
  }

  @Test
  void rowsGiveAsManyPlacesAsTheMakerSays() {
    SideWorking two = new SideWorking(Optional.of(2), Seam.Spaces.ROUND);
    SeamChange.SeamWorked worked = new SeamChange.SeamWorked(new SeamId("armhole.left"), false, Surplus.EVEN, 0, false, SideWorking.USUAL, two);
    assertThat(seam(Wardrobe.plan(good(worked)), new SeamId("armhole.left")).b().places()).isEqualTo(56);
  }

  @Test
  void anOwnAnchorPartsAnIntervalAndCanBeTakenOut() {
    Garment pinned = good(new SeamChange.AnchorPinned(new SeamId("armhole.left"), Seam.OWN_ANCHOR + "1", "bobble row", 24, 14));
    SeamPlan armhole = seam(Wardrobe.plan(pinned), new SeamId("armhole.left"));
    assertThat(armhole.intervals()).hasSize(3);
    assertThat(armhole.intervals().get(0).heading()).isEqualTo("From the front underarm to the bobble row, 12 on 7");
    assertThat(armhole.anchors().stream().filter(SeamPlan.AnchorPlan::own)).hasSize(1);
    assertThat(good(new SeamChange.AnchorRemoved(new SeamId("armhole.left"), Seam.OWN_ANCHOR + "1").apply(pinned)).settings().isEmpty()).isTrue();
    assertThat(new SeamChange.AnchorRemoved(new SeamId("armhole.left"), "shoulder").apply(pinned).findings()).extracting(Finding::code)
        .containsExactly(FindingCode.UNKNOWN_ANCHOR);
  }

  @ParameterizedTest
  @CsvSource({"60,14,ANCHORS_CROSS", "25,14,ANCHOR_HALF", "0,14,ANCHORS_CROSS", "999,14,ANCHOR_OFF_SEAM", "51,30,ANCHORS_CROSS"})
  void anAnchorThatCannotBeIsRefused(int a, int b, FindingCode code) {
    List<Finding> findings = new SeamChange.AnchorPinned(new SeamId("armhole.left"), "own.x", "mark", a, b).apply(Wardrobe.cardigan()).findings();
    assertThat(findings).extracting(Finding::code).contains(code);
    assertThat(findings.get(0).where().seam()).contains(new SeamId("armhole.left"));
  }

  /** Mattress takes half a stitch of each row-end edge: 7.14 mm of the back's width. */
  @Test
  void theSeamTakesItsStripOfThePieces() {
    GarmentPlan plan = Wardrobe.plan(Wardrobe.cardigan());
    PiecePlan.SizePlan back = plan.pieces().get(0).size();
    assertThat(back.widthMm() - back.finishedWidthMm()).isEqualTo(100.0 / 14, within(1e-9));
    assertThat(seam(plan, new SeamId("side.left")).takeUp().words()).startsWith("In the seam disappear 3.6 mm of the front side and sleeve");
    assertThat(seam(plan, new SeamId("shoulder.left")).takeUp().aMm()).isZero();
  }

  @Test
  void tiedAnswersMoveTogetherWhenTheDrawingIsDragged() {
    Garment deeper = good(new HandleDragged("armhole", 2).apply(Wardrobe.cardigan()));
    // Two rows of 12.5 mm on both sides are 50 mm: seven stitches of 7.14 mm.
    assertThat(seam(Wardrobe.plan(deeper), new SeamId("armhole.left")).counts()).isEqualTo("58 on 16 + 16");
    Garment wider = good(new HandleDragged("body", 4).apply(Wardrobe.cardigan()));
    GarmentPlan plan = Wardrobe.plan(wider);
    // Four stitches on each side are 28.6 mm: two rows off each sleeve.
    assertThat(plan.pieces().get(0).size().widthMm()).isEqualTo(74 * 100.0 / 14, within(1e-9));
    assertThat(plan.pieces()).filteredOn(p -> p.id().equals(new PieceId("sleeve.left"))).first().extracting(p -> p.size().heightMm()).isEqualTo((30 + 5) * 12.5);
    assertThat(new HandleDragged("hat", 1).apply(Wardrobe.cardigan()).findings()).extracting(Finding::code).containsExactly(FindingCode.HANDLE_UNKNOWN);
    assertThat(new HandleDragged("neck", 40).apply(Wardrobe.cardigan()).findings()).extracting(Finding::code).contains(FindingCode.SHOULDERS_TOO_WIDE);
  }

  private static SeamChange.SeamWorked worked(Surplus surplus, double fullness) {
    return new SeamChange.SeamWorked(new SeamId("armhole.left"), false, surplus, fullness, false, SideWorking.USUAL, SideWorking.USUAL);
  }

  private static Garment good(Change change) {
    return good(change.apply(Wardrobe.cardigan()));
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }
}
