package ruxel.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.change.Change;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.match.Ease;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.core.repair.Repair.Effort;

/**
 * Every repair that applies to a seam (handbook 7), best first. Each is tried on the whole garment before it is
 * offered: one that does not remove what it promises to remove is not. One plan of the garment for each.
 */
public final class Repairs {
  private final Situation before;
  private final Set<String> begun;

  private Repairs(Situation before, Set<String> begun) {
    this.before = before;
    this.begun = begun;
  }

  /**
   * @param begun ids of seams in hand or joined
   * @return none for a seam that meets by itself, or that the garment does not have
   */
  public static List<Repair> of(Garment garment, String seam, Set<String> begun) {
    return Situation.of(garment, seam)
        .filter(Situation::needsRepair)
        .map(situation -> new Repairs(situation, begun).kept())
        .orElse(List.of());
  }

  private List<Repair> kept() {
    List<Candidate> candidates = new ArrayList<>();
    candidates.addAll(CountRepairs.of(before));
    candidates.addAll(LengthRepairs.of(before));
    candidates.addAll(PhaseRepairs.of(before));
    candidates.addAll(EdgingRepairs.of(before));
    return candidates.stream()
        .flatMap(candidate -> tried(candidate).stream())
        .sorted(Comparator.comparing(Repair::rung))
        .toList();
  }

  private Optional<Repair> tried(Candidate candidate) {
    Outcome<GarmentPlan> outcome = Change.applyAll(before.garment(), candidate.changes()).then(Planner::plan);
    return outcome instanceof Outcome.Good<GarmentPlan> good && keeps(candidate.promise(), good.value())
        ? Optional.of(repair(candidate, good.value()))
        : Optional.empty();
  }

  private boolean keeps(Candidate.Promise promise, GarmentPlan after) {
    String id = before.seam().id();
    Optional<SeamPlan> seam = after.seams().stream().filter(plan -> plan.id().equals(id)).findFirst().filter(SeamPlan::planned);
    if (seam.isEmpty()) {
      return false;
    }
    boolean countsMeet = !Situation.says(after, FindingCode.ROWS_DIFFER, id) && !Situation.says(after, FindingCode.SHOULDER_UNEQUAL, id);
    Ease.Verdict verdict = seam.get().ease().map(SeamPlan.EaseView::verdict).orElse(Ease.Verdict.MATCHED);
    Ease.Verdict was = before.seamPlan().ease().map(ease -> ease.verdict()).orElse(Ease.Verdict.STOP);
    return switch (promise) {
      case COUNTS_MEET -> countsMeet;
      case LENGTHS_MEET -> verdict.compareTo(Ease.Verdict.EASE_EVENLY) <= 0 && verdict.compareTo(was) < 0;
      case CAN_BE_WORKED -> countsMeet && verdict != Ease.Verdict.STOP;
      case REPEATS_MEET -> verdict != Ease.Verdict.STOP && met(seam.get()) > met(before.seamPlan());
    };
  }

  private static int met(SeamPlan seam) {
    return seam.phases().stream().mapToInt(SeamPlan.PhaseView::met).sum();
  }

  private Repair repair(Candidate candidate, GarmentPlan after) {
    List<String> opened =
        Effects.touched(before.plan(), after).stream().filter(begun::contains).map(id -> name(after, id)).toList();
    String ease =
        after.seams().stream()
            .filter(seam -> seam.id().equals(before.seam().id()))
            .flatMap(seam -> seam.ease().stream())
            .map(SeamPlan.EaseView::words)
            .collect(Collectors.joining());
    return new Repair(
        candidate.rung(), candidate.title(), candidate.promise() == Candidate.Promise.LENGTHS_MEET ? candidate.words() + " Then: " + ease : candidate.words(),
        Effects.between(before.plan(), after, before.seam().id()),
        opened.isEmpty() ? candidate.effort() : Effort.MUCH,
        opened.isEmpty() ? candidate.effortWords() : "%s %s begun: it is opened first. %s".formatted(String.join(", ", opened), opened.size() == 1 ? "is" : "are", candidate.effortWords()),
        candidate.risk(), candidate.changes());
  }

  private static String name(GarmentPlan plan, String id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).map(SeamPlan::name).findFirst().orElse(id);
  }
}
