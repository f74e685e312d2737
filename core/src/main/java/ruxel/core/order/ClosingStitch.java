package ruxel.core.order;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Points;
import ruxel.core.glue.Segment;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * One stitch that takes a little of every edge where three or more corners or seam ends meet (handbook
 * 10), after the last seam that reaches the point. It belongs to no seam's count.
 */
public record ClosingStitch(String afterSeam, List<String> pieces) {

  public static List<ClosingStitch> of(Gluing gluing, List<ResolvedSeam> seams, List<Step> steps) {
    List<ClosingStitch> stitches = new ArrayList<>();
    for (List<Integer> ends : new Points(gluing).all()) {
      Set<String> pieces = new LinkedHashSet<>();
      Set<String> reaching = new LinkedHashSet<>();
      int corners = 0;
      for (int end : ends) {
        Segment segment = gluing.segment(end / 2);
        segment.seam().ifPresent(reaching::add);
        boolean isStart = end % 2 == 0;
        if (isStart && isCornerOrSeamEnd(gluing, seams, segment)) {
          corners++;
          pieces.add(gluing.pieces().get(segment.piece()).name());
        }
      }
      if (corners >= 3) {
        last(steps, reaching).ifPresent(seam -> stitches.add(new ClosingStitch(seam, List.copyOf(pieces))));
      }
    }
    return List.copyOf(stitches);
  }

  private static boolean isCornerOrSeamEnd(Gluing gluing, List<ResolvedSeam> seams, Segment segment) {
    if (segment.fromHalf() == 0) {
      return true;
    }
    for (ResolvedSeam seam : seams) {
      for (Side side : Side.values()) {
        for (ResolvedSpan span : seam.side(side)) {
          boolean sameEdge = gluing.pieces().get(segment.piece()).equals(span.piece()) && span.edgeIndex() == segment.edge();
          if (sameEdge && (2 * span.from() == segment.fromHalf() || 2 * span.to() == segment.fromHalf())) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private static java.util.Optional<String> last(List<Step> steps, Set<String> reaching) {
    return steps.stream().map(Step::seam).filter(reaching::contains).reduce((first, second) -> second);
  }
}
