package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Points;
import ruxel.core.glue.SeamGraph;
import ruxel.core.glue.Segment;
import ruxel.core.lay.Placement;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.method.Method;
import ruxel.core.method.TakeUp;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Folded;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;

/** Sizes of the finished garment, take-up off (handbook 3, 10), mm. */
final class FinishedSizes {
  private final List<Piece> pieces;
  private final List<Placement> placements;
  private final List<SeamMatch> matches;
  private final Gluing gluing;
  private final SeamGraph graph;
  private final Points points;

  FinishedSizes(List<Piece> pieces, List<Placement> placements, List<SeamMatch> matches, Gluing gluing, SeamGraph graph) {
    this.pieces = pieces;
    this.placements = placements;
    this.matches = matches;
    this.gluing = gluing;
    this.graph = graph;
    points = new Points(gluing);
  }

  /**
   * Round the body half-way up the sides: each body piece as it lies, less what its side seams take; halves as wide as back and front are
   * there. Empty without a back or a front.
   */
  OptionalDouble body() {
    List<Piece> body = pieces.stream().filter(piece -> piece.part() == Piece.Part.BACK || piece.part() == Piece.Part.FRONT || piece.part() == Piece.Part.HALF).toList();
    boolean whole = body.stream().anyMatch(piece -> piece.part() == Piece.Part.HALF) || body.stream().anyMatch(Piece::isBack) && body.stream().anyMatch(piece -> !piece.isBack());
    return whole ? OptionalDouble.of(body.stream().mapToDouble(this::across).sum()) : OptionalDouble.empty();
  }

  private double across(Piece piece) {
    if (piece.folded().isPresent()) {
      return acrossLayers(piece, piece.folded().get());
    }
    List<ResolvedSpan> sides = new ArrayList<>();
    double taken = 0;
    for (SeamMatch match : matches) {
      SeamRole role = match.seam().seam().role();
      if (role == SeamRole.SIDE || role == SeamRole.SIDE_SLEEVE) {
        for (Side side : Side.values()) {
          List<ResolvedSpan> own = match.seam().side(side).stream().filter(span -> span.piece().id().equals(piece.id())).toList();
          if (!own.isEmpty()) {
            sides.addAll(own);
            taken += takeUp(match, side);
          }
        }
      }
    }
    return widthAt(piece, sides, Comparator.naturalOrder()) + (piece.part() == Piece.Part.HALF ? widthAt(piece, sides, Comparator.reverseOrder()) : 0) - taken;
  }

  /** Half-way between its lowest edge and the underarm, where its folds meet, on both layers. */
  private double acrossLayers(Piece piece, Folded folded) {
    List<Point> line = folded.line().stream().map(point -> onTable(piece, point)).toList();
    double underarm = line.stream().mapToDouble(Point::y).max().orElseThrow();
    return folded.layers().stream()
        .map(layer -> layer.points().stream().map(point -> onTable(piece, point)).toList())
        .mapToDouble(points -> breadthAt(points, (Outline.Box.round(points).bottom() + underarm) / 2))
        .sum();
  }

  private static double takeUp(SeamMatch match, Side side) {
    return TakeUp.mm(match.seam().seam().method().flatMap(Method::of), side == Side.A ? match.a() : match.b());
  }

  /** Half-way along the first of its sides' edges that go up, as it lies; its whole width where it has none. */
  private double widthAt(Piece piece, List<ResolvedSpan> sides, Comparator<Double> first) {
    Outline outline = new Outline(piece);
    List<Point> corners = outline.corners().stream().map(point -> onTable(piece, point)).toList();
    double height =
        sides.stream()
            .flatMap(span -> upright(piece, outline, span).stream())
            .min(first)
            .orElseGet(() -> Outline.Box.round(corners).middle().y());
    return breadthAt(corners, height);
  }

  /** From the outermost left to the outermost right of a polygon; of all of it where nothing crosses the height. */
  private static double breadthAt(List<Point> corners, double height) {
    double left = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    for (int i = 0; i < corners.size(); i++) {
      Point one = corners.get(i);
      Point other = corners.get((i + 1) % corners.size());
      if (Math.min(one.y(), other.y()) <= height && height <= Math.max(one.y(), other.y()) && one.y() != other.y()) {
        double x = one.x() + (other.x() - one.x()) * (height - one.y()) / (other.y() - one.y());
        left = Math.min(left, x);
        right = Math.max(right, x);
      }
    }
    return right < left ? Outline.Box.round(corners).width() : right - left;
  }

  /** The middle height of each run of a span that goes up rather than across. */
  private List<Double> upright(Piece piece, Outline outline, ResolvedSpan span) {
    List<Double> heights = new ArrayList<>();
    int start = 0;
    for (Run run : span.edge().runs()) {
      int from = Math.max(start, span.from());
      int to = Math.min(start + run.count(), span.to());
      if (from < to) {
        Point one = onTable(piece, outline.at(span.edgeIndex(), from));
        Point other = onTable(piece, outline.at(span.edgeIndex(), to));
        if (Math.abs(other.y() - one.y()) > Math.abs(other.x() - one.x())) {
          heights.add((one.y() + other.y()) / 2);
        }
      }
      start += run.count();
    }
    return heights;
  }

  private Point onTable(Piece piece, Point point) {
    return placements.stream().filter(placement -> placement.piece().equals(piece.id())).findFirst().map(placement -> placement.onTable(point)).orElse(point);
  }

  /**
   * From the centre of the back to the wrist: half of what lies between the outer ends of the back's shoulders, and the sleeve from its
   * top to its cuff; of a half from its centre to its cuff; empty where the sleeve is no piece of its own, or the shoulders do not lie on one back.
   */
  OptionalDouble reach() {
    Optional<Piece> sleeve = pieces.stream().filter(piece -> piece.part() == Piece.Part.SLEEVE).findFirst();
    List<Point> outer = new ArrayList<>();
    double taken = 0;
    for (SeamMatch match : matches) {
      for (Side side : Side.values()) {
        for (ResolvedSpan span : match.seam().side(side)) {
          if (match.seam().seam().role() == SeamRole.SHOULDER && span.piece().isBack()) {
            Outline outline = new Outline(span.piece());
            outer.add(onTable(span.piece(), outline.at(span.edgeIndex(), span.from())));
            outer.add(onTable(span.piece(), outline.at(span.edgeIndex(), span.to())));
          }
        }
        boolean ofSleeve = sleeve.isPresent() && match.seam().seam().role() == SeamRole.ARMHOLE && touches(match, sleeve.get());
        taken += ofSleeve ? takeUp(match, side) : 0;
      }
    }
    if (sleeve.isEmpty() || outer.isEmpty()) {
      return pieces.stream().filter(piece -> piece.part() == Piece.Part.HALF).mapToDouble(piece -> new Outline(piece).box().width()).findFirst();
    }
    double between = Outline.Box.round(outer).width();
    List<Point> corners = new Outline(sleeve.get()).corners().stream().map(point -> onTable(sleeve.get(), point)).toList();
    return OptionalDouble.of(between / 2 + along(sleeve.get(), corners) - taken);
  }

  /** How high a hood is above the neck; empty without one. */
  OptionalDouble hood() {
    return pieces.stream().filter(piece -> piece.part() == Piece.Part.HOOD).mapToDouble(piece -> new Outline(piece).box().height()).findFirst();
  }

  private static boolean touches(SeamMatch match, Piece piece) {
    return Stream.concat(match.seam().a().stream(), match.seam().b().stream()).anyMatch(span -> span.piece().id().equals(piece.id()));
  }

  /** The length of a sleeve: from its edge at the armhole to the one that lies farthest from it, both as they lie. */
  private double along(Piece sleeve, List<Point> corners) {
    Outline.Box box = Outline.Box.round(corners);
    boolean sideways =
        matches.stream()
            .filter(match -> match.seam().seam().role() == SeamRole.ARMHOLE && touches(match, sleeve))
            .flatMap(match -> Stream.concat(match.seam().a().stream(), match.seam().b().stream()))
            .filter(span -> span.piece().id().equals(sleeve.id()))
            .findFirst()
            .map(
                span -> {
                  Outline outline = new Outline(sleeve);
                  Point one = onTable(sleeve, outline.at(span.edgeIndex(), span.from()));
                  Point other = onTable(sleeve, outline.at(span.edgeIndex(), span.to()));
                  return Math.abs(other.y() - one.y()) > Math.abs(other.x() - one.x());
                })
            .orElse(false);
    return sideways ? box.width() : box.height();
  }

  /** An opening round its edge, less what the seams that end at it take. */
  double round(List<Integer> loop) {
    double length = loop.stream().map(gluing::segment).mapToDouble(gluing::lengthMm).sum();
    return length - ending(loop).stream().mapToDouble(match -> takeUp(match, Side.A) + takeUp(match, Side.B)).sum();
  }

  /** The seams that end at an opening. */
  List<SeamMatch> ending(List<Integer> loop) {
    List<Integer> on = loop.stream().flatMap(segment -> Stream.of(points.pointOf(2 * segment), points.pointOf(2 * segment + 1))).distinct().toList();
    return matches.stream()
        .filter(match -> graph.ways().containsKey(match.seam().join()))
        .filter(match -> on.contains(graph.start(match.seam().join())) || on.contains(graph.end(match.seam().join())))
        .toList();
  }

  /** Whether the sides of a seam go all the way round. */
  boolean isRound(SeamMatch match) {
    return graph.ways().containsKey(match.seam().join()) && graph.start(match.seam().join()) == graph.end(match.seam().join());
  }

  /** How far an opening stretches: as far as its least stretchy edge. */
  double stretch(List<Integer> loop, HouseRules rules) {
    double least = rules.get(Rule.STRETCH_RIB);
    for (int index : loop) {
      Segment segment = gluing.segment(index);
      int start = 0;
      for (Run run : gluing.edgeOf(segment).runs()) {
        int end = start + 2 * run.count();
        if (start < segment.toHalf() && end > segment.fromHalf()) {
          least = Math.min(least, rules.get(run.fabric() == Fabric.RIB ? Rule.STRETCH_RIB : run.fabric() == Fabric.LACE ? Rule.STRETCH_LACE : Rule.STRETCH_PLAIN));
        }
        start = end;
      }
    }
    return least;
  }
}
