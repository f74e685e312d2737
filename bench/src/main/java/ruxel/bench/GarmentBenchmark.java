package ruxel.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import ruxel.app.garment.DemoGarments;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.files.GarmentFiles;

/** A whole cardigan planned, and a loop of plain arithmetic to compare machines by. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class GarmentBenchmark {
  private static final int CALIBRATION = 10_000_000;

  private Garment cardigan;

  @Setup
  public void read() {
    cardigan = ((Outcome.Good<Garment>) GarmentFiles.read(DemoGarments.CARDIGAN.file())).value();
  }

  @Benchmark
  public Outcome<GarmentPlan> cardigan() {
    return Planner.plan(cardigan);
  }

  /** Ten million multiplications that depend on each other. */
  @Benchmark
  public long calibration() {
    long value = 1;
    for (int i = 0; i < CALIBRATION; i++) {
      value = value * 6364136223846793005L + i;
    }
    return value;
  }
}
