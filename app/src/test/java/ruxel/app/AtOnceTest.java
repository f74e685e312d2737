package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Wherever something is written, two requests at once. */
class AtOnceTest {
  private static final int WINDOWS = 12;

  private final TestServer server = TestServer.shared();
  private final String garment = server.garment();
  private final ExecutorService windows = Executors.newFixedThreadPool(WINDOWS);

  @AfterEach
  void close() {
    windows.shutdownNow();
  }

  private List<HttpResponse<String>> allAtOnce(List<Supplier<HttpResponse<String>>> requests) {
    List<CompletableFuture<HttpResponse<String>>> running =
        requests.stream().map(request -> CompletableFuture.supplyAsync(request, windows)).toList();
    return running.stream().map(CompletableFuture::join).toList();
  }

  private List<HttpResponse<String>> atOnce(Supplier<HttpResponse<String>> request) {
    return allAtOnce(IntStream.range(0, WINDOWS).mapToObj(i -> request).toList());
  }

  @RepeatedTest(3)
  void aSeamTakenByTwelveWindowsAtOnceHasOneWork() {
    List<HttpResponse<String>> taken = atOnce(() -> server.post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}"));
    assertThat(taken).extracting(HttpResponse::statusCode).containsOnly(200);
    Set<String> works = new HashSet<>();
    taken.forEach(answer -> works.add(TestServer.json(answer).path("id").asString()));
    assertThat(works).hasSize(1);
    String events = "{\"client\":\"c\",\"events\":[{\"seq\":1,\"kind\":\"JOINT\",\"joint\":1}]}";
    assertThat(server.post("/api/work/" + works.iterator().next() + "/events", events).statusCode()).isEqualTo(200);
    JsonNode progress = TestServer.json(server.get("/api/garments/" + garment)).path("progress").get(0);
    assertThat(progress.path("position").asInt()).as("the acknowledged joint is there").isEqualTo(1);
  }

  @RepeatedTest(3)
  void oneKeySentManyTimesAtOnceIsOneVersionAndOneAnswer() {
    String body = "{\"changes\":[{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}],\"key\":\"" + UUID.randomUUID() + "\"}";
    List<HttpResponse<String>> answers = atOnce(() -> server.post("/api/garments/" + garment + "/changes", body, "If-Match", "\"1\""));
    assertThat(answers).extracting(HttpResponse::statusCode).containsOnly(200);
    assertThat(answers).extracting(HttpResponse::body).allMatch(answers.get(0).body()::equals);
    assertThat(TestServer.json(server.get("/api/garments/" + garment)).path("version").asInt()).isEqualTo(2);
  }

  @Test
  void ofChangesOfOneVersionAtOnceOneIsSaved() {
    List<Supplier<HttpResponse<String>>> changes = new ArrayList<>();
    for (int i = 0; i < WINDOWS; i++) {
      String body = "{\"changes\":[{\"kind\":\"RENAMED\",\"name\":\"Coat %d\"}],\"key\":\"%s\"}".formatted(i, UUID.randomUUID());
      changes.add(() -> server.post("/api/garments/" + garment + "/changes", body, "If-Match", "\"1\""));
    }
    List<Integer> statuses = allAtOnce(changes).stream().map(HttpResponse::statusCode).toList();
    assertThat(statuses).filteredOn(status -> status == 200).hasSize(1);
    assertThat(statuses).filteredOn(status -> status == 412).hasSize(WINDOWS - 1);
    assertThat(TestServer.json(server.get("/api/garments/" + garment + "/history"))).hasSize(1);
  }

  /** Rules and reasons are decisions like any other: of those sent for one version one is kept, the others are told. */
  @Test
  void ofRulesAndReasonsAtOnceOneIsKept() {
    List<Supplier<HttpResponse<String>>> changes = new ArrayList<>();
    for (int i = 0; i < WINDOWS; i++) {
      String change =
          i % 2 == 0
              ? "{\"kind\":\"RULE_CHANGED\",\"rule\":\"MARKER_JOINTS\",\"value\":%d}".formatted(4 + i)
              : "{\"kind\":\"FINDING_LEFT\",\"finding\":\"TWINS_DIFFER.%d\",\"what\":\"counted twice\"}".formatted(i);
      changes.add(() -> server.post("/api/garments/" + garment + "/changes", "{\"changes\":[" + change + "]}", "If-Match", "\"1\""));
    }
    List<Integer> statuses = allAtOnce(changes).stream().map(HttpResponse::statusCode).toList();
    assertThat(statuses).filteredOn(status -> status == 200).hasSize(1);
    assertThat(statuses).filteredOn(status -> status == 412).hasSize(WINDOWS - 1);
    String file = server.get("/api/garments/" + garment + "/file").body();
    assertThat(file.contains("MARKER_JOINTS")).isNotEqualTo(file.contains("counted twice"));
  }

  @Test
  void undoAndRedoAtOnceMakeOneVersionEach() {
    String change = "{\"changes\":[{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}]}";
    server.post("/api/garments/" + garment + "/changes", change, "If-Match", "\"1\"");
    List<Integer> undone =
        atOnce(() -> server.post("/api/garments/" + garment + "/undo", "{}", "If-Match", "\"2\"")).stream().map(HttpResponse::statusCode).toList();
    assertThat(undone).filteredOn(status -> status == 200).hasSize(1);
    assertThat(TestServer.json(server.get("/api/garments/" + garment)).path("version").asInt()).isEqualTo(3);
    List<Integer> redone =
        atOnce(() -> server.post("/api/garments/" + garment + "/redo", "{}", "If-Match", "\"3\"")).stream().map(HttpResponse::statusCode).toList();
    assertThat(redone).filteredOn(status -> status == 200).hasSize(1);
  }

  /** A cardigan's front is begun while the garment becomes a pullover: one of the two is refused, never both done. */
  @RepeatedTest(6)
  void takingASeamAndTakingItsPiecesAwayAtOnce() {
    String pullover = "{\"changes\":[{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"kind\":\"PULLOVER\",\"neckCentre\":6}}]}";
    List<HttpResponse<String>> answers =
        allAtOnce(
            List.of(
                () -> server.post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}"),
                () -> server.post("/api/garments/" + garment + "/changes", pullover, "If-Match", "\"1\"")));
    JsonNode opened = TestServer.json(server.get("/api/garments/" + garment));
    boolean changed = answers.get(1).statusCode() == 200;
    JsonNode taken = TestServer.json(answers.get(0));
    assertThat(answers.get(0).statusCode()).as(answers.get(0).body()).isEqualTo(200);
    String piece = taken.path("plan").path("plan").path("a").path("rails").get(0).path("piece").asString();
    List<String> pieces = new ArrayList<>();
    opened.path("plan").path("pieces").forEach(p -> pieces.add(p.path("id").asString()));
    assertThat(pieces).as("the begun seam has its piece, changed or not").contains(piece);
    if (!changed) {
      assertThat(TestServer.json(answers.get(1)).path("findings").get(0).path("code").asString()).isEqualTo("BEGUN_WITHOUT_PIECES");
    }
  }

  @Test
  void aFinishAndAnUndoneAtOnceLeaveNoGapAndNoSecondWork() {
    JsonNode work = TestServer.json(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}"));
    String id = work.path("id").asString();
    int joints = work.path("plan").path("joints").size();
    String all = IntStream.rangeClosed(1, joints).mapToObj(j -> "{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d}".formatted(j, j)).reduce((a, b) -> a + "," + b).orElseThrow();
    server.post("/api/work/" + id + "/events", "{\"client\":\"c\",\"events\":[" + all + "]}");
    List<HttpResponse<String>> answers =
        allAtOnce(
            List.of(
                () -> event(id, joints + 1, "FINISH"),
                () -> event(id, joints + 1, "UNDONE")));
    assertThat(answers).extracting(HttpResponse::statusCode).containsExactlyInAnyOrder(200, 409);
    List<HttpResponse<String>> again = atOnce(() -> server.post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}"));
    Set<String> works = new HashSet<>();
    again.forEach(answer -> works.add(TestServer.json(answer).path("id").asString()));
    assertThat(works).hasSize(1);
  }

  private HttpResponse<String> event(String work, int seq, String kind) {
    return server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":%d,\"kind\":\"%s\",\"joint\":0}]}".formatted(seq, kind));
  }
}
