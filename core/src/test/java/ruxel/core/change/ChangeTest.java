package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.construction.Answers;
import ruxel.core.decision.MadeCount;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Side;

class ChangeTest {
  private final Garment cardigan = Wardrobe.cardigan();

  @Test
  void aMovedShoulderAnchorMakesTheHalvesUnequal() {
    SeamPlan seam = armhole(applied(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 2 * 27 + 1)));
    assertThat(seam.intervals().get(0).aTo()).isEqualTo(27);
    assertThat(seam.intervals().get(1).aFrom()).isEqualTo(28);
    assertThat(seam.joints()).isEqualTo(51);
    assertThat(seam.anchors().get(1).aName()).isEqualTo("stitch 28");
  }

  @Test
  void anAnchorFarFromTheMiddleIsPointedOut() {
    GarmentPlan plan = Wardrobe.plan(applied(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 2 * 20 + 1)));
    assertThat(plan.findings()).extracting(FindingView::code).contains(FindingCode.OFF_CENTRE);
  }

  @Test
  void refusesAnchorsThatCannotBe() {
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.B, 2 * 13)))
        .as("stitch on the border between two row ends")
        .containsExactly(FindingCode.ANCHOR_HALF);
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 0)))
        .contains(FindingCode.ANCHORS_CROSS);
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 1)))
        .containsExactly(FindingCode.EMPTY_INTERVAL);
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 500)))
        .containsExactly(FindingCode.ANCHOR_OFF_SEAM);
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "notch", Side.A, 5)))
        .containsExactly(FindingCode.UNKNOWN_ANCHOR);
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("hood"), "shoulder", Side.A, 5)))
        .containsExactly(FindingCode.UNKNOWN_SEAM);
    assertThat(codes(new SeamChange.AnchorMoved(new SeamId("side.left"), "underarm", Side.B, 2)))
        .as("the underarm before the top of the ribbing")
        .contains(FindingCode.ANCHORS_CROSS);
  }

  @Test
  void anAnchorStaysOnItsStitchWhenOtherCountsChange() {
    Garment moved = applied(new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 2 * 24 + 1));
    Garment longer = ((Outcome.Good<Garment>) new Change.AnswersChanged(Map.of("armholeRows", Optional.of(new Answers.Numeric(15)))).apply(moved)).value();
    assertThat(armhole(longer).anchors().get(1).aName()).isEqualTo("stitch 25");
  }

  @Test
  void aCountAsMadeStandsBesideThePlannedOne() {
    GarmentPlan plan = Wardrobe.plan(applied(new CountMade(new PieceId("front.right"), "side", "side", Optional.of(25))));
    assertThat(plan.pieces().get(2).edges())
        .filteredOn(edge -> edge.id().equals("side"))
        .flatExtracting(edge -> edge.runs())
        .filteredOn(run -> run.id().equals("side"))
        .allSatisfy(
            run -> {
              assertThat(run.planned()).isEqualTo(26);
              assertThat(run.made()).contains(25);
              assertThat(run.count()).isEqualTo(25);
            });
    assertThat(plan.findings())
        .filteredOn(finding -> finding.code() != FindingCode.LOCAL_SURPLUS)
        .extracting(FindingView::code, FindingView::piece, FindingView::seam)
        .containsExactly(
            tuple(FindingCode.TWINS_DIFFER, Optional.of(new PieceId("front.right")), Optional.empty()),
            tuple(FindingCode.ROWS_DIFFER, Optional.empty(), Optional.of(new SeamId("side.right"))),
            tuple(FindingCode.OUTLINE_OPEN, Optional.of(new PieceId("front.right")), Optional.empty()));
    assertThat(plan.seams()).filteredOn(seam -> seam.level() == FindingCode.Level.DECIDE_FIRST).extracting(SeamPlan::id).containsExactly(new SeamId("side.left"), new SeamId("side.right"));
    assertThat(plan.findings().stream().filter(f -> f.code() == FindingCode.TWINS_DIFFER).findFirst().orElseThrow().sentence())
        .isEqualTo("Right front and left front are not alike: 25 row ends and 26 at the side; that is 13 mm.");
    assertThat(codes(new CountMade(new PieceId("front.right"), "side", "side", Optional.of(0)))).containsExactly(FindingCode.COUNT_OUT_OF_RANGE);
    assertThat(codes(new CountMade(new PieceId("front.right"), "side", "lace", Optional.of(9)))).containsExactly(FindingCode.SETTING_GONE);
  }

  @Test
  void keepsADecisionWhosePlaceIsGoneUntilItIsRemoved() {
    Garment counted = applied(new CountMade(new PieceId("front.right"), "side", "rib", Optional.of(7)));
    Garment without = ((Outcome.Good<Garment>) new Change.AnswersChanged(Map.of("hemRibRows", Optional.of(new Answers.Numeric(0)))).apply(counted)).value();
    assertThat(Wardrobe.plan(without).findings()).extracting(FindingView::code).contains(FindingCode.SETTING_GONE);
    assertThat(without.settings().of(MadeCount.class)).hasSize(1);
    Garment dropped = ((Outcome.Good<Garment>) new Change.GoneSettingsDropped().apply(without)).value();
    assertThat(dropped.settings().isEmpty()).isTrue();
  }

  @Test
  void neverRulesSayWhyAndWhatInstead() {
    List<Finding> findings = new SeamChange.MethodChosen(new SeamId("armhole.left"), "whip-back").apply(cardigan).findings();
    assertThat(findings).extracting(Finding::code).containsExactly(FindingCode.METHOD_NEVER);
    assertThat(findings.get(0).sentence(cardigan.wording())).contains("row ends have no single loop");
    assertThat(codes(new SeamChange.MethodChosen(new SeamId("shoulder.left"), "mattress-rows"))).containsExactly(FindingCode.METHOD_NEVER);
    assertThat(codes(new SeamChange.MethodChosen(new SeamId("shoulder.left"), "join-loop"))).containsExactly(FindingCode.METHOD_NEVER);
    assertThat(codes(new SeamChange.MethodChosen(new SeamId("shoulder.left"), "glue"))).containsExactly(FindingCode.UNKNOWN_METHOD);
    assertThat(armhole(applied(new SeamChange.MethodChosen(new SeamId("armhole.left"), "backstitch"))).method()).contains("backstitch");
  }

  @Test
  void methodsAllowedOnEachSeam() {
    GarmentPlan plan = Wardrobe.plan(cardigan);
    assertThat(allowed(plan, new SeamId("armhole.left")))
        .containsExactly("slip-both", "sc-both", "whip-both", "mattress-rows", "backstitch");
    assertThat(allowed(plan, new SeamId("shoulder.left")))
        .containsExactly(
            "slip-both", "slip-outer", "slip-back-rs", "sc-both", "sc-back", "whip-both", "whip-back",
            "mattress-tops", "mattress-tops-back", "woven", "backstitch");
  }

  private static List<String> allowed(GarmentPlan plan, SeamId seam) {
    return plan.seams().stream()
        .filter(s -> s.id().equals(seam))
        .flatMap(s -> s.methods().stream())
        .filter(SeamPlan.MethodFacts::allowed)
        .map(SeamPlan.MethodFacts::id)
        .toList();
  }

  @Test
  void aNameIsNeverEmptyOrEndless() {
    assertThat(codes(new Change.Renamed("  "))).containsExactly(FindingCode.NAME_LENGTH);
    assertThat(codes(new Change.Renamed("x".repeat(201)))).containsExactly(FindingCode.NAME_LENGTH);
    assertThat(applied(new Change.Renamed(" Quay coat ")).name()).isEqualTo("Quay coat");
  }

  @Test
  void oneRefusedChangeRefusesAll() {
    Outcome<Garment> outcome = Change.applyAll(cardigan, List.of(new Change.Renamed("Quay coat"), new Change.Renamed("")));
    assertThat(outcome).isInstanceOf(Outcome.Refused.class);
  }

  private List<FindingCode> codes(Change change) {
    return change.apply(cardigan).findings().stream().map(Finding::code).toList();
  }

  private Garment applied(Change change) {
    Outcome<Garment> outcome = change.apply(cardigan);
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static SeamPlan armhole(Garment garment) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow();
  }
}
