package ruxel.core.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.board.Scheme.Name;
import ruxel.core.board.Square.Place;
import ruxel.core.identity.LineId;
import ruxel.core.measure.Corner;

/** Joins, lines, crossings and passes of boards (model 2, handbook 13). */
class LinesTest {
  static final Motif MOTIF = new Motif("Square", 14, Corner.CHAIN_1, 120);

  @ParameterizedTest
  @CsvSource({"5,6,49,9,20", "4,4,24,6,9", "1,1,0,0,0", "1,7,6,6,0", "2,1,1,1,0"})
  void wholeBoards(int rows, int columns, int joins, int lines, int crossings) {
    Lines found = Lines.of(Board.of(MOTIF, rows, columns));
    assertThat(found.joins()).isEqualTo(joins);
    assertThat(found.lines()).hasSize(lines);
    assertThat(found.crossings()).hasSize(crossings);
  }

  /** A flat r × c board has exactly its (r − 1) + (c − 1) lines as fewest passes. */
  @ParameterizedTest
  @CsvSource({"5,6", "4,4", "2,2", "3,9"})
  void aFlatBoardNeedsAsManyPassesAsItHasLines(int rows, int columns) {
    Lines lines = Lines.of(Board.of(MOTIF, rows, columns));
    int expected = rows - 1 + columns - 1;
    assertThat(Scheme.bound(lines).passes()).isEqualTo(expected);
    assertThat(Scheme.bound(lines).odd()).hasSize(2 * expected);
    Map<Name, Integer> passes = passes(lines);
    assertThat(passes).containsEntry(Name.ROWS_FIRST, expected).containsEntry(Name.COLUMNS_FIRST, expected).containsEntry(Name.FEWEST, expected);
    assertThat(passes.get(Name.STRIPS)).isEqualTo(columns * (rows - 1) + columns - 1);
  }

  /** Three rows of three: pairs, then strips, then strip to strip. */
  @Test
  void whatHangsTogetherAfterEachLine() {
    Board board = Board.of(MOTIF, 3, 3);
    assertThat(Hanging.afterEach(board, Lines.of(board).lines())).extracting(Hanging::words)
        .containsExactly("3 parts of 2 squares, 3 loose", "3 parts of 3 squares", "1 part of 6 squares, 1 part of 3 squares", "the board hangs together");
  }

  @ParameterizedTest
  @CsvSource({"CHAIN_1,16", "CHAIN_2_ONE_EACH,16", "CHAIN_2_BOTH,18", "CHAIN_3_FROM_THE_MIDDLE,18", "CHAIN_3_OUTER_PASSED,16", "SPACE,16"})
  void placesOfASideByItsCorners(Corner corner, int places) {
    assertThat(new Motif("Square", 14, corner, 120).places()).isEqualTo(places);
  }

  @Test
  void aGapPartsALine() {
    Board board = new Board(MOTIF, List.of(at(1, 1), at(1, 2), at(1, 3), at(2, 1), at(2, 3)), false);
    Lines lines = Lines.of(board);
    assertThat(lines.lines()).extracting(Lines.Line::id).containsExactly(new LineId("row.1.1"), new LineId("row.1.3"), new LineId("column.1.1"), new LineId("column.2.1"));
    assertThat(lines.crossings()).isEmpty();
    assertThat(Ring.of(board).sides()).extracting(Ring.Side::way)
        .containsExactly(Ring.Way.LOWER, Ring.Way.RIGHT, Ring.Way.UPPER, Ring.Way.LEFT, Ring.Way.UPPER, Ring.Way.RIGHT, Ring.Way.UPPER, Ring.Way.LEFT);
  }

  @Test
  void holesAndLooseSquaresAreFound() {
    List<Square> ring = new ArrayList<>(Board.of(MOTIF, 3, 3).squares());
    ring.removeIf(square -> square.row() == 2 && square.column() == 2);
    assertThat(Ring.of(new Board(MOTIF, ring, false)).hole()).isPresent();
    assertThat(Ring.of(Board.of(MOTIF, 3, 3)).hole()).isEmpty();
    Board loose = new Board(MOTIF, List.of(at(1, 1), at(2, 2)), false);
    assertThat(loose.loose()).contains(at(2, 2));
    assertThat(Board.of(MOTIF, 3, 3).loose()).isEmpty();
  }

  /** Every join in exactly one line and, in every scheme, in exactly one pass; no scheme is below the bound, the fewest reaches it. */
  @Test
  void everyJoinIsWorkedOnce() {
    Random random = new Random(20261127);
    for (int round = 0; round < 200; round++) {
      Board board = random(random);
      Lines lines = Lines.of(board);
      Set<List<Place>> joins = new HashSet<>();
      lines.lines().forEach(line -> line.joins().forEach(join -> assertThat(joins.add(List.of(join.before(), join.after()))).isTrue()));
      Set<Place> places = board.byPlace().keySet();
      long pairs = places.stream().mapToLong(p -> (places.contains(new Place(p.row() + 1, p.column())) ? 1 : 0) + (places.contains(new Place(p.row(), p.column() + 1)) ? 1 : 0)).sum();
      assertThat(joins).hasSize((int) pairs);
      Scheme.Bound bound = Scheme.bound(lines);
      for (Scheme scheme : Scheme.all(lines)) {
        List<List<Place>> worked = new ArrayList<>();
        scheme.passes().forEach(pass -> {
          for (int i = 1; i < pass.through().size(); i++) {
            worked.add(sorted(pass.through().get(i - 1), pass.through().get(i)));
          }
        });
        assertThat(worked).as(scheme.name() + " of round " + round).doesNotHaveDuplicates().hasSize((int) pairs);
        assertThat(scheme.passes().size()).isGreaterThanOrEqualTo(bound.passes());
        if (scheme.name() == Name.FEWEST) {
          assertThat(scheme.passes()).hasSize(bound.passes());
        }
      }
    }
  }

  /** The ring of a board without holes is closed, and as long as the sides that no neighbour takes. */
  @Test
  void theRingGoesRoundEveryFreeSide() {
    Random random = new Random(7);
    for (int round = 0; round < 200; round++) {
      Board board = random(random);
      Ring ring = Ring.of(board);
      int free = 4 * board.squares().size() - 2 * Lines.of(board).joins();
      int walked = ring.sides().stream().mapToInt(side -> side.squares().size()).sum();
      if (ring.hole().isEmpty()) {
        assertThat(walked).isEqualTo(free);
      } else {
        assertThat(walked).isLessThan(free);
      }
      assertThat(ring.sides().stream().mapToInt(side -> side.way().dx() * side.squares().size()).sum()).isZero();
      assertThat(ring.sides().stream().mapToInt(side -> side.way().dy() * side.squares().size()).sum()).isZero();
    }
  }

  /** Squares that hang together, grown one after the other. */
  static Board random(Random random) {
    Map<Place, Square> squares = new HashMap<>();
    squares.put(new Place(5, 5), at(5, 5));
    int wanted = 1 + random.nextInt(25);
    while (squares.size() < wanted) {
      Place from = new ArrayList<>(squares.keySet()).get(random.nextInt(squares.size()));
      boolean up = random.nextBoolean();
      int step = random.nextBoolean() ? 1 : -1;
      Place next = new Place(Math.max(1, from.row() + (up ? step : 0)), Math.max(1, from.column() + (up ? 0 : step)));
      squares.putIfAbsent(next, at(next.row(), next.column()));
    }
    return new Board(MOTIF, List.copyOf(squares.values()), random.nextBoolean());
  }

  private static Square at(int row, int column) {
    return new Square(row, column, Optional.empty(), 0, false, Optional.empty());
  }

  private static List<Place> sorted(Place one, Place other) {
    return one.compareTo(other) < 0 ? List.of(one, other) : List.of(other, one);
  }

  private static Map<Name, Integer> passes(Lines lines) {
    Map<Name, Integer> passes = new HashMap<>();
    Scheme.all(lines).forEach(scheme -> passes.put(scheme.name(), scheme.passes().size()));
    return passes;
  }
}
