package ruxel.core.piece;

/** The shape of a face: drawn in a plane from its edges, or folded in two layers with the angles of these. */
public sealed interface Shape permits Outline, Folded {
  /** Inner angle in degrees at a position of an edge counted in half units: 2k a cut, 2k + 1 a middle. */
  double angleAt(int edgeIndex, int halfUnit);

  /** Area inside, of all layers together, positive when the ring runs counter-clockwise. */
  double areaMm2();
}
