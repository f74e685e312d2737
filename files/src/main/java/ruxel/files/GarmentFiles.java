package ruxel.files;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Layout;
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

/**
 * Reads and writes garment files. Reading tells all that is wrong at once, each with its path in the
 * file; bounds are checked before anything is computed (model 7). Read, write, read is identical.
 */
public final class GarmentFiles {
  public static final int MOST_BYTES = 5 * 1024 * 1024;
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
          .build();

  private GarmentFiles() {}

  public static String write(Garment garment) {
    return MAPPER.writeValueAsString(FileMapper.file(garment)) + "\n";
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
    if (node.isNumber() && !(Math.abs(node.asDouble()) <= LARGEST_NUMBER)) {
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
    if (!GarmentFile.FORMAT.equals(format)) {
      return refused(FindingCode.WRONG_FORMAT, "$.format", Fact.text("value", format));
    }
    JsonNode version = tree.path("version");
    if (version.isNumber() && version.asDouble() > GarmentFile.VERSION) {
      return refused(
          FindingCode.LATER_VERSION, "$.version",
          Fact.text("value", version.asString()), Fact.count("most", GarmentFile.VERSION));
    }
    return Outcome.of(tree);
  }

  private static Outcome<Garment> readChecked(JsonNode tree) {
    List<Finding> findings = new ArrayList<>(GarmentSchema.findings(tree));
    if (!findings.isEmpty()) {
      return Outcome.refused(findings);
    }
    GarmentFile file = MAPPER.treeToValue(tree, GarmentFile.class);
    findings.addAll(repeatedIds(file));
    findings.addAll(cornersBehindNoEdge(file));
    if (!findings.isEmpty()) {
      return Outcome.refused(findings);
    }
    Garment garment = FileMapper.garment(file);
    findings.addAll(Layout.of(garment).findings());
    SeamResolver.resolve(garment.pieces(), garment.seams())
        .findings()
        .forEach(finding -> findings.add(atSeam(finding, garment.seams())));
    return findings.isEmpty() ? Outcome.of(garment) : Outcome.refused(findings);
  }

  private static Finding atSeam(Finding finding, List<Seam> seams) {
    int index = seams.stream().map(Seam::id).toList().indexOf(finding.where().seam().orElse(""));
    return new Finding(finding.code(), finding.where().at("$.seams[" + index + "]"), finding.facts());
  }

  private static List<Finding> repeatedIds(GarmentFile file) {
    List<Finding> findings = new ArrayList<>();
    repeated(file.pieces(), GarmentFile.PieceOf::id, "$.pieces", findings);
    repeated(file.seams(), GarmentFile.SeamOf::id, "$.seams", findings);
    for (int p = 0; p < file.pieces().size(); p++) {
      GarmentFile.PieceOf piece = file.pieces().get(p);
      repeated(piece.edges(), GarmentFile.EdgeOf::id, "$.pieces[" + p + "].edges", findings);
      for (int e = 0; e < piece.edges().size(); e++) {
        repeated(piece.edges().get(e).runs(), GarmentFile.RunOf::id, "$.pieces[" + p + "].edges[" + e + "].runs", findings);
      }
    }
    for (int s = 0; s < file.seams().size(); s++) {
      repeated(file.seams().get(s).anchors(), GarmentFile.AnchorOf::id, "$.seams[" + s + "].anchors", findings);
    }
    return findings;
  }

  private static List<Finding> cornersBehindNoEdge(GarmentFile file) {
    List<Finding> findings = new ArrayList<>();
    for (int p = 0; p < file.pieces().size(); p++) {
      GarmentFile.PieceOf piece = file.pieces().get(p);
      List<String> edges = piece.edges().stream().map(GarmentFile.EdgeOf::id).toList();
      for (int c = 0; c < piece.corners().size(); c++) {
        String behind = piece.corners().get(c).behind();
        if (!edges.contains(behind)) {
          findings.add(
              Finding.of(
                  FindingCode.UNKNOWN_EDGE, Where.path("$.pieces[" + p + "].corners[" + c + "].behind"),
                  Fact.text("piece", piece.name()), Fact.text("value", behind), Fact.text("choices", String.join(", ", edges))));
        }
      }
    }
    return findings;
  }

  private static <T> void repeated(List<T> list, Function<T, String> id, String path, List<Finding> findings) {
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < list.size(); i++) {
      String value = id.apply(list.get(i));
      if (!seen.add(value)) {
        findings.add(Finding.of(FindingCode.REPEATED_ID, Where.path(path + "[" + i + "].id"), Fact.text("value", value)));
      }
    }
  }

  private static <T> Outcome<T> refused(FindingCode code, String path, Fact... facts) {
    return Outcome.refused(Finding.of(code, Where.path(path), facts));
  }
}
