package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;

/**
 * What lies between two neighbouring markers, or a marker and an end (model 3): from where to where along each
 * side in mm, and its own ease. The ripple is drawn from it.
 */
public record LocalSurplus(String start, String end, double aFromMm, double aToMm, double bFromMm, double bToMm, Ease ease) {

  /** All stretches in the seam's direction; they add up to its sides. */
  static List<LocalSurplus> of(ResolvedSeam seam, JointLine line, List<Checkpoint> checkpoints, HouseRules rules) {
    List<LocalSurplus> stretches = new ArrayList<>();
    double aFrom = 0;
    double bFrom = 0;
    for (int i = 0; i <= checkpoints.size(); i++) {
      boolean last = i == checkpoints.size();
      double aTo = last ? line.lengthMm(true) : line.mm(true, checkpoints.get(i).joint());
      double bTo = last ? line.lengthMm(false) : line.mm(false, checkpoints.get(i).joint());
      Ease own = Ease.of(aTo - aFrom, bTo - bFrom, 0, Ease.Give.USUAL, Ease.Full.of(seam), rules);
      stretches.add(
          new LocalSurplus(
              i == 0 ? seam.ends().start() : "marker " + i, last ? seam.ends().end() : "marker " + (i + 1), aFrom, aTo, bFrom, bTo, own));
      aFrom = aTo;
      bFrom = bTo;
    }
    return List.copyOf(stretches);
  }

  /**
   * Stretches that are much less alike than the seam as a whole: their own ease is more than one step of the ladder
   * above the seam's verdict. Where surplus is steered to it is meant to gather, and is not named.
   */
  static List<Finding> named(Seam seam, List<LocalSurplus> stretches, List<Interval> intervals, SideLayout a, Ease whole, HouseRules rules) {
    List<Finding> findings = new ArrayList<>();
    for (LocalSurplus stretch : stretches) {
      boolean stepsAbove = stretch.ease.verdict().ordinal() > whole.verdict().ordinal() + 1;
      if (stepsAbove && !stretch.isMeant(intervals, a) && stretch.ease.differenceMm() > rules.get(Rule.LOCAL_MM)) {
        findings.add(
            Finding.of(
                FindingCode.LOCAL_SURPLUS, Where.seam(seam.id()), Fact.text("seam", seam.name()),
                Fact.text("start", stretch.start), Fact.text("end", stretch.end),
                Fact.text("longer", Wording.low((stretch.ease.aMm() > stretch.ease.bMm() ? seam.a() : seam.b()).name())),
                Fact.difference("gap", stretch.ease.differenceMm())));
      }
    }
    return List.copyOf(findings);
  }

  private boolean isMeant(List<Interval> intervals, SideLayout a) {
    double middle = (aFromMm + aToMm) / 2;
    return intervals.stream()
        .filter(Interval::gathers)
        .anyMatch(interval -> a.lengthMm(0, interval.aFromInclusive()) < middle && middle < a.lengthMm(0, interval.aToExclusive()));
  }
}
