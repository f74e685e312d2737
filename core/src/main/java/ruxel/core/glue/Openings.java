package ruxel.core.glue;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.piece.Outline;

/**
 * Finds the openings: from a free segment to the next on its ring; while that is glued, across to its
 * twin and on to the twin's next (its previous, turning the way of travel, when the twin is turned).
 * Linear in the segments.
 */
public final class Openings {
  private final Gluing gluing;
  private final boolean[] seen;
  private final List<Outline> outlines;

  private Openings(Gluing gluing) {
    this.gluing = gluing;
    seen = new boolean[gluing.segments().size()];
    outlines = gluing.pieces().stream().map(Outline::new).toList();
  }

  public static List<Opening> of(Gluing gluing) {
    Openings openings = new Openings(gluing);
    List<Opening> found = new ArrayList<>();
    for (Segment segment : gluing.segments()) {
      if (segment.isFree() && !openings.seen[segment.index()]) {
        found.add(openings.trace(segment));
      }
    }
    return List.copyOf(found);
  }

  private Opening trace(Segment first) {
    List<Integer> segments = new ArrayList<>();
    List<Double> angles = new ArrayList<>();
    double length = 0;
    Segment here = first;
    boolean withRing = true;
    do {
      seen[here.index()] = true;
      segments.add(here.index());
      length += gluing.lengthMm(here);
      double angle = angle(here, withRing);
      here = step(here, withRing);
      while (!here.isFree()) {
        withRing = here.turned() != withRing;
        here = gluing.segment(here.twin().getAsInt());
        angle += angle(here, withRing);
        here = step(here, withRing);
      }
      angles.add(angle);
    } while (here.index() != first.index());
    return new Opening(segments, length, angles);
  }

  private Segment step(Segment segment, boolean withRing) {
    return gluing.segment(withRing ? segment.next() : segment.previous());
  }

  /** The piece's angle at the end of a segment that travel reaches. */
  private double angle(Segment segment, boolean withRing) {
    return outlines.get(segment.piece()).angleAt(segment.edge(), withRing ? segment.toHalf() : segment.fromHalf());
  }
}
