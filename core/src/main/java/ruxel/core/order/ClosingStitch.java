package ruxel.core.order;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Points;
import ruxel.core.glue.Segment;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * One stitch that takes a little of every edge where three or more corners or seam ends meet (handbook
 * 10), after the last join that reaches the point. It belongs to no join's count.
 */
public record ClosingStitch(Join after, At at, List<String> pieces) {
  /** Where the last join reaches the point: on a side, on one of its spans, so many half units along the edge of that. */
  public record At(Side side, int span, int half) {}

  public static List<ClosingStitch> of(Gluing gluing, List<ResolvedSeam> seams, List<Step> steps) {
    List<ClosingStitch> stitches = new ArrayList<>();
    for (List<Integer> ends : new Points(gluing).all()) {
      Set<String> pieces = new LinkedHashSet<>();
      Set<Join> reaching = new LinkedHashSet<>();
      int corners = 0;
      for (int end : ends) {
        Segment segment = gluing.segment(end / 2);
        segment.join().ifPresent(reaching::add);
        boolean isStart = end % 2 == 0;
        if (isStart && isCornerOrSeamEnd(gluing, seams, segment)) {
          corners++;
          pieces.add(gluing.faces().get(segment.face()).name());
        }
      }
      if (corners >= 3) {
        last(steps, reaching).flatMap(join -> at(gluing, seams, join, ends).map(at -> new ClosingStitch(join, at, List.copyOf(pieces)))).ifPresent(stitches::add);
      }
    }
    return List.copyOf(stitches);
  }

  private static Optional<At> at(Gluing gluing, List<ResolvedSeam> seams, Join join, List<Integer> ends) {
    ResolvedSeam seam = seams.stream().filter(each -> each.join().equals(join)).findFirst().orElseThrow();
    for (int end : ends) {
      Segment segment = gluing.segment(end / 2);
      int half = end % 2 == 0 ? segment.fromHalf() : segment.toHalf();
      for (Side side : Side.values()) {
        List<ResolvedSpan> spans = seam.side(side);
        for (int i = 0; i < spans.size(); i++) {
          ResolvedSpan span = spans.get(i);
          boolean isOn = gluing.faces().get(segment.face()).equals(span.piece()) && span.edgeIndex() == segment.edge() && 2 * span.from() <= segment.fromHalf() && segment.toHalf() <= 2 * span.to();
          if (isOn) {
            return Optional.of(new At(side, i, half));
          }
        }
      }
    }
    return Optional.empty();
  }

  private static boolean isCornerOrSeamEnd(Gluing gluing, List<ResolvedSeam> seams, Segment segment) {
    if (segment.fromHalf() == 0) {
      return true;
    }
    for (ResolvedSeam seam : seams) {
      for (Side side : Side.values()) {
        for (ResolvedSpan span : seam.side(side)) {
          boolean sameEdge = gluing.faces().get(segment.face()).equals(span.piece()) && span.edgeIndex() == segment.edge();
          if (sameEdge && (2 * span.from() == segment.fromHalf() || 2 * span.to() == segment.fromHalf())) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private static Optional<Join> last(List<Step> steps, Set<Join> reaching) {
    return steps.stream().flatMap(step -> step.joins().stream()).filter(reaching::contains).reduce((first, second) -> second);
  }
}
