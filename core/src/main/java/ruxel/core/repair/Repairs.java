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
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.repair.Repair.Effort;

/**
 * Every repair that applies to a seam (handbook 7), best first. Each is tried on the whole garment before it is
 * offered: one that does not remove what it promises to remove is not. One plan of the garment for each.
 */
public final class Repairs {
  private final Situation before;
  private final Set<SeamId> begun;

  private Repairs(Situation before, Set<SeamId> begun) {
    this.before = before;
    this.begun = begun;
  }

  /**
   * @param begun ids of seams in hand or joined
   * @return none for a seam that meets by itself, or that the garment does not have
   */
  public static List<Repair> of(Garment garment, SeamId seam, Set<SeamId> begun) {
    return Situation.of(garment, seam)
        .filter(Situation::needsRepair)
        .map(situation -> new Repairs(situation, begun).repairs())
        .orElse(List.of());
  }

  /** The rows that can be kept back and worked while a seam is joined, each tried in the same way. */
  public static List<Repair> joiningRows(Garment garment, SeamId seam, Set<SeamId> begun) {
    return Situation.of(garment, seam).map(situation -> new Repairs(situation, begun).kept(JoiningRows.of(situation))).orElse(List.of());
  }

  private List<Repair> repairs() {
    List<Candidate> candidates = new ArrayList<>();
    candidates.addAll(CountRepairs.of(before));
    candidates.addAll(LengthRepairs.of(before));
    candidates.addAll(PhaseRepairs.of(before));
    candidates.addAll(EdgingRepairs.of(before));
    return kept(candidates);
  }

  private List<Repair> kept(List<Candidate> candidates) {
    return candidates.stream()
        .flatMap(candidate -> tried(candidate).stream())
        .sorted(Comparator.comparing(Repair::rung))
        .toList();
  }

  private Optional<Repair> tried(Candidate candidate) {
    Outcome<GarmentPlan> outcome = Change.applyAll(before.garment(), candidate.changes()).then(Planner::meeting);
    return outcome instanceof Outcome.Good<GarmentPlan> good && keeps(candidate.promise(), good.value())
        ? Optional.of(repair(candidate, good.value()))
        : Optional.empty();
  }

  private boolean keeps(Candidate.Promise promise, GarmentPlan after) {
    SeamId id = before.seam().id();
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
      case JOINS -> (countsMeet || Situation.says(before.plan(), FindingCode.ROWS_DIFFER, id)) && verdict.compareTo(Ease.Verdict.STOP) < 0 && after.rowJoining(id).isPresent();
      case REPEATS_MEET -> verdict != Ease.Verdict.STOP && met(seam.get()) > met(before.seamPlan());
    };
  }

  private static String words(RowPlan row) {
    return "%s %s%s".formatted(row.words(), row.adds(), row.wrongSide() ? " That row is one of the wrong side, if row 1 was one of the right side." : "");
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
    String words =
        switch (candidate.promise()) {
          case LENGTHS_MEET -> candidate.words() + " Then: " + ease;
          case JOINS -> after.rowJoining(before.seam().id()).map(Repairs::words).orElse("");
          case COUNTS_MEET, CAN_BE_WORKED, REPEATS_MEET -> candidate.words();
        };
    return new Repair(
        candidate.rung(), candidate.title(), words,
        Effects.between(before.plan(), after, before.seam().id()),
        opened.isEmpty() ? candidate.effort() : Effort.MUCH,
        opened.isEmpty() ? candidate.effortWords() : "%s %s begun: it is opened first. %s".formatted(String.join(", ", opened), opened.size() == 1 ? "is" : "are", candidate.effortWords()),
        candidate.risk(), candidate.changes());
  }

  private static String name(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).map(SeamPlan::name).findFirst().orElse(id.text());
  }
}
