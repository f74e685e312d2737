package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.testkit.PlanChecker;

/** The optimum of an interval against an independent table, brute force and its laws (model 3). */
class JointTableTest {
  static IntStream seeds() {
    return IntStream.rangeClosed(1, 80);
  }

  @Test
  void fourStitchesGoIntoASpaceThatIsWorkedRound() {
    Stretch a = Edges.withSpace(6, 7, 30, 6);
    Stretch b = Edges.of(16, 7);
    List<Group> groups = JointTable.optimum(a, b, From.START);
    List<Group> expected = new ArrayList<>(Collections.nCopies(6, new Group(1, 1)));
    expected.add(new Group(1, 4));
    expected.addAll(Collections.nCopies(6, new Group(1, 1)));
    assertThat(groups).isEqualTo(expected);
    double worstMm = Offsets.cost(a, b, groups).worst() / 16 * 114;
    assertThat(worstMm).isEqualTo(0.7, within(0.05));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void isValidOptimalAndMirrored(int seed) {
    Random random = new Random(seed);
    Stretch a = Edges.random(random, 1 + random.nextInt(9));
    Stretch b = Edges.random(random, 1 + random.nextInt(9));
    PlanChecker checker = Edges.checker(a, b);
    List<Group> best = JointTable.optimum(a, b, From.START);
    assertThat(checker.faults(Edges.pairs(best))).isEmpty();
    same(checker.score(Edges.pairs(best)), checker.everyPlan());
    List<Group> mirrored = new ArrayList<>(JointTable.optimum(a.reversed(), b.reversed(), From.END));
    Collections.reverse(mirrored);
    assertThat(mirrored).isEqualTo(best);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void agreesWithThePlainTableOnLongerEdges(int seed) {
    Random random = new Random(1000 + seed);
    Stretch a = Edges.random(random, 10 + random.nextInt(90));
    Stretch b = Edges.random(random, 10 + random.nextInt(90));
    PlanChecker checker = Edges.checker(a, b);
    List<Group> best = JointTable.optimum(a, b, From.END);
    assertThat(checker.faults(Edges.pairs(best))).isEmpty();
    same(checker.score(Edges.pairs(best)), checker.plainTable());
  }

  /** The narrow side lies far from the middle line: the band must not cut the best plan off. */
  @Test
  void findsTheOptimumOfVeryUnevenEdges() {
    double[] widths = new double[60];
    for (int i = 0; i < 60; i++) {
      widths[i] = i < 40 ? 1 : 9;
    }
    Stretch a = new Stretch(widths, new boolean[60]);
    Stretch b = Edges.of(55, 4).reversed();
    PlanChecker checker = Edges.checker(a, b);
    same(checker.score(Edges.pairs(JointTable.optimum(a, b, From.START))), checker.plainTable());
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void isNeverWorseThanTheUsualWaysOfSharingOut(int seed) {
    Random random = new Random(2000 + seed);
    int m = 2 + random.nextInt(40);
    int n = m + random.nextInt(m);
    Stretch a = new Stretch(Edges.random(random, n).widths(), new boolean[n]);
    Stretch b = new Stretch(Edges.random(random, m).widths(), new boolean[m]);
    double best = Offsets.cost(a, b, JointTable.optimum(a, b, From.START)).q();
    assertThat(best).isLessThanOrEqualTo(Offsets.cost(a, b, evenly(n, m)).q() + 1e-6);
    assertThat(best).isLessThanOrEqualTo(Offsets.cost(a, b, oneToOneThenRest(n, m)).q() + 1e-6);
    List<Group> proportional = proportional(a, b);
    if (Edges.checker(a, b).faults(Edges.pairs(proportional)).isEmpty()) {
      assertThat(best).isLessThanOrEqualTo(Offsets.cost(a, b, proportional).q() + 1e-6);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void touchesNoEaseOnlyWhenNothingElseIsPossible(int seed) {
    Random random = new Random(3000 + seed);
    int m = 4 + random.nextInt(30);
    int n = m + 1 + random.nextInt(m - 1);
    int held = random.nextInt(m);
    Stretch b = Edges.held(m, held);
    int e = Offsets.cost(Edges.of(n, 1), b, JointTable.optimum(Edges.of(n, 1), b, From.START)).e();
    assertThat(e).as("%d on %d, %d held", n, m, held).isEqualTo(Math.max(0, (n - m) - (m - held)));
  }

  @ParameterizedTest
  @CsvSource({"51,28", "30,24", "7,5", "100,99", "13,12"})
  void breaksTiesWithLargerGroupsFirst(int n, int m) {
    List<Group> fromStart = JointTable.optimum(Stretch.even(n), Stretch.even(m), From.START);
    List<Group> fromEnd = new ArrayList<>(JointTable.optimum(Stretch.even(n), Stretch.even(m), From.END));
    Collections.reverse(fromEnd);
    assertThat(fromEnd).as("an even edge is its own mirror").isEqualTo(fromStart);
    List<Group> turned = new ArrayList<>(fromStart);
    Collections.reverse(turned);
    assertThat(sizes(fromStart)).isGreaterThanOrEqualTo(sizes(turned));
  }

  @Test
  void keepsOnlyABandOfTheTableOnEvenEdges() {
    Stretch a = Stretch.even(2000);
    Stretch b = Stretch.even(1900);
    assertThat(RestTable.of(new Pairing(a, b), a.cuts(), b.cuts()).cells()).isLessThan(2000L * 1900 / 50);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void passesOverTheLeast(int seed) {
    Random random = new Random(4000 + seed);
    int m = 2 + random.nextInt(5);
    int n = m + 1 + random.nextInt(5);
    boolean[] kept = new boolean[n];
    for (int i = 0; i < n; i++) {
      kept[i] = random.nextInt(4) == 0;
    }
    Stretch a = new Stretch(Edges.random(random, n).widths(), new boolean[n], new boolean[n], kept);
    Stretch b = new Stretch(Edges.random(random, m).widths(), new boolean[m]);
    double least = Edges.checker(a, b).everySkip(kept);
    var skipped = SkipTable.groups(a, b, From.END);
    assertThat(skipped.isPresent()).isEqualTo(least >= 0);
    skipped.ifPresent(
        groups -> {
          assertThat(Offsets.cost(a, b, groups).q()).isEqualTo(least, within(1e-9 * (1 + least)));
          assertThat(groups.get(0)).isEqualTo(new Group(1, 1));
          assertThat(groups.get(groups.size() - 1)).isEqualTo(new Group(1, 1));
          assertThat(groups.stream().filter(Group::leftOut)).hasSize(n - m);
        });
  }

  private static void same(PlanChecker.Score score, PlanChecker.Score least) {
    assertThat(score.e()).isEqualTo(least.e());
    assertThat(score.q()).isEqualTo(least.q(), within(1e-9 * (1 + least.q())));
  }

  private static List<Group> evenly(int n, int m) {
    List<Group> groups = new ArrayList<>();
    for (int j = 0; j < m; j++) {
      groups.add(new Group((j + 1) * n / m - j * n / m, 1));
    }
    return groups;
  }

  private static List<Group> oneToOneThenRest(int n, int m) {
    List<Group> groups = new ArrayList<>();
    int most = (n + m - 1) / m;
    int surplus = n - m;
    for (int j = m - 1; j >= 0; j--) {
      int more = Math.min(most - 1, surplus);
      surplus -= more;
      groups.add(0, new Group(1 + more, 1));
    }
    return groups;
  }

  /** Each place of A goes to the place of B nearest to it; passed-over places take what is left. */
  private static List<Group> proportional(Stretch a, Stretch b) {
    double[] x = a.middles();
    double[] y = b.middles();
    int[] taken = new int[y.length];
    int j = 0;
    for (double place : x) {
      while (j + 1 < y.length && Math.abs(y[j + 1] - place) < Math.abs(y[j] - place)) {
        j++;
      }
      taken[j]++;
    }
    List<Group> groups = new ArrayList<>();
    for (int count : taken) {
      groups.add(new Group(Math.max(1, count), 1));
    }
    return groups;
  }

  private static String sizes(List<Group> groups) {
    StringBuilder text = new StringBuilder();
    groups.forEach(group -> text.append(group.size()));
    return text.toString();
  }
}
