package ruxel.core.piece;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import ruxel.core.board.Board;
import ruxel.core.board.Ring;
import ruxel.core.board.Square.Place;
import ruxel.core.board.Square;
import ruxel.core.piece.Outline.Point;

/**
 * The squares of a board along its piece's edges: for each edge the side of the board that it is, wherever the piece's ring begins,
 * and where the board's lower left end lies in the piece's own axes.
 */
public record BoardSides(List<Ring.Side> sides, Point lowerLeft) {
  public BoardSides {
    sides = List.copyOf(sides);
  }

  /** The same piece with its edges in the order of its board's ring, from the lowest on. */
  static Piece inOrder(Piece piece) {
    List<Ring.Side> ring = Ring.of(piece.board().orElseThrow()).sides();
    List<Edge> edges = new ArrayList<>(piece.edges());
    Collections.rotate(edges, turn(piece, ring));
    return piece.withEdges(edges);
  }

  private static int turn(Piece piece, List<Ring.Side> ring) {
    return IntStream.range(0, ring.size()).filter(t -> fits(piece, ring, t)).findFirst().orElse(0);
  }

  /** Quadratic in the edges, linear in the runs. */
  public static BoardSides of(Piece piece, Board board) {
    List<Ring.Side> ring = Ring.of(board).sides();
    int turn = turn(piece, ring);
    List<Ring.Side> sides = new ArrayList<>();
    for (int e = 0; e < ring.size(); e++) {
      sides.add(ring.get((e + turn) % ring.size()));
    }
    double mm = board.motif().sideMm();
    return new BoardSides(sides, new Point(-sides.get(0).x() * mm, -sides.get(0).y() * mm));
  }

  private static boolean fits(Piece piece, List<Ring.Side> ring, int turn) {
    return piece.edges().size() == ring.size() && IntStream.range(0, ring.size()).allMatch(e -> fits(piece.edges().get(e), ring.get((e + turn) % ring.size())));
  }

  private static boolean fits(Edge edge, Ring.Side side) {
    List<Run> runs = edge.runs().stream().filter(run -> run.origin().kind() != Origin.Kind.ROWS).toList();
    Advance advance = runs.get(0).advance();
    boolean sameWay = Math.signum(advance.dxMm()) == side.way().dx() && Math.signum(advance.dyMm()) == side.way().dy();
    return sameWay && runs.stream().map(run -> run.origin().base()).distinct().toList().equals(side.squares().stream().map(square -> BoardPiece.runId(square, side.way())).toList());
  }

  /** The lower left corner of a square in the piece's own axes. */
  public Point lowerLeft(Board.Grid grid, Square square, double sideMm) {
    return new Point(lowerLeft.x() + grid.fromLeft(square) * sideMm, lowerLeft.y() + grid.fromBelow(square) * sideMm);
  }

  /** The corner that a place names: the upper one of its square beside the next column. */
  public Point corner(Board.Grid grid, Place place, double sideMm) {
    Square square = Square.at(place.row(), place.column());
    int across = grid.fromLeft(square) + (grid.mirrored() ? 0 : 1);
    return new Point(lowerLeft.x() + across * sideMm, lowerLeft.y() + (grid.fromBelow(square) + 1) * sideMm);
  }
}
