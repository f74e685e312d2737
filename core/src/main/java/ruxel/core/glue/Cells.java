package ruxel.core.glue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import ruxel.core.board.Board;
import ruxel.core.board.Lines;
import ruxel.core.board.Ring;
import ruxel.core.board.Ring.Way;
import ruxel.core.board.Square;
import ruxel.core.board.Square.Place;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.BoardSides;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Span;

/**
 * A garment with its boards taken apart into squares (model 2): each square is a face of the gluing, the lines of a board are joins
 * like the seams. Outer sides of squares have what their board's edges have.
 */
public record Cells(Gluing gluing, List<GluedJoin> joins, Map<PieceId, Cell> cells) {
  /** A square of a board; {@code id} is that of its face. */
  public record Cell(PieceId id, PieceId piece, Place place) {
    public static Cell of(PieceId board, Place place) {
      return new Cell(new PieceId(board.text() + "/" + place.words()), board, place);
    }
  }

  public Cells {
    joins = List.copyOf(joins);
  }

  /** Near linear in squares and segments, but for looking faces up by their ids. */
  public static Cells of(List<Piece> pieces, Glued glued) {
    Builder builder = new Builder(pieces);
    List<GluedJoin> joins = new ArrayList<>(glued.joins().stream().map(builder::onCells).toList());
    pieces.forEach(piece -> piece.board().ifPresent(board -> joins.addAll(builder.lines(piece, board))));
    return new Cells(Gluing.of(builder.faces(), joins), joins, builder.cells);
  }

  /** Pairs of different squares that share a side, or a part of one, across seams and folds too; each pair once. */
  public Set<Set<Cell>> neighbours() {
    List<PieceId> ids = gluing.faces().stream().map(face -> face.id()).toList();
    Set<Set<Cell>> pairs = new LinkedHashSet<>();
    for (Segment segment : gluing.segments()) {
      if (!segment.isFree()) {
        Cell one = cells.get(ids.get(segment.face()));
        Cell other = cells.get(ids.get(gluing.segment(segment.twin().getAsInt()).face()));
        if (one != null && other != null && !one.equals(other)) {
          pairs.add(Set.of(one, other));
        }
      }
    }
    return pairs;
  }

  private static final class Builder {
    private record Key(PieceId piece, Place place) {}

    /** A stretch of a board's edge that is the outer side of one square. */
    private record Outer(Piece cell, int edgeIndex, int from, int to) {}

    private final List<Piece> pieces;
    private final Map<Key, Piece> squares = new LinkedHashMap<>();
    private final Map<PieceId, Cell> cells = new LinkedHashMap<>();
    private final Map<PieceId, List<List<Outer>>> outers = new HashMap<>();

    Builder(List<Piece> pieces) {
      this.pieces = pieces;
      pieces.forEach(piece -> piece.board().ifPresent(board -> takeApart(piece, board)));
    }

    List<Piece> faces() {
      return pieces.stream().flatMap(piece -> piece.board().map(board -> board.squares().stream().map(square -> squares.get(new Key(piece.id(), square.place())))).orElse(Stream.of(piece))).toList();
    }

    private void takeApart(Piece piece, Board board) {
      Map<Place, Map<Way, List<Run>>> outer = new HashMap<>();
      List<Ring.Side> sides = BoardSides.of(piece, board).sides();
      for (int e = 0; e < sides.size(); e++) {
        Ring.Side side = sides.get(e);
        Square of = side.squares().get(0);
        for (Run run : piece.edges().get(e).runs()) {
          of = side.squares().stream().filter(square -> run.origin().kind() != Origin.Kind.ROWS && BoardPiece.runId(square, side.way()).equals(run.origin().base())).findFirst().orElse(of);
          outer.computeIfAbsent(of.place(), key -> new HashMap<>()).computeIfAbsent(side.way(), key -> new ArrayList<>()).add(run);
        }
      }
      for (Square square : board.squares()) {
        Cell named = Cell.of(piece.id(), square.place());
        Piece plain = BoardPiece.of(named.id(), piece.name() + ", square " + square.place().words(), piece.part(), new Board(board.motif(), List.of(square), board.mirrored()), piece.cloth().colour());
        List<Edge> edges = new ArrayList<>();
        for (Way way : Way.values()) {
          Edge edge = plain.edges().get(way.ordinal());
          List<Run> told = outer.getOrDefault(square.place(), Map.of()).getOrDefault(way, edge.runs());
          edges.add(edge.withRuns(told));
        }
        Piece cell = plain.withEdges(edges);
        squares.put(new Key(piece.id(), square.place()), cell);
        cells.put(cell.id(), named);
      }
      outers.put(piece.id(), sides.stream().map(side -> outers(piece, side)).toList());
    }

    private List<Outer> outers(Piece piece, Ring.Side side) {
      List<Outer> along = new ArrayList<>();
      int start = 0;
      for (Square square : side.squares()) {
        Piece cell = squares.get(new Key(piece.id(), square.place()));
        int units = cell.edges().get(side.way().ordinal()).units();
        along.add(new Outer(cell, side.way().ordinal(), start, start + units));
        start += units;
      }
      return along;
    }

    GluedJoin onCells(GluedJoin join) {
      return new GluedJoin(join.join(), onCells(join.a()), onCells(join.b()), join.meetings());
    }

    private List<ResolvedSpan> onCells(List<ResolvedSpan> spans) {
      return spans.stream().map(this::onCell).toList();
    }

    /** A span on a board lies within one square (see {@link ResolvedSpan}). */
    private ResolvedSpan onCell(ResolvedSpan span) {
      if (span.piece().board().isEmpty()) {
        return span;
      }
      Outer outer = outers.get(span.piece().id()).get(span.edgeIndex()).stream().filter(each -> span.from() >= each.from() && span.to() <= each.to()).findFirst().orElseThrow();
      return span(outer.cell(), outer.edgeIndex(), span.from() - outer.from(), span.to() - outer.from(), span.span().along());
    }

    private static ResolvedSpan span(Piece cell, int edgeIndex, int from, int to, Span.Along along) {
      Edge edge = cell.edges().get(edgeIndex);
      return new ResolvedSpan(new Span(cell.id(), edge.id(), Cut.at(edge, from), Cut.at(edge, to), along), cell, edgeIndex, from, to);
    }

    List<GluedJoin> lines(Piece piece, Board board) {
      return Lines.of(board).lines().stream().map(line -> line(piece, board, line)).toList();
    }

    /** From its first join on: the square before meets the one behind along the whole side. */
    private GluedJoin line(Piece piece, Board board, Lines.Line line) {
      Lines.Line.Course course = line.course(board.mirrored());
      List<ResolvedSpan> a = new ArrayList<>();
      List<ResolvedSpan> b = new ArrayList<>();
      List<GluedJoin.Meeting> meetings = new ArrayList<>();
      int halvesA = 0;
      int halvesB = 0;
      for (Lines.InnerJoin join : line.joins()) {
        if (!a.isEmpty()) {
          meetings.add(new GluedJoin.Meeting(halvesA, halvesB));
        }
        a.add(whole(piece, join.before(), course.before(), course.forward()));
        b.add(whole(piece, join.after(), course.behind(), !course.forward()));
        halvesA += 2 * a.get(a.size() - 1).units();
        halvesB += 2 * b.get(b.size() - 1).units();
      }
      return new GluedJoin(new Join.OfLine(new BoardId(piece.id()), line.id()), a, b, meetings);
    }

    private ResolvedSpan whole(Piece piece, Place place, Way way, boolean forward) {
      Piece cell = squares.get(new Key(piece.id(), place));
      return span(cell, way.ordinal(), 0, cell.edges().get(way.ordinal()).units(), forward ? Span.Along.FORWARD : Span.Along.BACKWARD);
    }
  }
}
