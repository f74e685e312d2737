package ruxel.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import org.jgrapht.traverse.TopologicalOrderIterator;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.glue.Contiguity;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;

/**
 * The order of work (handbook 13): musts from contiguity, then both shoulders, sleeves set in flat, side
 * and sleeve last, left then right. A side no seam brings together, and seams that wait for each other,
 * are findings.
 */
public record Order(List<Step> steps, List<Finding> findings) {
  private static final Map<SeamRole, Integer> RANK =
      Map.of(SeamRole.SHOULDER, 0, SeamRole.ARMHOLE, 1, SeamRole.SIDE, 2, SeamRole.SLEEVE, 2, SeamRole.SIDE_SLEEVE, 2);
  private static final int OTHER_RANK = 3;

  public static Order of(List<ResolvedSeam> seams, List<Contiguity.Need> needs) {
    Map<String, Seam> byId = new HashMap<>();
    seams.forEach(seam -> byId.put(seam.seam().id(), seam.seam()));
    List<Finding> findings = new ArrayList<>();
    SimpleDirectedGraph<String, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
    seams.forEach(seam -> graph.addVertex(seam.seam().id()));
    for (Contiguity.Need need : needs) {
      if (need.by().isEmpty()) {
        findings.add(broken(byId.get(need.seam()), need));
      }
      need.by().orElse(List.of()).forEach(before -> graph.addEdge(before, need.seam()));
    }
    Set<String> circle = new CycleDetector<>(graph).findCycles();
    if (!circle.isEmpty()) {
      String names = String.join(" and ", circle.stream().map(id -> byId.get(id).name()).sorted().toList());
      findings.add(Finding.of(FindingCode.ORDER_CIRCLE, Where.seam(circle.iterator().next()), Fact.text("seams", names)));
      return new Order(List.of(), List.copyOf(findings));
    }
    List<String> ids = seams.stream().map(seam -> seam.seam().id()).toList();
    Comparator<String> preferred =
        Comparator.comparingInt((String id) -> RANK.getOrDefault(byId.get(id).role(), OTHER_RANK)).thenComparingInt(ids::indexOf);
    List<Step> steps = new ArrayList<>();
    for (TopologicalOrderIterator<String, DefaultEdge> it = new TopologicalOrderIterator<>(graph, preferred); it.hasNext(); ) {
      Seam seam = byId.get(it.next());
      Set<String> after = new LinkedHashSet<>();
      needs.stream().filter(need -> need.seam().equals(seam.id())).forEach(need -> after.addAll(need.by().orElse(List.of())));
      steps.add(new Step(seam.id(), steps.size() + 1, List.copyOf(after), reasons(seam, needs, steps, byId)));
    }
    return new Order(List.copyOf(steps), List.copyOf(findings));
  }

  private static Finding broken(Seam seam, Contiguity.Need need) {
    return Finding.of(
        FindingCode.SIDE_BROKEN, Where.seam(seam.id()),
        Fact.text("seam", seam.name()), Fact.text("first", where(need.before())), Fact.text("second", where(need.after())));
  }

  private static String where(ruxel.core.seam.ResolvedSpan span) {
    return "the %s of the %s".formatted(span.edge().name(), span.piece().name().toLowerCase(java.util.Locale.ROOT));
  }

  private static List<Reason> reasons(Seam seam, List<Contiguity.Need> needs, List<Step> before, Map<String, Seam> byId) {
    List<Reason> reasons = new ArrayList<>();
    for (Contiguity.Need need : needs) {
      if (need.seam().equals(seam.id()) && need.by().isPresent()) {
        Reason reason =
            new Reason(Reason.Code.MAKES_POINT, need.by().get(), where(need.before()), where(need.after()));
        if (reasons.stream().noneMatch(other -> other.seams().equals(reason.seams()))) {
          reasons.add(reason);
        }
      }
    }
    switch (seam.role()) {
      case SHOULDER -> reasons.add(Reason.of(Reason.Code.SHOULDERS_FIRST));
      case ARMHOLE -> reasons.add(Reason.of(Reason.Code.FLAT_FIRST));
      case SIDE, SLEEVE, SIDE_SLEEVE -> reasons.add(Reason.of(Reason.Code.CLOSES_LAST));
      default -> {}
    }
    Optional<Step> last = before.isEmpty() ? Optional.empty() : Optional.of(before.get(before.size() - 1));
    last.filter(step -> byId.get(step.seam()).role() == seam.role())
        .ifPresent(step -> reasons.add(Reason.of(Reason.Code.LIKE_ITS_TWIN, step.seam())));
    return List.copyOf(reasons);
  }
}
