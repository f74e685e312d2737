package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.testkit.PlanChecker;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlanCommandTest {
  private final ByteArrayOutputStream out = new ByteArrayOutputStream();
  private final ByteArrayOutputStream err = new ByteArrayOutputStream();

  @Test
  void printsAPlanThatAnOutsideCheckCanVerify() {
    assertThat(run(Samples.text("cardigan.json"))).isZero();
    JsonNode plan = JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8));
    int intervals = 0;
    for (JsonNode seam : plan.path("seams")) {
      for (JsonNode interval : seam.path("intervals")) {
        check(interval);
        intervals++;
      }
    }
    assertThat(intervals).isEqualTo(14);
    assertThat(plan.path("gluing").path("openings")).hasSize(3);
    assertThat(plan.path("gluing").path("openings").get(0).path("stretches").size()).isPositive();
  }

  /** The laws of the gluing (model 4) hold of what is printed: twins, rings, edges that add up, breaks that increase, a strip as a face. */
  @Test
  void theGluingIsPrintedWithItsSegmentsAndBreaks() {
    assertThat(run(Samples.text("cardigan.json"))).isZero();
    JsonNode proof = JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8)).path("proof");
    JsonNode segments = proof.path("segments");
    Map<String, Integer> upTo = new HashMap<>();
    for (JsonNode segment : segments) {
      JsonNode next = segments.path(segment.path("next").asInt());
      assertThat(next.path("face")).isEqualTo(segment.path("face"));
      String edge = segment.path("face").asString() + "/" + segment.path("edge").asString();
      assertThat(segment.path("fromHalf").asInt()).as(edge).isEqualTo(upTo.getOrDefault(edge, 0));
      upTo.put(edge, segment.path("toHalf").asInt());
      if (segment.has("twin")) {
        JsonNode twin = segments.path(segment.path("twin").asInt());
        assertThat(twin.path("twin").asInt()).isEqualTo(segment.path("index").asInt());
        assertThat(twin.path("turned")).isEqualTo(segment.path("turned"));
        assertThat(twin.path("by")).isEqualTo(segment.path("by"));
      }
    }
    assertThat(proof.path("faces")).hasSize(5);
    assertThat(proof.path("oddCycles")).isEmpty();
    assertThat(proof.path("breaks")).hasSize(JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8)).path("seams").size());
    for (JsonNode seam : proof.path("breaks")) {
      int a = 0;
      int b = 0;
      for (JsonNode meeting : seam.path("meetings")) {
        assertThat(meeting.path("a").asInt()).isGreaterThan(a);
        assertThat(meeting.path("b").asInt()).isGreaterThan(b);
        a = meeting.path("a").asInt();
        b = meeting.path("b").asInt();
      }
    }
  }

  /** Advice, yarn and order can be reckoned again from what is printed. */
  @Test
  void sumsStrandsAndPassesAddUp() {
    assertThat(run(Samples.text("cardigan.json"))).isZero();
    JsonNode plan = JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8));
    for (JsonNode seam : plan.path("seams")) {
      JsonNode advice = seam.path("advice");
      assertThat(advice.path("answers")).hasSize(2);
      for (JsonNode answer : advice.path("answers")) {
        double sum = 0;
        double weights = 0;
        double school = 0;
        for (JsonNode term : answer.path("terms")) {
          sum += term.path("weight").asDouble() * term.path("score").asDouble();
          weights += term.path("weight").asDouble();
          school += term.path("name").asString().equals("SCHOOL") ? term.path("score").asDouble() : 0;
        }
        assertThat(answer.path("sum").asDouble()).isCloseTo(sum / weights + school, within(1e-9));
        assertThat(advice.path("never").findValuesAsString("method")).doesNotContain(answer.path("method").asString());
      }
      assertThat(advice.path("ranking").size() + advice.path("never").size()).isEqualTo(16);
    }
    double all = 0;
    for (JsonNode seam : plan.path("yarn").path("seams")) {
      double strands = 0;
      for (JsonNode strand : seam.path("strands")) {
        strands += strand.path("lengthMm").asDouble();
      }
      assertThat(strands).isCloseTo(seam.path("lengthMm").asDouble() * seam.path("factor").asDouble() + 150 * seam.path("tails").asInt(), within(1e-6));
      all += strands;
    }
    JsonNode order = plan.path("order");
    assertThat(order.path("yarnMm").asDouble()).as("no seam takes up another's yarn").isCloseTo(all, within(1e-6));
    assertThat(order.path("passes").asInt()).isGreaterThanOrEqualTo(order.path("bound").asInt());
    assertThat(order.path("odd").size() % 2).isZero();
    assertThat(order.path("tails").size()).isEqualTo(order.path("ends").asInt());
    assertThat(plan.path("wearer").get(0).path("verdict").asString()).isEqualTo("ASK");
  }

  private static void check(JsonNode interval) {
    // Positions are middles of places, so the widths follow from them one after the other.
    PlanChecker checker = new PlanChecker(widths(interval.path("positionsA")), new boolean[interval.path("positionsA").size()], widths(interval.path("positionsB")), new boolean[interval.path("positionsB").size()]);
    List<int[]> groups = new ArrayList<>();
    for (JsonNode coded : interval.path("groups")) {
      for (int i = 0; i < coded.get(2).asInt(); i++) {
        groups.add(new int[] {coded.get(0).asInt(), coded.get(1).asInt()});
      }
    }
    assertThat(checker.faults(groups)).isEmpty();
    assertThat(checker.score(groups).q()).isEqualTo(interval.path("cost").path("q").asDouble(), within(1e-6));
    assertThat(checker.plainTable().q()).isEqualTo(interval.path("optimum").path("q").asDouble(), within(1e-6));
  }

  private static double[] widths(JsonNode middles) {
    double[] widths = new double[middles.size()];
    double end = 0;
    for (int i = 0; i < widths.length; i++) {
      widths[i] = 2 * (middles.get(i).asDouble() - end);
      end += widths[i];
    }
    return widths;
  }

  @Test
  void aHalfTwistIsFound() {
    String twisted = Samples.text("tube.json").replace("\"along\": \"BACKWARD\"", "\"along\": \"FORWARD\"");
    assertThat(run(twisted)).isZero();
    JsonNode gluing = JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8)).path("gluing");
    assertThat(gluing.path("openings")).hasSize(1);
    assertThat(gluing.path("twist").get(0).asString()).isEqualTo("side");
  }

  @Test
  void problemsGoToStandardErrorWithPathAndRemedy() {
    assertThat(run(Samples.text("cardigan.json").replace("\"armholeRows\": 14", "\"armholeRows\": 90"))).isEqualTo(2);
    assertThat(out.size()).isZero();
    assertThat(err.toString(StandardCharsets.UTF_8))
        .startsWith("$.recipe.answers.armholeRows: The armhole has 90 rows, the body only 40 above its ribbing. Make the armhole at most 39 rows");
  }

  @Test
  void aMissingFileIsSaid() {
    assertThat(PlanCommand.run(List.of("/nowhere/at/all.json"), System.in, new PrintStream(out), new PrintStream(err))).isEqualTo(2);
    assertThat(err.toString(StandardCharsets.UTF_8)).contains("/nowhere/at/all.json");
  }

  private int run(String text) {
    return PlanCommand.run(
        List.of("-"), new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), new PrintStream(out), new PrintStream(err));
  }
}
