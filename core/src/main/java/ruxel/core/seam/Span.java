package ruxel.core.seam;

import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;

/**
 * A stretch of an edge that a seam takes. The two cuts are in ring order; {@code along} says which way
 * the seam runs over it (model 1).
 */
public record Span(PieceId piece, String edge, Cut fromInclusive, Cut toExclusive, Along along) {
  /** With the ring, counter-clockwise from the right side, or against it. */
  public enum Along {
    FORWARD,
    BACKWARD;

    public Along opposite() {
      return this == FORWARD ? BACKWARD : FORWARD;
    }
  }

  /** Over the same stretch the other way. */
  public Span turned() {
    return new Span(piece, edge, fromInclusive, toExclusive, along.opposite());
  }

  /** The whole of one run. */
  public static Span ofRun(PieceId piece, String edge, String run, Along along) {
    return ofRuns(piece, edge, run, run, along);
  }

  /** The whole of an edge. */
  public static Span ofEdge(PieceId piece, Edge edge, Along along) {
    return ofRuns(piece, edge.id(), edge.runs().get(0).id(), edge.runs().get(edge.runs().size() - 1).id(), along);
  }

  /** From the start of one run to the end of a later one, in ring order. */
  public static Span ofRuns(PieceId piece, String edge, String first, String last, Along along) {
    return new Span(piece, edge, Cut.startOf(first), Cut.endOf(last), along);
  }
}
