package ruxel.core.board;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jgrapht.alg.util.UnionFind;
import ruxel.core.board.Lines.InnerJoin;
import ruxel.core.board.Lines.Line;
import ruxel.core.board.Square.Place;

/** The parts a board consists of while its lines are joined: how many squares hang together, the largest part first. */
public record Hanging(List<Integer> squares) {
  public Hanging {
    squares = List.copyOf(squares);
  }

  /** After each of the lines in the order they are joined; near linear in the squares, and the parts left after each line. */
  public static List<Hanging> afterEach(Board board, List<Line> inOrder) {
    Map<Place, Integer> sizes = new HashMap<>();
    board.squares().forEach(square -> sizes.put(square.place(), 1));
    UnionFind<Place> parts = new UnionFind<>(Set.copyOf(sizes.keySet()));
    List<Hanging> after = new ArrayList<>();
    for (Line line : inOrder) {
      for (InnerJoin join : line.joins()) {
        Place one = parts.find(join.before());
        Place other = parts.find(join.after());
        if (!one.equals(other)) {
          parts.union(one, other);
          int both = sizes.remove(one) + sizes.remove(other);
          sizes.put(parts.find(one), both);
        }
      }
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
