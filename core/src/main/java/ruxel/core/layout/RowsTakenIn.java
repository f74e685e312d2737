package ruxel.core.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ruxel.core.decision.EdgingRows;
import ruxel.core.identity.PieceId;
import ruxel.core.lay.Placement;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/**
 * Takes rows that belong to pieces into their faces (model 2 and 4, handbook 7 and 11). Nothing but its own piece meets the inner edge of such a
 * strip, so that gluing it on or taking it in comes to the same surface; {@link RowStrip} has it as a strip by itself. Along their own edge
 * rows change its count and not its length; the two neighbouring edges grow by their row ends, and seams that end at that corner
 * take them in. The same rows on two edges that meet straight on go on from one to the other.
 */
final class RowsTakenIn implements Carries {
  private static final String EDGED = EdgingRows.EDGED;
  private static final String ROWS = EdgingRows.ROWS;
  /** Where rows end on their own edge. */
  private static final String FROM = ".from";
  private static final String TO = ".to";

  private record Target(PieceId piece, String edge) {}

  /** As they were before any edging: what seams and openings are told by. */
  private final List<Piece> base;
  private List<Piece> pieces;
  private final Map<Target, Covered> covered = new HashMap<>();
  private final Set<Target> grown = new HashSet<>();
  private final List<EdgingRows> edgings;
  private final List<EdgingRows> gone = new ArrayList<>();
  /** How far the start of each ring has moved, in the piece's axes. */
  private final Map<PieceId, Outline.Point> starts = new HashMap<>();

  RowsTakenIn(List<Piece> pieces, List<EdgingRows> edgings) {
    base = pieces;
    this.edgings = edgings;
    this.pieces = pieces;
    for (EdgingRows edging : edgings) {
      Optional<Piece> piece = Pieces.find(this.pieces, edging.piece());
      Optional<Edge> edge = piece.flatMap(p -> p.edge(edging.edge())).filter(e -> isPossible(piece.get(), e, edging));
      if (edge.isEmpty()) {
        gone.add(edging);
      } else {
        Piece edged = edged(piece.get(), edge.get(), edging);
        this.pieces = this.pieces.stream().map(p -> p == piece.get() ? edged : p).toList();
      }
    }
  }

  /** The edge lies between two others, is no part of an edge of squares, leads somewhere, and has a stitch for each of the runs that are covered. */
  static boolean isPossible(Piece piece, Edge edge, EdgingRows edging) {
    return Covered.of(edge, edging).filter(over -> piece.edges().size() >= 3 && (piece.board().isEmpty() || edging.within().isEmpty()) && lengthMm(over.runs()) > 0 && edging.stitches() >= over.runs().size()).isPresent();
  }

  List<Piece> pieces() {
    return pieces;
  }

  /** The piece stays where it lies; its rows grow outwards. */
  Placement carried(Placement placement) {
    Outline.Point moved = starts.getOrDefault(placement.piece(), new Outline.Point(0, 0));
    return placement.movedInPiece(moved.x(), moved.y());
  }

  List<EdgingRows> gone() {
    return gone;
  }

  private Piece edged(Piece piece, Edge edge, EdgingRows edging) {
    int index = piece.edges().indexOf(edge);
    int count = piece.edges().size();
    int last = Math.floorMod(index - 1, count);
    int next = (index + 1) % count;
    Covered over = Covered.of(edge, edging).orElseThrow();
    int unit = edge.startOfRun(over.runs().get(0).id());
    Advance outward = outward(over.runs(), edging.rowMm()).times(piece.isUnder(index, unit) ? -1 : 1);
    Advance inward = new Advance(-outward.dxMm(), -outward.dyMm());
    boolean comesOn = RowsBeside.goOn(piece, last, index, edging, edgings);
    boolean goesOn = RowsBeside.goOn(piece, index, next, edging, edgings);
    if (index == 0 && over.reachesStart() || index == count - 1 && over.reachesEnd() && !goesOn) {
      starts.merge(
          piece.id(), new Outline.Point(edging.rows() * outward.dxMm(), edging.rows() * outward.dyMm()),
          (one, other) -> new Outline.Point(one.x() + other.x(), one.y() + other.y()));
    }
    List<Edge> edges = new ArrayList<>(piece.edges());
    covered.putIfAbsent(new Target(piece.id(), edge.id()), over);
    List<Run> runs = new ArrayList<>(over.before());
    if (!over.reachesStart()) {
      runs.add(rows(edging, FROM, outward));
    }
    runs.addAll(runs(over, edging));
    if (!over.reachesEnd()) {
      runs.add(rows(edging, TO, inward));
    }
    runs.addAll(over.behind());
    Edge edged = edge.withRuns(runs);
    edges.set(index, edged.withLandmarks(edge.landmarks().stream().map(mark -> carried(mark, over, edged)).toList()));
    if (over.reachesStart() && !comesOn) {
      grow(piece, edges, last, rows(edging, "", outward), true);
    }
    if (over.reachesEnd() && !goesOn) {
      grow(piece, edges, next, rows(edging, "", inward), false);
    }
    return piece.withEdges(edges);
  }

  private void grow(Piece piece, List<Edge> edges, int index, Run rows, boolean atEnd) {
    Edge edge = edges.get(index);
    List<Run> runs = new ArrayList<>(edge.runs());
    runs.add(atEnd ? runs.size() : 0, rows);
    grown.add(new Target(piece.id(), edge.id()));
    edges.set(index, edge.withRuns(runs));
  }

  /**
   * @param where on their own edge, if they end there
   */
  private static Run rows(EdgingRows edging, String where, Advance advance) {
    return new Run(
        ROWS + edging.edge() + where, UnitKind.ROW_END, Counts.planned(edging.rows()), advance, Fabric.PLAIN, false, Run.Notes.NONE,
        Origin.rowsAlong(edging.edge()));
  }

  /** One row's height to the outer side of the runs, which lies to the right of their direction. */
  private static Advance outward(List<Run> runs, double rowMm) {
    double length = lengthMm(runs);
    return new Advance(dyMm(runs) / length * rowMm, -dxMm(runs) / length * rowMm);
  }

  /** From where they begin straight to where they end. */
  private static double lengthMm(List<Run> runs) {
    return Math.hypot(dxMm(runs), dyMm(runs));
  }

  private static double dxMm(List<Run> runs) {
    return runs.stream().mapToDouble(run -> run.count() * run.advance().dxMm()).sum();
  }

  private static double dyMm(List<Run> runs) {
    return runs.stream().mapToDouble(run -> run.count() * run.advance().dyMm()).sum();
  }

  /** Each run keeps its length and gets its share of the stitches, by length; the last takes what rounding leaves. */
  private static List<Run> runs(Covered edge, EdgingRows edging) {
    int stitches = edging.stitches();
    double whole = edge.lengthMm();
    List<Run> runs = new ArrayList<>();
    double before = 0;
    int given = 0;
    for (int i = 0; i < edge.runs().size(); i++) {
      Run run = edge.runs().get(i);
      before += run.lengthMm();
      int left = edge.runs().size() - 1 - i;
      int upTo = Math.max(given + 1, Math.min(stitches - left, (int) Math.round(stitches * before / whole)));
      int count = left == 0 ? stitches - given : upTo - given;
      given += count;
      double share = (double) run.count() / count;
      Advance advance = run.advance().times(share);
      runs.add(
          new Run(run.id() + EDGED, UnitKind.STITCH_TOP, Counts.planned(count), advance, Fabric.PLAIN, run.noEase(), new Run.Notes("edging", 0, 0), Origin.over(run, edging.joins().isPresent())));
    }
    return runs;
  }

  /** A landmark keeps its share of the length; one told on the edging itself is there already. */
  private static Landmark carried(Landmark mark, Covered was, Edge now) {
    if (was.edge().run(mark.first().run()).isEmpty()) {
      return mark;
    }
    boolean over = was.edge().run(mark.first().run()).filter(was::isOver).isPresent();
    double share = over ? (double) now.runs().stream().filter(run -> run.origin().isOver()).mapToInt(Run::count).sum() / (was.to() - was.from()) : 1;
    int every = mark.times() > 1 ? Math.max(1, (int) Math.round(mark.every() * share)) : 0;
    return new Landmark(mark.id(), mark.name(), mark.kind(), carried(mark.first(), was, now), every, mark.times(), mark.marker());
  }

  @Override
  public Cut carried(PieceId piece, String edge, Cut cut) {
    Target target = new Target(piece, edge);
    Cut grown = grown(target, cut);
    Covered was = covered.get(target);
    return was == null ? grown : carried(grown, was, edge(pieces, target));
  }

  /** A unit at the end of an edge that grows is no longer its last; under edging it is the stitch over its middle. */
  @Override
  public Cut carriedUnit(PieceId piece, String edge, Cut before) {
    Covered was = covered.get(new Target(piece, edge));
    Optional<Run> run = was == null ? Optional.empty() : was.edge().run(before.run()).filter(was::isOver);
    if (run.isEmpty()) {
      return before;
    }
    int count = edge(pieces, new Target(piece, edge)).run(before.run() + EDGED).orElseThrow().count();
    int unit = before.from() == Cut.End.START ? before.offset() : run.get().count() - before.offset();
    // Behind the last unit, where a cut may lie too, is behind the last stitch.
    int stitch = Math.min(count, (int) Math.floor((unit + 0.5) * count / run.get().count()));
    return new Cut(before.run() + EDGED, before.from() == Cut.End.START ? stitch : count - stitch, before.from());
  }

  /** A cut at an end of an edge that has grown is at its end still. */
  private Cut grown(Target target, Cut cut) {
    if (!grown.contains(target)) {
      return cut;
    }
    Edge was = edge(base, target);
    List<Run> now = edge(pieces, target).runs();
    return at(cut, was, 0)
        ? Cut.startOf(now.get(0).id())
        : at(cut, was, was.units()) ? Cut.endOf(now.get(now.size() - 1).id()) : cut;
  }

  private static boolean at(Cut cut, Edge edge, int index) {
    OptionalInt on = cut.on(edge);
    return on.isPresent() && on.getAsInt() == index;
  }

  private static Edge edge(List<Piece> pieces, Target target) {
    return Pieces.find(pieces, target.piece(), target.edge()).orElseThrow();
  }

  /** A cut inside a covered run goes to the same share of its length; one where rows end on their own edge to the end of their stitches. */
  private static Cut carried(Cut cut, Covered was, Edge now) {
    Optional<Run> run = was.edge().run(cut.run());
    if (run.isEmpty()) {
      return cut;
    }
    if (!was.isOver(run.get())) {
      boolean atStart = !was.reachesStart() && at(cut, was.edge(), was.from());
      boolean atEnd = !was.reachesEnd() && at(cut, was.edge(), was.to());
      return atStart ? Cut.startOf(was.runs().get(0).id() + EDGED) : atEnd ? Cut.endOf(was.runs().get(was.runs().size() - 1).id() + EDGED) : cut;
    }
    int count = now.run(cut.run() + EDGED).orElseThrow().count();
    int offset = (int) Math.round((double) cut.offset() * count / run.get().count());
    return new Cut(cut.run() + EDGED, Math.min(count, offset), cut.from());
  }
}
