package ruxel.core.glue;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ruxel.core.seam.Join;

/**
 * What is open while a garment is joined, join after join: each changes only the openings that its segments lie on, so that a step
 * costs as much as these are long.
 */
public final class OpenMeanwhile {
  private final Gluing whole;
  private final boolean[] glued;
  /** The opening that each free segment lies on, by the lowest segment of it. */
  private final int[] openingOf;
  private final Map<Integer, List<Integer>> openings = new HashMap<>();
  /** Those of faces that hang together already. */
  private final TreeMap<Integer, List<Integer>> hanging = new TreeMap<>();
  private final Map<Join, List<Integer>> segments = new HashMap<>();

  /** Nothing is joined yet: each face's ring is open by itself. Linear in the segments. */
  public OpenMeanwhile(Gluing whole) {
    this.whole = whole;
    glued = new boolean[whole.segments().size()];
    openingOf = new int[glued.length];
    Map<Integer, Integer> firstOfFace = new HashMap<>();
    for (Segment segment : whole.segments()) {
      int first = firstOfFace.computeIfAbsent(segment.face(), face -> segment.index());
      openingOf[segment.index()] = first;
      openings.computeIfAbsent(first, key -> new ArrayList<>()).add(segment.index());
      segment.join().ifPresent(join -> segments.computeIfAbsent(join, key -> new ArrayList<>()).add(segment.index()));
    }
  }

  /** The openings among faces that hang together, each from its lowest segment in the order of travel. */
  public List<List<Integer>> open() {
    return List.copyOf(hanging.values());
  }

  int count() {
    return hanging.size();
  }

  /** These are joined too. */
  public void join(Collection<Join> joins) {
    BitSet touched = new BitSet();
    for (Join join : joins) {
      for (int segment : segments.getOrDefault(join, List.of())) {
        glued[segment] = true;
        touched.set(openingOf[segment]);
      }
    }
    BitSet free = new BitSet();
    touched.stream().forEach(
        opening -> {
          hanging.remove(opening);
          for (int segment : openings.remove(opening)) {
            free.set(segment, !glued[segment]);
          }
        });
    while (!free.isEmpty()) {
      List<Integer> loop = Openings.loop(whole, free.nextSetBit(0), segment -> !glued[segment]);
      int opening = loop.get(0);
      for (int segment : loop) {
        free.clear(segment);
        openingOf[segment] = opening;
      }
      openings.put(opening, loop);
      hanging.put(opening, loop);
    }
  }
}
