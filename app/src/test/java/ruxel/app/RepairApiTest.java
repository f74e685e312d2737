package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Edges told, seams worked, repairs tried and taken, over HTTP and through the database. */
class RepairApiTest {
  private final TestServer server = TestServer.shared();

  private String jacket() {
    return TestServer.json(server.post("/api/garments/import", TestServer.demo("fog-horn-jacket.json"))).path("id").asString();
  }

  private HttpResponse<String> change(String id, int version, String changes) {
    return server.post("/api/garments/" + id + "/changes", "{\"changes\":[" + changes + "]}", "If-Match", "\"" + version + "\"");
  }

  private JsonNode repairs(String id, String seam) {
    return TestServer.json(server.get("/api/garments/" + id + "/seams/" + seam + "/repairs"));
  }

  @Test
  void aRepairIsTriedThenTakenThenUndone() {
    String id = jacket();
    JsonNode repairs = repairs(id, "armhole.left");
    assertThat(repairs.path("version").asInt()).isEqualTo(1);
    JsonNode boundary = byRung(repairs, "MOVE_BOUNDARY");
    assertThat(boundary.path("title").asString()).isEqualTo("Rows of the armhole: 16 instead of 15");
    String changes = boundary.path("changes").toString();
    HttpResponse<String> tried =
        server.post("/api/garments/" + id + "/preview", "{\"baseVersion\":1,\"changes\":" + changes + "}");
    assertThat(TestServer.json(tried).path("effects").toString()).contains("Left side and sleeve");
    assertThat(TestServer.json(server.get("/api/garments/" + id)).path("version").asInt()).as("nothing saved yet").isEqualTo(1);
    HttpResponse<String> taken = change(id, 1, changes.substring(1, changes.length() - 1));
    assertThat(taken.statusCode()).isEqualTo(200);
    assertThat(byRung(repairs(id, "armhole.left"), "MOVE_BOUNDARY").isMissingNode()).isTrue();
    assertThat(server.post("/api/garments/" + id + "/undo", "{}", "If-Match", "\"2\"").statusCode()).isEqualTo(200);
    assertThat(byRung(repairs(id, "armhole.left"), "MOVE_BOUNDARY").isMissingNode()).isFalse();
  }

  /** Sleeve too wide, a front a row short, repeats half a repeat apart: each is led to a plan, one after the other. */
  @Test
  void aGarmentWithThreeTroublesIsLedToAPlanThatWorks() {
    String id = jacket();
    int version = 1;
    for (String step : new String[] {"armhole.left MOVE_BOUNDARY", "side.right RECOUNT", "side.left BEGIN_ELSEWHERE", "side.right BEGIN_ELSEWHERE"}) {
      String[] parts = step.split(" ");
      JsonNode repair = byRung(repairs(id, parts[0]), parts[1]);
      assertThat(repair.isMissingNode()).as(step).isFalse();
      String changes = repair.path("changes").toString();
      assertThat(change(id, version, changes.substring(1, changes.length() - 1)).statusCode()).as(step).isEqualTo(200);
      version++;
    }
    JsonNode findings = TestServer.json(server.get("/api/garments/" + id)).path("plan").path("findings");
    for (JsonNode finding : findings) {
      assertThat(finding.path("code").asString()).isNotIn("PHASE_OFF", "ROWS_DIFFER");
    }
  }

  @Test
  void everyRepairThatIsOfferedCanBeSentBack() {
    String id = jacket();
    for (String seam : new String[] {"armhole.left", "side.left", "side.right"}) {
      for (JsonNode repair : repairs(id, seam).path("repairs")) {
        HttpResponse<String> tried =
            server.post("/api/garments/" + id + "/preview", "{\"baseVersion\":1,\"changes\":" + repair.path("changes") + "}");
        assertThat(TestServer.json(tried).path("plan").isMissingNode() || TestServer.json(tried).path("plan").isNull())
            .as(repair.path("title").asString())
            .isFalse();
      }
    }
  }

  @Test
  void whatIsToldOfEdgesAndSeamsComesBackFromTheDatabaseAndTheFile() {
    String id = server.garment();
    String told =
        "{\"kind\":\"RUN_TOLD\",\"piece\":\"back\",\"edge\":\"left\",\"run\":\"side\",\"parts\":["
            + "{\"unit\":\"ROW_END\",\"count\":10,\"noEase\":true,\"label\":\"pocket\"},{\"unit\":\"CHAIN_SPACE\",\"count\":2,\"widthMm\":20,\"chains\":5}]}";
    String measured = "{\"kind\":\"EDGE_MEASURED\",\"piece\":\"sleeve.left\",\"edge\":\"top\",\"mm\":355}";
    String mark =
        "{\"kind\":\"LANDMARK_PUT\",\"piece\":\"back\",\"edge\":\"right\",\"landmark\":{\"id\":\"s\",\"name\":\"Stripe\",\"kind\":\"STRIPE\",\"at\":4,\"every\":6,\"times\":3}}";
    String worked =
        "{\"kind\":\"SEAM_WORKED\",\"seam\":\"armhole.left\",\"working\":{\"together\":true,\"surplus\":\"TO_HIDDEN\",\"fullness\":0,"
            + "\"a\":{\"spaces\":\"ROUND\"},\"b\":{\"spaces\":\"INTO_CHAINS\",\"placesPerRow\":2}}}";
    String pin = "{\"kind\":\"ANCHOR_PINNED\",\"seam\":\"armhole.right\",\"pin\":{\"id\":\"own.1\",\"name\":\"bobble\",\"a\":12,\"b\":8}}";
    assertThat(change(id, 1, String.join(",", told, measured, mark, worked, pin)).statusCode()).isEqualTo(200);
    String file = server.get("/api/garments/" + id + "/file").body();
    assertThat(file).contains("\"told\"", "\"measured\"", "\"marks\"", "\"worked\"", "\"pins\"", "\"pocket\"");
    String again = TestServer.json(server.post("/api/garments/import", file)).path("id").asString();
    assertThat(server.get("/api/garments/" + again + "/file").body()).isEqualTo(file);
    String owed = "{\"kind\":\"OWED_NOTED\",\"owed\":\"o1\",\"piece\":\"back\",\"what\":\"tail\",\"before\":\"side.left\"}";
    assertThat(change(again, 1, owed).statusCode()).isEqualTo(200);
    assertThat(server.get("/api/garments/" + again + "/file").body()).contains("\"owed\"");
    assertThat(change(again, 2, "{\"kind\":\"OWED_DONE\",\"owed\":\"o1\"}").statusCode()).isEqualTo(200);
    String removed = "{\"kind\":\"ANCHOR_REMOVED\",\"seam\":\"armhole.right\",\"anchor\":\"own.1\"},{\"kind\":\"LANDMARK_REMOVED\",\"piece\":\"back\",\"edge\":\"right\",\"landmarkId\":\"s\"}";
    assertThat(change(id, 2, removed).statusCode()).isEqualTo(200);
    assertThat(server.get("/api/garments/" + id + "/file").body()).doesNotContain("\"pins\"").doesNotContain("\"marks\"");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{\"kind\":\"EDGE_MEASURED\",\"piece\":\"back\",\"edge\":\"left\",\"mm\":0} | LENGTH_OUT_OF_RANGE",
        "{\"kind\":\"LANDMARK_PUT\",\"piece\":\"back\",\"edge\":\"left\",\"landmark\":{\"id\":\"r\",\"name\":\"Repeat\",\"kind\":\"REPEAT\",\"at\":0,\"every\":30,\"times\":9}} | LANDMARK_OVERLONG",
        "{\"kind\":\"LANDMARK_PUT\",\"piece\":\"back\",\"edge\":\"left\",\"landmark\":{\"id\":\"r\",\"name\":\"Repeat\",\"kind\":\"REPEAT\",\"at\":900,\"every\":0,\"times\":1}} | LANDMARK_OUTSIDE",
        "{\"kind\":\"ANCHOR_PINNED\",\"seam\":\"armhole.left\",\"pin\":{\"id\":\"own.1\",\"name\":\"x\",\"a\":1,\"b\":4}} | ANCHOR_HALF",
        "{\"kind\":\"ANCHOR_PINNED\",\"seam\":\"armhole.left\",\"pin\":{\"id\":\"own.1\",\"name\":\"x\",\"a\":90,\"b\":2}} | ANCHORS_CROSS",
        "{\"kind\":\"HANDLE_DRAGGED\",\"handle\":\"neck\",\"steps\":500} | SHOULDERS_TOO_WIDE"
      })
  void whatCannotBeIsNamedAndNothingIsSaved(String wrong, String code) {
    String id = server.garment();
    HttpResponse<String> refused = change(id, 1, wrong);
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(TestServer.json(refused).path("findings").toString()).contains(code);
    assertThat(TestServer.json(server.get("/api/garments/" + id)).path("version").asInt()).isEqualTo(1);
  }

  @Test
  void aDepthSnapsToRowsAndIsRefusedWhereItCannotBe() {
    String id = jacket();
    JsonNode choices = TestServer.json(server.get("/api/garments/" + id + "/stops?mm=200"));
    assertThat(choices.get(0).path("rows").asInt()).isEqualTo(16);
    assertThat(server.get("/api/garments/" + id + "/stops?mm=0").statusCode()).isEqualTo(422);
  }

  @Test
  void helpsToCount() {
    String asked = "{\"way\":\"REPEATED\",\"first\":1,\"each\":2,\"more\":8,\"after\":0,\"flag\":false,\"corner\":\"SPACE\"}";
    JsonNode total = TestServer.json(server.post("/api/count", asked));
    assertThat(total.path("count").asInt()).isEqualTo(19);
    assertThat(total.path("sum").asString()).isEqualTo("1 + 2 × 9 = 19");
    assertThat(TestServer.json(server.get("/api/count/corners"))).hasSize(6);
  }

  private static JsonNode byRung(JsonNode repairs, String rung) {
    for (JsonNode repair : repairs.path("repairs")) {
      if (repair.path("rung").asString().equals(rung)) {
        return repair;
      }
    }
    return repairs.path("nothing");
  }
}
