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
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * Pieces glued along seams: polygons as half-edges (model 4). Built by one function, stored nowhere.
 *
 * <p>Laws, asserted over all segments in a test: twin of twin is the segment; a segment is not its own
 * twin; {@code turned} is equal on twins; next of previous is the segment; the segments of an edge add
 * up to it.
 *
 * <p>Building takes O(s log s) for s cuts.
 */
public record Gluing(List<Piece> pieces, List<Segment> segments) {
  public Gluing {
    pieces = List.copyOf(pieces);
    segments = List.copyOf(segments);
  }

  public static Gluing of(List<Piece> pieces, List<GluedSeam> seams) {
    return of(pieces, seams, List.of());
  }

  /**
   * @param unglued seams that are refused: their edges are cut where their spans end, and stay free
   */
  public static Gluing of(List<Piece> pieces, List<GluedSeam> seams, List<ResolvedSeam> unglued) {
    return new Builder(pieces, seams, unglued.stream().map(seam -> new GluedSeam(seam, List.of())).toList()).build();
  }

  /**
   * The same segments with only some seams joined yet: what is open then has the same lengths as if the pieces had been
   * cut for these seams alone. Linear in the segments.
   */
  public Gluing withOnly(Predicate<String> joined) {
    return new Gluing(pieces, segments.stream().map(segment -> segment.seam().filter(joined).isPresent() ? segment : segment.freed()).toList());
  }

  public Segment segment(int index) {
    return segments.get(index);
  }

  public Edge edgeOf(Segment segment) {
    return pieces.get(segment.piece()).edges().get(segment.edge());
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

  /** The segment of an edge that holds a half unit. */
  public Segment at(int piece, int edge, int half) {
    return segments.stream()
        .filter(s -> s.piece() == piece && s.edge() == edge && s.fromHalf() <= half && half < s.toHalf())
        .findFirst()
        .orElseThrow();
  }

  private static final class Builder {
    private record Key(int piece, int edge, int fromHalf) {}

    private record Glue(int twin, String seam, boolean turned) {}

    private final List<Piece> pieces;
    private final List<GluedSeam> seams;
    private final List<GluedSeam> unglued;
    private final Map<String, Integer> pieceIndex = new HashMap<>();
    private final List<List<TreeSet<Integer>>> cuts = new ArrayList<>();
    private final Map<Key, Integer> index = new HashMap<>();
    private final Map<Integer, Glue> glue = new HashMap<>();

    Builder(List<Piece> pieces, List<GluedSeam> seams, List<GluedSeam> unglued) {
      this.unglued = unglued;
      this.pieces = pieces;
      this.seams = seams;
      for (int p = 0; p < pieces.size(); p++) {
        pieceIndex.put(pieces.get(p).id(), p);
        List<TreeSet<Integer>> ofPiece = new ArrayList<>();
        for (Edge edge : pieces.get(p).edges()) {
          ofPiece.add(new TreeSet<>(List.of(0, 2 * edge.units())));
        }
        cuts.add(ofPiece);
      }
    }

    Gluing build() {
      for (GluedSeam seam : Stream.concat(seams.stream(), unglued.stream()).toList()) {
        stretches(seam, Side.A).forEach(this::cut);
        stretches(seam, Side.B).forEach(this::cut);
      }
      number();
      for (GluedSeam seam : seams) {
        join(seam);
      }
      return new Gluing(pieces, segments());
    }

    private record Stretch(int piece, int edge, int fromHalf, int toHalf, boolean forward) {}

    /** The parts of a side between its breaks and meetings, in the seam's direction. */
    private List<Stretch> stretches(GluedSeam seam, Side side) {
      TreeSet<Integer> marks = new TreeSet<>();
      seam.meetings().forEach(meeting -> marks.add(side == Side.A ? meeting.a() : meeting.b()));
      List<Stretch> stretches = new ArrayList<>();
      int before = 0;
      for (ResolvedSpan span : seam.seam().side(side)) {
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
          pieceIndex.get(span.piece().id()), span.edgeIndex(), Math.min(one, two), Math.max(one, two), span.forward());
    }

    private void cut(Stretch stretch) {
      TreeSet<Integer> ofEdge = cuts.get(stretch.piece()).get(stretch.edge());
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

    private void join(GluedSeam seam) {
      List<Stretch> a = stretches(seam, Side.A);
      List<Stretch> b = stretches(seam, Side.B);
      if (a.size() != b.size()) {
        throw new IllegalStateException(
            "Sides of %s fall into %d and %d parts".formatted(seam.seam().seam().id(), a.size(), b.size()));
      }
      for (int i = 0; i < a.size(); i++) {
        int one = indexOf(a.get(i));
        int two = indexOf(b.get(i));
        boolean turned = a.get(i).forward() == b.get(i).forward();
        glue.put(one, new Glue(two, seam.seam().seam().id(), turned));
        glue.put(two, new Glue(one, seam.seam().seam().id(), turned));
      }
    }

    private int indexOf(Stretch stretch) {
      return index.get(new Key(stretch.piece(), stretch.edge(), stretch.fromHalf()));
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
                    glued.map(Glue::seam),
                    glued.map(Glue::turned).orElse(false)));
          }
        }
      }
      return segments;
    }
  }
}
