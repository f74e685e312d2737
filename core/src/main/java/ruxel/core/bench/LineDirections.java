package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import ruxel.core.bench.BenchPlan.HeldSquare;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.board.Board;
import ruxel.core.board.Crossing;
import ruxel.core.board.Lines;
import ruxel.core.board.Ring.Way;
import ruxel.core.board.Square;
import ruxel.core.board.Square.Place;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.Decision;
import ruxel.core.decision.JoinedBoard;
import ruxel.core.decision.OwnColourway;
import ruxel.core.decision.OwnFactor;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.OwnYarn;
import ruxel.core.decision.PieceYarn;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WishFor;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/**
 * Says a line of a board joint by joint, for the bench: its squares are laid out as pieces of their own and joined by one seam, told
 * as every other seam is, with what comes at each crossing.
 */
public final class LineDirections {
  private final Garment garment;
  private final Piece piece;
  private final Board board;
  private final Lines.Line line;
  private final JoinedBoard joined;

  private LineDirections(Garment garment, Piece piece, Board board, Lines.Line line) {
    this.garment = garment;
    this.piece = piece;
    this.board = board;
    this.line = line;
    joined = garment.settings().on(JoinedBoard.class, piece.id()).orElseGet(() -> JoinedBoard.usual(piece.id()));
  }

  /** The bench plan of a line; empty when there is no such board or line. Linear in the squares of the board and the joints of the line. */
  public static Optional<BenchPlan> of(Garment garment, BoardId boardId, LineId lineId) {
    if (!(Layout.of(garment) instanceof Outcome.Good<Layout> layout)) {
      return Optional.empty();
    }
    return Pieces.find(layout.value().construct().pieces(), boardId.piece())
        .flatMap(
            piece ->
                piece.board()
                    .flatMap(
                        board ->
                            Lines.of(board).lines().stream().filter(line -> line.id().equals(lineId)).findFirst()
                                .flatMap(line -> new LineDirections(garment, piece, board, line).plan())));
  }

  private Optional<BenchPlan> plan() {
    Map<Place, Square> squares = board.byPlace();
    Map<Place, Piece> laid = new LinkedHashMap<>();
    for (Lines.InnerJoin join : line.joins()) {
      laid.put(join.before(), square(squares.get(join.before())));
      laid.put(join.after(), square(squares.get(join.after())));
    }
    Garment alone =
        Garment.of(garment.name(), laid.get(line.joins().get(0).before()))
            .withWording(garment.wording())
            .withRules(garment.rules())
            .withOwn(List.copyOf(laid.values()), List.of(seam(laid)))
            .withSettings(settings(laid));
    return Directions.of(alone, named()).map(plan -> plan.ofSquares(prompts(), held(laid)));
  }

  /** The line as the one seam of its squares. */
  private SeamId named() {
    return new SeamId(line.id().text());
  }

  private Piece square(Square square) {
    Dye colour = square.colourway().flatMap(id -> garment.settings().on(OwnColourway.class, id)).map(OwnColourway::colour).orElse(piece.cloth().colour());
    return BoardPiece.of(new PieceId(square.place().words()), name(square.place()), piece.part(), new Board(board.motif(), List.of(square), board.mirrored()), colour);
  }

  private static String name(Place place) {
    return "Square " + place.words();
  }

  /** What the maker decided of yarns and ways of working holds for the squares too. */
  private Settings settings(Map<Place, Piece> laid) {
    Settings kept =
        garment.settings().without(decision -> !(decision instanceof OwnYarn || decision instanceof OwnSchool || decision instanceof OwnFactor || ofAllSeams(decision)));
    Optional<PieceYarn> yarn = garment.settings().on(PieceYarn.class, piece.id());
    for (Piece square : yarn.isPresent() ? laid.values() : List.<Piece>of()) {
      kept = kept.with(new PieceYarn(square.id(), yarn.get().yarn()));
    }
    return kept;
  }

  private static boolean ofAllSeams(Decision decision) {
    return (decision instanceof ChosenFacing || decision instanceof WishFor) && decision.ofSeam().isEmpty();
  }

  private Seam seam(Map<Place, Piece> laid) {
    List<Span> before = new ArrayList<>();
    List<Span> after = new ArrayList<>();
    boolean up = line.upright();
    Lines.Line.Course course = line.course(board.mirrored());
    for (Lines.InnerJoin join : line.joins()) {
      before.add(whole(laid.get(join.before()), course.before(), course.forward()));
      after.add(whole(laid.get(join.after()), course.behind(), !course.forward()));
    }
    String where = up ? "columns %d and %d" : "rows %d and %d";
    String between = "%s: between %s".formatted(piece.name(), where.formatted(line.behind(), line.behind() + 1));
    String side = up ? "Column %d" : "Row %d";
    return new Seam(
        named(), between, SeamRole.MOTIF, SideOf.of(side.formatted(line.behind()), before.toArray(Span[]::new)),
        SideOf.of(side.formatted(line.behind() + 1), after.toArray(Span[]::new)), List.of(), List.of(), new Seam.Working(false, Surplus.EVEN, 0, catches()),
        Optional.of(joined.method()));
  }

  private static Span whole(Piece square, Way side, boolean forward) {
    Edge found = square.edges().get(side.ordinal());
    String run = found.runs().get(0).id();
    return Span.ofRun(square.id(), found.id(), run, forward ? Span.Along.FORWARD : Span.Along.BACKWARD);
  }

  private boolean crosses() {
    return joined.scheme().crosses(line);
  }

  /** The stitch round the earlier seam is a place of both sides. */
  private boolean catches() {
    return crosses() && joined.crossing() == Crossing.CATCH;
  }

  private List<Prompt> prompts() {
    List<Prompt> prompts = new ArrayList<>();
    Map<Place, Square> squares = board.byPlace();
    int joint = 0;
    for (int i = 0; i + 1 < line.joins().size(); i++) {
      joint += Math.max(places(squares, line.joins().get(i).before()), places(squares, line.joins().get(i).after()));
      Lines.InnerJoin next = line.joins().get(i + 1);
      String pair = "Next: %s and %s.%s".formatted(Wording.low(name(next.before())), next.after().words(), turns(squares.get(next.before()), squares.get(next.after())));
      prompts.add(
          crosses()
              ? new Prompt(joint, Prompt.Kind.CROSSING, pair + " " + crossing(line.joins().get(i), next), "Pull until the four corners meet; no hole is left.")
              : new Prompt(joint, Prompt.Kind.CROSSING, pair + " Lay them beside the two before, right on without a gap.", "The corners lie side by side; the line across closes them later."));
      joint += catches() ? 1 : 0;
    }
    return prompts;
  }

  private String crossing(Lines.InnerJoin done, Lines.InnerJoin next) {
    return joined.crossing() == Crossing.CIRCLE ? circle(List.of(done.before(), done.after(), next.after(), next.before())) : joined.crossing().words();
  }

  /** The eight free loops round a crossing, from the square where the hook is. */
  private static String circle(List<Place> round) {
    String loops = IntStream.range(0, round.size()).mapToObj(i -> "%d and %d of %s".formatted(2 * i + 1, 2 * i + 2, Wording.low(name(round.get(i))))).collect(Collectors.joining(", "));
    return "Eight loops in a circle, two of each corner, of each first the one nearer to the square before: %s; then back into loop 1 of %s. One pass, then pull until the corners meet."
        .formatted(loops, Wording.low(name(round.get(0))));
  }

  /** How squares lie that are turned. */
  private static String turns(Square... squares) {
    return Arrays.stream(squares).filter(square -> square.turned() > 0).map(square -> " %s is turned %s to the left.".formatted(name(square.place()), Wording.counted(square.turned(), "quarters"))).collect(Collectors.joining());
  }

  private int places(Map<Place, Square> squares, Place place) {
    return board.motif().places(board.stitches(squares.get(place)));
  }

  private static List<HeldSquare> held(Map<Place, Piece> laid) {
    return laid.values().stream().map(square -> new HeldSquare(square.id(), square.name(), square.cloth().colour())).toList();
  }
}
