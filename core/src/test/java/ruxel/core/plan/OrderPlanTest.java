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
import ruxel.core.change.OrderChange;
import ruxel.core.change.SeamChange;
import ruxel.core.change.WearChange;
import ruxel.core.change.YarnChange;
import ruxel.core.construction.Answers;
import ruxel.core.decision.Chore;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.School;
import ruxel.core.order.Alternatives;
import ruxel.core.plan.OrderPlan.AlternativeView;
import ruxel.core.plan.OrderPlan.Kind;
import ruxel.core.plan.OrderPlan.WorkStep;
import ruxel.core.yarn.Yarn;

/** Orders with what they cost: passes and ends beside the fewest there could be (handbook 13). */
class OrderPlanTest {
  private static final Yarn WOOL =
      new Yarn("wool", "Wool", "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(Yarn.Trait.STEAMABLE), Optional.empty());

  /** On each side of a pullover the neck, the shoulder's other end, hem and cuff are odd, the underarm is even: two passes a side at least. */
  @Test
  void aPulloverNeedsFourPassesAtLeast() {
    OrderPlan order = Wardrobe.plan(Wardrobe.pullover()).order();
    assertThat(order.bound()).isEqualTo(4);
    assertThat(order.odd()).hasSize(8);
    assertThat(order.odd()).extracting(OrderPlan.OddNode::words).contains("Where the left shoulder ends.", "Where the left shoulder ends and the left armhole passes.");
    assertThat(order.passes()).as("six seams, none begins where another ended").isEqualTo(6);
  }

  /** Slip stitch everywhere: from the ball, two ends a seam. */
  @Test
  void endsAndYarnOfAnOrder() {
    OrderPlan order = Wardrobe.plan(slipStitched(Wardrobe.pullover())).order();
    assertThat(order.ends()).isEqualTo(12);
    assertThat(order.alternatives()).extracting(AlternativeView::name).contains(Alternatives.Name.SHOULDERS_FIRST, Alternatives.Name.ONE_SIDE_COMPLETE);
    assertThat(order.alternatives()).allMatch(alternative -> alternative.passes() >= order.bound());
    assertThat(order.alternatives().stream().filter(AlternativeView::now)).hasSize(1);
    assertThat(order.tails()).hasSize(12);
  }

  /** The lines of boards count among passes, ends, yarn and minutes; every end is in the list of those to weave in. */
  @Test
  void boardsCountInWhatAnOrderCosts() {
    GarmentPlan plan = Wardrobe.plan(Garment.of("Squares", new Recipe("square-halves", new Answers(Map.of("motifSide", new Answers.Numeric(10), "neckAcross", new Answers.Numeric(0))))));
    List<BoardPlan.SchemePlan> schemes = plan.boards().stream().flatMap(board -> board.worked().stream()).toList();
    OrderPlan order = plan.order();
    assertThat(schemes).hasSize(2);
    assertThat(order.passes()).isEqualTo(schemes.stream().mapToInt(BoardPlan.SchemePlan::passes).sum() + 3);
    assertThat(order.tails().stream().mapToInt(OrderPlan.Tail::ends).sum()).isEqualTo(order.ends());
    assertThat(order.yarnMm()).isCloseTo(plan.yarn().seams().stream().mapToDouble(YarnPlan.SeamYarn::neededMm).sum() + schemes.stream().mapToDouble(BoardPlan.SchemePlan::yarnMm).sum(), within(1e-6));
    assertThat(order.bound()).isEqualTo(plan.squares().orElseThrow().bound());
    assertThat(order.passes()).isGreaterThanOrEqualTo(order.bound());
    assertThat(order.alternatives()).allMatch(alternative -> alternative.passes() >= order.bound());
  }

  /** In two passes each, side and sleeve meet the armhole at the underarm: with one yarn the armhole goes on into the side. */
  @Test
  void aSeamTakesUpTheYarnThatWasLeftAtItsStart() {
    Garment two = good(new Change.AnswersChanged(Map.of("sideInPasses", Optional.of(new Answers.Word("TWO")))).apply(Wardrobe.pullover()));
    OrderPlan order = Wardrobe.plan(slipStitched(two)).order();
    AlternativeView fewest = order.alternatives().stream().filter(a -> a.name() == Alternatives.Name.FEWEST_PASSES).findFirst().orElseThrow();
    assertThat(order.passes()).isEqualTo(8);
    assertThat(fewest.passes()).as("side, armhole and sleeve in one go, and the shoulders: no fewer are possible").isEqualTo(4).isEqualTo(order.bound());
    assertThat(fewest.ends()).isEqualTo(2 * fewest.passes());
    double saved = (order.passes() - fewest.passes()) * 2 * 150.0;
    assertThat(fewest.yarnMm()).as("two tails for each pass less").isCloseTo(order.yarnMm() - saved, within(1e-6));
  }

  /** The path: looked over and marked first, tried on before it closes, woven in and finished last. */
  @Test
  void thePathHasMoreThanSeams() {
    OrderPlan order = Wardrobe.plan(slipStitched(Wardrobe.cardigan())).order();
    assertThat(order.steps()).extracting(WorkStep::kind)
        .containsExactly(
            Kind.INSPECT, Kind.MARK, Kind.SEAM, Kind.SEAM, Kind.SEAM, Kind.SEAM, Kind.TRY_ON, Kind.SEAM, Kind.SEAM, Kind.WEAVE, Kind.STEAM, Kind.FINISH);
    WorkStep last = order.steps().get(order.steps().size() - 1);
    assertThat(last.endsSoFar()).isEqualTo(order.ends());
    assertThat(last.minutesSoFar()).isCloseTo(order.minutes(), within(1e-6));
    assertThat(order.steps().stream().filter(step -> step.kind() == Kind.SEAM)).extracting(WorkStep::flat).containsExactly(true, true, true, true, true, false);
    assertThat(order.flatMinutes()).isLessThan(order.minutes());
  }

  /** An end at the shoulder is run over by the armhole; one at the hem by nothing. */
  @Test
  void eachEndHasItsLastMoment() {
    OrderPlan order = Wardrobe.plan(slipStitched(Wardrobe.cardigan())).order();
    assertThat(order.tails()).filteredOn(tail -> tail.of().equals(Optional.of(WorkRef.seam(new SeamId("shoulder.left"))))).extracting(OrderPlan.Tail::before)
        .containsExactlyInAnyOrder(Optional.of(new SeamId("armhole.left")), Optional.empty());
    assertThat(order.tails()).filteredOn(tail -> tail.of().filter(of -> of.id().text().startsWith("side")).isPresent()).allMatch(tail -> tail.before().isEmpty());
  }

  @Test
  void oneSideCompleteIsTheUsualOrderOfWhoLikesItSo() {
    Garment garment = good(new WearChange.SchoolTaken(School.SIDES, Optional.of(School.Way.ONE_SIDE_COMPLETE)).apply(Wardrobe.cardigan()));
    GarmentPlan plan = Wardrobe.plan(garment);
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::seam)
        .containsExactly(new SeamId("shoulder.left"), new SeamId("armhole.left"), new SeamId("side.left"), new SeamId("shoulder.right"), new SeamId("armhole.right"), new SeamId("side.right"));
    assertThat(plan.steps().get(0).reasons()).extracting(GarmentPlan.ReasonView::sentence).noneMatch(words -> words.startsWith("Both shoulders"));
  }

  /** A whole order can be taken, but none that breaks a must. */
  @Test
  void anOrderIsTakenWhole() {
    OrderPlan before = Wardrobe.plan(Wardrobe.cardigan()).order();
    AlternativeView other = before.alternatives().stream().filter(a -> !a.now()).findFirst().orElseThrow();
    Garment taken = good(new OrderChange.OrderTaken(other.seams()).apply(Wardrobe.cardigan()));
    assertThat(Wardrobe.plan(taken).steps()).extracting(GarmentPlan.StepPlan::seam).containsExactlyElementsOf(other.seams());
    assertThat(new OrderChange.OrderTaken(List.of(new SeamId("armhole.left"), new SeamId("shoulder.left"))).apply(Wardrobe.cardigan()).findings()).extracting(Finding::code)
        .contains(FindingCode.STEP_FORBIDDEN);
    assertThat(new OrderChange.OrderTaken(List.of(new SeamId("nowhere"))).apply(Wardrobe.cardigan()).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_SEAM);
  }

  /** Work that joins nothing is ticked off by what it is, and stays so when the order changes. */
  @Test
  void whatJoinsNothingIsTickedOff() {
    Garment done = good(new OrderChange.ChoreTicked(Chore.INSPECT, true).apply(slipStitched(Wardrobe.pullover())));
    List<WorkStep> steps = Wardrobe.plan(done).order().steps();
    assertThat(steps).filteredOn(WorkStep::done).extracting(WorkStep::kind).containsExactly(Kind.INSPECT);
    Garment moved = good(new OrderChange.StepMoved(new SeamId("shoulder.right"), Optional.of(new SeamId("shoulder.left"))).apply(done));
    assertThat(Wardrobe.plan(moved).order().steps().get(0).done()).isTrue();
    Garment notDone = good(new OrderChange.ChoreTicked(Chore.INSPECT, false).apply(moved));
    assertThat(Wardrobe.plan(notDone).order().steps()).noneMatch(WorkStep::done);
    assertThat(Chore.values()).extracting(chore -> Kind.of(chore).name()).containsExactly("INSPECT", "BLOCK", "MARK", "FOLD", "TRY_ON", "WEAVE", "STEAM", "FINISH");
  }

  private static Garment slipStitched(Garment garment) {
    List<Change> changes = new ArrayList<>(List.of(new YarnChange.YarnAdded(WOOL)));
    Wardrobe.plan(garment).seams().forEach(seam -> changes.add(new SeamChange.MethodChosen(seam.id(), "slip-both")));
    return good(Change.applyAll(garment, changes));
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
