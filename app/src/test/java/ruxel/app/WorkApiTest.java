package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

class WorkApiTest {
  private final TestServer server = TestServer.shared();
  private final String garment = server.garment();

  @BeforeEach
  void joinTheShoulders() {
    join("shoulder.left");
    join("shoulder.right");
  }

  /** Before a seam is taken it is told how it is held; nothing is begun by asking. */
  @Test
  void howASeamIsHeldIsToldBeforeItIsBegun() {
    String garment = "/api/garments/" + server.garment();
    JsonNode held = TestServer.json(server.get(garment + "/seams/shoulder.left/held"));
    assertThat(held.path("facing").asString()).isEqualTo("RIGHT_SIDES_TOGETHER");
    assertThat(held.path("wrongSide").asBoolean()).isTrue();
    assertThat(held.path("fromRight").asBoolean()).as("a right hand works from the right on the wrong side").isTrue();
    assertThat(held.path("start").asString()).startsWith("The back nearest you, its wrong side to you; the left front behind it. Begin at your right, at the left armhole. The first joint: stitch 1 of both.");
    assertThat(TestServer.json(server.get(garment)).path("progress").get(0).has("state")).as("nothing is begun").isFalse();
    assertThat(server.get(garment + "/seams/hat/held").statusCode()).isEqualTo(404);
  }

  @Test
  void takingTheSameSeamAgainGoesOnWithTheSameWork() {
    JsonNode first = take("armhole.left");
    keep(id(first), joint(1, 1), joint(2, 2));
    JsonNode again = take("armhole.left");
    assertThat(id(again)).isEqualTo(id(first));
    assertThat(again.path("position").asInt()).isEqualTo(2);
    assertThat(again.path("plan").path("joints")).hasSize(51);
    assertThat(again.path("planChanged").asBoolean()).isFalse();
  }

  /** A seam begun before today's plan told so much goes on by the plan it was begun by. */
  @Test
  void aPlanFrozenByAnEarlierRuxelIsStillRead() {
    String id = id(take("armhole.left"));
    keep(id, joint(1, 1));
    server
        .bean(JdbcClient.class)
        .sql(
            """
            UPDATE work SET plan = (plan #- '{plan,phases}' #- '{plan,working}' #- '{plan,stretches}' #- '{plan,level}' #- '{plan,fold}' #- '{plan,a,joints}' #- '{plan,a,rails,0,noEase}')
            WHERE id = :id::uuid
            """)
        .param("id", id)
        .update();
    JsonNode again = TestServer.json(server.get("/api/work/" + id));
    assertThat(again.path("position").asInt()).isEqualTo(1);
    assertThat(again.path("plan").path("plan").path("phases").isArray()).as("what was not told then is empty").isTrue();
    assertThat(again.path("planChanged").asBoolean()).as("what was left out does not matter to the work").isFalse();
  }

  @Test
  void anEventSentTwiceIsAcknowledgedTwiceAndKeptOnce() {
    String id = id(take("armhole.left"));
    assertThat(position(keep(id, joint(1, 1)))).isEqualTo(1);
    assertThat(position(keep(id, joint(1, 1), joint(2, 2)))).isEqualTo(2);
    HttpResponse<String> other = keep(id, "{\"seq\":1,\"kind\":\"PAUSE\",\"joint\":0}");
    assertThat(other.statusCode()).isEqualTo(409);
    assertThat(TestServer.json(other).path("position").asInt()).isEqualTo(2);
    assertThat(TestServer.json(other).path("nextSeq").asInt()).isEqualTo(3);
  }

  @Test
  void aGapIsRefusedAndNothingOfTheBatchIsKept() {
    String id = id(take("armhole.left"));
    assertThat(keep(id, joint(1, 1), joint(3, 2)).statusCode()).isEqualTo(409);
    assertThat(TestServer.json(server.get("/api/work/" + id)).path("position").asInt()).isZero();
  }

  @Test
  void aFinishedSeamIsJoinedAndTheNextStepFollows() {
    join("armhole.left");
    JsonNode opened = TestServer.json(server.get("/api/garments/" + garment));
    assertThat(opened.path("progress").get(2).path("state").asString()).isEqualTo("JOINED");
    assertThat(opened.path("next").path("seam").asString()).isEqualTo("armhole.right");
  }

  /** What is open now follows from what is joined at the bench; a sleeve that hangs by nothing yet is not told of. */
  @Test
  void whatIsOpenNowFollowsTheBench() {
    JsonNode open = TestServer.json(server.get("/api/garments/" + garment + "/open-now"));
    assertThat(open).hasSize(1);
    assertThat(open.get(0).path("stretches")).noneMatch(stretch -> stretch.path("piece").asString().startsWith("sleeve"));
    join("armhole.left");
    JsonNode after = TestServer.json(server.get("/api/garments/" + garment + "/open-now"));
    assertThat(after.get(0).path("stretches")).anyMatch(stretch -> stretch.path("piece").asString().equals("sleeve.left"));
  }

  /** Armhole stitches far too many: refused with the finding, opened once it is left so. */
  @Test
  void whatIsToBeDecidedFirstIsAskedBeforeTheBench() {
    change(1, "{\"kind\":\"COUNT_MADE\",\"piece\":\"sleeve.left\",\"edge\":\"top\",\"run\":\"top\",\"count\":70}");
    HttpResponse<String> refused = server.post("/api/garments/" + garment + "/work", "{\"seam\":\"armhole.left\"}");
    assertThat(refused.statusCode()).isEqualTo(409);
    JsonNode findings = TestServer.json(refused).path("findings");
    assertThat(findings).isNotEmpty().allMatch(finding -> finding.path("level").asString().equals("DECIDE_FIRST"));
    String left =
        StreamSupport.stream(findings.spliterator(), false)
            .map(finding -> "{\"kind\":\"FINDING_LEFT\",\"finding\":\"%s\",\"what\":\"Gathered on purpose.\"}".formatted(finding.path("key").asString()))
            .collect(Collectors.joining(","));
    change(2, left);
    assertThat(take("armhole.left").path("position").asInt()).isZero();
  }

  @Test
  void aSeamWaitsForThoseThatBringItsEndsTogether() {
    HttpResponse<String> early = server.post("/api/garments/" + garment + "/work", "{\"seam\":\"side.left\"}");
    assertThat(early.statusCode()).isEqualTo(422);
    assertThat(TestServer.json(early).path("findings").get(0).path("sentence").asString())
        .isEqualTo("Left side and sleeve comes after left armhole: that brings its ends together.");
    join("armhole.left");
    assertThat(take("side.left").path("position").asInt()).isZero();
  }

  @Test
  void anUndoneSeamIsTakenAnewByTodaysPlan() {
    join("armhole.left");
    JsonNode joined = take("armhole.left");
    keep(id(joined), "{\"seq\":%d,\"kind\":\"UNDONE\",\"joint\":0}".formatted(joined.path("nextSeq").asInt()));
    JsonNode anew = take("armhole.left");
    assertThat(id(anew)).isNotEqualTo(id(joined));
    assertThat(anew.path("position").asInt()).isZero();
  }

  @Test
  void aFrozenPlanStaysAndSaysThatTodaysDiffers() {
    JsonNode work = take("armhole.right");
    server.post("/api/garments/" + garment + "/changes", "{\"changes\":[{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"sleeveTopStitches\":52}}]}", "If-Match", "\"1\"");
    JsonNode again = TestServer.json(server.get("/api/work/" + id(work)));
    assertThat(again.path("planChanged").asBoolean()).isTrue();
    assertThat(again.path("plan").path("joints")).hasSize(51);
    assertThat(again.path("garmentVersion").asInt()).isEqualTo(1);
  }

  /** A run told anew moves the stop of a seam that is joined: the garment says so, until it is told as it was. */
  @Test
  void whatIsWorkedByAnEarlierPlanIsSaid() {
    join("shoulder.left");
    assertThat(opened().path("byEarlierPlan")).isEmpty();
    int units = runs("back", "shoulder.left");
    String parts = "[{\"unit\":\"STITCH_TOP\",\"count\":%d},{\"unit\":\"STITCH_TOP\",\"count\":3}]".formatted(units);
    change(1, "{\"kind\":\"RUN_TOLD\",\"piece\":\"back\",\"edge\":\"shoulder.left\",\"run\":\"shoulder\",\"parts\":" + parts + "}");
    assertThat(opened().path("byEarlierPlan")).singleElement().matches(of -> of.path("seam").asString().equals("shoulder.left"));
    change(2, "{\"kind\":\"RUN_TOLD\",\"piece\":\"back\",\"edge\":\"shoulder.left\",\"run\":\"shoulder\",\"parts\":[]}");
    assertThat(opened().path("byEarlierPlan")).isEmpty();
  }

  private JsonNode opened() {
    return TestServer.json(server.get("/api/garments/" + garment));
  }

  private int runs(String piece, String edge) {
    return opened().path("plan").path("pieces").valueStream().filter(each -> each.path("id").asString().equals(piece)).flatMap(each -> each.path("edges").valueStream())
        .filter(each -> each.path("id").asString().equals(edge)).mapToInt(each -> each.path("units").asInt()).findFirst().orElseThrow();
  }

  @Test
  void twoWindowsAtOnceNeverLeaveAGap() {
    String id = id(take("armhole.right"));
    for (int round = 1; round <= 10; round++) {
      int joint = round;
      CompletableFuture<Integer> one = CompletableFuture.supplyAsync(() -> keep(id, joint(joint, joint)).statusCode());
      CompletableFuture<Integer> two = CompletableFuture.supplyAsync(() -> keep(id, joint(joint, joint)).statusCode());
      assertThat(one.join()).isEqualTo(200);
      assertThat(two.join()).isEqualTo(200);
    }
    assertThat(TestServer.json(server.get("/api/work/" + id)).path("position").asInt()).isEqualTo(10);
  }

  @Test
  void aSeamThatIsNotThereIsSaid() {
    assertThat(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"hood\"}").statusCode()).isEqualTo(404);
  }

  private void change(int version, String changes) {
    assertThat(server.post("/api/garments/" + garment + "/changes", "{\"changes\":[" + changes + "]}", "If-Match", "\"" + version + "\"").statusCode()).isEqualTo(200);
  }

  private void join(String seam) {
    JsonNode work = take(seam);
    int joints = work.path("plan").path("joints").size();
    String all = IntStream.rangeClosed(1, joints).mapToObj(j -> joint(j, j)).collect(Collectors.joining(","));
    keep(id(work), all, "{\"seq\":%d,\"kind\":\"FINISH\",\"joint\":0,\"note\":\"Lies flat.\"}".formatted(joints + 1));
  }

  private JsonNode take(String seam) {
    return TestServer.json(server.post("/api/garments/" + garment + "/work", "{\"seam\":\"" + seam + "\"}"));
  }

  private HttpResponse<String> keep(String id, String... events) {
    return server.post("/api/work/" + id + "/events", "{\"client\":\"test\",\"events\":[" + String.join(",", events) + "]}");
  }

  private static String joint(int seq, int joint) {
    return "{\"seq\":%d,\"kind\":\"JOINT\",\"joint\":%d}".formatted(seq, joint);
  }

  private static String id(JsonNode work) {
    return work.path("id").asString();
  }

  private static int position(HttpResponse<String> kept) {
    return TestServer.json(kept).path("position").asInt();
  }
}
