package ruxel.core.piece;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ruxel.core.piece.Outline.Point;

/**
 * A folded piece: two layers, each a plane polygon, on each other. Its angles are those of the layers, added where the fold meets the edge,
 * so that a hexagon of six sectors of 90° has six corners of 90° (handbook 9.3). Positions on the ring are half units, counted through from
 * the first edge on. Linear in the number of runs, but for sorting them.
 */
public final class Folded implements Shape {
  private static final double FULL_TURN = 360;
  private static final double SLIDE_MM = 14;

  /** A layer of a folded piece, as it lies in the piece's own axes; the lower one shows its wrong side to who looks at the upper one. */
  public record Layer(List<Point> points, boolean isUpper) {
    public Layer {
      points = List.copyOf(points);
    }
  }

  /** A point of the ring. */
  private record Spot(int half, Point at) {}

  private final Piece piece;
  private final Outline outline;
  private final int[] edgeStart;
  private final int round;
  private final Spot from;
  private final Spot to;
  private final List<Point> inner;

  Folded(Piece piece, Fold fold) {
    this.piece = piece;
    outline = new Outline(piece);
    edgeStart = new int[piece.edges().size()];
    int halves = 0;
    for (int e = 0; e < edgeStart.length; e++) {
      edgeStart[e] = halves;
      halves += 2 * piece.edges().get(e).units();
    }
    round = halves;
    from = spot(fold.from());
    to = spot(fold.to());
    inner = fold.way() == Fold.Way.STRAIGHT ? List.of() : List.of(corner());
  }

  /** The upper layer, and the one under it. */
  public List<Layer> layers() {
    return List.of(new Layer(layer(from, to), true), new Layer(layer(to, from), false));
  }

  /** The fold, from the edge to the edge. */
  public List<Point> line() {
    List<Point> line = new ArrayList<>(List.of(to.at()));
    line.addAll(inner);
    line.add(from.at());
    return List.copyOf(line);
  }

  /** How far the lower layer is drawn slid out from under the upper one, away from the fold, so that it is seen. */
  public Point slide() {
    Point fold = middle(line());
    Point edge = middle(layer(to, from));
    double far = Math.hypot(edge.x() - fold.x(), edge.y() - fold.y());
    return far == 0 ? new Point(0, -SLIDE_MM) : new Point(SLIDE_MM * (edge.x() - fold.x()) / far, SLIDE_MM * (edge.y() - fold.y()) / far);
  }

  /** Whether a unit of the ring lies on the upper layer; of one that lies on the fold neither is said. */
  public boolean isUpper(int edgeIndex, int unit) {
    return isUpper(edgeStart[edgeIndex] + 2 * unit + 1);
  }

  @Override
  public double angleAt(int edgeIndex, int halfUnit) {
    int half = (edgeStart[edgeIndex] + halfUnit) % round;
    if (half == from.half()) {
      return angle(layer(from, to), 0) + angle(layer(to, from), last(layer(to, from)));
    }
    if (half == to.half()) {
      return angle(layer(to, from), 0) + angle(layer(from, to), last(layer(from, to)));
    }
    if (isBesideStitchOn(from, half) || isBesideStitchOn(to, half)) {
      return FULL_TURN / 2;
    }
    double angle = outline.angleAt(edgeIndex, halfUnit);
    return isUpper(half) ? angle : (FULL_TURN - angle) % FULL_TURN;
  }

  @Override
  public double areaMm2() {
    return layers().stream().mapToDouble(layer -> Math.abs(Outline.areaMm2(layer.points()))).sum();
  }

  private static Point middle(List<Point> points) {
    return new Point(points.stream().mapToDouble(Point::x).average().orElseThrow(), points.stream().mapToDouble(Point::y).average().orElseThrow());
  }

  /** Inside a layer, whichever way round it lies. */
  private static double angle(List<Point> points, int index) {
    double angle = Outline.angleAt(points, index);
    return Outline.areaMm2(points) > 0 ? angle : FULL_TURN - angle;
  }

  /** Of a layer, the last point that lies on the ring. */
  private int last(List<Point> layer) {
    return layer.size() - 1 - inner.size();
  }

  private List<Point> layer(Spot start, Spot end) {
    List<Spot> between = new ArrayList<>();
    List<List<Point>> starts = outline.runStarts();
    for (int e = 0; e < edgeStart.length; e++) {
      int half = edgeStart[e];
      for (int r = 0; r < starts.get(e).size(); r++) {
        if (behind(start, half) > 0 && behind(start, half) < behind(start, end.half())) {
          between.add(new Spot(behind(start, half), starts.get(e).get(r)));
        }
        half += 2 * piece.edges().get(e).runs().get(r).count();
      }
    }
    List<Point> points = new ArrayList<>(List.of(start.at()));
    between.stream().sorted(Comparator.comparingInt(Spot::half)).map(Spot::at).forEach(points::add);
    points.add(end.at());
    points.addAll(inner);
    return points;
  }

  private boolean isUpper(int half) {
    return behind(from, half) < behind(from, to.half());
  }

  /** Whether a cut lies at either side of the stitch that lies on the fold. */
  private boolean isBesideStitchOn(Spot fold, int half) {
    return fold.half() % 2 == 1 && (behind(fold, half) == 1 || behind(fold, half) == round - 1);
  }

  private int behind(Spot spot, int half) {
    return Math.floorMod(half - spot.half(), round);
  }

  private Spot spot(Fold.Spot told) {
    int index = index(told);
    Edge edge = piece.edges().get(index);
    int cut = told.on(edge).orElseThrow();
    boolean isBefore = cut < edge.units() && edge.runOfUnit(cut).advance().isOnFold();
    boolean isBehind = cut > 0 && edge.runOfUnit(cut - 1).advance().isOnFold();
    int half = edgeStart[index] + 2 * cut;
    Point at = outline.at(index, cut);
    if (!isBefore && !isBehind) {
      return new Spot(half, at);
    }
    Advance over = edge.runOfUnit(isBefore ? cut : cut - 1).advance();
    Advance before = leading(told);
    double share = over.lengthMm() / 2 / before.lengthMm();
    return new Spot(isBefore ? half + 1 : half - 1, new Point(at.x() + share * before.dxMm(), at.y() + share * before.dyMm()));
  }

  /** How the edge goes just before the fold. */
  private Advance leading(Fold.Spot told) {
    Edge edge = piece.edges().get(index(told));
    int unit = told.on(edge).orElseThrow() - 1;
    while (unit > 0 && edge.runOfUnit(unit).advance().isOnFold()) {
      unit--;
    }
    return edge.runOfUnit(Math.max(0, unit)).advance();
  }

  private int index(Fold.Spot told) {
    return piece.edges().stream().map(Edge::id).toList().indexOf(told.edge());
  }

  /** Where the lines at right angles to both edges meet. */
  private Point corner() {
    Advance before = leading(piece.fold().orElseThrow().from());
    boolean isLevel = Math.abs(before.dxMm()) > Math.abs(before.dyMm());
    return isLevel ? new Point(from.at().x(), to.at().y()) : new Point(to.at().x(), from.at().y());
  }
}
