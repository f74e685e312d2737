package ruxel.core.match;

import ruxel.core.piece.Run;
import ruxel.core.seam.ResolvedSpan;

/**
 * What a seam makes of a unit (model 1): part {@code part} of {@code parts} of the unit, in the seam's
 * direction. Width in mm, scaled by the edge's measured length. A space worked round is one place that holds
 * whatever lies opposite. A corner's or seam's own place (see {@link ruxel.core.piece.UnitKind}) stands at the end
 * of its span, beside {@code unit}.
 */
public record Place(int spanIndex, ResolvedSpan span, int unit, Run run, int part, int parts, double widthMm, boolean space) {
  /** Whether it lies on a unit of the edge, not in a corner or on a seam. */
  public boolean isOfEdge() {
    return run.kind().isOfEdge();
  }
}
