package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Laid.build;
import static ruxel.core.construction.Laid.built;
import static ruxel.core.construction.Laid.numbers;
import static ruxel.core.construction.Laid.plan;
import static ruxel.core.construction.Laid.seam;
import static ruxel.core.construction.Laid.sentence;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.board.Board;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;

/** What holds for every construction there is, with the usual answers and with any others it takes. */
class ConstructionsTest {
  private static final int ROUNDS = 90;
  private static final int LEAST_BUILT = 7;

  static Stream<Arguments> kinds() {
    return Templates.all().stream().flatMap(template -> Stream.of("CARDIGAN", "PULLOVER").map(kind -> Arguments.of(template.id(), kind)));
  }

  /** A maker who answers nothing but what it is gets a garment that can be joined at once. */
  @ParameterizedTest
  @MethodSource("kinds")
  void theUsualAnswersMakeAGarmentThatCanBeJoined(String id, String kind) {
    boolean asks = Templates.of(id).orElseThrow().questions().contains(Body.KIND.question());
    GarmentPlan plan = plan(id, asks ? Map.of("kind", new Answers.Word(kind)) : Map.of());
    assertThat(plan.seams()).isNotEmpty().allMatch(SeamPlan::planned);
    assertThat(plan.findings()).filteredOn(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST).isEmpty();
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.OUTLINE_OPEN, FindingCode.OPENING_SPLIT, FindingCode.SEWN_SHUT, FindingCode.OPENING_UNPLANNED);
    assertThat(plan.steps()).hasSameSizeAs(plan.seams());
  }

  /** Everything in its bounds is refused with reasons or laid out whole: pieces close, both halves alike, every seam on its pieces. */
  @ParameterizedTest
  @MethodSource("kinds")
  void anyAnswersAreRefusedOrMakeWholePieces(String id, String kind) {
    Template template = Templates.of(id).orElseThrow();
    Random random = new Random(id.hashCode() + kind.hashCode());
    int built = 0;
    for (int round = 0; round < ROUNDS; round++) {
      Map<String, Answers.Answer> answers = answers(template, random);
      if (template.questions().contains(Body.KIND.question())) {
        answers.put("kind", new Answers.Word(kind));
      }
      if (template.build(new Answers(answers)) instanceof Outcome.Good<Construct> good) {
        built++;
        Construct construct = good.value();
        for (Piece piece : construct.pieces()) {
          assertThat(new Outline(piece).closes(HouseRules.USUAL)).as("%s with %s", piece.id(), answers).isTrue();
        }
        long hoods = construct.seams().stream().filter(seam -> seam.role() == SeamRole.HOOD || seam.role() == SeamRole.HOOD_TOP).count();
        assertThat(construct.seams().stream().filter(seam -> seam.id().text().endsWith(".left")).count()).isEqualTo((construct.seams().size() - hoods) / 2);
        if (squares(construct) > Board.MOST_SQUARES) {
          assertThat(Laid.refused(id, answers)).containsExactly(FindingCode.TOO_MANY);
          continue;
        }
        GarmentPlan plan = plan(id, answers);
        assertThat(plan.seams()).extracting(SeamPlan::id).as("%s %s", answers, plan.findings().stream().map(FindingView::sentence).toList()).containsExactlyInAnyOrderElementsOf(construct.seams().stream().map(Seam::id).toList());
        plan.seams().stream().filter(SeamPlan::planned).forEach(seam -> Stream.of(seam.a(), seam.b()).forEach(ConstructionsTest::railsFollowEachOther));
        assertThat(plan.findings()).extracting(FindingView::code).as("%s", answers).doesNotContain(FindingCode.SIDES_DIFFER, FindingCode.SEAMS_DIFFER, FindingCode.CUT_GONE, FindingCode.METHOD_NEVER);
      }
    }
    assertThat(built).as("of %d", ROUNDS).isGreaterThanOrEqualTo(LEAST_BUILT);
  }

  /** What is drawn of a side has no gap and nothing over another, however many places its rows give. */
  private static void railsFollowEachOther(SeamPlan.SidePlan side) {
    double atMm = 0;
    for (SeamPlan.Rail rail : side.rails()) {
      assertThat(rail.startMm()).as("%s, %s", side.name(), rail).isCloseTo(atMm, within(1e-6));
      atMm += rail.places() * rail.placeMm();
    }
    assertThat(atMm).as(side.name()).isCloseTo(side.lengthMm(), within(1e-6));
  }

  private static Map<String, Answers.Answer> answers(Template template, Random random) {
    Map<String, Answers.Answer> answers = new HashMap<>();
    for (Question question : template.questions()) {
      if (random.nextInt(3) == 0) {
        answers.put(
            question.key(),
            switch (question.type()) {
              case CHOICE -> new Answers.Word(question.choices().get(random.nextInt(question.choices().size())).value());
              case COUNT -> new Answers.Numeric(question.least() + random.nextInt(question.key().endsWith("Rows") ? 30 : question.key().endsWith("Steps") ? 5 : 20));
              case NUMBER -> new Answers.Numeric(question.key().endsWith("Mm") ? random.nextInt(300) : 6 + random.nextInt(18));
            });
      }
    }
    return answers;
  }

  /** Handbook 4.2: 16 stitches and 9 rows per 10 cm, 5 stitches left: 2.8, so 3 rows sit in the notch, 2.1 mm over. */
  @Test
  void theRowsInANotchFollowFromItsStitches() {
    Construct construct = built("notched-armhole", Map.of("gaugeStitches", 16, "gaugeRows", 9, "underarmStitches", 5, "armholeRows", 18));
    assertThat(construct.told().assumed()).containsEntry("notchRows", "3");
    assertThat(sentence(construct, "notchRows")).contains("2.1 mm over");
    // 18 rows deep, front and back: 40 cm, which are 64 stitches, one of them the turning chain.
    assertThat(construct.told().assumed()).containsEntry("sleeveTopStitches", "63");
    assertThat(sentence(construct, "sleeveTopStitches")).contains("64 stitches", "40 cm", "equal");
  }

  @Test
  void theCornersOfANotchMeetTheCornersOfTheSleeve() {
    GarmentPlan plan = plan("notched-armhole", numbers(Map.of("gaugeStitches", 16, "gaugeRows", 9, "underarmStitches", 5, "armholeRows", 18)));
    SeamPlan armhole = seam(plan, new SeamId("armhole.left"));
    assertThat(armhole.anchors()).extracting(anchor -> anchor.id()).containsExactly("START", "corner.front", "shoulder", "corner.back", "END");
    // 3 rows of the sleeve on 5 stitches left, 64 stitches on 2 × 18 rows, 3 on 5.
    assertThat(armhole.counts()).isEqualTo("3 + 64 + 3 on 23 + 23");
  }

  /** Handbook 9.5: armhole 188.6 mm from the corner up, cap 192.2 mm: 1.9 % longer, matched. */
  @Test
  void aCapIsComparedWithItsArmholeFromCornerToShoulder() {
    Construct construct =
        built(
            "set-in-sleeve",
            Map.ofEntries(
                Map.entry("gaugeStitches", 18), Map.entry("gaugeRows", 10), Map.entry("underarmStitches", 5), Map.entry("armholeRows", 18),
                Map.entry("armholeShapedRows", 6), Map.entry("armholeShapedStitches", 6), Map.entry("upperArmStitches", 55), Map.entry("capUnderarmStitches", 5),
                Map.entry("capLowerRows", 9), Map.entry("capLowerStitches", 9), Map.entry("capUpperRows", 3), Map.entry("capUpperStitches", 6)));
    assertThat(sentence(construct, "capUpperStitches")).contains("16 stitches stay on top", "19.2 cm", "18.9 cm", "1.9 % longer");
  }

  @Test
  void aSlitStopsAtTheNearestRowOnBothSides() {
    // Ribbing of 7 rows at 12.5 mm is 87.5 mm; 150 mm are 12 rows, exactly.
    Construct construct = built("sleeveless", Map.of("slitMm", 148));
    assertThat(sentence(construct, "slitMm")).contains("12 rows", "15 cm");
    assertThat(construct.openings()).extracting(ExpectedOpening::id).contains("front", "armhole.left", "armhole.right");
    GarmentPlan plan = plan("sleeveless", numbers(Map.of("slitMm", 148)));
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.OPENING_UNPLANNED, FindingCode.OPENING_SPLIT);
    assertThat(seam(plan, new SeamId("side.left")).anchors()).extracting(anchor -> anchor.id()).as("the ribbing lies below the end of the slit").containsExactly("START", "END");
  }

  @Test
  void sideAndSleeveCanBeTwoSeamsToTheUnderarm() {
    Construct construct = build("set-in-sleeve", Map.of("sideInPasses", new Answers.Word("TWO")));
    assertThat(construct.seams()).extracting(Seam::id).contains(new SeamId("side.left"), new SeamId("sleeve.left"), new SeamId("side.right"), new SeamId("sleeve.right"));
    GarmentPlan plan = plan("set-in-sleeve", Map.of("sideInPasses", new Answers.Word("TWO")));
    assertThat(seam(plan, new SeamId("sleeve.left")).direction()).startsWith("From the cuff");
    assertThat(seam(plan, new SeamId("side.left")).direction()).startsWith("From the hem");
  }

  /** Whoever joins from both ends to the underarm has two seams a side, each begun at its open end; the openings stay. */
  @ParameterizedTest
  @ValueSource(strings = {"drop-shoulder", "notched-armhole", "set-in-sleeve", "sideways-ribs", "grown-on-sleeves", "wide-front"})
  void sideAndSleeveAreJoinedInOnePassOrTwo(String id) {
    GarmentPlan one = plan(id, Map.of("sideInPasses", new Answers.Word("ONE")));
    GarmentPlan two = plan(id, Map.of("sideInPasses", new Answers.Word("TWO")));
    assertThat(two.seams()).hasSize(one.seams().size() + 2).allMatch(SeamPlan::planned);
    assertThat(two.gluing().openings()).isEqualTo(one.gluing().openings());
    assertThat(seam(two, new SeamId("side.left")).direction()).startsWith("From the hem");
    assertThat(seam(two, new SeamId("sleeve.left")).direction()).startsWith("From the").contains("cuff");
  }

  @Test
  void aSleeveCountedWithItsRibbingIsAsMuchShorter() {
    Construct without = build("notched-armhole", Map.of("sleeveRows", new Answers.Numeric(40), "cuffRibRows", new Answers.Numeric(5)));
    Construct with = build("notched-armhole", Map.of("sleeveRows", new Answers.Numeric(40), "cuffRibRows", new Answers.Numeric(5), "sleeveRowsCounted", new Answers.Word("WITH")));
    double rows = 100.0 / 8;
    assertThat(height(without) - height(with)).isEqualTo(5 * rows);
  }

  private static double height(Construct construct) {
    return new Outline(construct.pieces().stream().filter(piece -> piece.id().equals(new PieceId("sleeve.left"))).findFirst().orElseThrow()).box().height();
  }

  /** Handbook 9.6: a front of 52 cm between shoulders 28 cm apart hangs about 19.7 cm; that it does not meet the back is not said. */
  @Test
  void aWideFrontHangsAndIsNoTrouble() {
    assertThat(WideFront.drapeMm(520, 280)).isCloseTo(197, within(0.5));
    GarmentPlan plan = plan("wide-front", numbers(Map.of("backStitches", 60, "wideFrontStitches", 94, "shoulderStitches", 11)));
    assertThat(plan.findings()).filteredOn(finding -> finding.level() != FindingCode.Level.NOTE).isEmpty();
    assertThat(plan.seams()).noneMatch(seam -> seam.id().text().contains("neck"));
  }

  /** The armpit is an inner corner, and nothing is eased within 3 cm of it. */
  @Test
  void aGrownOnSleeveTurnsAtTheArmpit() {
    Construct construct = build("grown-on-sleeves", Map.of());
    Piece back = construct.pieces().get(0);
    assertThat(back.edge("left").orElseThrow().runs().stream().filter(run -> run.noEase()).map(run -> run.lengthMm()).toList())
        .hasSize(2)
        .allMatch(mm -> Math.abs(mm - 30) <= 6.5);
    assertThat(construct.seams()).extracting(Seam::id).containsExactly(new SeamId("shoulder.left"), new SeamId("shoulder.right"), new SeamId("side.left"), new SeamId("side.right"));
    assertThat(plan("grown-on-sleeves", Map.of()).gluing().openings()).extracting(opening -> opening.name()).anyMatch(name -> name.toLowerCase().contains("cuff"));
  }

  /** 10 rows per 10 cm, ribs of 2 rows: 8 ribs a shoulder are 16 cm; the back has two shoulders and 9 ribs, 18 cm, for the neck. */
  @Test
  void ribsGoOnAcrossTheShoulder() {
    Map<String, Integer> ribs = Map.of("gaugeStitches", 12, "gaugeRows", 10, "ribRows", 2, "shoulderRibRepeats", 7, "backRibRepeats", 24, "lengthStitches", 66, "armholeStitches", 24);
    Construct construct = built("sideways-ribs", ribs);
    assertThat(sentence(construct, "backRibRepeats")).contains("25 ribs", "50 cm", "9 of them", "18 cm");
    GarmentPlan plan = plan("sideways-ribs", numbers(ribs));
    SeamPlan shoulder = seam(plan, new SeamId("shoulder.left"));
    assertThat(shoulder.counts()).as("row ends on row ends").isEqualTo("16 on 16");
    assertThat(shoulder.phases()).hasSize(1).allMatch(phase -> phase.met() == phase.pairs().size() && phase.met() >= 7);
    // 24 stitches of 8.3 mm on each side: 40 cm, which are 48 stitches of the sleeve.
    assertThat(construct.told().assumed()).containsEntry("sleeveTopStitches", "47");
    // 66 stitches less 24 of the armhole, stitch on stitch: the sides come first, and it is said why.
    assertThat(seam(plan, new SeamId("side.left")).counts()).isEqualTo("42 on 42");
    assertThat(plan.steps()).extracting(step -> step.seam()).startsWith(new SeamId("side.left"), new SeamId("side.right"), new SeamId("shoulder.left"));
    assertThat(plan.steps().get(0).reasons()).anyMatch(reason -> reason.sentence().contains("stitch on stitch"));
  }

  static Stream<Arguments> impossible() {
    return Stream.of(
        Arguments.of("set-in-sleeve", Map.of("upperArmStitches", 20, "capUnderarmStitches", 5, "capLowerStitches", 9), "upperArmStitches and what the cap leaves", FindingCode.CAP_TOO_NARROW),
        Arguments.of("set-in-sleeve", Map.of("armholeRows", 4, "armholeShapedRows", 6), "more rows shaped than there are", FindingCode.SHAPING_TOO_LONG),
        Arguments.of("set-in-sleeve", Map.of("armholeShapedRows", 0, "armholeShapedStitches", 6), "stitches left in no row", FindingCode.SHAPING_WITHOUT_ROWS),
        Arguments.of("set-in-sleeve", Map.of("backStitches", 40, "underarmStitches", 15), "notch wider than the shoulder", FindingCode.SHOULDERS_TOO_WIDE),
        Arguments.of("notched-armhole", Map.of("sleeveRows", 3, "notchRows", 3), "notch higher than the sleeve", FindingCode.NOTCH_TOO_HIGH),
        Arguments.of("sideways-ribs", Map.of("shoulderRibRepeats", 9, "backRibRepeats", 12), "ribs leave no neck", FindingCode.RIBS_TAKE_NECK),
        Arguments.of("sideways-ribs", Map.of("lengthStitches", 20, "armholeStitches", 20), "armhole as long as the side", FindingCode.ARMHOLE_LONGER_THAN_SIDE),
        Arguments.of("wide-front", Map.of("backStitches", 60, "wideFrontStitches", 50), "front narrower than the back", FindingCode.FRONT_NOT_WIDER),
        Arguments.of("sleeveless", Map.of("slitMm", 900), "slit longer than the side", FindingCode.SLIT_TOO_LONG));
  }

  @ParameterizedTest(name = "{2}")
  @MethodSource("impossible")
  void whatCannotBeIsNamedAtItsAnswer(String id, Map<String, Integer> answers, String what, FindingCode code) {
    Outcome<Construct> outcome = Templates.of(id).orElseThrow().build(new Answers(numbers(answers)));
    assertThat(outcome.findings()).anyMatch(finding -> finding.code() == code && finding.where().answer().isPresent());
  }

  private static int squares(Construct construct) {
    return construct.pieces().stream().flatMap(piece -> piece.board().stream()).mapToInt(board -> board.squares().size()).sum();
  }
}
