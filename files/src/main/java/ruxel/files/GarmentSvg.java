package ruxel.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ruxel.core.piece.Outline;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;

/**
 * The pieces as they lie on the table, as an SVG picture to scale: one unit is one mm. Outlines, names and
 * counts in black only, so that it reads on a black-and-white print. Text is escaped.
 */
public final class GarmentSvg {
  private static final double MARGIN_MM = 20;
  private static final double TEXT_MM = 44;
  private static final double COUNT_MM = 32;

  private final GarmentPlan plan;
  private final StringBuilder svg = new StringBuilder();

  private GarmentSvg(GarmentPlan plan) {
    this.plan = plan;
  }

  /** The picture as a document of its own. */
  public static String of(GarmentPlan plan) {
    return new GarmentSvg(plan).write();
  }

  private String write() {
    Outline.Box box = box();
    double width = box.right() - box.left() + 2 * MARGIN_MM;
    double height = box.top() - box.bottom() + 2 * MARGIN_MM;
    line("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"%s %s %s %s\" font-family=\"Sofia Sans Semi Condensed\">"
        .formatted(Math.round(width), Math.round(height), mm(box.left() - MARGIN_MM), mm(-box.top() - MARGIN_MM), mm(width), mm(height)));
    line("<title>%s</title>".formatted(escaped(plan.name())));
    plan.pieces().forEach(this::piece);
    line("</svg>");
    return svg.toString();
  }

  private void piece(PiecePlan piece) {
    StringBuilder path = new StringBuilder();
    for (Outline.Point corner : corners(piece)) {
      path.append(path.isEmpty() ? "M" : "L").append(mm(corner.x())).append(' ').append(mm(-corner.y()));
    }
    line("<path d=\"%sZ\" fill=\"#ffffff\" stroke=\"#000000\" stroke-width=\"3\"/>".formatted(path));
    for (PiecePlan.EdgePlan edge : piece.edges()) {
      edge.runs().forEach(run -> count(piece, run));
    }
    Outline.Point middle = middle(corners(piece));
    text(middle, TEXT_MM, true, piece.name());
  }

  /** The count of a run, a little inside its middle. */
  private void count(PiecePlan piece, PiecePlan.RunPlan run) {
    double along = Math.hypot(run.dx(), run.dy());
    double x = run.x() + run.count() * run.dx() / 2 - run.dy() / along * COUNT_MM;
    double y = run.y() + run.count() * run.dy() / 2 + run.dx() / along * COUNT_MM;
    if (run.lengthMm() > 2 * COUNT_MM) {
      text(piece.placement().onTable(new Outline.Point(x, y)), COUNT_MM, false, Integer.toString(run.count()));
    }
  }

  private void text(Outline.Point at, double size, boolean bold, String words) {
    line("<text x=\"%s\" y=\"%s\" font-size=\"%s\" text-anchor=\"middle\"%s>%s</text>"
        .formatted(mm(at.x()), mm(-at.y() + size / 3), mm(size), bold ? " font-weight=\"700\"" : "", escaped(words)));
  }

  private static List<Outline.Point> corners(PiecePlan piece) {
    List<Outline.Point> corners = new ArrayList<>();
    for (PiecePlan.EdgePlan edge : piece.edges()) {
      edge.runs().forEach(run -> corners.add(piece.placement().onTable(new Outline.Point(run.x(), run.y()))));
    }
    return corners;
  }

  private Outline.Box box() {
    List<Outline.Point> all = plan.pieces().stream().flatMap(piece -> corners(piece).stream()).toList();
    return Outline.Box.round(all);
  }

  private static Outline.Point middle(List<Outline.Point> points) {
    return Outline.Box.round(points).middle();
  }

  private void line(String text) {
    svg.append(text).append('\n');
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }

  static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;").replace("\"", "&quot;");
  }
}
