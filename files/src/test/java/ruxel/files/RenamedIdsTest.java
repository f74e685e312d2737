package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.Proof;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Nothing is read out of an id (model 2): with other ids for all that has one, everything comes out as before, but for the ids. */
class RenamedIdsTest {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Pattern FINDING_KEY = Pattern.compile("\"key\":\"[A-Z_]+\\.[0-9a-f]+\"");
  private static final Pattern BY_RULE = Pattern.compile("((?<piece>[^:]+):)?(?<ends>rows\\.)?(?<id>[^:~]+)(?<part>~.*)?");
  private static final int CHANGES = 40;
  private static final int MOST_TOLD = 8;
  private static final int MOST_CHARACTERS = 200;
  /** Of these the text is a word of the craft or of the maker, not an id. */
  private static final Set<String> WORDS = Set.of("name", "label", "words", "note", "method", "unit", "role", "part", "what", "kind");

  @ParameterizedTest
  @MethodSource("constructions")
  void everythingComesOutAsBefore(Template template) {
    for (long seed = 1; seed <= 4; seed++) {
      Random random = new Random(seed * 31 + template.id().hashCode());
      Garment garment = changed(read(GarmentFiles.write(inFull(template))), random);
      JsonNode file = JSON.readTree(GarmentFiles.write(garment));
      Map<String, String> names = new HashMap<>();
      boolean edges = file.path("boards").isEmpty();
      collect(file, edges, names, random);
      if (!edges) {
        byRule(garment).forEach(names::remove);
      }
      Garment renamed = read(renamed(file, "", names).toString());
      String back = planned(renamed);
      for (Map.Entry<String, String> name : names.entrySet()) {
        back = back.replace(name.getValue(), name.getKey());
      }
      List<String> others = new ArrayList<>();
      differing("$", JSON.readTree(planned(garment)), JSON.readTree(back), others);
      assertThat(others).as("%s, seed %d", template.id(), seed).isEmpty();
    }
  }

  static List<Template> constructions() {
    return Templates.all();
  }

  /** What a construction makes, told as pieces and seams of the maker's own. */
  private static Garment inFull(Template template) {
    Garment made = Garment.of("Pier", new Recipe(template.id(), new Answers(Map.of())));
    Construct construct = ((Outcome.Good<Layout>) Layout.of(made)).value().construct();
    return new Garment(
        "Pier", Wording.Unit.CM, Terms.US, Wording.Hand.RIGHT, Optional.empty(), construct.pieces(), construct.seams(), construct.openings(), Settings.NONE, HouseRules.USUAL);
  }

  private static Garment changed(Garment start, Random random) {
    Garment garment = start;
    for (int i = 0; i < CHANGES; i++) {
      if (new RandomChanges(garment, random).next().apply(garment) instanceof Outcome.Good<Garment> good && GarmentFiles.read(bytes(GarmentFiles.write(good.value()))) instanceof Outcome.Good) {
        garment = good.value();
      }
    }
    return garment;
  }

  /** Another id for each that the file has: of pieces, edges, runs, seams, marks, anchors, strips; of edges only where no board has edges by rule. */
  private static void collect(JsonNode node, boolean edges, Map<String, String> names, Random random) {
    String id = node.path("id").asString("");
    if (!id.equals(id.toUpperCase(Locale.ROOT))) {
      names.computeIfAbsent(id, any -> "q" + (100_000 + names.size()) + (char) ('a' + random.nextInt(26)) + "z");
    }
    node.properties().stream().filter(property -> edges || !property.getKey().equals("edges")).forEach(property -> collect(property.getValue(), edges, names, random));
    if (node.isArray()) {
      node.valueStream().forEach(child -> collect(child, edges, names, random));
    }
  }

  /** What the edges of boards and their parts are called, and nothing told may change. */
  private static Set<String> byRule(Garment garment) {
    Set<String> ids = new HashSet<>();
    for (PiecePlan piece : ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value().pieces()) {
      piece.edges().forEach(edge -> ids.add(edge.id()));
      piece.edges().stream().flatMap(edge -> edge.runs().stream()).forEach(run -> ids.add(run.id().replaceFirst("~.*", "")));
    }
    return ids;
  }

  private static JsonNode renamed(JsonNode node, String field, Map<String, String> names) {
    if (node.isString()) {
      return WORDS.contains(field) ? node : JSON.getNodeFactory().stringNode(renamed(node.asString(), names));
    }
    if (node.isArray()) {
      ArrayNode array = JSON.createArrayNode();
      node.valueStream().forEach(child -> array.add(renamed(child, field, names)));
      return array;
    }
    if (!node.isObject()) {
      return node;
    }
    ObjectNode object = JSON.createObjectNode();
    node.properties().forEach(property -> object.set(field.equals("edges") ? renamed(property.getKey(), names) : property.getKey(), renamed(property.getValue(), property.getKey(), names)));
    return object;
  }

  private static void differing(String at, JsonNode one, JsonNode other, List<String> found) {
    if (found.size() < MOST_TOLD && one.isContainer() && one.getNodeType() == other.getNodeType() && one.size() == other.size() && one.propertyNames().equals(other.propertyNames())) {
      one.properties().forEach(property -> differing(at + "." + property.getKey(), property.getValue(), other.get(property.getKey()), found));
      for (int i = 0; one.isArray() && i < one.size(); i++) {
        differing(at + "[" + i + "]", one.get(i), other.get(i), found);
      }
    } else if (found.size() < MOST_TOLD && !one.equals(other)) {
      found.add("%s: %s, then %s".formatted(at, shortened(one), shortened(other)));
    }
  }

  private static String shortened(JsonNode node) {
    return node.toString().substring(0, Math.min(MOST_CHARACTERS, node.toString().length()));
  }

  /** An id that is given by rule goes by those it is made of: rows of a piece, their ends, parts of a run and what lies over it. */
  private static String renamed(String text, Map<String, String> names) {
    Matcher byRule = BY_RULE.matcher(text);
    if (names.containsKey(text) || !byRule.matches()) {
      return named(text, names);
    }
    String piece = byRule.group("piece") == null ? "" : named(byRule.group("piece"), names) + ":";
    return piece + Objects.toString(byRule.group("ends"), "") + named(byRule.group("id"), names) + Objects.toString(byRule.group("part"), "");
  }

  private static String named(String id, Map<String, String> names) {
    return names.getOrDefault(id, id);
  }

  private static Garment read(String file) {
    Outcome<Garment> read = GarmentFiles.read(bytes(file));
    assertThat(read.findings()).isEmpty();
    return ((Outcome.Good<Garment>) read).value();
  }

  private static byte[] bytes(String file) {
    return file.getBytes(StandardCharsets.UTF_8);
  }

  /** Without what names a finding among others: a number made of all it says. */
  private static String planned(Garment garment) {
    GarmentPlan plan = ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
    ObjectNode tree = (ObjectNode) JSON.readTree(PlanJson.write(plan, ((Outcome.Good<Proof>) Proof.of(garment)).value()));
    return FINDING_KEY.matcher(tree.toString()).replaceAll("\"key\":\"\"");
  }
}
