package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.piece.UnitKind.CORNER;
import static ruxel.core.piece.UnitKind.SEAM_PLACE;
import static ruxel.core.piece.UnitKind.STITCH_TOP;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.construction.Answers.Answer;
import ruxel.core.construction.Answers.Numeric;
import ruxel.core.construction.Answers.Word;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;

/** Garments of whole and half squares (handbook 4.5). */
class SquaresTest {
  /** 5 × 6 boards and 4 × 4 sleeves, armhole 2 squares: side 3, shoulders 2 + 2, neck 2 squares, sleeve edge 4 on 2 + 2. */
  @Test
  void aPulloverOfSquares() {
    GarmentPlan plan = plan(Map.of("kind", new Word("PULLOVER"), "squaresAcross", new Numeric(6), "squaresHigh", new Numeric(5), "armholeHalfSquares", new Numeric(4), "shoulderSquares", new Numeric(2), "sleeveSquares", new Numeric(4), "motifSide", new Numeric(10)));
    assertThat(plan.findings().stream().filter(finding -> finding.level() != FindingCode.Level.NOTE)).extracting(FindingView::sentence).isEmpty();
    assertThat(plan.gluing().openings()).extracting(GarmentPlan.OpeningPlan::name).containsExactlyInAnyOrder("Neck", "Hem", "Left cuff", "Right cuff");
    assertThat(open(plan, "Neck")).isCloseTo(400, within(1e-6));
    assertThat(open(plan, "Hem")).isCloseTo(1200, within(1e-6));
    assertThat(open(plan, "Left cuff")).isCloseTo(400, within(1e-6));
    assertThat(plan.gluing().points() - plan.gluing().segments() + plan.gluing().pieces()).isEqualTo(-2);
    SeamPlan armhole = seam(plan, new SeamId("armhole.left"));
    assertThat(armhole.a().places()).as("four squares of 14 and two corners each").isEqualTo(64);
    assertThat(armhole.b().places()).isEqualTo(64);
    assertThat(seam(plan, new SeamId("shoulder.left")).a().places()).isEqualTo(32);
    assertThat(seam(plan, new SeamId("side.left")).a().places()).as("three of the side and four of the sleeve").isEqualTo(7 * 16);
    assertThat(seam(plan, new SeamId("side.left")).joints()).isEqualTo(7 * 16);
  }

  /** The stop in the middle of a square of 15: the middle stitch goes to the armhole or to the side, on both sides of the body. */
  @Test
  void theArmholeMayStopInTheMiddleOfASquare() {
    Map<String, Answer> five = new HashMap<>(Map.of("kind", new Word("CARDIGAN"), "squaresAcross", new Numeric(6), "squaresHigh", new Numeric(5), "armholeHalfSquares", new Numeric(5), "motifStitches", new Numeric(15), "motifSide", new Numeric(10)));
    GarmentPlan toArmhole = plan(five);
    assertThat(seam(toArmhole, new SeamId("armhole.left")).a().places()).isEqualTo(5 * 17);
    assertThat(seam(toArmhole, new SeamId("armhole.left")).b().places()).as("2 × (2 squares, 8 stitches and a corner)").isEqualTo(2 * (2 * 17 + 9));
    assertThat(seam(toArmhole, new SeamId("side.left")).a().places()).as("2 squares, 7 stitches and a corner, the sleeve").isEqualTo(2 * 17 + 8 + 17 * sleeveRows(toArmhole));
    five.put("middleStitch", new Word("SIDE"));
    GarmentPlan toSide = plan(five);
    assertThat(seam(toSide, new SeamId("armhole.left")).b().places()).isEqualTo(2 * (2 * 17 + 8));
    for (GarmentPlan plan : List.of(toArmhole, toSide)) {
      assertThat(plan.gluing().openings()).hasSize(3);
      assertThat(seam(plan, new SeamId("armhole.right")).b().places()).isEqualTo(seam(plan, new SeamId("armhole.left")).b().places());
      assertThat(seam(plan, new SeamId("side.right")).counts()).isEqualTo(seam(plan, new SeamId("side.left")).counts());
    }
  }

  /** A vest: the armholes stay open; a deep neck takes squares out of the front. */
  @Test
  void aVestWithADeepNeck() {
    GarmentPlan plan = plan(Map.of("kind", new Word("PULLOVER"), "squaresAcross", new Numeric(5), "squaresHigh", new Numeric(4), "shoulderSquares", new Numeric(1), "neckSquares", new Numeric(2), "sleeveSquares", new Numeric(0), "armholeHalfSquares", new Numeric(4), "motifSide", new Numeric(10)));
    assertThat(plan.gluing().openings()).extracting(GarmentPlan.OpeningPlan::name).containsExactlyInAnyOrder("Neck", "Hem", "Left armhole", "Right armhole");
    assertThat(open(plan, "Neck")).as("3 at the back, 2 down, 3, 2 up").isCloseTo(1000, within(1e-6));
    assertThat(open(plan, "Left armhole")).isCloseTo(400, within(1e-6));
  }

  /** An open edge tells its places one by one: side, corner, seam, corner, side. */
  @Test
  void anOpenEdgeTellsItsPlaces() {
    GarmentPlan plan = plan(Map.of("kind", new Word("PULLOVER"), "squaresAcross", new Numeric(3), "squaresHigh", new Numeric(2), "shoulderSquares", new Numeric(1), "armholeHalfSquares", new Numeric(2), "motifCorner", new Word("CHAIN_2_BOTH"), "motifSide", new Numeric(10)));
    List<PiecePlan.EdgePlaces> places = plan.pieces().get(0).edges().get(0).places();
    assertThat(places).extracting(PiecePlan.EdgePlaces::kind)
        .containsExactly(CORNER, STITCH_TOP, CORNER, SEAM_PLACE, CORNER, STITCH_TOP, CORNER, SEAM_PLACE, CORNER, STITCH_TOP, CORNER);
    assertThat(places).extracting(PiecePlan.EdgePlaces::count).containsExactly(2, 14, 2, 1, 2, 14, 2, 1, 2, 14, 2);
  }

  @Test
  void whatCannotBeIsToldAtItsQuestion() {
    assertThat(refused(Map.of("squaresAcross", new Numeric(4), "shoulderSquares", new Numeric(2)))).contains(FindingCode.SQUARES_NO_NECK);
    assertThat(refused(Map.of("squaresHigh", new Numeric(3), "armholeHalfSquares", new Numeric(6)))).contains(FindingCode.SQUARES_ARMHOLE);
    assertThat(refused(Map.of("squaresHigh", new Numeric(3), "neckSquares", new Numeric(3)))).contains(FindingCode.SQUARES_NECK_DEEP);
    assertThat(refused(Map.of("squaresAcross", new Numeric(6), "frontSquares", new Numeric(1), "shoulderSquares", new Numeric(2)))).contains(FindingCode.SQUARES_FRONT_NARROW);
  }

  private static int sleeveRows(GarmentPlan plan) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(new PieceId("sleeve.left"))).findFirst().orElseThrow().edges().stream().filter(edge -> edge.id().equals("front")).findFirst().orElseThrow().runs().size();
  }

  private static double open(GarmentPlan plan, String name) {
    return plan.gluing().openings().stream().filter(opening -> opening.name().equals(name)).findFirst().orElseThrow().lengthMm();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static List<FindingCode> refused(Map<String, Answer> answers) {
    return Planner.plan(garment(answers)).findings().stream().map(Finding::code).toList();
  }

  private static GarmentPlan plan(Map<String, Answer> answers) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment(answers))).value();
  }

  private static Garment garment(Map<String, Answer> answers) {
    return Garment.of("Squares", new Recipe("squares", new Answers(answers)));
  }

  /** Squares of 10 cm in 8 rounds grow by an eighth: 14 stitches become 15.75, 6 squares across twice 67.5 cm, 5 squares 56.25 cm. */
  @Test
  void oneMoreRound() {
    Construct made = Laid.built("squares", Map.of("motifSide", 10, "motifStitches", 14, "motifRounds", 8, "squaresAcross", 6, "squaresHigh", 5));
    assertThat(Laid.sentence(made, "motifRounds")).isEqualTo("One more: a side of 11.3 cm with about 16 stitches, 135 cm round the body, 56.3 cm from hem to shoulder.");
    Construct halves = Laid.built("square-halves", Map.of("motifSide", 10, "motifRounds", 5, "halfAcross", 3, "squaresHigh", 5, "neckAcross", 1));
    assertThat(Laid.sentence(halves, "motifRounds")).isEqualTo("One more: a side of 12 cm with about 17 stitches, 144 cm round the body, 60 cm from hem to shoulder.");
  }
}
