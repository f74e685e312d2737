package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What is worked otherwise than planned over HTTP: kept at its joint with its side, told in words, and told to the seam on the other side. */
class OtherwiseApiTest {
  private final TestServer server = TestServer.shared();
  private final String garment = server.garment();

  private JsonNode take(String seam) {
    return TestServer.json(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"%s\"}".formatted(seam)));
  }

  private HttpResponse<String> keep(JsonNode work, String... events) {
    return server.post("/api/work/" + work.path("id").asString() + "/events", "{\"client\":\"c\",\"events\":[%s]}".formatted(String.join(",", events)));
  }

  private static String otherwise(int seq, int joint, String rest) {
    return "{\"seq\":%d,\"kind\":\"AS_WORKED\",\"joint\":%d%s}".formatted(seq, joint, rest);
  }

  @Test
  void whatWasDoneToTheFirstShoulderIsToldAtTheSecond() {
    JsonNode right = take("shoulder.right");
    assertThat(right.path("ledger").isMissingNode()).as("nothing is begun on the other side").isTrue();
    int joints = right.path("plan").path("joints").size();
    JsonNode kept = TestServer.json(keep(right, "{\"seq\":1,\"kind\":\"DONE_TO\",\"joint\":10}", otherwise(2, 10, ",\"what\":\"TWO_INTO_ONE\",\"side\":\"A\"")));
    JsonNode told = kept.path("beside").path("departures").get(0);
    assertThat(told.path("words").asString()).isEqualTo("At joint 10, two stitches of the right front into one.");
    assertThat(told.path("side").asString()).isEqualTo("A");
    assertThat(kept.path("beside").path("apart").asString()).startsWith("The front shoulder is 1 place further than planned");
    kept = TestServer.json(keep(right, otherwise(3, 10, ",\"what\":\"LEFT_OUT\",\"side\":\"B\"")));
    assertThat(kept.path("beside").path("apart").isMissingNode()).as("both are a place further").isTrue();
    keep(right, "{\"seq\":4,\"kind\":\"DONE_TO\",\"joint\":%d}".formatted(joints), otherwise(5, joints, ",\"what\":\"LEFT_OVER\",\"side\":\"B\",\"count\":2"), "{\"seq\":6,\"kind\":\"FINISH\",\"joint\":0}");

    JsonNode ledger = take("shoulder.left").path("ledger");
    assertThat(ledger.path("name").asString()).isEqualTo("Right shoulder");
    assertThat(ledger.path("state").asString()).isEqualTo("JOINED");
    assertThat(ledger.path("words")).hasSize(3);
    assertThat(ledger.path("words").get(2).asString()).isEqualTo("Two stitches of the back left over at the end.");
    assertThat(ledger.path("prompts").get(0).path("joint").asInt()).as("both run from the armhole").isEqualTo(10);
    assertThat(ledger.path("prompts").get(0).path("words").asString()).isEqualTo("At the right shoulder, you worked otherwise: at joint 10, two stitches of the right front into one.");
    assertThat(TestServer.json(server.get("/api/work/" + right.path("id").asString())).path("ledger").path("words")).as("the left one has nothing of the kind").isEmpty();

    keep(right, "{\"seq\":7,\"kind\":\"BACK_TO\",\"joint\":9}");
    assertThat(take("shoulder.left").path("ledger").path("words")).as("what is undone is told no more").isEmpty();
  }

  @Test
  void aPlaceWithoutASideAndMoreThanThereIsAreRefused() {
    JsonNode work = take("shoulder.left");
    keep(work, "{\"seq\":1,\"kind\":\"DONE_TO\",\"joint\":5}");
    for (String wrong : List.of(",\"what\":\"LEFT_OUT\"", ",\"what\":\"ONE_MORE\",\"side\":\"A\"", ",\"what\":\"LEFT_OVER\",\"side\":\"B\",\"count\":501", ",\"what\":\"LEFT_OUT\",\"side\":\"A\",\"count\":2")) {
      HttpResponse<String> refused = keep(work, otherwise(2, 5, wrong));
      assertThat(refused.statusCode()).as(wrong).isEqualTo(409);
      assertThat(refused.body()).contains("Expected ");
    }
    assertThat(keep(work, otherwise(2, 6, ",\"what\":\"ONE_MORE\"")).statusCode()).as("not done yet").isEqualTo(409);
    assertThat(keep(work, otherwise(2, 5, ",\"what\":\"UNRAVELLED\"")).statusCode()).isEqualTo(400);
    assertThat(TestServer.json(server.get("/api/work/" + work.path("id").asString())).path("beside").path("departures")).isEmpty();
  }

  /** The length by the tape and what is not right are kept, gone with their joints, and told to the other side. */
  @Test
  void whatWasSeenOfTheFirstIsToldAtTheSecond() {
    JsonNode left = take("shoulder.left");
    int joints = left.path("plan").path("joints").size();
    String looked = ",\"kind\":\"LOOKED\",\"joint\":%d,\"mm\":%s,\"faults\":[%s]}";
    keep(left, "{\"seq\":1,\"kind\":\"DONE_TO\",\"joint\":%d}".formatted(joints));
    assertThat(keep(left, "{\"seq\":2" + looked.formatted(joints, "-4", "")).statusCode()).isEqualTo(409);
    assertThat(keep(left, "{\"seq\":2" + looked.formatted(joints, "100", "\"TOO_PINK\"")).statusCode()).isEqualTo(400);
    JsonNode kept = TestServer.json(keep(left, "{\"seq\":2" + looked.formatted(joints, "100", "\"GAPS\",\"PEEKS\""))).path("beside");
    assertThat(kept.path("faults").toString()).isEqualTo("[\"GAPS\",\"PEEKS\"]");
    assertThat(kept.path("sewn").get(0).path("words").asString()).startsWith("10 cm sewn, 16.4 cm planned: it draws in by 39");
    keep(left, "{\"seq\":3,\"kind\":\"FINISH\",\"joint\":0}", "{\"seq\":4,\"kind\":\"LOOKED\",\"joint\":%d}".formatted(joints));
    assertThat(TestServer.json(server.get("/api/garments/" + garment)).path("progress").get(0).path("state").asString()).as("a look changes nothing").isEqualTo("JOINED");
    JsonNode view = TestServer.json(server.get("/api/work/" + left.path("id").asString()));
    assertThat(view.path("beside").path("faults")).as("looked at again").isEmpty();
    assertThat(view.path("questions")).hasSize(4);
    assertThat(take("shoulder.right").path("ledger").path("words").get(0).asString()).startsWith("10 cm sewn");
  }

  /** A window that knows of one more alone goes on; the same told twice at once is kept once. */
  @Test
  void oneMoreIsKeptOnceThoughTwoTellIt() {
    JsonNode work = take("shoulder.left");
    keep(work, "{\"seq\":1,\"kind\":\"DONE_TO\",\"joint\":5}");
    List<CompletableFuture<HttpResponse<String>>> both = Stream.generate(() -> CompletableFuture.supplyAsync(() -> keep(work, otherwise(2, 5, "")))).limit(2).toList();
    assertThat(both).allSatisfy(answer -> assertThat(answer.join().statusCode()).isEqualTo(200));
    JsonNode told = TestServer.json(server.get("/api/work/" + work.path("id").asString())).path("beside").path("departures");
    assertThat(told).hasSize(1);
    assertThat(told.get(0).path("what").asString()).isEqualTo("ONE_MORE");
    assertThat(server.bean(JdbcClient.class).sql("SELECT count(*) FROM work_event WHERE work_id = :id::uuid").param("id", work.path("id").asString()).query(Integer.class).single()).isEqualTo(2);
  }
}
