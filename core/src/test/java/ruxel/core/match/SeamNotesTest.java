package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.SeamResolver;

/** What is to be looked at before a seam is joined. */
class SeamNotesTest {
  @Test
  void aRowTooFewIsNamedWithItsStretch() {
    GarmentPlan plan = Wardrobe.plan(applied(new CountMade(new PieceId("sleeve.left"), "front", "sleeve", Optional.of(31))));
    FindingView rows = finding(plan, FindingCode.ROWS_DIFFER);
    assertThat(rows.seam()).contains(new SeamId("side.left"));
    assertThat(rows.sentence())
        .isEqualTo(
            "Left side and sleeve: from the underarm to the top of the cuff ribbing 31 row ends meet 32. "
                + "Rows on rows are joined one to one; the difference is 13 mm.");
  }

  @Test
  void stitchesOnRowsMayDifferAsMuchAsTheyLike() {
    assertThat(Wardrobe.plan(Wardrobe.cardigan()).findings()).noneMatch(f -> f.code() == FindingCode.ROWS_DIFFER);
  }

  @Test
  void shouldersAreMadeEqual() {
    GarmentPlan plan = Wardrobe.plan(applied(new CountMade(new PieceId("front.left"), "shoulder", "shoulder", Optional.of(22))));
    assertThat(finding(plan, FindingCode.SHOULDER_UNEQUAL).sentence())
        .isEqualTo("Left shoulder: 22 stitches meet 23. Shoulders are made equal.");
    assertThat(plan.seams().get(0).level()).isEqualTo(FindingCode.Level.DECIDE_FIRST);
  }

  @Test
  void twoHighRowsWithOnePlaceEachWouldLeaveAGap() {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.number(answers, "gaugeRows", 3);
    GarmentPlan plan = Wardrobe.plan(Wardrobe.garment(answers));
    assertThat(finding(plan, FindingCode.GAP).level()).isEqualTo(FindingCode.Level.NOTE);
  }

  @Test
  void tablesThatWouldBeTooLargeTogetherAreRefusedBeforeComputing() {
    SeamMatch whole = armhole(SeamMatch.Left.ALL);
    assertThat(SeamMatch.Left.ALL.less(whole)).isEqualTo(new SeamMatch.Left(SeamMatch.MOST_PLACES - 51 - 28, SeamMatch.MOST_CELLS - 2 * 25 * 14));
    for (SeamMatch.Left tooLittle : List.of(new SeamMatch.Left(SeamMatch.MOST_PLACES, 2 * 25 * 14 - 1), new SeamMatch.Left(51 + 28 - 1, SeamMatch.MOST_CELLS))) {
      SeamMatch refused = armhole(tooLittle);
      assertThat(refused.isPlanned()).isFalse();
      assertThat(refused.findings()).extracting(Finding::code).containsExactly(FindingCode.TOO_LARGE);
    }
  }

  private static SeamMatch armhole(SeamMatch.Left left) {
    Construct construct = ((Outcome.Good<Layout>) Layout.of(Wardrobe.cardigan())).value().construct();
    return SeamResolver.resolve(construct.pieces(), construct.seams()).seams().stream()
        .filter(seam -> seam.seam().id().equals(new SeamId("armhole.left")))
        .map(seam -> SeamMatch.of(seam, HouseRules.USUAL, left))
        .findFirst()
        .orElseThrow();
  }

  private static FindingView finding(GarmentPlan plan, FindingCode code) {
    return plan.findings().stream().filter(f -> f.code() == code).findFirst().orElseThrow();
  }

  private static Garment applied(Change change) {
    return ((Outcome.Good<Garment>) change.apply(Wardrobe.cardigan())).value();
  }
}
