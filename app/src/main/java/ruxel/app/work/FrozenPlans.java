package ruxel.app.work;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import ruxel.app.web.Problems;
import ruxel.core.bench.BenchPlan;
import ruxel.core.hold.Facing;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Plans frozen with a work, as JSON of a format. A plan frozen by an earlier Ruxel is read by what it told: what is
 * told today and was not then is empty, what was told then and is not today is passed over. A change of meaning takes
 * a new format, and a function here that lifts the one before to it.
 */
@Component
class FrozenPlans {
  static final int FORMAT = 2;

  private final JsonMapper json;
  private final JsonMapper lenient;

  FrozenPlans(JsonMapper json) {
    this.json = json;
    lenient =
        json.rebuild()
            .disable(
                DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
                DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .withConfigOverride(List.class, list -> list.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
            .withConfigOverride(Map.class, map -> map.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
            .build();
  }

  String write(BenchPlan plan) {
    return json.writeValueAsString(plan);
  }

  BenchPlan read(int format, String plan) {
    if (format > FORMAT) {
      throw new Problems.NotFound("This seam was begun with a newer Ruxel (plan format %d). Open it there.".formatted(format));
    }
    JsonNode told = lenient.readTree(plan);
    return lenient.treeToValue(format < FORMAT ? lifted(told) : told, BenchPlan.class);
  }

  /** Format 1 told how the layers lie, not how they face: what lay side by side had its right sides up. Rows had numbers by their seam, which stay as they were told. */
  private static JsonNode lifted(JsonNode plan) {
    if (plan.path("plan").path("howTo") instanceof ObjectNode howTo) {
      String lay = howTo.path("lay").asString("");
      howTo.put("facing", lay.equals("SIDE_BY_SIDE") ? Facing.FLAT_RIGHT_SIDES_UP.name() : lay);
    }
    return plan;
  }
}
