package ruxel.core.piece;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.board.Ring;
import ruxel.core.board.Ring.Way;
import ruxel.core.board.Square;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Corner;

/**
 * A board as a piece (model 2): its straight sides are the edges, the side of each square a run of its stitches as long as the
 * square, named by its row or column; at every corner stands that of the motif.
 */
public final class BoardPiece {
  private static final Map<Way, String[]> NAMES =
      Map.of(
          Way.LOWER, new String[] {"lower", "lower edge"}, Way.RIGHT, new String[] {"right", "right edge"}, Way.UPPER, new String[] {"upper", "upper edge"},
          Way.LEFT, new String[] {"left", "left edge"});

  private BoardPiece() {}

  /** With edges called by the side they lie on, right side up; near linear in the squares. */
  public static Piece of(PieceId id, String name, Piece.Part part, Board board, Cloth.Dye colour) {
    Map<Way, Integer> seen = new EnumMap<>(Way.class);
    List<String[]> names = new ArrayList<>();
    for (Ring.Side side : Ring.of(board).sides()) {
      int number = seen.merge(side.way(), 1, Integer::sum);
      String[] called = NAMES.get(side.way());
      names.add(number == 1 ? called : new String[] {called[0] + "." + number, called[1] + " " + number});
    }
    return inTurn(id, name, part, board, colour, names);
  }

  /**
   * @param names id and name of each edge, counter-clockwise from the lower one
   */
  public static Piece inTurn(PieceId id, String name, Piece.Part part, Board board, Cloth.Dye colour, List<String[]> names) {
    Motif motif = board.motif();
    List<Edge> edges = new ArrayList<>();
    Map<String, Corner> corners = new HashMap<>();
    for (Ring.Side side : Ring.of(board).sides()) {
      String[] called = names.get(edges.size());
      edges.add(Edge.of(called[0], called[1], side.squares().stream().map(square -> run(board, square, side.way())).toList()));
      corners.put(called[0], motif.corner());
    }
    double placeMm = motif.placeMm(motif.stitches());
    Cloth cloth = new Cloth(placeMm, placeMm, placeMm, colour, colour);
    return new Piece(id, name, part, edges, Optional.empty(), cloth, corners, Optional.empty(), Optional.of(board), Optional.empty());
  }

  /** What a board makes that is called as a piece is. */
  static Piece like(Piece piece, Board board) {
    List<String[]> names = piece.edges().stream().map(edge -> new String[] {edge.id(), edge.name()}).toList();
    if (names.size() != Ring.of(board).sides().size()) {
      return of(piece.id(), piece.name(), piece.part(), board, piece.cloth().colour());
    }
    Piece made = inTurn(piece.id(), piece.name(), piece.part(), board, piece.cloth().colour(), names);
    return piece.mirrorOf().map(made::asMirrorOf).orElse(made);
  }

  private static Run run(Board board, Square square, Way way) {
    double mm = board.motif().sideMm() / board.stitches(square);
    return Run.plain(runId(square, way), UnitKind.STITCH_TOP, board.stitches(square), new Advance(way.dx() * mm, way.dy() * mm));
  }

  /** What the side of a square is called on its edge. */
  public static String runId(Square square, Way way) {
    return way.dx() == 0 ? "row" + square.row() : "column" + square.column();
  }
}
