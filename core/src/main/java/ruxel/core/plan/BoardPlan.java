package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.board.Crossing;
import ruxel.core.board.Lines;
import ruxel.core.board.Motif;
import ruxel.core.board.Scheme;
import ruxel.core.board.Square.Place;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.piece.Outline.Point;

/**
 * A board ready to be drawn and joined (model 2, handbook 13): its squares in the piece's own axes, mm, its inner joins gathered into
 * lines in the order of its scheme, the corners where four squares meet, and the schemes beside the fewest passes there could be; {@code odd} are the corners
 * that forbid fewer.
 *
 * @param id of its piece
 * @param own whether it is the maker's own, so that squares may be added and taken away
 * @param places that a seam finds along one whole side of a square
 */
public record BoardPlan(
    BoardId id,
    String name,
    Motif motif,
    int places,
    List<SquarePlan> cells,
    List<Lines.InnerJoin> joins,
    List<LinePlan> lines,
    List<Place> crossings,
    Joining joining,
    List<SchemePlan> schemes,
    int bound,
    List<Place> odd,
    boolean own,
    String words) {

  /** The lines of the other direction that a line is worked over, where those come first; none where it does. */
  public List<LinePlan> crossedBy(LineId id) {
    return lines.stream().filter(line -> line.id.equals(id)).filter(line -> joining.scheme.crosses(line.upright)).flatMap(line -> lines.stream().filter(line::crosses)).toList();
  }

  /** The scheme it is worked by; none where there is nothing to join. */
  public Optional<SchemePlan> worked() {
    return lines.isEmpty() ? Optional.empty() : schemes.stream().filter(SchemePlan::now).findFirst();
  }

  /** A square with its lower left corner; stitches of a side. */
  public record SquarePlan(int row, int column, Optional<String> colourway, int turned, boolean locked, int stitches, double x, double y) {}

  /** A line: upright between two columns, or lying between two rows; how many joints it takes, and what hangs together once it is joined. */
  public record LinePlan(LineId id, boolean upright, List<Lines.InnerJoin> joins, int joints, String title, String then, HoldView hold) {
    /** Whether four squares meet where both run. */
    private boolean crosses(LinePlan other) {
      if (upright == other.upright) {
        return false;
      }
      Place own = joins.get(0).before();
      Place its = other.joins.get(0).before();
      int row = upright ? its.row() : own.row();
      int column = upright ? own.column() : its.column();
      return runsThrough(upright ? row : column) && other.runsThrough(upright ? column : row);
    }

    /** Whether it goes on over the corner behind a row, or column, of squares. */
    private boolean runsThrough(int behind) {
      List<Integer> along = joins.stream().map(join -> upright ? join.before().row() : join.before().column()).toList();
      return along.contains(behind) && along.contains(behind + 1);
    }
  }

  /** How the board is joined, and what is done where lines cross. */
  public record Joining(String method, Crossing crossing, String crossingWords, Scheme.Name scheme, boolean told) {}

  /** A scheme with what it costs; {@code path} are its passes in order, each from corner to corner. */
  public record SchemePlan(Scheme.Name name, String title, String words, int passes, int ends, double yarnMm, double minutes, List<Path> path, boolean now) {}

  /** The way of a pass. */
  public record Path(List<Corner> through) {}

  /** A corner of squares, named by the one whose upper corner beside the next column it is, and where it lies in the piece's axes. */
  public record Corner(int row, int column, Point at) {}

  /** All squares together: their inner joins, the lines and seams worked straight, and the fewest passes there could be over the whole garment, with how many odd corners forbid fewer; and what may be done at a crossing. */
  public record Whole(int squares, int joins, int straight, int bound, int odd, List<CrossingChoice> choices) {}

  /** What may be done where lines cross. */
  public record CrossingChoice(Crossing crossing, String title) {}
}
