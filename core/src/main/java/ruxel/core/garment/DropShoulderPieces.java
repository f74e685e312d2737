package ruxel.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/**
 * The pieces of a drop-shoulder body, each drawn right side up with its hem or cuff at the bottom, its
 * ring counter-clockwise from the lower left corner.
 */
final class DropShoulderPieces {
  private final DropShoulderMeasures m;
  /** A piece over both sides of the wearer is its own mirror image. */
  private static final Map<String, String> SIDES =
      Map.of("left", "right", "right", "left", "shoulder.left", "shoulder.right", "shoulder.right", "shoulder.left", "hem", "hem", "neck", "neck");

  private final double w;
  private final double h;

  DropShoulderPieces(DropShoulderMeasures measures) {
    m = measures;
    w = measures.gauge().stitchWidthMm();
    h = measures.gauge().rowHeightMm();
  }

  List<Piece> all() {
    Piece left = sleeve();
    Piece right = left.mirrored("sleeve.right", "Right sleeve", Map.of());
    if (!m.cardigan()) {
      return List.of(back(), front(), left, right);
    }
    Piece leftFront = leftFront();
    Piece rightFront = leftFront.mirrored("front.right", "Right front", Map.of());
    return List.of(back(), leftFront, rightFront, left, right);
  }

  /** Right side up the back shows the wearer's left on its left. */
  private Piece back() {
    return piece(
        "back", "Back", Part.BACK,
        hem(m.back()),
        sideUp("right", "right side"),
        shoulder("shoulder.right", "right shoulder"),
        Edge.of("neck", "neck", List.of(tops("neck", m.backNeck()))),
        shoulder("shoulder.left", "left shoulder"),
        sideDown("left", "left side")).ownTwin(SIDES);
  }

  /** Right side up the front shows the wearer's left on its right. */
  private Piece front() {
    return piece(
        "front", "Front", Part.FRONT,
        hem(m.front()),
        sideUp("left", "left side"),
        shoulder("shoulder.left", "left shoulder"),
        Edge.of("neck", "neck", neckRuns((m.frontNeck() - m.neckCentre()) / 2, true)),
        shoulder("shoulder.right", "right shoulder"),
        sideDown("right", "right side")).ownTwin(SIDES);
  }

  private Piece leftFront() {
    List<Edge> edges = new ArrayList<>();
    edges.add(hem(m.front()));
    edges.add(sideUp("side", "side"));
    edges.add(shoulder("shoulder", "shoulder"));
    List<Run> neck = neckRuns(m.frontNeck() - m.neckCentre(), false);
    if (!neck.isEmpty()) {
      edges.add(Edge.of("neck", "neck", neck));
    }
    List<Run> down = new ArrayList<>();
    down.add(rows("front", m.bodyRows() - m.neckRows(), new Advance(0, -h)));
    addRib(down, m.hemRibRows(), -m.ribRowMm());
    edges.add(Edge.of("front", "front edge", down));
    return piece("front.left", "Left front", Part.FRONT, edges.toArray(Edge[]::new));
  }

  /** Down one side of the neck, along its centre, and up the other side where there is one. */
  private List<Run> neckRuns(int slopeStitches, boolean bothSides) {
    List<Run> runs = new ArrayList<>();
    if (m.neckRows() == 0) {
      if (m.frontNeck() > 0) {
        runs.add(tops("centre", m.frontNeck()));
      }
      return runs;
    }
    double slope = -slopeStitches * w / m.neckRows();
    runs.add(rows(bothSides ? "down" : "slope", m.neckRows(), new Advance(slope, -h)));
    if (m.neckCentre() > 0) {
      runs.add(tops("centre", m.neckCentre()));
    }
    if (bothSides) {
      runs.add(rows("up", m.neckRows(), new Advance(slope, h)));
    }
    return runs;
  }

  /** The left sleeve: right side up and cuff down, its right edge goes to the back. */
  private Piece sleeve() {
    double slope = (m.sleeveTop() - m.cuff()) * w / 2 / m.sleeveRows();
    List<Run> up = new ArrayList<>();
    addRib(up, m.cuffRibRows(), m.ribRowMm());
    up.add(rows("sleeve", m.sleeveRows(), new Advance(slope, h)));
    List<Run> down = new ArrayList<>();
    down.add(rows("sleeve", m.sleeveRows(), new Advance(slope, -h)));
    addRib(down, m.cuffRibRows(), -m.ribRowMm());
    UnitKind cuffKind = m.sleeveTopDown() ? UnitKind.STITCH_TOP : UnitKind.FOUNDATION_LOOP;
    UnitKind topKind = m.sleeveTopDown() ? UnitKind.FOUNDATION_LOOP : UnitKind.STITCH_TOP;
    Run cuff = Run.plain("cuff", cuffKind, m.cuff(), new Advance(w, 0));
    return piece(
        "sleeve.left", "Left sleeve", Part.SLEEVE,
        Edge.of("cuff", "cuff", List.of(m.cuffRibRows() > 0 ? cuff.inRib() : cuff)),
        Edge.of("back", "back edge", up),
        Edge.of("top", "top", List.of(Run.plain("top", topKind, m.sleeveTop(), new Advance(-w, 0)))),
        Edge.of("front", "front edge", down));
  }

  private Edge hem(int stitches) {
    UnitKind kind = m.bodyTopDown() ? UnitKind.STITCH_TOP : UnitKind.FOUNDATION_LOOP;
    Run run = Run.plain("hem", kind, stitches, new Advance(w, 0));
    return Edge.of("hem", "hem", List.of(m.hemRibRows() > 0 ? run.inRib() : run));
  }

  private Edge sideUp(String id, String name) {
    List<Run> runs = new ArrayList<>();
    addRib(runs, m.hemRibRows(), m.ribRowMm());
    runs.add(rows("side", m.bodyRows() - m.armholeRows(), new Advance(0, h)));
    runs.add(rows("armhole", m.armholeRows(), new Advance(0, h)));
    return Edge.of(id, name, runs);
  }

  private Edge sideDown(String id, String name) {
    List<Run> runs = new ArrayList<>();
    runs.add(rows("armhole", m.armholeRows(), new Advance(0, -h)));
    runs.add(rows("side", m.bodyRows() - m.armholeRows(), new Advance(0, -h)));
    addRib(runs, m.hemRibRows(), -m.ribRowMm());
    return Edge.of(id, name, runs);
  }

  private Edge shoulder(String id, String name) {
    return Edge.of(id, name, List.of(tops("shoulder", m.shoulder())));
  }

  private Run tops(String id, int count) {
    UnitKind kind = m.bodyTopDown() ? UnitKind.FOUNDATION_LOOP : UnitKind.STITCH_TOP;
    return Run.plain(id, kind, count, new Advance(-w, 0));
  }

  private static Run rows(String id, int count, Advance advance) {
    return Run.plain(id, UnitKind.ROW_END, count, advance);
  }

  private static void addRib(List<Run> runs, int rows, double dy) {
    if (rows > 0) {
      runs.add(rows("rib", rows, new Advance(0, dy)).inRib());
    }
  }

  private Piece piece(String id, String name, Part part, Edge... edges) {
    return new Piece(id, name, part, List.of(edges), Optional.empty(), m.cloth());
  }
}
