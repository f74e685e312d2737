package ruxel.core.strip;

import ruxel.core.identity.PieceId;
import ruxel.core.piece.UnitKind;

/**
 * Like units in a row, as an edging meets them: units {@code from} to {@code to} of an edge in ring order, along the ring or against
 * it; how long one is and all are once the piece is finished, mm; by how much the stretch bends between its ends, degrees, outward
 * bends above 0.
 *
 * @param heldBack rows held back that are there too when it is worked (handbook 3)
 */
public record Stretch(PieceId piece, String edge, int edgeIndex, int from, int to, boolean withRing, UnitKind kind, double unitMm, double bend, int heldBack) {
  public Stretch(PieceId piece, String edge, int edgeIndex, int from, int to, boolean withRing, UnitKind kind, double unitMm, double bend) {
    this(piece, edge, edgeIndex, from, to, withRing, kind, unitMm, bend, 0);
  }

  /** Where they lie. */
  EdgeUnits on() {
    return new EdgeUnits(piece, edge, from, to);
  }

  /** As they are now. */
  public int units() {
    return to - from;
  }

  /** What is picked up from. */
  public int finished() {
    return units() + heldBack;
  }

  /** How long each of them is, mm. */
  public double finishedMm() {
    return lengthMm() / finished();
  }

  public double lengthMm() {
    return units() * unitMm;
  }

  /** Whether a unit of its edge, that begins at a cut in ring order, is of it. */
  public boolean holds(PieceId onPiece, String onEdge, int cut) {
    return piece.equals(onPiece) && edge.equals(onEdge) && cut >= from && cut < to;
  }
}
