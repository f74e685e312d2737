package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.board.Board;
import ruxel.core.board.Crossing;
import ruxel.core.board.Scheme;
import ruxel.core.board.Square;
import ruxel.core.board.Square.Place;
import ruxel.core.colour.ColourTask;
import ruxel.core.colour.Colouring;
import ruxel.core.decision.JoinedBoard;
import ruxel.core.decision.OwnColourway;
import ruxel.core.decision.PlacedSquares;
import ruxel.core.decision.PlacedSquares.Placed;
import ruxel.core.decision.Settings;
import ruxel.core.decision.TurnedSquare;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Cells;
import ruxel.core.glue.Glued;
import ruxel.core.identity.PieceId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Ids;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.SeamResolver;

/** Squares of boards: their colourways, where each lies, and how they are joined. */
public sealed interface BoardChange extends Change {
  Where COLOURWAYS = Where.path("$.settings.colourways");

  /** A colourway more, with how many squares are made in it; uncounted ones go on for ever. */
  record ColourwayAdded(String id, String name, Dye colour, Optional<Integer> made) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Settings settings = garment.settings();
      if (settings.on(OwnColourway.class, id).isPresent()) {
        return Outcome.refused(Finding.of(FindingCode.ID_TAKEN, COLOURWAYS, Fact.text("value", id)));
      }
      List<Finding> wrong = wrong(id, name, made);
      if (settings.of(OwnColourway.class).size() >= OwnColourway.MOST) {
        wrong.add(Finding.of(FindingCode.TOO_MANY, COLOURWAYS, Fact.count("count", OwnColourway.MOST + 1L), Fact.text("what", "colourways"), Fact.count("most", OwnColourway.MOST)));
      }
      return wrong.isEmpty() ? Outcome.of(garment.withSettings(settings.with(new OwnColourway(id, name.strip(), colour, made)))) : Outcome.refused(wrong);
    }

    @Override
    public List<String> added() {
      return List.of(id);
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new ColourwayAdded(ids.get(0), name, colour, made);
    }

    @Override
    public String label(Names names) {
      return "Added a colourway: " + name.strip();
    }
  }

  /** A colourway told anew. */
  record ColourwayTold(String id, String name, Dye colour, Optional<Integer> made) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, id)
          .then(
              known -> {
                List<Finding> wrong = wrong(id, name, made);
                return wrong.isEmpty() ? Outcome.of(garment.withSettings(garment.settings().with(new OwnColourway(id, name.strip(), colour, made)))) : Outcome.refused(wrong);
              });
    }

    @Override
    public String label(Names names) {
      return "Told a colourway: " + name.strip();
    }
  }

  /** A colourway that is not used after all; its squares have none. */
  record ColourwayRemoved(String colourway) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, colourway)
          .then(
              found -> {
                Settings settings = garment.settings().without(OwnColourway.class, colourway);
                for (PlacedSquares placed : settings.of(PlacedSquares.class)) {
                  settings = with(settings, placed.without(colourway));
                }
                return Outcome.of(garment.withSettings(settings));
              });
    }

    @Override
    public String label(Names names) {
      return "Took out a colourway";
    }
  }

  /** The colourway of one square, and whether it stays there; empty takes it back. */
  record SquareColoured(PieceId piece, int row, int column, Optional<String> colourway, boolean locked) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Outcome<Square> square = square(garment, piece, new Place(row, column));
      return square
          .then(found -> colourway.isEmpty() ? Outcome.of(found) : known(garment, colourway.get()).then(known -> Outcome.of(found)))
          .then(found -> Outcome.of(placed(garment, piece, new Placed(row, column, colourway, locked && colourway.isPresent()))));
    }

    @Override
    public String label(Names names) {
      return "%s square %d.%d of %s".formatted(locked ? "Kept" : "Coloured", row, column, names.piece(piece));
    }
  }

  /** A square turned by a quarter to the left; four are none. */
  record SquareTurned(PieceId piece, int row, int column) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return square(garment, piece, new Place(row, column))
          .then(
              found -> {
                Settings settings = garment.settings();
                int quarters = settings.on(TurnedSquare.class, piece, row, column).map(TurnedSquare::quarters).orElse(0) + 1;
                long others = settings.of(TurnedSquare.class).stream().filter(turn -> !turn.target().equals(List.of(piece, row, column))).count();
                if (others >= Board.MOST_SQUARES) {
                  return Outcome.refused(Finding.of(FindingCode.TOO_MANY, Where.piece(piece), Fact.count("count", others + 1), Fact.text("what", "turned squares"), Fact.count("most", Board.MOST_SQUARES)));
                }
                Optional<TurnedSquare> turned = Optional.of(new TurnedSquare(piece, row, column, quarters)).filter(turn -> turn.quarters() < TurnedSquare.FULL);
                return Outcome.of(garment.withSettings(settings.with(TurnedSquare.class, turned, piece, row, column)));
              });
    }

    @Override
    public String label(Names names) {
      return "Turned square %d.%d of %s".formatted(row, column, names.piece(piece));
    }
  }

  /** Two squares change places; both may lie on one board. */
  record SquaresSwapped(PieceId piece, int row, int column, PieceId otherPiece, int otherRow, int otherColumn) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Place here = new Place(row, column);
      Place there = new Place(otherRow, otherColumn);
      return square(garment, piece, here)
          .then(
              one ->
                  square(garment, otherPiece, there)
                      .then(
                          other -> {
                            Garment first = placed(garment, piece, new Placed(row, column, other.colourway(), one.locked() && other.colourway().isPresent()));
                            return Outcome.of(placed(first, otherPiece, new Placed(otherRow, otherColumn, one.colourway(), other.locked() && one.colourway().isPresent())));
                          }));
    }

    @Override
    public String label(Names names) {
      return "Swapped square %d.%d of %s and %d.%d of %s".formatted(row, column, names.piece(piece), otherRow, otherColumn, names.piece(otherPiece));
    }
  }

  /** Colourways for all squares that are not kept, from the stock; the same seed gives the same placement. */
  record ColoursPlaced(long seed, Set<ColourTask.Wish> wishes) implements BoardChange {
    public ColoursPlaced {
      wishes = Set.copyOf(wishes);
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (garment.settings().of(OwnColourway.class).isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.NO_COLOURWAY, COLOURWAYS));
      }
      return Layout.of(garment)
          .then(
              layout -> {
                List<Piece> pieces = layout.construct().pieces();
                if (pieces.stream().allMatch(piece -> piece.board().isEmpty())) {
                  return Outcome.refused(Finding.of(FindingCode.NO_BOARD, Where.NOWHERE));
                }
                List<SeamMatch> matches = SeamMatch.all(SeamResolver.resolve(pieces, layout.construct().seams()).seams(), garment.rules());
                GarmentColours colours = new GarmentColours(pieces, Cells.of(pieces, Glued.of(pieces, matches)), garment.settings());
                Settings settings = garment.settings();
                for (PlacedSquares placed : colours.placed(Colouring.of(colours.task(seed, wishes)).colours())) {
                  settings = with(settings, placed);
                }
                return Outcome.of(garment.withSettings(settings));
              });
    }

    @Override
    public String label(Names names) {
      return "Placed the colours";
    }
  }

  /** How the squares of a board are joined. */
  record BoardJoined(PieceId piece, String method, Crossing crossing, Scheme.Name scheme) implements BoardChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Optional<Method> known = Method.of(method).filter(Method::worksOnSquares);
      if (known.isEmpty()) {
        return Outcome.refused(Finding.of(FindingCode.UNKNOWN_METHOD, Where.piece(piece), Fact.text("value", method), Fact.text("choices", Method.onSquares())));
      }
      return board(garment, piece).then(board -> Outcome.of(garment.withSettings(garment.settings().with(new JoinedBoard(piece, method, crossing, scheme)))));
    }

    @Override
    public String label(Names names) {
      return "Join the squares of %s by %s".formatted(names.piece(piece), names.method(method));
    }
  }

  private static List<Finding> wrong(String id, String name, Optional<Integer> made) {
    List<Finding> wrong = new ArrayList<>();
    if (!Ids.isWellFormed(id)) {
      wrong.add(Finding.of(FindingCode.ID_FORM, COLOURWAYS, Fact.text("value", id)));
    }
    int length = name.strip().length();
    if (length == 0 || length > Garment.MOST_NAME) {
      wrong.add(Finding.of(FindingCode.NAME_LENGTH, COLOURWAYS, Fact.count("most", Garment.MOST_NAME), Fact.count("count", length)));
    }
    made.filter(count -> count < 0 || count > Board.MOST_SQUARES)
        .ifPresent(count -> wrong.add(Finding.of(FindingCode.COUNT_OUT_OF_RANGE, COLOURWAYS, Fact.count("least", 0), Fact.count("most", Board.MOST_SQUARES), Fact.count("value", count))));
    return wrong;
  }

  private static Garment placed(Garment garment, PieceId piece, Placed square) {
    PlacedSquares before = garment.settings().on(PlacedSquares.class, piece).orElseGet(() -> new PlacedSquares(piece, List.of()));
    return garment.withSettings(with(garment.settings(), before.with(square)));
  }

  /** A board without any colour needs no decision. */
  private static Settings with(Settings settings, PlacedSquares placed) {
    return settings.with(PlacedSquares.class, Optional.of(placed).filter(kept -> !kept.squares().isEmpty()), placed.piece());
  }

  private static Outcome<OwnColourway> known(Garment garment, String colourway) {
    List<OwnColourway> all = garment.settings().of(OwnColourway.class);
    String choices = all.isEmpty() ? "none: tell a colourway first" : Wording.all(all.stream().map(OwnColourway::id).toList());
    return garment.settings().on(OwnColourway.class, colourway)
        .map(Outcome::of)
        .orElseGet(() -> Outcome.refused(Finding.of(FindingCode.UNKNOWN_COLOURWAY, COLOURWAYS, Fact.text("value", colourway), Fact.text("choices", choices))));
  }

  private static Outcome<Board> board(Garment garment, PieceId piece) {
    return Layout.of(garment)
        .then(layout -> Pieces.named(layout.construct().pieces(), piece, Where.piece(piece)))
        .then(found -> found.board().map(Outcome::of).orElseGet(() -> Outcome.refused(Finding.of(FindingCode.NOT_OF_SQUARES, Where.piece(piece), Fact.text("piece", found.name())))));
  }

  private static Outcome<Square> square(Garment garment, PieceId piece, Place place) {
    return board(garment, piece)
        .then(
            board ->
                board.squares().stream().filter(square -> square.place().equals(place)).findFirst().map(Outcome::of)
                    .orElseGet(() -> Outcome.refused(Finding.of(FindingCode.NO_SUCH_SQUARE, Where.piece(piece), Fact.text("value", place.words())))));
  }
}
