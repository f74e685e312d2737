package ruxel.app.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.app.web.Problems;
import ruxel.app.work.Progress;
import ruxel.core.board.Lines;
import ruxel.core.decision.EndedSeam;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripStep;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.Given;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.strip.Strip;

/** What an edit may not do to work that is in hand or done: take it or its pieces away, let it be another one, or move a finished step. */
final class BegunWork {
  private final Optional<OpenGarments.Computed> was;
  private final OpenGarments.Computed after;
  private final boolean reordered;
  private final List<Finding> findings = new ArrayList<>();

  private final Optional<SeamId> atBench;

  private BegunWork(Optional<OpenGarments.Computed> was, OpenGarments.Computed after, Optional<SeamId> atBench) {
    this.was = was;
    this.after = after;
    this.atBench = atBench;
    reordered = was.filter(old -> !ordered(old.garment().settings()).equals(ordered(after.garment().settings()))).isPresent();
  }

  /**
   * To be asked while the garment is held, so that nothing is taken to the bench in between.
   *
   * @param was the garment as it was, if it can be read
   * @param atBench the seam whose work is changed along with it, and which alone may end elsewhere
   * @throws Problems.Refused naming all begun work that would be lost or be another one, and every finished step that would move
   */
  static void requireKept(Map<WorkRef, Progress.OfWork> works, Optional<OpenGarments.Computed> was, OpenGarments.Computed after, Optional<SeamId> atBench) {
    BegunWork begun = new BegunWork(was, after, atBench);
    works.forEach(begun::check);
    if (!begun.findings.isEmpty()) {
      throw new Problems.Refused(begun.findings, after.garment().wording());
    }
  }

  private void check(WorkRef of, Progress.OfWork work) {
    if (of instanceof WorkRef.OfSeam seam) {
      check(seam, work);
    } else if (of instanceof WorkRef.OfLine line) {
      check(line);
    } else if (of instanceof WorkRef.OfStrip strip) {
      check(strip, work);
    }
  }

  private void check(WorkRef.OfSeam seam, Progress.OfWork work) {
    SeamId id = seam.id();
    Fact name = Fact.text("seam", was.flatMap(old -> old.plan().seams().stream().filter(s -> s.id().equals(id)).findFirst()).map(s -> s.name()).orElse(id.text()));
    if (!keeps(id, work.pieces())) {
      findings.add(Finding.of(FindingCode.BEGUN_WITHOUT_PIECES, Where.seam(id), name));
    } else if (was.filter(old -> Given.isToldAnew(old.garment(), after.garment(), id) || isTurned(old.plan(), after.plan(), id) || endsElsewhere(old, id)).isPresent()) {
      findings.add(Finding.of(FindingCode.BEGUN_TOLD_ANEW, Where.seam(id), name));
    }
    if (reordered && work.joined() && was.filter(old -> number(old.plan(), id) != number(after.plan(), id)).isPresent()) {
      findings.add(Finding.of(FindingCode.STEP_FINISHED, Where.seam(id), name));
    }
  }

  private boolean endsElsewhere(OpenGarments.Computed old, SeamId seam) {
    return atBench.filter(seam::equals).isEmpty() && !ended(old, seam).equals(ended(after, seam));
  }

  private static Optional<EndedSeam> ended(OpenGarments.Computed garment, SeamId seam) {
    return garment.garment().settings().on(EndedSeam.class, seam);
  }

  /** Whether a seam begins now where it ended: places are counted from its start. */
  private static boolean isTurned(GarmentPlan was, GarmentPlan now, SeamId seam) {
    Optional<SeamPlan.Rail> start = rails(was, seam).findFirst();
    Optional<SeamPlan.Rail> end = rails(now, seam).reduce((before, last) -> last);
    return start.isPresent() && end.isPresent() && start.get().piece().equals(end.get().piece()) && start.get().edge().equals(end.get().edge()) && start.get().dx() * end.get().dx() + start.get().dy() * end.get().dy() < 0;
  }

  private static Stream<SeamPlan.Rail> rails(GarmentPlan plan, SeamId seam) {
    return plan.seams().stream().filter(each -> each.id().equals(seam)).flatMap(each -> each.a().rails().stream());
  }

  /** What the maker decided of the order: the steps, and whether one side is completed before the other. */
  private static List<?> ordered(Settings settings) {
    return List.of(settings.order(), settings.on(OwnSchool.class, School.SIDES));
  }

  private boolean keeps(SeamId seam, List<PieceId> pieces) {
    return after.plan().seams().stream().anyMatch(other -> other.id().equals(seam))
        && after.plan().pieces().stream().map(PiecePlan::id).toList().containsAll(pieces);
  }

  private static int number(GarmentPlan plan, SeamId seam) {
    return plan.steps().stream().filter(step -> step.seam().equals(seam)).mapToInt(GarmentPlan.StepPlan::number).findFirst().orElse(0);
  }

  /** What a line is worked along. */
  private record Along(List<Lines.InnerJoin> joins, int joints) {}

  private void check(WorkRef.OfLine line) {
    Optional<Along> now = along(after.plan(), line);
    boolean isOther = was.flatMap(before -> along(before.plan(), line)).filter(before -> !Optional.of(before).equals(now)).isPresent();
    if (now.isEmpty() || isOther) {
      String name = was.flatMap(before -> line(before.plan(), line)).map(found -> "The line " + Wording.uncapital(found.title())).orElse("A line");
      findings.add(Finding.of(now.isEmpty() ? FindingCode.BEGUN_WITHOUT_PIECES : FindingCode.BEGUN_TOLD_ANEW, Where.piece(line.board().piece()), Fact.text("seam", name)));
    }
  }

  private static Optional<Along> along(GarmentPlan plan, WorkRef.OfLine of) {
    return line(plan, of).map(line -> new Along(line.joins(), line.joints()));
  }

  private static Optional<BoardPlan.LinePlan> line(GarmentPlan plan, WorkRef.OfLine of) {
    return plan.boards().stream().filter(board -> board.id().equals(of.board())).flatMap(board -> board.lines().stream()).filter(line -> line.id().equals(of.id())).findFirst();
  }

  /** One that could not be worked before is not held fast by its work. */
  private void check(WorkRef.OfStrip strip, Progress.OfWork work) {
    Optional<StripPlan> before = was.flatMap(old -> planned(old.plan(), strip));
    if (was.isPresent() && before.isEmpty()) {
      return;
    }
    Fact name = Fact.text("seam", before.map(StripPlan::called).orElse(strip.id().text()));
    Where where = Where.NOWHERE.ofStrip(strip.id());
    Optional<StripPlan> now = planned(after.plan(), strip);
    if (now.isEmpty()) {
      findings.add(Finding.of(FindingCode.BEGUN_WITHOUT_PIECES, where, name));
    } else if (was.filter(old -> isElsewhere(old, before.orElseThrow(), now.get())).isPresent()) {
      findings.add(Finding.of(FindingCode.BEGUN_TOLD_ANEW, where, name));
    }
    if (work.joined() && was.filter(old -> !step(old, strip).equals(step(after, strip))).isPresent()) {
      findings.add(Finding.of(FindingCode.STEP_FINISHED, where, name));
    }
  }

  private static Optional<StripPlan> planned(GarmentPlan plan, WorkRef.OfStrip of) {
    return plan.strips().stream().filter(strip -> strip.id().equals(of.id())).findFirst();
  }

  /** Along other edges, or between other ends, as they were told or as they lie: rows may come under it, and it may be told anew on them. */
  private boolean isElsewhere(OpenGarments.Computed old, StripPlan before, StripPlan now) {
    return !edges(before).equals(edges(now)) || !told(old, before).equals(told(after, now)) && !ends(before.strip()).equals(ends(now.strip()));
  }

  private static List<?> edges(StripPlan strip) {
    return strip.inner().stream().map(inner -> List.of(inner.piece(), inner.edge())).distinct().toList();
  }

  private static Optional<List<?>> told(OpenGarments.Computed garment, StripPlan strip) {
    return garment.garment().settings().on(WorkedStrip.class, strip.id()).map(worked -> ends(worked.strip()));
  }

  private static List<?> ends(Strip strip) {
    return List.of(strip.from(), strip.to());
  }

  private static Optional<StripStep> step(OpenGarments.Computed garment, WorkRef.OfStrip strip) {
    return garment.garment().settings().on(StripStep.class, strip.id());
  }
}
