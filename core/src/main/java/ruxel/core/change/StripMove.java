package ruxel.core.change;

import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.decision.StripStep;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Strips;

/** Moves the step of a strip before a seam, or to the end; a strip waits for the seams it runs over, and for what it stands on (handbook 13). */
final class StripMove {
  private StripMove() {}

  static Outcome<Garment> of(Garment garment, Construct construct, Strip strip, Optional<SeamId> before) {
    if (before.isEmpty()) {
      return Outcome.of(garment.withSettings(garment.settings().without(StripStep.class, strip.id())));
    }
    return Seams.named(construct.seams(), before.get())
        .then(seam -> GarmentStrips.of(garment))
        .then(strips -> lawful(garment, construct, strips, strip, before.get()));
  }

  private static Outcome<Garment> lawful(Garment garment, Construct construct, Strips strips, Strip strip, SeamId before) {
    List<SeamId> sequence = StepMove.sequence(garment, construct);
    List<Finding> findings =
        strips.find(strip.id()).stream()
            .flatMap(worked -> strips.runsOver(worked).stream())
            .filter(seam -> sequence.indexOf(seam) >= sequence.indexOf(before))
            .map(seam -> Finding.of(FindingCode.STEP_FORBIDDEN, Where.NOWHERE.ofStrip(strip.id()), Fact.text("seam", Wording.low(strip.name())), Fact.text("first", name(construct, seam)), Fact.text("why", "It runs over it.")))
            .toList();
    return findings.isEmpty() ? Outcome.of(garment.withSettings(garment.settings().with(new StripStep(strip.id(), before)))) : Outcome.refused(findings);
  }

  private static String name(Construct construct, SeamId seam) {
    return Seams.find(construct.seams(), seam).map(Seam::name).map(Wording::low).orElse(seam.text());
  }
}
