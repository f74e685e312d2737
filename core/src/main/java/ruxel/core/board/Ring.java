package ruxel.core.board;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The outline of a board, counter-clockwise from the right side: its straight sides in turn, each with the sides of squares it
 * is made of, from the left end of its lowest side. Near linear in the squares.
 */
public record Ring(List<Side> sides, Optional<Square> hole) {
  /** Which way a side of the ring leads, right side up; its name is the side of the board that it is. */
  public enum Way {
    LOWER(1, 0),
    RIGHT(0, 1),
    UPPER(-1, 0),
    LEFT(0, -1);

    private final int dx;
    private final int dy;

    Way(int dx, int dy) {
      this.dx = dx;
      this.dy = dy;
    }

    public int dx() {
      return dx;
    }

    public int dy() {
      return dy;
    }

    private Way left() {
      return values()[(ordinal() + 1) % 4];
    }

    private Way right() {
      return values()[(ordinal() + 3) % 4];
    }
  }

  /** A straight side, and where it begins: so many squares right of the board's left end and above its lowest row. */
  public record Side(Way way, int x, int y, List<Square> squares) {
    public Side {
      squares = List.copyOf(squares);
    }
  }

  private record Point(int x, int y) {}

  private record Step(Square square, Way way, Point from) {}

  public static Ring of(Board board) {
    Map<Point, Map<Way, Step>> leads = new TreeMap<>((one, other) -> one.y != other.y ? Integer.compare(one.y, other.y) : Integer.compare(one.x, other.x));
    Map<Point, Square> taken = new LinkedHashMap<>();
    Board.Grid grid = board.grid();
    board.squares().forEach(square -> taken.put(new Point(grid.fromLeft(square), grid.fromBelow(square)), square));
    int all = 0;
    for (Map.Entry<Point, Square> each : taken.entrySet()) {
      for (Way way : Way.values()) {
        Way out = way.right();
        if (!taken.containsKey(new Point(each.getKey().x + out.dx, each.getKey().y + out.dy))) {
          leads.computeIfAbsent(start(each.getKey(), way), key -> new LinkedHashMap<>()).put(way, new Step(each.getValue(), way, start(each.getKey(), way)));
          all++;
        }
      }
    }
    List<Step> steps = walk(leads);
    Optional<Square> hole = steps.size() == all ? Optional.empty() : leads.values().stream().flatMap(ways -> ways.values().stream()).filter(step -> !steps.contains(step)).map(Step::square).findFirst();
    return new Ring(straight(steps), hole);
  }

  private static Point start(Point lowerLeft, Way way) {
    return switch (way) {
      case LOWER -> lowerLeft;
      case RIGHT -> new Point(lowerLeft.x + 1, lowerLeft.y);
      case UPPER -> new Point(lowerLeft.x + 1, lowerLeft.y + 1);
      case LEFT -> new Point(lowerLeft.x, lowerLeft.y + 1);
    };
  }

  /** From the lowest point, the leftmost of these; where two squares touch at a corner only, on along the same square. */
  private static List<Step> walk(Map<Point, Map<Way, Step>> leads) {
    List<Step> steps = new ArrayList<>();
    Point first = leads.keySet().iterator().next();
    Point here = first;
    Way way = Way.LOWER;
    do {
      Map<Way, Step> from = leads.get(here);
      Way came = way;
      way = List.of(came.left(), came, came.right()).stream().filter(from::containsKey).findFirst().orElseThrow();
      if (steps.isEmpty()) {
        way = Way.LOWER;
      }
      steps.add(from.get(way));
      here = new Point(here.x + way.dx, here.y + way.dy);
    } while (!here.equals(first) || way != Way.LEFT);
    return steps;
  }

  private static List<Side> straight(List<Step> steps) {
    List<Side> sides = new ArrayList<>();
    List<Step> run = new ArrayList<>();
    for (int i = 0; i < steps.size(); i++) {
      run.add(steps.get(i));
      if (i + 1 == steps.size() || steps.get(i + 1).way() != steps.get(i).way()) {
        sides.add(new Side(run.get(0).way(), run.get(0).from().x(), run.get(0).from().y(), run.stream().map(Step::square).toList()));
        run = new ArrayList<>();
      }
    }
    return List.copyOf(sides);
  }
}
