package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A seam that is ended at the bench before its end, over HTTP: event and decision are one, also with two requests at once. */
class EarlyEndsApiTest {
  private static final String SHOULDER = "shoulder.right";

  private final TestServer server = TestServer.shared();
  private String garment = server.garment();

  private JsonNode take(String seam) {
    return TestServer.json(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"%s\"}".formatted(seam)));
  }

  private HttpResponse<String> keep(JsonNode work, String... events) {
    return server.post("/api/work/" + work.path("id").asString() + "/events", "{\"client\":\"c\",\"events\":[%s]}".formatted(String.join(",", events)));
  }

  private HttpResponse<String> end(JsonNode work, int seq, int joint, boolean twinToo) {
    return server.post("/api/work/" + work.path("id").asString() + "/end", "{\"client\":\"c\",\"seq\":%d,\"joint\":%d,\"twinToo\":%s}".formatted(seq, joint, twinToo));
  }

  private JsonNode opened() {
    return TestServer.json(server.get("/api/garments/" + garment));
  }

  private JsonNode seam(String id) {
    return Stream.of(opened().path("plan").path("seams")).flatMap(seams -> seams.valueStream()).filter(seam -> seam.path("id").asString().equals(id)).findFirst().orElseThrow();
  }

  private boolean isJoined(String id) {
    return opened().path("progress").valueStream().anyMatch(each -> each.path("seam").asString().equals(id) && each.path("state").asString().equals("JOINED"));
  }

  private JsonNode atJointTen(String seam) {
    JsonNode work = take(seam);
    keep(work, "{\"seq\":1,\"kind\":\"DONE_TO\",\"joint\":10}");
    return work;
  }

  @Test
  void itIsJoinedSoFarTheRestIsOpenAndItIsOpenedAgainWhereItEnded() {
    JsonNode work = atJointTen(SHOULDER);
    int whole = seam(SHOULDER).path("a").path("places").asInt();
    JsonNode view = TestServer.json(server.get("/api/work/" + work.path("id").asString() + "/end"));
    assertThat(view.path("effects").toString()).contains("Opening fronts, neck and hem: 240.9 cm instead of 222.4 cm.");
    assertThat(view.path("twin").path("name").asString()).isEqualTo("Left shoulder");

    JsonNode ended = TestServer.json(end(work, 2, 10, false));
    assertThat(ended.path("state").asString()).isEqualTo("JOINED");
    assertThat(ended.path("position").asInt()).isEqualTo(10);
    assertThat(seam(SHOULDER).path("a").path("places").asInt()).isEqualTo(10).isLessThan(whole);
    assertThat(isJoined(SHOULDER)).isTrue();
    assertThat(TestServer.json(server.get("/api/work/" + work.path("id").asString())).path("planChanged").asBoolean()).as("no other plan").isFalse();
    assertThat(opened().path("byEarlierPlan")).isEmpty();
    assertThat(end(work, 2, 10, false).statusCode()).as("the same again").isEqualTo(200);

    JsonNode again = TestServer.json(keep(work, "{\"seq\":3,\"kind\":\"BACK_TO\",\"joint\":10}"));
    assertThat(again.path("state").asString()).isEqualTo("IN_HAND");
    assertThat(again.path("position").asInt()).isEqualTo(10);
    assertThat(seam(SHOULDER).path("a").path("places").asInt()).isEqualTo(whole);
    JsonNode on = TestServer.json(keep(work, "{\"seq\":4,\"kind\":\"JOINT\",\"joint\":11}"));
    assertThat(on.path("position").asInt()).as("it goes on from there").isEqualTo(11);
  }

  @Test
  void theTwinEndsTooAndIsBegunByThatPlan() {
    JsonNode work = atJointTen(SHOULDER);
    assertThat(end(work, 2, 10, true).statusCode()).isEqualTo(200);
    assertThat(take("shoulder.left").path("plan").path("joints")).hasSize(10);
    JsonNode undone = TestServer.json(keep(work, "{\"seq\":3,\"kind\":\"UNDONE\",\"joint\":0}"));
    assertThat(undone.path("state").asString()).isEqualTo("UNDONE");
    assertThat(seam(SHOULDER).path("a").path("places").asInt()).isGreaterThan(10);
    assertThat(seam("shoulder.left").path("a").path("places").asInt()).as("the twin's own decision").isEqualTo(10);
  }

  @Test
  void whereItEndsCannotBeChangedBesideTheBench() {
    JsonNode work = atJointTen(SHOULDER);
    end(work, 2, 10, false);
    int version = opened().path("version").asInt();
    for (String change : new String[] {"{\"kind\":\"SEAM_WHOLE\",\"seam\":\"%s\"}", "{\"kind\":\"SEAM_ENDED\",\"seam\":\"%s\",\"a\":5,\"b\":5}"}) {
      HttpResponse<String> refused = server.post("/api/garments/" + garment + "/changes", "{\"changes\":[%s]}".formatted(change.formatted(SHOULDER)), "If-Match", "\"" + version + "\"");
      assertThat(refused.statusCode()).isEqualTo(422);
      assertThat(refused.body()).contains("BEGUN_TOLD_ANEW");
    }
    HttpResponse<String> undo = server.post("/api/garments/" + garment + "/undo", "", "If-Match", "\"" + version + "\"");
    assertThat(undo.statusCode()).as("taking the decision back beside the bench").isNotEqualTo(200);
    assertThat(end(work, 3, 11, false).statusCode()).as("ended already").isEqualTo(409);
    assertThat(keep(work, "{\"seq\":3,\"kind\":\"ENDED\",\"joint\":10}").statusCode()).isEqualTo(409);
  }

  @Test
  void atItsStartAndBesideALineThereIsNothingToEnd() {
    JsonNode work = take(SHOULDER);
    assertThat(TestServer.json(server.get("/api/work/" + work.path("id").asString() + "/end")).path("refusal").asString()).contains("cannot end there");
    assertThat(end(work, 1, 0, false).statusCode()).isEqualTo(409);
    assertThat(keep(work, "{\"seq\":1,\"kind\":\"ENDED\",\"joint\":0}").statusCode()).isEqualTo(409);
  }

  /** Two windows at once: one ends it, the other goes on or ends it too; what is decided and what is kept agree. */
  @Test
  void twoAtOnceAgree() {
    for (int round = 0; round < 4; round++) {
      String seam = round % 2 == 0 ? "shoulder.right" : "shoulder.left";
      garment = server.garment();
      JsonNode work = atJointTen(seam);
      int first = round;
      CompletableFuture<HttpResponse<String>> ends = CompletableFuture.supplyAsync(() -> end(work, 2, 10, false));
      CompletableFuture<HttpResponse<String>> other = CompletableFuture.supplyAsync(() -> first < 2 ? keep(work, "{\"seq\":2,\"kind\":\"JOINT\",\"joint\":11}") : end(work, 2, 10, true));
      HttpResponse<String> one = ends.join();
      HttpResponse<String> two = other.join();
      JsonNode now = TestServer.json(server.get("/api/work/" + work.path("id").asString()));
      boolean isEnded = now.path("state").asString().equals("JOINED");
      assertThat(seam(seam).path("a").path("places").asInt() == 10).as("round %d: %d %d", round, one.statusCode(), two.statusCode()).isEqualTo(isEnded);
      assertThat(Stream.of(one, two).filter(answer -> answer.statusCode() == 200)).isNotEmpty();
    }
  }
}
