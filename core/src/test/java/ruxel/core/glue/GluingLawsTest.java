package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Span;
import ruxel.testkit.OpeningTracer;

/** The laws of model 4 over random gluings, and openings against an independent tracer. */
class GluingLawsTest {
  static IntStream seeds() {
    return IntStream.rangeClosed(1, 80);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void holdOnRandomGluings(int seed) {
    Gluing gluing = random(new Random(seed));
    Set<Integer> free = new HashSet<>();
    for (Segment s : gluing.segments()) {
      assertThat(gluing.segment(s.next()).previous()).isEqualTo(s.index());
      if (s.isFree()) {
        free.add(s.index());
      } else {
        Segment twin = gluing.segment(s.twin().getAsInt());
        assertThat(twin.twin().getAsInt()).isEqualTo(s.index());
        assertThat(twin.index()).isNotEqualTo(s.index());
        assertThat(twin.turned()).isEqualTo(s.turned());
      }
    }
    for (int p = 0; p < gluing.faces().size(); p++) {
      int piece = p;
      double length = gluing.segments().stream().filter(s -> s.face() == piece).mapToDouble(gluing::lengthMm).sum();
      assertThat(length).isEqualTo(gluing.faces().get(p).edges().stream().mapToDouble(e -> e.gaugeLengthMm()).sum(), within(1e-6));
    }
    List<Integer> inOpenings = new ArrayList<>();
    Openings.of(gluing).forEach(opening -> inOpenings.addAll(opening.segments()));
    assertThat(inOpenings).doesNotHaveDuplicates().containsExactlyInAnyOrderElementsOf(free);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void openingsAndPointsAgreeWithTheTracer(int seed) {
    Gluing gluing = random(new Random(seed));
    int[] next = gluing.segments().stream().mapToInt(Segment::next).toArray();
    int[] twin = gluing.segments().stream().mapToInt(s -> s.twin().orElse(-1)).toArray();
    boolean[] turned = new boolean[next.length];
    gluing.segments().forEach(s -> turned[s.index()] = s.turned());
    OpeningTracer tracer = new OpeningTracer(next, twin, turned);
    List<Set<Integer>> own = Openings.of(gluing).stream().map(o -> (Set<Integer>) new HashSet<>(o.segments())).toList();
    assertThat(own).containsExactlyInAnyOrderElementsOf(tracer.openings());
    assertThat(new Points(gluing).count()).isEqualTo(tracer.corners());
    for (Surface.Part part : Surface.of(gluing).parts()) {
      part.handles().ifPresent(g -> assertThat(part.euler()).isEqualTo(2 - part.openings() - 2 * g));
    }
  }

  /** Up to five rectangles, their sixteen or more edges paired at random, some turned. */
  private static Gluing random(Random random) {
    List<Piece> pieces = new ArrayList<>();
    List<String[]> edges = new ArrayList<>();
    for (int p = 0; p < 1 + random.nextInt(5); p++) {
      pieces.add(Panels.rectangle(new PieceId("p" + p), 2 + random.nextInt(9), 2 + random.nextInt(9)));
      for (String edge : List.of("bottom", "right", "top", "left")) {
        edges.add(new String[] {"p" + p, edge});
      }
    }
    Collections.shuffle(edges, random);
    List<Seam> seams = new ArrayList<>();
    for (int i = 0; i + 1 < edges.size() - random.nextInt(edges.size()); i += 2) {
      seams.add(Panels.seam(new SeamId("s" + i), span(edges.get(i), random), span(edges.get(i + 1), random)));
    }
    List<ResolvedSeam> resolved = SeamResolver.resolve(pieces, seams).seams();
    assertThat(resolved).hasSameSizeAs(seams);
    return Glued.of(pieces, SeamMatch.all(resolved, HouseRules.USUAL)).gluing();
  }

  private static Span span(String[] edge, Random random) {
    return Panels.whole(new PieceId(edge[0]), edge[1], random.nextBoolean() ? Span.Along.FORWARD : Span.Along.BACKWARD);
  }
}
