package ruxel.files;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Garment files of earlier formats as they stand in today's (model 5); what is not as that format had it is left for the schema to refuse. */
final class FormatLift {
  static final int TODAY = 2;

  private FormatLift() {}

  static JsonNode lifted(JsonNode tree) {
    if (tree instanceof ObjectNode file && file.path("version").isNumber() && file.path("version").numberValue().doubleValue() == 1) {
      ObjectNode copy = file.deepCopy();
      copy.path("settings").path("yarns").forEach(FormatLift::worked);
      return copy.put("version", TODAY);
    }
    return tree;
  }

  /** Format 1 named what was worked before a yarn was weighed without saying of which kind: seam, board and strip of a name were all meant. */
  private static void worked(JsonNode yarn) {
    if (yarn.path("left") instanceof ObjectNode left && left.path("after") instanceof ArrayNode names) {
      List<JsonNode> refs = new ArrayList<>();
      for (JsonNode name : names) {
        if (!name.isString()) {
          return;
        }
        for (String kind : List.of("seam", "board", "strip")) {
          refs.add(left.objectNode().put(kind, name.asString()));
        }
      }
      left.putArray("after").addAll(refs);
    }
  }
}
