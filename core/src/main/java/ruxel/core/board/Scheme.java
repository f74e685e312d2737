package ruxel.core.board;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jgrapht.Graph;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.connectivity.ConnectivityInspector;
import org.jgrapht.alg.cycle.HierholzerEulerianCycle;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.Pseudograph;
import ruxel.core.board.Lines.InnerJoin;
import ruxel.core.board.Lines.Line;
import ruxel.core.board.Square.Place;

/** In which order and in how many passes the inner joins of a board are worked (handbook 13). Every join lies in just one pass. */
public record Scheme(Name name, List<Pass> passes) {
  /** How makers go about it. */
  public enum Name {
    ROWS_FIRST("Rows first", "Every line between two rows straight across, then every line between two columns over them.", false),
    COLUMNS_FIRST("Columns first", "Every line between two columns straight up, then every line between two rows over them.", true),
    STRIPS("Strips", "The squares of each column into a strip, then strip to strip.", false),
    FEWEST("Fewest passes", "As few passes as the corners allow, turning at crossings; the path shows the way.", false);

    private final String title;
    private final String words;
    private final boolean uprightFirst;

    Name(String title, String words, boolean uprightFirst) {
      this.title = title;
      this.words = words;
      this.uprightFirst = uprightFirst;
    }

    public String title() {
      return title;
    }

    public String words() {
      return words;
    }

    /** Whether a line is worked over others that were worked before it. */
    public boolean crosses(Line line) {
      return crosses(line.upright());
    }

    /** The same of all upright lines, or all that lie. */
    public boolean crosses(boolean upright) {
      return upright != uprightFirst;
    }
  }

  /** One continuous working: the corners of squares it goes through, one after the other, each a side further; a corner is named by the square whose upper right corner it is. */
  public record Pass(List<Place> through) {
    public Pass {
      through = List.copyOf(through);
    }

    public int joins() {
      return through.size() - 1;
    }
  }

  /** The fewest passes there could be, and the corners at which an odd number of joins end (its witness). */
  public record Bound(int passes, List<Place> odd) {}

  public Scheme {
    passes = List.copyOf(passes);
  }

  /** Near linear in the joins. */
  public static List<Scheme> all(Lines lines) {
    List<Line> lying = lines.lines().stream().filter(line -> !line.upright()).toList();
    List<Line> upright = lines.lines().stream().filter(Line::upright).toList();
    return List.of(
        new Scheme(Name.ROWS_FIRST, straight(Stream.concat(lying.stream(), upright.stream()))),
        new Scheme(Name.COLUMNS_FIRST, straight(Stream.concat(upright.stream(), lying.stream()))),
        new Scheme(Name.STRIPS, Stream.concat(lying.stream().flatMap(line -> line.joins().stream()).map(Scheme::single), straight(upright.stream()).stream()).toList()),
        new Scheme(Name.FEWEST, fewest(lines)));
  }

  private static List<Pass> straight(Stream<Line> lines) {
    return lines.map(Scheme::pass).toList();
  }

  private static Pass pass(Line line) {
    List<Place> through = new ArrayList<>();
    through.add(start(line.joins().get(0)));
    line.joins().forEach(join -> through.add(end(join)));
    return new Pass(through);
  }

  private static Pass single(InnerJoin join) {
    return new Pass(List.of(start(join), end(join)));
  }

  private static boolean isUpright(InnerJoin join) {
    return join.before().row() == join.after().row();
  }

  private static Place start(InnerJoin join) {
    Place before = join.before();
    return isUpright(join) ? new Place(before.row() - 1, before.column()) : new Place(before.row(), before.column() - 1);
  }

  private static Place end(InnerJoin join) {
    return join.before();
  }

  private static Graph<Place, DefaultEdge> graph(Lines lines) {
    Graph<Place, DefaultEdge> graph = new Pseudograph<>(DefaultEdge.class);
    for (Line line : lines.lines()) {
      for (InnerJoin join : line.joins()) {
        graph.addVertex(start(join));
        graph.addVertex(end(join));
        graph.addEdge(start(join), end(join));
      }
    }
    return graph;
  }

  /** Of the board alone, without the seams of the garment. */
  public static Bound bound(Lines lines) {
    Graph<Place, DefaultEdge> graph = graph(lines);
    List<Place> odd = odd(graph);
    Set<Place> isOdd = Set.copyOf(odd);
    int passes = parts(graph).stream().mapToInt(part -> Math.max(1, (int) part.stream().filter(isOdd::contains).count() / 2)).sum();
    return new Bound(passes, odd);
  }

  private static List<Set<Place>> parts(Graph<Place, DefaultEdge> graph) {
    return new ConnectivityInspector<>(graph).connectedSets();
  }

  private static List<Place> odd(Graph<Place, DefaultEdge> graph) {
    return graph.vertexSet().stream().filter(place -> graph.degreeOf(place) % 2 == 1).sorted().toList();
  }

  /** A closed walk over all joins of a part, odd corners tied in pairs, and cut where they are tied. */
  private static List<Pass> fewest(Lines lines) {
    Graph<Place, DefaultEdge> graph = graph(lines);
    List<Pass> passes = new ArrayList<>();
    for (Set<Place> part : parts(graph)) {
      Graph<Place, DefaultEdge> tied = new Pseudograph<>(DefaultEdge.class);
      part.forEach(tied::addVertex);
      graph.edgeSet().stream().filter(edge -> part.contains(graph.getEdgeSource(edge))).forEach(edge -> tied.addEdge(graph.getEdgeSource(edge), graph.getEdgeTarget(edge), edge));
      List<Place> odd = odd(tied);
      List<DefaultEdge> ties = new ArrayList<>();
      for (int i = 0; i + 1 < odd.size(); i += 2) {
        ties.add(tied.addEdge(odd.get(i), odd.get(i + 1)));
      }
      passes.addAll(parted(new HierholzerEulerianCycle<Place, DefaultEdge>().getEulerianCycle(tied), Set.copyOf(ties)));
    }
    return passes;
  }

  private static List<Pass> parted(GraphPath<Place, DefaultEdge> cycle, Set<DefaultEdge> ties) {
    List<DefaultEdge> edges = cycle.getEdgeList();
    List<Place> places = cycle.getVertexList();
    int from = 0;
    while (!ties.isEmpty() && !ties.contains(edges.get(from))) {
      from++;
    }
    List<Pass> passes = new ArrayList<>();
    List<Place> through = new ArrayList<>();
    for (int i = 0; i < edges.size(); i++) {
      int at = (from + i) % edges.size();
      if (ties.contains(edges.get(at))) {
        add(passes, through);
        through = new ArrayList<>();
      } else {
        if (through.isEmpty()) {
          through.add(places.get(at));
        }
        through.add(places.get(at + 1));
      }
    }
    add(passes, through);
    return passes;
  }

  private static void add(List<Pass> passes, List<Place> through) {
    if (!through.isEmpty()) {
      List<Place> way = new ArrayList<>(through);
      if (way.get(0).compareTo(way.get(way.size() - 1)) > 0) {
        Collections.reverse(way);
      }
      passes.add(new Pass(way));
    }
  }
}
