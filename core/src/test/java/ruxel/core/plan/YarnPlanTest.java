package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.OwnSeam;
import ruxel.core.change.SeamChange;
import ruxel.core.change.StripChange;
import ruxel.core.change.WearChange;
import ruxel.core.change.YarnChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.StripYarn;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.School;
import ruxel.core.measure.Stitch;
import ruxel.core.method.Wish;
import ruxel.core.plan.YarnPlan.SeamYarn;
import ruxel.core.plan.YarnPlan.YarnSum;
import ruxel.core.seam.SeamRole;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;
import ruxel.core.yarn.Yarn;

/** Which yarn is taken for what, whether it is enough, and what the advice makes of it (handbook 8, 12). */
class YarnPlanTest {
  private static final String WOOL = "wool";
  private static final String FUZZ = "zfuzz";

  /** A single yarn is that of every piece; with a second one each is to be told. */
  @Test
  void onlyWhatCannotBeOtherwiseIsTaken() {
    Garment one = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.empty())));
    assertThat(plan(one).pieces()).allMatch(piece -> piece.yarn().equals(Optional.of(WOOL)) && !piece.told());
    Garment two = with(one, new YarnChange.YarnAdded(yarn(FUZZ, Optional.empty())));
    assertThat(plan(two).pieces()).allMatch(piece -> piece.yarn().isEmpty());
    assertThat(plan(two).seams()).allMatch(seam -> seam.yarn().isEmpty());
    Garment told = with(two, new YarnChange.PieceYarned(new PieceId("back"), Optional.of(FUZZ)), new YarnChange.PieceYarned(new PieceId("sleeve.left"), Optional.of(WOOL)));
    assertThat(seam(told, new SeamId("shoulder.left")).yarn()).as("the back alone is told").contains(FUZZ);
    assertThat(seam(told, new SeamId("side.left")).yarn()).as("both lie there, the longer decides").isPresent();
    Garment own = with(told, new YarnChange.SeamYarned(new SeamId("shoulder.left"), Optional.of(WOOL)));
    assertThat(seam(own, new SeamId("shoulder.left")).yarn()).contains(WOOL);
    assertThat(seam(own, new SeamId("shoulder.left")).told()).isTrue();
  }

  /** Ribbing of another yarn: a seam that lies on it alone is joined with that, and the advice knows that it is fuzzy. */
  @Test
  void ribbingMayBeOfAnotherYarn() {
    Yarn fuzzy = new Yarn(FUZZ, FUZZ, "grey", Yarn.Weight.BULKY, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(Yarn.Trait.FUZZY, Yarn.Trait.SPLITTY), Optional.empty());
    Garment told = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.empty())), new YarnChange.YarnAdded(fuzzy));
    List<Change> all = new ArrayList<>();
    plan(told).pieces().forEach(piece -> all.add(new YarnChange.PieceYarned(piece.piece(), Optional.of(WOOL))));
    Garment worked = with(told, all.toArray(Change[]::new));
    assertThat(plan(worked).pieces()).as("hems and cuffs").allMatch(YarnPlan.PieceIn::ribbed).allMatch(piece -> piece.rib().isEmpty());
    Garment ribbed = with(worked, new YarnChange.RibYarned(new PieceId("sleeve.left"), Optional.of(FUZZ)));
    assertThat(plan(ribbed).pieces()).filteredOn(piece -> piece.rib().isPresent()).extracting(YarnPlan.PieceIn::piece).containsExactly(new PieceId("sleeve.left"));
    assertThat(seam(ribbed, new SeamId("side.left")).yarn()).as("most of it is no ribbing").contains(WOOL);
    assertThat(advised(ribbed, new SeamId("side.left"))).as("it meets fuzzy ribbing at the cuff").isNotEqualTo(advised(worked, new SeamId("side.left")));
    assertThat(advised(ribbed, new SeamId("shoulder.left"))).isEqualTo(advised(worked, new SeamId("shoulder.left")));
    Garment back = with(ribbed, new YarnChange.RibYarned(new PieceId("sleeve.left"), Optional.empty()));
    assertThat(plan(back)).isEqualTo(plan(worked));
    assertThat(plan(with(ribbed, new YarnChange.YarnRemoved(FUZZ))).pieces()).allMatch(piece -> piece.rib().isEmpty());
    assertThat(new YarnChange.RibYarned(new PieceId("sleeve.left"), Optional.of("none")).apply(told).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_YARN);
  }

  private static AdviceView advised(Garment garment, SeamId seam) {
    return Wardrobe.plan(garment).seams().stream().filter(plan -> plan.id().equals(seam)).findFirst().orElseThrow().advice();
  }

  /** 2 m are left of a ball of 100 m in 50 g: it runs out at one of the first seams; what was joined when it was weighed needs nothing. */
  @Test
  void whatIsLeftIsHeldAgainstWhatIsStillToBeJoined() {
    Garment little = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.of(new Yarn.Left(1, List.of())))));
    YarnSum sum = plan(little).yarns().get(0);
    double needed = plan(little).seams().stream().mapToDouble(SeamYarn::neededMm).sum();
    assertThat(sum.neededMm()).isCloseTo(needed, within(1e-6));
    assertThat(sum.leftMm()).contains(2000.0);
    assertThat(sum.buy()).as("one ball covers " + needed).contains(1);
    WorkRef runsOut = sum.runsOut().orElseThrow();
    List<YarnPlan.Stage> stages = sum.stages();
    assertThat(stages).extracting(YarnPlan.Stage::of).containsExactlyElementsOf(Wardrobe.plan(little).steps().stream().map(step -> WorkRef.seam(step.seam())).toList());
    assertThat(stages.stream().filter(stage -> stage.leftMm().orElseThrow() < 0).findFirst().orElseThrow().of()).isEqualTo(runsOut);
    assertThat(stages.get(stages.size() - 1).leftMm().orElseThrow()).isCloseTo(2000 - needed, within(1e-6));
    assertThat(Wardrobe.plan(little).toDecide(((WorkRef.OfSeam) runsOut).id())).extracting(FindingView::code).contains(FindingCode.LESS_YARN);
    List<WorkRef> all = Wardrobe.plan(little).seams().stream().map(seam -> WorkRef.seam(seam.id())).toList();
    Garment joined = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.of(new Yarn.Left(1, all)))));
    assertThat(plan(joined).yarns().get(0).neededMm()).isZero();
    assertThat(plan(joined).yarns().get(0).runsOut()).isEmpty();
  }

  /** Grams without a label are no length. */
  @Test
  void aYarnWithoutMetresIsAskedFor() {
    Yarn bare = new Yarn(WOOL, "Wool", "", Yarn.Weight.WORSTED, "", Optional.empty(), Optional.of(50.0), Set.of(), Optional.of(new Yarn.Left(20, List.of())));
    Garment garment = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(bare));
    assertThat(plan(garment).yarns().get(0).leftMm()).isEmpty();
    assertThat(Wardrobe.plan(garment).findings()).extracting(FindingView::code).contains(FindingCode.YARN_WITHOUT_LABEL);
  }

  /** Twenty joints that took 30 cm on 10 cm of seam: 3.0, used from then on for that method and yarn alone. */
  @Test
  void theMakersOwnFactorTakesThePlaceOfTheTables() {
    Garment told = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.empty())));
    Garment measured = with(told, new YarnChange.FactorMeasured("mattress-rows", WOOL, 100, 300));
    SeamYarn side = seam(measured, new SeamId("side.left"));
    assertThat(side.factor()).isEqualTo(3.0);
    assertThat(side.measured()).isEqualTo(1);
    assertThat(seam(measured, new SeamId("shoulder.left")).factor()).as("another method").isEqualTo(3.5);
    Garment forgotten = with(measured, new YarnChange.FactorForgotten("mattress-rows", WOOL));
    assertThat(seam(forgotten, new SeamId("side.left")).factor()).isEqualTo(2.5);
  }

  /** Weighed, or reckoned from area and yarn: rows 1.75 times as high as wide take 9 cm for each cm. */
  @Test
  void theWeightIsSaidToBeWeighedOrReckoned() {
    Garment told = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.empty())));
    YarnPlan.WeightView reckoned = plan(told).weight().orElseThrow();
    assertThat(reckoned.weighed()).isFalse();
    double area = Wardrobe.plan(told).pieces().stream().mapToDouble(piece -> piece.size().widthMm() * piece.size().heightMm()).sum();
    assertThat(reckoned.grams()).as("no more than their boxes would weigh").isBetween(0.6 * area / 12.5 * 9 / 2000, area / 12.5 * 9 / 2000);
    Garment weighed = with(told, new WearChange.GarmentWeighed(Optional.of(480.0)));
    assertThat(plan(weighed).weight()).contains(new YarnPlan.WeightView(480, true));
  }

  /** Each fact of yarns and wishes reaches the advice of the seams it belongs to. */
  @Test
  void factsReachTheAdvice() {
    Garment told =
        with(
            Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.empty())),
            new YarnChange.YarnAdded(new Yarn(FUZZ, "Fuzz", "pink", Yarn.Weight.BULKY, "", Optional.empty(), Optional.empty(), Set.of(Yarn.Trait.FUZZY), Optional.empty())),
            new WearChange.Wished(Optional.of(SeamRole.ARMHOLE), Optional.empty(), Optional.of(Wish.ON_SHOW)), new WearChange.Wished(Optional.empty(), Optional.empty(), Optional.of(Wish.FLAT)));
    List<Change> pieces = new ArrayList<>();
    Wardrobe.plan(told).pieces().forEach(piece -> pieces.add(new YarnChange.PieceYarned(piece.id(), Optional.of(WOOL))));
    Garment worked = with(with(told, pieces.toArray(Change[]::new)), new YarnChange.SeamYarned(new SeamId("side.left"), Optional.of(FUZZ)));
    assertThat(codes(worked, new SeamId("side.left"))).contains("FUZZY_HIDES", "WISH_FLAT", "FUZZY_V");
    assertThat(codes(worked, new SeamId("side.right"))).doesNotContain("FUZZY_HIDES").contains("WISH_FLAT");
    assertThat(Wardrobe.plan(worked).seams().stream().filter(seam -> seam.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow().advice().wish()).isEqualTo(Wish.ON_SHOW);
  }

  /** Each answer says what it is the best of: of the school, outside it, of the family a seam has, of another. */
  @Test
  void answersSayWhatTheyAreTheBestOf() {
    assertThat(headings(Wardrobe.cardigan(), new SeamId("shoulder.left"))).containsExactly("Best overall", "Best of another family");
    Garment hook = with(Wardrobe.cardigan(), new WearChange.SchoolTaken(School.JOIN, Optional.of(School.Way.HOOK)));
    assertThat(headings(hook, new SeamId("shoulder.left"))).containsExactly("Best overall, and of your school", "Best outside your school");
    assertThat(headings(hook, new SeamId("armhole.left"))).containsExactly("Best overall", "Best of your school");
    Garment crocheted = with(Wardrobe.cardigan(), new SeamChange.MethodChosen(new SeamId("shoulder.left"), "sc-both"));
    assertThat(headings(crocheted, new SeamId("shoulder.left"))).containsExactly("Best overall", "Best of the family it has now");
  }

  private static List<String> headings(Garment garment, SeamId seam) {
    return Wardrobe.plan(garment).seams().stream().filter(each -> each.id().equals(seam)).flatMap(each -> each.advice().answers().stream()).map(AdviceView.AnswerView::heading).toList();
  }

  /** Twenty joints of a seam, as long as they lie there. */
  @Test
  void aSampleIsTwentyJoints() {
    Garment told = with(Wardrobe.cardigan(), new YarnChange.YarnAdded(yarn(WOOL, Optional.empty())));
    SeamYarn side = seam(told, new SeamId("side.left"));
    int joints = Wardrobe.plan(told).seams().stream().filter(each -> each.id().equals(new SeamId("side.left"))).findFirst().orElseThrow().joints();
    assertThat(side.sample().joints()).isEqualTo(20);
    assertThat(side.sample().seamMm()).isCloseTo(side.lengthMm() / joints * 20, within(1e-6));
    assertThat(plan(told).yarns().get(0).mmPerGram()).contains(2000.0);
  }

  /** What a garment without shoulders weighs is known all the same. */
  @Test
  void aGarmentWithoutShouldersHasAWeight() {
    List<Change> out = new ArrayList<>(List.of(new YarnChange.YarnAdded(yarn(WOOL, Optional.empty()))));
    Wardrobe.plan(Wardrobe.cardigan()).seams().forEach(seam -> out.add(new OwnSeam.SeamUnmade(seam.id())));
    GarmentPlan loose = Wardrobe.plan(((Outcome.Good<Garment>) Change.applyAll(Wardrobe.cardigan(), out)).value());
    assertThat(loose.seams()).isEmpty();
    assertThat(loose.yarn().weight()).hasValueSatisfying(weight -> assertThat(weight.grams()).isPositive());
  }

  private static List<String> codes(Garment garment, SeamId seam) {
    List<AdviceView.AnswerView> all = ((Outcome.Good<List<AdviceView.AnswerView>>) WholeAdvice.of(garment, seam)).value();
    return all.stream().flatMap(answer -> answer.terms().stream()).map(AdviceView.TermView::code).distinct().toList();
  }

  private static Yarn yarn(String id, Optional<Yarn.Left> left) {
    return new Yarn(id, id, "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), left);
  }

  /** An edging of its own colour takes nothing of the pieces' yarn; its mirror image follows it; taken out its yarn is forgotten. */
  @Test
  void anEdgingHasAYarnOfItsOwn() {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    GarmentPlan.OpeningPlan armhole = Wardrobe.plan(vest).gluing().openings().stream().filter(opening -> opening.name().equals("Left armhole")).findFirst().orElseThrow();
    Strip strip = new Strip(new StripId("one"), "Armhole edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
    Yarn grey = new Yarn("grey", "Slate", "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty());
    Yarn red = new Yarn("red", "Buoy", "red", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty());
    Garment told = with(vest, new YarnChange.YarnAdded(grey), new YarnChange.YarnAdded(red), new YarnChange.PieceYarned(new PieceId("front"), Optional.of("grey")), new YarnChange.PieceYarned(new PieceId("back"), Optional.of("grey")), new StripChange.StripAdded(strip), new StripChange.StripMirrored(new StripId("one"), new StripId("two"), "Other"));
    assertThat(stages(told, "grey")).contains("one", "two");
    Garment own = with(told, new YarnChange.StripYarned(new StripId("one"), Optional.of("red")));
    assertThat(stages(own, "red")).containsExactly("one", "two");
    assertThat(stages(own, "grey")).doesNotContain("one", "two");
    assertThat(Wardrobe.plan(own).yarn().strips()).extracting(YarnPlan.StripIn::told).containsExactly(true, false);
    // A file may call a strip as a seam is called.
    Garment alike = without(told).withSettings(without(told).settings().with(new WorkedStrip(strip.withId(new StripId("side.left")))).with(new StripYarn(new StripId("side.left"), "red")));
    assertThat(seam(alike, new SeamId("side.left")).yarn()).as("a seam of the same name is another thing").contains("grey");
    Garment parted = with(own, new YarnChange.StripYarned(new StripId("two"), Optional.of("grey")));
    assertThat(stages(parted, "red")).containsExactly("one");
    Garment without = with(parted, new StripChange.StripRemoved(new StripId("two")), new StripChange.StripRemoved(new StripId("one")));
    assertThat(without.settings().of(StripYarn.class)).isEmpty();
    assertThat(with(own, new YarnChange.YarnRemoved("red")).settings().of(StripYarn.class)).isEmpty();
    assertThat(new YarnChange.StripYarned(new StripId("none"), Optional.of("red")).apply(told).findings()).extracting(Finding::code).containsExactly(FindingCode.STRIP_UNKNOWN);
  }

  private static Garment without(Garment edged) {
    return edged.withSettings(edged.settings().without(WorkedStrip.class::isInstance));
  }

  private static List<String> stages(Garment garment, String yarn) {
    return plan(garment).yarns().stream().filter(sum -> sum.id().equals(yarn)).flatMap(sum -> sum.stages().stream()).map(stage -> stage.of().id().text()).toList();
  }

  private static YarnPlan plan(Garment garment) {
    return Wardrobe.plan(garment).yarn();
  }

  private static SeamYarn seam(Garment garment, SeamId id) {
    return plan(garment).seams().stream().filter(seam -> seam.seam().equals(id)).findFirst().orElseThrow();
  }

  private static Garment with(Garment garment, Change... changes) {
    List<Change> all = new ArrayList<>(List.of(changes));
    // Every seam has a method, so that each takes yarn.
    Wardrobe.plan(garment).seams().stream().filter(seam -> seam.method().isEmpty()).forEach(seam -> all.add(new SeamChange.MethodChosen(seam.id(), "slip-both")));
    return ((Outcome.Good<Garment>) Change.applyAll(garment, all)).value();
  }
}
