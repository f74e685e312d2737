package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

class GarmentApiTest {
  private final TestServer server = TestServer.shared();

  @Test
  void createsOpensAndExportsAGarment() {
    HttpResponse<String> created =
        server.post("/api/garments", "{\"name\":\"Quay coat\",\"construction\":\"drop-shoulder\",\"answers\":{\"kind\":\"PULLOVER\",\"backStitches\":70}}");
    assertThat(created.statusCode()).isEqualTo(201);
    String id = TestServer.json(created).path("id").asString();
    HttpResponse<String> opened = server.get("/api/garments/" + id);
    assertThat(opened.headers().firstValue("ETag")).contains("\"1\"");
    JsonNode garment = TestServer.json(opened);
    assertThat(garment.path("plan").path("gluing").path("openings")).hasSize(4);
    assertThat(garment.path("next").path("seam").asString()).isEqualTo("shoulder.left");
    HttpResponse<String> file = server.get("/api/garments/" + id + "/file");
    String again = TestServer.json(server.post("/api/garments/import", file.body())).path("id").asString();
    assertThat(server.get("/api/garments/" + again + "/file").body()).isEqualTo(file.body());
  }

  @Test
  void refusedAnswersComeAllAtOnceAndNothingIsSaved() {
    int before = TestServer.json(server.get("/api/garments")).size();
    HttpResponse<String> refused =
        server.post("/api/garments", "{\"name\":\"Quay coat\",\"construction\":\"drop-shoulder\",\"answers\":{\"backStitches\":0,\"armholeRows\":\"deep\"}}");
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
    assertThat(texts(TestServer.json(refused).path("findings"), "code")).containsExactlyInAnyOrder("ANSWER_OUT_OF_RANGE", "ANSWER_NOT_NUMBER");
    assertThat(TestServer.json(server.get("/api/garments")).size()).isEqualTo(before);
  }

  @Test
  void badFilesAreRefusedWithPaths() {
    HttpResponse<String> refused = server.post("/api/garments/import", TestServer.demo("tide-bell-pullover.json").replace("\"version\": 1", "\"version\": 9"));
    assertThat(refused.statusCode()).isEqualTo(422);
    JsonNode finding = TestServer.json(refused).path("findings").get(0);
    assertThat(finding.path("code").asString()).isEqualTo("LATER_VERSION");
    assertThat(finding.path("path").asString()).isEqualTo("$.version");
  }

  @Test
  void oneGarmentThatCannotBeReadHidesNoOther() {
    String id = server.garment();
    String other = server.garment();
    server.bean(JdbcClient.class)
        .sql("UPDATE garment SET document = '{\"format\": \"ruxel-garment\", \"version\": 9, \"name\": \"Later\"}'::jsonb WHERE id = ?::uuid")
        .param(id)
        .update();
    JsonNode shelf = TestServer.json(server.get("/api/garments"));
    JsonNode later = on(shelf, id);
    assertThat(later.path("unreadable").asString()).contains("9");
    assertThat(later.path("pieces")).isEmpty();
    assertThat(on(shelf, other).path("unreadable").isMissingNode()).isTrue();
    assertThat(on(shelf, other).path("pieces")).isNotEmpty();
    assertThat(server.get("/api/garments/" + id + "/file").body()).contains("\"version\": 9");
    server.bean(JdbcClient.class).sql("DELETE FROM garment_version WHERE garment_id = ?::uuid").param(id).update();
    server.bean(JdbcClient.class).sql("DELETE FROM garment WHERE id = ?::uuid").param(id).update();
  }

  private static JsonNode on(JsonNode shelf, String id) {
    for (JsonNode garment : shelf) {
      if (garment.path("id").asString().equals(id)) {
        return garment;
      }
    }
    throw new AssertionError("Not on the shelf: " + id);
  }

  @Test
  void theSecondOfTwoTabsIsToldAndLosesNothing() {
    String id = server.garment();
    HttpResponse<String> first = change(id, 1, "{\"kind\":\"METHOD_CHOSEN\",\"seam\":\"armhole.left\",\"method\":\"backstitch\"}");
    assertThat(first.statusCode()).isEqualTo(200);
    assertThat(first.headers().firstValue("ETag")).contains("\"2\"");
    HttpResponse<String> second = change(id, 1, "{\"kind\":\"RENAMED\",\"name\":\"Other\"}");
    assertThat(second.statusCode()).isEqualTo(412);
    JsonNode problem = TestServer.json(second);
    assertThat(problem.path("currentVersion").asInt()).isEqualTo(2);
    assertThat(problem.path("labels").get(0).asString()).isEqualTo("Chose backstitch for the left armhole");
    assertThat(change(id, 2, "{\"kind\":\"RENAMED\",\"name\":\"Other\"}").statusCode()).as("put on top").isEqualTo(200);
    assertThat(TestServer.json(server.get("/api/garments/" + id)).path("plan").path("name").asString()).isEqualTo("Other");
  }

  /** Model 5: the answer carries what the change has touched; the other pieces and seams are only named. */
  @Test
  void theAnswerToAChangeCarriesOnlyWhatIsNotAsBefore() {
    String id = server.garment();
    JsonNode before = TestServer.json(server.get("/api/garments/" + id)).path("plan");
    JsonNode changed = TestServer.json(change(id, 1, "{\"kind\":\"METHOD_CHOSEN\",\"seam\":\"armhole.left\",\"method\":\"backstitch\"}"));
    assertThat(changed.path("version").asInt()).isEqualTo(2);
    assertThat(changed.path("seams").size()).isEqualTo(before.path("seams").size());
    assertThat(changed.path("pieces").size()).isEqualTo(before.path("pieces").size());
    assertThat(changed.path("plan").path("seams").size()).isEqualTo(1);
    assertThat(changed.path("plan").path("seams").get(0).path("method").asString()).isEqualTo("backstitch");
    JsonNode after = TestServer.json(server.get("/api/garments/" + id)).path("plan");
    for (int i = 0; i < after.path("seams").size(); i++) {
      JsonNode seam = after.path("seams").get(i);
      JsonNode told = seam.path("id").asString().equals("armhole.left") ? changed.path("plan").path("seams").get(0) : before.path("seams").get(i);
      assertThat(seam).isEqualTo(told);
    }
  }

  @Test
  void aChangeNeedsTheVersionItIsBasedOn() {
    String id = server.garment();
    assertThat(server.post("/api/garments/" + id + "/changes", "{\"changes\":[]}").statusCode()).isEqualTo(428);
    assertThat(server.post("/api/garments/" + id + "/changes", "{\"changes\":[]}", "If-Match", "W/garbage").statusCode()).isEqualTo(412);
  }

  @Test
  void oneRefusedChangeSavesNoneOfThem() {
    String id = server.garment();
    HttpResponse<String> refused =
        change(id, 1, "{\"kind\":\"RENAMED\",\"name\":\"Half\"},{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"armholeRows\":99}}");
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(TestServer.json(refused).path("findings").get(0).path("answer").asString()).isEqualTo("armholeRows");
    JsonNode now = TestServer.json(server.get("/api/garments/" + id));
    assertThat(now.path("version").asInt()).isEqualTo(1);
    assertThat(now.path("plan").path("name").asString()).isEqualTo("Lamplighter’s cardigan");
    assertThat(change(id, 1, "{\"kind\":\"ANCHOR_MOVED\",\"seam\":\"armhole.left\"}").statusCode()).isEqualTo(400);
  }

  @Test
  void aPreviewSavesNothing() {
    String id = server.garment();
    String move = "{\"kind\":\"ANCHOR_MOVED\",\"seam\":\"armhole.left\",\"anchor\":\"shoulder\",\"side\":\"A\",\"position\":55}";
    HttpResponse<String> preview =
        server.post("/api/garments/" + id + "/preview", "{\"baseVersion\":1,\"changes\":[" + move + "],\"want\":[\"armhole.left\"]}");
    JsonNode seams = TestServer.json(preview).path("plan").path("seams");
    assertThat(seams).hasSize(1);
    assertThat(seams.get(0).path("anchors").get(1).path("aName").asString()).isEqualTo("stitch 28");
    assertThat(TestServer.json(server.get("/api/garments/" + id)).path("version").asInt()).isEqualTo(1);
  }

  @Test
  void aDeletedGarmentComesBackAsItWas() {
    String id = server.garment();
    setState(id, "DELETED");
    assertThat(server.get("/api/garments/" + id).statusCode()).isEqualTo(404);
    assertThat(texts(TestServer.json(server.get("/api/garments")), "id")).doesNotContain(id);
    setState(id, "OPEN");
    assertThat(server.get("/api/garments/" + id).statusCode()).isEqualTo(200);
    assertThat(server.get("/api/garments/" + UUID.randomUUID()).statusCode()).isEqualTo(404);
  }

  private void setState(String id, String state) {
    assertThat(server.move(id, state).statusCode()).isEqualTo(200);
  }

  private HttpResponse<String> change(String id, int version, String changes) {
    return server.post("/api/garments/" + id + "/changes", "{\"changes\":[" + changes + "]}", "If-Match", "\"" + version + "\"");
  }

  private static List<String> texts(JsonNode array, String field) {
    List<String> texts = new ArrayList<>();
    array.forEach(node -> texts.add(node.path(field).asString()));
    return texts;
  }
}
