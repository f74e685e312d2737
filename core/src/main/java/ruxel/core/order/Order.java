package ruxel.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;

/**
 * The order of work (handbook 13): musts from contiguity, then the maker's own order where there is one, else
 * both shoulders, sleeves set in flat, side and sleeve last, left then right. A side no seam brings together,
 * and seams that wait for each other, are findings.
 */
public record Order(List<Step> steps, List<Finding> findings) {
  private static final Map<SeamRole, Integer> RANK =
      Map.of(SeamRole.SHOULDER, 0, SeamRole.ARMHOLE, 1, SeamRole.SIDE, 2, SeamRole.SLEEVE, 2, SeamRole.SIDE_SLEEVE, 2);
  private static final int OTHER_RANK = 3;

  /**
   * @param wanted seams in the maker's order; those it does not name keep their usual neighbours, those that
   *     are not there are passed over
   */
  public static Order of(List<ResolvedSeam> resolved, List<Contiguity.Need> needs, List<String> wanted) {
    Map<String, Seam> seams = new HashMap<>();
    resolved.forEach(seam -> seams.put(seam.seam().id(), seam.seam()));
    SimpleDirectedGraph<String, DefaultEdge> musts = new SimpleDirectedGraph<>(DefaultEdge.class);
    resolved.forEach(seam -> musts.addVertex(seam.seam().id()));
    List<Finding> findings = new ArrayList<>();
    for (Contiguity.Need need : needs) {
      if (need.by().isEmpty()) {
        findings.add(broken(seams.get(need.seam()), need));
      }
      need.by().orElse(List.of()).forEach(before -> musts.addEdge(before, need.seam()));
    }
    Set<String> circle = new CycleDetector<>(musts).findCycles();
    if (!circle.isEmpty()) {
      String names = String.join(" and ", circle.stream().map(id -> seams.get(id).name()).sorted().toList());
      findings.add(Finding.of(FindingCode.ORDER_CIRCLE, Where.seam(circle.iterator().next()), Fact.text("seams", names)));
      return new Order(List.of(), List.copyOf(findings));
    }
    List<String> ids = resolved.stream().map(seam -> seam.seam().id()).toList();
    Comparator<String> byRank = Comparator.comparingInt(id -> RANK.getOrDefault(seams.get(id).role(), OTHER_RANK));
    List<String> usual = sorted(musts, byRank.thenComparingInt(ids::indexOf));
    List<String> sequence = sorted(musts, Comparator.comparingInt(merged(usual, wanted)::indexOf));
    findings.addAll(unlawful(wanted, needs, seams));
    return new Order(steps(sequence, usual, needs, seams), List.copyOf(findings));
  }

  /** Where the maker's order asks for a seam before one it waits for. */
  private static List<Finding> unlawful(List<String> wanted, List<Contiguity.Need> needs, Map<String, Seam> seams) {
    Set<Finding> findings = new LinkedHashSet<>();
    for (Contiguity.Need need : needs) {
      for (String first : need.by().orElse(List.of())) {
        boolean bothNamed = wanted.contains(first) && wanted.contains(need.seam());
        if (bothNamed && wanted.indexOf(first) > wanted.indexOf(need.seam())) {
          findings.add(
              Finding.of(
                  FindingCode.ORDER_BROKEN, Where.seam(need.seam()), Fact.text("seam", low(seams.get(need.seam()))), Fact.text("first", low(seams.get(first)))));
        }
      }
    }
    return List.copyOf(findings);
  }

  private static String low(Seam seam) {
    return seam.name().toLowerCase(java.util.Locale.ROOT);
  }

  private static List<String> sorted(SimpleDirectedGraph<String, DefaultEdge> musts, Comparator<String> first) {
    List<String> sequence = new ArrayList<>();
    new TopologicalOrderIterator<>(musts, first).forEachRemaining(sequence::add);
    return List.copyOf(sequence);
  }

  /** The wanted order with the seams it does not name put behind their usual predecessors. */
  private static List<String> merged(List<String> usual, List<String> wanted) {
    List<String> merged = new ArrayList<>(wanted.stream().filter(usual::contains).distinct().toList());
    for (int i = 0; i < usual.size(); i++) {
      if (!merged.contains(usual.get(i))) {
        merged.add(i == 0 ? 0 : merged.indexOf(usual.get(i - 1)) + 1, usual.get(i));
      }
    }
    return merged;
  }

  private static List<Step> steps(
      List<String> sequence, List<String> usual, List<Contiguity.Need> needs, Map<String, Seam> seams) {
    Reasons reasons = new Reasons(sequence, usual, needs, seams);
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < sequence.size(); i++) {
      String seam = sequence.get(i);
      Set<String> after = new LinkedHashSet<>();
      needs.stream().filter(need -> need.seam().equals(seam)).forEach(need -> after.addAll(need.by().orElse(List.of())));
      steps.add(new Step(seam, i + 1, List.copyOf(after), reasons.of(i)));
    }
    return List.copyOf(steps);
  }

  private static Finding broken(Seam seam, Contiguity.Need need) {
    return Finding.of(
        FindingCode.SIDE_BROKEN, Where.seam(seam.id()),
        Fact.text("seam", seam.name()), Fact.text("first", where(need.before())), Fact.text("second", where(need.after())));
  }

  /** A span in words. */
  static String where(ResolvedSpan span) {
    return "the %s of the %s".formatted(span.edge().name(), span.piece().name().toLowerCase(java.util.Locale.ROOT));
  }
}
