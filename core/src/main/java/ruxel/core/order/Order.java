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
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.glue.Contiguity;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;

/**
 * The order of work (handbook 13): musts from contiguity, then the maker's own order where there is one, else
 * by the stage of each seam's role, left then right. A side no seam brings together,
 * and seams that wait for each other, are findings.
 */
public record Order(List<Step> steps, List<Finding> findings) {
  /**
   * @param wanted seams in the maker's order; those it does not name keep their usual neighbours, those that
   *     are not there are passed over
   */
  public static Order of(List<ResolvedSeam> resolved, Contiguity contiguity, List<SeamId> wanted) {
    return of(resolved, contiguity, wanted, Map.of(), List.of());
  }

  /**
   * The order of a maker, who may complete one side before the other.
   *
   * @param pieces which tell the sides apart
   * @param rows seams that one row joins, in its order
   */
  public static Order of(List<ResolvedSeam> resolved, Contiguity contiguity, Settings settings, List<Piece> pieces, List<List<Join>> rows) {
    boolean oneSide = settings.on(OwnSchool.class, School.SIDES).filter(own -> own.way() == School.Way.ONE_SIDE_COMPLETE).isPresent();
    return of(resolved, contiguity, settings.order(), oneSide ? Sides.of(resolved, pieces) : Map.of(), rows);
  }

  private static Order of(List<ResolvedSeam> resolved, Contiguity contiguity, List<SeamId> wanted, Map<Join, Integer> sides, List<List<Join>> rows) {
    Map<Join, Seam> seams = new HashMap<>();
    resolved.forEach(seam -> seams.put(seam.join(), seam.seam()));
    List<Finding> findings = new ArrayList<>();
    contiguity.needs().stream().filter(need -> need.by().isEmpty()).forEach(need -> findings.add(broken(seams.get(need.join()), need)));
    SimpleDirectedGraph<Join, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
    resolved.forEach(seam -> graph.addVertex(seam.join()));
    List<Must> musts = Must.of(contiguity, graph);
    Set<Join> circle = new CycleDetector<>(graph).findCycles();
    if (!circle.isEmpty()) {
      String names = String.join(" and ", circle.stream().map(join -> seams.get(join).name()).sorted().toList());
      findings.add(Finding.of(FindingCode.ORDER_CIRCLE, circle.iterator().next().where(), Fact.text("seams", names)));
      return new Order(List.of(), List.copyOf(findings));
    }
    List<Join> all = Leading.inRows(resolved.stream().map(ResolvedSeam::join).toList(), rows);
    List<Join> asWanted = wanted.stream().map(Join::seam).toList();
    Map<Join, SeamRole.Stage> stages = new HashMap<>();
    resolved.forEach(seam -> stages.put(seam.join(), stage(seam)));
    Comparator<Join> bySide = Comparator.comparing(join -> sides.getOrDefault(join, 0));
    Comparator<Join> byStage = bySide.thenComparing(stages::get);
    List<Join> usual = sorted(graph, byStage.thenComparing(places(all)));
    List<Join> sequence = sorted(graph, places(merged(usual, asWanted)));
    findings.addAll(unlawful(asWanted, musts, seams));
    return new Order(steps(sequence, new Reasons(sequence, usual, musts, contiguity.rings(), seams, stages, sides), musts), List.copyOf(findings));
  }

  /** As its role comes; but pieces joined stitch on stitch at their sides are panels still, which lie flat. */
  public static SeamRole.Stage stage(ResolvedSeam seam) {
    SeamRole.Stage usual = seam.seam().role().stage();
    return usual == SeamRole.Stage.CLOSING && seam.isStitchOnStitch() ? SeamRole.Stage.PANELS : usual;
  }

  /** Where the maker's order asks for a seam before one it waits for. */
  private static List<Finding> unlawful(List<Join> wanted, List<Must> musts, Map<Join, Seam> seams) {
    Set<Finding> findings = new LinkedHashSet<>();
    for (Must must : musts) {
      for (Join first : must.before()) {
        boolean bothNamed = wanted.contains(first) && wanted.contains(must.join());
        if (bothNamed && wanted.indexOf(first) > wanted.indexOf(must.join())) {
          findings.add(
              Finding.of(
                  FindingCode.ORDER_BROKEN, must.join().where(), Fact.text("seam", low(seams.get(must.join()))), Fact.text("first", low(seams.get(first)))));
        }
      }
    }
    return List.copyOf(findings);
  }

  private static String low(Seam seam) {
    return Wording.low(seam.name());
  }

  static List<Join> sorted(SimpleDirectedGraph<Join, DefaultEdge> graph, Comparator<Join> first) {
    List<Join> sequence = new ArrayList<>();
    new TopologicalOrderIterator<>(graph, first).forEachRemaining(sequence::add);
    return List.copyOf(sequence);
  }

  /** As they stand in a list. */
  static Comparator<Join> places(List<Join> list) {
    Map<Join, Integer> places = new HashMap<>();
    list.forEach(join -> places.put(join, places.size()));
    return Comparator.comparing(places::get);
  }

  /** The wanted order with those it does not name put behind their usual predecessors; what is not there is passed over. */
  public static <T> List<T> merged(List<T> usual, List<T> wanted) {
    List<T> merged = new ArrayList<>(wanted.stream().filter(usual::contains).distinct().toList());
    for (int i = 0; i < usual.size(); i++) {
      if (!merged.contains(usual.get(i))) {
        merged.add(i == 0 ? 0 : merged.indexOf(usual.get(i - 1)) + 1, usual.get(i));
      }
    }
    return merged;
  }

  private static List<Step> steps(List<Join> sequence, Reasons reasons, List<Must> musts) {
    List<Step> steps = new ArrayList<>();
    for (int i = 0; i < sequence.size(); i++) {
      Join join = sequence.get(i);
      List<Join> after = musts.stream().filter(must -> must.join().equals(join)).flatMap(must -> must.before().stream()).distinct().toList();
      steps.add(new Step(List.of(join), i + 1, after, reasons.of(i)));
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
    return "the %s of the %s".formatted(span.edge().name(), Wording.low(span.piece().name()));
  }
}
