package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.change.Change;
import ruxel.core.change.RuleChanged;
import ruxel.core.change.SeamChange;
import ruxel.core.change.WearChange;
import ruxel.core.construction.Answers;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.plan.WearerPlan.Check;
import ruxel.core.plan.WearerPlan.CheckView;
import ruxel.core.plan.WearerPlan.Verdict;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Measure;
import ruxel.core.wearer.Wearer;

/** Finished sizes held against the wearer, take-up off (handbook 3, 10). */
class WearingTest {
  /** 8 stitches over 10 cm: half a stitch of 12.5 mm on each of four edges takes 25 mm off the body. */
  @Test
  void mattressOnRowEndsMakesTheBodySmaller() {
    Map<String, Answers.Answer> answers = new HashMap<>(Wardrobe.cardiganAnswers());
    Wardrobe.word(answers, "kind", "PULLOVER");
    Wardrobe.number(answers, "neckCentre", 6);
    Wardrobe.number(answers, "gaugeStitches", 8);
    Garment pullover = Wardrobe.garment(answers);
    // The turning chain counts, so that 65 told are 66 stitches wide.
    double made = 2 * 66 * 12.5;
    assertThat(check(sidesBy(pullover, "mattress-rows"), Check.BODY).found()).isCloseTo(made - 25, within(0.01));
    assertThat(check(sidesBy(pullover, "backstitch"), Check.BODY).found()).isCloseTo(made - 50, within(0.01));
    double hems = check(sidesBy(pullover, "mattress-rows"), Check.HEM).found() - check(sidesBy(pullover, "backstitch"), Check.HEM).found();
    assertThat(hems).as("25 mm more off the hem, as far as it stretches").isBetween(25 * 1.15 - 0.01, 25 * 1.4 + 0.01);
  }

  /** Nothing is guessed: what was not measured is asked for. */
  @Test
  void whatIsNotMeasuredIsAskedFor() {
    GarmentPlan plan = Wardrobe.plan(Wardrobe.pullover());
    assertThat(plan.wearer()).filteredOn(check -> check.check() != Check.BACK_NECK).allMatch(check -> check.verdict() == Verdict.ASK && check.needed().isEmpty());
    assertThat(plan.wearer()).extracting(CheckView::check).contains(Check.BODY, Check.ARMHOLE, Check.NECK, Check.CUFF, Check.HEM, Check.REACH, Check.BACK_NECK);
    assertThat(plan.wearing().care()).anyMatch(words -> words.contains("child"));
  }

  @Test
  void aNeckThatDoesNotPassTheHeadIsDecidedFirst() {
    Garment narrow = good(new Change.AnswersChanged(Map.of("shoulderStitches", Optional.of(new Answers.Numeric(29)), "neckRows", Optional.of(new Answers.Numeric(2)))).apply(Wardrobe.pullover()));
    Garment measured = good(new WearChange.WearerMeasured(Measure.HEAD, Optional.of(580.0)).apply(narrow));
    GarmentPlan plan = Wardrobe.plan(measured);
    CheckView neck = plan.wearer().stream().filter(check -> check.check() == Check.NECK).findFirst().orElseThrow();
    assertThat(neck.needed()).contains(590.0);
    assertThat(neck.verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(neck.before()).as("the first shoulder").contains(new SeamId("shoulder.left"));
    assertThat(plan.toDecide(new SeamId("shoulder.left"))).extracting(FindingView::code).contains(FindingCode.NECK_TOO_SMALL);
  }

  /** Chest 88 and easy 10 cm: 98 cm are needed. */
  @Test
  void easeIsAddedByHowItIsToSit() {
    Garment measured = good(Change.applyAll(Wardrobe.pullover(), List.of(new WearChange.WearerMeasured(Measure.CHEST, Optional.of(880.0)))));
    assertThat(check(measured, Check.BODY).needed()).contains(980.0);
    Garment loose = good(new WearChange.WearerTold(Optional.of(Wearer.ADULT), Optional.of(Fit.LOOSE)).apply(measured));
    assertThat(check(loose, Check.BODY).needed()).contains(1080.0);
    assertThat(Wardrobe.plan(loose).wearing().care()).as("no child wears it").noneMatch(words -> words.startsWith("For a"));
  }

  /** Half the back of 65 stitches and a sleeve of 32 rows and 5 of ribbing: 23.2 + 40 + its ribbing. */
  @Test
  void reachIsHalfTheBackAndTheSleeve() {
    GarmentPlan plan = Wardrobe.plan(Wardrobe.cardigan());
    double sleeve = plan.pieces().stream().filter(piece -> piece.id().equals(new PieceId("sleeve.left"))).findFirst().orElseThrow().size().heightMm();
    CheckView reach = plan.wearer().stream().filter(check -> check.check() == Check.REACH).findFirst().orElseThrow();
    assertThat(reach.found()).isCloseTo(66 * 100 / 14.0 / 2 + sleeve, within(8.0)).isLessThan(66 * 100 / 14.0 / 2 + sleeve + 0.01);
    Garment longArms = good(new WearChange.WearerMeasured(Measure.BACK_TO_WRIST, Optional.of(900.0)).apply(Wardrobe.cardigan()));
    assertThat(check(longArms, Check.REACH).verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(Wardrobe.plan(longArms).findings()).extracting(FindingView::code).contains(FindingCode.REACH_OFF);
  }

  @Test
  void aChildsBackNeckMayBeNarrower() {
    Garment narrow = good(new Change.AnswersChanged(Map.of("shoulderStitches", Optional.of(new Answers.Numeric(26)))).apply(Wardrobe.cardigan()));
    assertThat(Wardrobe.plan(narrow).findings()).extracting(FindingView::code).contains(FindingCode.BACK_NECK_NARROW);
    CheckView adult = check(narrow, Check.BACK_NECK);
    Garment child = good(new WearChange.WearerTold(Optional.of(Wearer.SMALL_CHILD), Optional.empty()).apply(narrow));
    assertThat(check(child, Check.BACK_NECK).needed().orElseThrow()).isLessThanOrEqualTo(adult.needed().orElseThrow());
    assertThat(Wardrobe.plan(child).wearing().care()).anyMatch(words -> words.startsWith("For a small child"));
  }

  /** Half of 62 cm over the head and 8 cm of room: 34 is too small by 1, 35 fits, 40 still, 41 is too large. */
  @ParameterizedTest
  @CsvSource({"34, TIGHT, 34 cm for 31 cm and 4 cm of room: 1 cm too little.", "35, FITS, 35 cm for 31 cm and 4 cm of room: fits.", "40, FITS, 40 cm for 31 cm and 4 cm of room: fits.", "41, LONG, '41 cm, and 35 cm would be enough: 6 cm too high.'"})
  void aHoodIsHeldAgainstTheHeadBeforeItIsMade(int rows, Verdict verdict, String words) {
    Garment hooded =
        good(new Change.AnswersChanged(Map.of("hood", Optional.of(new Answers.Word("SEWN_ON")), "hoodRows", Optional.of(new Answers.Numeric(rows)), "gaugeRows", Optional.of(new Answers.Numeric(10)))).apply(Wardrobe.cardigan()));
    assertThat(check(hooded, Check.HOOD).verdict()).isEqualTo(Verdict.ASK);
    Garment measured = good(new WearChange.WearerMeasured(Measure.OVER_HEAD, Optional.of(620.0)).apply(hooded));
    Garment roomy = good(new RuleChanged(Rule.EASE_EASY_MM, Optional.of(80.0)).apply(measured));
    CheckView hood = check(roomy, Check.HOOD);
    assertThat(hood.needed()).contains(350.0);
    assertThat(hood.found()).isCloseTo(10 * rows, within(0.01));
    assertThat(hood.verdict()).isEqualTo(verdict);
    assertThat(hood.before()).contains(new SeamId("hood.top"));
    assertThat(hood.words()).isEqualTo(words);
    FindingCode said = verdict == Verdict.TIGHT ? FindingCode.WEARER_TIGHT : FindingCode.WEARER_LARGE;
    assertThat(Wardrobe.plan(roomy).findings().stream().filter(finding -> finding.sentence().startsWith("Height of the hood")).map(FindingView::code).toList())
        .isEqualTo(verdict == Verdict.FITS ? List.of() : List.of(said));
    assertThat(Wardrobe.plan(Wardrobe.cardigan()).wearer()).noneMatch(check -> check.check() == Check.HOOD);
  }

  @Test
  void measuresThatNoBodyHasTogetherAreTold() {
    List<Change> changes = List.of(new WearChange.WearerMeasured(Measure.CHEST, Optional.of(600.0)), new WearChange.WearerMeasured(Measure.UPPER_ARM, Optional.of(400.0)));
    assertThat(Wardrobe.plan(good(Change.applyAll(Wardrobe.cardigan(), changes))).findings()).extracting(FindingView::code).contains(FindingCode.MEASURES_CLASH);
  }

  private static Garment sidesBy(Garment garment, String method) {
    List<Change> changes = new ArrayList<>();
    Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().text().startsWith("side")).forEach(seam -> changes.add(new SeamChange.MethodChosen(seam.id(), method)));
    return good(Change.applyAll(garment, changes));
  }

  private static CheckView check(Garment garment, Check check) {
    return Wardrobe.plan(garment).wearer().stream().filter(each -> each.check() == check).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
