package ruxel.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import ruxel.core.match.From;
import ruxel.core.match.Group;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.JointTable;
import ruxel.core.match.Stretch;
import ruxel.core.measure.HouseRules;

/** One seam planned: even and uneven edges of several sizes. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class PlannerBenchmark {
  @Param({"300x287", "2000x1900", "2000x1201"})
  public String places;

  @Param({"even", "uneven", "skewed"})
  public String widths;

  private Stretch a;
  private Stretch b;

  @Setup
  public void edges() {
    List<Integer> counts = Arrays.stream(places.split("x")).map(Integer::parseInt).toList();
    Random random = new Random(11);
    a = stretch(counts.get(0), random);
    b = stretch(counts.get(1), random);
  }

  private Stretch stretch(int count, Random random) {
    double[] each = new double[count];
    for (int i = 0; i < count; i++) {
      each[i] =
          switch (widths) {
            case "even" -> 7;
            case "uneven" -> 5 + random.nextInt(5);
            default -> (count % 2 == 0 ? i < count / 2 : i >= count / 2) ? 3 : 9;
          };
    }
    return new Stretch(each, new boolean[count]);
  }

  /** Table and rhythm, as the planner does it. */
  @Benchmark
  public IntervalPlan seam() {
    return IntervalPlan.of(a, b, From.START, HouseRules.USUAL);
  }

  /** The table alone. */
  @Benchmark
  public List<Group> table() {
    return JointTable.optimum(a, b, From.START);
  }

  /** The plain full table, to compare with. */
  @Benchmark
  public List<Group> plainTable() {
    return FullTable.optimum(a, b, From.START);
  }
}
