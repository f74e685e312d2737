package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** The kit tried with a construction of its own: a vest whose sides are joined from the hem to the armhole. */
class KitTest {
  private static final Asked ARMHOLE =
      Asked.rows("armholeRows", BODY, "Rows of the armhole", "", 1, form -> 20)
          .refused(FindingCode.ARMHOLE_TOO_LONG, form -> form.count(KitTest.ARMHOLE) >= form.count(Body.ROWS), form -> List.of());

  /** A sleeveless vest: as few lines as a construction can have. */
  private static final class Vest extends Template {
    Vest() {
      super(
          "vest", "Vest", "It has no sleeves.", List.of(Sign.SLEEVE_NONE),
          Stream.of(
                  List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, ARMHOLE, Body.HEM_RIB, Body.WORKED),
                  List.of(Body.SHOULDER, Body.NECK_ROWS, Body.NECK_CENTRE))
              .flatMap(List::stream)
              .toList());
    }

    @Override
    void tell(Halves halves, Form form) {
      BodyPanels.panels(halves, form, panel -> panel.rows("side", form.count(Body.ROWS) - form.count(ARMHOLE)).rows("armhole", form.count(ARMHOLE), -3));
      BodyPanels.shoulders(halves, form);
      BodyPanels.Front front = BodyPanels.leftFront(form);
      halves.seam(
          "side", "side", SeamRole.SIDE, SideOf.of("Front side", Span.ofRuns(front.piece(), front.side(), BodyPanels.lowest(form), "side", FORWARD)),
          SideOf.of("Back side", Span.ofRuns(new PieceId("back"), "left", "side", BodyPanels.lowest(form), BACKWARD)), List.of(), List.of(Seam.START), "mattress-rows");
      BodyPanels.openings(halves, form);
    }
  }

  @Test
  void aConstructionIsToldForOneHalfAndMirrored() {
    Construct vest = built(Map.of());
    assertThat(vest.pieces()).extracting(Piece::id).containsExactly(new PieceId("back"), new PieceId("front.left"), new PieceId("front.right"));
    assertThat(vest.seams()).extracting(Seam::id).containsExactly(new SeamId("shoulder.left"), new SeamId("shoulder.right"), new SeamId("side.left"), new SeamId("side.right"));
    Seam right = vest.seams().get(3);
    assertThat(right.name()).isEqualTo("Right side");
    assertThat(right.a().spans().get(0).piece()).isEqualTo(new PieceId("front.right"));
    assertThat(right.b().spans().get(0).edge()).as("the back is its own mirror image").isEqualTo("right");
    for (Piece piece : vest.pieces()) {
      Outline outline = new Outline(piece);
      assertThat(outline.areaMm2()).as(piece.id().text()).isPositive();
    }
    assertThat(new Outline(vest.pieces().get(1)).perimeterMm()).isEqualTo(new Outline(vest.pieces().get(2)).perimeterMm(), within(1e-6));
  }

  /** 480 mm at 14 per 10 cm are 67 stitches, one of them the turning chain; the shaping of 3 a side is seen at the gap. */
  @Test
  void whatIsNotAnsweredFollowsFromTheRest() {
    Construct vest = built(Map.of());
    assertThat(vest.told().assumed()).containsEntry("backStitches", "66").containsEntry("frontStitches", "32").containsEntry("armholeRows", "20");
    assertThat(vest.told().assumedPieces()).containsExactly(new PieceId("back"), new PieceId("front.left"), new PieceId("front.right"));
    assertThat(vest.pieces().get(0).edge("hem").orElseThrow().units()).isEqualTo(67);
    Outline back = new Outline(vest.pieces().get(0));
    assertThat(back.gapMm()).as("3 stitches a side narrower than what lies at the top").isEqualTo(6 * 1000 / 140.0, within(1e-6));
    assertThat(back.closes(HouseRules.USUAL)).isFalse();
  }

  @Test
  void aQuestionOfAnotherKindIsNotAskedButKept() {
    Construct pullover = built(Map.of("kind", new Answers.Word("PULLOVER"), "frontStitches", new Answers.Numeric(9)));
    assertThat(pullover.told().assumed()).doesNotContainKey("frontStitches");
    assertThat(pullover.pieces()).extracting(Piece::id).containsExactly(new PieceId("back"), new PieceId("front"));
    assertThat(pullover.told().consequences()).extracting(Consequence::answer).doesNotContain("frontStitches");
    assertThat(new Vest().build(new Answers(Map.of("kind", new Answers.Word("PULLOVER"), "frontStitches", new Answers.Word("many")))).findings())
        .extracting(Finding::code)
        .containsExactly(FindingCode.ANSWER_NOT_NUMBER);
  }

  @Test
  void checksOfSharedAndOwnQuestionsComeTogether() {
    Outcome<Construct> outcome =
        new Vest().build(new Answers(Map.of("armholeRows", new Answers.Numeric(99), "bodyRows", new Answers.Numeric(40), "shoulderStitches", new Answers.Numeric(90))));
    assertThat(outcome.findings()).extracting(Finding::code).contains(FindingCode.ARMHOLE_TOO_LONG, FindingCode.SHOULDERS_TOO_WIDE);
  }

  private static Construct built(Map<String, Answers.Answer> answers) {
    return ((Outcome.Good<Construct>) new Vest().build(new Answers(answers))).value();
  }
}
