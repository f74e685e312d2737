package ruxel.core.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jgrapht.alg.util.UnionFind;
import ruxel.core.board.Lines.Line;
import ruxel.core.board.Square.Place;

/** The parts a board consists of while its lines are joined: how many squares hang together, the largest part first. */
public record Hanging(List<Integer> squares) {
  public Hanging {
    squares = List.copyOf(squares);
  }

  /** After each of the lines in the order they are joined; lines times squares. */
  public static List<Hanging> afterEach(Board board, List<Line> inOrder) {
    UnionFind<Place> parts = new UnionFind<>(new HashSet<>(board.byPlace().keySet()));
    List<Hanging> after = new ArrayList<>();
    for (Line line : inOrder) {
      line.joins().forEach(join -> parts.union(join.before(), join.after()));
      Map<Place, Integer> sizes = new TreeMap<>();
      board.squares().forEach(square -> sizes.merge(parts.find(square.place()), 1, Integer::sum));
      after.add(new Hanging(sizes.values().stream().sorted(Comparator.reverseOrder()).toList()));
    }
    return after;
  }

  /** "6 parts of 2 squares, 18 loose". */
  public String words() {
    if (squares.size() == 1) {
      return "the board hangs together";
    }
    Map<Integer, Long> alike = squares.stream().collect(Collectors.groupingBy(size -> size, LinkedHashMap::new, Collectors.counting()));
    return alike.entrySet().stream()
        .map(
            each ->
                each.getKey() == 1 ? each.getValue() + " loose" : "%d %s of %d squares".formatted(each.getValue(), each.getValue() == 1 ? "part" : "parts", each.getKey()))
        .collect(Collectors.joining(", "));
  }
}
