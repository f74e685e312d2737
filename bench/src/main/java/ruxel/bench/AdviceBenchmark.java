package ruxel.bench;

import java.util.ArrayList;
import java.util.List;
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
import ruxel.core.advice.Advice;
import ruxel.core.advice.SeamFacts;
import ruxel.core.construction.Walk;
import ruxel.core.glue.Contiguity;
import ruxel.core.glue.Glued;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.SeamGraph;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;
import ruxel.core.order.Alternatives;
import ruxel.core.order.Leading;
import ruxel.core.order.Order;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.strand.Factor;
import ruxel.core.strand.SeamStrands;

/** Advice for forty seams (goal 5 ms), and orders of two hundred pieces beside each other (goal 50 ms). */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class AdviceBenchmark {
  private static final int ACROSS = 20;
  private static final int DOWN = 10;
  private static final int ADVISED = 40;

  private List<Piece> pieces;
  private List<ResolvedSeam> seams;
  private List<SeamMatch> matches;
  private Gluing gluing;

  /** Twenty by ten boxes, each joined to its neighbours. */
  @Setup
  public void grid() {
    pieces = new ArrayList<>();
    List<Seam> told = new ArrayList<>();
    for (int row = 0; row < DOWN; row++) {
      for (int column = 0; column < ACROSS; column++) {
        pieces.add(box(row, column));
        if (column > 0) {
          told.add(seam(told.size(), id(row, column - 1), "e2", id(row, column), "e4"));
        }
        if (row > 0) {
          told.add(seam(told.size(), id(row - 1, column), "e3", id(row, column), "e1"));
        }
      }
    }
    seams = SeamResolver.resolve(pieces, told).seams();
    matches = SeamMatch.all(seams, HouseRules.USUAL);
    gluing = Glued.of(pieces, matches).gluing();
  }

  private static Piece box(int row, int column) {
    Walk walk =
        new Walk(
            List.of(
                new Walk.Step("lower", UnitKind.FOUNDATION_LOOP, 20, 7, 90), new Walk.Step("right", UnitKind.ROW_END, 14, 10, 90),
                new Walk.Step("upper", UnitKind.STITCH_TOP, 20, 7, 90), new Walk.Step("left", UnitKind.ROW_END, 14, 10, 90)));
    return walk.piece(id(row, column), id(row, column).text(), Piece.Part.OTHER, Cloth.Dye.WOAD);
  }

  private static PieceId id(int row, int column) {
    return new PieceId("own." + row + "." + column);
  }

  private static Seam seam(int number, PieceId one, String edge, PieceId other, String facing) {
    return new Seam(
        new SeamId("own.s" + number), "Seam " + number, SeamRole.MOTIF, Seam.SideOf.of("A", Span.ofRun(one, edge, edge, Span.Along.FORWARD)),
        Seam.SideOf.of("B", Span.ofRun(other, facing, facing, Span.Along.BACKWARD)), List.of(), List.of(), Seam.Working.USUAL, Optional.of("slip-both"));
  }

  @Benchmark
  public List<Advice> adviceForFortySeams() {
    return matches.subList(0, ADVISED).stream()
        .map(
            match ->
                Advice.of(
                    SeamFacts.of(match.seam().seam().role()), new Nevers(match.a(), match.b(), match.seam().seam().role()), HouseRules.USUAL, Optional.empty(),
                    method -> SeamStrands.of(match, method, Factor.ofTable(method), false, HouseRules.USUAL).tails()))
        .toList();
  }

  @Benchmark
  public Alternatives ordersOfTwoHundredPieces() {
    Order order = Order.of(seams, Contiguity.of(gluing, seams), List.of());
    SeamGraph graph = SeamGraph.of(gluing, seams);
    return Alternatives.of(order, seams, pieces, graph, new Leading(join -> Optional.of(Method.Tool.HOOK), List.of(), Set.of()));
  }
}
