package ruxel.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import ruxel.core.change.Change;
import ruxel.core.change.OwnChange;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Walk;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** A pullover and eight panels, twelve openings with three rounds round each (goal 12 ms). */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class StripsBenchmark {
  private static final int PANELS = 8;
  private static final int ROUNDS = 3;

  private final Anew anew = new Anew();
  private Garment bare;
  private Garment edged;

  @Setup
  public void lay() {
    edged = Garment.of("Edged", new Recipe("drop-shoulder", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    List<Walk.Step> walk =
        List.of(
            new Walk.Step("lower", UnitKind.FOUNDATION_LOOP, 60, 7, 90), new Walk.Step("right", UnitKind.ROW_END, 40, 12, 90), new Walk.Step("upper", UnitKind.STITCH_TOP, 60, 7, 90),
            new Walk.Step("left", UnitKind.ROW_END, 40, 12, 90));
    for (int i = 0; i < PANELS; i++) {
      edged = after(new OwnChange.PieceAdded(new PieceId("own." + i), "Panel " + i, Piece.Part.OTHER, Cloth.Dye.WELD, walk));
    }
    bare = edged;
    List<Round> rounds = new ArrayList<>();
    for (int i = 0; i < ROUNDS; i++) {
      rounds.add(Round.usual(Stitch.SC, 6.25));
    }
    for (GarmentPlan.OpeningPlan opening : ((Outcome.Good<GarmentPlan>) Planner.plan(edged)).value().gluing().openings()) {
      StripId id = new StripId("strip." + opening.start().piece() + "." + opening.start().edge());
      edged = after(new StripAdded(new Strip(id, opening.name(), opening.start(), Optional.empty(), rounds, new Strip.Multiple(2, 0), false, Trims.NONE, Optional.empty(), Optional.empty())));
    }
  }

  private Garment after(Change change) {
    return ((Outcome.Good<Garment>) change.apply(edged)).value();
  }

  @Benchmark
  public Object withoutEdgings() {
    return Planner.plan(anew.of(bare));
  }

  @Benchmark
  public Object twelveEdgings() {
    return Planner.plan(anew.of(edged));
  }
}
