package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Laid.plan;
import static ruxel.core.construction.Laid.seam;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.construction.Answers.Answer;
import ruxel.core.construction.Answers.Numeric;
import ruxel.core.construction.Answers.Word;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.AsWorn;
import ruxel.core.piece.Outline.Box;
import ruxel.core.piece.Outline.Point;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** A hood made flat and sewn on (handbook 4.12), on every construction that has a neck for it; a closed hood adds no opening (handbook 10). */
class HoodTest {
  private static final Map<String, Answer> SQUARES =
      Map.of("motifSide", new Numeric(10), "motifStitches", new Numeric(14), "squaresAcross", new Numeric(6), "squaresHigh", new Numeric(5), "shoulderSquares", new Numeric(2));

  private static Map<String, Answer> hooded(Map<String, Answer> answers) {
    Map<String, Answer> all = new HashMap<>(answers);
    all.put("hood", new Word("SEWN_ON"));
    return all;
  }

  /** Two squares of the back neck, one and one of each front: six; a hood of six has as many, of 16 places each, and three more on top. */
  @Test
  void aHoodOfSquaresOnACardigan() {
    Map<String, Answer> answers = hooded(SQUARES);
    answers.putAll(Map.of("frontSquares", new Numeric(3), "neckSquares", new Numeric(1), "hoodSquares", new Numeric(6), "hoodSquaresHigh", new Numeric(3)));
    GarmentPlan plan = plan("squares", answers);
    assertThat(plan.findings()).filteredOn(finding -> finding.level() != FindingCode.Level.NOTE).extracting(FindingView::sentence).isEmpty();
    SeamPlan neck = seam(plan, new SeamId("hood"));
    assertThat(neck.a().places()).isEqualTo(6 * 16);
    assertThat(neck.b().places()).isEqualTo(6 * 16);
    assertThat(neck.joints()).isEqualTo(6 * 16);
    assertThat(seam(plan, new SeamId("hood.top")).joints()).isEqualTo(3 * 16);
    assertThat(plan.gluing().openings()).extracting(GarmentPlan.OpeningPlan::name).containsExactlyInAnyOrder("Fronts, hood and hem", "Left cuff", "Right cuff");
    assertThat(round(plan, "Fronts, hood and hem")).as("hem 12, fronts 2 × 4, face 2 × 3 squares").isCloseTo(100 * (12 + 8 + 6), within(1e-6));
    assertThat(seam(plan, new SeamId("shoulder.left")).direction()).as("it is joined before the hood").isEqualTo("From the left armhole to the side of the neck.");
    assertThat(plan.boards()).filteredOn(board -> board.id().equals(new BoardId(new PieceId("hood")))).singleElement().satisfies(board -> assertThat(board.cells()).hasSize(3 * 6));
  }

  /** Squares of 11 cm: the lower edge of four is one of the back neck and one and a half of each front; it ends inside a square. */
  @ParameterizedTest
  @CsvSource({"squares", "square-halves"})
  void aHoodOfSquaresThatRunsDownTheFronts(String construction) {
    Map<String, Answer> answers =
        hooded(
            construction.equals("squares")
                ? Map.of("motifSide", new Numeric(11), "motifStitches", new Numeric(14), "squaresAcross", new Numeric(5), "squaresHigh", new Numeric(5), "shoulderSquares", new Numeric(2), "frontSquares", new Numeric(2), "neckSquares", new Numeric(0))
                : Map.of("motifSide", new Numeric(11), "motifStitches", new Numeric(14), "halfAcross", new Numeric(3), "squaresHigh", new Numeric(5), "neckAcross", new Numeric(1), "neckDeep", new Numeric(1)));
    int neck = construction.equals("squares") ? 1 : 2 + 2 + 2;
    answers.put("hoodDownHalves", new Numeric(3));
    answers.put("hoodSquaresHigh", new Numeric(3));
    GarmentPlan plan = plan(construction, answers);
    assertThat(plan.findings()).filteredOn(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST).extracting(FindingView::sentence).isEmpty();
    SeamPlan hood = seam(plan, new SeamId("hood"));
    assertThat(hood.a().lengthMm()).isCloseTo(110 * (neck + 3), within(1e-6));
    assertThat(hood.b().lengthMm()).as("one and a half of each front").isCloseTo(110 * (neck + 3), within(8.0));
    double front = construction.equals("squares") ? 5 - 1.5 : 4 - 1.5;
    double hem = construction.equals("squares") ? 5 + 2 * 2 : 4 * 3;
    assertThat(round(plan, "Fronts, hood and hem")).isCloseTo(110 * (hem + 2 * front + 2 * 3), within(16.0));
    answers.put("hoodDownHalves", new Numeric(10));
    assertThat(Laid.refused(construction, answers)).containsExactly(FindingCode.HOOD_DOWN);
    if (construction.equals("squares")) {
      // A front as wide as its shoulder goes up beside the neck, however deep that is.
      answers.putAll(Map.of("hoodDownHalves", new Numeric(9), "neckSquares", new Numeric(3)));
      assertThat(plan(construction, answers).findings()).extracting(FindingView::code).doesNotContain(FindingCode.SIDE_BROKEN, FindingCode.OPENING_SPLIT, FindingCode.OPENING_UNPLANNED);
      assertThat(seam(plan(construction, answers), new SeamId("hood")).b().lengthMm()).isCloseTo(110 * (1 + 9), within(8.0));
    }
  }

  /** Over the back neck, both front necks and 12 rows of each front; the face is open above what is left of them. */
  @ParameterizedTest
  @ValueSource(strings = {"drop-shoulder", "notched-armhole", "set-in-sleeve", "grown-on-sleeves", "sleeveless", "sideways-ribs"})
  void aHoodThatRunsDownTheFronts(String construction) {
    Map<String, Answer> answers = hooded(Map.of("hoodRows", new Numeric(30)));
    GarmentPlan atTheNeck = plan(construction, answers);
    answers.put("hoodDown", new Numeric(12));
    GarmentPlan plan = plan(construction, answers);
    assertThat(plan.findings()).filteredOn(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST).extracting(FindingView::sentence).isEmpty();
    double unit = construction.equals("sideways-ribs") ? 100 / 14.0 : 12.5;
    assertThat(seam(plan, new SeamId("hood")).b().lengthMm()).isCloseTo(seam(atTheNeck, new SeamId("hood")).b().lengthMm() + 2 * 12 * unit, within(1e-6));
    assertThat(round(plan, "Fronts, hood and hem")).isCloseTo(round(atTheNeck, "Fronts, hood and hem") - 2 * 12 * unit, within(1e-6));
    assertThat(seam(plan, new SeamId("hood")).a().lengthMm()).as("as long as its edge, or a little shorter").isBetween(seam(plan, new SeamId("hood")).b().lengthMm() * 0.97, seam(plan, new SeamId("hood")).b().lengthMm() + 1e-6);
    answers.put("hoodDown", new Numeric(900));
    assertThat(Laid.refused(construction, answers)).containsExactly(FindingCode.HOOD_DOWN);
    answers.put("kind", new Word("PULLOVER"));
    answers.put("hoodDown", new Numeric(2));
    assertThat(Laid.refused(construction, answers)).contains(FindingCode.HOOD_DOWN_PULLOVER);
  }

  /** Round a pullover's neck from its middle; of three squares with 15 stitches one stitch more of the middle one goes to the left. */
  @ParameterizedTest
  @CsvSource({"0, 14, 2, 4", "0, 15, 2, 4", "1, 14, 2, 6", "2, 15, 2, 8"})
  void roundTheNeckOfAPullover(int deep, int stitches, int neck, int around) {
    for (int shoulder : new int[] {2, 3}) {
      Map<String, Answer> answers = hooded(SQUARES);
      answers.putAll(
          Map.of(
              "kind", new Word("PULLOVER"), "squaresAcross", new Numeric(neck + 2 * shoulder), "shoulderSquares", new Numeric(shoulder), "motifStitches", new Numeric(stitches), "neckSquares",
              new Numeric(deep), "hoodSquares", new Numeric(around), "hoodSquaresHigh", new Numeric(3)));
      GarmentPlan plan = plan("squares", answers);
      SeamPlan seam = seam(plan, new SeamId("hood"));
      assertThat(seam.a().places()).isEqualTo(seam.b().places()).isEqualTo(around * (stitches + 2));
      assertThat(plan.gluing().openings()).extracting(GarmentPlan.OpeningPlan::name).containsExactlyInAnyOrder("Face of the hood", "Hem", "Left cuff", "Right cuff");
      assertThat(round(plan, "Face of the hood")).isCloseTo(600, within(1e-6));
      assertThat(plan.wearer()).extracting(check -> check.what() + " " + Math.round(check.found())).contains("Neck, where the hood is sewn on " + around * 115);
    }
  }

  /** An odd neck has a middle square, and with an odd count a middle stitch: it goes with the left half. */
  @ParameterizedTest
  @ValueSource(ints = {14, 15})
  void aNeckWithAMiddleSquare(int stitches) {
    Map<String, Answer> answers = hooded(SQUARES);
    answers.putAll(Map.of("kind", new Word("PULLOVER"), "squaresAcross", new Numeric(7), "motifStitches", new Numeric(stitches), "neckSquares", new Numeric(0), "hoodSquares", new Numeric(6)));
    GarmentPlan plan = plan("squares", answers);
    assertThat(seam(plan, new SeamId("hood")).b().places()).isEqualTo(6 * (stitches + 2));
    assertThat(plan.gluing().openings()).hasSize(4);
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.ANCHOR_HALF, FindingCode.SIDE_BROKEN);
  }

  /** On panels: as many openings as without it, nothing turned over, and what the neck gives is what the hood meets. */
  @ParameterizedTest
  @CsvSource({"drop-shoulder", "notched-armhole", "set-in-sleeve", "sideways-ribs", "sleeveless", "grown-on-sleeves", "square-halves", "squares"})
  void onEveryConstructionWithANeck(String construction) {
    for (String kind : new String[] {"CARDIGAN", "PULLOVER"}) {
      Map<String, Answer> answers = new HashMap<>(construction.equals("square-halves") ? Map.of() : Map.of("kind", new Word(kind)));
      GarmentPlan without = plan(construction, answers);
      GarmentPlan with = plan(construction, hooded(answers));
      assertThat(with.gluing().openings()).as(construction + kind).hasSameSizeAs(without.gluing().openings());
      assertThat(with.findings()).as(construction + kind).extracting(FindingView::code).doesNotContain(FindingCode.ANCHOR_HALF, FindingCode.SIDE_BROKEN, FindingCode.SEWN_SHUT, FindingCode.TURNED);
      double neck = seam(with, new SeamId("hood")).b().lengthMm();
      double left = with.gluing().openings().stream().mapToDouble(GarmentPlan.OpeningPlan::lengthMm).sum() - 2 * faceMm(with);
      double before = without.gluing().openings().stream().mapToDouble(GarmentPlan.OpeningPlan::lengthMm).sum();
      assertThat(before - left).as(construction + kind).isCloseTo(neck, within(1e-6));
      assertThat(with.findings()).as("a hood as long as the neck, %s", construction + kind).filteredOn(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST).isEmpty();
      assertThat(overlapping(with)).as("laid on other pieces, %s", construction + kind).isEmpty();
      assertThat(with.worn().get(0).shapes().get(0).piece()).as("behind the neck").isEqualTo(new PieceId("hood"));
      List<AsWorn.WornShape> back = with.worn().get(1).shapes();
      assertThat(back.get(back.size() - 1).piece()).as("over the back").isEqualTo(new PieceId("hood"));
      assertThat(back.get(back.size() - 1).points().stream().mapToDouble(Point::y).min().orElseThrow()).as("it hangs down").isNegative();
    }
  }

  /** The fold would lie in the middle of a stitch; between two stitches of a middle square it may. */
  @Test
  void anOddTopCannotBeHalved() {
    assertThat(Laid.refused("drop-shoulder", hooded(Map.of("hoodStitches", new Numeric(61))))).containsExactly(FindingCode.HOOD_ODD);
    assertThat(Laid.refused("squares", hooded(Map.of("hoodSquares", new Numeric(5), "motifStitches", new Numeric(15))))).containsExactly(FindingCode.HOOD_ODD);
    assertThat(seam(plan("squares", hooded(Map.of("hoodSquares", new Numeric(5), "motifStitches", new Numeric(14)))), new SeamId("hood.top")).joints()).isEqualTo(2 * 16 + 8);
    assertThat(Laid.refused("drop-shoulder", Map.of("hoodStitches", new Numeric(61)))).as("no hood, nothing to halve").isEmpty();
  }

  @Test
  void aSlitIsNoNeckForAHood() {
    Map<String, Answer> answers = hooded(Map.of("neckAcross", new Numeric(0)));
    assertThat(Laid.refused("square-halves", answers)).containsExactly(FindingCode.HOOD_WITHOUT_NECK);
  }

  private static double faceMm(GarmentPlan plan) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(new PieceId("hood"))).flatMap(piece -> piece.edges().stream()).filter(edge -> edge.id().equals("left")).findFirst().orElseThrow().lengthMm();
  }

  private static double round(GarmentPlan plan, String opening) {
    return plan.gluing().openings().stream().filter(found -> found.name().equals(opening)).findFirst().orElseThrow().lengthMm();
  }

  /** Pieces that a hood lies on, by their boxes. */
  private static List<PieceId> overlapping(GarmentPlan plan) {
    Box hood = lies(plan.pieces().stream().filter(piece -> piece.id().equals(new PieceId("hood"))).findFirst().orElseThrow());
    return plan.pieces().stream()
        .filter(piece -> !piece.id().equals(new PieceId("hood")))
        .filter(piece -> hood.left() < lies(piece).right() && lies(piece).left() < hood.right() && hood.bottom() < lies(piece).top() && lies(piece).bottom() < hood.top())
        .map(PiecePlan::id)
        .toList();
  }

  private static Box lies(PiecePlan piece) {
    return Box.round(piece.edges().stream().flatMap(edge -> edge.runs().stream()).map(run -> piece.placement().onTable(new Point(run.x(), run.y()))).toList());
  }
}
