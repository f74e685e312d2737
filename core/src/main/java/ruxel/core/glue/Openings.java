package ruxel.core.glue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import ruxel.core.piece.Face;
import ruxel.core.piece.Shape;
import ruxel.core.seam.Join;

/**
 * Finds the openings: from a free segment to the next on its ring; while that is glued, across to its
 * twin and on to the twin's next (its previous, turning the way of travel, when the twin is turned).
 * Linear in the segments.
 */
public final class Openings {
  private final Gluing gluing;
  private final boolean[] seen;
  private final List<Shape> shapes;

  private Openings(Gluing gluing) {
    this.gluing = gluing;
    seen = new boolean[gluing.segments().size()];
    shapes = gluing.faces().stream().map(Face::shape).toList();
  }

  public static List<Opening> of(Gluing gluing) {
    Openings openings = new Openings(gluing);
    return openings.firsts().stream().map(openings::withAngles).toList();
  }

  private List<List<Integer>> firsts() {
    List<List<Integer>> found = new ArrayList<>();
    for (Segment segment : gluing.segments()) {
      if (segment.isFree() && !seen[segment.index()]) {
        found.add(loop(segment));
      }
    }
    return List.copyOf(found);
  }

  private List<Integer> loop(Segment first) {
    List<Integer> segments = loop(gluing, first.index(), index -> gluing.segment(index).isFree());
    segments.forEach(index -> seen[index] = true);
    return segments;
  }

  /** The free segments of an opening in the order of travel, where only some are free. */
  static List<Integer> loop(Gluing gluing, int first, IntPredicate isFree) {
    List<Integer> segments = new ArrayList<>();
    Segment here = gluing.segment(first);
    boolean withRing = true;
    do {
      segments.add(here.index());
      here = step(gluing, here, withRing);
      while (!isFree.test(here.index())) {
        withRing = here.turned() != withRing;
        here = step(gluing, gluing.segment(here.twin().getAsInt()), withRing);
      }
    } while (here.index() != first);
    return segments;
  }

  private Opening withAngles(List<Integer> loop) {
    List<Travelled> way = travel(loop.get(0));
    return new Opening(loop, way.stream().mapToDouble(each -> gluing.lengthMm(gluing.segment(each.segment()))).sum(), way.stream().map(Travelled::angle).toList());
  }

  /**
   * A free segment on the way round an opening: whether its ring is followed, the angle at its end, degrees, and the joins that end or
   * pass there.
   */
  public record Travelled(int segment, boolean withRing, double angle, List<Join> crossed) {
    public Travelled {
      crossed = List.copyOf(crossed);
    }
  }

  /** The way round the opening that a free segment lies on, from it. Linear in the segments. */
  public static List<Travelled> round(Gluing gluing, int first) {
    return new Openings(gluing).travel(first);
  }

  private List<Travelled> travel(int start) {
    List<Travelled> way = new ArrayList<>();
    Segment here = gluing.segment(start);
    boolean withRing = true;
    do {
      Segment free = here;
      boolean along = withRing;
      List<Join> crossed = new ArrayList<>();
      double angle = angle(here, withRing);
      here = step(here, withRing);
      while (!here.isFree()) {
        here.join().ifPresent(crossed::add);
        withRing = here.turned() != withRing;
        here = gluing.segment(here.twin().getAsInt());
        angle += angle(here, withRing);
        here = step(here, withRing);
      }
      way.add(new Travelled(free.index(), along, angle, crossed));
    } while (here.index() != start);
    return way;
  }

  private Segment step(Segment segment, boolean withRing) {
    return step(gluing, segment, withRing);
  }

  private static Segment step(Gluing gluing, Segment segment, boolean withRing) {
    return gluing.segment(withRing ? segment.next() : segment.previous());
  }

  /** The face's angle at the end of a segment that travel reaches. */
  private double angle(Segment segment, boolean withRing) {
    return shapes.get(segment.face()).angleAt(segment.edge(), withRing ? segment.toHalf() : segment.fromHalf());
  }
}
