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
import ruxel.core.seam.Join;

/**
 * What the gluing alone says of each connected part (model 4): points, segments (a glued pair once),
 * faces, openings, handles, faces that show their wrong side.
 */
public record Surface(List<Part> parts, int points, List<Opening> openings) {
  /**
   * @param handles empty when not every right side can be outside
   * @param turned faces to turn over so that every right side is outside
   * @param twist a closed way of seams along which the right side changes, if it cannot be outside
   */
  public record Part(
      List<Integer> faces,
      int points,
      int segments,
      int openings,
      Optional<Integer> handles,
      List<Integer> turned,
      List<Join> twist) {
    public int euler() {
      return points - segments + faces.size();
    }
  }

  public static Surface of(Gluing gluing) {
    Points points = new Points(gluing);
    List<Opening> openings = Openings.of(gluing);
    List<Part> parts = new ArrayList<>();
    for (List<Integer> faces : Points.parts(gluing)) {
      parts.add(part(gluing, points, openings, faces));
    }
    return new Surface(List.copyOf(parts), points.count(), openings);
  }

  private static Part part(Gluing gluing, Points points, List<Opening> openings, List<Integer> faces) {
    Set<Integer> own = new HashSet<>(faces);
    Set<Integer> ownPoints = new HashSet<>();
    int segments = 0;
    for (Segment segment : gluing.segments()) {
      if (own.contains(segment.face())) {
        ownPoints.add(points.pointOf(Points.start(segment.index())));
        segments += segment.isFree() || segment.twin().getAsInt() > segment.index() ? 1 : 0;
      }
    }
    int open = (int) openings.stream().filter(o -> own.contains(gluing.segment(o.segments().get(0)).face())).count();
    Colouring colouring = new Colouring(gluing, faces);
    int euler = ownPoints.size() - segments + faces.size();
    Optional<Integer> handles = colouring.twist.isEmpty() ? Optional.of((2 - open - euler) / 2) : Optional.empty();
    return new Part(List.copyOf(faces), ownPoints.size(), segments, open, handles, colouring.turned(), colouring.twist);
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
    private List<Join> twist = List.of();

    Colouring(Gluing gluing, List<Integer> faces) {
      this.gluing = gluing;
      Deque<Integer> open = new ArrayDeque<>();
      colour.put(faces.get(0), false);
      open.add(faces.get(0));
      while (!open.isEmpty() && twist.isEmpty()) {
        spread(open.remove(), open);
      }
    }

    private void spread(int face, Deque<Integer> open) {
      for (Segment segment : gluing.segments()) {
        if (segment.face() != face || segment.isFree() || !twist.isEmpty()) {
          continue;
        }
        int other = gluing.segment(segment.twin().getAsInt()).face();
        boolean wanted = colour.get(face) != segment.turned();
        if (!colour.containsKey(other)) {
          colour.put(other, wanted);
          cameBy.put(other, segment);
          open.add(other);
        } else if (colour.get(other) != wanted) {
          twist = cycle(face, other, segment);
        }
      }
    }

    /**
     * A closed walk: from where both pieces came from to the one, over the offending seam to the other, and back; each
     * step is the seam that is crossed.
     */
    private List<Join> cycle(int one, int other, Segment closing) {
      List<Join> fromOne = wayBack(one);
      List<Join> fromOther = wayBack(other);
      while (!fromOne.isEmpty() && !fromOther.isEmpty() && last(fromOne).equals(last(fromOther))) {
        fromOne.remove(fromOne.size() - 1);
        fromOther.remove(fromOther.size() - 1);
      }
      List<Join> cycle = new ArrayList<>(fromOne);
      Collections.reverse(cycle);
      cycle.add(closing.join().orElseThrow());
      cycle.addAll(fromOther);
      return List.copyOf(cycle);
    }

    private static Join last(List<Join> list) {
      return list.get(list.size() - 1);
    }

    private List<Join> wayBack(int face) {
      List<Join> way = new ArrayList<>();
      int here = face;
      while (cameBy.containsKey(here)) {
        Segment segment = cameBy.get(here);
        way.add(segment.join().orElseThrow());
        here = segment.face();
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

    private double area(List<Integer> faces) {
      return faces.stream().mapToDouble(face -> Math.abs(gluing.faces().get(face).shape().areaMm2())).sum();
    }

    private boolean hasBack(List<Integer> faces) {
      return faces.stream().anyMatch(face -> gluing.faces().get(face).isBack());
    }
  }
}
