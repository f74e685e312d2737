package ruxel.core.glue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Face;
import ruxel.core.piece.Run;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * Faces glued along joins: polygons as half-edges (model 4). Built by one function, stored nowhere.
 *
 * <p>Laws, asserted over all segments in a test: twin of twin is the segment; a segment is not its own
 * twin; {@code turned} is equal on twins; next of previous is the segment; the segments of an edge add
 * up to it.
 *
 * <p>Building takes O(s log s) for s cuts.
 */
public record Gluing(List<Face> faces, List<Segment> segments) {
  public Gluing {
    faces = List.copyOf(faces);
    segments = List.copyOf(segments);
  }

  public static Gluing of(List<? extends Face> faces, List<GluedJoin> joins) {
    return of(faces, joins, List.of());
  }

  /**
   * @param unglued joins that are refused: their edges are cut where their spans end, and stay free
   */
  public static Gluing of(List<? extends Face> faces, List<GluedJoin> joins, List<GluedJoin> unglued) {
    return new Builder(faces, joins, unglued).build();
  }

  /**
   * The same segments with only some joins worked yet: what is open then has the same lengths as if the pieces had been
   * cut for these joins alone. Linear in the segments.
   */
  public Gluing withOnly(Predicate<Join> joined) {
    return new Gluing(faces, segments.stream().map(segment -> segment.join().filter(joined).isPresent() ? segment : segment.freed()).toList());
  }

  /** The number of a face; faces are told apart by their ids. */
  public int faceNumber(PieceId id) {
    for (int i = 0; i < faces.size(); i++) {
      if (faces.get(i).id().equals(id)) {
        return i;
      }
    }
    throw new IllegalArgumentException("Expected a face of the gluing (%s)".formatted(id));
  }

  public Segment segment(int index) {
    return segments.get(index);
  }

  public Edge edgeOf(Segment segment) {
    return faces.get(segment.face()).edges().get(segment.edge());
  }

  /** Length by gauge, scaled to the measured edge; rows held back count as worked. */
  public double lengthMm(Segment segment) {
    Edge edge = edgeOf(segment);
    double length = 0;
    int start = 0;
    for (Run run : edge.runs()) {
      int end = start + 2 * run.count();
      int halves = Math.min(end, segment.toHalf()) - Math.max(start, segment.fromHalf());
      length += Math.max(0, halves) * run.advance().lengthMm() * run.finishedCount() / run.count() / 2;
      start = end;
    }
    return length * edge.measuredScale();
  }

  /** The segment of an edge that holds a half unit; segments lie in the order of faces, edges and units. Logarithmic in the segments. */
  public Segment at(int face, int edge, int half) {
    int low = 0;
    int high = segments.size() - 1;
    while (low < high) {
      int middle = (low + high + 1) / 2;
      if (isBehind(segments.get(middle), face, edge, half)) {
        high = middle - 1;
      } else {
        low = middle;
      }
    }
    Segment found = segments.get(low);
    if (found.face() != face || found.edge() != edge || half < found.fromHalf() || half >= found.toHalf()) {
      throw new IllegalArgumentException("Expected a half unit of an edge (%d, %d, %d)".formatted(face, edge, half));
    }
    return found;
  }

  private static boolean isBehind(Segment segment, int face, int edge, int half) {
    if (segment.face() != face) {
      return segment.face() > face;
    }
    return segment.edge() != edge ? segment.edge() > edge : segment.fromHalf() > half;
  }

  private static final class Builder {
    private record Key(int face, int edge, int fromHalf) {}

    private record Glue(int twin, Join join, boolean turned) {}

    private final List<? extends Face> faces;
    private final List<GluedJoin> joins;
    private final List<GluedJoin> unglued;
    private final Map<PieceId, Integer> faceIndex = new HashMap<>();
    private final List<List<TreeSet<Integer>>> cuts = new ArrayList<>();
    private final Map<Key, Integer> index = new HashMap<>();
    private final Map<Integer, Glue> glue = new HashMap<>();

    Builder(List<? extends Face> faces, List<GluedJoin> joins, List<GluedJoin> unglued) {
      this.unglued = unglued;
      this.faces = faces;
      this.joins = joins;
      for (int p = 0; p < faces.size(); p++) {
        faceIndex.put(faces.get(p).id(), p);
        List<TreeSet<Integer>> ofFace = new ArrayList<>();
        for (Edge edge : faces.get(p).edges()) {
          ofFace.add(new TreeSet<>(List.of(0, 2 * edge.units())));
        }
        cuts.add(ofFace);
      }
    }

    Gluing build() {
      for (GluedJoin join : Stream.concat(joins.stream(), unglued.stream()).toList()) {
        stretches(join, Side.A).forEach(this::cut);
        stretches(join, Side.B).forEach(this::cut);
      }
      number();
      for (GluedJoin join : joins) {
        join(join);
      }
      return new Gluing(List.copyOf(faces), segments());
    }

    private record Stretch(int face, int edge, int fromHalf, int toHalf, boolean forward) {}

    /** The parts of a side between its breaks and meetings, in the seam's direction. */
    private List<Stretch> stretches(GluedJoin join, Side side) {
      TreeSet<Integer> marks = new TreeSet<>();
      join.meetings().forEach(meeting -> marks.add(side == Side.A ? meeting.a() : meeting.b()));
      List<Stretch> stretches = new ArrayList<>();
      int before = 0;
      for (ResolvedSpan span : join.side(side)) {
        int start = 0;
        int end = 2 * span.units();
        for (int mark : new ArrayList<>(marks.subSet(before + 1, before + end))) {
          stretches.add(stretch(span, start, mark - before));
          start = mark - before;
        }
        stretches.add(stretch(span, start, end));
        before += end;
      }
      return stretches;
    }

    private Stretch stretch(ResolvedSpan span, int localFrom, int localTo) {
      int one = span.ringHalf(localFrom);
      int two = span.ringHalf(localTo);
      return new Stretch(
          faceIndex.get(span.piece().id()), span.edgeIndex(), Math.min(one, two), Math.max(one, two), span.forward());
    }

    private void cut(Stretch stretch) {
      TreeSet<Integer> ofEdge = cuts.get(stretch.face()).get(stretch.edge());
      ofEdge.add(stretch.fromHalf());
      ofEdge.add(stretch.toHalf());
    }

    private void number() {
      for (int p = 0; p < cuts.size(); p++) {
        for (int e = 0; e < cuts.get(p).size(); e++) {
          TreeSet<Integer> ofEdge = cuts.get(p).get(e);
          for (int from : ofEdge.headSet(ofEdge.last())) {
            index.put(new Key(p, e, from), index.size());
          }
        }
      }
    }

    private void join(GluedJoin join) {
      List<Stretch> a = stretches(join, Side.A);
      List<Stretch> b = stretches(join, Side.B);
      if (a.size() != b.size()) {
        throw new IllegalStateException(
            "Sides of %s fall into %d and %d parts".formatted(join.join(), a.size(), b.size()));
      }
      for (int i = 0; i < a.size(); i++) {
        int one = indexOf(a.get(i));
        int two = indexOf(b.get(i));
        boolean turned = a.get(i).forward() == b.get(i).forward();
        glue.put(one, new Glue(two, join.join(), turned));
        glue.put(two, new Glue(one, join.join(), turned));
      }
    }

    private int indexOf(Stretch stretch) {
      return index.get(new Key(stretch.face(), stretch.edge(), stretch.fromHalf()));
    }

    private List<Segment> segments() {
      List<Segment> segments = new ArrayList<>();
      for (int p = 0; p < cuts.size(); p++) {
        int first = segments.size();
        int count = cuts.get(p).stream().mapToInt(ofEdge -> ofEdge.size() - 1).sum();
        for (int e = 0; e < cuts.get(p).size(); e++) {
          TreeSet<Integer> ofEdge = cuts.get(p).get(e);
          for (int from : ofEdge.headSet(ofEdge.last())) {
            int here = segments.size();
            Optional<Glue> glued = Optional.ofNullable(glue.get(here));
            segments.add(
                new Segment(
                    here, p, e, from, ofEdge.higher(from),
                    first + (here - first + 1) % count,
                    first + (here - first + count - 1) % count,
                    glued.map(g -> OptionalInt.of(g.twin())).orElse(OptionalInt.empty()),
                    glued.map(Glue::join),
                    glued.map(Glue::turned).orElse(false)));
          }
        }
      }
      return segments;
    }
  }
}
