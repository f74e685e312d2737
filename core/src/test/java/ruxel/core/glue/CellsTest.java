package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruxel.core.board.Board;
import ruxel.core.board.Motif;
import ruxel.core.board.Scheme;
import ruxel.core.board.Lines;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** A board is one piece or its squares: both tell the same of the garment (model 2). */
class CellsTest {
  private static final Motif MOTIF = new Motif("Square", 14, Corner.CHAIN_1, 100);

  /** The gluing of squares and that of the boards' outlines leave the same openings, on garments of any sizes. */
  @Test
  void squaresAndOutlinesLeaveTheSameOpenings() {
    Random random = new Random(11);
    int built = 0;
    for (int round = 0; round < 60; round++) {
      Map<String, Answers.Answer> answers =
          Map.of(
              "kind", new Answers.Word(random.nextBoolean() ? "CARDIGAN" : "PULLOVER"), "squaresAcross", new Answers.Numeric(2 + random.nextInt(7)),
              "squaresHigh", new Answers.Numeric(1 + random.nextInt(6)), "armholeHalfSquares", new Answers.Numeric(1 + random.nextInt(6)),
              "neckSquares", new Answers.Numeric(random.nextInt(3)), "sleeveSquares", new Answers.Numeric(random.nextInt(5)),
              "motifStitches", new Answers.Numeric(1 + random.nextInt(16)), "motifSide", new Answers.Numeric(10));
      if (Templates.of("squares").orElseThrow().build(new Answers(answers)) instanceof Outcome.Good<Construct> good) {
        built++;
        same(good.value().pieces(), good.value().seams());
      }
    }
    assertThat(built).isGreaterThan(20);
  }

  private static void same(List<Piece> pieces, List<Seam> seams) {
    Glued glued = Glued.of(pieces, SeamMatch.all(SeamResolver.resolve(pieces, seams).seams(), HouseRules.USUAL));
    Surface whole = Surface.of(glued.gluing());
    Surface apart = Surface.of(Cells.of(pieces, glued).gluing());
    assertThat(lengths(apart)).hasSameSizeAs(lengths(whole));
    for (int i = 0; i < lengths(whole).size(); i++) {
      assertThat(lengths(apart).get(i)).isCloseTo(lengths(whole).get(i), within(1e-6));
    }
    assertThat(apart.handles()).isEqualTo(whole.handles());
    assertThat(apart.parts()).hasSameSizeAs(whole.parts());
    assertThat(apart.parts().stream().mapToInt(Surface.Part::euler).sum()).isEqualTo(whole.parts().stream().mapToInt(Surface.Part::euler).sum());
    assertThat(apart.parts()).allMatch(part -> part.turned().isEmpty() && part.twist().isEmpty());
  }

  private static List<Double> lengths(Surface surface) {
    return surface.openings().stream().map(Opening::lengthMm).sorted(Comparator.naturalOrder()).toList();
  }

  /** 3 × 3 rolled into a tube: five lines straight, three passes with turns. */
  @Test
  void aTubeOfNineSquares() {
    Piece board = BoardPiece.of(new PieceId("tube"), "Tube", Piece.Part.OTHER, Board.of(MOTIF, 3, 3), Cloth.Dye.WELD);
    Seam closing =
        new Seam(
            new SeamId("closing"), "Closing", SeamRole.OTHER, SideOf.of("Right", whole("right", "row1", "row3", Span.Along.FORWARD)), SideOf.of("Left", whole("left", "row3", "row1", Span.Along.BACKWARD)),
            List.of(), List.of(), Seam.Working.USUAL, Optional.empty());
    Glued glued = Glued.of(List.of(board), SeamMatch.all(SeamResolver.resolve(List.of(board), List.of(closing)).seams(), HouseRules.USUAL));
    Cells cells = Cells.of(List.of(board), glued);
    assertThat(cells.joins()).as("two lying lines, two upright ones and the seam").hasSize(5);
    SeamGraph.Bound bound = SeamGraph.ofJoins(cells.gluing(), cells.joins()).bound();
    assertThat(bound.passes()).isEqualTo(3);
    assertThat(bound.odd()).hasSize(6);
    assertThat(cells.neighbours()).as("12 inside, 3 across the seam").hasSize(15);
    assertThat(Surface.of(cells.gluing()).openings()).hasSize(2);
  }

  /** Without any seam the bound of the squares' graph is that of the board alone. */
  @Test
  void aFlatBoardHasTheSameBoundBothWays() {
    for (int[] size : List.of(new int[] {5, 6}, new int[] {4, 4}, new int[] {1, 3}, new int[] {2, 2})) {
      Board board = Board.of(MOTIF, size[0], size[1]);
      for (Board either : List.of(board, board.mirrorImage())) {
        Piece piece = BoardPiece.of(new PieceId("board"), "Board", Piece.Part.OTHER, either, Cloth.Dye.WELD);
        Cells cells = Cells.of(List.of(piece), Glued.of(List.of(piece), List.of()));
        assertThat(SeamGraph.ofJoins(cells.gluing(), cells.joins()).bound().passes()).isEqualTo(Scheme.bound(Lines.of(either)).passes());
        assertThat(cells.neighbours()).hasSize(Lines.of(either).joins());
        assertThat(Surface.of(cells.gluing()).openings()).hasSize(1);
      }
    }
  }

  private static Span whole(String edge, String first, String last, Span.Along along) {
    return new Span(new PieceId("tube"), edge, Cut.startOf(first), Cut.endOf(last), along);
  }
}
