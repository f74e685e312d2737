package ruxel.core.order;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;
import ruxel.core.glue.SeamGraph;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.SeamRole.Stage;

/** Whole orders to choose from, none of which breaks a must (handbook 13); two that come to the same are one. */
public record Alternatives(List<Alternative> all) {
  private static final List<Stage> SIDES_FIRST = List.of(Stage.PANELS, Stage.CLOSING, Stage.HANGING, Stage.SET_IN_FLAT, Stage.FINISHING);
  /** Seams that run across others after those, so that a pass can come back through them. */
  private static final List<Stage> SLEEVES_LAST = List.of(Stage.PANELS, Stage.HANGING, Stage.CLOSING, Stage.SET_IN_FLAT, Stage.FINISHING);

  /** Ways to go about it. */
  public enum Name {
    SHOULDERS_FIRST("Shoulders first", "Pieces hang together, sleeves are set in flat, then the sides close; left, then right."),
    SIDES_FIRST("Sides first", "The body is closed first, and sleeves are set in round it."),
    ONE_SIDE_COMPLETE("One side complete", "All of one side, then all of the other."),
    FEWEST_PASSES("Fewest passes", "A seam begins where the one before it ended wherever it can, turned if need be.");

    private final String title;
    private final String words;

    Name(String title, String words) {
      this.title = title;
      this.words = words;
    }

    public String title() {
      return title;
    }

    public String words() {
      return words;
    }
  }

  /** An order with its passes. */
  public record Alternative(Name name, Passes passes) {}

  public Alternatives {
    all = List.copyOf(all);
  }

  /**
   * Quadratic in the seams.
   */
  public static Alternatives of(Order order, List<ResolvedSeam> resolved, List<Piece> pieces, SeamGraph graph, Leading thread) {
    List<Join> all = Leading.inRows(resolved.stream().map(ResolvedSeam::join).toList(), thread.rows());
    if (order.steps().isEmpty()) {
      return new Alternatives(List.of());
    }
    Map<Join, Stage> stages = new HashMap<>();
    resolved.forEach(seam -> stages.put(seam.join(), Order.stage(seam)));
    Map<Join, Integer> sides = Sides.of(resolved, pieces);
    Comparator<Join> byStage = Comparator.comparing(stages::get);
    Comparator<Join> listed = Order.places(all);
    Comparator<Join> sidesFirst = Comparator.comparingInt(join -> SIDES_FIRST.indexOf(stages.get(join)));
    Comparator<Join> sleevesLast = Comparator.comparingInt(join -> SLEEVES_LAST.indexOf(stages.get(join)));
    Comparator<Join> bySide = Comparator.comparing(sides::get);
    List<Alternative> found = new ArrayList<>();
    add(found, Name.SHOULDERS_FIRST, Passes.of(sorted(order, byStage.thenComparing(listed)), graph, thread));
    add(found, Name.SIDES_FIRST, Passes.of(sorted(order, sidesFirst.thenComparing(listed)), graph, thread));
    add(found, Name.ONE_SIDE_COMPLETE, Passes.of(sorted(order, bySide.thenComparing(byStage).thenComparing(listed)), graph, thread));
    Stream.concat(found.stream().map(alternative -> alternative.passes().sequence()), Stream.of(sorted(order, sleevesLast.thenComparing(listed))))
        .map(base -> FewestPasses.of(order, base, graph, thread))
        .min(Comparator.comparingInt(Passes::count))
        .filter(fewest -> found.stream().allMatch(other -> fewest.count() < other.passes().count()))
        .ifPresent(fewest -> found.add(new Alternative(Name.FEWEST_PASSES, fewest)));
    return new Alternatives(found);
  }

  private static void add(List<Alternative> found, Name name, Passes passes) {
    if (found.stream().noneMatch(other -> other.passes().sequence().equals(passes.sequence()))) {
      found.add(new Alternative(name, passes));
    }
  }

  private static List<Join> sorted(Order order, Comparator<Join> first) {
    SimpleDirectedGraph<Join, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
    order.steps().forEach(step -> step.joins().forEach(graph::addVertex));
    order.steps().forEach(step -> step.after().forEach(before -> step.joins().forEach(join -> graph.addEdge(before, join))));
    return Order.sorted(graph, first);
  }
}
