package ruxel.core.glue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * Where two consecutive spans of a side meet, other seams must have made one point (model 4). These come
 * before the seam; that gives most of the order of work. A side whose two ends other seams bring to one point is a ring.
 */
public record Contiguity(List<Need> needs, List<Ring> rings) {
  /**
   * A border between two spans of a seam's side and the seams that bring both ends together; {@code by}
   * is empty when none do.
   */
  public record Need(Join join, ResolvedSpan before, ResolvedSpan after, Optional<List<Join>> by) {}

  /** A side whose ends other seams bring to one point, and those seams. */
  public record Ring(ResolvedSeam seam, Side side, ResolvedSpan last, ResolvedSpan first, List<Join> by) {}

  /** Of all seams. Quadratic in seams, linear in segments. */
  public static Contiguity of(Gluing gluing, List<ResolvedSeam> seams) {
    return new Contiguity(needs(gluing, seams), rings(gluing, seams));
  }

  private static List<Ring> rings(Gluing gluing, List<ResolvedSeam> seams) {
    List<Ring> rings = new ArrayList<>();
    for (ResolvedSeam seam : seams) {
      for (Side side : Side.values()) {
        List<ResolvedSpan> spans = seam.side(side);
        ResolvedSpan last = spans.get(spans.size() - 1);
        ResolvedSpan first = spans.get(0);
        shortestWay(gluing, seam.join(), endOf(gluing, last, false), endOf(gluing, first, true))
            .filter(by -> !by.isEmpty())
            .ifPresent(by -> rings.add(new Ring(seam, side, last, first, by)));
      }
    }
    return List.copyOf(rings);
  }

  private static List<Need> needs(Gluing gluing, List<ResolvedSeam> seams) {
    List<Need> needs = new ArrayList<>();
    for (ResolvedSeam seam : seams) {
      for (Side side : Side.values()) {
        List<ResolvedSpan> spans = seam.side(side);
        for (int i = 1; i < spans.size(); i++) {
          if (spans.get(i).goesOnFrom(spans.get(i - 1))) {
            continue;
          }
          int end = endOf(gluing, spans.get(i - 1), false);
          int start = endOf(gluing, spans.get(i), true);
          needs.add(
              new Need(seam.join(), spans.get(i - 1), spans.get(i), shortestWay(gluing, seam.join(), end, start)));
        }
      }
    }
    return List.copyOf(needs);
  }

  /** The segment end at which a span begins or ends in the seam's direction. */
  static int endOf(Gluing gluing, ResolvedSpan span, boolean atStart) {
    int piece = gluing.faceNumber(span.piece().id());
    boolean low = atStart == span.forward();
    int half = low ? 2 * span.from() : 2 * span.to() - 1;
    int segment = gluing.at(piece, span.edgeIndex(), half).index();
    return low ? Points.start(segment) : Points.end(segment);
  }

  /** The seams crossed on the shortest way round the point from one end to the other, without one seam. */
  private static Optional<List<Join>> shortestWay(Gluing gluing, Join without, int from, int to) {
    Map<Integer, Integer> cameFrom = new HashMap<>();
    Map<Integer, Join> crossed = new HashMap<>();
    Deque<Integer> open = new ArrayDeque<>(List.of(from));
    cameFrom.put(from, from);
    while (!open.isEmpty() && !cameFrom.containsKey(to)) {
      int here = open.remove();
      Segment segment = gluing.segment(here / 2);
      boolean isEnd = here % 2 == 1;
      int corner = isEnd ? Points.start(segment.next()) : Points.end(segment.previous());
      if (cameFrom.putIfAbsent(corner, here) == null) {
        open.addFirst(corner);
      }
      if (!segment.isFree() && !segment.join().orElseThrow().equals(without)) {
        int twin = segment.twin().getAsInt();
        int across = segment.turned() == isEnd ? Points.end(twin) : Points.start(twin);
        if (cameFrom.putIfAbsent(across, here) == null) {
          crossed.put(across, segment.join().orElseThrow());
          open.addLast(across);
        }
      }
    }
    return cameFrom.containsKey(to) ? Optional.of(wayBack(cameFrom, crossed, from, to)) : Optional.empty();
  }

  private static List<Join> wayBack(Map<Integer, Integer> cameFrom, Map<Integer, Join> crossed, int from, int to) {
    List<Join> way = new ArrayList<>();
    for (int here = to; here != from; here = cameFrom.get(here)) {
      if (crossed.containsKey(here) && !way.contains(crossed.get(here))) {
        way.add(0, crossed.get(here));
      }
    }
    return List.copyOf(way);
  }
}
