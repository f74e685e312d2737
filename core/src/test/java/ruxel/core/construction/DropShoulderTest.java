package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;

class DropShoulderTest {
  @Test
  void everyOutlineClosesAndRunsCounterClockwise() {
    for (Garment garment : List.of(Wardrobe.cardigan(), Wardrobe.pullover())) {
      for (Piece piece : construct(garment).pieces()) {
        Outline outline = new Outline(piece);
        assertThat(outline.closes(HouseRules.USUAL)).as(piece.name()).isTrue();
        assertThat(outline.gapMm()).as(piece.name()).isEqualTo(0, within(1e-9));
        assertThat(outline.areaMm2()).as(piece.name()).isPositive();
        double turn = IntStream.range(0, piece.edges().size()).mapToDouble(e -> 180 - outline.angleAt(e, 0)).sum();
        double inside = innerTurns(piece, outline);
        assertThat(turn + inside).as("%s turns once", piece.name()).isEqualTo(360, within(1e-6));
      }
    }
  }

  private static double innerTurns(Piece piece, Outline outline) {
    double sum = 0;
    for (int e = 0; e < piece.edges().size(); e++) {
      for (int cut = 1; cut < piece.edges().get(e).units(); cut++) {
        sum += 180 - outline.angleAt(e, 2 * cut);
      }
    }
    return sum;
  }

  @Test
  void twinOfTwinIsThePieceItself() {
    Piece left = piece(construct(Wardrobe.cardigan()), new PieceId("front.left"));
    Piece right = piece(construct(Wardrobe.cardigan()), new PieceId("front.right"));
    Piece again = right.mirrored(new PieceId("front.left"), "Left front", Map.of());
    assertThat(again.edges()).isEqualTo(left.edges());
    assertThat(right.mirrorOf().orElseThrow().piece()).isEqualTo(new PieceId("front.left"));
  }

  @Test
  void turningChainAddsOneOnlyWhenItCounts() {
    assertThat(piece(construct(Wardrobe.cardigan()), new PieceId("back")).edge("hem").orElseThrow().units()).isEqualTo(66);
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.word(answers, "turningChainCounts", "NO");
    assertThat(piece(construct(Wardrobe.garment(answers)), new PieceId("back")).edge("hem").orElseThrow().units()).isEqualTo(65);
    answers.remove("turningChainCounts");
    Wardrobe.word(answers, "stitch", "SC");
    assertThat(piece(construct(Wardrobe.garment(answers)), new PieceId("back")).edge("hem").orElseThrow().units())
        .as("single crochet: the first guess is that it does not count")
        .isEqualTo(65);
  }

  @Test
  void workingDirectionDecidesTopsAndFoundations() {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    assertThat(kind(answers, new PieceId("back"), "shoulder.left")).isEqualTo(UnitKind.STITCH_TOP);
    assertThat(kind(answers, new PieceId("sleeve.left"), "cuff")).isEqualTo(UnitKind.FOUNDATION_LOOP);
    Wardrobe.word(answers, "bodyWorked", "TOP_DOWN");
    Wardrobe.word(answers, "sleeveWorked", "TOP_DOWN");
    assertThat(kind(answers, new PieceId("back"), "shoulder.left")).isEqualTo(UnitKind.FOUNDATION_LOOP);
    assertThat(kind(answers, new PieceId("sleeve.left"), "cuff")).isEqualTo(UnitKind.STITCH_TOP);
  }

  @Test
  void saysWhatFollowsFromAnAnswer() {
    Construct construct = construct(Wardrobe.cardigan());
    Wording cm = Wording.USUAL;
    assertThat(construct.told().consequences())
        .extracting(c -> c.answer() + ": " + c.sentence(cm))
        .contains(
            "backStitches: 66 stitches, 47.1 cm wide, turning chain counted.",
            "armholeRows: 17.5 cm deep, 35 cm from underarm to underarm; the side seam is 40 cm.",
            "shoulderStitches: 16.4 cm each; 20 stitches, 14.3 cm, are left for the back neck.",
            "sleeveTopStitches: 51 stitches, 36.4 cm, on an armhole of 35 cm: 3.9 % longer.");
    assertThat(construct.told().assumed()).containsEntry("colour", "WOAD").containsEntry("bodyWorked", "BOTTOM_UP").doesNotContainKey("backStitches");
  }

  @ParameterizedTest
  @CsvSource({
    "backStitches, 0, ANSWER_OUT_OF_RANGE",
    "backStitches, -3, ANSWER_OUT_OF_RANGE",
    "backStitches, 12.5, ANSWER_NOT_WHOLE",
    "backStitches, 100000, ANSWER_OUT_OF_RANGE",
    "gaugeStitches, 0, ANSWER_OUT_OF_RANGE",
    "shoulderStitches, 33, SHOULDERS_TOO_WIDE",
    "shoulderStitches, 32, SHOULDER_WIDER_THAN_FRONT",
    "armholeRows, 40, ARMHOLE_TOO_LONG",
    "neckRows, 40, NECK_TOO_DEEP",
    "neckCentre, 9, NECK_CENTRE_TOO_WIDE"
  })
  void refusesAtTheQuestion(String key, double value, FindingCode code) {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.number(answers, key, value);
    assertThat(Layout.of(Wardrobe.garment(answers)).findings())
        .anySatisfy(
            finding -> {
              assertThat(finding.code()).isEqualTo(code);
              assertThat(finding.where().answer()).contains(key);
            });
  }

  @Test
  void tellsAllThatIsWrongAtOnce() {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.number(answers, "armholeRows", 50);
    Wardrobe.number(answers, "shoulderStitches", 40);
    Wardrobe.word(answers, "stitch", "KNIT");
    Wardrobe.word(answers, "backStitches", "many");
    Wardrobe.number(answers, "pockets", 2);
    assertThat(Layout.of(Wardrobe.garment(answers)).findings())
        .extracting(Finding::code)
        .contains(
            FindingCode.ARMHOLE_TOO_LONG, FindingCode.SHOULDERS_TOO_WIDE, FindingCode.ANSWER_NOT_CHOICE,
            FindingCode.ANSWER_NOT_NUMBER, FindingCode.ANSWER_UNKNOWN);
  }

  @Test
  void aLopsidedNeckOffersBothNeighbours() {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.word(answers, "kind", "PULLOVER");
    Wardrobe.number(answers, "neckCentre", 7);
    Finding finding = Layout.of(Wardrobe.garment(answers)).findings().get(0);
    assertThat(finding.code()).isEqualTo(FindingCode.NECK_LOPSIDED);
    assertThat(finding.remedy(Wording.USUAL)).isEqualTo("Leave 6 or 8 at the centre.");
  }

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void anyAnswersGiveAWholeGarmentOrFindings(int seed) {
    Random random = new Random(seed);
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    if (random.nextBoolean()) {
      Wardrobe.word(answers, "kind", "PULLOVER");
    }
    for (String key : List.of("backStitches", "frontStitches", "bodyRows", "armholeRows", "shoulderStitches", "neckRows", "neckCentre", "sleeveTopStitches", "cuffStitches", "sleeveRows")) {
      Wardrobe.number(answers, key, 1 + random.nextInt(60));
    }
    Wardrobe.number(answers, "hemRibRows", random.nextInt(4));
    Wardrobe.number(answers, "cuffRibRows", random.nextInt(3));
    Garment garment = Wardrobe.garment(answers);
    if (Layout.of(garment) instanceof Outcome.Good<Layout>) {
      GarmentPlan plan = Wardrobe.plan(garment);
      boolean pullover = plan.pieces().stream().anyMatch(piece -> piece.id().equals(new PieceId("front")));
      assertThat(plan.gluing().openings()).hasSize(pullover ? 4 : 3);
      assertThat(plan.gluing().handles()).isZero();
      assertThat(plan.steps()).hasSize(6);
      assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.OUTLINE_OPEN, FindingCode.TURNED, FindingCode.SIDE_BROKEN);
    } else {
      assertThat(Layout.of(garment).findings()).isNotEmpty();
    }
  }

  private static UnitKind kind(Map<String, Answers.Answer> answers, PieceId piece, String edge) {
    Edge found = piece(construct(Wardrobe.garment(answers)), piece).edge(edge).orElseThrow();
    return found.runs().get(0).kind();
  }

  private static Piece piece(Construct construct, PieceId id) {
    return construct.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }

  private static Construct construct(Garment garment) {
    Outcome<Layout> outcome = Layout.of(garment);
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Layout>) outcome).value().construct();
  }
}
