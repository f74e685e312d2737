package ruxel.core.strip;

import ruxel.core.piece.UnitKind;

/**
 * Like units in a row, as an edging meets them: units {@code from} to {@code to} of an edge in ring order, along the ring or against
 * it; how long one is and all are once the piece is finished, mm; by how much the stretch bends between its ends, degrees, outward
 * bends above 0.
 */
public record Stretch(String piece, String edge, int edgeIndex, int from, int to, boolean withRing, UnitKind kind, double unitMm, double bend) {
  public int units() {
    return to - from;
  }

  public double lengthMm() {
    return units() * unitMm;
  }

  /** Whether a unit of its edge, that begins at a cut in ring order, is of it. */
  public boolean holds(String onPiece, String onEdge, int cut) {
    return piece.equals(onPiece) && edge.equals(onEdge) && cut >= from && cut < to;
  }
}
