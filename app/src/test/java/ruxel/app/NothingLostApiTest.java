package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What has no place any more is kept and listed, what is begun stays, and no name ever comes to mean something else. */
class NothingLostApiTest {
  private final TestServer server = TestServer.shared();

  private record Open(TestServer server, String path) {
    JsonNode garment() {
      return TestServer.json(server.get(path));
    }

    JsonNode plan() {
      return garment().path("plan");
    }

    HttpResponse<String> tried(String... changes) {
      return server.post(path + "/changes", "{\"changes\":[" + String.join(",", changes) + "]}", "If-Match", "\"" + garment().path("version").asInt() + "\"");
    }

    void change(String... changes) {
      HttpResponse<String> answer = tried(changes);
      assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
    }

    JsonNode opening(String name) {
      return all(plan().path("gluing").path("openings")).stream().filter(each -> each.path("name").asString().equals(name)).findFirst().orElseThrow();
    }

    /** Taken to the bench and worked to its end, or so far. */
    void work(String of, int most) {
      HttpResponse<String> taken = server.post(path + "/work", of);
      assertThat(taken.statusCode()).as(taken.body()).isEqualTo(200);
      String work = TestServer.json(taken).path("id").asString();
      int joints = TestServer.json(taken).path("plan").path("joints").size();
      List<String> events = new ArrayList<>(IntStream.rangeClosed(1, Math.min(joints, most)).mapToObj("{\"seq\":%1$d,\"kind\":\"JOINT\",\"joint\":%1$d}"::formatted).toList());
      if (most >= joints) {
        events.add("{\"seq\":%d,\"kind\":\"FINISH\",\"joint\":0}".formatted(joints + 1));
      }
      HttpResponse<String> kept = server.post("/api/work/" + work + "/events", "{\"client\":\"c\",\"events\":[" + String.join(",", events) + "]}");
      assertThat(kept.statusCode()).as(kept.body()).isEqualTo(200);
    }

    void finish(String of) {
      work(of, Integer.MAX_VALUE);
    }
  }

  private static List<JsonNode> all(JsonNode list) {
    return IntStream.range(0, list.size()).mapToObj(list::get).toList();
  }

  private Open created(String construction, String answers) {
    String body = "{\"name\": \"Quay\", \"construction\": \"%s\", \"answers\": {%s}}".formatted(construction, answers);
    return new Open(server, "/api/garments/" + TestServer.json(server.post("/api/garments", body)).path("id").asString());
  }

  private static String edging(String from) {
    return "{\"kind\":\"STRIP_ADDED\",\"strip\":{\"id\":\"\",\"name\":\"Front edging\",\"from\":%s,\"rounds\":[{\"stitch\":\"SC\",\"widthMm\":6.25,\"heightMm\":6,\"turned\":false}],\"multiple\":{\"of\":1,\"more\":0},\"straightOn\":false,\"trims\":{}}}"
        .formatted(from);
  }

  private static final String PULLOVER = "{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"kind\":\"PULLOVER\"},\"cleared\":[]}";

  /** A cardigan that becomes a pullover has no front edge: its edging is listed with what it was, and the next one is not it. */
  @Test
  void anEdgingWithoutItsEdgeIsKeptListedAndLaidOnAgain() {
    Open vest = created("sleeveless", "\"kind\":\"CARDIGAN\"");
    JsonNode edge = all(vest.plan().path("pieces")).stream().flatMap(piece -> all(piece.path("edges")).stream().filter(each -> each.path("id").asString().equals("front"))
        .map(each -> TestServer.JSON.createObjectNode().put("piece", piece.path("id").asString()).put("edge", each.path("id").asString()).put("run", each.path("runs").get(0).path("id").asString()))).findFirst().map(JsonNode.class::cast).orElseThrow();
    vest.change(edging("{\"piece\":%s,\"edge\":%s,\"cut\":{\"run\":%s,\"offset\":0,\"from\":\"START\"},\"at\":\"CUT\"}".formatted(edge.path("piece"), edge.path("edge"), edge.path("run"))));
    String first = vest.plan().path("strips").get(0).path("id").asString();
    vest.change(PULLOVER);
    assertThat(vest.plan().path("strips")).isEmpty();
    JsonNode gone = vest.plan().path("gone").get(0);
    assertThat(gone.path("of").path("strip").asString()).isEqualTo(first);
    assertThat(gone.path("words").asString()).isEqualTo("The front edging: 1 round: single crochet.");
    assertThat(all(vest.plan().path("findings"))).anyMatch(finding -> finding.path("code").asString().equals("STRIP_GONE") && finding.path("strip").asString().equals(first));

    vest.change(edging(vest.opening("Neck").path("start").toString()));
    JsonNode next = vest.plan().path("strips").get(0);
    assertThat(next.path("id").asString()).isNotEqualTo(first);
    assertThat(vest.plan().path("gone")).hasSize(1);
    assertThat(TestServer.json(server.get(vest.path() + "/file")).path("settings").path("strips")).as("both are in the file").hasSize(2);

    vest.change("{\"kind\":\"STRIP_LAID_ON\",\"strip\":\"%s\",\"from\":%s}".formatted(first, vest.opening("Left armhole").path("start")));
    assertThat(vest.plan().path("gone")).isEmpty();
    assertThat(all(vest.plan().path("strips"))).extracting(strip -> strip.path("opening").asString()).containsExactlyInAnyOrder("Left armhole", "Neck");
  }

  /** What has no place is removed one by one; what has one is not. */
  @Test
  void whatIsGoneIsRemovedByItsKey() {
    Open vest = created("sleeveless", "\"kind\":\"CARDIGAN\"");
    vest.change("{\"kind\":\"EDGE_MEASURED\",\"piece\":\"front.left\",\"edge\":\"hem\",\"mm\":200}");
    vest.change(PULLOVER);
    assertThat(vest.plan().path("gone")).hasSize(1);
    String key = vest.plan().path("gone").get(0).path("key").toString();
    vest.change("{\"kind\":\"GONE_REMOVED\",\"gone\":" + key + "}");
    assertThat(vest.plan().path("gone")).isEmpty();
    assertThat(vest.tried("{\"kind\":\"GONE_REMOVED\",\"gone\":" + key + "}").body()).contains("GONE_UNKNOWN");
  }

  /** Begun, an edging holds its edge fast: neither an answer nor another place takes it away, nor may it be worked elsewhere. */
  @Test
  void aBegunEdgingStaysWhereItIs() {
    Open vest = created("sleeveless", "\"kind\":\"PULLOVER\"");
    JsonNode left = vest.opening("Left armhole");
    String methods = all(vest.plan().path("seams")).stream().map(seam -> "{\"kind\":\"METHOD_CHOSEN\",\"seam\":%s,\"method\":\"slip-both\"}".formatted(seam.path("id"))).collect(Collectors.joining(","));
    vest.change(edging(left.path("start").toString()), methods);
    String strip = vest.plan().path("strips").get(0).path("id").asString();
    all(vest.plan().path("steps")).forEach(step -> vest.finish("{\"seam\":%s}".formatted(step.path("seam"))));
    vest.work("{\"strip\":\"%s\"}".formatted(strip), 40);
    HttpResponse<String> moved = vest.tried("{\"kind\":\"STRIP_LAID_ON\",\"strip\":\"%s\",\"from\":%s}".formatted(strip, vest.opening("Right armhole").path("start")));
    assertThat(moved.statusCode()).isEqualTo(422);
    assertThat(moved.body()).contains("BEGUN_TOLD_ANEW");
    assertThat(vest.tried("{\"kind\":\"STRIP_REMOVED\",\"strip\":\"%s\"}".formatted(strip)).body()).contains("BEGUN_WITHOUT_PIECES");
    vest.change("{\"kind\":\"RENAMED\",\"name\":\"Pier\"}");
    vest.finish("{\"strip\":\"%s\"}".formatted(strip));
    String before = vest.plan().path("steps").get(3).path("seam").toString();
    assertThat(vest.tried("{\"kind\":\"STRIP_MOVED\",\"strip\":\"%s\",\"before\":%s}".formatted(strip, before)).statusCode()).isEqualTo(422);
  }

  /** A name that was at the bench is not given again, even when the work was undone. */
  @Test
  void whatWasWorkedKeepsItsName() {
    Open vest = created("sleeveless", "\"kind\":\"PULLOVER\"");
    String rows = "{\"kind\":\"STRIP_ADDED\",\"strip\":{\"id\":\"own.1\",\"name\":\"Hem\",\"from\":%s,\"rounds\":[{\"stitch\":\"SC\",\"widthMm\":6.25,\"heightMm\":6,\"turned\":false}],\"multiple\":{\"of\":1,\"more\":0},\"straightOn\":false,\"trims\":{}}}";
    vest.change(rows.formatted(vest.opening("Hem").path("start")));
    all(vest.plan().path("seams")).forEach(seam -> vest.change("{\"kind\":\"METHOD_CHOSEN\",\"seam\":%s,\"method\":\"slip-both\"}".formatted(seam.path("id"))));
    all(vest.plan().path("steps")).forEach(step -> vest.finish("{\"seam\":%s}".formatted(step.path("seam"))));
    JsonNode taken = TestServer.json(server.post(vest.path() + "/work", "{\"strip\":\"own.1\"}"));
    server.post("/api/work/" + taken.path("id").asString() + "/events", "{\"client\":\"c\",\"events\":[{\"seq\":1,\"kind\":\"UNDONE\",\"joint\":0}]}");
    vest.change("{\"kind\":\"STRIP_REMOVED\",\"strip\":\"own.1\"}");
    assertThat(vest.tried(rows.formatted(vest.opening("Hem").path("start"))).body()).contains("ID_TAKEN");
    vest.change(edging(vest.opening("Hem").path("start").toString()));
    assertThat(vest.plan().path("strips").get(0).path("id").asString()).isEqualTo("own.2");
  }

  /** The same on the other side gets a name of its own. */
  @Test
  void theOtherSideTakesNoNameThatIsThere() {
    Open vest = created("sleeveless", "\"kind\":\"PULLOVER\"");
    vest.change(edging(vest.opening("Left armhole").path("start").toString()), edging(vest.opening("Neck").path("start").toString()));
    String armhole = vest.plan().path("strips").get(0).path("id").asString();
    String neck = vest.plan().path("strips").get(1).path("id").asString();
    String mirrored = "{\"kind\":\"STRIP_MIRRORED\",\"strip\":\"%s\",%s\"name\":\"Right\"}";
    assertThat(vest.tried(mirrored.formatted(armhole, "\"mirror\":\"%s\",".formatted(neck))).body()).contains("ID_TAKEN");
    vest.change(mirrored.formatted(armhole, ""));
    assertThat(all(vest.plan().path("strips"))).extracting(strip -> strip.path("id").asString()).hasSize(3).doesNotHaveDuplicates();
  }

  /** A board is done when all its lines are; a lone square has nothing to be done. Weighing knows lines, rows and boards. */
  @Test
  void boardsAreFinishedLineByLineAndWhatIsWeighedKnowsThem() {
    Open squares = created("squares", "");
    squares.change("{\"kind\":\"BOARD_LAID\",\"name\":\"Pocket\",\"rows\":1,\"columns\":1,\"stitches\":12,\"corner\":\"CHAIN_2_ONE_EACH\",\"sideMm\":100}");
    squares.change("{\"kind\":\"YARN_ADDED\",\"yarn\":{\"id\":\"\",\"name\":\"Wool\",\"colour\":\"grey\",\"weight\":\"WORSTED\",\"fibre\":\"\",\"metresPerBall\":100,\"gramsPerBall\":50,\"traits\":[]}}");
    String yarn = squares.plan().path("yarn").path("yarns").get(0).path("id").asString();
    squares.change("{\"kind\":\"PIECE_YARNED\",\"piece\":\"back\",\"yarn\":\"%s\"}".formatted(yarn));
    JsonNode board = all(squares.plan().path("boards")).stream().filter(each -> each.path("id").asString().equals("back")).findFirst().orElseThrow();
    assertThat(squares.garment().path("finished")).as("no line is joined, and a lone square has none").isEmpty();
    double needed = stage(squares, "{\"board\":\"back\"}");
    List<JsonNode> lines = all(board.path("lines"));
    for (int i = 0; i < lines.size(); i++) {
      squares.finish("{\"board\":\"back\",\"line\":%s}".formatted(lines.get(i).path("id")));
      String finished = squares.garment().path("finished").toString();
      assertThat(finished.contains("{\"board\":\"back\"}")).as("after line " + i).isEqualTo(i == lines.size() - 1);
      if (i == 0) {
        weigh(squares, yarn);
        double share = 1 - lines.get(0).path("joints").asDouble() / lines.stream().mapToInt(line -> line.path("joints").asInt()).sum();
        assertThat(stage(squares, "{\"board\":\"back\"}")).isCloseTo(share * needed, org.assertj.core.api.Assertions.within(1e-6));
      }
    }
    weigh(squares, yarn);
    assertThat(stage(squares, "{\"board\":\"back\"}")).as("worked before it was weighed").isZero();
  }

  /** A seam and a board of one name: weighing after the one leaves the other to be worked. */
  @Test
  void oneNameForSeveralKindsMeansOneOfThem() {
    Open squares = created("squares", "");
    squares.change("{\"kind\":\"YARN_ADDED\",\"yarn\":{\"id\":\"y\",\"name\":\"Wool\",\"colour\":\"grey\",\"weight\":\"WORSTED\",\"fibre\":\"\",\"metresPerBall\":100,\"gramsPerBall\":50,\"traits\":[],\"left\":{\"grams\":40,\"after\":[{\"seam\":\"back\"}]}}}");
    squares.change("{\"kind\":\"PIECE_YARNED\",\"piece\":\"back\",\"yarn\":\"y\"}");
    assertThat(stage(squares, "{\"board\":\"back\"}")).isPositive();
    for (String wrong : List.of("{}", "{\"seam\":\"a\",\"board\":\"a\"}", "{\"line\":\"a\"}", "\"back\"", "{\"strip\":\"a\",\"line\":\"b\"}")) {
      String told = "{\"kind\":\"YARN_TOLD\",\"yarn\":{\"id\":\"y\",\"name\":\"Wool\",\"colour\":\"\",\"weight\":\"WORSTED\",\"fibre\":\"\",\"traits\":[],\"left\":{\"grams\":40,\"after\":[" + wrong + "]}}}";
      assertThat(squares.tried(told).statusCode()).as(wrong).isEqualTo(400);
    }
  }

  /** Rows of a piece have a name with its edge in it, and are weighed after like anything else. */
  @Test
  void rowsThatAreDoneCanBeWeighedAfter() {
    Open vest = created("sleeveless", "\"kind\":\"PULLOVER\"");
    vest.change("{\"kind\":\"EDGING_WORKED\",\"piece\":\"front\",\"edge\":\"hem\",\"edging\":{\"rows\":2,\"rowMm\":6,\"stitches\":70}}");
    vest.change("{\"kind\":\"YARN_ADDED\",\"yarn\":{\"id\":\"y\",\"name\":\"Wool\",\"colour\":\"grey\",\"weight\":\"WORSTED\",\"fibre\":\"\",\"metresPerBall\":100,\"gramsPerBall\":50,\"traits\":[]}}");
    vest.change("{\"kind\":\"PIECE_YARNED\",\"piece\":\"front\",\"yarn\":\"y\"}");
    String rows = vest.plan().path("strips").get(0).path("id").toString();
    assertThat(stage(vest, "{\"strip\":" + rows + "}")).isPositive();
    vest.finish("{\"strip\":" + rows + "}");
    weigh(vest, "y");
    assertThat(stage(vest, "{\"strip\":" + rows + "}")).isZero();
    String file = server.get(vest.path() + "/file").body();
    String copy = TestServer.json(server.post("/api/garments/import", file)).path("id").asString();
    assertThat(server.get("/api/garments/" + copy + "/file").body()).as("the file can hold it").isEqualTo(file);
  }

  /** What is weighed now, after all that is finished now. */
  private static void weigh(Open open, String yarn) {
    JsonNode told = all(open.plan().path("yarn").path("yarns")).stream().map(sum -> sum.path("yarn")).filter(each -> each.path("id").asString().equals(yarn)).findFirst().orElseThrow();
    JsonNode weighed = ((tools.jackson.databind.node.ObjectNode) told).set("left", TestServer.JSON.createObjectNode().put("grams", 40).set("after", open.garment().path("finished")));
    open.change("{\"kind\":\"YARN_TOLD\",\"yarn\":" + weighed + "}");
  }

  /** What a work still takes of the first yarn, mm; 0 where it takes nothing. */
  private static double stage(Open open, String of) {
    return all(open.plan().path("yarn").path("yarns").get(0).path("stages")).stream().filter(stage -> stage.path("of").toString().equals(of)).mapToDouble(stage -> stage.path("takesMm").asDouble()).sum();
  }
}
