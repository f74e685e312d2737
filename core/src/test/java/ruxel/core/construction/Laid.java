package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;

/** Constructions laid out and planned with numbers, for tests. */
final class Laid {
  private Laid() {}

  static Map<String, Answers.Answer> numbers(Map<String, Integer> numbers) {
    Map<String, Answers.Answer> answers = new HashMap<>();
    numbers.forEach((key, value) -> answers.put(key, new Answers.Numeric(value)));
    return answers;
  }

  static Construct built(String id, Map<String, Integer> numbers) {
    return build(id, numbers(numbers));
  }

  static Construct build(String id, Map<String, Answers.Answer> answers) {
    Outcome<Construct> outcome = Templates.of(id).orElseThrow().build(new Answers(answers));
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Construct>) outcome).value();
  }

  static GarmentPlan plan(String id, Map<String, Answers.Answer> answers) {
    Outcome<GarmentPlan> outcome = Planner.plan(Garment.of("Quay", new Recipe(id, new Answers(answers))));
    assertThat(outcome.findings()).as("%s", answers).isEmpty();
    return ((Outcome.Good<GarmentPlan>) outcome).value();
  }

  /** Why a garment cannot be planned. */
  static List<FindingCode> refused(String id, Map<String, Answers.Answer> answers) {
    return Planner.plan(Garment.of("Quay", new Recipe(id, new Answers(answers)))).findings().stream().map(Finding::code).toList();
  }

  static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  static String sentence(Construct construct, String key) {
    return construct.told().consequences().stream().filter(c -> c.answer().equals(key)).findFirst().orElseThrow().sentence(Wording.USUAL);
  }
}
