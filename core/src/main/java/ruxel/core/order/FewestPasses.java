package ruxel.core.order;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.glue.SeamGraph;
import ruxel.core.seam.Join;

/** An order in which a seam begins where one before it ended wherever it can, turned if need be; found by looking one seam ahead. */
final class FewestPasses {
  private final Map<Join, List<Join>> after = new HashMap<>();
  private final Map<Join, Ends> ends = new HashMap<>();
  /** How many yarns wait at an end, by its number. */
  private final int[] waiting;
  /** How many seams that are still to come begin or end there. */
  private final int[] toCome;
  private final Set<Join> turned = new HashSet<>();

  /** The numbers of a seam's ends: a node and the yarn that would be taken up there have one. */
  private record Ends(int start, int end) {
    boolean isRing() {
      return start == end;
    }
  }

  private FewestPasses(Order order, SeamGraph graph, Leading thread) {
    order.steps().forEach(step -> step.joins().forEach(join -> after.put(join, step.after())));
    Map<List<Object>, Integer> numbers = new HashMap<>();
    for (Join join : graph.ways().keySet()) {
      thread.of().apply(join).ifPresent(yarn -> ends.put(join, new Ends(number(numbers, graph.start(join), yarn), number(numbers, graph.end(join), yarn))));
    }
    waiting = new int[numbers.size()];
    toCome = new int[numbers.size()];
    for (Ends own : ends.values()) {
      toCome[own.start()]++;
      toCome[own.end()]++;
    }
  }

  private static int number(Map<List<Object>, Integer> numbers, int node, Object yarn) {
    return numbers.computeIfAbsent(List.of(node, yarn), key -> numbers.size());
  }

  /** No must is broken; where nothing goes on, the next of {@code base} is begun. Quadratic in the seams. */
  static Passes of(Order order, List<Join> base, SeamGraph graph, Leading thread) {
    FewestPasses search = new FewestPasses(order, graph, thread);
    return Passes.of(search.sequence(base), graph, thread, search.turned);
  }

  private List<Join> sequence(List<Join> base) {
    List<Join> left = new ArrayList<>(base);
    Set<Join> sequence = new LinkedHashSet<>();
    while (!left.isEmpty()) {
      Join next = next(left, sequence);
      Optional.ofNullable(ends.get(next)).ifPresent(own -> work(next, own));
      left.remove(next);
      sequence.add(next);
    }
    return List.copyOf(sequence);
  }

  /** One that goes on, a ring first: it comes back to where others still begin; else the first that may be begun. */
  private Join next(List<Join> left, Set<Join> worked) {
    Join goesOn = null;
    Join begins = null;
    for (Join join : left) {
      if (worked.containsAll(after.get(join))) {
        begins = begins == null ? join : begins;
        Ends own = ends.get(join);
        boolean waits = own != null && (waiting[own.start()] > 0 || waiting[own.end()] > 0);
        if (waits && own.isRing()) {
          return join;
        }
        goesOn = waits && goesOn == null ? join : goesOn;
      }
    }
    return goesOn == null ? begins : goesOn;
  }

  private void work(Join join, Ends own) {
    toCome[own.start()]--;
    toCome[own.end()]--;
    boolean begins = waiting[own.start()] == 0 && waiting[own.end()] == 0;
    boolean turn = begins ? toCome[own.start()] > 0 && toCome[own.end()] == 0 : waiting[own.start()] == 0;
    if (turn) {
      turned.add(join);
    }
    if (!begins) {
      waiting[turn ? own.end() : own.start()]--;
    }
    waiting[turn ? own.start() : own.end()]++;
  }
}
