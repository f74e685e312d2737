package ruxel.core.glue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jgrapht.alg.util.UnionFind;

/**
 * Classes of segment ends that meet. End {@code 2i} is the start of segment i on its ring, {@code 2i + 1}
 * its end. Nearly linear in the segments.
 */
public final class Points {
  private final Gluing gluing;
  private final UnionFind<Integer> ends;

  public Points(Gluing gluing) {
    this.gluing = gluing;
    ends = new UnionFind<>(new java.util.LinkedHashSet<>(IntStream.range(0, 2 * gluing.segments().size()).boxed().toList()));
    for (Segment segment : gluing.segments()) {
      ends.union(end(segment.index()), start(segment.next()));
      segment.twin().ifPresent(twin -> glue(segment, twin));
    }
  }

  private void glue(Segment segment, int twin) {
    ends.union(start(segment.index()), segment.turned() ? start(twin) : end(twin));
    ends.union(end(segment.index()), segment.turned() ? end(twin) : start(twin));
  }

  static int start(int segment) {
    return 2 * segment;
  }

  static int end(int segment) {
    return 2 * segment + 1;
  }

  public int count() {
    return ends.numberOfSets();
  }

  public int pointOf(int end) {
    return ends.find(end);
  }

  /** Each point with the ends that meet there, in the order of the segments. */
  public List<List<Integer>> all() {
    Map<Integer, List<Integer>> byPoint = new LinkedHashMap<>();
    for (int end = 0; end < 2 * gluing.segments().size(); end++) {
      byPoint.computeIfAbsent(ends.find(end), key -> new ArrayList<>()).add(end);
    }
    return List.copyOf(byPoint.values());
  }

  /** Pieces hanging together, each part as sorted piece numbers. */
  public static List<List<Integer>> parts(Gluing gluing) {
    UnionFind<Integer> pieces =
        new UnionFind<>(new java.util.LinkedHashSet<>(IntStream.range(0, gluing.faces().size()).boxed().toList()));
    for (Segment segment : gluing.segments()) {
      segment.twin().ifPresent(twin -> pieces.union(segment.face(), gluing.segment(twin).face()));
    }
    Map<Integer, List<Integer>> parts = new HashMap<>();
    for (int piece = 0; piece < gluing.faces().size(); piece++) {
      parts.computeIfAbsent(pieces.find(piece), key -> new ArrayList<>()).add(piece);
    }
    return parts.values().stream().sorted(Comparator.comparing(part -> part.get(0))).toList();
  }
}
