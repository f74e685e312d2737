package ruxel.core.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import ruxel.core.colour.ColourTask.Pair;
import ruxel.core.colour.ColourTask.Wish;

/**
 * Swaps two squares at a time, always the swap that helps most and was not just made, from several shuffled starts. What is left
 * over of the stock lies in places without neighbours, so that a swap may take it in.
 */
final class Swapping {
  private static final int STARTS = 8;
  private static final int CLASH = 1000;
  private static final int MOST_TRIED = 120;
  private static final int STEPS_OF_EACH = 300;
  private static final int REST = 6;
  /** Swaps that are weighed from one start at most. */
  private static final long MOST_WORK = 1_500_000;
  /** And from all of them, so that the largest garment is placed in about a second; looking at a square is a part of weighing a swap. */
  private static final long MOST_WORK_IN_ALL = 4_000_000;
  private static final int LOOKS_OF_A_SWAP = 8;
  /** Now and then any swap is made, so that it does not go round in circles. */
  private static final int AT_RANDOM = 60;

  private final ColourTask task;
  private final Random random;
  private final int[][] around;
  private final int[] twin;
  private final int squares;
  /** Colourway by place: squares, then what is left over. */
  private final int[] at;
  private final int[] free;
  /** How many of each colourway are on each board. */
  private final int[][] onBoard;
  private final boolean everyBoard;
  /** Squares that the last search for a troubled one looked at. */
  private int looked;
  private long left = MOST_WORK_IN_ALL;

  Swapping(ColourTask task) {
    this.task = task;
    random = new Random(task.seed());
    squares = task.squares();
    around = around(task.neighbours());
    twin = new int[squares];
    Arrays.fill(twin, -1);
    if (task.wishes().contains(Wish.MIRRORED)) {
      for (Pair pair : task.twins()) {
        twin[pair.one()] = pair.other();
        twin[pair.other()] = pair.one();
      }
    }
    everyBoard = task.wishes().contains(Wish.EVERY_BOARD);
    List<Integer> pool = pool();
    List<Integer> places = new ArrayList<>();
    for (int square = 0; square < squares; square++) {
      if (task.kept().get(square) == ColourTask.FREE) {
        places.add(square);
      }
    }
    int spare = pool.size() - places.size();
    at = new int[squares + spare];
    for (int i = 0; i < spare; i++) {
      places.add(squares + i);
    }
    free = places.stream().mapToInt(Integer::intValue).toArray();
    onBoard = new int[task.boards().stream().mapToInt(Integer::intValue).max().orElse(0) + 1][task.stock().size()];
  }

  private int[][] around(List<Pair> pairs) {
    List<List<Integer>> lists = new ArrayList<>();
    for (int i = 0; i < squares; i++) {
      lists.add(new ArrayList<>());
    }
    for (Pair pair : pairs) {
      lists.get(pair.one()).add(pair.other());
      lists.get(pair.other()).add(pair.one());
    }
    return lists.stream().map(list -> list.stream().mapToInt(Integer::intValue).toArray()).toArray(int[][]::new);
  }

  /** What the free places hold: the stock without what is kept, and nothing where it does not suffice. */
  private List<Integer> pool() {
    List<Integer> pool = new ArrayList<>();
    for (int colour = 0; colour < task.stock().size(); colour++) {
      int kept = Collections.frequency(task.kept(), colour);
      pool.addAll(Collections.nCopies(Math.max(0, task.stock().get(colour) - kept), colour));
    }
    pool.addAll(Collections.nCopies(Math.max(0, task.free() - pool.size()), ColourTask.FREE));
    return pool;
  }

  int[] best() {
    int[] best = null;
    int least = Integer.MAX_VALUE;
    for (int start = 0; start < STARTS && least > 0 && left > 0; start++) {
      shuffle();
      int cost = improve();
      if (cost < least) {
        least = cost;
        best = Arrays.copyOf(at, squares);
      }
    }
    return best;
  }

  private void shuffle() {
    List<Integer> pool = new ArrayList<>(pool());
    Collections.shuffle(pool, random);
    for (int square = 0; square < squares; square++) {
      at[square] = task.kept().get(square);
    }
    for (int i = 0; i < free.length; i++) {
      at[free[i]] = pool.get(i);
    }
    for (int[] counts : onBoard) {
      Arrays.fill(counts, 0);
    }
    for (int square = 0; square < squares; square++) {
      count(square, 1);
    }
  }

  private void count(int place, int by) {
    if (place < squares && at[place] != ColourTask.FREE) {
      onBoard[task.boards().get(place)][at[place]] += by;
    }
  }

  /** Leaves the best found in {@link #at} and returns what it costs. */
  private int improve() {
    int cost = cost();
    int least = cost;
    int[] best = at.clone();
    int[] rest = new int[at.length];
    long most = Math.min(MOST_WORK, left);
    long work = 0;
    int steps = STEPS_OF_EACH * free.length;
    for (int step = 1; step <= steps && cost > 0 && free.length > 1 && work < most; step++) {
      int from = troubled();
      if (from < 0) {
        break;
      }
      int to = -1;
      int gain = Integer.MAX_VALUE;
      int tried = Math.min(free.length, MOST_TRIED);
      int offset = random.nextInt(free.length);
      if (random.nextInt(AT_RANDOM) == 0) {
        to = free[offset];
        gain = swapped(from, to);
        tried = 0;
      }
      for (int i = 0; i < tried; i++) {
        int other = free[(offset + i) % free.length];
        if (at[other] == at[from] || rest[other] > step) {
          continue;
        }
        int change = swapped(from, other);
        if (change < gain || change == gain && random.nextInt(3) == 0) {
          gain = change;
          to = other;
        }
      }
      work += tried + looked / LOOKS_OF_A_SWAP;
      if (to < 0) {
        continue;
      }
      swap(from, to);
      cost += gain;
      rest[from] = step + REST + random.nextInt(REST);
      rest[to] = step + 1 + random.nextInt(REST);
      if (cost < least) {
        least = cost;
        best = at.clone();
      }
    }
    left -= Math.max(1, work);
    System.arraycopy(best, 0, at, 0, at.length);
    return least;
  }

  /** A free square that has a like neighbour, or is not as wished; from a random one on. */
  private int troubled() {
    int offset = random.nextInt(free.length);
    int wished = -1;
    looked = free.length;
    for (int i = 0; i < free.length; i++) {
      int place = free[(offset + i) % free.length];
      if (place < squares && clashes(place, at[place]) > 0) {
        looked = i;
        return place;
      }
      if (place < squares && wished < 0 && unlikeTwin(place) > 0) {
        wished = place;
      }
    }
    return wished >= 0 || !everyBoard ? wished : free[offset];
  }

  private int clashes(int place, int colour) {
    int clashes = 0;
    if (place < squares && colour != ColourTask.FREE) {
      for (int other : around[place]) {
        clashes += at[other] == colour ? 1 : 0;
      }
    }
    return clashes;
  }

  private int unlikeTwin(int place) {
    return place < squares && twin[place] >= 0 && at[twin[place]] != at[place] ? 1 : 0;
  }

  private int ofPlace(int place) {
    return CLASH * clashes(place, at[place]) + unlikeTwin(place);
  }

  private int missing(int place) {
    if (!everyBoard || place >= squares) {
      return 0;
    }
    int missing = 0;
    for (int count : onBoard[task.boards().get(place)]) {
      missing += count == 0 ? 1 : 0;
    }
    return missing;
  }

  /** What the cost changes by. A pair of the two themselves is the same before and after. */
  private int swapped(int one, int other) {
    int before = ofPlace(one) + ofPlace(other) + missing(one) + missing(other);
    swap(one, other);
    int after = ofPlace(one) + ofPlace(other) + missing(one) + missing(other);
    swap(one, other);
    return after - before;
  }

  private void swap(int one, int other) {
    count(one, -1);
    count(other, -1);
    int colour = at[one];
    at[one] = at[other];
    at[other] = colour;
    count(one, 1);
    count(other, 1);
  }

  private int cost() {
    int twice = 0;
    for (int square = 0; square < squares; square++) {
      twice += ofPlace(square);
    }
    int missing = 0;
    if (everyBoard) {
      for (int[] counts : onBoard) {
        missing += (int) Arrays.stream(counts).filter(count -> count == 0).count();
      }
    }
    return twice / 2 + missing;
  }
}
