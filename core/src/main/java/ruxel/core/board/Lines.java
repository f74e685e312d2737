package ruxel.core.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ruxel.core.board.Square.Place;
import ruxel.core.identity.LineId;

/**
 * The inner joins of a board, one for each pair of neighbours, gathered into straight lines as long as they go (model 2), and the
 * crossings, where four squares meet. Near linear in the squares.
 */
public record Lines(List<Line> lines, List<Crossing> crossings) {
  /** Two neighbours: the one before is lower, or lies in the lower column. */
  public record InnerJoin(Place before, Place after) {}

  /** Neighbouring inner joins in a row; an upright line goes up between two columns, a lying one along between two rows. */
  public record Line(boolean upright, List<InnerJoin> joins) {
    public Line {
      joins = List.copyOf(joins);
    }

    /** The row or column before it. */
    public int behind() {
      return upright ? joins.get(0).before().column() : joins.get(0).before().row();
    }

    /** The first row or column it runs along. */
    public int from() {
      return along(joins.get(0));
    }

    private int along(InnerJoin join) {
      return upright ? join.before().row() : join.before().column();
    }

    /** The sides of the squares that it joins, and whether it runs with the ring of those before it. */
    public record Course(Ring.Way before, Ring.Way behind, boolean forward) {}

    /** Up along a right edge and against a left one; towards higher columns against an upper edge, unless these are counted from the right. */
    public Course course(boolean mirrored) {
      if (!upright) {
        return new Course(Ring.Way.UPPER, Ring.Way.LOWER, mirrored);
      }
      return mirrored ? new Course(Ring.Way.LEFT, Ring.Way.RIGHT, false) : new Course(Ring.Way.RIGHT, Ring.Way.LEFT, true);
    }

    /** Its id on its board: "row.2.1" lies above row 2 and begins at column 1. */
    public LineId id() {
      return new LineId((upright ? "column." : "row.") + behind() + "." + from());
    }
  }

  /** The corner that four squares share, named by the one of the lowest numbers. */
  public record Crossing(Place place) {}

  public Lines {
    lines = List.copyOf(lines);
    crossings = List.copyOf(crossings);
  }

  /** The lying lines from below, then the upright ones from the first column. */
  public static Lines of(Board board) {
    Map<Place, Square> squares = board.byPlace();
    List<Line> lines = new ArrayList<>();
    lines.addAll(lines(squares, false));
    lines.addAll(lines(squares, true));
    List<Crossing> crossings =
        squares.keySet().stream()
            .filter(p -> squares.containsKey(beside(p, false)) && squares.containsKey(beside(p, true)) && squares.containsKey(new Place(p.row() + 1, p.column() + 1)))
            .map(Crossing::new)
            .toList();
    return new Lines(lines, crossings);
  }

  private static Place beside(Place place, boolean upright) {
    return upright ? new Place(place.row(), place.column() + 1) : new Place(place.row() + 1, place.column());
  }

  private static List<Line> lines(Map<Place, Square> squares, boolean upright) {
    Comparator<Place> behind = Comparator.comparingInt(place -> upright ? place.column() : place.row());
    Map<Place, InnerJoin> joins = new TreeMap<>(behind.thenComparing(Comparator.naturalOrder()));
    squares.keySet().stream().filter(place -> squares.containsKey(beside(place, upright))).forEach(place -> joins.put(place, new InnerJoin(place, beside(place, upright))));
    List<Line> lines = new ArrayList<>();
    List<InnerJoin> line = new ArrayList<>();
    for (InnerJoin join : joins.values()) {
      // The next one of a line lies beside the last, across the line's way.
      if (!line.isEmpty() && !beside(line.get(line.size() - 1).before(), !upright).equals(join.before())) {
        lines.add(new Line(upright, line));
        line = new ArrayList<>();
      }
      line.add(join);
    }
    if (!line.isEmpty()) {
      lines.add(new Line(upright, line));
    }
    return lines;
  }

  public int joins() {
    return lines.stream().mapToInt(line -> line.joins().size()).sum();
  }
}
