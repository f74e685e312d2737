package ruxel.core.glue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;

/**
 * What the gluing alone says of each connected part (model 4): points, segments (a glued pair once),
 * pieces, openings, handles, pieces that show their wrong side.
 */
public record Surface(List<Part> parts, int points, List<Opening> openings) {
  /**
   * @param handles empty when not every right side can be outside
   * @param turned pieces to turn over so that every right side is outside
   * @param twist a closed way of seams along which the right side changes, if it cannot be outside
   */
  public record Part(
      List<Integer> pieces,
      int points,
      int segments,
      int openings,
      Optional<Integer> handles,
      List<Integer> turned,
      List<String> twist) {
    public int euler() {
      return points - segments + pieces.size();
    }
  }

  public static Surface of(Gluing gluing) {
    Points points = new Points(gluing);
    List<Opening> openings = Openings.of(gluing);
    List<Part> parts = new ArrayList<>();
    for (List<Integer> pieces : Points.parts(gluing)) {
      parts.add(part(gluing, points, openings, pieces));
    }
    return new Surface(List.copyOf(parts), points.count(), openings);
  }

  private static Part part(Gluing gluing, Points points, List<Opening> openings, List<Integer> pieces) {
    Set<Integer> own = new HashSet<>(pieces);
    Set<Integer> ownPoints = new HashSet<>();
    int segments = 0;
    for (Segment segment : gluing.segments()) {
      if (own.contains(segment.piece())) {
        ownPoints.add(points.pointOf(Points.start(segment.index())));
        segments += segment.isFree() || segment.twin().getAsInt() > segment.index() ? 1 : 0;
      }
    }
    int open = (int) openings.stream().filter(o -> own.contains(gluing.segment(o.segments().get(0)).piece())).count();
    Colouring colouring = new Colouring(gluing, pieces);
    int euler = ownPoints.size() - segments + pieces.size();
    Optional<Integer> handles = colouring.twist.isEmpty() ? Optional.of((2 - open - euler) / 2) : Optional.empty();
    return new Part(List.copyOf(pieces), ownPoints.size(), segments, open, handles, colouring.turned(), colouring.twist);
  }

  public int handles() {
    return parts.stream().mapToInt(part -> part.handles().orElse(0)).sum();
  }

  /**
   * Colours the pieces of a part so that exactly the turned seams join different colours; the smaller
   * side is the one that is turned over.
   */
  private static final class Colouring {
    private final Gluing gluing;
    private final Map<Integer, Boolean> colour = new HashMap<>();
    private final Map<Integer, Segment> cameBy = new HashMap<>();
    private List<String> twist = List.of();

    Colouring(Gluing gluing, List<Integer> pieces) {
      this.gluing = gluing;
      Deque<Integer> open = new ArrayDeque<>();
      colour.put(pieces.get(0), false);
      open.add(pieces.get(0));
      while (!open.isEmpty() && twist.isEmpty()) {
        spread(open.remove(), open);
      }
    }

    private void spread(int piece, Deque<Integer> open) {
      for (Segment segment : gluing.segments()) {
        if (segment.piece() != piece || segment.isFree() || !twist.isEmpty()) {
          continue;
        }
        int other = gluing.segment(segment.twin().getAsInt()).piece();
        boolean wanted = colour.get(piece) != segment.turned();
        if (!colour.containsKey(other)) {
          colour.put(other, wanted);
          cameBy.put(other, segment);
          open.add(other);
        } else if (colour.get(other) != wanted) {
          twist = cycle(piece, other, segment);
        }
      }
    }

    /**
     * A closed walk: from where both pieces came from to the one, over the offending seam to the other, and back; each
     * step is the seam that is crossed.
     */
    private List<String> cycle(int one, int other, Segment closing) {
      List<String> fromOne = wayBack(one);
      List<String> fromOther = wayBack(other);
      while (!fromOne.isEmpty() && !fromOther.isEmpty() && last(fromOne).equals(last(fromOther))) {
        fromOne.remove(fromOne.size() - 1);
        fromOther.remove(fromOther.size() - 1);
      }
      List<String> cycle = new ArrayList<>(fromOne);
      Collections.reverse(cycle);
      cycle.add(closing.seam().orElseThrow());
      cycle.addAll(fromOther);
      return List.copyOf(cycle);
    }

    private static String last(List<String> list) {
      return list.get(list.size() - 1);
    }

    private List<String> wayBack(int piece) {
      List<String> way = new ArrayList<>();
      int here = piece;
      while (cameBy.containsKey(here)) {
        Segment segment = cameBy.get(here);
        way.add(segment.seam().orElseThrow());
        here = segment.piece();
      }
      return way;
    }

    List<Integer> turned() {
      if (!twist.isEmpty()) {
        return List.of();
      }
      List<Integer> plain = withColour(false);
      List<Integer> other = withColour(true);
      double difference = area(plain) - area(other);
      boolean otherIsSmaller = Math.abs(difference) < 1 ? !hasBack(other) : difference > 0;
      return otherIsSmaller ? other : plain;
    }

    private List<Integer> withColour(boolean wanted) {
      return colour.entrySet().stream().filter(e -> e.getValue() == wanted).map(Map.Entry::getKey).sorted().toList();
    }

    private double area(List<Integer> pieces) {
      return pieces.stream().mapToDouble(piece -> Math.abs(new Outline(gluing.pieces().get(piece)).areaMm2())).sum();
    }

    private boolean hasBack(List<Integer> pieces) {
      return pieces.stream().anyMatch(piece -> gluing.pieces().get(piece).part() == Piece.Part.BACK);
    }
  }
}
