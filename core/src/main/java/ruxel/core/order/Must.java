package ruxel.core.order;

import java.util.ArrayList;
import java.util.List;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.BreadthFirstIterator;
import ruxel.core.glue.Contiguity;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/** Seams that come before a seam because they bring two of its span ends to one point (handbook 13, model 4). */
record Must(String seam, List<String> before, ResolvedSpan first, ResolvedSpan second) {

  /** All musts, also drawn into {@code graph}. What closes a band's ring is one where it does not wait for the band itself. */
  static List<Must> of(Contiguity contiguity, SimpleDirectedGraph<String, DefaultEdge> graph) {
    List<Must> musts = new ArrayList<>();
    for (Contiguity.Need need : contiguity.needs()) {
      List<String> by = need.by().orElse(List.of());
      if (!by.isEmpty()) {
        by.forEach(before -> graph.addEdge(before, need.seam()));
        musts.add(new Must(need.seam(), by, need.before(), need.after()));
      }
    }
    for (Contiguity.Ring ring : contiguity.rings()) {
      String seam = ring.seam().seam().id();
      boolean wornOver = ring.seam().band().map(Side::other).filter(ring.side()::equals).isPresent();
      if (wornOver && ring.by().stream().noneMatch(before -> waits(before, seam, graph))) {
        ring.by().forEach(before -> graph.addEdge(before, seam));
        musts.add(new Must(seam, ring.by(), ring.last(), ring.first()));
      }
    }
    return List.copyOf(musts);
  }

  private static boolean waits(String seam, String forSeam, SimpleDirectedGraph<String, DefaultEdge> graph) {
    BreadthFirstIterator<String, DefaultEdge> reached = new BreadthFirstIterator<>(graph, forSeam);
    while (reached.hasNext()) {
      if (reached.next().equals(seam)) {
        return true;
      }
    }
    return false;
  }
}
