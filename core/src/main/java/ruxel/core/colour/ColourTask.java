package ruxel.core.colour;

import java.util.List;
import java.util.Set;

/**
 * Squares to be coloured, by number: pairs of neighbours, the board of each, pairs that mirror each other, how many there are of
 * each colourway, and which squares keep one ({@link #FREE} where none). Colourways are numbers too.
 */
public record ColourTask(List<Pair> neighbours, List<Integer> boards, List<Pair> twins, List<Integer> stock, List<Integer> kept, Set<Wish> wishes, long seed) {
  public static final int FREE = -1;

  /** Two squares. */
  public record Pair(int one, int other) {}

  /** What is wanted beside this: it never costs a clash. */
  public enum Wish {
    /** Every colourway on every board that has as many squares. */
    EVERY_BOARD,
    /** The same on the left and on the right. */
    MIRRORED
  }

  public ColourTask {
    neighbours = List.copyOf(neighbours);
    boards = List.copyOf(boards);
    twins = List.copyOf(twins);
    stock = List.copyOf(stock);
    kept = List.copyOf(kept);
    wishes = Set.copyOf(wishes);
  }

  public int squares() {
    return boards.size();
  }

  public int free() {
    return (int) kept.stream().filter(colour -> colour == FREE).count();
  }

  /** How many squares there is no colourway for. */
  public int lacking() {
    return Math.max(0, squares() - stock.stream().mapToInt(Integer::intValue).sum());
  }
}
