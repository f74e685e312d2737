package ruxel.core.order;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.glue.SeamGraph;
import ruxel.core.seam.Join;

/**
 * Seams of an order that go on with one yarn: a seam that begins where an earlier one with the same yarn and tool ended takes its loop or
 * strand up. {@code turned} are seams worked from their other end.
 */
public record Passes(List<Join> sequence, Map<Join, Join> goesOnFrom, Set<Join> turned) {
  public Passes {
    sequence = List.copyOf(sequence);
    goesOnFrom = Map.copyOf(goesOnFrom);
    turned = Set.copyOf(turned);
  }

  /**
   * In the seams' own directions. Linear in the seams.
   */
  public static Passes of(List<Join> sequence, SeamGraph graph, Leading thread) {
    return of(sequence, graph, thread, Set.of());
  }

  static Passes of(List<Join> sequence, SeamGraph graph, Leading thread, Collection<Join> turned) {
    Map<List<?>, List<Join>> live = new HashMap<>();
    Map<Join, Join> goesOn = new HashMap<>();
    Join last = null;
    for (Join join : sequence) {
      Optional<?> with = thread.of().apply(join);
      if (with.isPresent() && graph.ways().containsKey(join)) {
        boolean isTurned = turned.contains(join);
        boolean alongRow = last != null && thread.goesOn(last, join);
        if (alongRow) {
          goesOn.put(join, last);
          live.values().forEach(waiting -> waiting.remove(goesOn.get(join)));
        }
        List<Join> waiting = live.getOrDefault(List.of(isTurned ? graph.end(join) : graph.start(join), with.get()), List.of());
        boolean beginsAnew = !isTurned && thread.anew().contains(join);
        if (!alongRow && !beginsAnew && !waiting.isEmpty()) {
          goesOn.put(join, waiting.remove(waiting.size() - 1));
        }
        live.computeIfAbsent(List.of(isTurned ? graph.start(join) : graph.end(join), with.get()), key -> new ArrayList<>()).add(join);
      }
      last = join;
    }
    return new Passes(sequence, goesOn, new HashSet<>(turned));
  }

  public int count() {
    return sequence.size() - goesOnFrom.size();
  }

  /** How many seams take up what another left. */
  public int goOn() {
    return goesOnFrom.size();
  }

  /** Whether a later seam takes up its yarn, so that it is not cut. */
  public Optional<Join> takenUpBy(Join join) {
    return goesOnFrom.entrySet().stream().filter(entry -> entry.getValue().equals(join)).map(Map.Entry::getKey).findFirst();
  }
}
