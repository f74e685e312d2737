package ruxel.files;

import static ruxel.files.GarmentSvg.escaped;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.Set;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.sheet.AssemblySheet;

/** The assembly sheet as PDF, A4, fonts embedded, readable in black and white. All text is escaped. */
public final class SheetPdf {
  private static final String TEXT = "Sofia Sans Semi Condensed";
  private static final String DISPLAY = "Piazzolla";

  private static final Set<FSFontUseCase> EVERYWHERE = EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);

  private final StringBuilder html = new StringBuilder();

  private SheetPdf() {}

  public static byte[] of(GarmentPlan plan) {
    String page = new SheetPdf().page(AssemblySheet.of(plan), GarmentSvg.of(plan));
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useFastMode();
      builder.useSVGDrawer(new BatikSVGDrawer());
      builder.useFont(() -> resource("fonts/SofiaSansSemiCondensed-Regular.ttf"), TEXT, 400, FontStyle.NORMAL, true, EVERYWHERE);
      builder.useFont(() -> resource("fonts/SofiaSansSemiCondensed-Bold.ttf"), TEXT, 700, FontStyle.NORMAL, true, EVERYWHERE);
      builder.useFont(() -> resource("fonts/Piazzolla-Bold.ttf"), DISPLAY, 700, FontStyle.NORMAL, true);
      builder.withHtmlContent(page, null);
      builder.toStream(out);
      builder.run();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static InputStream resource(String name) {
    return SheetPdf.class.getResourceAsStream(name);
  }

  private static String style() {
    try (InputStream in = resource("sheet.css")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String page(AssemblySheet sheet, String picture) {
    html.append("<html><head><title>").append(escaped(sheet.title())).append("</title><style>").append(style());
    html.append("</style></head><body>");
    element("h1", sheet.title());
    element("p", sheet.about());
    html.append("<div class=\"picture\">").append(picture).append("</div>");
    if (!sheet.look().isEmpty()) {
      element("h2", "Look at this first");
      sheet.look().forEach(words -> element("p", words));
    }
    element("h2", "Pieces");
    sheet.pieces().forEach(this::piece);
    element("h2", "Seams, in order");
    sheet.steps().forEach(this::step);
    element("h2", "What stays open");
    sheet.openings().forEach(words -> element("p", words));
    element("h2", "Care");
    sheet.care().forEach(words -> element("p", words));
    return html.append("</body></html>").toString();
  }

  private void piece(AssemblySheet.PieceRow piece) {
    html.append("<p class=\"tick\"><span class=\"box\"></span><b>").append(escaped(piece.name())).append("</b>. ");
    html.append(escaped(String.join(" · ", piece.edges()))).append("</p>");
  }

  private void step(AssemblySheet.StepBlock step) {
    html.append("<div class=\"step\"><h3><span class=\"box\"></span>").append(step.number()).append(". ");
    html.append(escaped(step.title())).append("</h3>");
    step.first().forEach(words -> element("p", words));
    element("p", step.counts() + ". " + step.direction());
    element("p", step.method() + ". Yarn: ________________ " + step.yarn());
    element("p", step.ease());
    for (AssemblySheet.Rhythm rhythm : step.rhythms()) {
      html.append("<p>").append(escaped(rhythm.heading())).append(": <b>").append(escaped(rhythm.words())).append(".</b></p>");
    }
    if (!step.markers().isEmpty()) {
      html.append("<table><tr><th></th><th>Marker</th><th>First side</th><th>Second side</th></tr>");
      step.markers().forEach(this::marker);
      html.append("</table>");
    }
    step.closing().forEach(words -> element("p", words));
    html.append("</div>");
  }

  private void marker(AssemblySheet.Marker marker) {
    html.append("<tr><td><span class=\"box\"></span></td>");
    element("td", marker.number() + (marker.name().isEmpty() ? "" : ", " + marker.name()));
    element("td", marker.placeA());
    element("td", marker.placeB());
    html.append("</tr>");
  }

  private void element(String name, String words) {
    html.append('<').append(name).append('>').append(escaped(words)).append("</").append(name).append('>');
  }
}
