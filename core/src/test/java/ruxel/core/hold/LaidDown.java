package ruxel.core.hold;

import java.util.List;
import ruxel.core.hold.Facing.Face;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSpan;

/**
 * A piece put down by a rigid motion, mirrored where its wrong side shows, so that its first place lies along a wanted line: an outside
 * check of how a seam is held, by points alone.
 */
final class LaidDown {
  /** A small step into or out of the fabric, mm. */
  private static final double STEP = 0.01;

  private final List<Point> ring;
  private final Point start;
  private final Point end;

  private LaidDown(List<Point> ring, Point start, Point end) {
    this.ring = ring;
    this.start = start;
    this.end = end;
  }

  /** Place 1 of a side as it is travelled, seen from a face. */
  static LaidDown of(ResolvedSpan span, Face face) {
    return of(span.piece(), span.edgeIndex(), span.forward() ? span.from() : span.to(), span.forward(), face);
  }

  /** The unit that is travelled from a cut of an edge. */
  static LaidDown of(Piece piece, int edge, int cut, boolean forward, Face face) {
    Outline outline = new Outline(piece);
    Point start = outline.at(edge, cut);
    Point end = outline.at(edge, forward ? cut + 1 : cut - 1);
    boolean isUnder = piece.isUnder(edge, forward ? cut : cut - 1);
    List<Point> fabric = piece.folded().map(folded -> folded.layers().get(isUnder ? 1 : 0).points()).orElseGet(outline::corners);
    LaidDown asItLies = new LaidDown(fabric, start, end);
    // A layer that lies under a fold shows its wrong side.
    return (face == Face.RIGHT_SIDE) != isUnder ? asItLies : new LaidDown(asItLies.ring.stream().map(LaidDown::mirrored).toList(), mirrored(start), mirrored(end));
  }

  /** Turned so that one goes this way along place 1, in degrees: 0 to the right, 90 away, 180 to the left. */
  LaidDown going(double degrees) {
    double turn = Math.toRadians(degrees) - Math.atan2(end.y() - start.y(), end.x() - start.x());
    return new LaidDown(ring.stream().map(point -> turned(point, turn)).toList(), turned(start, turn), turned(end, turn));
  }

  boolean isFabric(double dx, double dy) {
    return holds((start.x() + end.x()) / 2 + dx * STEP, (start.y() + end.y()) / 2 + dy * STEP);
  }

  /** Whether, with the edge on top, one goes from right to left. */
  boolean goesLeftOnTop() {
    boolean left = going(180).isFabric(0, -1);
    if (left == going(0).isFabric(0, -1)) {
      throw new AssertionError("one way only has the fabric below");
    }
    return left;
  }

  private static Point mirrored(Point point) {
    return new Point(-point.x(), point.y());
  }

  private static Point turned(Point point, double by) {
    return new Point(point.x() * Math.cos(by) - point.y() * Math.sin(by), point.x() * Math.sin(by) + point.y() * Math.cos(by));
  }

  /** A ray to the right meets the ring an odd number of times. */
  private boolean holds(double x, double y) {
    boolean inside = false;
    for (int i = 0; i < ring.size(); i++) {
      Point one = ring.get(i);
      Point other = ring.get((i + 1) % ring.size());
      if ((one.y() > y) != (other.y() > y) && x < one.x() + (other.x() - one.x()) * (y - one.y()) / (other.y() - one.y())) {
        inside = !inside;
      }
    }
    return inside;
  }
}
