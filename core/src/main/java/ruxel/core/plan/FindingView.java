package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Fact;
import ruxel.core.measure.Wording;

/** A finding with its sentence, as the API and the command line give it. */
public record FindingView(
    FindingCode code,
    FindingCode.Severity severity,
    Optional<String> answer,
    Optional<String> piece,
    Optional<String> edge,
    Optional<String> seam,
    Optional<String> path,
    List<FactView> facts,
    String sentence,
    String remedy) {

  /** A fact's name and its value in words. */
  public record FactView(String name, String value) {}

  public static FindingView of(Finding finding, Wording wording) {
    return new FindingView(
        finding.code(),
        finding.code().severity(),
        finding.where().answer(),
        finding.where().piece(),
        finding.where().edge(),
        finding.where().seam(),
        finding.where().path(),
        finding.facts().stream().map((Fact fact) -> new FactView(fact.name(), fact.worded(wording))).toList(),
        finding.sentence(wording),
        finding.remedy(wording));
  }

  public static List<FindingView> all(List<Finding> findings, Wording wording) {
    return Finding.capped(findings).stream().map(finding -> of(finding, wording)).toList();
  }
}
