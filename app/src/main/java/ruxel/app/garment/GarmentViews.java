package ruxel.app.garment;

import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import ruxel.core.bench.Work;
import ruxel.core.construction.Question;
import ruxel.core.construction.Sign;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.lay.AsWorn;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** What the API shows of garments. */
public final class GarmentViews {
  private GarmentViews() {}

  /** A garment on the shelf; {@code unreadable} says why there is nothing of it to show, by its {@code revision} it is moved elsewhere. */
  public record Summary(
      UUID id,
      String revision,
      String name,
      OffsetDateTime changedAt,
      Written<List<ShelfFacts.ShelfPiece>> pieces,
      List<SeamProgress> progress,
      Optional<NextStep> next,
      Optional<String> unreadable) {}

  /** How far a seam is: nothing begun has neither work nor state. */
  public record SeamProgress(SeamId seam, Optional<UUID> work, Optional<Work.State> state, int position, int joints) {}

  /** The next thing to do on a garment. */
  public record NextStep(SeamId seam, String title, String direction, String words, boolean begun) {}

  /** A garment opened; {@code finished} is all of its work that is done: seams, lines, whole boards, strips; {@code byEarlierPlan} what is begun or done otherwise than today's plan says. */
  public record Opened(
      UUID id,
      int version,
      String revision,
      Optional<String> construction,
      Map<String, Object> answers,
      GarmentPlan plan,
      List<SeamProgress> progress,
      List<WorkRef> finished,
      List<WorkRef> byEarlierPlan,
      Optional<NextStep> next,
      Optional<String> undo,
      Optional<String> redo) {}

  /**
   * A garment after a change: as opened, but its plan has only the pieces, seams and boards that are not as before; all of
   * them are named in their order.
   */
  public record Changed(
      UUID id,
      int version,
      String revision,
      Optional<String> construction,
      Map<String, Object> answers,
      GarmentPlan plan,
      List<PieceId> pieces,
      List<SeamId> seams,
      List<BoardId> boards,
      List<SeamProgress> progress,
      List<WorkRef> finished,
      List<WorkRef> byEarlierPlan,
      Optional<NextStep> next,
      Optional<String> undo,
      Optional<String> redo) {

    /** Without a plan from before, everything is new. */
    static Changed of(Optional<GarmentPlan> before, Opened now) {
      GarmentPlan plan = now.plan();
      return new Changed(
          now.id(), now.version(), now.revision(), now.construction(), now.answers(),
          plan.with(
              notAsBefore(before, plan, GarmentPlan::pieces, PiecePlan::id), notAsBefore(before, plan, GarmentPlan::seams, SeamPlan::id),
              notAsBefore(before, plan, GarmentPlan::boards, BoardPlan::id)),
          plan.pieces().stream().map(PiecePlan::id).toList(), plan.seams().stream().map(SeamPlan::id).toList(), plan.boards().stream().map(BoardPlan::id).toList(),
          now.progress(), now.finished(), now.byEarlierPlan(), now.next(), now.undo(), now.redo());
    }
  }

  /** Linear in both plans. */
  private static <T, I> List<T> notAsBefore(Optional<GarmentPlan> before, GarmentPlan now, Function<GarmentPlan, List<T>> of, Function<T, I> id) {
    Map<I, T> known = before.map(of).orElse(List.of()).stream().collect(Collectors.toMap(id, Function.identity(), (one, other) -> one));
    return of.apply(now).stream().filter(each -> !each.equals(known.get(id.apply(each)))).toList();
  }

  /** A change of the history; taken back ones can be done again. */
  public record HistoryEntry(int version, String label, OffsetDateTime madeAt, boolean takenBack) {}

  /** A garment that is only tried out, and what is different from the saved one. */
  public record Preview(Optional<GarmentPlan> plan, List<FindingView> findings, List<String> effects) {}

  /** A construction with what tells it apart, how it looks from the front with the usual numbers, and its questions. */
  public record Construction(String id, String name, String tells, List<Sign> signs, List<AsWorn.WornShape> silhouette, List<Question> questions) {}

  /** Something to look at on the table, and what may be seen there. */
  public record LookView(String words, List<SignView> signs) {}

  /** What may be seen. */
  public record SignView(Sign sign, String words) {}
}
