package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Laid.plan;
import static ruxel.core.construction.Laid.refused;
import static ruxel.core.construction.Laid.seam;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.construction.Answers.Answer;
import ruxel.core.construction.Answers.Numeric;
import ruxel.core.construction.Answers.Word;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.OwnChange;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.Settings;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.AsWorn;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;

/** Garments that lie in folded layers, by the numbers of handbook 9.3 and 9.4. */
class FoldedTest {
  private static Map<String, Answer> hexagons(int side, int neck) {
    return new HashMap<>(Map.of("gaugeStitches", new Numeric(12.5), "hexagonSide", new Numeric(side), "hexagonNeck", new Numeric(neck)));
  }

  private static Map<String, Answer> square(int side, int pair, String fold, String marked, double stitches) {
    return Map.of(
        "gaugeStitches", new Numeric(stitches), "squareSide", new Numeric(side), "markedPair", new Numeric(pair), "foldOn", new Word(fold), "markedPairIs", new Word(marked));
  }

  /** Sides of 48 stitches at 8 mm: 76.8 cm round, 38.4 long, cuffs 38.4 round, 14.4 of back neck, 39 stitches over each sleeve. */
  @Test
  void twoHexagons() {
    GarmentPlan plan = plan("two-hexagons", hexagons(48, 9));
    assertThat(plan.findings()).extracting(FindingView::sentence).isEmpty();
    assertThat(seam(plan, new SeamId("top.left")).joints()).isEqualTo(39);
    assertThat(seam(plan, new SeamId("top.right")).joints()).isEqualTo(39);
    assertThat(seam(plan, new SeamId("centre")).joints()).isEqualTo(48);
    assertThat(plan.wearer()).extracting(check -> check.check() + " " + Math.round(check.found())).contains("BODY 768", "REACH 384");
    assertThat(openings(plan)).containsOnly(Map.entry("Left cuff", 384L), Map.entry("Right cuff", 384L), Map.entry("Fronts, neck and hem", Math.round(4 * 384 + 4 * 9 * 8.0)));
    assertThat(plan.consequences()).extracting(GarmentPlan.ConsequenceView::sentence).anySatisfy(words -> assertThat(words).contains("The back neck is 14.4 cm").contains("39 stitches"));
    assertThat(plan.consequences()).extracting(GarmentPlan.ConsequenceView::sentence).anySatisfy(words -> assertThat(words).contains("76.8 cm round the body").contains("19.2 cm from underarm to cuff"));
  }

  /** On the one opening of an open jacket: two corners of each front, straight over the folds and at both ends of the centre back, a slit where a seam over a sleeve ends. */
  @ParameterizedTest
  @CsvSource({"48", "47"})
  void cornersAfterFolding(int side) {
    GarmentPlan plan = plan("two-hexagons", hexagons(side, 9));
    for (PiecePlan piece : plan.pieces()) {
      assertThat(piece.closes()).isTrue();
      assertThat(piece.edges()).hasSize(6).allSatisfy(edge -> assertThat(edge.cornerAngle()).isEqualTo(90, within(1e-6)));
      assertThat(piece.folded().orElseThrow().layers()).extracting(PiecePlan.LayerPlan::shows).containsExactly(PiecePlan.Shows.RIGHT_SIDE, PiecePlan.Shows.WRONG_SIDE);
      assertThat(piece.folded().orElseThrow().folds()).hasSize(2);
    }
    GarmentPlan.OpeningPlan front = plan.gluing().openings().stream().filter(opening -> opening.name().startsWith("Fronts")).findFirst().orElseThrow();
    assertThat(front.angles().stream().map(Math::round).toList()).containsExactlyInAnyOrder(90L, 90L, 90L, 90L, 180L, 180L, 360L, 360L);
  }

  /** A cuff of an odd count is one stitch on the fold and equal halves; everything is as round as with an even one. */
  @Test
  void aStitchOnTheFold() {
    GarmentPlan plan = plan("two-hexagons", hexagons(49, 9));
    assertThat(plan.findings()).isEmpty();
    assertThat(openings(plan)).contains(Map.entry("Left cuff", 392L));
    assertThat(plan.wearer()).extracting(check -> check.check() + " " + Math.round(check.found())).contains("BODY 784");
  }

  @ParameterizedTest
  @CsvSource({"19.2, false", "22.9, false", "23.2, true", "33.4, true"})
  void aHexagonThatLiesTooFlat(double middleCm, boolean warned) {
    Map<String, Answer> answers = hexagons(48, 9);
    answers.put("hexagonMiddle", new Numeric(middleCm));
    List<FindingView> flat = plan("two-hexagons", answers).findings().stream().filter(finding -> finding.code() == FindingCode.HEXAGON_FLAT).toList();
    assertThat(flat).hasSize(warned ? 2 : 0);
  }

  /** S 90 cm, 7.14 mm, the 18th pair joined: 34 places, 46 stitches at each end; with a stitch on the fold one more; open pairs two more. */
  @ParameterizedTest
  @CsvSource({"126, 18, BETWEEN, JOINED, 34, 46", "126, 18, BETWEEN, OPEN, 36, 45", "119, 15, STITCH, JOINED, 29, 45", "119, 15, STITCH, OPEN, 31, 44", "20, 1, BETWEEN, JOINED, 0, 10", "21, 1, STITCH, JOINED, 1, 10"})
  void aFoldedSquare(int side, int pair, String fold, String marked, int armhole, int end) {
    GarmentPlan plan = plan("folded-square", square(side, pair, fold, marked, 14));
    double w = 100 / 14.0;
    for (SeamId id : List.of(new SeamId("end.left"), new SeamId("end.right"))) {
      SeamPlan seam = seam(plan, id);
      assertThat(seam.joints()).isEqualTo(end);
      assertThat(seam.a().places()).isEqualTo(end);
      assertThat(seam.b().places()).isEqualTo(end);
    }
    assertThat(openings(plan)).contains(Map.entry("Opening for the collar", Math.round(2 * side * w)));
    if (armhole > 0) {
      assertThat(List.of(plan.gluing().points(), plan.gluing().segments())).containsExactly(4, 6);
      assertThat(openings(plan)).hasSize(3).contains(Map.entry("Left armhole", Math.round(armhole * w)), Map.entry("Right armhole", Math.round(armhole * w)));
      assertThat(plan.findings()).extracting(FindingView::sentence).isEmpty();
    }
    assertThat(plan.pieces().get(0).edges()).hasSize(4).allSatisfy(edge -> assertThat(edge.cornerAngle()).isEqualTo(90, within(1e-6)));
    assertThat(plan.worn()).hasSize(2);
  }

  /** S 90 cm: 24.3 cm round the armhole, 32.9 at the end, a collar of 180. */
  @Test
  void whatFollowsFromASquare() {
    GarmentPlan plan = plan("folded-square", square(126, 18, "BETWEEN", "JOINED", 14));
    assertThat(plan.consequences()).extracting(GarmentPlan.ConsequenceView::sentence).anySatisfy(words -> assertThat(words).contains("34 places, 24.3 cm round", "46 stitches, 32.9 cm"));
    assertThat(plan.consequences()).extracting(GarmentPlan.ConsequenceView::sentence).anySatisfy(words -> assertThat(words).contains("collar is 180 cm round"));
  }

  @Test
  void whatCannotBeIsToldAtItsNumber() {
    assertThat(refused("two-hexagons", hexagons(48, 48))).containsExactly(FindingCode.HEXAGON_NECK);
    assertThat(refused("folded-square", square(126, 64, "BETWEEN", "JOINED", 14))).containsExactly(FindingCode.FOLD_PAIR);
    assertThat(refused("folded-square", square(126, 63, "BETWEEN", "OPEN", 14))).containsExactly(FindingCode.FOLD_PAIR);
    assertThat(refused("folded-square", square(125, 18, "BETWEEN", "JOINED", 14))).containsExactly(FindingCode.FOLD_PARITY);
    assertThat(seam(plan("folded-square", square(126, 63, "BETWEEN", "JOINED", 14)), new SeamId("end.left")).joints()).isEqualTo(1);
  }

  /** Of each layer from the fold on, and of each side of a hexagon: a slip is named, by both numbers. */
  @Test
  void whatWasCountedOtherwiseIsNamed() {
    GarmentPlan armhole = counted("folded-square", square(126, 18, "BETWEEN", "JOINED", 14), "square", "end.left", "armhole.lower", 16);
    assertThat(armhole.findings()).filteredOn(finding -> finding.code() == FindingCode.LAYERS_DIFFER).singleElement()
        .satisfies(finding -> assertThat(finding.sentence()).contains("17 stitches from the fold on the upper layer and 16 stitches on the lower one"));
    assertThat(armhole.findings()).extracting(FindingView::code).contains(FindingCode.SIDES_DIFFER);
    GarmentPlan side = counted("two-hexagons", hexagons(48, 9), "half.left", "front", "front", 49);
    assertThat(side.findings()).extracting(FindingView::code).contains(FindingCode.HEXAGON_SIDES, FindingCode.TWINS_DIFFER).doesNotContain(FindingCode.LAYERS_DIFFER);
    assertThat(side.findings()).filteredOn(finding -> finding.code() == FindingCode.HEXAGON_SIDES).singleElement().satisfies(finding -> assertThat(finding.sentence()).contains("48 to 49 stitches"));
  }

  /** Told in parts at the fold, and made the maker's own after that, a piece lies folded as before. */
  @ParameterizedTest
  @CsvSource({"48", "47"})
  void theFoldStaysWhereItIsTold(int side) {
    Garment garment = Garment.of("Quay", new Recipe("two-hexagons", new Answers(hexagons(side, 9))));
    PieceId left = new PieceId("half.left");
    for (String run : List.of("front", "back")) {
      List<RunPart> parts = List.of(part(5), part(side / 2 - 5));
      garment = good(new EdgeChange.RunTold(left, "hem", run, parts).apply(garment));
    }
    PiecePlan.FoldedPlan before = piece(planned(garment), left).folded().orElseThrow();
    Garment owned = good(new OwnChange.PieceOwned(left).apply(garment));
    assertThat(owned.pieces()).hasSize(1);
    assertThat(piece(planned(owned), left).folded()).contains(before);
    assertThat(piece(planned(garment), new PieceId("half.right")).folded().orElseThrow().layers()).hasSize(2);
  }

  /** 2 × 9 × 8 mm are wide enough, 2 × 6 × 8 are not, and it is said before the seams over the sleeves. */
  @ParameterizedTest
  @CsvSource({"9, 144, false", "7, 112, false", "6, 96, true"})
  void theBackNeckOfHalves(int neck, long found, boolean isNarrow) {
    GarmentPlan plan = plan("two-hexagons", hexagons(48, neck));
    assertThat(plan.wearer()).extracting(check -> check.check() + " " + Math.round(check.found()) + " " + check.needed().map(Math::round).orElse(0L)).contains("BACK_NECK " + found + " 110");
    assertThat(plan.findings().stream().anyMatch(finding -> finding.code() == FindingCode.BACK_NECK_NARROW)).isEqualTo(isNarrow);
  }

  /** Two Ls that meet at the middle, from the front the wearer’s left on the right, from the back on the left; the wingspan is two sides. */
  @Test
  void asWorn() {
    GarmentPlan plan = plan("two-hexagons", hexagons(48, 9));
    for (int view : new int[] {0, 1}) {
      int way = view == 0 ? 1 : -1;
      List<AsWorn.WornShape> shapes = plan.worn().get(view).shapes();
      assertThat(shapes).hasSize(2);
      assertThat(shapes.get(0).piece()).isEqualTo(new PieceId("half.left"));
      List<Double> across = shapes.get(0).points().stream().map(point -> way * point.x()).sorted().toList();
      assertThat(across.get(0)).isEqualTo(0, within(1e-6));
      assertThat(across.get(across.size() - 1)).isEqualTo(384, within(1e-6));
      assertThat(shapes.get(1).points().stream().mapToDouble(point -> way * point.x()).min().orElseThrow()).isEqualTo(-384, within(1e-6));
      assertThat(shapes.get(0).points().stream().map(point -> Math.round(point.y())).distinct().sorted().toList()).containsExactly(-384L, -192L, 0L);
    }
  }

  /** Before the first seam: how to fold, and what tells that one is folded the wrong way round, by the sleeves of the wearer. */
  @Test
  void howTheyAreFolded() {
    assertThat(plan("two-hexagons", hexagons(48, 9)).order().steps()).filteredOn(step -> step.kind() == OrderPlan.Kind.FOLD).singleElement().satisfies(
        step -> {
          assertThat(step.words()).contains("if two sleeves point the same way");
          assertThat(step.todo()).hasSize(2);
          assertThat(step.todo().get(0)).startsWith("Left hexagon").contains("wearer’s left").contains("your right");
          assertThat(step.todo().get(1)).startsWith("Right hexagon").contains("wearer’s right").contains("your left");
        });
    assertThat(plan("folded-square", square(126, 18, "BETWEEN", "JOINED", 14)).order().steps()).filteredOn(step -> step.kind() == OrderPlan.Kind.FOLD).singleElement()
        .satisfies(step -> assertThat(step.todo()).containsExactly("Square: halve its left end and its right end. Put a marker into each layer at the marked pair, four in all."));
    assertThat(plan("drop-shoulder", Map.of()).order().steps()).extracting(OrderPlan.WorkStep::kind).doesNotContain(OrderPlan.Kind.FOLD);
  }

  private static RunPart part(int count) {
    return new RunPart(UnitKind.STITCH_TOP, count, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static GarmentPlan planned(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }

  private static PiecePlan piece(GarmentPlan plan, PieceId id) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }

  private static GarmentPlan counted(String id, Map<String, Answer> answers, String piece, String edge, String run, int count) {
    Garment garment = Garment.of("Quay", new Recipe(id, new Answers(answers)));
    Settings settings = garment.settings().with(new MadeCount(new PieceId(piece), edge, run, count, Counts.Source.AS_MADE));
    return planned(garment.withSettings(settings));
  }

  private static List<Map.Entry<String, Long>> openings(GarmentPlan plan) {
    return plan.gluing().openings().stream().map(opening -> Map.entry(opening.name(), Math.round(opening.lengthMm()))).toList();
  }
}
