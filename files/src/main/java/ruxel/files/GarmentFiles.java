package ruxel.files;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.layout.Layout;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads and writes garment files. Reading tells all that is wrong at once, each with its path in the
 * file; bounds are checked before anything is computed (model 7). Read, write, read is identical.
 */
public final class GarmentFiles {
  public static final int MOST_BYTES = 5 * 1024 * 1024;
  private static final String FORMAT = "ruxel-garment";
  private static final int MOST_NESTING = 50;
  private static final double LARGEST_NUMBER = 1e12;

  private static final JsonMapper MAPPER =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(StreamReadConstraints.builder().maxNestingDepth(MOST_NESTING).build())
                  .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                  .build())
          .enable(SerializationFeature.INDENT_OUTPUT)
          .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
          .changeDefaultPropertyInclusion(include -> include.withValueInclusion(JsonInclude.Include.NON_EMPTY))
          .changeDefaultVisibility(visible -> visible.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
          .withConfigOverride(List.class, lists -> lists.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
          .withConfigOverride(Set.class, sets -> sets.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
          .withConfigOverride(String.class, texts -> texts.setNullHandling(JsonSetter.Value.forValueNulls(Nulls.AS_EMPTY)))
          .addModule(new IdJson())
          .addModule(new GarmentJson())
          .build();

  private GarmentFiles() {}

  public static String write(Garment garment) {
    ObjectNode file = MAPPER.createObjectNode().put("format", FORMAT).put("version", FormatLift.TODAY);
    file.setAll(MAPPER.<ObjectNode>valueToTree(garment));
    return MAPPER.writeValueAsString(new BoardFiles(MAPPER).written(file)) + "\n";
  }

  /** The garment, or every finding with its JSON path. */
  public static Outcome<Garment> read(byte[] bytes) {
    if (bytes.length > MOST_BYTES) {
      return refused(
          FindingCode.TOO_BIG, "$", Fact.count("bytes", bytes.length), Fact.count("most", MOST_BYTES));
    }
    JsonNode tree;
    try {
      tree = MAPPER.readTree(new String(bytes, StandardCharsets.UTF_8));
    } catch (JacksonException e) {
      String line = e.getLocation() == null ? "" : " (line " + e.getLocation().getLineNr() + ")";
      return refused(FindingCode.NOT_JSON, "$", Fact.text("detail", e.getOriginalMessage().lines().findFirst().orElse("") + line));
    }
    List<Finding> impossible = new ArrayList<>();
    impossible(tree, "$", impossible);
    return impossible.isEmpty() ? checkVersion(tree).then(GarmentFiles::readChecked) : Outcome.refused(impossible);
  }

  /** Text that no database or document can hold, and numbers that nothing can be counted with, each with its path. */
  private static void impossible(JsonNode node, String path, List<Finding> findings) {
    // A whole number of any length stays as it is written; as a double it might be none.
    if (node.isNumber() && !(Math.abs(node.numberValue().doubleValue()) <= LARGEST_NUMBER)) {
      findings.add(Finding.of(FindingCode.SCHEMA, Where.path(path), Fact.text("detail", path + " is larger than anything that can be counted")));
    }
    if (node.isString() && !StorableText.is(node.asString())) {
      findings.add(Finding.of(FindingCode.TEXT_CONTROL, Where.path(path)));
    }
    node.propertyStream()
        .forEach(
            field -> {
              if (!StorableText.is(field.getKey())) {
                findings.add(Finding.of(FindingCode.TEXT_CONTROL, Where.path(path)));
              }
              impossible(field.getValue(), path + "." + field.getKey(), findings);
            });
    for (int i = 0; node.isArray() && i < node.size(); i++) {
      impossible(node.get(i), path + "[" + i + "]", findings);
    }
  }

  private static Outcome<JsonNode> checkVersion(JsonNode tree) {
    String format = tree.path("format").asString("");
    if (!FORMAT.equals(format)) {
      return refused(FindingCode.WRONG_FORMAT, "$.format", Fact.text("value", format));
    }
    JsonNode version = tree.path("version");
    if (version.isNumber() && version.numberValue().doubleValue() > FormatLift.TODAY) {
      return refused(
          FindingCode.LATER_VERSION, "$.version",
          Fact.text("value", version.asString()), Fact.count("most", FormatLift.TODAY));
    }
    return Outcome.of(FormatLift.lifted(tree));
  }

  private static Outcome<Garment> readChecked(JsonNode tree) {
    List<Finding> findings = new ArrayList<>(GarmentSchema.findings(tree));
    if (!findings.isEmpty()) {
      return Outcome.refused(findings);
    }
    repeatedIds(tree, findings);
    cornersBehindNoEdge(tree, findings);
    foldsOnNoEdge(tree, findings);
    if (!findings.isEmpty()) {
      return Outcome.refused(findings);
    }
    JsonNode whole = new BoardFiles(MAPPER).read(tree, findings);
    if (!findings.isEmpty()) {
      return Outcome.refused(findings);
    }
    Garment garment = MAPPER.treeToValue(whole, Garment.class);
    findings.addAll(Layout.of(garment).findings());
    // Beside a recipe, whose pieces change with its answers, a seam that cannot be is told by the plan.
    if (garment.recipe().isEmpty()) {
      SeamResolver.resolve(garment.pieces(), garment.seams())
          .findings()
          .forEach(finding -> findings.add(atSeam(finding, garment.seams())));
    }
    return findings.isEmpty() ? Outcome.of(garment) : Outcome.refused(findings);
  }

  private static Finding atSeam(Finding finding, List<Seam> seams) {
    int index = finding.where().seam().map(seam -> seams.stream().map(Seam::id).toList().indexOf(seam)).orElse(-1);
    return new Finding(finding.code(), finding.where().at("$.seams[" + index + "]"), finding.facts());
  }

  private static void repeatedIds(JsonNode tree, List<Finding> findings) {
    repeated(tree.path("pieces"), "$.pieces", findings);
    repeated(tree.path("boards"), "$.boards", findings);
    repeated(tree.path("seams"), "$.seams", findings);
    repeated(tree.path("settings").path("strips"), "$.settings.strips", findings);
    each(tree.path("pieces"), "$.pieces", (piece, onPiece) -> {
      repeated(piece.path("edges"), onPiece + ".edges", findings);
      each(piece.path("edges"), onPiece + ".edges", (edge, onEdge) -> repeated(edge.path("runs"), onEdge + ".runs", findings));
    });
    each(tree.path("seams"), "$.seams", (seam, onSeam) -> repeated(seam.path("anchors"), onSeam + ".anchors", findings));
  }

  private static void cornersBehindNoEdge(JsonNode tree, List<Finding> findings) {
    each(tree.path("pieces"), "$.pieces", (piece, onPiece) -> {
      List<String> edges = piece.path("edges").valueStream().map(edge -> edge.path("id").asString()).toList();
      each(piece.path("corners"), onPiece + ".corners", (corner, onCorner) -> {
        String behind = corner.path("behind").asString();
        if (!edges.contains(behind)) {
          findings.add(
              Finding.of(
                  FindingCode.UNKNOWN_EDGE, Where.path(onCorner + ".behind"), Fact.text("piece", piece.path("name").asString()),
                  Fact.text("value", behind), Fact.text("choices", String.join(", ", edges))));
        }
      });
    });
  }

  private static void foldsOnNoEdge(JsonNode tree, List<Finding> findings) {
    each(tree.path("pieces"), "$.pieces", (piece, onPiece) ->
        piece.path("fold").propertyStream().filter(end -> end.getValue().isObject()).forEach(end -> {
          JsonNode told = end.getValue();
          Optional<JsonNode> edge = piece.path("edges").valueStream().filter(each -> each.path("id").equals(told.path("edge"))).findFirst();
          boolean hasRun = edge.stream().flatMap(each -> each.path("runs").valueStream()).anyMatch(run -> run.path("id").equals(told.path("run")));
          if (!hasRun) {
            String choices = edge.map(each -> each.path("runs")).orElse(piece.path("edges")).valueStream().map(each -> each.path("id").asString()).collect(Collectors.joining(", "));
            String wrong = edge.isEmpty() ? "edge" : "run";
            findings.add(
                Finding.of(
                    edge.isEmpty() ? FindingCode.UNKNOWN_EDGE : FindingCode.UNKNOWN_RUN, Where.path(onPiece + ".fold." + end.getKey() + "." + wrong),
                    Fact.text("piece", piece.path("name").asString()), Fact.text("edge", told.path("edge").asString()), Fact.text("value", told.path(wrong).asString()),
                    Fact.text("choices", choices)));
          }
        }));
  }

  private static void repeated(JsonNode list, String path, List<Finding> findings) {
    Set<String> seen = new HashSet<>();
    each(list, path, (item, onItem) -> {
      String id = item.path("id").asString();
      if (!seen.add(id)) {
        findings.add(Finding.of(FindingCode.REPEATED_ID, Where.path(onItem + ".id"), Fact.text("value", id)));
      }
    });
  }

  /** Every item of a list with its path. */
  private static void each(JsonNode list, String path, BiConsumer<JsonNode, String> seen) {
    for (int i = 0; i < list.size(); i++) {
      seen.accept(list.get(i), path + "[" + i + "]");
    }
  }

  private static <T> Outcome<T> refused(FindingCode code, String path, Fact... facts) {
    return Outcome.refused(Finding.of(code, Where.path(path), facts));
  }
}
