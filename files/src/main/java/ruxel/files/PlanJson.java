package ruxel.files;

import com.fasterxml.jackson.annotation.JsonInclude;
import ruxel.core.identity.WorkRef;
import ruxel.core.plan.GarmentPlan;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The computed plan as JSON: the same shape the API gives. Absent values are left out. */
public final class PlanJson {
  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .changeDefaultPropertyInclusion(inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_ABSENT))
          .enable(SerializationFeature.INDENT_OUTPUT)
          .addMixIn(WorkRef.class, WorkRefJson.class)
          .build();

  private PlanJson() {}

  public static String write(GarmentPlan plan) {
    return MAPPER.writeValueAsString(plan);
  }
}
