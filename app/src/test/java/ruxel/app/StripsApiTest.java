package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Edgings over HTTP: told, mirrored, kept; two windows at once; values no screen would send. */
class StripsApiTest {
  private final TestServer server = TestServer.shared();
  private final String garment = created();

  private String created() {
    String body =
        """
        {"name": "Vest", "construction": "sleeveless", "answers": {"kind": "PULLOVER"}}
        """;
    return "/api/garments/" + TestServer.json(server.post("/api/garments", body)).path("id").asString();
  }

  @Test
  void anEdgingIsToldMirroredAndUndone() {
    assertThat(tried(1, told("strip.1", start("Left armhole"), "6.25")).statusCode()).isEqualTo(200);
    assertThat(tried(2, "{\"kind\":\"STRIP_MIRRORED\",\"strip\":\"strip.1\",\"mirror\":\"strip.2\",\"name\":\"Right\"}").statusCode()).isEqualTo(200);
    JsonNode strips = plan().path("strips");
    assertThat(strips).hasSize(2);
    assertThat(strips.get(0).path("rounds").get(0).path("total")).isEqualTo(strips.get(1).path("rounds").get(0).path("total"));
    assertThat(strips.get(1).path("opening").asString()).isEqualTo("Right armhole");
    assertThat(server.post(garment + "/undo", "{}", "If-Match", "\"3\"").statusCode()).isEqualTo(200);
    assertThat(plan().path("strips")).hasSize(1);
  }

  /** Of two windows that tell an edging at once one is told that it is stale, and nothing is lost. */
  @Test
  void twoWindowsAtOnce() {
    String left = told("strip.1", start("Left armhole"), "6.25");
    String right = told("strip.1", start("Right armhole"), "5");
    CompletableFuture<HttpResponse<String>> one = CompletableFuture.supplyAsync(() -> tried(1, left));
    CompletableFuture<HttpResponse<String>> other = CompletableFuture.supplyAsync(() -> tried(1, right));
    assertThat(List.of(one.join().statusCode(), other.join().statusCode())).containsExactlyInAnyOrder(200, 412);
    assertThat(plan().path("strips")).hasSize(1);
  }

  /** Refused at the place, with nothing changed. */
  @Test
  void whatCannotBe() {
    String start = start("Neck");
    for (String wrong :
        List.of(
            told("strip.1", start, "0"), told("strip.1", start, "1e300"), told("a b", start, "6"), told("front", start, "6"),
            told("strip.1", "{\"piece\":\"hat\",\"edge\":\"brim\",\"cut\":{\"run\":\"x\",\"offset\":0,\"from\":\"START\"},\"at\":\"CUT\"}", "6"),
            "{\"kind\":\"STRIP_REMOVED\",\"strip\":\"strip.9\"}", "{\"kind\":\"STRIP_STITCHES\",\"strip\":\"strip.9\",\"at\":" + start + ",\"wanted\":5}",
            "{\"kind\":\"STRIP_MIRRORED\",\"strip\":\"strip.9\",\"mirror\":\"strip.2\",\"name\":\"x\"}")) {
      HttpResponse<String> refused = tried(1, wrong);
      assertThat(refused.statusCode()).as(wrong).isEqualTo(422);
      assertThat(refused.body()).as(wrong).contains("\"remedy\"");
    }
    for (String malformed :
        List.of(
            told("strip.1", start.replace("\"offset\":0", "\"offset\":-1"), "6"), told("strip.1", "null", "6"), told("strip.1", start, "null"), "{\"kind\":\"STRIP_ADDED\"}",
            told("strip.1", start, "6").replace("\"SC\"", "\"KNIT\""), told("strip.1", start, "6").replace("\"trims\":{}", "\"trims\":{\"picotEvery\":\"x\"}"))) {
      assertThat(tried(1, malformed).statusCode()).as(malformed).isEqualTo(400);
    }
    assertThat(opened().path("version").asInt()).isEqualTo(1);
  }

  private static String told(String id, String from, String width) {
    return "{\"kind\":\"STRIP_ADDED\",\"strip\":{\"id\":\"%s\",\"name\":\"Edging\",\"from\":%s,\"rounds\":[{\"stitch\":\"SC\",\"widthMm\":%s,\"heightMm\":6,\"turned\":false}],\"multiple\":{\"of\":1,\"more\":0},\"straightOn\":false,\"trims\":{}}}"
        .formatted(id, from, width);
  }

  private String start(String opening) {
    for (JsonNode each : plan().path("gluing").path("openings")) {
      if (each.path("name").asString().equals(opening)) {
        return each.path("start").toString();
      }
    }
    throw new IllegalArgumentException("Expected an opening (%s)".formatted(opening));
  }

  private JsonNode plan() {
    return opened().path("plan");
  }

  private JsonNode opened() {
    return TestServer.json(server.get(garment));
  }

  private HttpResponse<String> tried(int version, String changes) {
    return server.post(garment + "/changes", "{\"changes\":[" + changes + "]}", "If-Match", "\"" + version + "\"");
  }
}
