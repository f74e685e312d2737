package ruxel.app.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import ruxel.app.garment.GarmentReader;
import ruxel.app.garment.GarmentStore;
import ruxel.app.web.Problems;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Work;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Wording;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;

/** Begins works and adds events, each in one transaction that first holds what it writes to. */
@Component
class WorkKeeper {
  static final int MOST_NOTE = 4000;
  static final int MOST_EVENTS = 500;
  static final int MOST_CLIENT = 100;

  private final WorkStore store;
  private final GarmentStore garments;
  private final Progress progress;

  WorkKeeper(WorkStore store, GarmentStore garments, Progress progress) {
    this.store = store;
    this.garments = garments;
    this.progress = progress;
  }

  /**
   * Begins a work by a plan of a version, if that is still the current one.
   *
   * @return its id; none when the garment was changed, or the seam taken, in between
   * @param outOfTurn whether a line is worked before those that it crosses
   * @throws Problems.Refused when other seams come first
   */
  @Transactional
  Optional<UUID> begin(UUID garment, WorkRef of, GarmentReader.Versioned today, BenchPlan plan, String frozen, boolean outOfTurn) {
    GarmentStore.Head head = garments.lock(garment).orElseThrow(() -> new Problems.NotFound("There is no such garment; it may have been deleted."));
    if (head.version() != today.version()) {
      return Optional.empty();
    }
    if (of instanceof WorkRef.OfSeam seam) {
      requireItsTurn(today, seam.id(), progress.of(garment));
    }
    if (of instanceof WorkRef.OfStrip strip) {
      requireClosed(today, strip.id(), progress.of(garment));
    }
    if (of instanceof WorkRef.OfLine line && !outOfTurn) {
      requireCrossed(today, line, progress.of(garment));
    }
    return store.insert(
        new WorkStore.Begun(garment, of, today.version(), FrozenPlans.FORMAT, frozen, plan.joints().size(), pieces(of, plan), today.plan().workedAs(of)));
  }

  private static List<PieceId> pieces(WorkRef of, BenchPlan plan) {
    return of instanceof WorkRef.OfLine line
        ? List.of(line.board().piece())
        : plan.plan().stream().flatMap(seam -> Stream.of(seam.a(), seam.b())).flatMap(side -> side.rails().stream()).map(SeamPlan.Rail::piece).distinct().toList();
  }

  /** A strip waits for the seams it runs over, and for the strips it stands on. */
  private static void requireClosed(GarmentReader.Versioned today, StripId id, Map<WorkRef, Progress.OfWork> works) {
    StripPlan strip = today.plan().strips().stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
    List<String> missing = new ArrayList<>();
    today.plan().seams().stream().filter(seam -> strip.after().contains(seam.id()) && !isDone(works, WorkRef.seam(seam.id()))).forEach(seam -> missing.add(seam.name()));
    List<PieceId> on = strip.inner().stream().map(StripPlan.InnerPlan::piece).distinct().toList();
    today.plan().strips().stream().filter(other -> on.contains(other.id().face()) && !isDone(works, WorkRef.strip(other.id()))).forEach(other -> missing.add(other.called()));
    if (!missing.isEmpty()) {
      Finding finding = Finding.of(FindingCode.STRIP_TOO_EARLY, Where.NOWHERE.ofStrip(id), Fact.text("strip", strip.called()), Fact.text("first", Wording.low(String.join(" and the ", missing))));
      throw new Problems.Refused(List.of(finding), today.garment().wording());
    }
  }

  /** The second direction of a board goes over lines of the first: these are joined before it, or the maker says otherwise. */
  private static void requireCrossed(GarmentReader.Versioned today, WorkRef.OfLine line, Map<WorkRef, Progress.OfWork> works) {
    List<String> missing = crossedFirst(today, line, works);
    if (!missing.isEmpty()) {
      Finding finding = Finding.of(FindingCode.LINE_TOO_EARLY, Where.piece(line.board().piece()), Fact.text("first", Wording.all(missing.stream().map(Wording::low).toList())));
      throw new Problems.Refused(List.of(finding), today.garment().wording());
    }
  }

  /** Events by which a seam is ended early or opened again: how far it goes is a decision of the garment, too. */
  static final class EndMoves extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  /** The lines that a line is worked over and that are not joined yet. */
  static List<String> crossedFirst(GarmentReader.Versioned today, WorkRef.OfLine line, Map<WorkRef, Progress.OfWork> works) {
    return today.plan().boards().stream()
        .filter(board -> board.id().equals(line.board()))
        .flatMap(board -> board.crossedBy(line.id()).stream())
        .filter(crossed -> !isDone(works, WorkRef.line(line.board(), crossed.id())))
        .map(BoardPlan.LinePlan::title)
        .toList();
  }

  private static boolean isDone(Map<WorkRef, Progress.OfWork> works, WorkRef of) {
    return works.containsKey(of) && works.get(of).joined();
  }

  /** A seam that runs across others waits until they are joined. */
  private static void requireItsTurn(GarmentReader.Versioned today, SeamId seam, Map<WorkRef, Progress.OfWork> works) {
    Map<SeamId, String> names = new HashMap<>();
    today.plan().seams().forEach(s -> names.put(s.id(), s.name()));
    List<String> missing =
        today.plan().steps().stream()
            .filter(step -> step.seam().equals(seam))
            .flatMap(step -> step.after().stream())
            .filter(before -> !isDone(works, WorkRef.seam(before)))
            .map(names::get)
            .toList();
    if (!missing.isEmpty()) {
      Finding finding =
          Finding.of(
              FindingCode.STEP_TOO_EARLY, Where.seam(seam),
              Fact.text("seam", names.get(seam)), Fact.text("first", Wording.low(String.join(" and ", missing))));
      throw new Problems.Refused(List.of(finding), today.garment().wording());
    }
  }

  /**
   * Adds the events that are new, all or none.
   *
   * @param withGarment whether the garment is changed along with it, in this transaction
   * @throws EndMoves when it is not, and where the seam ends would move
   * @throws Problems.WrongEvent when another event has its number, or it cannot follow
   */
  @Transactional
  Work keep(UUID id, String client, List<Sent> sent, boolean withGarment) {
    if (sent.size() > MOST_EVENTS) {
      throw new Problems.TooMuch("At most %d events are taken at once. Send the rest behind them.".formatted(MOST_EVENTS));
    }
    if (client.isBlank() || client.length() > MOST_CLIENT) {
      Finding finding = Finding.of(FindingCode.NAME_LENGTH, Where.path("$.client"), Fact.count("most", MOST_CLIENT), Fact.count("count", client.length()));
      throw new Problems.Refused(List.of(finding), Wording.USUAL);
    }
    WorkStore.Held held = store.lock(id).orElseThrow(WorkService::unknown);
    if (held.deleted()) {
      throw new Problems.NotFound("This garment was deleted, so nothing is kept for it any more. Put it back on the shelf first.");
    }
    List<Work.Event> events = store.events(id);
    Work work = Work.of(events);
    List<Work.Event> added = new ArrayList<>();
    for (Sent one : sent) {
      Work.Event event = one.event();
      if (event.seq() >= 1 && event.seq() < work.nextSeq()) {
        requireSame(event.seq() <= events.size() ? events.get(event.seq() - 1) : added.get(event.seq() - 1 - events.size()), event, work);
        continue;
      }
      Work before = work;
      refusal(id, work, event, held.joints()).ifPresent(why -> refuse(why, before));
      added.add(event);
      work = work.after(event);
      if (!withGarment && before.isEnded(held.joints()) != work.isEnded(held.joints())) {
        throw new EndMoves();
      }
    }
    store.append(id, added, client);
    if (work.state() == Work.State.UNDONE) {
      store.close(id);
    }
    return work;
  }

  private Optional<String> refusal(UUID id, Work work, Work.Event event, int joints) {
    return event.note().length() > MOST_NOTE
        ? Optional.of("A note has at most %d characters; shorten it.".formatted(MOST_NOTE))
        : work.refusal(event, joints).or(() -> event.departure().flatMap(departure -> departure.refusal(store.isOfSides(id)))).or(() -> event.look().flatMap(look -> look.refusal(store.isOfSides(id))));
  }

  private static void requireSame(Work.Event kept, Work.Event event, Work work) {
    if (!kept.equals(event)) {
      refuse("Event %d was something else; another window works on this seam.".formatted(event.seq()), work);
    }
  }

  private static void refuse(String why, Work work) {
    throw new Problems.WrongEvent(why, work.position(), work.nextSeq());
  }
}
