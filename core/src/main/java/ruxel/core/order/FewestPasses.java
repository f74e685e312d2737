package ruxel.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import ruxel.core.glue.SeamGraph;
import ruxel.core.seam.Join;

/** An order in which a seam begins where one before it ended wherever it can, turned if need be; found by looking one seam ahead. */
final class FewestPasses {
  private final SeamGraph graph;
  private final Function<Join, Optional<?>> thread;
  private final Map<Join, List<Join>> after = new HashMap<>();
  /** How many yarns wait at a node, by node and what they are. */
  private final Map<List<?>, Integer> waiting = new HashMap<>();
  private final Set<Join> turned = new HashSet<>();

  private FewestPasses(Order order, SeamGraph graph, Function<Join, Optional<?>> thread) {
    this.graph = graph;
    this.thread = thread;
    order.steps().forEach(step -> step.joins().forEach(join -> after.put(join, step.after())));
  }

  /** No must is broken; where nothing goes on, the next of {@code base} is begun. Quadratic in the seams. */
  static Passes of(Order order, List<Join> base, SeamGraph graph, Function<Join, Optional<?>> thread) {
    FewestPasses search = new FewestPasses(order, graph, thread);
    List<Join> sequence = search.sequence(base);
    return Passes.turnedToFewest(Passes.of(sequence, graph, thread, search.turned), graph, thread);
  }

  private List<Join> sequence(List<Join> base) {
    List<Join> left = new ArrayList<>(base);
    List<Join> sequence = new ArrayList<>();
    while (!left.isEmpty()) {
      List<Join> ready = left.stream().filter(join -> sequence.containsAll(after.get(join))).toList();
      // A ring comes back to where others still begin; a seam to an open edge does not.
      Join next =
          ready.stream().filter(join -> waits(join, true) || waits(join, false)).min(Comparator.comparing(join -> graph.start(join) != graph.end(join))).orElse(ready.get(0));
      work(next);
      left.remove(next);
      sequence.add(next);
    }
    return sequence;
  }

  private void work(Join join) {
    Optional<List<?>> start = end(join, true);
    if (start.isEmpty()) {
      return;
    }
    boolean turn = !waits(join, true) && waits(join, false);
    if (turn) {
      turned.add(join);
    }
    if (turn || waits(join, true)) {
      waiting.merge(end(join, !turn).orElseThrow(), -1, Integer::sum);
    }
    waiting.merge(end(join, turn).orElseThrow(), 1, Integer::sum);
  }

  private boolean waits(Join join, boolean atStart) {
    return end(join, atStart).filter(end -> waiting.getOrDefault(end, 0) > 0).isPresent();
  }

  /** A node with the yarn that would be taken up there. */
  private Optional<List<?>> end(Join join, boolean start) {
    return graph.ways().containsKey(join) ? thread.apply(join).map(yarn -> List.of(start ? graph.start(join) : graph.end(join), yarn)) : Optional.empty();
  }
}
