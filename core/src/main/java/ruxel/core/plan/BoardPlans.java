package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import ruxel.core.board.Board;
import ruxel.core.board.Crossing;
import ruxel.core.board.Hanging;
import ruxel.core.board.Lines;
import ruxel.core.board.Scheme;
import ruxel.core.board.Square;
import ruxel.core.board.Square.Place;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.JoinedBoard;
import ruxel.core.decision.Settings;
import ruxel.core.glue.Cells;
import ruxel.core.glue.SeamGraph;
import ruxel.core.hold.Facing;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.method.Method;
import ruxel.core.piece.BoardSides;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.strand.Course;
import ruxel.core.strand.SeamStrands;
import ruxel.core.yarn.Yarn;

/** Reckons what it takes to join the squares of each board, by each scheme. */
final class BoardPlans {
  private static final double SECONDS = 60;

  private final Materials materials;
  private final Settings settings;
  private final HouseRules rules;
  private final Hand hand;
  private final Set<PieceId> own;

  BoardPlans(Materials materials, Settings settings, HouseRules rules, Hand hand, Set<PieceId> own) {
    this.hand = hand;
    this.own = own;
    this.materials = materials;
    this.settings = settings;
    this.rules = rules;
  }

  List<BoardPlan> plan(List<Piece> pieces) {
    return pieces.stream().flatMap(piece -> piece.board().map(board -> board(piece, board)).stream()).toList();
  }

  static BoardPlan.Whole whole(List<BoardPlan> boards, Cells cells) {
    int seams = (int) cells.joins().stream().filter(join -> join.join() instanceof Join.OfSeam).count();
    SeamGraph.Bound bound = SeamGraph.ofJoins(cells.gluing(), cells.joins()).bound();
    return new BoardPlan.Whole(
        cells.cells().size(), boards.stream().mapToInt(board -> board.joins().size()).sum(), seams + boards.stream().mapToInt(board -> board.lines().size()).sum(), bound.passes(),
        bound.odd().size(), Arrays.stream(Crossing.values()).map(crossing -> new BoardPlan.CrossingChoice(crossing, crossing.title())).toList());
  }

  private BoardPlan board(Piece piece, Board board) {
    Lines lines = Lines.of(board);
    Optional<JoinedBoard> told = settings.on(JoinedBoard.class, piece.id());
    JoinedBoard joined = told.orElseGet(() -> JoinedBoard.usual(piece.id()));
    Method method = Method.of(joined.method()).orElseThrow();
    Board.Grid grid = board.grid();
    BoardSides sides = BoardSides.of(piece, board);
    Scheme.Bound bound = Scheme.bound(lines);
    return new BoardPlan(
        new BoardId(piece.id()), piece.name(), board.motif(), board.motif().places(),
        board.squares().stream()
            .map(
                square -> {
                  Point at = sides.lowerLeft(grid, square, board.motif().sideMm());
                  return new BoardPlan.SquarePlan(square.row(), square.column(), square.colourway(), square.turned(), square.locked(), board.stitches(square), at.x(), at.y());
                })
            .toList(),
        lines.lines().stream().flatMap(line -> line.joins().stream()).toList(),
        lines(piece, board, method, lines.lines().stream().sorted(Comparator.comparing(joined.scheme()::crosses)).toList()),
        lines.crossings().stream().map(Lines.Crossing::place).toList(),
        new BoardPlan.Joining(joined.method(), joined.crossing(), joined.crossing().words(), joined.scheme(), told.isPresent()),
        Scheme.all(lines).stream().map(scheme -> scheme(piece, board, grid, sides, method, scheme, joined.scheme())).toList(),
        bound.passes(), bound.odd(), own.contains(piece.id()),
        "%s, %s along a side in a seam: %s, %s, %s.".formatted(
            Wording.counted(board.squares().size(), "squares"), Wording.counted(board.motif().places(), "places"), Wording.counted(lines.joins(), "joins"),
            Wording.counted(lines.lines().size(), "lines"), Wording.counted(lines.crossings().size(), "crossings")));
  }

  private List<BoardPlan.LinePlan> lines(Piece piece, Board board, Method method, List<Lines.Line> inOrder) {
    Facing facing = ChosenFacing.ofSquares(settings, method);
    List<Hanging> after = Hanging.afterEach(board, inOrder);
    Map<Place, Square> squares = board.byPlace();
    return IntStream.range(0, inOrder.size())
        .mapToObj(
            i -> {
              Lines.Line line = inOrder.get(i);
              return new BoardPlan.LinePlan(line.id(), line.upright(), line.joins(), joints(board, squares, line), title(line), after.get(i).words(), HoldViews.of(line, piece, method, facing, hand));
            })
        .toList();
  }

  /** As many as the side with more places has. */
  private static int joints(Board board, Map<Place, Square> squares, Lines.Line line) {
    return line.joins().stream().mapToInt(join -> Math.max(places(board, squares.get(join.before())), places(board, squares.get(join.after())))).sum();
  }

  private static int places(Board board, Square square) {
    return board.motif().places(board.stitches(square));
  }

  private static String title(Lines.Line line) {
    return line.upright() ? "Between columns %d and %d".formatted(line.behind(), line.behind() + 1) : "Between rows %d and %d".formatted(line.behind(), line.behind() + 1);
  }

  private BoardPlan.SchemePlan scheme(Piece piece, Board board, Board.Grid grid, BoardSides sides, Method method, Scheme scheme, Scheme.Name taken) {
    Optional<Yarn> yarn = materials.ofPiece(piece.id());
    int ends = 0;
    double yarnMm = 0;
    for (Scheme.Pass pass : scheme.passes()) {
      SeamStrands strands = materials.strands(course(board, pass), method, yarn);
      ends += strands.tails();
      yarnMm += strands.neededMm();
    }
    int joints = scheme.passes().stream().mapToInt(Scheme.Pass::joins).sum() * board.motif().places();
    double minutes = joints * rules.get(Rule.JOINT_SECONDS) / method.scores().quick() / SECONDS + ends * rules.get(Rule.END_MINUTES);
    return new BoardPlan.SchemePlan(scheme.name(), scheme.name().title(), scheme.name().words(), scheme.passes().size(), ends, yarnMm, minutes, scheme.passes().stream().map(pass -> path(board, grid, sides, pass)).toList(), scheme.name() == taken);
  }

  private static BoardPlan.Path path(Board board, Board.Grid grid, BoardSides sides, Scheme.Pass pass) {
    return new BoardPlan.Path(pass.through().stream().map(place -> new BoardPlan.Corner(place.row(), place.column(), sides.corner(grid, place, board.motif().sideMm()))).toList());
  }

  /** A strand may end at every corner of squares. */
  private static Course course(Board board, Scheme.Pass pass) {
    double side = board.motif().sideMm();
    int places = board.motif().places();
    List<Course.Spot> spots = new ArrayList<>();
    for (int i = 1; i < pass.joins(); i++) {
      spots.add(new Course.Spot(i * places, i * side));
    }
    return new Course(pass.joins() * side, pass.joins() * places, spots);
  }
}
