package ruxel.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import ruxel.core.measure.HouseRules;

/**
 * The plane outline of a piece, from its edges' advances. All figures are linear in the number of
 * runs.
 */
public final class Outline implements Shape {
  /** A point in the piece's own axes, mm. */
  public record Point(double x, double y) {}

  private static final double FULL_TURN = 360;

  private final Piece piece;

  public Outline(Piece piece) {
    this.piece = piece;
  }

  /** Where each run of each edge begins, in ring order. */
  public List<List<Point>> runStarts() {
    List<List<Point>> starts = new ArrayList<>();
    double x = 0;
    double y = 0;
    for (Edge edge : piece.edges()) {
      List<Point> ofEdge = new ArrayList<>();
      for (Run run : edge.runs()) {
        ofEdge.add(new Point(x, y));
        x += run.count() * run.advance().dxMm();
        y += run.count() * run.advance().dyMm();
      }
      starts.add(List.copyOf(ofEdge));
    }
    return List.copyOf(starts);
  }

  /** An upright box, mm. */
  public record Box(double left, double right, double bottom, double top) {
    public static Box round(List<Point> points) {
      DoubleSummaryStatistics xs = points.stream().mapToDouble(Point::x).summaryStatistics();
      DoubleSummaryStatistics ys = points.stream().mapToDouble(Point::y).summaryStatistics();
      return new Box(xs.getMin(), xs.getMax(), ys.getMin(), ys.getMax());
    }

    public double width() {
      return right - left;
    }

    public double height() {
      return top - bottom;
    }

    public Point middle() {
      return new Point((left + right) / 2, (bottom + top) / 2);
    }
  }

  /** Every point at which a run begins, in ring order. */
  public List<Point> corners() {
    return runStarts().stream().flatMap(List::stream).toList();
  }

  
  /** Where a cut of an edge lies, in the piece's own axes. Linear in the edge's runs. */
  public Point at(int edgeIndex, int cut) {
    Edge edge = piece.edges().get(edgeIndex);
    int before = 0;
    for (int i = 0; i < edge.runs().size(); i++) {
      Run run = edge.runs().get(i);
      if (cut <= before + run.count()) {
        Point start = runStarts().get(edgeIndex).get(i);
        return new Point(start.x() + (cut - before) * run.advance().dxMm(), start.y() + (cut - before) * run.advance().dyMm());
      }
      before += run.count();
    }
    throw new IllegalArgumentException("Expected a cut up to %d (%d)".formatted(before, cut));
  }

  public Box box() {
    return Box.round(corners());
  }

  public Point middle() {
    return box().middle();
  }

  public double perimeterMm() {
    return piece.edges().stream().mapToDouble(Edge::gaugeLengthMm).sum();
  }

  /** How far the end of the last edge lies from the start of the first. */
  public double gapMm() {
    double x = 0;
    double y = 0;
    for (Edge edge : piece.edges()) {
      for (Run run : edge.runs()) {
        x += run.count() * run.advance().dxMm();
        y += run.count() * run.advance().dyMm();
      }
    }
    return Math.hypot(x, y);
  }

  public boolean closes(HouseRules rules) {
    double slack =
        Math.max(
            rules.get(HouseRules.Rule.OUTLINE_MM),
            rules.get(HouseRules.Rule.OUTLINE_SHARE) * perimeterMm());
    return gapMm() <= slack;
  }

  @Override
  public double areaMm2() {
    return areaMm2(corners());
  }

  /** Inside a polygon, positive when it runs counter-clockwise. */
  static double areaMm2(List<Point> all) {
    double twice = 0;
    for (int i = 0; i < all.size(); i++) {
      Point a = all.get(i);
      Point b = all.get((i + 1) % all.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  /** The angle on the left hand of who goes round a polygon, at one of its points. */
  static double angleAt(List<Point> all, int index) {
    Point before = all.get(Math.floorMod(index - 1, all.size()));
    Point at = all.get(index);
    Point after = all.get((index + 1) % all.size());
    return inner(Math.atan2(after.y() - at.y(), after.x() - at.x()) - Math.atan2(at.y() - before.y(), at.x() - before.x()));
  }

  /** A stretch of the piece's height, mm in its own axes. */
  public record Band(double fromMm, double toMm) {}

  /** Where rows are ribbed, from the ribbed row ends of all edges, lowest first. */
  public List<Band> ribs() {
    List<Band> ribs = new ArrayList<>();
    List<List<Point>> starts = runStarts();
    for (int e = 0; e < starts.size(); e++) {
      List<Run> runs = piece.edges().get(e).runs();
      for (int r = 0; r < runs.size(); r++) {
        Run run = runs.get(r);
        if (run.fabric() == Fabric.RIB && run.kind().isRowEnd()) {
          double from = starts.get(e).get(r).y();
          double to = from + run.count() * run.advance().dyMm();
          ribs.add(new Band(Math.min(from, to), Math.max(from, to)));
        }
      }
    }
    return merged(ribs.stream().sorted(Comparator.comparingDouble(Band::fromMm)).toList());
  }

  private static List<Band> merged(List<Band> sorted) {
    List<Band> merged = new ArrayList<>();
    for (Band band : sorted) {
      int last = merged.size() - 1;
      if (last >= 0 && band.fromMm() <= merged.get(last).toMm()) {
        merged.set(last, new Band(merged.get(last).fromMm(), Math.max(merged.get(last).toMm(), band.toMm())));
      } else {
        merged.add(band);
      }
    }
    return List.copyOf(merged);
  }

  @Override
  public double angleAt(int edgeIndex, int halfUnit) {
    Edge edge = piece.edges().get(edgeIndex);
    if (halfUnit % 2 == 1) {
      return FULL_TURN / 2;
    }
    int cut = halfUnit / 2;
    int count = piece.edges().size();
    Run before =
        cut > 0
            ? edge.runOfUnit(cut - 1)
            : lastRun(piece.edges().get((edgeIndex + count - 1) % count));
    Run after =
        cut < edge.units()
            ? edge.runOfUnit(cut)
            : piece.edges().get((edgeIndex + 1) % count).runs().get(0);
    return inner(after.advance().direction() - before.advance().direction());
  }

  /** What is left of half a turn by a turn to the left, in radians. */
  private static double inner(double turn) {
    double angle = (FULL_TURN / 2 - Math.toDegrees(turn)) % FULL_TURN;
    return angle < -1e-9 ? angle + FULL_TURN : angle;
  }

  private static Run lastRun(Edge edge) {
    return edge.runs().get(edge.runs().size() - 1);
  }
}
