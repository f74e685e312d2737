package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;

class SheetPdfTest {
  private static GarmentPlan plan(String name) {
    Garment garment = Garment.of(name, new Recipe("drop-shoulder", new Answers(java.util.Map.of())));
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }

  @Test
  void thePaperSaysWhatTheSheetSaysInEmbeddedFonts() throws IOException {
    try (PDDocument pdf = Loader.loadPDF(SheetPdf.of(plan("Quay coat")))) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains("Quay coat", "Set in the left sleeve", "Left cuff", "Steam scalds");
      for (PDPage page : pdf.getPages()) {
        for (COSName name : page.getResources().getFontNames()) {
          assertThat(page.getResources().getFont(name).isEmbedded()).as(name.getName()).isTrue();
        }
      }
    }
  }

  @Test
  void wordsThatLookLikeMarkupStayWords() throws Exception {
    String hostile = "<script>\"&</script>";
    try (PDDocument pdf = Loader.loadPDF(SheetPdf.of(plan(hostile)))) {
      assertThat(new PDFTextStripper().getText(pdf)).contains(hostile);
    }
    Document svg =
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(GarmentSvg.of(plan(hostile)))));
    assertThat(svg.getElementsByTagName("script").getLength()).isZero();
    assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isEqualTo(hostile);
  }

  @Test
  void thePictureHasEveryPieceToScale() throws Exception {
    GarmentPlan plan = plan("Quay coat");
    Document svg =
        DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(GarmentSvg.of(plan))));
    assertThat(svg.getElementsByTagName("path").getLength()).isEqualTo(plan.pieces().size());
    List<Double> xs = new ArrayList<>();
    for (String part : svg.getElementsByTagName("path").item(0).getAttributes().getNamedItem("d").getNodeValue().split("[MLZ]")) {
      if (!part.isBlank()) {
        xs.add(Double.parseDouble(part.split(" ")[0]));
      }
    }
    double width = xs.stream().mapToDouble(x -> x).max().orElseThrow() - xs.stream().mapToDouble(x -> x).min().orElseThrow();
    assertThat(width).isCloseTo(plan.pieces().get(0).edges().get(0).lengthMm(), org.assertj.core.data.Offset.offset(0.2));
  }
}
