package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.SeamChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.PiecePlan.Check;
import ruxel.core.plan.PiecePlan.Verdict;

/** A piece looked over before it is joined (handbook 14), and how large it is once it is (handbook 3, take-up). */
class InspectionTest {
  @Test
  void aPieceMadeAsPlannedIsReady() {
    assertThat(Wardrobe.plan(Wardrobe.cardigan()).pieces())
        .allSatisfy(
            piece -> {
              assertThat(piece.inspection().verdict()).isEqualTo(Verdict.FINE);
              assertThat(piece.inspection().checks()).isEmpty();
            });
  }

  @Test
  void aCountOffThePlanRemindsWithItsSeams() {
    PiecePlan.Inspection inspection = piece(after(new CountMade(new PieceId("front.left"), "shoulder", "shoulder", Optional.of(22))), new PieceId("front.left")).inspection();
    assertThat(inspection.verdict()).isEqualTo(Verdict.REMIND);
    assertThat(inspection.checks().get(0).words()).isEqualTo("Shoulder: 22 stitches, planned 23; 1 too few.");
    assertThat(inspection.checks().get(0).seams()).containsExactly(new SeamId("shoulder.left"));
  }

  /** A blocked size up to 2 % off says nothing; beyond, it reminds (handbook 14). The back's left side is 46 rows of 12.5 mm. */
  @ParameterizedTest
  @CsvSource({"575, false", "586, false", "564, false", "587, true", "563, true"})
  void aBlockedSizeRemindsBeyondTwoPercent(double mm, boolean reminds) {
    PiecePlan back = piece(after(new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(mm))), new PieceId("back"));
    assertThat(back.edges().get(5).lengthMm()).isEqualTo(575, within(1e-6));
    assertThat(back.inspection().checks().stream().anyMatch(check -> check.remedy().startsWith("Block it"))).isEqualTo(reminds);
  }

  /** Only the ladder of handbook 6 stops. */
  @Test
  void onlyAnEdgeThatWillNotMeetStops() {
    GarmentPlan wide = after(new Change.AnswersChanged(Map.of("sleeveTopStitches", Optional.of(new Answers.Numeric(70)))));
    PiecePlan.Inspection sleeve = piece(wide, new PieceId("sleeve.left")).inspection();
    assertThat(sleeve.verdict()).isEqualTo(Verdict.STOP);
    assertThat(sleeve.checks()).extracting(Check::seams).containsExactly(List.of(new SeamId("armhole.left")));
    assertThat(piece(wide, new PieceId("back")).inspection().checks()).extracting(Check::seams).containsExactly(List.of(new SeamId("armhole.left")), List.of(new SeamId("armhole.right")));
  }

  /** Two rows of 12.5 mm held back at one front will be there when the opening is edged. */
  @Test
  void rowsHeldBackCountInOpeningsAndInWhatAnEdgingPicksUp() {
    GarmentPlan usual = Wardrobe.plan(Wardrobe.cardigan());
    int rows = front(usual).runs().stream().filter(run -> run.id().equals("front")).findFirst().orElseThrow().count();
    RunPart held = new RunPart(UnitKind.ROW_END, rows - 2, Optional.empty(), Fabric.PLAIN, false, "", 0, 2);
    GarmentPlan plan = after(new EdgeChange.RunTold(new PieceId("front.left"), "front", "front", List.of(held)));
    assertThat(plan.gluing().openings()).extracting(GarmentPlan.OpeningPlan::lengthMm)
        .usingComparatorForType(Comparator.comparingDouble((Double mm) -> Math.rint(mm * 1e6)), Double.class)
        .containsExactlyElementsOf(usual.gluing().openings().stream().map(GarmentPlan.OpeningPlan::lengthMm).toList());
    assertThat(front(plan).pickUp()).isEqualTo(front(usual).pickUp());
  }

  private static PiecePlan.EdgePlan front(GarmentPlan plan) {
    return piece(plan, new PieceId("front.left")).edges().stream().filter(edge -> edge.id().equals("front")).findFirst().orElseThrow();
  }

  /** Left and right are compared by finished counts: a row held back is no difference (handbook 3). */
  @Test
  void rowsHeldBackAreNoDifferenceBetweenTwins() {
    RunPart held = new RunPart(UnitKind.ROW_END, 25, Optional.empty(), Fabric.PLAIN, false, "", 0, 1);
    PiecePlan.EdgePlan side =
        piece(after(new EdgeChange.RunTold(new PieceId("front.left"), "side", "side", List.of(held))), new PieceId("front.left")).edges().get(1);
    assertThat(side.finished()).isEqualTo(side.units() + 1);
    assertThat(side.words()).contains(side.finished() + " when finished");
    PiecePlan.TwinView twin = piece(after(new EdgeChange.RunTold(new PieceId("front.left"), "side", "side", List.of(held))), new PieceId("front.left")).inspection().twin().orElseThrow();
    assertThat(twin.rows()).allMatch(PiecePlan.TwinRow::alike);
  }

  @Test
  void anEdgeTellsItsLengthByGaugeBesideTheMeasuredOne() {
    PiecePlan.EdgePlan left = piece(after(new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(590.0))), new PieceId("back")).edges().get(5);
    assertThat(left.words()).isEqualTo("46 row ends; 57.5 cm by count and gauge, 59 cm measured (2.6 % longer).");
    assertThat(piece(Wardrobe.plan(Wardrobe.cardigan()), new PieceId("back")).edges().get(0).words()).endsWith(" cm by count and gauge.");
  }

  /**
   * At 14 stitches per 10 cm half a stitch is 3.6 mm; a needle seam on row ends takes it at both sides of the back, so
   * that it is 7.1 mm narrower and just as high.
   */
  @Test
  void aSeamOnRowEndsTakesHalfAStitchOfEachEdge() {
    GarmentPlan plan = after(new SeamChange.MethodChosen(new SeamId("side.left"), "whip-both"), new SeamChange.MethodChosen(new SeamId("side.right"), "whip-both"));
    PiecePlan.SizePlan back = piece(plan, new PieceId("back")).size();
    assertThat(back.widthMm() - back.finishedWidthMm()).isEqualTo(100 / 14.0, within(1e-6));
    assertThat(back.finishedHeightMm()).isEqualTo(back.heightMm());
    GarmentPlan wider = after(new SeamChange.MethodChosen(new SeamId("side.left"), "backstitch"), new SeamChange.MethodChosen(new SeamId("side.right"), "backstitch"));
    PiecePlan.SizePlan narrower = piece(wider, new PieceId("back")).size();
    assertThat(narrower.widthMm() - narrower.finishedWidthMm()).isEqualTo(2 * 100 / 14.0, within(1e-6));
  }

  private static GarmentPlan after(Change... changes) {
    return Wardrobe.plan(((Outcome.Good<Garment>) Change.applyAll(Wardrobe.cardigan(), List.of(changes))).value());
  }

  private static PiecePlan piece(GarmentPlan plan, PieceId id) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }
}
