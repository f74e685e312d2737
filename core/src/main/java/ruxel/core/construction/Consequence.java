package ruxel.core.construction;

import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.measure.Wording;

/** What follows from an answer, told beside it: "55 cm wide". */
public record Consequence(String answer, String template, List<Fact> facts) {
  public Consequence {
    facts = List.copyOf(facts);
  }

  public String sentence(Wording wording) {
    return Fact.filled(template, facts, wording);
  }
}
