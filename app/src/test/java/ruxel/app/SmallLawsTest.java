package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.net.http.HttpClient;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class SmallLawsTest {
  private final TestServer server = TestServer.shared();
  private final String garment = server.garment();

  private HttpResponse<String> change(String body, int version) {
    return server.post("/api/garments/" + garment + "/changes", body, "If-Match", "\"" + version + "\"");
  }

  private static String renamed(String name, String key) {
    return "{\"changes\":[{\"kind\":\"RENAMED\",\"name\":\"%s\"}],\"key\":\"%s\"}".formatted(name, key);
  }

  @Test
  void aUsedKeyWithAnotherBodyIsRefused() {
    assertThat(change(renamed("Quay coat", "k1"), 1).statusCode()).isEqualTo(200);
    assertThat(change(renamed("Quay coat", "k1"), 1).statusCode()).isEqualTo(200);
    HttpResponse<String> other = change(renamed("Pier coat", "k1"), 2);
    assertThat(other.statusCode()).isEqualTo(422);
    assertThat(other.body()).contains("KEY_USED");
    assertThat(TestServer.json(server.get("/api/garments/" + garment)).path("plan").path("name").asString()).isEqualTo("Quay coat");
  }

  @Test
  void aKeyHasABoundAndAnEmptyOneIsNone() {
    assertThat(change(renamed("Quay coat", "k".repeat(20_000)), 1).body()).contains("KEY_LENGTH");
    assertThat(change(renamed("Quay coat", ""), 1).statusCode()).isEqualTo(200);
    assertThat(change(renamed("Pier coat", ""), 2).statusCode()).as("no key is not the same key").isEqualTo(200);
  }

  @Test
  void noChangesMakeNoVersion() {
    assertThat(TestServer.json(change("{\"changes\":[]}", 1)).path("version").asInt()).isEqualTo(1);
    assertThat(change("{\"changes\":[]}", 9).statusCode()).as("but the version is looked at").isEqualTo(412);
  }

  @Test
  void tooManyChangesAtOnceAreRefused() {
    String many = "{\"kind\":\"ORDER_LEFT\"},".repeat(200) + "{\"kind\":\"ORDER_LEFT\"}";
    assertThat(change("{\"changes\":[" + many + "]}", 1).body()).contains("TOO_MANY_CHANGES");
  }

  @Test
  void aGarmentGivenPieceByPieceHasNoAnswersToChange() {
    String tube = TestServer.json(server.post("/api/garments/import", TestServer.demo("/tube.json"))).path("id").asString();
    HttpResponse<String> refused =
        server.post("/api/garments/" + tube + "/changes", "{\"changes\":[{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"backStitches\":60}}]}", "If-Match", "\"1\"");
    assertThat(refused.statusCode()).isEqualTo(422);
    assertThat(refused.body()).contains("NO_RECIPE");
  }

  @Test
  void aJointForADeletedGarmentIsRefusedWithTheReason() {
    String work = TestServer.json(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}")).path("id").asString();
    assertThat(server.move(garment, "DELETED").statusCode()).isEqualTo(200);
    HttpResponse<String> refused = server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":1,\"kind\":\"JOINT\",\"joint\":1}]}");
    assertThat(refused.statusCode()).isEqualTo(404);
    assertThat(TestServer.json(refused).path("detail").asString()).contains("deleted");
  }

  /** What one window joins is told to the other at once, with who did it. */
  @Test
  void twoWindowsAtOneBenchSeeEachOthersJoints() throws IOException, InterruptedException {
    String work = TestServer.json(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}")).path("id").asString();
    HttpResponse<InputStream> moves =
        HttpClient.newHttpClient().send(server.request("/api/work/" + work + "/moves").build(), HttpResponse.BodyHandlers.ofInputStream());
    try (BufferedReader lines = new BufferedReader(new InputStreamReader(moves.body(), StandardCharsets.UTF_8))) {
      assertThat(lines.readLine()).isEqualTo(":listening");
      server.post("/api/work/" + work + "/events", "{\"client\":\"other\",\"events\":[{\"seq\":1,\"kind\":\"JOINT\",\"joint\":1}]}");
      String data = lines.lines().filter(line -> line.startsWith("data:")).findFirst().orElseThrow().substring(5);
      JsonNode moved = TestServer.JSON.readTree(data);
      assertThat(moved.path("client").asString()).isEqualTo("other");
      assertThat(moved.path("place").path("position").asInt()).isEqualTo(1);
    }
    assertThat(TestServer.json(server.get("/api/work/" + work + "/place")).path("nextSeq").asInt()).isEqualTo(2);
  }

  /** What the server says is for the maker, and a pipe nobody reads must not fill. */
  @Test
  void aSheetIsSetWithoutAWord() {
    PrintStream out = System.out;
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
    try {
      assertThat(server.get("/api/garments/" + garment + "/sheet.pdf").statusCode()).isEqualTo(200);
    } finally {
      System.setOut(out);
    }
    assertThat(said.toString(StandardCharsets.UTF_8)).doesNotContain("font");
  }
}
