package ruxel.files;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import ruxel.core.piece.Outline;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;

/**
 * The pieces as they lie on the table, as an SVG picture to scale: one unit is one mm. Outlines, names and
 * counts in black only, so that it reads on a black-and-white print. The writer escapes all text.
 */
public final class GarmentSvg {
  private static final double MARGIN_MM = 20;
  private static final double TEXT_MM = 44;
  private static final double COUNT_MM = 32;
  private static final String SVG = "http://www.w3.org/2000/svg";

  private final GarmentPlan plan;
  private final XMLStreamWriter svg;

  private GarmentSvg(GarmentPlan plan, XMLStreamWriter svg) {
    this.plan = plan;
    this.svg = svg;
  }

  /** The picture as a document of its own. */
  public static String of(GarmentPlan plan) {
    StringWriter text = new StringWriter();
    try {
      XMLStreamWriter writer = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
      new GarmentSvg(plan, writer).write();
      writer.close();
    } catch (XMLStreamException e) {
      throw new IllegalStateException(e);
    }
    return text + "\n";
  }

  private void write() throws XMLStreamException {
    Outline.Box box = box();
    double width = box.width() + 2 * MARGIN_MM;
    double height = box.height() + 2 * MARGIN_MM;
    svg.writeStartElement("svg");
    svg.writeDefaultNamespace(SVG);
    attributes(
        "width", Long.toString(Math.round(width)), "height", Long.toString(Math.round(height)),
        "viewBox", String.join(" ", mm(box.left() - MARGIN_MM), mm(-box.top() - MARGIN_MM), mm(width), mm(height)),
        "font-family", "Sofia Sans Semi Condensed");
    svg.writeStartElement("title");
    svg.writeCharacters(XmlText.clean(plan.name()));
    svg.writeEndElement();
    for (PiecePlan piece : plan.pieces()) {
      piece(piece);
    }
    svg.writeEndElement();
  }

  private void piece(PiecePlan piece) throws XMLStreamException {
    StringBuilder path = new StringBuilder();
    for (Outline.Point corner : corners(piece)) {
      path.append(path.isEmpty() ? "M" : "L").append(mm(corner.x())).append(' ').append(mm(-corner.y()));
    }
    svg.writeEmptyElement("path");
    attributes("d", path.append('Z').toString(), "fill", "#ffffff", "stroke", "#000000", "stroke-width", "3");
    for (PiecePlan.EdgePlan edge : piece.edges()) {
      for (PiecePlan.RunPlan run : edge.runs()) {
        count(piece, run);
      }
    }
    text(Outline.Box.round(corners(piece)).middle(), TEXT_MM, true, piece.name());
  }

  /** The count of a run, a little inside its middle. */
  private void count(PiecePlan piece, PiecePlan.RunPlan run) throws XMLStreamException {
    double along = Math.hypot(run.dx(), run.dy());
    double x = run.x() + run.count() * run.dx() / 2 - run.dy() / along * COUNT_MM;
    double y = run.y() + run.count() * run.dy() / 2 + run.dx() / along * COUNT_MM;
    if (run.lengthMm() > 2 * COUNT_MM) {
      text(piece.placement().onTable(new Outline.Point(x, y)), COUNT_MM, false, Integer.toString(run.count()));
    }
  }

  private void text(Outline.Point at, double size, boolean bold, String words) throws XMLStreamException {
    svg.writeStartElement("text");
    attributes("x", mm(at.x()), "y", mm(-at.y() + size / 3), "font-size", mm(size), "text-anchor", "middle");
    if (bold) {
      attributes("font-weight", "700");
    }
    svg.writeCharacters(XmlText.clean(words));
    svg.writeEndElement();
  }

  private void attributes(String... namesAndValues) throws XMLStreamException {
    for (int i = 0; i < namesAndValues.length; i += 2) {
      svg.writeAttribute(namesAndValues[i], namesAndValues[i + 1]);
    }
  }

  private static List<Outline.Point> corners(PiecePlan piece) {
    List<Outline.Point> corners = new ArrayList<>();
    for (PiecePlan.EdgePlan edge : piece.edges()) {
      edge.runs().forEach(run -> corners.add(piece.placement().onTable(new Outline.Point(run.x(), run.y()))));
    }
    return corners;
  }

  private Outline.Box box() {
    return Outline.Box.round(plan.pieces().stream().flatMap(piece -> corners(piece).stream()).toList());
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
