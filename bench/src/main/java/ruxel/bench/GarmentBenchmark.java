package ruxel.bench;

import java.util.ArrayList;
import java.util.List;
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
import ruxel.app.garment.DemoGarments;
import ruxel.core.construction.Walk;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.files.GarmentFiles;

/** A whole cardigan planned, and a loop of plain arithmetic to compare machines by. */
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
@State(Scope.Benchmark)
public class GarmentBenchmark {
  private static final int CALIBRATION = 10_000_000;

  private static final int PANELS = 5;
  private static final int SEAMS = 12;
  private static final int STITCHES = 120;
  private static final int ROWS = 104;
  private static final int FREE_PIECES = 12;
  private static final int FREE_SEAMS = 20;

  private final Anew anew = new Anew();
  private Garment cardigan;
  private Garment panels;
  private Garment free;
  private int renamed;

  @Setup
  public void read() {
    cardigan = ((Outcome.Good<Garment>) GarmentFiles.read(DemoGarments.CARDIGAN.file())).value();
    panels = panels();
    free = free();
  }

  /** Twelve walked boxes joined into a ring by both halves of their sides, as far as twenty seams go. */
  private static Garment free() {
    List<Piece> pieces = new ArrayList<>();
    for (int p = 0; p < FREE_PIECES; p++) {
      Walk box =
          new Walk(
              List.of(
                  new Walk.Step("lower", UnitKind.FOUNDATION_LOOP, 40, 7, 90), new Walk.Step("right below", UnitKind.ROW_END, 30, 10, 0),
                  new Walk.Step("right above", UnitKind.ROW_END, 20, 10, 90), new Walk.Step("upper", UnitKind.STITCH_TOP, 40, 7, 90),
                  new Walk.Step("left above", UnitKind.ROW_END, 20, 10, 0), new Walk.Step("left below", UnitKind.ROW_END, 30, 10, 90)));
      pieces.add(box.piece(new PieceId("own." + p), "Box " + p, Piece.Part.OTHER, Cloth.Dye.WOAD));
    }
    List<Seam> seams = new ArrayList<>();
    for (int s = 0; s < FREE_SEAMS; s++) {
      boolean below = s < FREE_PIECES;
      PieceId one = new PieceId("own." + s % FREE_PIECES);
      PieceId next = new PieceId("own." + (s + 1) % FREE_PIECES);
      String right = below ? "e2" : "e3";
      String left = below ? "e6" : "e5";
      seams.add(
          new Seam(
              new SeamId("own.s" + s), "Seam " + s, SeamRole.SIDE, Seam.SideOf.of("A", Span.ofRun(one, right, right, Span.Along.FORWARD)),
              Seam.SideOf.of("B", Span.ofRun(next, left, left, Span.Along.BACKWARD)), List.of(), List.of(), Seam.Working.USUAL, Optional.of("mattress-rows")));
    }
    return new Garment(
        "Ring", Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.empty(), pieces, seams, List.of(), Settings.NONE, HouseRules.USUAL);
  }

  /** Five panels whose edges are two runs each, and twelve seams of stitches on row ends. */
  private static Garment panels() {
    List<Piece> pieces = new ArrayList<>();
    Cloth cloth = new Cloth(7, 8, 8, Cloth.Dye.WOAD, Cloth.Dye.WELD);
    for (int p = 0; p < PANELS; p++) {
      List<Edge> edges =
          List.of(
              edge("bottom", UnitKind.FOUNDATION_LOOP, STITCHES, new Advance(7, 0)),
              edge("right", UnitKind.ROW_END, ROWS, new Advance(0, 8)),
              edge("top", UnitKind.STITCH_TOP, STITCHES, new Advance(-7, 0)),
              edge("left", UnitKind.ROW_END, ROWS, new Advance(0, -8)));
      pieces.add(new Piece(new PieceId("panel." + p), "Panel " + p, Piece.Part.OTHER, edges, Optional.empty(), cloth));
    }
    List<Seam> seams = new ArrayList<>();
    for (int s = 0; s < SEAMS; s++) {
      String half = s % 2 == 0 ? "first" : "second";
      int piece = s / 2 % PANELS;
      String[] edges = s / 2 < PANELS ? new String[] {"top", "right"} : new String[] {"bottom", "left"};
      seams.add(
          new Seam(
              new SeamId("seam." + s), "Seam " + s, SeamRole.OTHER,
              Seam.SideOf.of("A", Span.ofRun(new PieceId("panel." + piece), edges[0], half, Span.Along.FORWARD)),
              Seam.SideOf.of("B", Span.ofRun(new PieceId("panel." + (piece + 1) % PANELS), edges[1], half, Span.Along.BACKWARD)),
              List.of(), List.of(), Seam.Working.USUAL, Optional.of("slip-both")));
    }
    return new Garment(
        "Panels", Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.empty(), pieces, seams, List.of(), Settings.NONE, HouseRules.USUAL);
  }

  private static Edge edge(String id, UnitKind kind, int count, Advance advance) {
    return Edge.of(id, id, List.of(Run.plain("first", kind, count, advance), Run.plain("second", kind, count, advance)));
  }

  @Benchmark
  public Outcome<GarmentPlan> fivePanelsTwelveSeams() {
    return Planner.plan(anew.of(panels));
  }

  @Benchmark
  public Outcome<GarmentPlan> twelveFreePiecesTwentySeams() {
    return Planner.plan(anew.of(free));
  }

  /** As after a change of one answer that leaves the seams as they are. */
  @Benchmark
  public Outcome<GarmentPlan> cardiganPlannedAgain() {
    renamed++;
    return Planner.plan(cardigan.withName("Cardigan " + renamed));
  }

  @Benchmark
  public Outcome<GarmentPlan> cardigan() {
    return Planner.plan(anew.of(cardigan));
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
