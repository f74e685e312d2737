package ruxel.core.piece;

import java.util.List;

/** The shape of a face: drawn in a plane from its edges, or folded, with angles of its own. */
public sealed interface Shape permits Outline, Shape.Folded {
  /** Inner angle in degrees at a position of an edge counted in half units: 2k a cut, 2k + 1 a middle. */
  double angleAt(int edgeIndex, int halfUnit);

  /** Area inside, of all layers together, positive when the ring runs counter-clockwise. */
  double areaMm2();

  /**
   * Not plane, as a folded hexagon with six corners of 90°: the angle of the corner before each edge; within an edge of so
   * many units it is straight.
   */
  record Folded(List<Double> corners, List<Integer> units, double areaMm2) implements Shape {
    private static final double STRAIGHT = 180;

    public Folded {
      corners = List.copyOf(corners);
      units = List.copyOf(units);
    }

    @Override
    public double angleAt(int edgeIndex, int halfUnit) {
      if (halfUnit == 0) {
        return corners.get(edgeIndex);
      }
      return halfUnit == 2 * units.get(edgeIndex) ? corners.get((edgeIndex + 1) % corners.size()) : STRAIGHT;
    }
  }
}
