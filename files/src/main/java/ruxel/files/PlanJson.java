package ruxel.files;

import com.fasterxml.jackson.annotation.JsonInclude;
import ruxel.core.identity.WorkRef;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Proof;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The computed plan as JSON: the same shape the API gives, with its proof. Absent values are left out. */
final class PlanJson {
  private static final JsonMapper MAPPER =
      JsonMapper.builder()
          .addModule(new IdJson())
          .changeDefaultPropertyInclusion(inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_ABSENT))
          .enable(SerializationFeature.INDENT_OUTPUT)
          .addMixIn(WorkRef.class, WorkRefJson.class)
          .build();

  private PlanJson() {}

  /** The plan with what a check from outside needs beside it. */
  static String write(GarmentPlan plan, Proof proof) {
    ObjectNode tree = MAPPER.valueToTree(plan);
    tree.set("proof", MAPPER.valueToTree(proof));
    return MAPPER.writeValueAsString(tree);
  }
}
