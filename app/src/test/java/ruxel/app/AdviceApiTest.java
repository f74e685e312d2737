package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Advice, yarn and the maker's own ways over HTTP, and the scale that stands in for one on the table. */
class AdviceApiTest {
  private static final String WOOL =
      "{\"id\":\"woad\",\"name\":\"Wool\",\"colour\":\"grey\",\"weight\":\"WORSTED\",\"fibre\":\"wool\",\"metresPerBall\":100,\"gramsPerBall\":50,\"traits\":[]%s}";

  private final TestServer server = TestServer.shared();
  private final String id = server.garment();

  @AfterEach
  void forgetTheWays() {
    putWays("[]");
  }

  /** What the plan answers is what the full list has first; its summands come to the sum. */
  @Test
  void everyMethodIsToldWithItsSum() {
    JsonNode plan = TestServer.json(server.get("/api/garments/" + id)).path("plan");
    JsonNode advice = seam(plan, "shoulder.left").path("advice");
    JsonNode all = TestServer.json(server.get("/api/garments/" + id + "/seams/shoulder.left/advice"));
    assertThat(all.size()).isEqualTo(advice.path("ranking").size());
    for (JsonNode answer : all) {
      double shares = 0;
      for (JsonNode term : answer.path("terms")) {
        shares += term.path("share").asDouble();
      }
      assertThat(shares).isCloseTo(answer.path("sum").asDouble(), within(1e-9));
    }
    assertThat(server.get("/api/garments/" + id + "/seams/nowhere/advice").statusCode()).isEqualTo(422);
  }

  /** Too little yarn for the seams: the one at which it runs out is to be decided first, with how many balls to buy. */
  @Test
  void lessYarnThanIsNeededIsDecidedFirst() {
    JsonNode changed = change("{\"kind\":\"YARN_TOLD\",\"yarn\":" + WOOL.formatted(",\"left\":{\"grams\":1,\"after\":[]}") + "}");
    JsonNode yarn = changed.path("plan").path("yarn").path("yarns").get(1);
    assertThat(yarn.path("id").asString()).isEqualTo("woad");
    assertThat(yarn.path("leftMm").asDouble()).as("1 g of 100 m in 50 g").isEqualTo(2000);
    assertThat(yarn.path("buy").asInt()).isEqualTo(1);
    assertThat(yarn.path("runsOut").path("seam").asString()).isNotEmpty();
    assertThat(changed.path("plan").path("findings").toString()).contains("LESS_YARN");
  }

  /** A way kept for the maker begins every new garment; what was laid out before keeps its own. */
  @Test
  void aNewGarmentBeginsAsTheMakerWorks() {
    assertThat(putWays("[\"NEEDLE\",\"KNOT\"]").statusCode()).isEqualTo(200);
    String answers = "{\"name\":\"Pier coat\",\"construction\":\"drop-shoulder\",\"answers\":{}}";
    String fresh = TestServer.json(server.post("/api/garments", answers)).path("id").asString();
    assertThat(TestServer.json(server.get("/api/garments/" + fresh)).path("plan").path("schools").toString()).isEqualTo("[\"NEEDLE\",\"KNOT\"]");
    assertThat(TestServer.json(server.get("/api/garments/" + id)).path("plan").path("schools").toString()).isEqualTo("[\"HOOK\"]");
    assertThat(putWays("[\"GLUE\"]").statusCode()).isEqualTo(400);
  }

  /** Of windows that tell them anew at once one is heard; the others are told that they saw old ones. */
  @Test
  void ofWaysKeptAtOnceOneHolds() {
    assertThat(put("/api/house/ways", "{\"ways\":[]}").statusCode()).as("no version").isEqualTo(428);
    String version = TestServer.json(server.get("/api/house/ways")).path("version").asString();
    List<CompletableFuture<HttpResponse<String>>> running = new ArrayList<>();
    IntStream.range(0, 12).forEach(i -> running.add(CompletableFuture.supplyAsync(() -> server.put("/api/house/ways", i % 2 == 0 ? "{\"ways\":[\"HOOK\"]}" : "{\"ways\":[\"NEEDLE\",\"KNOT\"]}", version))));
    assertThat(running.stream().map(answer -> answer.join().statusCode())).containsOnlyOnce(200).contains(412).doesNotContain(500);
    assertThat(TestServer.json(server.get("/api/house/ways")).path("ways").toString()).isIn("[\"HOOK\"]", "[\"NEEDLE\",\"KNOT\"]");
  }

  @Test
  void theScaleTellsWhatLiesOnItInTenths() {
    assertThat(put("/api/scale/pan", "{\"grams\":34.26}").statusCode()).isEqualTo(200);
    assertThat(TestServer.json(server.get("/api/scale/reading")).path("grams").asDouble()).isEqualTo(34.3);
    assertThat(put("/api/scale/pan", "{\"grams\":-1}").statusCode()).isEqualTo(422);
    assertThat(put("/api/scale/pan", "{\"grams\":\"heavy\"}").statusCode()).isEqualTo(400);
    assertThat(TestServer.json(server.get("/api/scale/reading")).path("grams").asDouble()).as("what was refused is not on it").isEqualTo(34.3);
  }

  private JsonNode change(String change) {
    HttpResponse<String> answer = server.post("/api/garments/" + id + "/changes", "{\"changes\":[" + change + "]}", "If-Match", "\"1\"");
    assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
    return TestServer.json(answer);
  }

  private HttpResponse<String> putWays(String ways) {
    return server.put("/api/house/ways", "{\"ways\":" + ways + "}", TestServer.json(server.get("/api/house/ways")).path("version").asString());
  }

  private HttpResponse<String> put(String path, String json) {
    return server.send(server.request(path).header("Content-Type", "application/json").PUT(HttpRequest.BodyPublishers.ofString(json)));
  }

  private static JsonNode seam(JsonNode plan, String id) {
    for (JsonNode seam : plan.path("seams")) {
      if (seam.path("id").asString().equals(id)) {
        return seam;
      }
    }
    throw new AssertionError(id);
  }
}
