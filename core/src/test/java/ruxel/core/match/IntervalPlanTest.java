package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.measure.HouseRules;

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
    assertThat(plan.rhythm()).contains(Rhythm.repeated(1, 2, 0, new Rhythm.Block(3, 0), 6, 0));
    assertThat(plan.cost().worst()).isEqualTo(0.875, within(1e-9));
    assertThat(plan.optimum().worst()).isEqualTo(0.625, within(1e-9));
    assertThat(plan.words()).isEqualTo("One to one 3 times, then two into one; all that 6 times");
  }

  /** A repeat of three or more without plain ends may begin or end with an extra, also one of two blocks (R3). */
  @Test
  void keepsTwentyEightOnTwentyAsAPureRepeat() {
    IntervalPlan plan = IntervalPlan.of(Stretch.even(28), Stretch.even(20), From.START, RULES);
    Rhythm rhythm = plan.rhythm().orElseThrow();
    assertThat(rhythm.form()).isEqualTo(Rhythm.Form.R3);
    assertThat(List.of(rhythm.a(), rhythm.b(), rhythm.rounds(), rhythm.numbers())).containsExactly(0, 0, 4, 3);
  }

  @Test
  void keepsTwentyFiveOnFourteenInTheHead() {
    IntervalPlan plan = IntervalPlan.of(Stretch.even(25), Stretch.even(14), From.START, RULES);
    assertThat(plan.rhythm()).contains(Rhythm.repeated(2, 1, 0, new Rhythm.Block(3, 0), 3, 2));
    assertThat(plan.cost().worst()).isEqualTo(1.04, within(0.005));
    assertThat(plan.optimum().worst()).isEqualTo(0.89, within(0.005));
    assertThat(plan.words())
        .isEqualTo("Two into one 3 times, then one to one; all that 3 times; then two into one twice");
    assertThat(plan.joints()).isEqualTo(25);
  }

  @Test
  void announcesARepeatThatStandsBehindAPlainRun() {
    assertThat(words(59, 38))
        .isEqualTo("Two into one 3 times; then 17 times over: one to one, then two into one; then two into one");
    assertThat(Rhythm.repeated(1, 2, 2, new Rhythm.Block(0, 1), 16, 2).words())
        .isEqualTo("One to one twice; then 16 times over: two into one, then one to one; then one to one twice");
  }

  @Test
  void tellsBlocksThatChangeOrNest() {
    IntervalPlan changing = IntervalPlan.of(Stretch.even(33), Stretch.even(20), From.START, RULES);
    assertThat(changing.rhythm().orElseThrow().form()).isEqualTo(Rhythm.Form.R2);
    assertThat(changing.rhythm().orElseThrow().told()).containsExactly(0, 1, 0, 1, 2, 0, 6, 0);
    assertThat(changing.words())
        .isEqualTo("Two into one, then one to one; then 6 times over: two into one twice, then one to one");
    Rhythm nested = Rhythm.nested(1, 2, 1, new Rhythm.Block(3, 0), 2, new Rhythm.Block(4, 0), 5, 0);
    assertThat(nested.numbers()).isEqualTo(5);
    assertThat(nested.sizes()).hasSize(1 + 5 * 13);
    assertThat(nested.repeatEnds()).containsExactly(17, 33, 49, 65, 81);
    assertThat(nested.words())
        .isEqualTo("One to one; then 5 times over: twice (one to one 3 times, then two into one), then once (one to one 4 times, then two into one)");
  }

  private static String words(int n, int m) {
    return IntervalPlan.of(Stretch.even(n), Stretch.even(m), From.START, RULES).words();
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

  @ParameterizedTest
  @CsvSource({"30,24", "25,14", "34,27", "51,28", "97,61", "44,31", "23,17", "201,190"})
  void aRhythmsFigures(int n, int m) {
    IntervalPlan plan = IntervalPlan.of(Stretch.even(n), Stretch.even(m), From.START, RULES);
    plan.rhythm()
        .ifPresent(
            rhythm -> {
              assertThat(rhythm.sizes().stream().mapToInt(Integer::intValue).sum()).isEqualTo(n);
              assertThat(rhythm.sizes()).hasSize(m);
              assertThat(rhythm.told().stream().filter(number -> number > 0).count()).isGreaterThanOrEqualTo(1);
              List<Integer> ends = rhythm.repeatEnds();
              assertThat(ends).isSorted();
              assertThat(ends.isEmpty() ? 0 : ends.get(ends.size() - 1)).isLessThanOrEqualTo(n);
            });
  }

  /** No admissible rhythm of R1 asks for fewer numbers than the one that is worked: tried one by one. */
  @Test
  void noSimplerRhythmIsOverlooked() {
    for (int m = 2; m <= 16; m++) {
      for (int n = m + 1; n <= 2 * m; n++) {
        IntervalPlan plan = IntervalPlan.of(Stretch.even(n), Stretch.even(m), From.START, RULES);
        int told = plan.rhythm().map(Rhythm::numbers).orElse(99);
        assertThat(fewestNumbers(n, m, plan.optimum().worst() + 1)).as("%d on %d", n, m).isGreaterThanOrEqualTo(told);
      }
    }
  }

  private static int fewestNumbers(int n, int m, double limit) {
    int extras = n % m;
    boolean extrasRare = 2 * extras <= m;
    int plain = n / m + (extrasRare ? 0 : 1);
    int rare = n / m + (extrasRare ? 1 : 0);
    int s = extrasRare ? extras : m - extras;
    int fewest = 99;
    for (int a = 0; s > 0 && a <= m - s; a++) {
      for (int u = 0; a + s * (u + 1) <= m; u++) {
        for (int v = 0; a + s * (u + v + 1) <= m; v++) {
          int b = m - a - s * (u + v + 1);
          Rhythm rhythm = Rhythm.repeated(plain, rare, a, new Rhythm.Block(u, v), s, b);
          boolean pure = a == 0 && b == 0 && s >= 3;
          boolean atAnEnd = a + u == 0 || b + v == 0;
          List<Group> groups = rhythm.sizes().stream().map(size -> new Group(size, 1)).toList();
          boolean admissible = Offsets.cost(Stretch.even(n), Stretch.even(m), groups).worst() <= limit + 1e-9;
          boolean apart = s < 2 || u + v >= 1;
          if (admissible && apart && (rare < plain || pure || !atAnEnd)) {
            fewest = Math.min(fewest, rhythm.numbers());
          }
        }
      }
    }
    return fewest;
  }

  private static Stretch held(int places, int first) {
    return Edges.held(places, first);
  }

  /** Group by group where there is no rhythm: runs of like groups are counted, what is passed over is said, and the END reads backwards. */
  @Test
  void groupsAreToldOneAfterTheOther() {
    List<Group> groups = List.of(new Group(1, 1), new Group(1, 1), new Group(2, 1), new Group(1, 1), new Group(1, 0), new Group(3, 1));
    IntervalPlan fromStart = told(groups, From.START, true);
    assertThat(fromStart.words()).isEqualTo("One to one twice, then two into one, then one to one, then pass over one, then three into one");
    assertThat(told(groups, From.END, true).words()).isEqualTo("Three into one, then pass over one, then one to one, then two into one, then one to one twice");
    assertThat(fromStart.words(2, 4)).isEqualTo("Two into one, then one to one");
    assertThat(fromStart.words(0, 1)).isEqualTo("One to one");
    List<Group> other = List.of(new Group(1, 2), new Group(1, 2), new Group(1, 1));
    assertThat(told(other, From.START, false).words()).isEqualTo("Two into one twice, then one to one");
    assertThat(told(other, From.START, true).words()).as("against the finer side").isEqualTo("One into two twice, then one to one");
    assertThat(told(groups, From.START, false).words(2, 3)).isEqualTo("One into two");
  }

  @Test
  void theGroupAfterSoManyJoints() {
    IntervalPlan plan = told(List.of(new Group(2, 1), new Group(1, 1), new Group(1, 0), new Group(3, 1)), From.START, true);
    assertThat(plan.joints()).isEqualTo(6);
    assertThat(List.of(plan.groupAt(0), plan.groupAt(1), plan.groupAt(2), plan.groupAt(3), plan.groupAt(4), plan.groupAt(6), plan.groupAt(7))).containsExactly(0, 1, 1, 2, 4, 4, 4);
  }

  /** What is read from the end is worked in the seam's direction all the same. */
  @Test
  void aRhythmFromTheEndIsTheMirrorImage() {
    List<Group> forward = IntervalPlan.of(Stretch.even(25), Stretch.even(14), From.START, RULES).groups();
    List<Group> backward = IntervalPlan.of(Stretch.even(25), Stretch.even(14), From.END, RULES).groups();
    assertThat(backward).isEqualTo(IntStream.range(0, forward.size()).mapToObj(i -> forward.get(forward.size() - 1 - i)).toList()).isNotEqualTo(forward);
  }

  @Test
  void passingOverKeepsTheLargerSideAsTheFiner() {
    IntervalPlan more = IntervalPlan.skipping(Edges.of(9, 7), Edges.of(8, 8), From.START).orElseThrow();
    IntervalPlan fewer = IntervalPlan.skipping(Edges.of(8, 8), Edges.of(9, 7), From.START).orElseThrow();
    assertThat(more.finerIsA()).isTrue();
    assertThat(fewer.finerIsA()).isFalse();
    assertThat(more.groups().stream().mapToInt(Group::p).sum()).isEqualTo(9);
    assertThat(fewer.groups().stream().mapToInt(Group::q).sum()).isEqualTo(9);
  }

  private static IntervalPlan told(List<Group> groups, From from, boolean finerIsA) {
    return new IntervalPlan(3, from, groups, new Cost(0, 0, 0), new Cost(0, 0, 0), groups, Optional.empty(), finerIsA);
  }
}
