package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.board.Crossing;
import ruxel.core.board.Scheme;
import ruxel.core.colour.ColourTask;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.ColourPlan;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.YarnPlan;
import ruxel.core.sheet.AssemblySheet;
import ruxel.core.yarn.Yarn;

/** Colourways, the stock, squares moved and boards joined. */
class BoardChangeTest {
  private static final Garment PULLOVER =
      Garment.of(
          "Squares",
          new Recipe(
              "squares",
              new Answers(
                  Map.of(
                      "kind", new Answers.Word("PULLOVER"), "squaresAcross", new Answers.Numeric(6), "squaresHigh", new Answers.Numeric(5), "armholeHalfSquares", new Answers.Numeric(4),
                      "sleeveSquares", new Answers.Numeric(4)))));

  /** 2 boards of 30 and 2 of 16: 92 squares in four colourways of 23, none beside its like across seams either. */
  @Test
  void coloursArePlacedOverTheWholeGarment() {
    Garment placed = with(PULLOVER, told("dusk", 23), told("dawn", 23), told("tide", 23), told("sand", 23), new BoardChange.ColoursPlaced(1, Set.of()));
    ColourPlan colours = plan(placed).colours().orElseThrow();
    assertThat(colours.needed()).isEqualTo(92);
    assertThat(colours.clashes()).isEmpty();
    assertThat(colours.uncoloured()).isZero();
    assertThat(colours.stock()).allMatch(stock -> stock.placed() == 23);
    assertThat(with(placed, new BoardChange.ColoursPlaced(1, Set.of()))).as("the seed repeats it").isEqualTo(placed);
    assertThat(plan(placed).squares().orElseThrow().joins()).isEqualTo(2 * 49 + 2 * 24);
  }

  /** A stock one short: said at the board that lacks it, before anything of it is joined. */
  @Test
  void aStockThatIsOneShort() {
    Garment placed = with(PULLOVER, told("dusk", 46), told("dawn", 45), new BoardChange.ColoursPlaced(3, Set.of(ColourTask.Wish.EVERY_BOARD)));
    GarmentPlan plan = plan(placed);
    assertThat(plan.colours().orElseThrow().uncoloured()).isEqualTo(1);
    FindingView lacking = plan.findings().stream().filter(finding -> finding.code() == FindingCode.SQUARES_SHORT).findFirst().orElseThrow();
    assertThat(lacking.level()).isEqualTo(FindingCode.Level.DECIDE_FIRST);
    assertThat(lacking.sentence()).contains("1 square is lacking").contains("92").contains("91");
    PieceId board = plan.colours().orElseThrow().placement().stream().filter(square -> square.colourway().isEmpty()).findFirst().orElseThrow().piece();
    assertThat(lacking.piece()).contains(board);
  }

  @Test
  void squaresAreColouredKeptAndSwapped() {
    Garment two = with(PULLOVER, told("dusk", 92), told("dawn", 92), new BoardChange.SquareColoured(new PieceId("back"), 1, 1, Optional.of("dusk"), true), new BoardChange.SquareColoured(new PieceId("back"), 1, 2, Optional.of("dusk"), false));
    ColourPlan colours = plan(two).colours().orElseThrow();
    assertThat(colours.clashes()).containsExactly(new ColourPlan.Clash(new PieceId("back"), 1, 1, new PieceId("back"), 1, 2, "dusk"));
    assertThat(plan(two).findings()).extracting(FindingView::sentence).anyMatch(sentence -> sentence.contains("1.1 of the back and square 1.2 of the back"));
    Garment swapped = with(two, new BoardChange.SquareColoured(new PieceId("front"), 2, 3, Optional.of("dawn"), false), new BoardChange.SquaresSwapped(new PieceId("back"), 1, 2, new PieceId("front"), 2, 3));
    assertThat(colour(swapped, new PieceId("back"), 1, 2)).contains("dawn");
    assertThat(colour(swapped, new PieceId("front"), 2, 3)).contains("dusk");
    Garment placed = with(swapped, new BoardChange.ColoursPlaced(9, Set.of()));
    assertThat(colour(placed, new PieceId("back"), 1, 1)).as("kept").contains("dusk");
    assertThat(plan(placed).colours().orElseThrow().clashes()).isEmpty();
    assertThat(colour(with(placed, new BoardChange.ColourwayRemoved("dusk")), new PieceId("back"), 1, 1)).isEmpty();
  }

  @Test
  void aBoardIsJoinedAnotherWay() {
    BoardPlan usual = plan(PULLOVER).boards().get(0);
    assertThat(usual.schemes()).filteredOn(BoardPlan.SchemePlan::now).extracting(BoardPlan.SchemePlan::name).containsExactly(Scheme.Name.ROWS_FIRST);
    assertThat(usual.bound()).isEqualTo(9);
    BoardPlan.SchemePlan rows = usual.schemes().get(0);
    assertThat(rows.passes()).isEqualTo(9);
    // Five of 4 or 5 sides each, whip stitch 1.8, two tails of 15 cm a strand.
    double mm = 49 * usual.motif().sideMm() * 1.8 + rows.ends() * 150.0;
    assertThat(rows.yarnMm()).isCloseTo(mm, within(1e-6));
    BoardPlan slip = plan(with(PULLOVER, new BoardChange.BoardJoined(new PieceId("back"), "slip-both", Crossing.CATCH, Scheme.Name.FEWEST))).boards().get(0);
    assertThat(slip.joining()).isEqualTo(new BoardPlan.Joining("slip-both", Crossing.CATCH, Crossing.CATCH.words(), Scheme.Name.FEWEST, true));
    assertThat(slip.lines().get(0).id()).isEqualTo(new LineId("row.1.1"));
    BoardPlan columns = plan(with(PULLOVER, new BoardChange.BoardJoined(new PieceId("back"), "slip-both", Crossing.CATCH, Scheme.Name.COLUMNS_FIRST))).boards().get(0);
    assertThat(columns.lines()).extracting(BoardPlan.LinePlan::upright).as("in the order in which they are worked").containsExactly(true, true, true, true, true, false, false, false, false);
    assertThat(slip.schemes().get(3).ends()).as("from the ball: two a pass").isEqualTo(18);
  }

  /** Squares into boards before boards into a garment: every line in just one step, its yarn in the sum, its ends in the count. */
  @Test
  void boardsAreStepsOfTheOrder() {
    Yarn wool = new Yarn("wool", "Wool", "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty());
    GarmentPlan plan = plan(with(PULLOVER, new YarnChange.YarnAdded(wool)));
    List<OrderPlan.WorkStep> boards = plan.order().steps().stream().filter(step -> step.kind() == OrderPlan.Kind.BOARD).toList();
    assertThat(boards).extracting(step -> step.of().orElseThrow()).containsExactly(WorkRef.board(new BoardId(new PieceId("back"))), WorkRef.board(new BoardId(new PieceId("front"))), WorkRef.board(new BoardId(new PieceId("sleeve.left"))), WorkRef.board(new BoardId(new PieceId("sleeve.right"))));
    for (int i = 0; i < boards.size(); i++) {
      assertThat(boards.get(i).todo()).hasSameSizeAs(plan.boards().get(i).lines());
    }
    assertThat(plan.order().steps().indexOf(boards.get(3))).isLessThan(plan.order().steps().indexOf(plan.order().steps().stream().filter(step -> step.kind() == OrderPlan.Kind.SEAM).findFirst().orElseThrow()));
    assertThat(boards.get(0).endsSoFar()).isEqualTo(plan.boards().get(0).schemes().get(0).ends());
    List<YarnPlan.Stage> stages = plan.yarn().yarns().get(0).stages();
    assertThat(stages.get(0).of()).isEqualTo(WorkRef.board(new BoardId(new PieceId("back"))));
    assertThat(stages.get(0).takesMm()).isCloseTo(plan.boards().get(0).schemes().get(0).yarnMm(), within(1e-6));
    Yarn little = new Yarn("wool", "Wool", "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.of(new Yarn.Left(10, List.of())));
    GarmentPlan short20 = plan(with(PULLOVER, new YarnChange.YarnAdded(little)));
    assertThat(short20.yarn().yarns().get(0).runsOut()).as("20 m end in the second board").contains(WorkRef.board(new BoardId(new PieceId("front"))));
    assertThat(short20.findings()).filteredOn(finding -> finding.code() == FindingCode.LESS_YARN).singleElement().matches(finding -> finding.piece().equals(Optional.of(new PieceId("front"))) && finding.sentence().contains("squares of the front"));
    assertThat(AssemblySheet.of(plan).boards().get(0).lines()).hasSize(9);
    assertThat(AssemblySheet.of(plan).boards().get(0).words()).startsWith("Whip stitch, both loops. Rows first: 9 passes, ");
  }

  /** A board of the maker's own beside a garment of panels: laid out, changed square by square, refused where it falls apart. */
  @Test
  void aBoardIsLaidOutByHand() {
    Garment laid = with(Wardrobe.cardigan(), new BoardShape.BoardLaid(new PieceId("own.1"), "Pocket", 2, 3, 9, Corner.CHAIN_2_BOTH, 40));
    BoardPlan board = plan(laid).boards().get(0);
    assertThat(board.places()).isEqualTo(13);
    assertThat(board.joins()).hasSize(7);
    Garment more = with(laid, new BoardShape.SquareAdded(new PieceId("own.1"), 3, 2), new BoardShape.SquareTakenAway(new PieceId("own.1"), 1, 1));
    assertThat(plan(more).boards().get(0).cells()).hasSize(6);
    assertThat(plan(more).pieces()).filteredOn(piece -> piece.id().equals(new PieceId("own.1"))).allMatch(PiecePlan::closes);
    assertThat(refused(laid, new BoardShape.SquareAdded(new PieceId("own.1"), 4, 4))).containsExactly(FindingCode.BOARD_LOOSE);
    assertThat(refused(laid, new BoardShape.SquareAdded(new PieceId("own.1"), 2, 2))).containsExactly(FindingCode.SQUARE_TAKEN);
    assertThat(refused(laid, new BoardShape.SquareAdded(new PieceId("own.1"), 0, 2))).containsExactly(FindingCode.SQUARE_TAKEN);
    assertThat(refused(laid, new BoardShape.SquareTakenAway(new PieceId("own.1"), 4, 1))).containsExactly(FindingCode.NO_SUCH_SQUARE);
    assertThat(refused(laid, new BoardShape.SquareTakenAway(new PieceId("back"), 1, 1))).containsExactly(FindingCode.NOT_YOUR_OWN);
    assertThat(refused(laid, new BoardShape.BoardLaid(new PieceId("own.1"), "Pocket", 1, 1, 9, Corner.SPACE, 40))).containsExactly(FindingCode.ID_TAKEN);
    assertThat(refused(laid, new BoardShape.BoardLaid(new PieceId("own.2"), "Pocket", 0, 51, 0, Corner.SPACE, 1))).containsExactly(FindingCode.COUNT_OUT_OF_RANGE, FindingCode.COUNT_OUT_OF_RANGE, FindingCode.FIGURE_RANGE);
    Garment many = with(laid, new BoardShape.BoardLaid(new PieceId("own.4"), "Sea", 49, 50, 1, Corner.SPACE, 10));
    assertThat(refused(many, new BoardShape.BoardLaid(new PieceId("own.5"), "Lake", 9, 9, 1, Corner.SPACE, 10))).as("2500 at most").containsExactly(FindingCode.TOO_MANY);
    Garment hole = with(laid, new BoardShape.BoardLaid(new PieceId("own.3"), "Ring", 3, 3, 9, Corner.SPACE, 40));
    assertThat(refused(hole, new BoardShape.SquareTakenAway(new PieceId("own.3"), 2, 2))).containsExactly(FindingCode.BOARD_HOLE);
  }

  /** Corners of a path lie where the squares meet, on a board and mirrored on its mirror image. */
  @Test
  void thePathLiesOnTheBoard() {
    GarmentPlan cardigan = plan(Garment.of("Squares", new Recipe("squares", new Answers(Map.of("kind", new Answers.Word("CARDIGAN"), "motifSide", new Answers.Numeric(10), "squaresAcross", new Answers.Numeric(4))))));
    for (BoardPlan board : cardigan.boards()) {
      for (BoardPlan.SchemePlan scheme : board.schemes()) {
        for (BoardPlan.Path path : scheme.path()) {
          for (int i = 1; i < path.through().size(); i++) {
            BoardPlan.Corner from = path.through().get(i - 1);
            BoardPlan.Corner to = path.through().get(i);
            assertThat(Math.hypot(to.at().x() - from.at().x(), to.at().y() - from.at().y())).isCloseTo(100, within(1e-9));
            double x = (from.at().x() + to.at().x()) / 2;
            double y = (from.at().y() + to.at().y()) / 2;
            long beside = board.cells().stream().filter(cell -> Math.abs(cell.x() + 50 - x) + Math.abs(cell.y() + 50 - y) < 51).count();
            assertThat(beside).as("%s: two squares meet there", board.id()).isEqualTo(2);
          }
        }
      }
    }
    assertThat(cardigan.boards()).extracting(BoardPlan::id).contains(new BoardId(new PieceId("front.left")), new BoardId(new PieceId("front.right")));
  }

  @Test
  void whatIsNotThereIsRefused() {
    assertThat(refused(PULLOVER, new BoardChange.ColoursPlaced(1, Set.of()))).containsExactly(FindingCode.NO_COLOURWAY);
    assertThat(refused(PULLOVER, new BoardChange.SquareColoured(new PieceId("back"), 6, 1, Optional.empty(), false))).containsExactly(FindingCode.NO_SUCH_SQUARE);
    assertThat(refused(PULLOVER, new BoardChange.SquareColoured(new PieceId("back"), 1, 1, Optional.of("gold"), false))).containsExactly(FindingCode.UNKNOWN_COLOURWAY);
    assertThat(refused(PULLOVER, new BoardChange.SquareColoured(new PieceId("hat"), 1, 1, Optional.empty(), false))).containsExactly(FindingCode.UNKNOWN_PIECE);
    assertThat(refused(PULLOVER, new BoardChange.BoardJoined(new PieceId("back"), "mattress-rows", Crossing.SKIP, Scheme.Name.STRIPS))).containsExactly(FindingCode.UNKNOWN_METHOD);
    assertThat(refused(PULLOVER, told(" ", 1))).containsExactly(FindingCode.ID_FORM);
    assertThat(refused(PULLOVER, told("dusk", -1))).containsExactly(FindingCode.COUNT_OUT_OF_RANGE);
    Garment panels = with(Wardrobe.cardigan(), told("dusk", 1));
    assertThat(refused(panels, new BoardChange.ColoursPlaced(1, Set.of()))).containsExactly(FindingCode.NO_BOARD);
    assertThat(refused(panels, new BoardChange.SquareColoured(new PieceId("back"), 1, 1, Optional.empty(), false))).containsExactly(FindingCode.NOT_OF_SQUARES);
  }

  private static BoardChange told(String id, int made) {
    return new BoardChange.ColourwayAdded(id, "Colour " + id, Dye.WELD, Optional.of(made));
  }

  private static Optional<String> colour(Garment garment, PieceId piece, int row, int column) {
    return plan(garment).colours().orElseThrow().placement().stream().filter(square -> square.piece().equals(piece) && square.row() == row && square.column() == column).findFirst().orElseThrow().colourway();
  }

  private static List<FindingCode> refused(Garment garment, Change change) {
    return change.apply(garment).findings().stream().map(Finding::code).toList();
  }

  private static Garment with(Garment garment, Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(garment, List.of(changes))).value();
  }

  private static GarmentPlan plan(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }
}
