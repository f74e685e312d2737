package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.construction.Answers;
import ruxel.core.decision.MarkedEdge;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.method.Nevers;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.AdviceView;
import ruxel.core.plan.SeamPlan;

/** Edges as they are: runs in parts, measured lengths, landmarks (handbook 3 and 5). */
class EdgeChangeTest {
  @Test
  void aRunToldInPartsKeepsItsSeamsAndItsLength() {
    Garment garment =
        good(
            new EdgeChange.RunTold(
                new PieceId("back"), "left", "side",
                List.of(part(UnitKind.ROW_END, 20), part(UnitKind.ROW_END, 6))));
    GarmentPlan plan = Wardrobe.plan(garment);
    assertThat(edge(plan, new PieceId("back"), "left").runs()).extracting(PiecePlan.RunPlan::id).containsExactly("armhole", "side~1", "side~2", "rib");
    assertThat(plan.findings()).allMatch(finding -> finding.code() == FindingCode.LOCAL_SURPLUS);
    assertThat(seam(plan, new SeamId("side.left")).anchors()).extracting(SeamPlan.AnchorPlan::b)
        .isEqualTo(seam(Wardrobe.plan(Wardrobe.cardigan()), new SeamId("side.left")).anchors().stream().map(SeamPlan.AnchorPlan::b).toList());
  }

  @Test
  void aSpaceWorkedRoundTakesWhatLiesOpposite() {
    RunPart stitches = part(UnitKind.STITCH_TOP, 24);
    RunPart space = new RunPart(UnitKind.CHAIN_SPACE, 1, Optional.of(21.4), Fabric.PLAIN, false, "gap", 3, 0);
    Garment garment = good(new EdgeChange.RunTold(new PieceId("sleeve.left"), "top", "top", List.of(stitches, space, stitches)));
    SeamPlan armhole = seam(Wardrobe.plan(garment), new SeamId("armhole.left"));
    assertThat(armhole.planned()).isTrue();
    assertThat(armhole.a().rails()).anyMatch(rail -> rail.space() && rail.label().equals("gap") && rail.word().equals("space"));
    assertThat(armhole.advice().never()).extracting(AdviceView.NeverView::method, AdviceView.NeverView::code).contains(tuple("mattress-rows", Nevers.Never.SPACES));
  }

  @Test
  void partsAreTakenBackAndTheirCountsWithThem() {
    Garment told = good(new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of(part(UnitKind.ROW_END, 20), part(UnitKind.ROW_END, 5))));
    Garment counted = good(new CountMade(new PieceId("back"), "left", "side~2", Optional.of(6)).apply(told));
    Garment back = good(new EdgeChange.RunTold(new PieceId("back"), "left", "side~1", List.of()).apply(counted));
    assertThat(back.settings().isEmpty()).isTrue();
  }

  @Test
  void everyPartThatCannotBeIsNamed() {
    RunPart none = part(UnitKind.ROW_END, 0);
    RunPart thin = new RunPart(UnitKind.ROW_END, 3, Optional.of(0.0), Fabric.PLAIN, false, "", 0, 0);
    assertThat(codes(new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of(none, thin)))).containsExactly(FindingCode.COUNT_OUT_OF_RANGE, FindingCode.PART_WIDTH);
    assertThat(codes(new EdgeChange.RunTold(new PieceId("back"), "left", "nowhere", List.of(part(UnitKind.ROW_END, 3))))).containsExactly(FindingCode.UNKNOWN_RUN);
    assertThat(codes(new EdgeChange.RunTold(new PieceId("back"), "nowhere", "side", List.of()))).containsExactly(FindingCode.UNKNOWN_EDGE);
    assertThat(codes(new EdgeChange.RunTold(new PieceId("nowhere"), "left", "side", List.of()))).containsExactly(FindingCode.UNKNOWN_PIECE);
  }

  @Test
  void aMeasuredLengthOfNothingIsRefusedAtItsEdge() {
    List<Finding> findings = new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(0.0)).apply(Wardrobe.cardigan()).findings();
    assertThat(findings).extracting(Finding::code).containsExactly(FindingCode.LENGTH_OUT_OF_RANGE);
    assertThat(findings.get(0).where().edge()).contains("left");
  }

  @Test
  void aMeasuredLengthStandsBesideTheOneByGauge() {
    GarmentPlan plan = Wardrobe.plan(good(new EdgeChange.EdgeMeasured(new PieceId("sleeve.left"), "top", Optional.of(350.0))));
    PiecePlan.EdgePlan top = edge(plan, new PieceId("sleeve.left"), "top");
    assertThat(top.measuredMm()).contains(350.0);
    assertThat(Math.round(top.lengthMm())).isEqualTo(364);
    assertThat(seam(plan, new SeamId("armhole.left")).ease().orElseThrow().share()).isLessThan(0.001);
    PiecePlan sleeve = plan.pieces().stream().filter(p -> p.id().equals(new PieceId("sleeve.left"))).findFirst().orElseThrow();
    assertThat(sleeve.inspection().verdict()).isEqualTo(PiecePlan.Verdict.REMIND);
    assertThat(sleeve.inspection().checks()).anyMatch(check -> check.words().startsWith("Top: measures 35 cm, by count and gauge 36.4 cm"));
  }

  @Test
  void landmarksStayWithinTheirEdge() {
    assertThat(codes(mark(70, 0, 1))).containsExactly(FindingCode.LANDMARK_OUTSIDE);
    assertThat(codes(mark(4, 20, 4))).containsExactly(FindingCode.LANDMARK_OVERLONG);
    assertThat(codes(mark(4, 0, 3))).containsExactly(FindingCode.COUNT_OUT_OF_RANGE);
    assertThat(good(mark(4, 8, 5)).settings().of(MarkedEdge.class)).hasSize(1);
  }

  @Test
  void aLandmarkThatNoLongerFitsIsNamedAndTheRestStaysUsable() {
    Garment marked = good(mark(4, 14, 3));
    Garment shorter = good(new Change.AnswersChanged(Map.of("bodyRows", Optional.of(new Answers.Numeric(22)))).apply(marked));
    GarmentPlan plan = Wardrobe.plan(shorter);
    assertThat(plan.findings()).anyMatch(f -> f.code() == FindingCode.LANDMARK_TOO_LONG && f.piece().equals(Optional.of(new PieceId("back"))));
    assertThat(plan.seams()).allMatch(SeamPlan::planned);
  }

  @Test
  void rowsHeldBackAreExpectedNotWarnedOf() {
    RunPart held = new RunPart(UnitKind.ROW_END, 25, Optional.empty(), Fabric.PLAIN, false, "", 0, 1);
    GarmentPlan plan = Wardrobe.plan(good(new EdgeChange.RunTold(new PieceId("front.left"), "side", "side", List.of(held))));
    assertThat(plan.findings()).noneMatch(f -> f.code() == FindingCode.ROWS_DIFFER || f.code() == FindingCode.TWINS_DIFFER);
    assertThat(plan.findings()).anyMatch(f -> f.code() == FindingCode.HELD_BACK);
  }

  @Test
  void settingsOfAnEdgeThatIsGoneAreKeptAndNamed() {
    Garment told = good(new EdgeChange.EdgeMeasured(new PieceId("front.left"), "neck", Optional.of(150.0)));
    Garment straight =
        good(
            new Change.AnswersChanged(
                    Map.of("neckRows", Optional.of(new Answers.Numeric(0)), "frontStitches", Optional.of(new Answers.Numeric(22))))
                .apply(told));
    assertThat(Wardrobe.plan(straight).findings()).anyMatch(f -> f.code() == FindingCode.SETTING_GONE);
    assertThat(straight.settings().of(MeasuredEdge.class)).hasSize(1);
    assertThat(good(new Change.GoneSettingsDropped().apply(straight)).settings().isEmpty()).isTrue();
  }

  private static EdgeChange.LandmarkPut mark(int at, int every, int times) {
    return new EdgeChange.LandmarkPut(new PieceId("back"), "left", "m", "Wave", Landmark.Kind.REPEAT, at, every, times, Optional.empty());
  }

  private static RunPart part(UnitKind kind, int count) {
    return new RunPart(kind, count, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);
  }

  private static List<FindingCode> codes(Change change) {
    return change.apply(Wardrobe.cardigan()).findings().stream().map(Finding::code).toList();
  }

  private static Garment good(Change change) {
    return good(change.apply(Wardrobe.cardigan()));
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static PiecePlan.EdgePlan edge(GarmentPlan plan, PieceId piece, String edge) {
    return plan.pieces().stream()
        .filter(p -> p.id().equals(piece))
        .flatMap(p -> p.edges().stream())
        .filter(e -> e.id().equals(edge))
        .findFirst()
        .orElseThrow();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }
}
