package ruxel.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ruxel.core.board.Board;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Outline.Point;

/**
 * A flat fabric with a right side. Its outline is a ring of named edges, counter-clockwise seen from
 * the right side, that starts at (0, 0) of the piece's own axes (handbook 3, model 1). {@code corners} holds, by
 * the id of the edge before it, each corner that has chains or a space of its own. {@code board} are the squares it is made of,
 * if it is: each run of its edges is the side of one (see {@link BoardPiece}).
 */
public record Piece(
    PieceId id,
    String name,
    Part part,
    List<Edge> edges,
    Optional<Mirror> mirrorOf,
    Cloth cloth,
    Map<String, Corner> corners,
    Optional<Lean> lean,
    Optional<Board> board,
    Optional<Fold> fold)
    implements Face {
  /** What the piece becomes. */
  public enum Part {
    BACK,
    FRONT,
    SLEEVE,
    /** Half of the back, half of the front and a sleeve in one. */
    HALF,
    HOOD,
    /** Body and sleeves in one. */
    WHOLE,
    OTHER
  }

  public Piece {
    edges = List.copyOf(edges);
    corners = Collections.unmodifiableSortedMap(new TreeMap<>(corners));
    if (edges.isEmpty()) {
      throw new IllegalArgumentException("Expected at least one edge on piece " + id);
    }
    if (fold.isPresent() && !fold.get().liesOn(edges)) {
      throw new IllegalArgumentException("Expected the fold to end on edges of piece " + id);
    }
  }

  public Piece(PieceId id, String name, Part part, List<Edge> edges, Optional<Mirror> mirrorOf, Cloth cloth) {
    this(id, name, part, edges, mirrorOf, cloth, Map.of(), Optional.empty(), Optional.empty(), Optional.empty());
  }

  @Override
  public Shape shape() {
    return fold.<Shape>map(told -> new Folded(this, told)).orElseGet(() -> new Outline(this));
  }

  /** Its layers, when it lies folded. */
  public Optional<Folded> folded() {
    return fold.map(told -> new Folded(this, told));
  }

  /** Whether a unit lies on the lower layer of a folded piece. */
  public boolean isUnder(int edgeIndex, int unit) {
    return folded().filter(layers -> !layers.isUpper(edgeIndex, unit)).isPresent();
  }

  /** Where a point of a unit is drawn: on the lower layer slid out from under the upper one. */
  public Point drawn(int edgeIndex, int unit, Point at) {
    return isUnder(edgeIndex, unit) ? folded().map(Folded::slide).map(by -> new Point(at.x() + by.x(), at.y() + by.y())).orElseThrow() : at;
  }

  public Piece foldedAlong(Fold told) {
    return new Piece(id, name, part, edges, mirrorOf, cloth, corners, lean, board, Optional.of(told));
  }

  @Override
  public boolean isBack() {
    return part == Part.BACK;
  }

  /** What stands between an edge and the next one of the ring. */
  public Optional<Corner> cornerBehind(int edgeIndex) {
    return Optional.ofNullable(corners.get(edges.get(Math.floorMod(edgeIndex, edges.size())).id()));
  }

  public Optional<Edge> edge(String edgeId) {
    return edges.stream().filter(edge -> edge.id().equals(edgeId)).findFirst();
  }

  /** The corner of a square that a stretch of an edge reaches at one of its ends: at a corner of the piece, or where two squares of a board meet. */
  public Optional<Corner> cornerAt(int edgeIndex, int cut, boolean startsThere) {
    Edge edge = edges.get(edgeIndex);
    if (cut == (startsThere ? 0 : edge.units())) {
      return cornerBehind(startsThere ? edgeIndex - 1 : edgeIndex);
    }
    boolean isSquare = isBetweenSquares(edge, cut) && !edge.runOfUnit(cut - 1).origin().isEdging() && !edge.runOfUnit(cut).origin().isEdging();
    return board.filter(squares -> isSquare).map(squares -> squares.motif().corner());
  }

  /** Whether two squares of a board meet at a cut inside an edge, or the edging over them does. */
  public boolean isBetweenSquares(Edge edge, int cut) {
    return board.isPresent() && cut > 0 && cut < edge.units() && !edge.runOfUnit(cut - 1).origin().isOfOneSquare(edge.runOfUnit(cut).origin());
  }

  /** The piece this one is the mirror image of, or that is the mirror image of it. */
  public Optional<Piece> twinAmong(List<Piece> pieces) {
    return pieces.stream().filter(other -> mirrors(other) || other.mirrors(this)).findFirst();
  }

  /** The edge of this piece's twin that mirrors one of its own; itself where the mirror does not name it. */
  public String edgeOnTwin(Piece twin, String edgeId) {
    if (mirrors(twin)) {
      return mirrorOf.orElseThrow().edges().getOrDefault(edgeId, edgeId);
    }
    return twin.mirrorOf.stream()
        .flatMap(mirror -> mirror.edges().entrySet().stream())
        .filter(pair -> pair.getValue().equals(edgeId))
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(edgeId);
  }

  private boolean mirrors(Piece other) {
    return mirrorOf.filter(mirror -> mirror.piece().equals(other.id)).isPresent();
  }

  /** The same as the mirror image of a piece. */
  public Piece asMirrorOf(Mirror mirror) {
    return new Piece(id, name, part, edges, Optional.of(mirror), cloth, corners, lean, board, fold);
  }

  /** This piece as its own mirror image; each edge, by id, mirrors another or itself. */
  public Piece ownTwin(Map<String, String> mirrored) {
    return asMirrorOf(new Mirror(id, mirrored));
  }

  public Piece withBoard(Board changed) {
    return new Piece(id, name, part, edges, mirrorOf, cloth, corners, lean, Optional.of(changed), fold);
  }

  public Piece named(String other) {
    return new Piece(id, other, part, edges, mirrorOf, cloth, corners, lean, board, fold);
  }

  public Piece withEdges(List<Edge> changed) {
    return new Piece(id, name, part, changed, mirrorOf, cloth, corners, lean, board, fold);
  }

  public Piece withCorners(Map<String, Corner> changed) {
    return new Piece(id, name, part, edges, mirrorOf, cloth, changed, lean, board, fold);
  }

  /** The same with runs as if they had been given so; squares that are no longer told by their motif alone are plain fabric. */
  public Piece asGiven() {
    List<Edge> givenEdges = edges.stream().map(edge -> edge.withRuns(edge.runs().stream().map(Run::asGiven).toList())).toList();
    Piece given = new Piece(id, name, part, givenEdges, mirrorOf, cloth, corners, lean, board, fold.map(told -> told.asGiven(edges)));
    boolean isBoard = board.filter(squares -> BoardPiece.like(given, squares).equals(given)).isPresent();
    return isBoard ? given : new Piece(id, name, part, given.edges, mirrorOf, cloth, corners, lean, Optional.empty(), given.fold);
  }

  public Piece withLean(Lean found) {
    return new Piece(id, name, part, edges, mirrorOf, cloth, corners, Optional.of(found), board, fold);
  }

  /**
   * The mirror image: the same edges in the other order round, each with its runs reversed. Names give
   * the mirror's edge id for each of ours, and a word for it.
   */
  public Piece mirrored(PieceId mirrorId, String mirrorName, Map<String, String[]> names) {
    List<Edge> reversed = new ArrayList<>();
    Map<String, String> pairs = new HashMap<>();
    for (Edge edge : edges) {
      String[] named = names.getOrDefault(edge.id(), new String[] {edge.id(), edge.name()});
      reversed.add(edge.mirrored(named[0], named[1]));
      pairs.put(named[0], edge.id());
    }
    Map<String, Corner> turned = new HashMap<>();
    for (int i = 0; i < edges.size(); i++) {
      String behindInMirror = reversed.get((i + 1) % edges.size()).id();
      cornerBehind(i).ifPresent(corner -> turned.put(behindInMirror, corner));
    }
    Collections.reverse(reversed);
    Piece mirrored = new Piece(mirrorId, mirrorName, part, reversed, Optional.of(new Mirror(id, pairs)), cloth, turned, lean, board.map(Board::mirrorImage), fold.map(f -> f.mirrored(edge -> names.containsKey(edge) ? names.get(edge)[0] : edge)));
    return board.isEmpty() ? mirrored : BoardSides.inOrder(mirrored);
  }
}
