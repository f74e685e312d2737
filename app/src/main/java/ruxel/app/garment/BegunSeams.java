package ruxel.app.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** What an edit may not do to seams that are in hand or joined: take them away, or move finished steps. */
@Component
class BegunSeams {
  private final Progress progress;

  BegunSeams(Progress progress) {
    this.progress = progress;
  }

  /**
   * @throws Problems.Refused naming every begun seam that would be lost and every finished step that would move
   */
  void requireKept(UUID id, Garment before, Garment after) {
    Map<String, Progress.OfSeam> bySeam = progress.of(id);
    if (bySeam.isEmpty()) {
      return;
    }
    GarmentPlan old = GarmentReader.plan(before);
    GarmentPlan changed = GarmentReader.plan(after);
    List<Finding> findings = new ArrayList<>();
    for (SeamPlan seam : old.seams()) {
      if (bySeam.containsKey(seam.id()) && !keeps(changed, seam)) {
        findings.add(finding(FindingCode.BEGUN_WITHOUT_PIECES, seam));
      }
      boolean moved = !before.settings().order().equals(after.settings().order()) && number(old, seam.id()) != number(changed, seam.id());
      if (moved && Optional.ofNullable(bySeam.get(seam.id())).filter(Progress.OfSeam::joined).isPresent()) {
        findings.add(finding(FindingCode.STEP_FINISHED, seam));
      }
    }
    if (!findings.isEmpty()) {
      throw new Problems.Refused(findings, before.wording());
    }
  }

  private static boolean keeps(GarmentPlan plan, SeamPlan seam) {
    List<String> pieces = plan.pieces().stream().map(PiecePlan::id).toList();
    return plan.seams().stream().anyMatch(other -> other.id().equals(seam.id()))
        && seam.a().rails().stream().allMatch(rail -> pieces.contains(rail.piece()))
        && seam.b().rails().stream().allMatch(rail -> pieces.contains(rail.piece()));
  }

  private static int number(GarmentPlan plan, String seam) {
    return plan.steps().stream().filter(step -> step.seam().equals(seam)).mapToInt(GarmentPlan.StepPlan::number).findFirst().orElse(0);
  }

  private static Finding finding(FindingCode code, SeamPlan seam) {
    return Finding.of(code, Where.seam(seam.id()), Fact.text("seam", seam.name()));
  }
}
