package ruxel.core.seam;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;

/** A span on today's pieces: units {@code from} to {@code to} (exclusive) of an edge, in ring order. */
public record ResolvedSpan(Span span, Piece piece, int edgeIndex, int from, int to) {

  public Edge edge() {
    return piece.edges().get(edgeIndex);
  }

  public boolean isWholeEdge() {
    return from == 0 && to == edge().units();
  }

  public int units() {
    return to - from;
  }

  /** The runs it takes units of, in ring order. */
  public List<Run> runs() {
    return IntStream.range(from, to).mapToObj(edge()::runOfUnit).distinct().toList();
  }

  public boolean forward() {
    return span.along() == Span.Along.FORWARD;
  }

  /** The corner that its start or end in the seam's direction reaches, if that has chains or a space of its own. */
  public Optional<Corner> corner(boolean start) {
    boolean ringStart = start == forward();
    boolean reached = ringStart ? from == 0 : to == edge().units();
    return reached ? piece.cornerBehind(ringStart ? edgeIndex - 1 : edgeIndex) : Optional.empty();
  }

  /** The ring number of the unit that the seam meets as its {@code local}-th on this span. */
  public int unitAt(int local) {
    return forward() ? from + local : to - 1 - local;
  }

  /** Half units along the ring for half units along the seam from this span's start. */
  public int ringHalf(int localHalf) {
    return forward() ? 2 * from + localHalf : 2 * to - localHalf;
  }

  /** Half units along the seam for half units along the ring. */
  public int localHalf(int ringHalf) {
    return forward() ? ringHalf - 2 * from : 2 * to - ringHalf;
  }
}
