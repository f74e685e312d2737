package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Squares over HTTP: colours placed, lines at the bench, what is begun is kept. */
class SquaresApiTest {
  private final TestServer server = TestServer.shared();
  private final String garment = created();

  private String created() {
    String body =
        """
        {"name": "Squares", "construction": "squares", "answers": {"kind": "CARDIGAN", "squaresAcross": 4, "squaresHigh": 3, "armholeHalfSquares": 2, "motifStitches": 5, "sleeveSquares": 2}}
        """;
    return "/api/garments/" + TestServer.json(server.post("/api/garments", body)).path("id").asString();
  }

  @Test
  void coloursArePlacedAndTakenBack() {
    change(1, "{\"kind\":\"COLOURWAY_ADDED\",\"id\":\"dusk\",\"name\":\"Dusk\",\"colour\":\"WOAD\"},{\"kind\":\"COLOURWAY_ADDED\",\"id\":\"lamp\",\"name\":\"Lamp\",\"colour\":\"WELD\"},{\"kind\":\"COLOURS_PLACED\",\"seed\":1,\"wishes\":[]}");
    JsonNode colours = opened().path("plan").path("colours");
    assertThat(colours.path("clashes")).isEmpty();
    assertThat(colours.path("uncoloured").asInt()).isZero();
    assertThat(server.post(garment + "/undo", "{}", "If-Match", "\"2\"").statusCode()).isEqualTo(200);
    assertThat(opened().path("plan").path("colours").path("stock")).isEmpty();
  }

  /** Boards are as large as all the rest: only those that a change touches come with its answer, and what has a version is compressed. */
  @Test
  void anAnswerIsAsSmallAsItsChange() throws IOException, InterruptedException {
    JsonNode renamed = change(1, "{\"kind\":\"RENAMED\",\"name\":\"Night squares\"}");
    assertThat(renamed.path("plan").path("boards")).isEmpty();
    JsonNode boards = opened().path("plan").path("boards");
    assertThat(renamed.path("boards").valueStream().map(JsonNode::asString)).containsExactlyElementsOf(boards.valueStream().map(board -> board.path("id").asString()).toList());
    JsonNode turned = change(2, "{\"kind\":\"SQUARE_TURNED\",\"piece\":\"back\",\"row\":1,\"column\":1}");
    assertThat(turned.path("plan").path("boards").valueStream().map(board -> board.path("id").asString())).containsExactly("back");
    HttpRequest wanted = HttpRequest.newBuilder(URI.create(server.address() + garment)).header("Accept-Encoding", "gzip").build();
    HttpResponse<byte[]> compressed = HttpClient.newHttpClient().send(wanted, HttpResponse.BodyHandlers.ofByteArray());
    assertThat(compressed.headers().firstValue("Content-Encoding")).contains("gzip");
    assertThat(TestServer.JSON.readTree(new GZIPInputStream(new ByteArrayInputStream(compressed.body())))).isEqualTo(opened());
    assertThat(compressed.body().length).isLessThan(opened().toString().length() / 4);
  }

  /** A column is worked over the rows: not before these are joined, unless the maker says so; by markers, and at once where it was joined before. */
  @Test
  void aColumnComesAfterTheRowsItCrosses() {
    String column = "{\"board\":\"back\",\"line\":\"column.1.1\"}";
    JsonNode first = TestServer.json(server.get(garment + "/boards/back/lines/column.1.1")).path("first");
    assertThat(first.valueStream().map(JsonNode::asString)).containsExactly("Between rows 1 and 2", "Between rows 2 and 3");
    HttpResponse<String> tooEarly = server.post(garment + "/work", column);
    assertThat(tooEarly.statusCode()).isEqualTo(422);
    assertThat(tooEarly.body()).contains("LINE_TOO_EARLY", "between rows 1 and 2 and between rows 2 and 3");
    for (String row : new String[] {"row.1.1", "row.2.1"}) {
      JsonNode work = take("back", row);
      int joints = work.path("plan").path("joints").size();
      int marker = work.path("plan").path("stops").get(0).path("joint").asInt();
      String id = work.path("id").asString();
      HttpResponse<String> kept = server.post("/api/work/" + id + "/events", "{\"client\":\"one\",\"events\":[{\"seq\":1,\"kind\":\"JOINT\",\"joint\":1},{\"seq\":2,\"kind\":\"DONE_TO\",\"joint\":%d},{\"seq\":3,\"kind\":\"DONE_TO\",\"joint\":%d},{\"seq\":4,\"kind\":\"FINISH\",\"joint\":0}]}".formatted(marker, joints));
      assertThat(TestServer.json(kept).path("state").asString()).isEqualTo("JOINED");
      assertThat(TestServer.json(kept).has("secondsPerJoint")).as("what is not counted gives no pace").isFalse();
    }
    assertThat(TestServer.json(server.get(garment + "/boards/back/lines/column.1.1")).path("first")).isEmpty();
    assertThat(server.post(garment + "/work", column).statusCode()).isEqualTo(200);
    assertThat(server.post(garment + "/work?outOfTurn=true", "{\"board\":\"front.left\",\"line\":\"column.1.1\"}").statusCode()).isEqualTo(200);
    String row = TestServer.json(server.get(garment + "/boards/back/lines/row.1.1")).path("work").asString();
    JsonNode opened = TestServer.json(server.post("/api/work/" + row + "/events", "{\"client\":\"one\",\"events\":[{\"seq\":5,\"kind\":\"BACK_TO\",\"joint\":14}]}"));
    assertThat(opened.path("state").asString()).isEqualTo("IN_HAND");
    assertThat(opened.path("position").asInt()).isEqualTo(14);
    assertThat(TestServer.json(server.get(garment + "/boards/back/lines/column.1.1")).path("first").valueStream().map(JsonNode::asString)).containsExactly("Between rows 1 and 2");
  }

  /** A line joint by joint, left in the middle and found again at the exact stitch, by whichever window. */
  @Test
  void aLineIsWorkedAndFoundAgain() {
    JsonNode line = TestServer.json(server.get(garment + "/boards/back/lines/row.1.1"));
    assertThat(line.path("plan").path("joints")).hasSize(28);
    assertThat(line.has("work")).isFalse();
    JsonNode work = take("back", "row.1.1");
    String id = work.path("id").asString();
    String joints = IntStream.rangeClosed(1, 9).mapToObj(seq -> "{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d}".formatted(seq, seq)).collect(Collectors.joining(","));
    assertThat(server.post("/api/work/" + id + "/events", "{\"client\":\"one\",\"events\":[" + joints + "]}").statusCode()).isEqualTo(200);
    JsonNode again = take("back", "row.1.1");
    assertThat(again.path("id").asString()).isEqualTo(id);
    assertThat(again.path("position").asInt()).isEqualTo(9);
    JsonNode lines = TestServer.json(server.get(garment + "/lines"));
    assertThat(lines).hasSize(1);
    assertThat(lines.get(0).path("board").asString()).isEqualTo("back");
    assertThat(lines.get(0).path("position").asInt()).isEqualTo(9);
    assertThat(opened().path("progress")).as("a line is no seam").noneMatch(seam -> seam.has("state"));
    assertThat(server.post("/api/garments/x/work", "{}").statusCode()).isGreaterThanOrEqualTo(400);
    assertThat(server.post(garment + "/work", "{}").statusCode()).isEqualTo(404);
    assertThat(server.get(garment + "/boards/hat/lines/row.1.1").statusCode()).isEqualTo(404);
  }

  /** Asked for twice at once there is one work of a line. */
  @Test
  void oneWorkForALine() {
    CompletableFuture<String> one = CompletableFuture.supplyAsync(() -> take("back", "row.1.1").path("id").asString());
    CompletableFuture<String> other = CompletableFuture.supplyAsync(() -> take("back", "row.1.1").path("id").asString());
    assertThat(one.join()).isEqualTo(other.join());
  }

  /** A board with a begun line keeps its squares; colours may still be moved. */
  @Test
  void aBegunLineKeepsItsSquares() {
    take("back", "row.2.1");
    HttpResponse<String> smaller = tried(1, "{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"squaresHigh\":2,\"armholeHalfSquares\":1,\"neckSquares\":0},\"cleared\":[]}");
    assertThat(smaller.statusCode()).isEqualTo(422);
    assertThat(smaller.body()).contains("BEGUN_WITHOUT_PIECES");
    HttpResponse<String> wider = tried(1, "{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"squaresAcross\":6},\"cleared\":[]}");
    assertThat(wider.body()).contains("BEGUN_TOLD_ANEW");
    change(1, "{\"kind\":\"COLOURWAY_ADDED\",\"id\":\"dusk\",\"name\":\"Dusk\",\"colour\":\"WOAD\"}");
  }

  /** Fewer squares than the boards take: the board that lacks one is not joined before it is decided. */
  @Test
  void aBoardThatLacksASquareIsDecidedFirst() {
    change(1, "{\"kind\":\"COLOURWAY_ADDED\",\"id\":\"dusk\",\"name\":\"Dusk\",\"colour\":\"WOAD\",\"made\":3},{\"kind\":\"COLOURS_PLACED\",\"seed\":1,\"wishes\":[]}");
    JsonNode short_ = null;
    for (JsonNode finding : opened().path("plan").path("findings")) {
      short_ = finding.path("code").asString().equals("SQUARES_SHORT") ? finding : short_;
    }
    assertThat(short_).isNotNull();
    String board = short_.path("piece").asString();
    assertThat(server.post(garment + "/work", "{\"board\":\"%s\",\"line\":\"row.1.1\"}".formatted(board)).statusCode()).isEqualTo(409);
    change(2, "{\"kind\":\"FINDING_LEFT\",\"finding\":\"%s\",\"what\":\"The rest is on the hook.\"}".formatted(short_.path("key").asString()));
    assertThat(take(board, "row.1.1").path("position").asInt()).isZero();
  }

  private JsonNode opened() {
    return TestServer.json(server.get(garment));
  }

  private JsonNode take(String board, String line) {
    HttpResponse<String> taken = server.post(garment + "/work", "{\"board\":\"%s\",\"line\":\"%s\"}".formatted(board, line));
    assertThat(taken.statusCode()).as(taken.body()).isEqualTo(200);
    return TestServer.json(taken);
  }

  private HttpResponse<String> tried(int version, String change) {
    return server.post(garment + "/changes", "{\"changes\":[" + change + "]}", "If-Match", "\"" + version + "\"");
  }

  private JsonNode change(int version, String changes) {
    HttpResponse<String> changed = tried(version, changes);
    assertThat(changed.statusCode()).as(changed.body()).isEqualTo(200);
    return TestServer.json(changed);
  }
}
