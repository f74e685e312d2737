package ruxel.core.repair;

import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Seam;

/** A garment with the seam that is looked at. */
record Situation(Garment garment, Construct construct, GarmentPlan plan, SeamPlan seamPlan, SeamMatch match) {

  static Optional<Situation> of(Garment garment, SeamId seamId) {
    if (!(Planner.meeting(garment) instanceof Outcome.Good<GarmentPlan> planned)
        || !(Layout.of(garment) instanceof Outcome.Good<Layout> layout)) {
      return Optional.empty();
    }
    Construct construct = layout.value().construct();
    Optional<SeamPlan> seam = planned.value().seams().stream().filter(plan -> plan.id().equals(seamId)).findFirst();
    return seam.flatMap(
        plan ->
            construct.resolved(seamId)
                .map(resolved -> new Situation(garment, construct, planned.value(), plan, SeamMatch.of(resolved, garment.rules()))));
  }

  Seam seam() {
    return match.seam().seam();
  }

  boolean says(FindingCode code) {
    return says(plan, code, seam().id());
  }

  static boolean says(GarmentPlan plan, FindingCode code, SeamId seam) {
    return plan.findings().stream().anyMatch(finding -> finding.code() == code && finding.seam().filter(seam::equals).isPresent());
  }

  /** Whether something of this seam does not meet by itself. */
  boolean needsRepair() {
    return !seamPlan.planned()
        || says(FindingCode.ROWS_DIFFER)
        || says(FindingCode.SHOULDER_UNEQUAL)
        || says(FindingCode.PHASE_OFF)
        || seamPlan.ease().map(ease -> ease.verdict().ordinal() > 0).orElse(true);
  }
}
