package ruxel.core.seam;

import java.util.List;
import ruxel.core.identity.PieceId;

/** A point of a piece's outline: before a unit of an edge, by its number in ring order; the end of an edge is the start of the next. */
public record OutlinePoint(PieceId piece, int edge, int cut) {
  private static OutlinePoint at(ResolvedSpan span, int cut) {
    boolean isNext = cut == span.edge().units();
    return new OutlinePoint(span.piece().id(), isNext ? (span.edgeIndex() + 1) % span.piece().edges().size() : span.edgeIndex(), isNext ? 0 : cut);
  }

  /** Where a span starts, as its seam runs. */
  public static OutlinePoint before(ResolvedSpan span) {
    return at(span, span.forward() ? span.from() : span.to());
  }

  /** Where it ends. */
  public static OutlinePoint behind(ResolvedSpan span) {
    return at(span, span.forward() ? span.to() : span.from());
  }

  /** Where a side starts, or ends. */
  public static OutlinePoint of(List<ResolvedSpan> side, boolean start) {
    return start ? before(side.get(0)) : behind(side.get(side.size() - 1));
  }

  /** Whether two edges meet there. */
  public boolean isCorner() {
    return cut == 0;
  }
}
