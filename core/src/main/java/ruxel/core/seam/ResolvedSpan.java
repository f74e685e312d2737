package ruxel.core.seam;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Origin;
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
    List<Run> runs = new ArrayList<>();
    int start = 0;
    for (Run run : edge().runs()) {
      if (start < to && start + run.count() > from) {
        runs.add(run);
      }
      start += run.count();
    }
    return List.copyOf(runs);
  }

  /** Whether all units of a side are stitches of a row that is worked while it is joined. */
  public static boolean areLive(List<ResolvedSpan> side) {
    return side.stream().flatMap(span -> span.runs().stream()).allMatch(run -> run.origin().kind() == Origin.Kind.LIVE);
  }

  public boolean forward() {
    return span.along() == Span.Along.FORWARD;
  }

  /** The corner that its start or end in the seam's direction reaches, if that has chains or a space of its own. */
  public Optional<Corner> corner(boolean start) {
    boolean ringStart = start == forward();
    return piece.cornerAt(edgeIndex, ringStart ? from : to, ringStart);
  }

  /** Parted where two squares of a board meet, in the seam's direction. */
  List<ResolvedSpan> bySquares() {
    List<ResolvedSpan> parts = new ArrayList<>();
    int start = from;
    for (int cut = from + 1; cut < to; cut++) {
      if (piece.isBetweenSquares(edge(), cut)) {
        parts.add(new ResolvedSpan(span, piece, edgeIndex, start, cut));
        start = cut;
      }
    }
    parts.add(new ResolvedSpan(span, piece, edgeIndex, start, to));
    if (!forward()) {
      Collections.reverse(parts);
    }
    return parts;
  }

  /** Whether it goes on on the same edge where another one of its side ends. */
  public boolean goesOnFrom(ResolvedSpan before) {
    return piece.id().equals(before.piece.id()) && edgeIndex == before.edgeIndex && forward() == before.forward() && (forward() ? from == before.to : to == before.from);
  }

  /** How much of its unit's width a place takes on a square, where the corners take the rest; 1 elsewhere. */
  public double placeShare(Run run) {
    return piece.board().filter(board -> !run.origin().isEdging()).map(board -> (double) run.count() / board.motif().places(run.count())).orElse(1.0);
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
