package ruxel.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.piece.Outline.Point;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.StripPlan;

/**
 * The outer edge of an edging along one stretch of a piece, as far out as the edging is high, on the table in mm; and its stitches, with
 * where they are written. Of edgings on edgings there is none: they lie on no piece; nor of rows that belong to
 * their piece: its outline has them.
 */
record EdgingLine(List<Point> points, Optional<Integer> stitches, Point label) {
  private static final double LABEL_MM = 30;

  static List<EdgingLine> of(GarmentPlan plan) {
    List<EdgingLine> lines = new ArrayList<>();
    for (StripPlan strip : plan.strips().stream().filter(each -> each.row().isEmpty()).toList()) {
      for (int i = 0; i < strip.inner().size(); i++) {
        StripPlan.InnerPlan inner = strip.inner().get(i);
        int stretch = i;
        Optional<Integer> stitches =
            strip.rounds().stream()
                .limit(1)
                .flatMap(round -> round.segments().stream())
                .filter(segment -> segment.stretch().equals(Optional.of(stretch)))
                .map(StripPlan.SegmentPlan::stitches)
                .findFirst();
        plan.pieces().stream()
            .filter(piece -> piece.id().equals(inner.piece()))
            .flatMap(piece -> piece.edges().stream().filter(edge -> edge.id().equals(inner.edge())).map(edge -> along(piece, edge, inner, strip.heightMm(), stitches)))
            .forEach(lines::add);
      }
    }
    return lines;
  }

  private static EdgingLine along(PiecePlan piece, PiecePlan.EdgePlan edge, StripPlan.InnerPlan inner, double heightMm, Optional<Integer> stitches) {
    List<Point> points = new ArrayList<>();
    Point label = new Point(0, 0);
    double middle = (inner.from() + inner.to()) / 2.0;
    int start = 0;
    for (PiecePlan.RunPlan run : edge.runs()) {
      int from = Math.max(start, inner.from());
      int to = Math.min(start + run.count(), inner.to());
      boolean leads = Math.hypot(run.dx(), run.dy()) > 0;
      if (from < to && leads) {
        points.add(outside(piece, run, from - start, heightMm));
        points.add(outside(piece, run, to - start, heightMm));
        if (from <= middle && middle <= to) {
          label = outside(piece, run, middle - start, heightMm + LABEL_MM);
        }
      }
      start += run.count();
    }
    return new EdgingLine(List.copyOf(points), stitches, label);
  }

  /** So many units along a run and so far to its right: rings go counter-clockwise, but on what lies under a fold. */
  private static Point outside(PiecePlan piece, PiecePlan.RunPlan run, double units, double mm) {
    double length = (run.under() ? -1 : 1) * Math.hypot(run.dx(), run.dy());
    return piece.placement().onTable(new Point(run.x() + units * run.dx() + mm * run.dy() / length, run.y() + units * run.dy() - mm * run.dx() / length));
  }
}
