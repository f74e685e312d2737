package ruxel.core.construction;

import ruxel.core.measure.Wording;

/** What follows from an answer, told beside it: "55 cm wide". */
public record Consequence(String answer, String template, java.util.List<ruxel.core.finding.Fact> facts) {
  public Consequence {
    facts = java.util.List.copyOf(facts);
  }

  public String sentence(Wording wording) {
    String text = template;
    for (ruxel.core.finding.Fact fact : facts) {
      text = text.replace("{" + fact.name() + "}", fact.worded(wording));
    }
    return text;
  }
}
