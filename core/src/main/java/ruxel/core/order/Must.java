package ruxel.core.order;

import java.util.ArrayList;
import java.util.List;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.BreadthFirstIterator;
import ruxel.core.glue.Contiguity;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/** Joins that come before a join because they bring two of its span ends to one point (handbook 13, model 4). */
record Must(Join join, List<Join> before, ResolvedSpan first, ResolvedSpan second) {

  /** All musts, also drawn into {@code graph}. What closes a band's ring is one where it does not wait for the band itself. */
  static List<Must> of(Contiguity contiguity, SimpleDirectedGraph<Join, DefaultEdge> graph) {
    List<Must> musts = new ArrayList<>();
    for (Contiguity.Need need : contiguity.needs()) {
      List<Join> by = need.by().orElse(List.of());
      if (!by.isEmpty()) {
        by.forEach(before -> graph.addEdge(before, need.join()));
        musts.add(new Must(need.join(), by, need.before(), need.after()));
      }
    }
    for (Contiguity.Ring ring : contiguity.rings()) {
      Join join = ring.seam().join();
      boolean wornOver = ring.seam().band().map(Side::other).filter(ring.side()::equals).isPresent();
      if (wornOver && ring.by().stream().noneMatch(before -> waits(before, join, graph))) {
        ring.by().forEach(before -> graph.addEdge(before, join));
        musts.add(new Must(join, ring.by(), ring.last(), ring.first()));
      }
    }
    return List.copyOf(musts);
  }

  private static boolean waits(Join join, Join forJoin, SimpleDirectedGraph<Join, DefaultEdge> graph) {
    BreadthFirstIterator<Join, DefaultEdge> reached = new BreadthFirstIterator<>(graph, forJoin);
    while (reached.hasNext()) {
      if (reached.next().equals(join)) {
        return true;
      }
    }
    return false;
  }
}
