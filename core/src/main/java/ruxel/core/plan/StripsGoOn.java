package ruxel.core.plan;

import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import ruxel.core.glue.Points;
import ruxel.core.glue.SeamGraph;
import ruxel.core.identity.StripId;
import ruxel.core.method.Method;
import ruxel.core.order.Passes;
import ruxel.core.seam.Join;
import ruxel.core.strip.WorkedOn;
import ruxel.core.yarn.Yarn;

/**
 * Rounds that go on where a seam ends, on into the hem without cutting (handbook 4.10, 13): the seam ends on their edge where they begin, is worked
 * with a hook in their yarn, and nothing else takes that up.
 *
 * @param ending by the id of a strip the seam that ends where it begins
 */
record StripsGoOn(Map<StripId, Join> ending) {
  static StripsGoOn of(List<StripPlan> strips, Edgings edgings, SeamGraph graph) {
    Points points = new Points(edgings.assembly().gluing());
    Map<StripId, Join> ending = new HashMap<>();
    strips.stream().filter(strip -> strip.round() && !strip.rounds().isEmpty()).flatMap(strip -> edgings.strips().find(strip.id()).stream()).forEach(worked -> ending(worked, edgings, graph, points).ifPresent(join -> ending.put(worked.strip().id(), join)));
    return new StripsGoOn(ending);
  }

  /** A seam both ends of which lie on the edge may as well begin there. */
  private static Optional<Join> ending(WorkedOn worked, Edgings edgings, SeamGraph graph, Points points) {
    Set<Integer> on = new HashSet<>();
    edgings.opening(worked).stream().flatMap(opening -> opening.segments().stream()).forEach(segment -> on.addAll(List.of(points.pointOf(2 * segment), points.pointOf(2 * segment + 1))));
    return worked.line().before(0).crossed().stream().filter(graph.ways()::containsKey).filter(join -> on.contains(graph.end(join)) && !on.contains(graph.start(join))).findFirst();
  }

  /**
   * The seam each strip goes on from in an order of work.
   *
   * @param thread with what a seam is worked: its tool and its yarn
   * @param yarn of a strip
   */
  Map<StripId, Join> in(Passes passes, List<StripPlan> strips, Function<Join, Optional<?>> thread, Function<StripPlan, Optional<Yarn>> yarn) {
    Map<StripId, Join> goOn = new LinkedHashMap<>();
    for (StripPlan strip : strips) {
      Optional.ofNullable(ending.get(strip.id()))
          .filter(join -> passes.sequence().contains(join) && !passes.turned().contains(join) && passes.takenUpBy(join).isEmpty() && !goOn.containsValue(join))
          .filter(join -> thread.apply(join).equals(Optional.of(List.of(Method.Tool.HOOK, yarn.apply(strip).map(Yarn::id)))))
          .ifPresent(join -> goOn.put(strip.id(), join));
    }
    return goOn;
  }
}
