package ruxel.app.garment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.layout.Given;
import ruxel.core.measure.School;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;

/** What an edit may not do to seams and strips that are in hand or worked: take them or their pieces away, or move finished steps. */
final class BegunSeams {
  private BegunSeams() {}

  /**
   * To be asked while the garment is held, so that no seam is taken to the bench in between.
   *
   * @param begunStrips their ids
   * @param was the garment as it was, if it can be read
   * @throws Problems.Refused naming every begun seam that would be lost or told anew and every finished step that would move
   */
  static void requireKept(Map<String, Progress.OfSeam> bySeam, Set<String> begunStrips, Optional<OpenGarments.Computed> was, OpenGarments.Computed after) {
    List<Finding> findings = new ArrayList<>();
    Optional<GarmentPlan> before = was.map(OpenGarments.Computed::plan);
    boolean reordered = was.filter(old -> !ordered(old.garment().settings()).equals(ordered(after.garment().settings()))).isPresent();
    bySeam.forEach(
        (seam, begun) -> {
          if (!keeps(after.plan(), seam, begun.pieces())) {
            findings.add(finding(FindingCode.BEGUN_WITHOUT_PIECES, seam, before));
          } else if (was.filter(old -> Given.isToldAnew(old.garment(), after.garment(), seam)).isPresent()) {
            findings.add(finding(FindingCode.BEGUN_TOLD_ANEW, seam, before));
          }
          if (reordered && begun.joined() && before.filter(old -> number(old, seam) != number(after.plan(), seam)).isPresent()) {
            findings.add(finding(FindingCode.STEP_FINISHED, seam, before));
          }
        });
    Set<String> kept = strips(after).keySet();
    was.map(BegunSeams::strips).orElse(Map.of()).forEach(
        (id, name) -> {
          if (begunStrips.contains(id) && !kept.contains(id)) {
            findings.add(Finding.of(FindingCode.BEGUN_WITHOUT_PIECES, Where.NOWHERE.ofStrip(id), Fact.text("seam", name)));
          }
        });
    if (!findings.isEmpty()) {
      throw new Problems.Refused(findings, after.garment().wording());
    }
  }

  /** The names of all that are told, also where one cannot be worked now, and of rows on pieces. */
  private static Map<String, String> strips(OpenGarments.Computed of) {
    Map<String, String> names = new LinkedHashMap<>();
    of.garment().settings().of(WorkedStrip.class).forEach(worked -> names.put(worked.strip().id(), worked.strip().name()));
    of.plan().strips().forEach(strip -> names.put(strip.id(), strip.called()));
    return names;
  }

  /** What the maker decided of the order: the steps, and whether one side is completed before the other. */
  private static List<?> ordered(Settings settings) {
    return List.of(settings.order(), settings.on(OwnSchool.class, School.SIDES));
  }

  private static boolean keeps(GarmentPlan plan, String seam, List<String> pieces) {
    return plan.seams().stream().anyMatch(other -> other.id().equals(seam))
        && plan.pieces().stream().map(PiecePlan::id).toList().containsAll(pieces);
  }

  private static int number(GarmentPlan plan, String seam) {
    return plan.steps().stream().filter(step -> step.seam().equals(seam)).mapToInt(GarmentPlan.StepPlan::number).findFirst().orElse(0);
  }

  private static Finding finding(FindingCode code, String seam, Optional<GarmentPlan> plan) {
    String name =
        plan.flatMap(p -> p.seams().stream().filter(s -> s.id().equals(seam)).findFirst()).map(s -> s.name()).orElse(seam);
    return Finding.of(code, Where.seam(seam), Fact.text("seam", name));
  }
}
