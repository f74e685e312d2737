package ruxel.files;

import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import ruxel.core.piece.Outline;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.ColourPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;

/**
 * The pieces as they lie on the table, as an SVG picture to scale: one unit is one mm, edgings dashed outside. Outlines, names and
 * counts in black only, so that it reads on a black-and-white print. The writer escapes all text.
 */
public final class GarmentSvg {
  private static final double FOLDED_SHARE = 0.2;
  private static final double MARGIN_MM = 20;
  private static final double TEXT_MM = 44;
  private static final double COUNT_MM = 32;
  private static final String SVG = "http://www.w3.org/2000/svg";

  private final GarmentPlan plan;
  private final List<EdgingLine> edgings;
  /** How much of a piece's width its name may take, and how wide a letter is of its height. */
  private static final double NAME_SHARE = 0.86;
  private static final double LETTER_EM = 0.6;
  /** Where a name may lie, from the middle, as shares of the piece's height. */
  private static final List<Double> HEIGHTS = List.of(0.0, 0.08, -0.08, 0.16, -0.16, 0.24, -0.24);

  private final XMLStreamWriter svg;

  private GarmentSvg(GarmentPlan plan, XMLStreamWriter svg) {
    this.plan = plan;
    edgings = EdgingLine.of(plan);
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
    for (EdgingLine line : edgings) {
      edging(line);
    }
    svg.writeEndElement();
  }

  private void edging(EdgingLine line) throws XMLStreamException {
    svg.writeEmptyElement("path");
    attributes("d", path(line.points()), "fill", "none", "stroke", "#000000", "stroke-width", "2", "stroke-dasharray", "8 6");
    if (line.stitches().isPresent()) {
      text(line.label(), COUNT_MM, false, Integer.toString(line.stitches().get()));
    }
  }

  private static String path(List<Outline.Point> points) {
    StringBuilder path = new StringBuilder();
    for (Outline.Point point : points) {
      path.append(path.isEmpty() ? "M" : "L").append(mm(point.x())).append(' ').append(mm(-point.y()));
    }
    return path.toString();
  }

  private void piece(PiecePlan piece) throws XMLStreamException {
    outline(piece);
    Optional<BoardPlan> board = plan.boards().stream().filter(each -> each.id().piece().equals(piece.id())).findFirst();
    if (board.isPresent()) {
      squares(piece, board.get());
    } else {
      for (PiecePlan.EdgePlan edge : piece.edges()) {
        for (PiecePlan.RunPlan run : edge.runs()) {
          count(piece, run);
        }
      }
    }
    name(piece);
  }

  /** Of a folded piece the upper layer, under it the other one slid out, and the fold. */
  private void outline(PiecePlan piece) throws XMLStreamException {
    if (piece.folded().isEmpty()) {
      shape(corners(piece), "");
      return;
    }
    PiecePlan.FoldedPlan folded = piece.folded().get();
    Set<Outline.Point> onFold = folded.folds().stream().flatMap(List::stream).collect(Collectors.toSet());
    Outline.Point slide = folded.slide();
    List<Outline.Point> under = folded.layers().get(1).points().stream().map(at -> onFold.contains(at) ? at : new Outline.Point(at.x() + slide.x(), at.y() + slide.y())).toList();
    shape(onTable(piece, under), "6 4");
    shape(onTable(piece, folded.layers().get(0).points()), "");
    for (List<Outline.Point> fold : folded.folds()) {
      svg.writeEmptyElement("path");
      attributes("d", path(onTable(piece, fold)), "fill", "none", "stroke", "#000000", "stroke-width", "6", "stroke-dasharray", "18 6 3 6");
    }
  }

  private void shape(List<Outline.Point> points, String dashes) throws XMLStreamException {
    svg.writeEmptyElement("path");
    attributes("d", path(points) + "Z", "fill", "#ffffff", "stroke", "#000000", "stroke-width", "3");
    if (!dashes.isEmpty()) {
      attributes("stroke-dasharray", dashes);
    }
  }

  private static List<Outline.Point> onTable(PiecePlan piece, List<Outline.Point> points) {
    return points.stream().map(piece.placement()::onTable).toList();
  }

  /** Each square with the name of its colourway, so that it is told without colours too. */
  private void squares(PiecePlan piece, BoardPlan board) throws XMLStreamException {
    double side = board.motif().sideMm();
    for (BoardPlan.SquarePlan square : board.cells()) {
      Outline.Point one = piece.placement().onTable(new Outline.Point(square.x(), square.y()));
      Outline.Point other = piece.placement().onTable(new Outline.Point(square.x() + side, square.y() + side));
      double left = Math.min(one.x(), other.x());
      double top = Math.max(one.y(), other.y());
      svg.writeEmptyElement("rect");
      attributes("x", mm(left), "y", mm(-top), "width", mm(side), "height", mm(side), "fill", "none", "stroke", "#000000", "stroke-width", "1");
      Optional<String> name = plan.colours().flatMap(colours -> colours.stock().stream().filter(stock -> square.colourway().equals(Optional.of(stock.id()))).findFirst()).map(ColourPlan.Stock::name);
      if (name.isPresent()) {
        double size = Math.min(COUNT_MM, side / (name.get().length() * LETTER_EM));
        text(new Outline.Point(left + side / 2, top - side / 4), size, false, name.get());
      }
    }
  }

  /** As large as its piece is wide, at the height nearest to the middle where it lies over no count. */
  private void name(PiecePlan piece) throws XMLStreamException {
    Outline.Box box = Outline.Box.round(corners(piece));
    double size = Math.min(TEXT_MM, NAME_SHARE * box.width() / (piece.name().length() * LETTER_EM));
    List<Outline.Point> counts = piece.edges().stream().flatMap(edge -> edge.runs().stream()).filter(GarmentSvg::isCounted).map(run -> inside(piece, run)).toList();
    // A hexagon folded to an L is whole above its fold only.
    Outline.Point middle = new Outline.Point(box.middle().x(), box.middle().y() + (piece.folded().isPresent() ? FOLDED_SHARE * box.height() : 0));
    double half = piece.name().length() * LETTER_EM * size / 2 + COUNT_MM;
    Outline.Point free =
        HEIGHTS.stream()
            .map(share -> new Outline.Point(middle.x(), middle.y() + share * box.height()))
            .filter(at -> counts.stream().noneMatch(count -> Math.abs(count.x() - at.x()) < half && Math.abs(count.y() - at.y()) < (size + COUNT_MM) / 2))
            .findFirst()
            .orElse(middle);
    text(free, size, true, piece.name());
  }

  /** What lies under a fold is told on paper by its words; a stitch on one leads nowhere. */
  private static boolean isCounted(PiecePlan.RunPlan run) {
    return !run.under() && Math.hypot(run.dx(), run.dy()) > 0 && run.lengthMm() > 2 * COUNT_MM;
  }

  private void count(PiecePlan piece, PiecePlan.RunPlan run) throws XMLStreamException {
    if (isCounted(run)) {
      text(inside(piece, run), COUNT_MM, false, Integer.toString(run.count()));
    }
  }

  /** A little inside the middle of a run. */
  private static Outline.Point inside(PiecePlan piece, PiecePlan.RunPlan run) {
    double along = Math.hypot(run.dx(), run.dy());
    double x = run.x() + run.count() * run.dx() / 2 - run.dy() / along * COUNT_MM;
    double y = run.y() + run.count() * run.dy() / 2 + run.dx() / along * COUNT_MM;
    return piece.placement().onTable(new Outline.Point(x, y));
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
    Stream<Outline.Point> ofEdgings = edgings.stream().flatMap(line -> Stream.concat(line.points().stream(), Stream.of(line.label())));
    return Outline.Box.round(Stream.concat(plan.pieces().stream().flatMap(piece -> corners(piece).stream()), ofEdgings).toList());
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
