package ruxel.app.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.app.web.Problems;
import ruxel.app.web.StrictJson;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.construction.Answers;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.hold.Facing;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.SeamPlan;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plans frozen with a work are read again as they are, those of an earlier format by what they told. */
class FrozenPlansTest {
  private static final JsonMapper JSON = StrictJson.applied(JsonMapper.builder()).build();
  private final FrozenPlans frozen = new FrozenPlans(JSON);

  private static BenchPlan side() {
    return Directions.of(Garment.of("Coat", new Recipe("drop-shoulder", new Answers(Map.of()))), new SeamId("side.left")).orElseThrow();
  }

  @Test
  void todaysPlanIsReadAsItIs() {
    BenchPlan read = frozen.read(FrozenPlans.FORMAT, frozen.write(side()));
    assertThat(read).isEqualTo(side());
    assertThat(read.isWorkedAs(side())).isTrue();
    assertThatThrownBy(() -> frozen.read(FrozenPlans.FORMAT + 1, "{}")).isInstanceOf(Problems.NotFound.class);
  }

  /** Format 1: layers lay so or so, and rows were numbered by their seam. It goes on as begun, and is worked as today's plan is. */
  @ParameterizedTest
  @CsvSource({"SIDE_BY_SIDE, FLAT_RIGHT_SIDES_UP", "RIGHT_SIDES_TOGETHER, RIGHT_SIDES_TOGETHER", "WRONG_SIDES_TOGETHER, WRONG_SIDES_TOGETHER"})
  void anEarlierPlanIsLifted(String lay, Facing facing) {
    ObjectNode plan = (ObjectNode) JSON.readTree(frozen.write(side()));
    ObjectNode howTo = (ObjectNode) plan.path("plan").path("howTo");
    howTo.remove("facing");
    howTo.put("lay", lay);
    for (JsonNode rail : plan.path("plan").path("a").path("rails")) {
      ((ObjectNode) rail).put("firstNumber", rail.path("firstNumber").asInt() + 20);
    }
    BenchPlan read = frozen.read(1, plan.toString());
    assertThat(read.plan().flatMap(SeamPlan::howTo).map(SeamPlan.HowToView::facing)).isEqualTo(Optional.of(facing));
    assertThat(read.isWorkedAs(side())).as("by its numbers it is another").isFalse();
    assertThat(read.isWorkedAs(side(), false)).isTrue();
  }
}
