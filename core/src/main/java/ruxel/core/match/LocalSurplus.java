package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;

/**
 * Stretches between neighbouring markers that are much less alike than the seam as a whole (model 3): their
 * own ease is more than one step of the ladder above the seam's verdict. Where surplus is steered it is meant
 * to gather, and is not named.
 */
final class LocalSurplus {
  private LocalSurplus() {}

  static List<Finding> of(
      Seam seam, SideLayout a, SideLayout b, List<Checkpoint> checkpoints, List<Joints.Joint> joints, Ease whole, HouseRules rules) {
    if (seam.working().surplus() != Surplus.EVEN) {
      return List.of();
    }
    List<Finding> findings = new ArrayList<>();
    double beforeA = 0;
    double beforeB = 0;
    for (int i = 0; i <= checkpoints.size(); i++) {
      boolean last = i == checkpoints.size();
      double upToA = last ? a.lengthMm(0, a.size()) : along(a, checkpoints.get(i).placeA(), joints.get(checkpoints.get(i).joint() - 1), true);
      double upToB = last ? b.lengthMm(0, b.size()) : along(b, checkpoints.get(i).placeB(), joints.get(checkpoints.get(i).joint() - 1), false);
      Ease own = Ease.of(upToA - beforeA, upToB - beforeB, 0, Ease.Give.USUAL, seam.working().fullness(), rules);
      boolean stepsAbove = own.verdict().ordinal() > whole.verdict().ordinal() + 1;
      if (stepsAbove && own.differenceMm() > rules.get(Rule.LOCAL_MM)) {
        findings.add(
            Finding.of(
                FindingCode.LOCAL_SURPLUS, Where.seam(seam.id()), Fact.text("seam", seam.name()),
                Fact.text("start", i == 0 ? "the start" : "marker " + i), Fact.text("end", last ? "the end" : "marker " + (i + 1)),
                Fact.text("longer", (own.aMm() > own.bMm() ? seam.a() : seam.b()).name()), Fact.difference("gap", own.differenceMm())));
      }
      beforeA = last ? 0 : a.lengthMm(0, checkpoints.get(i).placeA());
      beforeB = last ? 0 : b.lengthMm(0, checkpoints.get(i).placeB());
    }
    return List.copyOf(findings);
  }

  /** Where the units before a marker end; a place fixed by an anchor belongs to neither stretch. */
  private static double along(SideLayout side, int placesUsed, Joints.Joint last, boolean onA) {
    int place = onA ? last.a() : last.b();
    boolean fixed = last.interval() < 0 && place >= 0;
    return side.lengthMm(0, placesUsed) - (fixed ? side.places().get(place).widthMm() : 0);
  }
}
