package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.measure.HouseRules;
import ruxel.testkit.PlanChecker;

class IntervalPlanTest {
  private static final HouseRules RULES = HouseRules.USUAL;

  @ParameterizedTest
  @CsvSource({
    "3,2,0.6875", "5,4,0.703125", "7,4,1.859375", "9,4,3.890625", "25,14,6.664541",
    "30,24,4.218750", "34,27,4.489026", "24,30,4.218750"
  })
  void reachesTheReferenceOfEvenEdges(int n, int m, double q) {
    assertThat(IntervalPlan.of(Stretch.even(n), Stretch.even(m), From.START, RULES).optimum().q())
        .isEqualTo(q, within(1e-6));
  }

  @Test
  void reachesTheReferenceOfNoEaseAndOfUnevenWidths() {
    Cost four = IntervalPlan.of(Stretch.even(30), held(24, 4), From.START, RULES).optimum();
    assertThat(four.e()).isZero();
    assertThat(four.q()).isEqualTo(6.093750, within(1e-6));
    Cost fifteen = IntervalPlan.of(Stretch.even(30), held(20, 15), From.START, RULES).optimum();
    assertThat(fifteen.e()).isEqualTo(5);
    assertThat(fifteen.q()).isEqualTo(36.875, within(1e-6));
    Stretch a = new Stretch(new double[] {1, 1, 1, 3, 1}, new boolean[5]);
    Stretch b = new Stretch(new double[] {2, 1, 1, 1}, new boolean[4]);
    assertThat(IntervalPlan.of(a, b, From.START, RULES).optimum().q()).isEqualTo(1.030612, within(1e-6));
  }

  @Test
  void keepsThirtyOnTwentyFourInTheHead() {
    IntervalPlan plan = IntervalPlan.of(Stretch.even(30), Stretch.even(24), From.START, RULES);
    assertThat(plan.rhythm()).contains(new Rhythm(1, 2, 0, 3, 0, 6, 0));
    assertThat(plan.cost().worst()).isEqualTo(0.875, within(1e-9));
    assertThat(plan.optimum().worst()).isEqualTo(0.625, within(1e-9));
    assertThat(plan.words()).isEqualTo("One to one 3 times, then two into one; all that 6 times");
  }

  @Test
  void keepsTwentyFiveOnFourteenInTheHead() {
    IntervalPlan plan = IntervalPlan.of(Stretch.even(25), Stretch.even(14), From.START, RULES);
    assertThat(plan.rhythm()).contains(new Rhythm(2, 1, 0, 3, 0, 3, 2));
    assertThat(plan.cost().worst()).isEqualTo(1.04, within(0.005));
    assertThat(plan.optimum().worst()).isEqualTo(0.89, within(0.005));
    assertThat(plan.words())
        .isEqualTo("Two into one 3 times, then one to one; all that 3 times; then two into one twice");
    assertThat(plan.joints()).isEqualTo(25);
  }

  @Test
  void announcesARepeatThatStandsBehindAPlainRun() {
    IntervalPlan plan = IntervalPlan.of(Stretch.even(33), Stretch.even(20), From.START, RULES);
    assertThat(plan.rhythm()).contains(new Rhythm(2, 1, 3, 1, 0, 7, 3));
    assertThat(plan.words())
        .isEqualTo("Two into one 3 times; then 7 times over: two into one, then one to one; then two into one 3 times");
  }

  @Test
  void joinsEqualCountsOneToOneAlsoOnUnevenEdges() {
    Stretch uneven = new Stretch(new double[] {5, 1, 1, 1}, new boolean[4]);
    IntervalPlan plan = IntervalPlan.of(uneven, Stretch.even(4), From.END, RULES);
    assertThat(plan.groups()).containsOnly(new Group(1, 1)).hasSize(4);
    assertThat(plan.rhythm()).isEmpty();
  }

  @Test
  void workedRhythmStaysWithinThePromise() {
    for (int m = 1; m <= 40; m++) {
      for (int n = m; n <= 80; n++) {
        IntervalPlan plan = IntervalPlan.of(Stretch.even(n), Stretch.even(m), From.START, RULES);
        assertThat(plan.cost().worst())
            .as("%d on %d", n, m)
            .isLessThanOrEqualTo(plan.optimum().worst() + 1 + 1e-9);
        int took = plan.groups().stream().mapToInt(Group::p).sum();
        assertThat(took).as("%d on %d", n, m).isEqualTo(n);
        plan.rhythm().ifPresent(rhythm -> assertThat(rhythm.numbers()).isLessThanOrEqualTo(5));
      }
    }
  }

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void isValidOptimalAndMirrored(int seed) {
    Random random = new Random(seed);
    Stretch a = randomStretch(random, 1 + random.nextInt(9));
    Stretch b = randomStretch(random, 1 + random.nextInt(9));
    PlanChecker checker = checker(a, b);
    List<Group> best = JointTable.optimum(a, b, From.START);
    assertThat(checker.faults(pairs(best))).isEmpty();
    PlanChecker.Score score = checker.score(pairs(best));
    PlanChecker.Score least = checker.everyPlan();
    assertThat(score.e()).isEqualTo(least.e());
    assertThat(score.q()).isEqualTo(least.q(), within(1e-9 * (1 + least.q())));
    List<Group> mirrored = new ArrayList<>(JointTable.optimum(a.reversed(), b.reversed(), From.END));
    Collections.reverse(mirrored);
    assertThat(mirrored).isEqualTo(best);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void agreesWithThePlainTableOnLongerEdges(int seed) {
    Random random = new Random(1000 + seed);
    Stretch a = randomStretch(random, 10 + random.nextInt(60));
    Stretch b = randomStretch(random, 10 + random.nextInt(60));
    PlanChecker.Score score = checker(a, b).score(pairs(JointTable.optimum(a, b, From.END)));
    PlanChecker.Score least = checker(a, b).plainTable();
    assertThat(score.e()).isEqualTo(least.e());
    assertThat(score.q()).isEqualTo(least.q(), within(1e-9 * (1 + least.q())));
  }

  @ParameterizedTest
  @CsvSource({"51,28", "30,24", "7,5", "100,99", "13,12"})
  void breaksTiesWithLargerGroupsFirst(int n, int m) {
    List<Group> fromStart = JointTable.optimum(Stretch.even(n), Stretch.even(m), From.START);
    List<Group> fromEnd = new ArrayList<>(JointTable.optimum(Stretch.even(n), Stretch.even(m), From.END));
    Collections.reverse(fromEnd);
    assertThat(fromEnd).as("an even edge is its own mirror").isEqualTo(fromStart);
    assertThat(sizes(fromStart)).isGreaterThanOrEqualTo(sizes(reversed(fromStart)));
  }

  private static String sizes(List<Group> groups) {
    StringBuilder text = new StringBuilder();
    groups.forEach(group -> text.append(group.size()));
    return text.toString();
  }

  private static List<Group> reversed(List<Group> groups) {
    List<Group> turned = new ArrayList<>(groups);
    Collections.reverse(turned);
    return turned;
  }

  private static Stretch held(int places, int first) {
    boolean[] marks = new boolean[places];
    Arrays.fill(marks, 0, first, true);
    double[] widths = new double[places];
    Arrays.fill(widths, 1);
    return new Stretch(widths, marks);
  }

  private static Stretch randomStretch(Random random, int places) {
    double[] widths = new double[places];
    boolean[] marks = new boolean[places];
    boolean even = random.nextBoolean();
    for (int i = 0; i < places; i++) {
      widths[i] = even ? 7 : 1 + random.nextInt(4);
      marks[i] = random.nextInt(5) == 0;
    }
    return new Stretch(widths, marks);
  }

  private static PlanChecker checker(Stretch a, Stretch b) {
    return new PlanChecker(a.widths(), a.noEase(), b.widths(), b.noEase());
  }

  private static List<int[]> pairs(List<Group> groups) {
    return groups.stream().map(group -> new int[] {group.p(), group.q()}).toList();
  }
}
