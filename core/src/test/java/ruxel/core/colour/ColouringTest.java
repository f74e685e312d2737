package ruxel.core.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.colour.ColourTask.Pair;
import ruxel.core.colour.ColourTask.Wish;

/** No two neighbours alike, from an exact stock; if it cannot be, as few as can be (handbook 13). */
class ColouringTest {
  private static final int FREE = ColourTask.FREE;

  @Test
  void aChequeredBoardOfTwo() {
    Placement placement = Colouring.of(task(6, 6, List.of(18, 18), 1));
    assertThat(placement.clashes()).isEmpty();
    assertThat(counts(placement, 2)).containsExactly(18, 18);
  }

  /** 5 of one and 4 of the other fit on 3 × 3; the other way round each extra one clashes, and it is proved that it must. */
  @Test
  void whatCannotBeIsProvedOnFewSquares() {
    assertThat(Colouring.of(task(3, 3, List.of(5, 4), 1)).clashes()).isEmpty();
    Placement tooMany = Colouring.of(task(3, 3, List.of(6, 3), 1));
    assertThat(tooMany.clashes()).isNotEmpty();
    assertThat(tooMany.proved()).isTrue();
    assertThat(tooMany.clashes()).hasSize(fewest(task(3, 3, List.of(6, 3), 1)));
  }

  @Test
  void keptSquaresStay() {
    List<Integer> kept = new ArrayList<>(Collections.nCopies(12, FREE));
    kept.set(0, 1);
    kept.set(1, 1);
    ColourTask task = new ColourTask(grid(3, 4), Collections.nCopies(12, 0), List.of(), List.of(6, 6), kept, Set.of(), 3);
    Placement placement = Colouring.of(task);
    assertThat(placement.colours().get(0)).isEqualTo(1);
    assertThat(placement.colours().get(1)).isEqualTo(1);
    assertThat(placement.clashes()).contains(new Pair(0, 1));
    assertThat(counts(placement, 2)).containsExactly(6, 6);
    assertThat(placement.clashes()).hasSize(fewest(task));
  }

  /** One short: one square stays without a colourway; more than enough: what is left over is left out. */
  @Test
  void stockThatIsShortOrPlentiful() {
    Placement one = Colouring.of(task(4, 4, List.of(8, 7), 5));
    assertThat(one.clashes()).isEmpty();
    assertThat(Collections.frequency(one.colours(), FREE)).isEqualTo(1);
    Placement plenty = Colouring.of(task(4, 4, List.of(20, 9, 3), 5));
    assertThat(plenty.clashes()).isEmpty();
    assertThat(Collections.frequency(plenty.colours(), FREE)).isZero();
    assertThat(counts(plenty, 3)[1]).isLessThanOrEqualTo(9);
    assertThat(counts(plenty, 3)[2]).isLessThanOrEqualTo(3);
  }

  @Test
  void wishesNeverCostAClash() {
    List<Pair> twins = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      int row = i / 6;
      int column = i % 6;
      if (column < 3) {
        twins.add(new Pair(i, row * 6 + 5 - column));
      }
    }
    // The two in the middle of a row are neighbours and cannot be alike; all others can.
    ColourTask mirrored = new ColourTask(grid(4, 6), Collections.nCopies(24, 0), twins, List.of(6, 6, 6, 6), Collections.nCopies(24, FREE), Set.of(Wish.MIRRORED), 2);
    Placement placement = Colouring.of(mirrored);
    assertThat(placement.clashes()).isEmpty();
    long alike = twins.stream().filter(pair -> placement.colours().get(pair.one()).equals(placement.colours().get(pair.other()))).count();
    assertThat(alike).isGreaterThanOrEqualTo(6);
    List<Integer> boards = new ArrayList<>(Collections.nCopies(12, 0));
    boards.addAll(Collections.nCopies(12, 1));
    Placement every = Colouring.of(new ColourTask(grid(4, 6), boards, List.of(), List.of(10, 10, 2, 2), Collections.nCopies(24, FREE), Set.of(Wish.EVERY_BOARD), 2));
    assertThat(every.clashes()).isEmpty();
    for (int board = 0; board < 2; board++) {
      int from = 12 * board;
      assertThat(every.colours().subList(from, from + 12)).contains(0, 1, 2, 3);
    }
  }

  /** Three colourways of as many squares each on boards that hang together in threes: exact stocks, whatever the seed. */
  @Test
  void exactStocksOfThree() {
    for (int seed = 0; seed < 12; seed++) {
      List<Pair> pairs = new ArrayList<>(grid(7, 9));
      // Seams that close odd ways round.
      for (int row = 0; row < 7; row++) {
        pairs.add(new Pair(row * 9, row * 9 + 8));
      }
      pairs.add(new Pair(4, 58));
      ColourTask task = new ColourTask(pairs, Collections.nCopies(63, 0), List.of(), List.of(21, 21, 21), Collections.nCopies(63, FREE), Set.of(), seed);
      assertThat(Colouring.of(task).clashes()).as("seed " + seed).isEmpty();
    }
  }

  @Test
  void aSeedRepeatsIt() {
    assertThat(Colouring.of(task(5, 6, List.of(10, 10, 10), 7))).isEqualTo(Colouring.of(task(5, 6, List.of(10, 10, 10), 7)));
    assertThat(Colouring.of(task(5, 6, List.of(10, 10, 10), 7)).colours()).isNotEqualTo(Colouring.of(task(5, 6, List.of(10, 10, 10), 8)).colours());
  }

  /** On random small graphs, stocks and kept squares: never more clashes than trying everything finds, and the stock is kept. */
  @Test
  void neverWorseThanTryingEverything() {
    Random random = new Random(1234);
    for (int round = 0; round < 150; round++) {
      int squares = 2 + random.nextInt(7);
      List<Pair> pairs = new ArrayList<>();
      for (int one = 0; one < squares; one++) {
        for (int other = one + 1; other < squares; other++) {
          if (random.nextInt(3) == 0) {
            pairs.add(new Pair(one, other));
          }
        }
      }
      int colours = 1 + random.nextInt(3);
      List<Integer> stock = new ArrayList<>();
      List<Integer> kept = new ArrayList<>(Collections.nCopies(squares, FREE));
      for (int colour = 0; colour < colours; colour++) {
        stock.add(random.nextInt(squares + 1));
        int square = random.nextInt(squares);
        if (random.nextBoolean() && kept.get(square) == FREE && stock.get(colour) > Collections.frequency(kept, colour)) {
          kept.set(square, colour);
        }
      }
      ColourTask task = new ColourTask(pairs, Collections.nCopies(squares, 0), List.of(), stock, kept, Set.of(), round);
      Placement placement = Colouring.of(task);
      assertThat(placement.clashes()).as("round " + round).hasSize(fewest(task));
      assertThat(placement.proved()).isTrue();
      for (int colour = 0; colour < colours; colour++) {
        assertThat(Collections.frequency(placement.colours(), colour)).isLessThanOrEqualTo(stock.get(colour));
      }
      int free = Collections.frequency(placement.colours(), FREE);
      assertThat(free).isEqualTo(task.lacking());
      for (int square = 0; square < squares; square++) {
        assertThat(kept.get(square) == FREE || kept.get(square).equals(placement.colours().get(square))).isTrue();
      }
    }
  }

  /** Written another way than the program's own search: all fillings of the squares, one after the other. */
  private static int fewest(ColourTask task) {
    return fewest(task, new ArrayList<>(task.kept()), 0);
  }

  private static int fewest(ColourTask task, List<Integer> colours, int from) {
    if (from == task.squares()) {
      return Placement.clashes(task, colours).size();
    }
    if (task.kept().get(from) != FREE) {
      return fewest(task, colours, from + 1);
    }
    int least = Integer.MAX_VALUE;
    boolean any = false;
    for (int colour = 0; colour < task.stock().size(); colour++) {
      if (Collections.frequency(colours, colour) < task.stock().get(colour)) {
        any = true;
        colours.set(from, colour);
        least = Math.min(least, fewest(task, colours, from + 1));
        colours.set(from, FREE);
      }
    }
    int without = Collections.frequency(colours.subList(0, from), FREE);
    if (!any || without < task.lacking()) {
      least = Math.min(least, fewest(task, colours, from + 1));
    }
    return least;
  }

  private static ColourTask task(int rows, int columns, List<Integer> stock, long seed) {
    int all = rows * columns;
    return new ColourTask(grid(rows, columns), Collections.nCopies(all, 0), List.of(), stock, Collections.nCopies(all, FREE), Set.of(), seed);
  }

  private static List<Pair> grid(int rows, int columns) {
    List<Pair> pairs = new ArrayList<>();
    for (int i = 0; i < rows * columns; i++) {
      if (i % columns < columns - 1) {
        pairs.add(new Pair(i, i + 1));
      }
      if (i / columns < rows - 1) {
        pairs.add(new Pair(i, i + columns));
      }
    }
    return pairs;
  }

  private static int[] counts(Placement placement, int colours) {
    int[] counts = new int[colours];
    placement.colours().stream().filter(colour -> colour != FREE).forEach(colour -> counts[colour]++);
    return counts;
  }
}
