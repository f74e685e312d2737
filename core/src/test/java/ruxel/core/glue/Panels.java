package ruxel.core.glue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
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

/** Plain rectangles and seams between whole edges, for gluing tests. */
public final class Panels {
  private static final Cloth CLOTH = new Cloth(10, 10, 10, Cloth.Dye.WOAD, Cloth.Dye.WELD);

  private Panels() {}

  public static Piece rectangle(PieceId id, int stitches, int rows) {
    return new Piece(
        id, id.text(), Piece.Part.OTHER,
        List.of(
            edge("bottom", UnitKind.FOUNDATION_LOOP, stitches, new Advance(10, 0)),
            edge("right", UnitKind.ROW_END, rows, new Advance(0, 10)),
            edge("top", UnitKind.STITCH_TOP, stitches, new Advance(-10, 0)),
            edge("left", UnitKind.ROW_END, rows, new Advance(0, -10))),
        Optional.empty(), CLOTH);
  }

  private static Edge edge(String id, UnitKind kind, int count, Advance advance) {
    return Edge.of(id, id, List.of(Run.plain("all", kind, count, advance)));
  }

  /** The piece with an edge in runs "1", "2" … of so many units, counter-clockwise. */
  public static Piece parted(Piece piece, String edge, int... counts) {
    return piece.withEdges(piece.edges().stream().map(e -> e.id().equals(edge) ? e.withRuns(runs(e.runs().get(0), counts)) : e).toList());
  }

  private static List<Run> runs(Run whole, int... counts) {
    return IntStream.range(0, counts.length)
        .mapToObj(i -> Run.plain(Integer.toString(i + 1), whole.kind(), counts[i], whole.advance()))
        .toList();
  }

  public static Seam seam(SeamId id, SeamRole role, Seam.SideOf a, Seam.SideOf b) {
    return new Seam(id, id.text(), role, a, b, List.of(), List.of(), Seam.Working.USUAL, Optional.empty());
  }

  public static Span whole(PieceId piece, String edge, Span.Along along) {
    return Span.ofRun(piece, edge, "all", along);
  }

  public static Seam seam(SeamId id, Span a, Span b) {
    return new Seam(
        id, id.text(), SeamRole.OTHER, Seam.SideOf.of("A", a), Seam.SideOf.of("B", b), List.of(), List.of(), Seam.Working.USUAL, Optional.empty());
  }

  public static Garment garment(List<Piece> pieces, List<Seam> seams) {
    return new Garment(
        "Panels", Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.empty(), pieces, seams, List.of(), Settings.NONE, new HouseRules(Map.of()));
  }

  public static GarmentPlan plan(List<Piece> pieces, List<Seam> seams) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment(pieces, seams))).value();
  }
}
