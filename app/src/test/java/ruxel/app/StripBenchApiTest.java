package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** An edging at the bench over HTTP: after its seams, taken once by two windows, kept to the stitch, not taken away while it is in hand. */
class StripBenchApiTest {
  private static final List<String> SEAMS = List.of("shoulder.left", "shoulder.right", "side.left", "side.right");
  private final TestServer server = TestServer.shared();
  private final String garment = created();

  private String created() {
    String body = "{\"name\": \"Vest\", \"construction\": \"sleeveless\", \"answers\": {\"kind\": \"PULLOVER\"}}";
    String path = "/api/garments/" + TestServer.json(server.post("/api/garments", body)).path("id").asString();
    JsonNode openings = TestServer.json(server.get(path)).path("plan").path("gluing").path("openings");
    JsonNode armhole = IntStream.range(0, openings.size()).mapToObj(openings::get).filter(opening -> opening.path("name").asString().equals("Left armhole")).findFirst().orElseThrow();
    String strip =
        "{\"kind\":\"STRIP_ADDED\",\"strip\":{\"id\":\"one\",\"name\":\"Left armhole edging\",\"from\":%s,\"rounds\":[{\"stitch\":\"SC\",\"widthMm\":6.25,\"heightMm\":6,\"turned\":false},{\"stitch\":\"SC\",\"widthMm\":6.25,\"heightMm\":6,\"turned\":false}],\"multiple\":{\"of\":1,\"more\":0},\"straightOn\":false,\"trims\":{}}}"
            .formatted(armhole.path("start"));
    String methods = SEAMS.stream().map(seam -> "{\"kind\":\"METHOD_CHOSEN\",\"seam\":\"%s\",\"method\":\"slip-both\"}".formatted(seam)).collect(Collectors.joining(","));
    assertThat(server.post(path + "/changes", "{\"changes\":[" + strip + "," + methods + "]}", "If-Match", "\"1\"").statusCode()).isEqualTo(200);
    return path;
  }

  @Test
  void itWaitsForTheSeamsItRunsOver() {
    HttpResponse<String> early = take();
    assertThat(early.statusCode()).isEqualTo(422);
    assertThat(early.body()).contains("STRIP_TOO_EARLY").contains("left shoulder and the left side");
    assertThat(server.post(garment + "/work", "{\"strip\":\"none\"}").statusCode()).isEqualTo(404);
    assertThat(server.get(garment + "/strips/none").statusCode()).isEqualTo(404);
    assertThat(TestServer.json(server.get(garment + "/strips/one")).path("plan").path("rounds")).hasSize(2);
  }

  @Test
  void twoWindowsTakeOneWorkAndItsPlaceIsKeptToTheStitch() {
    SEAMS.forEach(this::join);
    CompletableFuture<HttpResponse<String>> one = CompletableFuture.supplyAsync(this::take);
    CompletableFuture<HttpResponse<String>> other = CompletableFuture.supplyAsync(this::take);
    String work = TestServer.json(one.join()).path("id").asString();
    assertThat(TestServer.json(other.join()).path("id").asString()).isEqualTo(work);
    int stitches = TestServer.json(one.join()).path("plan").path("joints").size();
    assertThat(keep(work, 1, 30)).isEqualTo(200);
    JsonNode strips = TestServer.json(server.get(garment + "/strips"));
    assertThat(strips).hasSize(1);
    assertThat(strips.get(0).path("position").asInt()).isEqualTo(30);
    assertThat(strips.get(0).path("state").asString()).isEqualTo("IN_HAND");

    HttpResponse<String> removed = server.post(garment + "/changes", "{\"changes\":[{\"kind\":\"STRIP_REMOVED\",\"strip\":\"one\"}]}", "If-Match", "\"2\"");
    assertThat(removed.statusCode()).isEqualTo(422);
    assertThat(removed.body()).contains("BEGUN_WITHOUT_PIECES").contains("Left armhole edging is begun at the bench");
    assertThat(server.post(garment + "/undo", "{}", "If-Match", "\"2\"").statusCode()).as("undoing what made it takes it away too").isEqualTo(422);

    assertThat(server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":31,\"kind\":\"FINISH\",\"joint\":0}]}").statusCode()).as("not all stitches are worked").isEqualTo(409);
    assertThat(keep(work, 31, stitches)).isEqualTo(200);
    assertThat(server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":%d,\"kind\":\"FINISH\",\"joint\":0}]}".formatted(stitches + 1)).statusCode()).isEqualTo(200);
    assertThat(TestServer.json(server.get(garment + "/strips")).get(0).path("state").asString()).isEqualTo("JOINED");
    assertThat(TestServer.json(server.get("/api/work/" + work)).path("planChanged").asBoolean()).isFalse();
  }

  /** One more than planned is kept with the stitch it stands behind, told of its stretch and of the next round, and gone when that stitch is. */
  @Test
  void oneMoreThanPlannedIsMetAgainInTheNextRound() {
    SEAMS.forEach(this::join);
    String work = TestServer.json(take()).path("id").asString();
    assertThat(keep(work, 1, 30)).isEqualTo(200);
    String more = "{\"client\":\"c\",\"events\":[{\"seq\":31,\"kind\":\"AS_WORKED\",\"joint\":%d}]}";
    assertThat(server.post("/api/work/" + work + "/events", more.formatted(31)).statusCode()).as("not worked yet").isEqualTo(409);
    JsonNode kept = TestServer.json(server.post("/api/work/" + work + "/events", more.formatted(30)));
    assertThat(kept.path("beside").path("departures")).singleElement().satisfies(told -> assertThat(told.path("joint").asInt()).isEqualTo(30));
    assertThat(kept.path("beside").path("departures").get(0).path("words").asString()).startsWith("One more after ");
    assertThat(kept.path("beside").path("stretches")).as("told once it is worked").isEmpty();
    JsonNode view = TestServer.json(server.get("/api/work/" + work));
    JsonNode second = view.path("plan").path("rounds").get(1);
    assertThat(view.path("beside").path("prompts").get(0).path("joint").asInt()).isBetween(second.path("from").asInt() + 1, second.path("to").asInt());
    assertThat(view.path("position").asInt()).isEqualTo(30);
    server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":32,\"kind\":\"BACK_TO\",\"joint\":29}]}");
    assertThat(TestServer.json(server.get("/api/work/" + work)).path("beside").path("departures")).isEmpty();
  }

  /** Once it is worked each stretch is told with what it has come to, unless today's plan would be worked otherwise. */
  @Test
  void whatTheStretchesHaveComeToIsToldAtTheEnd() {
    SEAMS.forEach(this::join);
    JsonNode taken = TestServer.json(take());
    String work = taken.path("id").asString();
    int stitches = taken.path("plan").path("joints").size();
    assertThat(keep(work, 1, 1)).isEqualTo(200);
    String event = "{\"client\":\"c\",\"events\":[{\"seq\":%d,\"kind\":\"%s\",\"joint\":%d}]}";
    server.post("/api/work/" + work + "/events", event.formatted(2, "AS_WORKED", 1));
    String rest = IntStream.rangeClosed(2, stitches).mapToObj(joint -> "{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d}".formatted(joint + 1, joint)).collect(Collectors.joining(","));
    server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[" + rest + "]}");
    JsonNode kept = TestServer.json(server.post("/api/work/" + work + "/events", event.formatted(stitches + 2, "FINISH", 0)));
    JsonNode stretches = kept.path("beside").path("stretches");
    assertThat(stretches).hasSameSizeAs(TestServer.json(server.get(garment)).path("plan").path("strips").get(0).path("inner"));
    assertThat(stretches.get(0).path("more").asInt()).isEqualTo(1);
    JsonNode at = TestServer.json(server.get(garment)).path("plan").path("strips").get(0).path("inner").get(0).path("at");
    server.post(garment + "/changes", "{\"changes\":[{\"kind\":\"STRIP_STITCHES\",\"strip\":\"one\",\"at\":%s,\"wanted\":90}]}".formatted(at), "If-Match", "\"2\"");
    JsonNode later = TestServer.json(server.get("/api/work/" + work));
    assertThat(later.path("planChanged").asBoolean()).isTrue();
    assertThat(later.path("beside").path("stretches")).isEmpty();
  }

  /** Rows on a piece before it is joined: taken once by two windows, not taken off while they are in hand; no seam has to wait for them. */
  @Test
  void rowsOnAPieceAreWorkedLikeAnyEdging() {
    String rows = "{\"changes\":[{\"kind\":\"EDGING_WORKED\",\"piece\":\"front\",\"edge\":\"hem\",\"edging\":{\"rows\":%d,\"rowMm\":6,\"stitches\":70}}]}";
    assertThat(server.post(garment + "/changes", rows.formatted(2), "If-Match", "\"2\"").statusCode()).isEqualTo(200);
    String take = "{\"strip\":\"front:hem\"}";
    CompletableFuture<HttpResponse<String>> one = CompletableFuture.supplyAsync(() -> server.post(garment + "/work", take));
    CompletableFuture<HttpResponse<String>> other = CompletableFuture.supplyAsync(() -> server.post(garment + "/work", take));
    JsonNode taken = TestServer.json(one.join());
    assertThat(TestServer.json(other.join()).path("id").asString()).isEqualTo(taken.path("id").asString());
    assertThat(taken.path("plan").path("joints")).hasSize(140);
    assertThat(TestServer.json(server.get(garment + "/strips/front:hem")).path("work").asString()).isEqualTo(taken.path("id").asString());
    HttpResponse<String> off = server.post(garment + "/changes", rows.formatted(0), "If-Match", "\"3\"");
    assertThat(off.statusCode()).isEqualTo(422);
    assertThat(off.body()).contains("BEGUN_WITHOUT_PIECES").contains("Rows along the hem of the front is begun at the bench");
    assertThat(keep(taken.path("id").asString(), 1, 140)).isEqualTo(200);
    assertThat(server.post("/api/work/" + taken.path("id").asString() + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":141,\"kind\":\"FINISH\",\"joint\":0}]}").statusCode()).isEqualTo(200);
    assertThat(TestServer.json(server.get(garment)).path("finished").toString()).contains("front:hem");
    join("shoulder.left");
  }

  private void join(String seam) {
    JsonNode view = TestServer.json(server.post(garment + "/work", "{\"seam\":\"%s\"}".formatted(seam)));
    String work = view.path("id").asString();
    int joints = view.path("plan").path("joints").size();
    assertThat(keep(work, 1, joints)).isEqualTo(200);
    server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":%d,\"kind\":\"FINISH\",\"joint\":0}]}".formatted(joints + 1));
  }

  private int keep(String work, int from, int to) {
    String events = IntStream.rangeClosed(from, to).mapToObj(joint -> "{\"seq\":%1$d,\"kind\":\"JOINT\",\"joint\":%1$d}".formatted(joint)).collect(Collectors.joining(","));
    return server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[" + events + "]}").statusCode();
  }

  private HttpResponse<String> take() {
    return server.post(garment + "/work", "{\"strip\":\"one\"}");
  }
}
