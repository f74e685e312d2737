package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.board.Ring;
import ruxel.core.board.Square.Place;
import ruxel.core.board.Square;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Given;
import ruxel.core.measure.Corner;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;

/** Boards of the maker's own: laid out, and changed square by square. */
public sealed interface BoardShape extends Change {
  int MOST_ALONG = 50;

  /** So many rows of so many squares; the side of one in mm. */
  record BoardLaid(PieceId piece, String name, int rows, int columns, int stitches, Corner corner, double sideMm) implements BoardShape {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Where where = Where.piece(piece);
      List<Finding> wrong = new ArrayList<>();
      range(wrong, where, Math.min(rows, columns) < 1 || Math.max(rows, columns) > MOST_ALONG, MOST_ALONG, Math.max(rows, columns));
      range(wrong, where, stitches < 1 || stitches > Motif.MOST_STITCHES, Motif.MOST_STITCHES, stitches);
      if (!(sideMm >= Motif.LEAST_SIDE_MM && sideMm <= Motif.MOST_SIDE_MM)) {
        wrong.add(
            Finding.of(
                FindingCode.FIGURE_RANGE, where, Fact.text("what", "Side of a square, mm"), Fact.count("least", (long) Motif.LEAST_SIDE_MM), Fact.count("most", (long) Motif.MOST_SIDE_MM),
                Fact.text("value", Double.toString(sideMm))));
      }
      if (!wrong.isEmpty()) {
        return Outcome.refused(wrong);
      }
      Board board = Board.of(new Motif("Square", stitches, corner, sideMm), rows, columns);
      return OwnChange.with(garment, piece, name, BoardPiece.of(piece, name.strip(), Piece.Part.OTHER, board, Dye.WOAD));
    }

    private static void range(List<Finding> wrong, Where where, boolean isWrong, int most, int value) {
      if (isWrong) {
        wrong.add(Finding.of(FindingCode.COUNT_OUT_OF_RANGE, where, Fact.count("least", 1), Fact.count("most", most), Fact.count("value", value)));
      }
    }

    @Override
    public List<String> added() {
      return List.of(piece.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new BoardLaid(new PieceId(ids.get(0)), name, rows, columns, stitches, corner, sideMm);
    }

    @Override
    public String label(Names names) {
      return "Laid out a board: " + name.strip();
    }
  }

  /** A square beside those of a board. */
  record SquareAdded(PieceId piece, int row, int column) implements BoardShape {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return own(garment, piece)
          .then(
              found -> {
                Board board = found.board().orElseThrow();
                if (row < 1 || column < 1 || row > Board.MOST_SQUARES || column > Board.MOST_SQUARES || board.byPlace().containsKey(new Place(row, column))) {
                  return Outcome.refused(Finding.of(FindingCode.SQUARE_TAKEN, Where.piece(piece), Fact.text("value", new Place(row, column).words())));
                }
                List<Square> squares = new ArrayList<>(board.squares());
                squares.add(Square.at(row, column));
                return changed(garment, found, squares);
              });
    }

    @Override
    public String label(Names names) {
      return "Added square %d.%d to %s".formatted(row, column, names.piece(piece));
    }
  }

  /** A square taken away from a board. */
  record SquareTakenAway(PieceId piece, int row, int column) implements BoardShape {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return own(garment, piece)
          .then(
              found -> {
                Place place = new Place(row, column);
                List<Square> kept = found.board().orElseThrow().squares().stream().filter(square -> !square.place().equals(place)).toList();
                if (kept.size() == found.board().orElseThrow().squares().size() || kept.isEmpty()) {
                  return Outcome.refused(Finding.of(FindingCode.NO_SUCH_SQUARE, Where.piece(piece), Fact.text("value", place.words())));
                }
                return changed(garment, found, kept);
              });
    }

    @Override
    public String label(Names names) {
      return "Took square %d.%d away from %s".formatted(row, column, names.piece(piece));
    }
  }

  /** A board that is the maker's own and has the edges every board has. */
  private static Outcome<Piece> own(Garment garment, PieceId piece) {
    return Pieces.find(garment.pieces(), piece)
        .filter(found -> found.board().isPresent())
        .map(Outcome::of)
        .orElseGet(() -> Outcome.refused(Finding.of(FindingCode.NOT_YOUR_OWN, Where.piece(piece), Fact.text("value", piece))));
  }

  /** Refused where the squares do not hang together, enclose a hole, or a seam of the maker's own would lose its edge. */
  private static Outcome<Garment> changed(Garment garment, Piece piece, List<Square> squares) {
    Board old = piece.board().orElseThrow();
    if (squares.size() > Board.MOST_SQUARES) {
      return Outcome.refused(Finding.of(FindingCode.COUNT_OUT_OF_RANGE, Where.piece(piece.id()), Fact.count("least", 1), Fact.count("most", Board.MOST_SQUARES), Fact.count("value", squares.size())));
    }
    Board board = new Board(old.motif(), squares, old.mirrored());
    List<Finding> wrong = new ArrayList<>();
    board.loose().ifPresent(loose -> wrong.add(Finding.of(FindingCode.BOARD_LOOSE, Where.piece(piece.id()), Fact.text("value", loose.place().words()))));
    if (wrong.isEmpty()) {
      Ring.of(board).hole().ifPresent(beside -> wrong.add(Finding.of(FindingCode.BOARD_HOLE, Where.piece(piece.id()), Fact.text("value", beside.place().words()))));
    }
    if (!wrong.isEmpty()) {
      return Outcome.refused(wrong);
    }
    Piece plain = BoardPiece.of(piece.id(), piece.name(), piece.part(), board, piece.cloth().colour());
    Piece told = piece.mirrorOf().map(plain::asMirrorOf).orElse(plain);
    List<Seam> seams = garment.seams().stream().filter(seam -> seam.spans().anyMatch(span -> span.piece().equals(piece.id()))).toList();
    Garment changed = garment.withOwn(garment.pieces().stream().map(own -> own.id().equals(piece.id()) ? told : own).toList(), garment.seams());
    return Given.standing(changed, seams.stream().map(Seam::id).toList());
  }
}
