package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Fact;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Wording;

/**
 * A finding with its sentence, as the API and the command line give it. {@code key} names one that may be left so,
 * {@code left} is the maker's reason where it was.
 */
public record FindingView(
    FindingCode code,
    FindingCode.Level level,
    String levelWords,
    Optional<String> answer,
    Optional<PieceId> piece,
    Optional<String> edge,
    Optional<String> run,
    Optional<SeamId> seam,
    Optional<StripId> strip,
    Optional<String> path,
    List<String> against,
    List<FactView> facts,
    String sentence,
    String remedy,
    Optional<String> key,
    Optional<String> left) {

  /** A fact's name and its value in words. */
  public record FactView(String name, String value) {}

  public static FindingView of(Finding finding, Wording wording) {
    return of(finding, wording, Optional.empty());
  }

  /** One the maker left so, with the reason, is a note. */
  static FindingView of(Finding finding, Wording wording, Optional<String> left) {
    FindingCode.Level level = left.isPresent() ? FindingCode.Level.NOTE : finding.code().level();
    return new FindingView(
        finding.code(),
        level,
        level.words(),
        finding.where().answer(),
        finding.where().piece(),
        finding.where().edge(),
        finding.where().run(),
        finding.where().seam(),
        finding.where().strip(),
        finding.where().path(),
        finding.where().against(),
        finding.facts().stream().map((Fact fact) -> new FactView(fact.name(), fact.worded(wording))).toList(),
        finding.sentence(wording),
        finding.remedy(wording),
        Optional.of(finding.key()).filter(key -> finding.code().mayBeLeft()),
        left);
  }

  /** In one line, as it is printed. */
  public String printed() {
    return (level == FindingCode.Level.NOTE ? "" : levelWords + ": ") + sentence + " " + left.map(reason -> "Left so: " + reason).orElse(remedy);
  }

  public static List<FindingView> all(List<Finding> findings, Wording wording) {
    return Finding.capped(findings).stream().map(finding -> of(finding, wording)).toList();
  }
}
