package ruxel.files;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import com.samskivert.mustache.Escapers;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.sheet.AssemblySheet;

/** The assembly sheet as PDF, A4, fonts embedded, readable in black and white. The template escapes all text. */
public final class SheetPdf {
  private static final String TEXT = "Sofia Sans Semi Condensed";
  private static final String DISPLAY = "Piazzolla";
  private static final Set<FSFontUseCase> EVERYWHERE = EnumSet.of(FSFontUseCase.DOCUMENT, FSFontUseCase.SVG);
  private static final Template PAGE =
      Mustache.compiler().withEscaper(text -> Escapers.HTML.escape(XmlText.clean(text))).compile(text("sheet.mustache"));

  static {
    // It would tell of each sheet what it loads and matches: words nobody asked for, where the server says what a maker should know.
    XRLog.setLoggingEnabled(false);
  }

  private SheetPdf() {}

  public static byte[] of(GarmentPlan plan) {
    try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
      PdfRendererBuilder builder = new PdfRendererBuilder();
      builder.useFastMode();
      builder.useSVGDrawer(new BatikSVGDrawer());
      builder.useFont(() -> resource("fonts/SofiaSansSemiCondensed-Regular.ttf"), TEXT, 400, FontStyle.NORMAL, true, EVERYWHERE);
      builder.useFont(() -> resource("fonts/SofiaSansSemiCondensed-Bold.ttf"), TEXT, 700, FontStyle.NORMAL, true, EVERYWHERE);
      builder.useFont(() -> resource("fonts/Piazzolla-Bold.ttf"), DISPLAY, 700, FontStyle.NORMAL, true);
      builder.withHtmlContent(page(plan), null);
      builder.toStream(out);
      builder.run();
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String page(GarmentPlan plan) {
    AssemblySheet sheet = AssemblySheet.of(plan);
    return PAGE.execute(Map.of("sheet", sheet, "style", text("sheet.css"), "picture", GarmentSvg.of(plan), "hasLook", !sheet.look().isEmpty()));
  }

  private static InputStream resource(String name) {
    return SheetPdf.class.getResourceAsStream(name);
  }

  private static String text(String name) {
    try (InputStream in = resource(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
