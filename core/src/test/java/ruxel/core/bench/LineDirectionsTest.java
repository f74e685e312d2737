package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.board.Crossing;
import ruxel.core.board.Scheme;
import ruxel.core.change.BoardChange;
import ruxel.core.change.Change;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth.Dye;

/** A line of a board at the bench: which two squares, which corner places, what to do at the crossing. */
class LineDirectionsTest {
  private static final Garment PULLOVER =
      Garment.of(
          "Squares",
          new Recipe(
              "squares",
              new Answers(
                  Map.of(
                      "kind", new Answers.Word("CARDIGAN"), "squaresAcross", new Answers.Numeric(4), "squaresHigh", new Answers.Numeric(3), "armholeHalfSquares", new Answers.Numeric(2),
                      "motifStitches", new Answers.Numeric(5), "sleeveSquares", new Answers.Numeric(2)))));

  /** Four squares of 5 and two corners: 28 joints, the next pair told every 7; nothing to cross yet. */
  @Test
  void aLyingLineComesFirst() {
    BenchPlan plan = plan(PULLOVER, new BoardId(new PieceId("back")), new LineId("row.1.1"));
    assertThat(plan.joints()).hasSize(28);
    assertThat(plan.joints().get(0).words()).contains("orner place");
    assertThat(plan.title()).isEqualTo("Join the back: between rows 1 and 2");
    List<Prompt> corners = corners(plan);
    assertThat(corners).extracting(Prompt::joint).containsExactly(7, 14, 21);
    assertThat(corners.get(0).words()).startsWith("Next: square 1.2 and 2.2.").contains("without a gap");
    assertThat(plan.squares()).extracting(BenchPlan.HeldSquare::name).containsExactly("Square 1.1", "Square 2.1", "Square 1.2", "Square 2.2", "Square 1.3", "Square 2.3", "Square 1.4", "Square 2.4");
  }

  /** A turned square is told as it comes, and lies straight again after four quarters. */
  @Test
  void aTurnedSquare() {
    BoardChange.SquareTurned turn = new BoardChange.SquareTurned(new PieceId("back"), 2, 2);
    assertThat(corners(plan(with(PULLOVER, turn), new BoardId(new PieceId("back")), new LineId("row.1.1"))).get(0).words()).startsWith("Next: square 1.2 and 2.2. Square 2.2 is turned 1 quarter to the left.");
    assertThat(corners(plan(with(PULLOVER, turn, turn, turn), new BoardId(new PieceId("back")), new LineId("row.1.1"))).get(0).words()).contains("3 quarters");
    assertThat(with(PULLOVER, turn, turn, turn, turn)).isEqualTo(PULLOVER);
  }

  /** The upright lines cross those: with the earlier seam caught, a joint more at each crossing. */
  @Test
  void whatIsDoneAtACrossing() {
    BenchPlan skip = plan(PULLOVER, new BoardId(new PieceId("back")), new LineId("column.2.1"));
    assertThat(skip.joints()).hasSize(21);
    assertThat(corners(skip).get(0).words()).contains(Crossing.SKIP.words());
    assertThat(corners(skip).get(0).expected()).contains("four corners meet");
    Garment caught = with(PULLOVER, new BoardChange.BoardJoined(new PieceId("back"), "slip-both", Crossing.CATCH, Scheme.Name.ROWS_FIRST));
    BenchPlan plan = plan(caught, new BoardId(new PieceId("back")), new LineId("column.2.1"));
    assertThat(plan.joints()).hasSize(23);
    assertThat(corners(plan)).extracting(Prompt::joint).containsExactly(7, 15);
    assertThat(plan.joints().get(7).words()).isEqualTo("The seam place of both.");
    assertThat(plan(caught, new BoardId(new PieceId("back")), new LineId("row.1.1")).joints()).as("nothing to catch yet").hasSize(28);
    Garment columns = with(PULLOVER, new BoardChange.BoardJoined(new PieceId("back"), "slip-both", Crossing.CATCH, Scheme.Name.COLUMNS_FIRST));
    assertThat(plan(columns, new BoardId(new PieceId("back")), new LineId("row.1.1")).joints()).hasSize(31);
  }

  /** Of all four squares, once round, from the one where the hook is; the other direction has nothing to circle yet. */
  @Test
  void aCircleTakesEightLoopsInOrder() {
    Garment circled = with(PULLOVER, new BoardChange.BoardJoined(new PieceId("back"), "slip-both", Crossing.CIRCLE, Scheme.Name.ROWS_FIRST));
    assertThat(corners(plan(circled, new BoardId(new PieceId("back")), new LineId("column.2.1"))).get(0).words())
        .contains("Eight loops in a circle, two of each corner")
        .contains("1 and 2 of square 1.2, 3 and 4 of square 1.3, 5 and 6 of square 2.3, 7 and 8 of square 2.2; then back into loop 1 of square 1.2. One pass");
    assertThat(corners(plan(circled, new BoardId(new PieceId("back")), new LineId("row.1.1")))).extracting(Prompt::words).noneMatch(words -> words.contains("loops"));
  }

  /** A board and its mirror image have the same lines; each square keeps its colourway's colour. */
  @Test
  void mirrorImagesAndColours() {
    BenchPlan left = plan(PULLOVER, new BoardId(new PieceId("front.left")), new LineId("column.1.1"));
    BenchPlan right = plan(PULLOVER, new BoardId(new PieceId("front.right")), new LineId("column.1.1"));
    assertThat(right.joints()).isEqualTo(left.joints());
    Garment red = with(PULLOVER, new BoardChange.ColourwayAdded("brick", "Brick", Dye.MADDER, Optional.empty()), new BoardChange.SquareColoured(new PieceId("front.left"), 1, 1, Optional.of("brick"), false));
    assertThat(plan(red, new BoardId(new PieceId("front.left")), new LineId("column.1.1")).squares().get(0).colour()).isEqualTo(Dye.MADDER);
    Garment leftHanded = PULLOVER.withWording(new Wording(Wording.Unit.CM, Terms.US, Wording.Hand.LEFT));
    assertThat(plan(leftHanded, new BoardId(new PieceId("back")), new LineId("row.1.1")).fromRight()).isNotEqualTo(plan(PULLOVER, new BoardId(new PieceId("back")), new LineId("row.1.1")).fromRight());
  }

  @Test
  void whatIsNotThere() {
    assertThat(LineDirections.of(PULLOVER, new BoardId(new PieceId("hat")), new LineId("row.1.1"))).isEmpty();
    assertThat(LineDirections.of(PULLOVER, new BoardId(new PieceId("back")), new LineId("row.3.1"))).isEmpty();
  }

  private static List<Prompt> corners(BenchPlan plan) {
    return plan.prompts().stream().filter(prompt -> prompt.kind() == Prompt.Kind.CROSSING).toList();
  }

  private static BenchPlan plan(Garment garment, BoardId piece, LineId line) {
    return LineDirections.of(garment, piece, line).orElseThrow();
  }

  private static Garment with(Garment garment, Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(garment, List.of(changes))).value();
  }
}
