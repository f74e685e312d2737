package ruxel.core.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/**
 * The seam that sews a band made separately onto its edge (handbook 11): the band as a piece, its rows on what it lies on from the start
 * to the end, with an anchor at each quarter; the edge is meant to be the longer of the two by as much as the band's kind says.
 *
 * @param pieces the band and the pieces it is sewn to
 */
public record BandSeam(List<Piece> pieces, Seam seam) {
  private static final String LONG = "long";
  private static final String ROWS = "rows";
  private static final int QUARTERS = 4;
  private static final List<String> QUARTER_NAMES = List.of("first quarter", "middle", "third quarter");

  public BandSeam {
    pieces = List.copyOf(pieces);
  }

  /**
   * @param faces pieces and strips it may lie on
   */
  public static BandSeam of(WorkedOn worked, RibBand band, List<Piece> faces) {
    PieceId id = worked.strip().id().face();
    int rows = worked.outerUnits();
    Piece piece = piece(worked.strip(), band, rows);
    List<Piece> pieces = new ArrayList<>(List.of(piece));
    faces.stream().filter(face -> worked.line().stretches().stream().anyMatch(stretch -> stretch.piece().equals(face.id()))).forEach(pieces::add);
    List<Span> spans = worked.line().stretches().stream().map(stretch -> span(stretch, faces)).toList();
    double edgeMm = worked.line().lengthMm();
    double fullness = Math.min(Seam.Working.MOST_FULLNESS, Math.max(0, edgeMm / (rows * band.rowMm()) - 1));
    boolean isNeck = band.kind() == RibBand.Kind.NECKBAND || band.kind() == RibBand.Kind.COLLAR;
    Seam seam =
        new Seam(
            worked.strip().id().sewing(), worked.strip().name(), isNeck ? SeamRole.NECKBAND : SeamRole.BAND, Seam.SideOf.of("Band", Span.ofRun(id, LONG, ROWS, Span.Along.BACKWARD)), Seam.SideOf.of("Edge", spans.toArray(Span[]::new)),
            anchors(id, piece, rows, worked.line(), faces), List.of(), new Seam.Working(false, Surplus.EVEN, fullness, fullness > 0 ? Optional.of(Side.B) : Optional.empty(), false), band.method());
    return new BandSeam(pieces, seam);
  }

  private static Piece piece(Strip strip, RibBand band, int rows) {
    int stitches = band.stitches();
    double stitchMm = band.widthMm() / stitches;
    List<Edge> edges =
        List.of(
            Edge.of(LONG, "long edge", List.of(Run.plain(ROWS, UnitKind.ROW_END, rows, new Advance(band.rowMm(), 0)).inRib())),
            Edge.of("end", "first row", List.of(Run.plain("end", UnitKind.FOUNDATION_LOOP, stitches, new Advance(0, stitchMm)))),
            Edge.of("outer", "outer edge", List.of(Run.plain("outer", UnitKind.ROW_END, rows, new Advance(-band.rowMm(), 0)).inRib())),
            Edge.of("start", "last row", List.of(Run.plain("start", UnitKind.STITCH_TOP, stitches, new Advance(0, -stitchMm)))));
    return new Piece(strip.id().face(), strip.name(), Piece.Part.OTHER, edges, Optional.empty(), new Cloth(stitchMm, band.rowMm(), band.rowMm(), Cloth.Dye.WELD, Cloth.Dye.WELD));
  }

  private static Span span(Stretch stretch, List<Piece> faces) {
    Edge edge = edge(stretch, faces);
    return new Span(stretch.piece(), stretch.edge(), Cut.at(edge, stretch.from()), Cut.at(edge, stretch.to()), stretch.withRing() ? Span.Along.FORWARD : Span.Along.BACKWARD);
  }

  private static Edge edge(Stretch stretch, List<Piece> faces) {
    return faces.stream().filter(face -> face.id().equals(stretch.piece())).findFirst().orElseThrow().edges().get(stretch.edgeIndex());
  }

  /** One at the cut nearest to each quarter of the edge, on the row that lies as far along the band. */
  private static List<Anchor> anchors(PieceId id, Piece band, int rows, Line line, List<Piece> faces) {
    List<Anchor> anchors = new ArrayList<>();
    for (int quarter = 1; quarter < QUARTERS; quarter++) {
      double at = line.lengthMm() * quarter / QUARTERS;
      double before = 0;
      for (Stretch stretch : line.stretches()) {
        int unit = (int) Math.round((at - before) / stretch.unitMm());
        boolean isHere = at > before && at <= before + stretch.lengthMm();
        int row = (int) Math.round(rows * (before + unit * stretch.unitMm()) / line.lengthMm());
        if (isHere && unit > 0 && unit < stretch.units() && row > 0 && row < rows) {
          Spot onBand = Spot.cut(id, LONG, Cut.at(band.edges().get(0), rows - row));
          Spot onEdge = Spot.cut(stretch.piece(), stretch.edge(), Cut.at(edge(stretch, faces), stretch.withRing() ? stretch.from() + unit : stretch.to() - unit));
          anchors.add(new Anchor("quarter." + quarter, QUARTER_NAMES.get(quarter - 1), onBand, onEdge));
        }
        before += stretch.lengthMm();
      }
    }
    return anchors;
  }
}
