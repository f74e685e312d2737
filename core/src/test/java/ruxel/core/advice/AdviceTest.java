package ruxel.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.advice.Advice.Objection;
import ruxel.core.advice.Term.Because;
import ruxel.core.advice.Term.Name;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.School;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;
import ruxel.core.method.Wish;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Side;

/** Advice on methods by handbook 8: sums as printed, what changes them, two answers, and what is never offered. */
class AdviceTest {
  private static final Nevers TOPS = nevers(new SeamId("shoulder.left"), SeamRole.SHOULDER);
  private static final Nevers ROWS = nevers(new SeamId("side.left"), SeamRole.SIDE);

  /** (5·5 + 1·2 + 2·2 + 3·3 + 2·4) / 13. */
  @Test
  void shoulderOnStitchTops() {
    Advice advice = advice(SeamFacts.of(SeamRole.SHOULDER), TOPS);
    assertThat(sum(advice, Method.SLIP_BOTH).total()).isCloseTo(48 / 13.0, within(1e-9));
    assertThat(advice.answers().get(0).sum().method()).isEqualTo(Method.SLIP_BOTH);
    assertThat(advice.answers().get(0).objection()).isEmpty();
    assertThat(advice.answers().get(1).sum().method().family()).isNotEqualTo(Method.Family.SLIP_STITCH);
  }

  /** Backstitch and mattress through back loops both come to 46 / 13 and gain 0.4; the hook's best stays the other answer. */
  @Test
  void aNeedleMakerHasTwoAnswersAtAShoulder() {
    Advice advice = advice(of(SeamRole.SHOULDER, Wish.NONE, Optional.of(School.Way.NEEDLE), Optional.empty()), TOPS);
    Advice.Answer own = advice.answers().get(0);
    assertThat(own.sum().total()).isCloseTo(46 / 13.0 + 0.4, within(1e-9));
    assertThat(own.sum().method().tool()).isEqualTo(Method.Tool.NEEDLE);
    assertThat(own.objection()).hasValueSatisfying(against -> {
      assertThat(against.code()).isEqualTo(Objection.Code.LESS);
      assertThat(against.by()).isCloseTo(2 / 13.0, within(1e-9));
    });
    assertThat(advice.answers().get(1).sum().method()).isEqualTo(Method.SLIP_BOTH);
    assertThat(advice.answers()).extracting(Advice.Answer::of).containsExactly(Advice.Of.SCHOOL, Advice.Of.OTHERS);
  }

  /** 500 g on 24 cm are 20.8 g/cm: strong ones first, whatever is wanted; 480 g on 26 cm are 18.5: not. */
  @Test
  void aHeavyGarmentWantsStrongShoulders() {
    Load heavy = new Load(500, true, 240, 20);
    assertThat(heavy.gramsPerCm()).isCloseTo(20.83, within(0.01));
    Advice advice = advice(of(SeamRole.SHOULDER, Wish.HIDDEN, Optional.of(School.Way.NEEDLE), Optional.of(heavy)), TOPS);
    assertThat(advice.answers().get(0).sum().term(Name.STRONG).score()).isGreaterThanOrEqualTo(4);
    int weak = 0;
    for (Sum sum : advice.ranking()) {
      weak = sum.term(Name.STRONG).score() < 4 ? weak + 1 : weak;
      assertThat(weak == 0 || sum.term(Name.STRONG).score() < 4).as("no strong one behind a weak one").isTrue();
    }
    Load light = new Load(480, true, 260, 20);
    assertThat(light.gramsPerCm()).isCloseTo(18.46, within(0.01));
    Advice hidden = advice(of(SeamRole.SHOULDER, Wish.HIDDEN, Optional.of(School.Way.NEEDLE), Optional.of(light)), TOPS);
    assertThat(hidden.answers().get(0).sum().method()).isEqualTo(Method.MATTRESS_TOPS_BACK);
  }

  /** What is wanted is not strong enough for the load: it is an answer, with that objection. */
  @Test
  void aWeakAnswerIsObjectedTo() {
    SeamFacts facts = of(SeamRole.SHOULDER, Wish.NONE, Optional.empty(), Optional.of(new Load(900, true, 240, 20)));
    Advice advice = Advice.of(facts, TOPS, HouseRules.USUAL, Optional.of(Method.WHIP_BOTH), method -> 2);
    Advice.Answer own = advice.answers().get(1);
    assertThat(own.sum().method().family()).isEqualTo(Method.Family.WHIP);
    assertThat(own.objection()).hasValueSatisfying(against -> assertThat(against.code()).isEqualTo(Objection.Code.WEAK_FOR_LOAD));
  }

  @Test
  void fuzzHidesAndSlowsWhatFollowsTheV() {
    SeamFacts fuzzy = new SeamFacts(SeamRole.SIDE, false, true, false, false, false, Wish.NONE, Optional.empty(), Optional.empty());
    Sum mattress = sum(advice(fuzzy, ROWS), Method.MATTRESS_ROWS);
    assertThat(mattress.term(Name.QUICK).score()).as("2 less 2, at least 1").isEqualTo(1);
    assertThat(mattress.term(Name.QUICK).because()).containsExactly(Because.FUZZY_V);
    assertThat(mattress.term(Name.HIDDEN).score()).as("5 is most").isEqualTo(5);
    Sum whip = sum(advice(fuzzy, ROWS), Method.WHIP_BOTH);
    assertThat(whip.term(Name.QUICK).score()).isEqualTo(5);
    assertThat(whip.term(Name.HIDDEN).score()).isEqualTo(4);
  }

  @Test
  void bulkyYarnMakesRidgesThickerWhereTheyWouldBeFelt() {
    SeamFacts bulky = new SeamFacts(SeamRole.SIDE, true, false, false, false, false, Wish.NONE, Optional.empty(), Optional.empty());
    Advice side = advice(bulky, ROWS);
    assertThat(sum(side, Method.SLIP_BOTH).term(Name.FLAT).score()).isEqualTo(1);
    assertThat(sum(side, Method.SC_BOTH).term(Name.FLAT).score()).as("1 is least").isEqualTo(1);
    assertThat(sum(side, Method.BACKSTITCH).term(Name.FLAT).score()).isEqualTo(1);
    assertThat(sum(side, Method.WHIP_BOTH).term(Name.FLAT).score()).isEqualTo(4);
    SeamFacts shoulder = new SeamFacts(SeamRole.SHOULDER, true, false, false, false, false, Wish.NONE, Optional.empty(), Optional.empty());
    assertThat(sum(advice(shoulder, TOPS), Method.SLIP_BOTH).term(Name.FLAT).score()).isEqualTo(2);
  }

  @Test
  void laceSplittyYarnAndAColourThatPeeks() {
    SeamFacts facts = new SeamFacts(SeamRole.SHOULDER, false, false, true, true, true, Wish.NONE, Optional.empty(), Optional.empty());
    Advice advice = advice(facts, TOPS);
    assertThat(sum(advice, Method.SLIP_BOTH).term(Name.STRETCH).score()).isEqualTo(1);
    assertThat(sum(advice, Method.SLIP_OUTER).term(Name.QUICK).score()).isEqualTo(3);
    assertThat(sum(advice, Method.MATTRESS_TOPS_BACK).term(Name.HIDDEN).score()).isEqualTo(3);
    assertThat(sum(advice, Method.SLIP_BACK_RS).term(Name.HIDDEN).score()).isEqualTo(1);
  }

  @Test
  void aWishDoublesItsWeightOrTurnsHiddenRound() {
    Advice hidden = advice(of(SeamRole.SHOULDER, Wish.HIDDEN, Optional.empty(), Optional.empty()), TOPS);
    assertThat(sum(hidden, Method.SLIP_BOTH).total()).isCloseTo((25 + 2 + 4 + 6 * 3 + 8) / 16.0, within(1e-9));
    Advice flat = advice(of(SeamRole.SHOULDER, Wish.FLAT, Optional.empty(), Optional.empty()), TOPS);
    assertThat(sum(flat, Method.SLIP_BOTH).total()).isCloseTo((25 + 2 + 4 * 2 + 9 + 8) / 15.0, within(1e-9));
    Advice shown = advice(of(SeamRole.SHOULDER, Wish.ON_SHOW, Optional.empty(), Optional.empty()), TOPS);
    assertThat(sum(shown, Method.SLIP_BACK_RS).term(Name.HIDDEN).score()).isEqualTo(5);
  }

  @Test
  void fewerEndsDecideBetweenEquals() {
    SeamFacts facts = SeamFacts.of(SeamRole.SHOULDER);
    Advice advice = Advice.of(facts, TOPS, HouseRules.USUAL, Optional.empty(), method -> method == Method.SLIP_BOTH ? 4 : 2);
    assertThat(advice.answers().get(0).sum().method()).as("3.69 as well").isEqualTo(Method.SLIP_OUTER);
    Advice strict = Advice.of(facts, TOPS, HouseRules.USUAL.with(Rule.EQUAL_POINTS, Optional.of(0.0)), Optional.empty(), method -> method.tool() == Method.Tool.NEEDLE ? 2 : 4);
    assertThat(strict.answers().get(0).sum().method().tool()).isEqualTo(Method.Tool.HOOK);
  }

  @Test
  void undoingCountsForThoseWhoUndoOften() {
    Advice advice = Advice.of(SeamFacts.of(SeamRole.SHOULDER), TOPS, HouseRules.USUAL.with(Rule.UNDO_WEIGHT, Optional.of(3.0)), Optional.empty(), method -> 2);
    assertThat(sum(advice, Method.SLIP_BOTH).total()).isCloseTo((48 + 3 * 5) / 16.0, within(1e-9));
  }

  /** The family of the method a seam has is one of the two answers. */
  @Test
  void withoutASchoolTheFamilyAtHandIsAnswered() {
    Advice advice = Advice.of(SeamFacts.of(SeamRole.SHOULDER), TOPS, HouseRules.USUAL, Optional.of(Method.SC_BACK), method -> 2);
    assertThat(advice.answers().get(1).sum().method().family()).isEqualTo(Method.Family.SINGLE_CROCHET);
    assertThat(advice.answers().get(1).objection()).isPresent();
    assertThat(advice.answers()).extracting(Advice.Answer::of).containsExactly(Advice.Of.OTHERS, Advice.Of.FAMILY);
  }

  /** Whatever the facts: what is excluded is nowhere offered, every sum lies in its bounds, and the same facts give the same answers. */
  @Test
  void neverOffersWhatIsExcluded() {
    Random random = new Random(11);
    Set<Method> first = new HashSet<>();
    for (int i = 0; i < 2000; i++) {
      SeamRole role = SeamRole.values()[random.nextInt(SeamRole.values().length)];
      Nevers nevers = nevers(new SeamId(random.nextBoolean() ? "shoulder.left" : random.nextBoolean() ? "side.left" : "armhole.left"), role);
      SeamFacts facts =
          new SeamFacts(
              role, random.nextBoolean(), random.nextBoolean(), random.nextBoolean(), random.nextBoolean(), random.nextBoolean(), Wish.values()[random.nextInt(4)],
              random.nextBoolean() ? Optional.empty() : Optional.of(School.JOIN.ways().get(random.nextInt(3))),
              random.nextBoolean() ? Optional.empty() : Optional.of(new Load(random.nextInt(900) + 1, true, 240, 20)));
      Advice advice = advice(facts, nevers);
      assertThat(advice.ranking()).allMatch(sum -> nevers.of(sum.method()).isEmpty() && sum.facts() >= 1 && sum.facts() <= 5);
      assertThat(advice.ranking().size() + advice.never().size()).isEqualTo(Method.values().length);
      assertThat(advice.answers()).hasSize(2).allMatch(answer -> advice.ranking().contains(answer.sum()));
      assertThat(advice(facts, nevers)).isEqualTo(advice);
      first.add(advice.answers().get(0).sum().method());
    }
    assertThat(first).as("the facts decide").hasSizeGreaterThan(6);
  }

  /** Each summand says why it is not the table's, and says nothing where it is. */
  @Test
  void onlyWhatChangesAScoreOrAWeightIsGivenAsAReason() {
    SeamFacts plain = of(SeamRole.SIDE, Wish.NONE, Optional.empty(), Optional.empty());
    assertThat(advice(plain, ROWS).ranking()).flatExtracting(Sum::terms).allMatch(term -> term.because().isEmpty());
    SeamFacts bulky = new SeamFacts(SeamRole.SIDE, true, false, false, false, false, Wish.NONE, Optional.empty(), Optional.empty());
    assertThat(sum(advice(bulky, ROWS), Method.SLIP_BOTH).term(Name.FLAT).because()).containsExactly(Because.BULKY_RIDGE);
    assertThat(sum(advice(bulky, ROWS), Method.WHIP_BOTH).term(Name.FLAT).because()).isEmpty();
    assertThat(sum(advice(of(SeamRole.SHOULDER, Wish.FLAT, Optional.empty(), Optional.empty()), TOPS), Method.SLIP_BOTH).term(Name.FLAT).because()).containsExactly(Because.WISH_FLAT);
    Sum hidden = sum(advice(of(SeamRole.SHOULDER, Wish.HIDDEN, Optional.empty(), Optional.empty()), TOPS), Method.SLIP_BOTH);
    assertThat(hidden.term(Name.HIDDEN).because()).containsExactly(Because.WISH_HIDDEN);
    assertThat(hidden.term(Name.FLAT).because()).isEmpty();
    SeamFacts lace = new SeamFacts(SeamRole.SHOULDER, false, false, true, true, true, Wish.NONE, Optional.empty(), Optional.empty());
    assertThat(sum(advice(lace, TOPS), Method.SLIP_BOTH).term(Name.STRETCH).because()).containsExactly(Because.LACE_GIVES);
    assertThat(sum(advice(lace, TOPS), Method.SLIP_OUTER).term(Name.STRETCH).because()).isEmpty();
    assertThat(sum(advice(lace, TOPS), Method.SLIP_BOTH).term(Name.HIDDEN).because()).as("3 stays 3, whatever peeks through").isEmpty();
    assertThat(sum(advice(lace, TOPS), Method.MATTRESS_TOPS_BACK).term(Name.HIDDEN).because()).containsExactly(Because.COLOUR_PEEKS);
    assertThat(Because.values()).extracting(Because::words).doesNotContain("").doesNotHaveDuplicates();
    assertThat(Name.values()).extracting(Name::words).doesNotContain("").doesNotHaveDuplicates();
  }

  @Test
  void undoingIsNoSummandForThoseWhoDoNotUndo() {
    assertThat(advice(SeamFacts.of(SeamRole.SHOULDER), TOPS).ranking()).flatExtracting(Sum::terms).noneMatch(term -> term.name() == Name.UNDO);
  }

  /** Every method is of one way of joining. */
  @Test
  void theWaysOfJoiningPartTheMethods() {
    for (Method method : Method.values()) {
      assertThat(School.JOIN.ways().stream().filter(way -> Sum.isOf(Optional.of(way), method))).as(method.name()).hasSize(1);
      assertThat(Sum.isOf(Optional.empty(), method)).isFalse();
    }
    assertThat(Sum.isOf(Optional.of(School.Way.NEEDLE), Method.MATTRESS_ROWS)).isTrue();
    assertThat(Sum.isOf(Optional.of(School.Way.HOOK), Method.SLIP_BOTH)).isTrue();
  }

  /** The shares add up to the sum; an objection names the word at which most is lost against the better one, and how much in all. */
  @Test
  void whatIsSaidAgainstAnAnswerFollowsFromTheSums() {
    int objections = 0;
    for (Wish wish : Wish.values()) {
      for (Optional<School.Way> school : List.of(Optional.<School.Way>empty(), Optional.of(School.Way.NEEDLE), Optional.of(School.Way.HOOK))) {
        for (SeamRole role : List.of(SeamRole.SHOULDER, SeamRole.SIDE)) {
          Advice advice = advice(of(role, wish, school, Optional.empty()), role == SeamRole.SIDE ? ROWS : TOPS);
          for (Sum sum : advice.ranking()) {
            assertThat(sum.terms().stream().mapToDouble(sum::share).sum()).isCloseTo(sum.total(), within(1e-9));
          }
          double best = advice.ranking().stream().mapToDouble(Sum::facts).max().orElseThrow();
          for (Advice.Answer answer : advice.answers()) {
            assertThat(answer.objection().isPresent()).isEqualTo(best > answer.sum().facts() + 1e-9);
            if (answer.objection().isPresent()) {
              Objection against = answer.objection().get();
              Sum better = sum(advice, against.than());
              assertThat(better.facts()).isCloseTo(best, within(1e-9));
              assertThat(against.by()).isCloseTo(best - answer.sum().facts(), within(1e-9));
              double lost = lost(better, answer.sum(), against.name());
              assertThat(better.terms()).filteredOn(term -> term.name() != Name.SCHOOL).allMatch(term -> lost(better, answer.sum(), term.name()) <= lost + 1e-9);
              objections++;
            }
          }
        }
      }
    }
    assertThat(objections).isGreaterThan(10);
  }

  private static double lost(Sum better, Sum sum, Name word) {
    return better.term(word).weight() * better.term(word).score() / better.weights() - sum.term(word).weight() * sum.term(word).score() / sum.weights();
  }

  private static SeamFacts of(SeamRole role, Wish wish, Optional<School.Way> school, Optional<Load> load) {
    return new SeamFacts(role, false, false, false, false, false, wish, school, load);
  }

  private static Advice advice(SeamFacts facts, Nevers nevers) {
    return Advice.of(facts, nevers, HouseRules.USUAL, Optional.empty(), method -> 2);
  }

  private static Sum sum(Advice advice, Method method) {
    return advice.ranking().stream().filter(sum -> sum.method() == method).findFirst().orElseThrow();
  }

  private static Nevers nevers(SeamId seam, SeamRole role) {
    Layout layout = ((Outcome.Good<Layout>) Layout.of(Wardrobe.cardigan())).value();
    ResolvedSeam resolved = ((Outcome.Good<ResolvedSeam>) Seams.resolved(layout.construct().pieces(), layout.construct().seams(), seam)).value();
    return new Nevers(SideLayout.of(resolved, Side.A, HouseRules.USUAL), SideLayout.of(resolved, Side.B, HouseRules.USUAL), role);
  }
}
