package ruxel.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.change.BoardChange;
import ruxel.core.change.Change;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;

/** A garment of some 75 squares planned and coloured, and one board of 2500 planned (goals 10, 1000 and 150 ms). */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class SquaresBenchmark {
  private static final int COLOURWAYS = 6;
  private static final int STOCK = 13;

  private final Anew anew = new Anew();
  private Garment squares;
  private Garment large;

  @Setup
  public void lay() {
    squares =
        Garment.of(
            "Squares",
            new Recipe(
                "squares",
                new Answers(Map.of("squaresAcross", new Answers.Numeric(6), "squaresHigh", new Answers.Numeric(4), "armholeHalfSquares", new Answers.Numeric(4), "sleeveSquares", new Answers.Numeric(3)))));
    for (int i = 0; i < COLOURWAYS; i++) {
      squares = ((Outcome.Good<Garment>) new BoardChange.ColourwayAdded("c" + i, "Colour " + i, Cloth.Dye.values()[i], Optional.of(STOCK)).apply(squares)).value();
    }
    Motif motif = new Motif("Square", 14, Corner.CHAIN_1, 100);
    large = Garment.of("Large", BoardPiece.of(new PieceId("board"), "Board", Piece.Part.OTHER, Board.of(motif, 50, 50), Cloth.Dye.WELD));
  }

  @Benchmark
  public Outcome<GarmentPlan> seventyFiveSquares() {
    return Planner.plan(anew.of(squares));
  }

  @Benchmark
  public Outcome<Garment> coloursOfSeventyFive() {
    return Change.applyAll(squares, List.of(new BoardChange.ColoursPlaced(1, Set.of())));
  }

  @Benchmark
  public Outcome<GarmentPlan> twentyFiveHundredSquares() {
    return Planner.plan(anew.of(large));
  }
}
