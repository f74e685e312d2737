package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.repair.Repairs;

/** Files that no window would write are refused with reasons, or planned with findings; nothing else. */
class HostileFilesTest {
  private static final String ROUND = "\"rounds\":[{\"stitch\":\"SC\",\"widthMm\":6,\"heightMm\":6}],\"multiple\":{\"of\":1,\"more\":0}";

  private static String spot(String edge, String run, int offset, String from) {
    return "{\"piece\":\"back\",\"edge\":\"%s\",\"cut\":{\"run\":\"%s\",\"offset\":%d%s}}".formatted(edge, run, offset, from);
  }

  private static String strip(String id, String from, String to) {
    return "{\"id\":\"%s\",\"name\":\"Edging\",\"from\":%s%s,%s}".formatted(id, from, to, ROUND);
  }

  private static String file(String settings) {
    return "{\"format\":\"ruxel-garment\",\"version\":2,\"name\":\"Quay\",\"recipe\":{\"construction\":\"sleeveless\",\"answers\":{\"kind\":\"PULLOVER\"}},\"settings\":{" + settings + "}}";
  }

  static List<String> files() {
    String whole = strip("a", spot("hem", "hem", 0, ""), "");
    String again = strip("b", spot("hem", "hem", 0, ""), "");
    String within = strip("b", spot("hem", "hem", 5, ""), ",\"to\":" + spot("hem", "hem", 20, ""));
    String fromEnd = strip("a", spot("hem", "hem", 0, ",\"from\":\"END\""), "");
    String rows = "\"edgings\":[{\"piece\":\"back\",\"edge\":\"hem\",\"rows\":1,\"rowMm\":6,\"stitches\":60}]";
    return List.of(
        file("\"strips\":[" + whole + "," + again + "]"), file("\"strips\":[" + whole + "," + within + "]"), file("\"strips\":[" + within + "," + whole.replace("\"a\"", "\"c\"") + "]"), file("\"strips\":[" + fromEnd + "]"),
        file("\"strips\":[" + fromEnd + "]," + rows), file("\"strips\":[" + whole + "]," + rows),
        file("").replace("\"PULLOVER\"", "\"PULLOVER\",\"backStitches\":" + "9".repeat(400)), file("\"weight\":{\"grams\":" + "9".repeat(400) + "}"), file("\"weight\":{\"grams\":1" + "0".repeat(5000) + "}"));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8})
  void isRefusedOrPlanned(int number) {
    Outcome<Garment> read = GarmentFiles.read(files().get(number).getBytes(StandardCharsets.UTF_8));
    if (read instanceof Outcome.Good<Garment> good) {
      GarmentPlan plan = ((Outcome.Good<GarmentPlan>) Planner.plan(good.value())).value();
      assertThat(plan.strips()).hasSizeLessThanOrEqualTo(3);
      plan.seams().forEach(seam -> assertThat(Repairs.joiningRows(good.value(), seam.id(), java.util.Set.of())).isNotNull());
      assertThat(GarmentDocument.of(good.value())).isInstanceOf(Outcome.Good.class);
    } else {
      assertThat(read.findings()).isNotEmpty().allMatch(finding -> finding.where().path().isPresent());
    }
  }
}
