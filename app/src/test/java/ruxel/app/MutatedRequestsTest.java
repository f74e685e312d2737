package ruxel.app;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Requests and files with anything in them changed: each is answered or refused with a reason, never with a bare 500. */
class MutatedRequestsTest {
  /** More of them by -Druxel.mutations, for a longer look now and then. */
  private static final int REQUESTS = Integer.getInteger("ruxel.mutations", 350);
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final TestServer server = TestServer.shared();
  private final String garment = server.garment();
  private final ListAppender<ILoggingEvent> log = new ListAppender<>();
  private final Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);

  @BeforeEach
  void listen() {
    log.start();
    root.addAppender(log);
  }

  @AfterEach
  void stop() {
    root.detachAppender(log);
  }

  private static final String ADDED =
      "{\"kind\":\"PIECE_ADDED\",\"piece\":\"own.1\",\"name\":\"Band\",\"part\":\"OTHER\",\"colour\":\"IRON\",\"walk\":[{\"name\":\"a\",\"kind\":\"STITCH_TOP\",\"count\":9,\"unitMm\":7,\"turn\":90},{\"name\":\"b\",\"kind\":\"ROW_END\",\"count\":8,\"unitMm\":10,\"turn\":90},{\"name\":\"c\",\"kind\":\"STITCH_TOP\",\"count\":9,\"unitMm\":7,\"turn\":90},{\"name\":\"d\",\"kind\":\"ROW_END\",\"count\":8,\"unitMm\":10,\"turn\":90}]}";

  private record Sent(String path, String body) {}

  private List<Sent> lawful() {
    String changes = "/api/garments/" + garment + "/changes";
    String preview = "/api/garments/" + garment + "/preview";
    List<Sent> all = new ArrayList<>();
    for (String change :
        List.of(
            "{\"kind\":\"RENAMED\",\"name\":\"Quay coat\"}",
            "{\"kind\":\"REWORDED\",\"unit\":\"CM\",\"terms\":\"UK\",\"hand\":\"LEFT\"}",
            "{\"kind\":\"ANSWERS_CHANGED\",\"answers\":{\"backStitches\":66,\"kind\":\"CARDIGAN\"},\"cleared\":[\"neckRows\"]}",
            "{\"kind\":\"COUNT_MADE\",\"piece\":\"back\",\"edge\":\"left\",\"run\":\"side\",\"count\":26,\"when\":\"AS_MADE\"}",
            "{\"kind\":\"ANCHOR_MOVED\",\"seam\":\"armhole.left\",\"anchor\":\"shoulder\",\"side\":\"A\",\"position\":51}",
            "{\"kind\":\"METHOD_CHOSEN\",\"seam\":\"side.left\",\"method\":\"backstitch\"}",
            "{\"kind\":\"PIECE_MOVED\",\"piece\":\"back\",\"laid\":{\"dxMm\":10,\"dyMm\":5,\"quarterTurns\":1}}",
            "{\"kind\":\"STEP_MOVED\",\"seam\":\"side.left\",\"before\":\"side.right\"}",
            "{\"kind\":\"RUN_TOLD\",\"piece\":\"back\",\"edge\":\"left\",\"run\":\"side\",\"parts\":[{\"unit\":\"ROW_END\",\"count\":20,\"gauge\":{\"count\":8,\"over\":\"TEN_CM\"}},{\"unit\":\"ROW_END\",\"count\":6,\"label\":\"eyelets\",\"fabric\":\"LACE\"}]}",
            "{\"kind\":\"EDGE_MEASURED\",\"piece\":\"back\",\"edge\":\"left\",\"mm\":560}",
            "{\"kind\":\"LANDMARK_PUT\",\"piece\":\"back\",\"edge\":\"left\",\"landmark\":{\"id\":\"m1\",\"name\":\"stripe\",\"kind\":\"STRIPE\",\"at\":4,\"every\":4,\"times\":3,\"marker\":{\"purpose\":\"ROW\",\"colour\":\"red\",\"takeOut\":\"\"}}}",
            "{\"kind\":\"LANDMARK_REMOVED\",\"piece\":\"back\",\"edge\":\"left\",\"landmarkId\":\"m1\"}",
            "{\"kind\":\"SEAM_WORKED\",\"seam\":\"side.left\",\"working\":{\"together\":false,\"surplus\":\"EVEN\",\"fullness\":0,\"seamPlaces\":false,\"a\":{\"placesPerRow\":1,\"spaces\":\"ROUND\"},\"b\":{\"spaces\":\"ROUND\"}}}",
            "{\"kind\":\"ANCHOR_PINNED\",\"seam\":\"side.left\",\"pin\":{\"id\":\"own.1\",\"name\":\"pin\",\"a\":40,\"b\":40}}",
            "{\"kind\":\"ANCHOR_REMOVED\",\"seam\":\"side.left\",\"anchor\":\"own.1\"}",
            "{\"kind\":\"HANDLE_DRAGGED\",\"handle\":\"neck\",\"steps\":1}",
            "{\"kind\":\"LEAN_FOUND\",\"piece\":\"back\",\"mm\":12,\"expected\":true}",
            "{\"kind\":\"CORNER_TOLD\",\"piece\":\"back\",\"edge\":\"hem\",\"corner\":\"CHAIN_1\"}",
            "{\"kind\":\"EDGING_WORKED\",\"piece\":\"back\",\"edge\":\"hem\",\"edging\":{\"rows\":2,\"rowMm\":5,\"stitches\":60}}",
            "{\"kind\":\"OWED_NOTED\",\"owed\":\"o1\",\"piece\":\"back\",\"what\":\"weave in\",\"before\":\"side.left\"}",
            "{\"kind\":\"OWED_DONE\",\"owed\":\"o1\"}",
            "{\"kind\":\"YARN_TOLD\",\"yarn\":{\"id\":\"y1\",\"name\":\"Wool\",\"colour\":\"grey\",\"weight\":\"BULKY\",\"fibre\":\"wool\",\"metresPerBall\":90,\"gramsPerBall\":50,\"traits\":[\"FUZZY\"],\"left\":{\"grams\":30,\"after\":[{\"seam\":\"side.left\"}]}}}",
            "{\"kind\":\"WISHED\",\"role\":\"SIDE\",\"wish\":\"FLAT\"}",
            "{\"kind\":\"SCHOOL_TAKEN\",\"school\":\"JOIN\",\"way\":\"NEEDLE\"}",
            "{\"kind\":\"FACING_CHOSEN\",\"seam\":\"side.left\",\"facing\":\"FLAT_RIGHT_SIDES_UP\"}",
            "{\"kind\":\"SEAM_TURNED\",\"seam\":\"side.left\"}",
            "{\"kind\":\"SEAM_ENDED\",\"seam\":\"side.left\",\"a\":20,\"b\":20}",
            "{\"kind\":\"SEAM_ENDED_ALIKE\",\"seam\":\"side.right\"}",
            "{\"kind\":\"SEAM_REOPENED\",\"seam\":\"side.left\"}",
            "{\"kind\":\"SEAM_WHOLE\",\"seam\":\"side.left\"}",
            "{\"kind\":\"ROWS_TOLD\",\"piece\":\"back\",\"rightSideRow\":2}",
            "{\"kind\":\"GARMENT_WEIGHED\",\"grams\":480}",
            "{\"kind\":\"WEARER_TOLD\",\"wearer\":\"CHILD\",\"fit\":\"LOOSE\"}",
            "{\"kind\":\"WEARER_MEASURED\",\"measure\":\"HEAD\",\"mm\":540}",
            "{\"kind\":\"ORDER_TAKEN\",\"seams\":[\"shoulder.left\",\"armhole.left\"]}",
            ADDED,
            "{\"kind\":\"PIECE_COPIED\",\"piece\":\"back\",\"copy\":\"own.2\",\"name\":\"Lining\",\"mirrored\":true}",
            "{\"kind\":\"SEAM_MADE\",\"seam\":\"own.3\",\"name\":\"Hem\",\"role\":\"OTHER\",\"a\":[{\"piece\":\"back\",\"edge\":\"hem\",\"first\":\"hem\",\"last\":\"hem\",\"along\":\"FORWARD\"}],\"b\":[{\"piece\":\"sleeve.left\",\"edge\":\"cuff\",\"first\":\"cuff\",\"last\":\"cuff\",\"along\":\"BACKWARD\"}]}",
            "{\"kind\":\"PIECE_REMOVED\",\"piece\":\"own.1\"}",
            "{\"kind\":\"SEAM_UNMADE\",\"seam\":\"own.3\"}",
            "{\"kind\":\"ORDER_LEFT\"}",
            "{\"kind\":\"GONE_SETTINGS_DROPPED\"}")) {
      all.add(new Sent(changes, "{\"changes\":[" + change + "],\"key\":\"k\"}"));
      all.add(new Sent(preview, "{\"baseVersion\":1,\"changes\":[" + change + "],\"want\":[\"side.left\"]}"));
    }
    all.add(new Sent("/api/preview", "{\"construction\":\"drop-shoulder\",\"answers\":{\"backStitches\":66},\"unit\":\"CM\",\"terms\":\"US\"}"));
    all.add(new Sent("/api/garments", "{\"name\":\"Quay\",\"construction\":\"drop-shoulder\",\"answers\":{\"backStitches\":66}}"));
    all.add(new Sent("/api/walks", ADDED));
    all.add(new Sent("/api/garments/free", "{\"name\":\"Pier\",\"first\":" + ADDED + "}"));
    all.add(new Sent("/api/garments/" + garment + "/copy", "{\"version\":1,\"changes\":[]}"));
    all.add(new Sent("/api/garments/" + garment + "/work", "{\"seam\":\"shoulder.left\"}"));
    all.add(new Sent("/api/count", "{\"way\":\"SQUARE\",\"first\":3,\"each\":2,\"more\":1,\"after\":0,\"flag\":true,\"corner\":\"CHAIN_1\"}"));
    all.add(new Sent("/api/pedal/presses", "{\"treadle\":\"FORWARD\"}"));
    all.add(new Sent("/api/work/00000000-0000-0000-0000-000000000000/events", "{\"client\":\"c\",\"events\":[{\"seq\":1,\"kind\":\"JOINT\",\"joint\":1,\"note\":\"n\"}]}"));
    return all;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2})
  void everyMutatedRequestIsAnsweredOrRefusedWithAReason(long seed) {
    Random random = new Random(seed);
    List<Sent> lawful = lawful();
    for (int i = 0; i < REQUESTS; i++) {
      Sent sent = lawful.get(random.nextInt(lawful.size()));
      String body = mutated(sent.body(), random);
      // A change that is saved makes a version; the next needs a garment of its own.
      String path = sent.path().endsWith("/changes") ? "/api/garments/" + server.garment() + "/changes" : sent.path();
      isAnswered(server.post(path, body, "If-Match", "\"1\""), "seed %d, %s %s".formatted(seed, sent.path(), body));
    }
    saysNothingInTheLog();
  }

  @ParameterizedTest
  @ValueSource(strings = {"lamplighters-cardigan.json", "fog-horn-jacket.json", "tube"})
  void everyMutatedFileIsReadOrRefusedWithAReason(String name) {
    Random random = new Random(name.length());
    String file = name.equals("tube") ? TestServer.demo("/tube.json") : TestServer.demo(name);
    for (int i = 0; i < REQUESTS / 2; i++) {
      String body = mutated(file, random);
      isAnswered(server.post("/api/garments/import", body), "round %d of %s: %s".formatted(i, name, body));
    }
    saysNothingInTheLog();
  }

  private static void isAnswered(HttpResponse<String> response, String what) {
    assertThat(response.statusCode()).as("%s: %s", what, response.body()).isLessThan(500);
    if (response.statusCode() >= 400) {
      assertThat(response.headers().firstValue("Content-Type").orElse("")).as(what).startsWith("application/problem+json");
      assertThat(TestServer.json(response).path("detail").asString()).as(what).isNotBlank();
    }
  }

  private void saysNothingInTheLog() {
    assertThat(log.list).filteredOn(event -> event.getThrowableProxy() != null).extracting(ILoggingEvent::getFormattedMessage).isEmpty();
  }

  /** One to three places of the JSON taken out, doubled or given another value; now and then the text itself is broken. */
  private static String mutated(String json, Random random) {
    JsonNode tree = TestServer.JSON.readTree(json);
    for (int i = random.nextInt(3); i >= 0; i--) {
      mutate(tree, random);
    }
    String text = tree.toString();
    if (random.nextInt(8) == 0) {
      int at = random.nextInt(text.length());
      text = text.substring(0, at) + "\u0001{]\uFFFE".charAt(random.nextInt(4)) + text.substring(random.nextBoolean() ? at : Math.min(text.length(), at + 1));
    }
    return text;
  }

  private static void mutate(JsonNode tree, Random random) {
    JsonNode here = tree;
    while (here.isContainer() && here.size() > 0) {
      int at = random.nextInt(here.size());
      JsonNode next = here.isArray() ? here.get(at) : here.path(new ArrayList<>(here.propertyNames()).get(at));
      if (!next.isContainer() || next.isEmpty() || random.nextInt(4) == 0) {
        change(here, at, random);
        return;
      }
      here = next;
    }
  }

  private static void change(JsonNode parent, int at, Random random) {
    if (parent instanceof ArrayNode array) {
      switch (random.nextInt(3)) {
        case 0 -> array.remove(at);
        case 1 -> array.add(array.get(at));
        default -> array.set(at, value(random));
      }
    } else if (parent instanceof ObjectNode object) {
      String name = new ArrayList<>(object.propertyNames()).get(at);
      switch (random.nextInt(4)) {
        case 0 -> object.remove(name);
        case 1 -> object.set(name + "x", value(random));
        default -> object.set(name, value(random));
      }
    }
  }

  private static JsonNode value(Random random) {
    return switch (random.nextInt(18)) {
      case 0 -> NODES.nullNode();
      case 1 -> NODES.stringNode("\u0000");
      case 2 -> NODES.stringNode("\u0007bell");
      case 3 -> NODES.stringNode("\ud800");
      case 4 -> NODES.stringNode("");
      case 5 -> NODES.stringNode("x".repeat(3000));
      case 6 -> NODES.numberNode(-1);
      case 7 -> NODES.numberNode(0);
      case 8 -> NODES.numberNode(2147483648L);
      case 9 -> NODES.numberNode(1e300);
      case 10 -> NODES.numberNode(0.5);
      case 11 -> NODES.booleanNode(random.nextBoolean());
      case 12 -> NODES.arrayNode();
      case 13 -> NODES.objectNode();
      case 14 -> NODES.arrayNode().add(NODES.nullNode());
      case 15 -> NODES.stringNode("armhole.left");
      case 16 -> NODES.numberNode(5000);
      default -> NODES.numberNode(random.nextInt(100));
    };
  }
}
