package ruxel.core.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Folded;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamRole;

/**
 * The garment put together and laid flat, seen from the front and from the back, mm: the shoulder line is y = 0,
 * the body hangs below it, sleeves are folded along their middle and go out from the armholes. From the front
 * the wearer's left lies on the right.
 */
public final class AsWorn {
  private static final double SAME_MM = 1e-6;
  /** How high a hood that is not drawn up stands round the neck. */
  private static final double ROLL_MM = 40;

  private final List<Piece> pieces;
  private final List<Placement> placements;
  private final List<ResolvedSeam> seams;

  /** A stretch of cloth of one colour. */
  public record WornShape(PieceId piece, Dye colour, List<Point> points) {
    public WornShape {
      points = List.copyOf(points);
    }
  }

  /** The shapes of one view, those at the back first. */
  public record WornView(String name, List<WornShape> shapes) {
    public WornView {
      shapes = List.copyOf(shapes);
    }
  }

  private AsWorn(List<Piece> pieces, List<Placement> placements, List<ResolvedSeam> seams) {
    this.pieces = pieces;
    this.placements = placements;
    this.seams = seams;
  }

  /** Front and back view; none without a back and a front, or halves. Linear in the runs, for each sleeve in the seams. */
  public static List<WornView> of(List<Piece> pieces, List<Placement> placements, List<ResolvedSeam> seams) {
    AsWorn worn = new AsWorn(pieces, placements, seams);
    boolean isWhole = worn.any(Part.HALF) || worn.any(Part.WHOLE) || worn.any(Part.BACK) && worn.any(Part.FRONT);
    return isWhole ? List.of(worn.front(), worn.back()) : List.of();
  }

  private boolean any(Part part) {
    return pieces.stream().anyMatch(piece -> piece.part() == part);
  }

  private WornView front() {
    List<WornShape> shapes = new ArrayList<>(hoods(0));
    shapes.addAll(sleeves(1));
    pieces.stream().filter(piece -> piece.part() == Part.BACK).forEach(piece -> shapes.addAll(body(piece, centre(piece))));
    pieces.stream().filter(piece -> piece.part() == Part.FRONT).forEach(piece -> shapes.addAll(body(piece, placement(piece).xMm())));
    pieces.stream().filter(piece -> piece.part() == Part.HALF || piece.part() == Part.WHOLE).forEach(piece -> shapes.add(half(piece, true)));
    return new WornView("Front", shapes);
  }

  private WornView back() {
    List<WornShape> shapes = new ArrayList<>(sleeves(-1));
    pieces.stream().filter(piece -> piece.part() == Part.BACK).forEach(piece -> shapes.addAll(body(piece, centre(piece))));
    pieces.stream().filter(piece -> piece.part() == Part.HALF || piece.part() == Part.WHOLE).forEach(piece -> shapes.add(half(piece, false)));
    shapes.addAll(hoods(1));
    return new WornView("Back", shapes);
  }

  /**
   * Hoods lie on the shoulders, folded, with a roll round the neck: from the front no more is seen of them, from the back they hang down.
   *
   * @param hangs 0 where only the roll is seen
   */
  private List<WornShape> hoods(double hangs) {
    List<WornShape> shapes = new ArrayList<>();
    for (Piece piece : pieces) {
      if (piece.part() == Part.HOOD) {
        Outline.Box box = new Outline(piece).box();
        shapes.add(new WornShape(piece.id(), piece.cloth().colour(), box(-box.width() / 4, box.width() / 4, hangs * (ROLL_MM - box.height()), ROLL_MM)));
      }
    }
    return shapes;
  }

  /** What hangs before or behind the shoulder line of a half, which lies over it: a piece of level and upright edges. */
  private WornShape half(Piece piece, boolean front) {
    if (piece.folded().isPresent()) {
      return folded(piece, piece.folded().get(), front);
    }
    Placement lies = placement(piece);
    List<Point> points = new ArrayList<>();
    for (Point corner : corners(piece)) {
      Point p = lies.onTable(corner);
      double down = front ? Math.min(0, p.y()) : Math.min(0, -p.y());
      points.add(new Point(front ? p.x() : -p.x(), down));
    }
    return new WornShape(piece.id(), piece.cloth().colour(), points);
  }

  /** What is folded lies as it is worn: its upper layer before, the other one behind; halves meet at the middle. */
  private WornShape folded(Piece piece, Folded folded, boolean front) {
    Folded.Layer layer = folded.layers().get(front ? 0 : 1);
    Placement lies = placement(piece);
    List<Point> points = layer.points().stream().map(lies::onTable).toList();
    DoubleSummaryStatistics across = xs(points);
    double apart = across.getMin() > 0 ? across.getMin() : across.getMax() < 0 ? across.getMax() : 0;
    double top = ys(points).getMax();
    return new WornShape(piece.id(), piece.cloth().colour(), points.stream().map(p -> new Point((front ? 1 : -1) * (p.x() - apart), p.y() - top)).toList());
  }

  private Placement placement(Piece piece) {
    return placements.stream().filter(p -> p.piece().equals(piece.id())).findFirst().orElseThrow();
  }

  private static double centre(Piece piece) {
    return -new Outline(piece).middle().x();
  }

  /** A body piece hanging from the shoulder line, with its ribbing. */
  private static List<WornShape> body(Piece piece, double x) {
    List<Point> corners = corners(piece);
    double height = ys(corners).getMax();
    List<WornShape> shapes = new ArrayList<>();
    shapes.add(new WornShape(piece.id(), piece.cloth().colour(), corners.stream().map(p -> new Point(p.x() + x, p.y() - height)).toList()));
    double rib = ribHeight(piece);
    if (rib > 0) {
      DoubleSummaryStatistics xs = xs(corners.stream().filter(p -> p.y() < rib + SAME_MM).toList());
      shapes.add(
          new WornShape(
              piece.id(), piece.cloth().ribColour(),
              box(xs.getMin() + x, xs.getMax() + x, -height, rib - height)));
    }
    return shapes;
  }

  /** Sleeves folded along their middle, out from the ends of the shoulders; {@code view} −1 turns left and right round. */
  private List<WornShape> sleeves(int view) {
    double reach = pieces.stream().filter(piece -> piece.part() == Part.BACK).mapToDouble(piece -> shoulderEnd(piece, xs(corners(piece)).getMax()).x() + centre(piece)).max().orElse(0);
    List<WornShape> shapes = new ArrayList<>();
    for (Piece piece : pieces) {
      if (piece.part() == Part.SLEEVE) {
        boolean right = placement(piece).onTable(new Outline(piece).middle()).x() > 0;
        shapes.addAll(sleeve(piece, reach, right == view > 0 ? 1 : -1));
      }
    }
    return shapes;
  }

  private List<WornShape> sleeve(Piece piece, double reach, int way) {
    Outline outline = new Outline(piece);
    double middle = outline.middle().x();
    double length = ys(outline.corners()).getMax();
    Optional<Joined> joined = joined(piece);
    double slant = joined.map(Joined::slant).orElse(0.0);
    // What is above the underarm lies against the body, which is drawn over it.
    double underarm = joined.map(Joined::out).orElse(0.0);
    List<Point> lower =
        outline.corners().stream().map(p -> new Point(length - p.y(), middle - p.x())).filter(p -> p.y() < -SAME_MM && p.x() > underarm - SAME_MM).toList();
    List<Point> folded = new ArrayList<>(List.of(new Point(0, 0), new Point(length, 0)));
    folded.addAll(lower);
    List<WornShape> shapes = new ArrayList<>();
    shapes.add(new WornShape(piece.id(), piece.cloth().colour(), outline(way, reach, slant, folded, joined)));
    double rib = ribHeight(piece);
    if (rib > 0 && !lower.isEmpty()) {
      shapes.add(new WornShape(piece.id(), piece.cloth().ribColour(), out(way, reach, slant, box(length - rib, length, lower.get(0).y(), 0))));
    }
    return shapes;
  }

  /** A sleeve's own outline, then by the body's underarm back to the shoulder: what lies behind the body closes up. */
  private static List<Point> outline(int way, double reach, double slant, List<Point> own, Optional<Joined> joined) {
    List<Point> points = new ArrayList<>(out(way, reach, slant, own));
    joined.ifPresent(on -> {
      points.add(new Point(way * (reach + on.bodyOut()), -on.bodyDown()));
      points.add(new Point(way * reach, -on.bodyDown()));
    });
    return points;
  }

  /**
   * How a sleeve hangs on its body: its underarm so far out from its top, and so far down, in radians, that it meets that of the body,
   * which lies so far out from the end of the shoulder and so far below it.
   */
  private record Joined(double out, double slant, double bodyOut, double bodyDown) {}

  private Optional<Joined> joined(Piece sleeve) {
    for (ResolvedSeam seam : seams) {
      ResolvedSpan on = seam.a().get(0);
      ResolvedSpan body = seam.b().get(0);
      if (seam.seam().role().stage() == SeamRole.Stage.SET_IN_FLAT && on.piece().equals(sleeve)) {
        Point own = start(on);
        Point met = start(body);
        Point shoulder = shoulderEnd(body.piece(), met.x());
        Outline outline = new Outline(sleeve);
        double out = ys(outline.corners()).getMax() - own.y();
        double ownAngle = Math.atan2(Math.abs(own.x() - outline.middle().x()), out);
        double bodyOut = Math.abs(shoulder.x() - met.x());
        double bodyDown = shoulder.y() - met.y();
        return Optional.of(new Joined(out, Math.atan2(bodyDown, bodyOut) - ownAngle, bodyOut, bodyDown));
      }
    }
    return Optional.empty();
  }

  private static Point start(ResolvedSpan span) {
    return new Outline(span.piece()).at(span.edgeIndex(), span.forward() ? span.from() : span.to());
  }

  /** Of the highest corners of a body piece that nearest to a point. */
  private static Point shoulderEnd(Piece piece, double nearX) {
    double top = ys(corners(piece)).getMax();
    return corners(piece).stream().filter(p -> p.y() > top - SAME_MM).min(Comparator.comparingDouble(p -> Math.abs(p.x() - nearX))).orElseThrow();
  }

  private static List<Point> out(int way, double reach, double slant, List<Point> points) {
    double cos = Math.cos(slant);
    double sin = Math.sin(slant);
    return points.stream().map(p -> new Point(way * (reach + p.x() * cos + p.y() * sin), p.y() * cos - p.x() * sin)).toList();
  }

  private static List<Point> box(double left, double right, double bottom, double top) {
    return List.of(new Point(left, bottom), new Point(right, bottom), new Point(right, top), new Point(left, top));
  }

  private static List<Point> corners(Piece piece) {
    return new Outline(piece).corners();
  }

  private static DoubleSummaryStatistics xs(List<Point> points) {
    return points.stream().mapToDouble(Point::x).summaryStatistics();
  }

  private static DoubleSummaryStatistics ys(List<Point> points) {
    return points.stream().mapToDouble(Point::y).summaryStatistics();
  }

  private static double ribHeight(Piece piece) {
    for (Edge edge : piece.edges()) {
      for (Run run : edge.runs()) {
        if (run.fabric() == Fabric.RIB && run.kind().isRowEnd()) {
          return run.lengthMm();
        }
      }
    }
    return 0;
  }
}
