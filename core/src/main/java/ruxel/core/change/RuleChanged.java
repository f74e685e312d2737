package ruxel.core.change;

import java.util.Optional;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;

/** A number of judgement that the maker sets for a garment; empty takes the house's own again (handbook 1). */
public record RuleChanged(Rule rule, Optional<Double> value) implements Change {
  @Override
  public Outcome<Garment> apply(Garment garment) {
    if (value.filter(given -> !rule.allows(given)).isPresent()) {
      return Outcome.refused(
          Finding.of(
              FindingCode.RULE_RANGE, Where.path("$.houseRules." + rule), Fact.text("rule", rule.words()), Fact.text("least", text(rule.least())),
              Fact.text("most", text(rule.most())), Fact.text("value", text(value.get()))));
    }
    HouseRules changed = garment.rules().with(rule, value);
    return clash(changed).map(Outcome::<Garment>refused).orElseGet(() -> Outcome.of(garment.withRules(changed)));
  }

  /** Rules that contradict each other. */
  public static Optional<Finding> clash(HouseRules rules) {
    return rules
        .clash()
        .map(
            found ->
                Finding.of(
                    FindingCode.RULE_CLASH, Where.path("$.houseRules." + found.lower()), Fact.text("lower", found.lower().words()),
                    Fact.text("higher", found.higher().words())));
  }

  private static String text(double value) {
    return new Answers.Numeric(value).text();
  }

  @Override
  public String label(Names names) {
    return value.isPresent() ? "Set a rule: " + rule.words() : "Took the house's own rule: " + rule.words();
  }
}
