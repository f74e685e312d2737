package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Undo, redo, history, copies, the archive, and requests that come twice. */
class UndoApiTest {
  private final TestServer server = TestServer.shared();
  private final String id = server.garment();

  @Test
  void undoGivesTheDocumentBeforeAndRedoTheOneAfter() {
    String before = file();
    change(1, "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}");
    change(2, "{\"kind\":\"METHOD_CHOSEN\",\"seam\":\"armhole.left\",\"method\":\"backstitch\"}");
    String after = file();
    JsonNode undone = ok(post("undo", 3));
    assertThat(undone.path("version").asInt()).isEqualTo(4);
    assertThat(undone.path("undo").asString()).isEqualTo("Named Quay coat");
    assertThat(undone.path("redo").asString()).isEqualTo("Chose backstitch for the left armhole");
    ok(post("undo", 4));
    assertThat(file()).isEqualTo(before);
    ok(post("redo", 5));
    assertThat(ok(post("redo", 6)).path("redo").isMissingNode()).isTrue();
    assertThat(file()).isEqualTo(after);
    assertThat(texts(TestServer.json(server.get("/api/garments/" + id + "/history")), "label"))
        .containsExactly("Named Quay coat", "Chose backstitch for the left armhole");
  }

  @Test
  void anUndoneChangeStaysInTheHistoryUntilAnotherIsMade() {
    change(1, "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}");
    ok(post("undo", 2));
    JsonNode entry = TestServer.json(server.get("/api/garments/" + id + "/history")).get(0);
    assertThat(entry.path("takenBack").asBoolean()).isTrue();
    change(3, "{\"kind\":\"COUNT_MADE\",\"piece\":\"front.right\",\"edge\":\"side\",\"run\":\"side\",\"count\":25}");
    assertThat(texts(TestServer.json(server.get("/api/garments/" + id + "/history")), "label"))
        .containsExactly("Counted 25 at the side of the right front");
  }

  /** A long history keeps all its words; its last hundred changes can be taken back and done again, older documents are gone. */
  @Test
  void ofALongHistoryTheLastHundredCanBeTakenBack() {
    for (int version = 1; version <= 130; version++) {
      change(version, "{\"kind\":\"RENAMED\",\"name\":\"Coat %d\"}".formatted(version));
    }
    int version = 131;
    while (TestServer.json(server.get("/api/garments/" + id)).has("undo")) {
      ok(post("undo", version++));
    }
    assertThat(version - 131).isBetween(100, 120);
    assertThat(code(post("undo", version))).isEqualTo("NOTHING_TO_UNDO");
    assertThat(TestServer.json(server.get("/api/garments/" + id + "/history"))).hasSize(130);
    assertThat(ok(post("redo", version)).path("plan").path("name").asString()).isEqualTo("Coat %d".formatted(131 - (version - 131)));
    String copy = TestServer.json(server.post("/api/garments/" + id + "/copy", "{\"version\":1}")).path("id").asString();
    assertThat(TestServer.json(server.get("/api/garments/" + copy)).path("plan").path("name").asString()).as("the first one is kept").startsWith("Copy of");
  }

  @Test
  void nothingToUndoIsSaidAndAStaleUndoIsRefused() {
    HttpResponse<String> nothing = post("undo", 1);
    assertThat(nothing.statusCode()).isEqualTo(422);
    assertThat(code(nothing)).isEqualTo("NOTHING_TO_UNDO");
    assertThat(code(post("redo", 1))).isEqualTo("NOTHING_TO_REDO");
    change(1, "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}");
    assertThat(post("undo", 1).statusCode()).isEqualTo(412);
    assertThat(server.post("/api/garments/" + id + "/undo", "{}").statusCode()).isEqualTo(428);
  }

  @Test
  void aBegunSeamKeepsItsPiecesAndAFinishedStepItsPlace() {
    JsonNode work = TestServer.json(server.post("/api/garments/" + id + "/work", "{\"seam\":\"shoulder.left\"}"));
    HttpResponse<String> refused =
        changes(1, "{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"kind\":\"PULLOVER\",\"neckCentre\":4}}");
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(code(refused)).isEqualTo("BEGUN_WITHOUT_PIECES");
    StringBuilder events = new StringBuilder();
    int joints = work.path("plan").path("joints").size();
    for (int joint = 1; joint <= joints; joint++) {
      events.append("{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d},".formatted(joint, joint));
    }
    server.post(
        "/api/work/" + work.path("id").asString() + "/events",
        "{\"client\":\"t\",\"events\":[" + events + "{\"seq\":%d,\"kind\":\"FINISH\",\"joint\":0}]}".formatted(joints + 1));
    HttpResponse<String> moved = changes(1, "{\"kind\":\"STEP_MOVED\",\"seam\":\"shoulder.right\",\"before\":\"shoulder.left\"}");
    assertThat(code(moved)).isEqualTo("STEP_FINISHED");
    assertThat(changes(1, "{\"kind\":\"STEP_MOVED\",\"seam\":\"armhole.left\",\"before\":\"shoulder.right\"}").statusCode()).isEqualTo(200);
  }

  @Test
  void aRequestThatComesTwiceIsCarriedOutOnce() {
    String body = "{\"changes\":[{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}],\"key\":\"k1\"}";
    assertThat(server.post("/api/garments/" + id + "/changes", body, "If-Match", "\"1\"").statusCode()).isEqualTo(200);
    HttpResponse<String> again = server.post("/api/garments/" + id + "/changes", body, "If-Match", "\"1\"");
    assertThat(again.statusCode()).isEqualTo(200);
    assertThat(TestServer.json(again).path("version").asInt()).isEqualTo(2);
  }

  @Test
  void aCopyHasTheChangesAndTheFirstHasNot() {
    change(1, "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}");
    HttpResponse<String> copied =
        server.post(
            "/api/garments/" + id + "/copy",
            "{\"version\":1,\"changes\":[{\"kind\":\"METHOD_CHOSEN\",\"seam\":\"side.left\",\"method\":\"backstitch\"}]}");
    assertThat(copied.statusCode()).isEqualTo(201);
    String copy = TestServer.json(copied).path("id").asString();
    assertThat(name(copy)).isEqualTo("Copy of Lamplighter’s cardigan");
    assertThat(server.get("/api/garments/" + copy + "/file").body()).contains("backstitch");
    assertThat(file()).doesNotContain("backstitch");
    assertThat(TestServer.json(server.get("/api/garments/" + copy)).path("undo").isMissingNode()).isTrue();
  }

  @Test
  void aCopyOfAVersionThatNeverWasIsRefused() {
    HttpResponse<String> refused = server.post("/api/garments/" + id + "/copy", "{\"version\":9}");
    assertThat(refused.statusCode()).isEqualTo(404);
    assertThat(refused.body()).contains("no version 9");
  }

  @Test
  void aPieceTurnedMoreThanOnceRoundCanStillBeRead() {
    change(1, "{\"kind\":\"PIECE_MOVED\",\"piece\":\"back\",\"laid\":{\"dxMm\":0,\"dyMm\":0,\"quarterTurns\":-3}}");
    assertThat(file()).containsPattern("\"quarterTurns\"\\s*:\\s*1");
    change(2, "{\"kind\":\"PIECE_MOVED\",\"piece\":\"back\",\"laid\":{\"dxMm\":0,\"dyMm\":0,\"quarterTurns\":7}}");
    assertThat(server.post("/api/garments/import", file()).statusCode()).isEqualTo(201);
  }

  @Test
  void anArchivedGarmentLeavesTheShelfAndCanBeOpenedButNotChanged() {
    put("ARCHIVED");
    assertThat(texts(TestServer.json(server.get("/api/garments")), "id")).doesNotContain(id);
    assertThat(texts(TestServer.json(server.get("/api/garments?state=ARCHIVED")), "id")).contains(id);
    assertThat(server.get("/api/garments/" + id).statusCode()).isEqualTo(200);
    assertThat(code(changes(1, "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}"))).isEqualTo("ARCHIVED");
    put("OPEN");
    assertThat(changes(1, "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}").statusCode()).isEqualTo(200);
  }

  @Test
  void aPieceIsMovedTurnedAndPutBack() {
    JsonNode before = placement();
    change(1, "{\"kind\":\"PIECE_MOVED\",\"piece\":\"sleeve.left\",\"laid\":{\"dxMm\":120,\"dyMm\":-30,\"quarterTurns\":0}}");
    assertThat(placement().path("xMm").asDouble()).isCloseTo(before.path("xMm").asDouble() + 120, within(1e-9));
    assertThat(file()).contains("\"quarterTurns\"");
    change(2, "{\"kind\":\"PIECE_MOVED\",\"piece\":\"sleeve.left\"}");
    assertThat(placement()).isEqualTo(before);
    assertThat(code(changes(3, "{\"kind\":\"PIECE_MOVED\",\"piece\":\"hood\"}"))).isEqualTo("UNKNOWN_PIECE");
    assertThat(code(changes(3, "{\"kind\":\"PIECE_MOVED\",\"piece\":\"back\",\"laid\":{\"dxMm\":9e9,\"dyMm\":0,\"quarterTurns\":0}}"))).isEqualTo("PIECE_TOO_FAR");
  }

  @Test
  void theSampleIsANewGarmentEachTime() {
    String one = TestServer.json(server.post("/api/garments/sample", "{}")).path("id").asString();
    String other = TestServer.json(server.post("/api/garments/sample", "{}")).path("id").asString();
    assertThat(one).isNotEqualTo(other);
    assertThat(name(one)).isEqualTo("Lamplighter’s cardigan");
  }

  private JsonNode placement() {
    for (JsonNode piece : TestServer.json(server.get("/api/garments/" + id)).path("plan").path("pieces")) {
      if (piece.path("id").asString().equals("sleeve.left")) {
        return piece.path("placement");
      }
    }
    throw new AssertionError("no left sleeve");
  }

  private String name(String garment) {
    return TestServer.json(server.get("/api/garments/" + garment)).path("plan").path("name").asString();
  }

  private String file() {
    return server.get("/api/garments/" + id + "/file").body();
  }

  private void put(String state) {
    assertThat(server.move(id, state).statusCode()).isEqualTo(200);
  }

  private JsonNode change(int version, String change) {
    return ok(changes(version, change));
  }

  private HttpResponse<String> changes(int version, String change) {
    return server.post("/api/garments/" + id + "/changes", "{\"changes\":[" + change + "]}", "If-Match", "\"" + version + "\"");
  }

  private HttpResponse<String> post(String what, int version) {
    return server.post("/api/garments/" + id + "/" + what, "{}", "If-Match", "\"" + version + "\"");
  }

  private static JsonNode ok(HttpResponse<String> response) {
    assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
    return TestServer.json(response);
  }

  private static String code(HttpResponse<String> response) {
    return TestServer.json(response).path("findings").path(0).path("code").asString();
  }

  private static List<String> texts(JsonNode array, String field) {
    List<String> texts = new ArrayList<>();
    array.forEach(node -> texts.add(node.path(field).asString()));
    return texts;
  }
}
