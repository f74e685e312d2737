package ruxel.core.glue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.Pseudograph;
import ruxel.core.identity.PieceId;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;

/**
 * Seams as lines (handbook 13): nodes are the points where a seam ends or meets another. {@code ways} holds for each glued seam
 * its points in its direction, both ends first and last.
 */
public record SeamGraph(Map<Join, List<Integer>> ways) {
  public SeamGraph {
    ways = Collections.unmodifiableMap(new LinkedHashMap<>(ways));
  }

  /** Nearly linear in the segments. */
  public static SeamGraph of(Gluing gluing, List<ResolvedSeam> seams) {
    return of(gluing, seams.stream().map(seam -> new Course(seam.join(), seam.a())));
  }

  /** Of joins of any kind. */
  public static SeamGraph ofJoins(Gluing gluing, List<GluedJoin> joins) {
    return of(gluing, joins.stream().map(join -> new Course(join.join(), join.a())));
  }

  private record Course(Join join, List<ResolvedSpan> along) {}

  private static SeamGraph of(Gluing gluing, Stream<Course> courses) {
    Points points = new Points(gluing);
    Map<List<Integer>, List<Segment>> onEdges = gluing.segments().stream().collect(Collectors.groupingBy(s -> List.of(s.face(), s.edge())));
    Map<PieceId, Integer> faces = new HashMap<>();
    for (int i = 0; i < gluing.faces().size(); i++) {
      faces.put(gluing.faces().get(i).id(), i);
    }
    Map<Join, List<Integer>> all = new LinkedHashMap<>();
    Map<Integer, Join> passed = new HashMap<>();
    Map<Integer, Boolean> shared = new HashMap<>();
    for (Course seam : courses.toList()) {
      List<Integer> way = new ArrayList<>();
      for (ResolvedSpan span : seam.along()) {
        for (Segment segment : along(span, onEdges.getOrDefault(List.of(faces.get(span.piece().id()), span.edgeIndex()), List.of()))) {
          if (segment.join().filter(seam.join()::equals).isPresent()) {
            int start = points.pointOf(span.forward() ? Points.start(segment.index()) : Points.end(segment.index()));
            int end = points.pointOf(span.forward() ? Points.end(segment.index()) : Points.start(segment.index()));
            if (way.isEmpty()) {
              way.add(start);
            }
            way.add(end);
          }
        }
      }
      if (!way.isEmpty()) {
        all.put(seam.join(), way);
        way.stream().distinct().forEach(point -> shared.merge(point, passed.put(point, seam.join()) != null, Boolean::logicalOr));
      }
    }
    all.replaceAll((join, way) -> nodes(way, shared));
    return new SeamGraph(all);
  }

  private static List<Segment> along(ResolvedSpan span, List<Segment> onEdge) {
    List<Segment> along = new ArrayList<>(onEdge.stream().filter(s -> s.fromHalf() >= 2 * span.from() && s.toHalf() <= 2 * span.to()).toList());
    along.sort((one, other) -> Integer.compare(one.fromHalf(), other.fromHalf()) * (span.forward() ? 1 : -1));
    return along;
  }

  /** The ends of a way, and where another seam meets it. */
  private static List<Integer> nodes(List<Integer> way, Map<Integer, Boolean> shared) {
    List<Integer> nodes = new ArrayList<>();
    for (int i = 0; i < way.size(); i++) {
      if (i == 0 || i == way.size() - 1 || shared.get(way.get(i))) {
        nodes.add(way.get(i));
      }
    }
    return List.copyOf(nodes);
  }

  public int start(Join join) {
    return ways.get(join).get(0);
  }

  public int end(Join join) {
    List<Integer> way = ways.get(join);
    return way.get(way.size() - 1);
  }

  /**
   * The fewest passes that could work all seams, if each could turn at every node: Σ over connected parts of max(1, odd nodes / 2),
   * with the odd nodes that are its witness.
   */
  public record Bound(int passes, List<Integer> odd) {}

  public Bound bound() {
    return bound(List.of());
  }

  /**
   * The same where plain rows lead from one seam to the next.
   *
   * @param rows seams that one row joins, in its order
   */
  public Bound bound(List<List<Join>> rows) {
    Pseudograph<Integer, DefaultEdge> graph = new Pseudograph<>(DefaultEdge.class);
    for (List<Integer> way : ways.values()) {
      way.forEach(graph::addVertex);
      for (int i = 1; i < way.size(); i++) {
        graph.addEdge(way.get(i - 1), way.get(i));
      }
    }
    for (List<Join> row : rows) {
      for (int i = 1; i < row.size(); i++) {
        if (ways.containsKey(row.get(i - 1)) && ways.containsKey(row.get(i))) {
          graph.addEdge(end(row.get(i - 1)), start(row.get(i)));
        }
      }
    }
    List<Integer> odd = graph.vertexSet().stream().filter(node -> graph.degreeOf(node) % 2 == 1).toList();
    int passes = new ConnectivityInspector<>(graph).connectedSets().stream().mapToInt(part -> Math.max(1, (int) part.stream().filter(odd::contains).count() / 2)).sum();
    return new Bound(passes, odd);
  }
}
