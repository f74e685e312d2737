package ruxel.core.piece;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * The numbers of a piece's rows (model 3a, numbers): row 1 is the first that was worked, on its foundation; of a piece that has none, as one
 * worked sideways, on the first edge of stitches of its ring, of its mirror image on the image of that. Neither a seam nor rows that were
 * worked onto other edges change a number; rows that go on from the last row count on.
 */
public final class RowNumbers {
  /** How many rows were worked up to the start of a run, and whether they grow along the ring. */
  private record Count(int before, boolean grows) {}

  private final Piece piece;
  private final int first;
  private final double firstDx;
  private final double firstDy;
  private final Map<List<Integer>, Count> counts = new HashMap<>();
  private int most;
  private int own;

  private RowNumbers(Piece piece, int first) {
    this.piece = piece;
    this.first = first;
    Outline outline = new Outline(piece);
    Outline.Point from = outline.at(first, 0);
    Outline.Point to = outline.at(first, first().units());
    firstDx = to.x() - from.x();
    firstDy = to.y() - from.y();
    walk(true);
    walk(false);
  }

  /** Empty where a piece has no rows, or no edge that its first row could stand on. Linear in its runs. */
  public static Optional<RowNumbers> of(Piece piece) {
    OptionalInt first = piece.board().isPresent() ? OptionalInt.empty() : first(piece);
    return first.isEmpty() ? Optional.empty() : Optional.of(new RowNumbers(piece, first.getAsInt())).filter(numbers -> numbers.most > 0);
  }

  private static OptionalInt first(Piece piece) {
    OptionalInt foundation = edge(piece, UnitKind.FOUNDATION_LOOP, false);
    boolean isImage = piece.mirrorOf().filter(mirror -> !mirror.piece().equals(piece.id())).isPresent();
    return foundation.isPresent() ? foundation : edge(piece, UnitKind.STITCH_TOP, isImage);
  }

  /** The first edge, or the last, that is all of such units, but for the ends of edging rows. */
  private static OptionalInt edge(Piece piece, UnitKind kind, boolean last) {
    int count = piece.edges().size();
    return IntStream.range(0, count)
        .map(i -> last ? count - 1 - i : i)
        .filter(i -> piece.edges().get(i).runs().stream().filter(run -> run.origin().kind() != Origin.Kind.ROWS).map(RowNumbers::beneath).allMatch(run -> run.kind() == kind))
        .findFirst();
  }

  /** What edging rows were worked into. */
  private static Run beneath(Run run) {
    return run.origin().under().orElse(run);
  }

  /** Round the ring from either end of the first edge; each run is counted by the walk in which its rows grow. */
  private void walk(boolean withRing) {
    int edges = piece.edges().size();
    int rows = 0;
    for (int step = 1; step < edges; step++) {
      int e = Math.floorMod(first + (withRing ? step : -step), edges);
      List<Run> runs = piece.edges().get(e).runs();
      for (int i = 0; i < runs.size(); i++) {
        int r = withRing ? i : runs.size() - 1 - i;
        Run run = runs.get(r);
        if (isCounted(run) && grows(run.advance()) == withRing) {
          counts.put(List.of(e, r), new Count(rows, withRing));
          rows += run.count();
          most = Math.max(most, rows);
          own = Math.max(own, run.origin().kind() == Origin.Kind.ROWS ? 0 : rows);
        } else if (isCounted(run)) {
          rows -= run.count();
        }
      }
    }
  }

  /** Whether a run leads away from the first edge: the fabric lies at the left hand of the ring. */
  private boolean grows(Advance advance) {
    return Math.abs(firstDx) >= Math.abs(firstDy) ? advance.dyMm() * firstDx > 0 : advance.dxMm() * firstDy < 0;
  }

  /** Row ends of the piece itself, and of rows that go on from its last row. */
  private boolean isCounted(Run run) {
    boolean goesOn = run.origin().kind() == Origin.Kind.ROWS && piece.edge(run.origin().base()).filter(edge -> edge.runs().stream().anyMatch(each -> each.origin().isOnTops())).isPresent();
    return run.kind() == UnitKind.ROW_END && (run.origin().kind() != Origin.Kind.ROWS || goesOn);
  }

  /** The number of the row whose end a unit of an edge is; empty for what is no row of the piece. */
  public OptionalInt number(int edgeIndex, int unit) {
    Edge edge = piece.edges().get(edgeIndex);
    Run run = edge.runOfUnit(unit);
    Count count = counts.get(List.of(edgeIndex, edge.runs().indexOf(run)));
    int along = unit - edge.startOfRun(run.id());
    return count == null ? OptionalInt.empty() : OptionalInt.of(count.before + (count.grows ? along : run.count() - 1 - along) + 1);
  }

  /** The row whose end lies last along an edge, where its rows grow towards that end: above it lie the tops of that row. */
  OptionalInt rowAtEnd(int edgeIndex) {
    Edge edge = piece.edges().get(edgeIndex);
    Count count = counts.get(List.of(edgeIndex, edge.runs().size() - 1));
    return count != null && count.grows ? number(edgeIndex, edge.units() - 1) : OptionalInt.empty();
  }

  /** The same at the start of an edge. */
  OptionalInt rowAtStart(int edgeIndex) {
    Count count = counts.get(List.of(edgeIndex, 0));
    return count != null && !count.grows ? number(edgeIndex, 0) : OptionalInt.empty();
  }

  /** The edge that row 1 stands on. */
  public Edge first() {
    return piece.edges().get(first);
  }

  public int rows() {
    return most;
  }

  /** Without those that go on from its last row. */
  public int ownRows() {
    return own;
  }

  /** Which numbers the rows have that were worked on the right side. */
  public enum RightSide {
    ODD,
    EVEN;

    public static RightSide of(int row) {
      return row % 2 == 1 ? ODD : EVEN;
    }

    public boolean has(int row) {
      return of(row) == this;
    }
  }
}
