package ruxel.core.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ruxel.core.colour.ColourTask.Pair;

/**
 * Tries colourway after colourway, square after square, always the square with the most coloured neighbours next, and turns back as
 * soon as there are as many clashes as in what is known already. On many squares only for none at all, and for as long as is bearable.
 */
final class Exhaustive {
  private static final long MOST_NODES = 4_000_000;
  private static final long MOST_NODES_OF_MANY = 400_000;

  private final ColourTask task;
  private final List<List<Integer>> around = new ArrayList<>();
  private final int[] colours;
  private final int[] stock;
  private final long mostNodes;
  private int none;
  private int most;
  private long nodes;
  private Optional<int[]> best = Optional.empty();
  private final boolean few;

  /**
   * @param known so many clashes there are in a placement that is known
   */
  Exhaustive(ColourTask task, int known) {
    this.task = task;
    few = task.free() <= Colouring.PROVED_TO;
    mostNodes = few ? MOST_NODES : MOST_NODES_OF_MANY;
    colours = task.kept().stream().mapToInt(Integer::intValue).toArray();
    stock = new int[task.stock().size()];
    for (int colour = 0; colour < stock.length; colour++) {
      stock[colour] = Math.max(0, task.stock().get(colour) - Collections.frequency(task.kept(), colour));
    }
    none = Math.max(0, task.free() - Arrays.stream(stock).sum());
    for (int i = 0; i < task.squares(); i++) {
      around.add(new ArrayList<>());
    }
    for (Pair pair : task.neighbours()) {
      around.get(pair.one()).add(pair.other());
      around.get(pair.other()).add(pair.one());
    }
    int ofKept = Placement.clashes(task, task.kept()).size();
    most = few ? known : Math.min(known, ofKept + 1);
    search(order(), 0, ofKept);
  }

  /** One with fewer clashes than known, the fewest that were found. */
  Optional<int[]> best() {
    return best;
  }

  /** Whether everything was tried, so that there is none with fewer. */
  boolean isComplete() {
    return few && nodes < mostNodes;
  }

  /** Each as near as can be to those before it. */
  private List<Integer> order() {
    List<Integer> order = new ArrayList<>();
    boolean[] known = new boolean[task.squares()];
    int[] beside = new int[task.squares()];
    for (int square = 0; square < known.length; square++) {
      if (task.kept().get(square) != ColourTask.FREE) {
        known[square] = true;
        around.get(square).forEach(other -> beside[other]++);
      }
    }
    for (int n = task.free(); n > 0; n--) {
      int next = -1;
      for (int square = 0; square < known.length; square++) {
        if (!known[square] && (next < 0 || beside[square] > beside[next] || beside[square] == beside[next] && around.get(square).size() > around.get(next).size())) {
          next = square;
        }
      }
      known[next] = true;
      around.get(next).forEach(other -> beside[other]++);
      order.add(next);
    }
    return order;
  }

  private void search(List<Integer> order, int from, int clashes) {
    nodes++;
    if (clashes >= most || nodes >= mostNodes) {
      return;
    }
    if (from == order.size()) {
      most = clashes;
      best = Optional.of(colours.clone());
      return;
    }
    int square = order.get(from);
    for (int colour : tried(square)) {
      stock[colour]--;
      colours[square] = colour;
      search(order, from + 1, clashes + clashes(square, colour));
      colours[square] = ColourTask.FREE;
      stock[colour]++;
    }
    if (none > 0) {
      none--;
      search(order, from + 1, clashes);
      none++;
    }
  }

  /** Those that are left, the least clashing first, of these the most plentiful. */
  private List<Integer> tried(int square) {
    List<Integer> left = new ArrayList<>();
    for (int colour = 0; colour < stock.length; colour++) {
      if (stock[colour] > 0) {
        left.add(colour);
      }
    }
    left.sort((one, other) -> clashes(square, one) != clashes(square, other) ? Integer.compare(clashes(square, one), clashes(square, other)) : Integer.compare(stock[other], stock[one]));
    return left;
  }

  private int clashes(int square, int colour) {
    int clashes = 0;
    for (int other : around.get(square)) {
      clashes += colours[other] == colour ? 1 : 0;
    }
    return clashes;
  }
}
