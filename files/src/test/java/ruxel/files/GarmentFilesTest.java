package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;

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
        List.of("later version", CARDIGAN.replace("\"version\": 1", "\"version\": 2"), "LATER_VERSION", "$.version"),
        List.of("repeated key", CARDIGAN.replace("\"unit\"", "\"name\": \"x\", \"unit\""), "NOT_JSON", "$"),
        List.of("unknown field", CARDIGAN.replace("\"unit\"", "\"pocket\": 1, \"unit\""), "SCHEMA", "$"),
        List.of("reserved name", CARDIGAN.replace("\"unit\"", "\"boards\": [], \"unit\""), "SCHEMA", "$"),
        List.of("number as text", CARDIGAN.replace("\"backStitches\": 65", "\"backStitches\": \"many\""), "ANSWER_NOT_NUMBER", "$.recipe.answers.backStitches"),
        List.of("endless number", CARDIGAN.replace("\"backStitches\": 65", "\"backStitches\": 1e999"), "SCHEMA", "$.recipe.answers.backStitches"),
        List.of("fraction of a stitch", CARDIGAN.replace("\"backStitches\": 65", "\"backStitches\": 65.5"), "ANSWER_NOT_WHOLE", "$.recipe.answers.backStitches"),
        List.of("recipe and pieces", CARDIGAN.replace("\"recipe\"", "\"pieces\": [], \"recipe\""), "SCHEMA", "$"),
        List.of("zero stitches", TUBE.replace("\"count\": 20", "\"count\": 0"), "SCHEMA", "$.pieces[0].edges[0].runs[0].count"),
        List.of("negative rows", TUBE.replace("\"count\": 30", "\"count\": -30"), "SCHEMA", "$.pieces[0].edges[1].runs[0].count"),
        List.of("too many", TUBE.replace("\"count\": 30", "\"count\": 5001"), "SCHEMA", "$.pieces[0].edges[1].runs[0].count"),
        List.of("missing count", TUBE.replace("\"count\": 30, ", ""), "SCHEMA", "$.pieces[0].edges[1].runs[0]"),
        List.of("repeated id", TUBE.replace("\"id\": \"top\"", "\"id\": \"bottom\""), "REPEATED_ID", "$.pieces[0].edges[2].id"),
        List.of("unknown piece", TUBE.replace("\"piece\": \"panel\", \"edge\": \"left\"", "\"piece\": \"hood\", \"edge\": \"left\""), "UNKNOWN_PIECE", "$.seams[0]"),
        List.of("unknown edge", TUBE.replace("\"edge\": \"left\"", "\"edge\": \"lift\""), "UNKNOWN_EDGE", "$.seams[0]"),
        List.of("span off the edge", TUBE.replace("\"offset\": 0, \"end\": \"END\"", "\"offset\": 31, \"end\": \"END\""), "CUT_GONE", "$.seams[0]"),
        List.of("two claims on one unit", TUBE.replace("\"edge\": \"left\"", "\"edge\": \"right\""), "SPANS_OVERLAP", "$.seams[0]"));
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
}
