package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.PieceChange;
import ruxel.core.change.SeamChange;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Lean;
import ruxel.core.piece.Marker;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.Surplus;

class GarmentFilesTest {
  private static final String CARDIGAN = Samples.text("cardigan.json");
  private static final String TUBE = Samples.text("tube.json");

  @ParameterizedTest
  @ValueSource(strings = {"cardigan.json", "tube.json", "tied-sleeve.json"})
  void readWriteReadIsIdentical(String name) {
    Garment first = good(Samples.text(name));
    String written = GarmentFiles.write(first);
    assertThat(good(written)).isEqualTo(first);
    assertThat(GarmentFiles.write(good(written))).isEqualTo(written);
  }

  static Stream<List<String>> broken() {
    return Stream.of(
        List.of("not json", "{", "NOT_JSON", "$"),
        List.of("other text", "[1, 2]", "WRONG_FORMAT", "$.format"),
        List.of("later version", CARDIGAN.replace("\"version\": 1", "\"version\": 3"), "LATER_VERSION", "$.version"),
        List.of("repeated key", CARDIGAN.replace("\"unit\"", "\"name\": \"x\", \"unit\""), "NOT_JSON", "$"),
        List.of("unknown field", CARDIGAN.replace("\"unit\"", "\"pocket\": 1, \"unit\""), "SCHEMA", "$"),
        List.of("reserved name", CARDIGAN.replace("\"unit\"", "\"strips\": [], \"unit\""), "SCHEMA", "$"),
        List.of("number as text", CARDIGAN.replace("\"backStitches\": 65", "\"backStitches\": \"many\""), "ANSWER_NOT_NUMBER", "$.recipe.answers.backStitches"),
        List.of("endless number", CARDIGAN.replace("\"backStitches\": 65", "\"backStitches\": 1e999"), "SCHEMA", "$.recipe.answers.backStitches"),
        List.of("fraction of a stitch", CARDIGAN.replace("\"backStitches\": 65", "\"backStitches\": 65.5"), "ANSWER_NOT_WHOLE", "$.recipe.answers.backStitches"),
        List.of("no pieces beside a recipe", CARDIGAN.replace("\"recipe\"", "\"pieces\": [], \"recipe\""), "SCHEMA", "$.pieces"),
        List.of("zero stitches", TUBE.replace("\"count\": 20", "\"count\": 0"), "SCHEMA", "$.pieces[0].edges[0].runs[0].count"),
        List.of("negative rows", TUBE.replace("\"count\": 30", "\"count\": -30"), "SCHEMA", "$.pieces[0].edges[1].runs[0].count"),
        List.of("too many", TUBE.replace("\"count\": 30", "\"count\": 5001"), "SCHEMA", "$.pieces[0].edges[1].runs[0].count"),
        List.of("missing count", TUBE.replace("\"count\": 30, ", ""), "SCHEMA", "$.pieces[0].edges[1].runs[0]"),
        List.of("repeated id", TUBE.replace("\"id\": \"top\"", "\"id\": \"bottom\""), "REPEATED_ID", "$.pieces[0].edges[2].id"),
        List.of("unknown piece", TUBE.replace("\"piece\": \"panel\", \"edge\": \"left\"", "\"piece\": \"hood\", \"edge\": \"left\""), "UNKNOWN_PIECE", "$.seams[0]"),
        List.of("unknown edge", TUBE.replace("\"edge\": \"left\"", "\"edge\": \"lift\""), "UNKNOWN_EDGE", "$.seams[0]"),
        List.of("a corner behind no edge", corners("[{\"behind\": \"hood\", \"kind\": \"CHAIN_1\"}]"), "UNKNOWN_EDGE", "$.pieces[0].corners[0].behind"),
        List.of("an unknown corner", corners("[{\"behind\": \"left\", \"kind\": \"CHAIN_9\"}]"), "SCHEMA", "$.pieces[0].corners[0].kind"),
        List.of("edging of no rows", CARDIGAN.replace("\"settings\": {", "\"settings\": {\"edgings\": [{\"piece\": \"back\", \"edge\": \"hem\", \"rows\": 0, \"rowMm\": 5, \"stitches\": 60}], "), "SCHEMA", "$.settings.edgings[0].rows"),
        List.of("a lean off the table", CARDIGAN.replace("\"settings\": {", "\"settings\": {\"leans\": [{\"piece\": \"back\", \"mm\": 1200}], "), "SCHEMA", "$.settings.leans[0].mm"),
        List.of("span off the edge", TUBE.replace("\"offset\": 0, \"end\": \"END\"", "\"offset\": 31, \"end\": \"END\""), "CUT_GONE", "$.seams[0]"),
        List.of("two claims on one unit", TUBE.replace("\"edge\": \"left\"", "\"edge\": \"right\""), "SPANS_OVERLAP", "$.seams[0]"));
  }

  private static String corners(String corners) {
    return TUBE.replaceFirst("\"edges\"", "\"corners\": " + corners + ", \"edges\"");
  }

  /** Whatever a maker tells of pieces, edges and seams is in the file and comes back the same. */
  @Test
  void everySettingComesBackTheSame() {
    Marker marker = new Marker(Marker.Purpose.STOP, "yellow", "");
    Outcome<Garment> told =
        Change.applyAll(
            good(CARDIGAN),
            List.of(
                new CountMade(new PieceId("back"), "hem", "hem", Optional.of(64)),
                new CountMade(new PieceId("back"), "hem", "hem", Optional.of(66), Counts.Source.AS_WORKED),
                new PieceChange.LeanFound(new PieceId("back"), Optional.of(-4.5), true),
                new EdgeChange.CornerTold(new PieceId("back"), "hem", Optional.of(Corner.CHAIN_3_OUTER_PASSED)),
                new EdgingWorked(new PieceId("front.left"), "hem", 2, 6.5, 31),
                new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(570.5)),
                new EdgeChange.LandmarkPut(new PieceId("back"), "left", "m", "Stop", Landmark.Kind.MARKER, 20, 0, 1, Optional.of(marker)),
                new SeamChange.SeamWorked(new SeamId("armhole.left"), true, Surplus.TO_HIDDEN, 0.1, true, SideWorking.USUAL, SideWorking.USUAL),
                new SeamChange.AnchorPinned(new SeamId("armhole.left"), "own.bobble", "bobble row", 20, 12)));
    Garment garment = ((Outcome.Good<Garment>) told).value();
    assertThat(good(GarmentFiles.write(garment))).isEqualTo(garment);
  }

  @Test
  void cornersAndLeanOfAPieceInFullComeBackTheSame() {
    Garment garment = good(corners("[{\"behind\": \"left\", \"kind\": \"SPACE\"}], \"lean\": {\"mm\": -3.5, \"expected\": true}"));
    assertThat(garment.pieces().get(0).corners()).containsEntry("left", Corner.SPACE);
    assertThat(garment.pieces().get(0).lean()).contains(new Lean(-3.5, true));
    assertThat(good(GarmentFiles.write(garment))).isEqualTo(garment);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("broken")
  void namesThePlaceAndTheRemedy(List<String> sample) {
    Outcome<Garment> outcome = GarmentFiles.read(sample.get(1).getBytes(StandardCharsets.UTF_8));
    assertThat(outcome.findings())
        .as(sample.get(0))
        .anySatisfy(
            finding -> {
              assertThat(finding.code()).isEqualTo(FindingCode.valueOf(sample.get(2)));
              assertThat(finding.where().path()).contains(sample.get(3));
            });
  }

  @Test
  void tellsAllFindingsAtOnceAndCapsThem() {
    String two = CARDIGAN.replace("\"armholeRows\": 14", "\"armholeRows\": 90").replace("\"stitch\": \"DC\"", "\"stitch\": \"KNIT\"");
    assertThat(codes(two)).contains(FindingCode.ARMHOLE_TOO_LONG, FindingCode.ANSWER_NOT_CHOICE);
    StringBuilder many = new StringBuilder();
    for (int i = 0; i < 300; i++) {
      many.append("\"odd").append(i).append("\": 1, ");
    }
    List<FindingCode> capped = codes(CARDIGAN.replace("\"unit\"", many + "\"unit\""));
    assertThat(capped).hasSize(201).endsWith(FindingCode.MORE);
  }

  @Test
  void refusesWhatIsTooBigOrTooDeepBeforeReadingIt() {
    assertThat(GarmentFiles.read(new byte[GarmentFiles.MOST_BYTES + 1]).findings())
        .extracting(Finding::code)
        .containsExactly(FindingCode.TOO_BIG);
    assertThat(codes("[".repeat(60) + "]".repeat(60))).containsExactly(FindingCode.NOT_JSON);
  }

  private static List<FindingCode> codes(String text) {
    return GarmentFiles.read(text.getBytes(StandardCharsets.UTF_8)).findings().stream().map(Finding::code).toList();
  }

  private static Garment good(String text) {
    Outcome<Garment> outcome = GarmentFiles.read(text.getBytes(StandardCharsets.UTF_8));
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  @Test
  void numbersAndTextThatNothingCanHoldAreNamed() {
    String file = Samples.text("cardigan.json");
    assertThat(GarmentFiles.read(file.replace("\"backStitches\": 65", "\"backStitches\": 1e300").getBytes(StandardCharsets.UTF_8)).findings())
        .extracting(Finding::code, finding -> finding.where().path().orElse(""))
        .containsExactly(tuple(FindingCode.SCHEMA, "$.recipe.answers.backStitches"));
    assertThat(GarmentFiles.read(file.replaceFirst("\"count\": \\d+", "\"count\": 1.0E300").getBytes(StandardCharsets.UTF_8)).findings())
        .extracting(Finding::code).containsExactly(FindingCode.SCHEMA);
    for (String text : new String[] {"\\u0000", "\\ud800"}) {
      assertThat(GarmentFiles.read(file.replace("Tide-bell", text).getBytes(StandardCharsets.UTF_8)).findings())
          .extracting(Finding::code, finding -> finding.where().path().orElse(""))
          .containsExactly(tuple(FindingCode.TEXT_CONTROL, "$.name"));
    }
  }

  /** A bell and a vertical tab in a name: PDF and SVG can be opened, and show that something was there. */
  @Test
  void controlCharactersBreakNeitherPictureNorSheet() throws Exception {
    String file = Samples.text("cardigan.json").replace("Tide-bell", "Tide\\u0007\\u000bbell <&>");
    GarmentPlan plan = ((Outcome.Good<GarmentPlan>) GarmentFiles.read(file.getBytes(StandardCharsets.UTF_8)).then(Planner::plan)).value();
    DocumentBuilder builder = DocumentBuilderFactory.newInstance().newDocumentBuilder();
    Document svg = builder.parse(new InputSource(new StringReader(GarmentSvg.of(plan))));
    assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("Tide\ufffd\ufffdbell <&> cardigan");
    try (PDDocument pdf = Loader.loadPDF(SheetPdf.of(plan))) {
      assertThat(new PDFTextStripper().getText(pdf)).contains("bell <&> cardigan");
    }
  }
}
