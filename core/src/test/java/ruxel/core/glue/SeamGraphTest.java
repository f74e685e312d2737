package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.SeamResolver;

/** Seams as lines between nodes, held against a count of the glued segments that shares nothing with it. */
class SeamGraphTest {
  static List<Template> templates() {
    return Templates.all();
  }

  /** Every glued pair of segments is a line between two points; odd points and parts are counted by hand. */
  @ParameterizedTest
  @MethodSource("templates")
  void theBoundFollowsFromTheGluedSegmentsAlone(Template template) {
    Construct construct = ((Outcome.Good<Construct>) template.build(new Answers(Map.of()))).value();
    List<ResolvedSeam> seams = SeamResolver.resolve(construct.pieces(), construct.seams()).seams();
    Gluing gluing = Glued.of(construct.pieces(), SeamMatch.all(seams, HouseRules.USUAL)).gluing();
    int[] points = points(gluing);
    Map<Integer, Set<Integer>> neighbours = new HashMap<>();
    Map<Integer, Integer> lines = new HashMap<>();
    for (Segment segment : gluing.segments()) {
      if (!segment.isFree() && segment.index() < segment.twin().getAsInt()) {
        int one = points[2 * segment.index()];
        int other = points[2 * segment.index() + 1];
        lines.merge(one, 1, Integer::sum);
        lines.merge(other, 1, Integer::sum);
        neighbours.computeIfAbsent(one, key -> new HashSet<>()).add(other);
        neighbours.computeIfAbsent(other, key -> new HashSet<>()).add(one);
      }
    }
    int passes = 0;
    Set<Integer> seen = new HashSet<>();
    for (int start : neighbours.keySet()) {
      List<Integer> part = new ArrayList<>(seen.add(start) ? List.of(start) : List.of());
      for (int i = 0; i < part.size(); i++) {
        neighbours.get(part.get(i)).stream().filter(seen::add).forEach(part::add);
      }
      passes += part.isEmpty() ? 0 : Math.max(1, (int) part.stream().filter(point -> lines.get(point) % 2 == 1).count() / 2);
    }
    SeamGraph graph = SeamGraph.of(gluing, seams);
    assertThat(graph.bound().passes()).isEqualTo(passes).isLessThanOrEqualTo(seams.size());
    assertThat(graph.bound().odd()).hasSize((int) lines.values().stream().filter(count -> count % 2 == 1).count());
    for (Map.Entry<Join, List<Integer>> way : graph.ways().entrySet()) {
      assertThat(way.getValue()).as("%s has both its ends", way.getKey()).hasSizeGreaterThanOrEqualTo(2);
    }
  }

  /** Ends that meet get one number: each joins the next of its ring, and its twin's. */
  private static int[] points(Gluing gluing) {
    int[] of = new int[2 * gluing.segments().size()];
    for (int i = 0; i < of.length; i++) {
      of[i] = i;
    }
    boolean changed = true;
    while (changed) {
      changed = false;
      for (Segment segment : gluing.segments()) {
        int start = 2 * segment.index();
        changed |= meet(of, start + 1, 2 * segment.next());
        if (!segment.isFree()) {
          int twin = 2 * segment.twin().getAsInt();
          changed |= meet(of, start, segment.turned() ? twin : twin + 1);
          changed |= meet(of, start + 1, segment.turned() ? twin + 1 : twin);
        }
      }
    }
    return of;
  }

  private static boolean meet(int[] of, int one, int other) {
    int least = Math.min(of[one], of[other]);
    boolean changed = of[one] != least || of[other] != least;
    of[one] = least;
    of[other] = least;
    return changed;
  }
}
