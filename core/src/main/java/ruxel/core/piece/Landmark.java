package ruxel.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A named position on an edge (handbook 3): alone, or one of a row that comes back every {@code every}
 * units, {@code times} in all (stripes, repeats, ribs), and the marker that hangs there. Positions are cuts in ring order.
 */
public record Landmark(String id, String name, Kind kind, Cut first, int every, int times, Optional<Marker> marker) {
  public static final int MOST_TIMES = 500;

  /** What lies there. */
  public enum Kind {
    CENTRE,
    NOTCH,
    STRIPE,
    REPEAT,
    RIB,
    FOLD,
    /** Where a shoulder that is worked in steps goes up. */
    SHOULDER_STEP,
    /** Nothing but the marker itself. */
    MARKER;

    /** Whether it is meant to meet its like on the other side of a seam all along. */
    public boolean comesBack() {
      return this == STRIPE || this == REPEAT || this == RIB;
    }
  }

  public Landmark {
    if (times < 1 || times > MOST_TIMES || every < 0 || (times > 1 && every < 1)) {
      throw new IllegalArgumentException(
          "Expected 1 to %d times, each at least one unit on (%d times, every %d)".formatted(MOST_TIMES, times, every));
    }
  }

  public static Landmark once(String id, String name, Kind kind, Cut at) {
    return new Landmark(id, name, kind, at, 0, 1, Optional.empty());
  }

  /** Where it lies on the edge today; those beyond the edge's end are left out. Linear in times. */
  public List<Integer> cuts(Edge edge) {
    OptionalInt start = first.on(edge);
    List<Integer> cuts = new ArrayList<>();
    for (int i = 0; start.isPresent() && i < times; i++) {
      int cut = start.getAsInt() + i * every;
      if (cut <= edge.units()) {
        cuts.add(cut);
      }
    }
    return List.copyOf(cuts);
  }

  /** The mirror edge's landmark: the same places counted the other way round. */
  Landmark mirrored(Edge edge) {
    List<Integer> cuts = cuts(edge);
    if (cuts.isEmpty()) {
      return this;
    }
    int last = cuts.get(cuts.size() - 1);
    Cut cut = Cut.at(edge, last);
    Cut turned = new Cut(cut.run(), cut.offset(), cut.from() == Cut.End.START ? Cut.End.END : Cut.End.START);
    return new Landmark(id, name, kind, turned, every, cuts.size(), marker);
  }
}
