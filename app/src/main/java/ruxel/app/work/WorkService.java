package ruxel.app.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import ruxel.app.garment.GarmentReader;
import ruxel.app.web.Problems;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.bench.LineDirections;
import ruxel.core.bench.Looks;
import ruxel.core.bench.Pace;
import ruxel.core.bench.StripDirections;
import ruxel.core.bench.Work;
import ruxel.core.finding.FindingCode;
import ruxel.core.garment.Garment;
import ruxel.core.hold.Facing;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.HouseRules;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.SeamPlan;

/** Takes seams to the bench and keeps what is done there. */
@Service
public class WorkService {
  /** A seam at the bench: the plan it is worked by, where the maker is, whether today's plan would be worked otherwise. */
  public record View(
      UUID id,
      UUID garment,
      String garmentName,
      WorkRef of,
      int garmentVersion,
      boolean planChanged,
      BenchPlan plan,
      int position,
      Work.State state,
      int nextSeq,
      Optional<String> note,
      Optional<Double> secondsPerJoint,
      double breakMinutes,
      Beside beside,
      List<Looks.Asked> questions,
      Optional<Ledger> ledger) {}

  /** What was done on the other side of the wearer: how far it is, what was worked otherwise there and how long it became, and where that is done here. */
  public record Ledger(String name, Work.State state, List<String> words, List<BenchPlan.Prompt> prompts) {}

  /** Where the maker is, after events were kept, and how fast. */
  public record Kept(int position, Work.State state, int nextSeq, Optional<Double> secondsPerJoint, Beside beside) {}

  private static final int PACED_JOINTS = 100;
  private static final int MOST_TRIES = 5;

  private final WorkStore store;
  private final WorkKeeper keeper;
  private final GarmentReader garments;
  private final FrozenPlans frozen;
  private final WorkWatchers watchers;
  private final Progress progress;
  private final Ledgers ledgers;
  private final EarlyEnds ends;

  WorkService(WorkStore store, WorkKeeper keeper, GarmentReader garments, FrozenPlans frozen, WorkWatchers watchers, Progress progress, Ledgers ledgers, EarlyEnds ends) {
    this.ends = ends;
    this.progress = progress;
    this.ledgers = ledgers;
    this.store = store;
    this.keeper = keeper;
    this.garments = garments;
    this.frozen = frozen;
    this.watchers = watchers;
  }

  /**
   * The seam's work in hand, or a new one by today's plan. Asked for twice at once, there is one work.
   *
   * @param outOfTurn whether a line is worked before those that it crosses
   * @throws Problems.Refused when other seams come first
   * @throws Problems.Undecided when something about the seam is to be decided first
   */
  public View take(UUID garment, WorkRef of, boolean outOfTurn) {
    for (int tries = 0; tries < MOST_TRIES; tries++) {
      Optional<UUID> inHand = store.current(garment, of);
      if (inHand.isPresent()) {
        return view(inHand.get());
      }
      GarmentReader.Versioned today = garments.versioned(garment);
      List<FindingView> toDecide = toDecide(today, of);
      if (!toDecide.isEmpty()) {
        throw new Problems.Undecided(toDecide);
      }
      BenchPlan plan = planned(today, of);
      Optional<UUID> begun = keeper.begin(garment, of, today, plan, frozen.write(plan), outOfTurn);
      if (begun.isPresent()) {
        return view(begun.get());
      }
    }
    throw new Problems.Stale(garments.versioned(garment).version(), List.of());
  }

  /** What is to be decided of a seam or a strip, or of the board of a line. */
  private static List<FindingView> toDecide(GarmentReader.Versioned today, WorkRef of) {
    if (of instanceof WorkRef.OfStrip strip) {
      return today.plan().findings().stream().filter(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST && finding.strip().filter(strip.id()::equals).isPresent()).toList();
    }
    if (of instanceof WorkRef.OfSeam seam) {
      return today.plan().toDecide(seam.id());
    }
    PieceId board = (of instanceof WorkRef.OfLine line ? line.board() : ((WorkRef.OfBoard) of).id()).piece();
    return today.plan().findings().stream().filter(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST && finding.piece().filter(board::equals).isPresent()).toList();
  }

  /** A line of a board as it would be worked, the lines that come first and are not joined yet, and where it stands. */
  public record LineView(BenchPlan plan, Held held, List<String> first, List<FindingView> toDecide, Optional<UUID> work) {}

  public LineView line(UUID garment, WorkRef.OfLine line) {
    GarmentReader.Versioned today = garments.versioned(garment);
    BenchPlan plan = planned(today, line);
    return new LineView(plan, held(plan), WorkKeeper.crossedFirst(today, line, progress.of(garment)), toDecide(today, line), store.current(garment, line));
  }

  /** A strip as it would be worked, and the work it has. */
  public record StripView(BenchPlan plan, List<FindingView> toDecide, Optional<UUID> work) {}

  public StripView strip(UUID garment, WorkRef.OfStrip strip) {
    GarmentReader.Versioned today = garments.versioned(garment);
    return new StripView(planned(today, strip), toDecide(today, strip), store.current(garment, strip));
  }

  /** How far a strip is. */
  public record StripProgress(StripId strip, UUID work, Work.State state, int position) {}

  /** The strips of today that are in hand or worked. */
  public List<StripProgress> strips(UUID garment) {
    Map<WorkRef, Progress.OfWork> begun = progress.of(garment);
    return garments.versioned(garment).plan().strips().stream()
        .flatMap(strip -> Stream.ofNullable(begun.get(WorkRef.strip(strip.id()))).map(of -> new StripProgress(strip.id(), of.work(), of.state(), of.position())))
        .toList();
  }

  /** How far a line of a board is. */
  public record LineProgress(BoardId board, LineId line, UUID work, Work.State state, int position) {}

  /** The lines that are in hand or joined. */
  public List<LineProgress> lines(UUID garment) {
    Map<WorkRef, Progress.OfWork> begun = progress.of(garment);
    List<LineProgress> lines = new ArrayList<>();
    garments.versioned(garment).plan().boards().forEach(
        board ->
            board.lines().forEach(
                line -> {
                  Progress.OfWork of = begun.get(WorkRef.line(board.id(), line.id()));
                  if (of != null) {
                    lines.add(new LineProgress(board.id(), line.id(), of.work(), of.state(), of.position()));
                  }
                }));
    return lines;
  }

  /** How a seam is held and begun: which side is seen, at which hand it starts, and how the layers lie, if a method is chosen. */
  public record Held(String hold, String start, boolean wrongSide, boolean fromRight, Optional<Facing> facing, String check) {}

  public Held held(UUID garment, SeamId seam) {
    return held(planned(garments.versioned(garment), WorkRef.seam(seam)));
  }

  private static Held held(BenchPlan plan) {
    return new Held(plan.hold(), plan.start(), plan.wrongSide(), plan.fromRight(), plan.plan().flatMap(SeamPlan::howTo).map(SeamPlan.HowToView::facing), plan.check());
  }

  private static BenchPlan planned(GarmentReader.Versioned today, WorkRef of) {
    return today(today, of).orElseThrow(() -> new Problems.NotFound("This cannot be worked at the bench yet; its own view says why."));
  }

  private static Optional<BenchPlan> today(GarmentReader.Versioned today, WorkRef of) {
    if (of instanceof WorkRef.OfStrip strip) {
      return StripDirections.of(today.garment(), today.plan(), strip.id());
    }
    if (of instanceof WorkRef.OfLine line) {
      return LineDirections.of(today.garment(), line.board(), line.id());
    }
    return of instanceof WorkRef.OfSeam seam ? Directions.of(today.garment(), today.plan(), seam.id()) : Optional.empty();
  }

  public View view(UUID id) {
    WorkStore.Row row = store.find(id).orElseThrow(WorkService::unknown);
    BenchPlan plan = frozen.read(row.planFormat(), row.plan());
    Work work = Work.of(store.events(id));
    GarmentReader.Versioned today = garments.versioned(row.garment());
    boolean changed = isChanged(row, plan, work);
    return new View(
        id, row.garment(), today.garment().name(), row.of(), row.garmentVersion(), changed, plan,
        work.position(), work.state(), work.nextSeq(), work.note(), pace(id),
        today.garment().rules().get(HouseRules.Rule.BREAK_MINUTES), Beside.of(row.of(), plan, work, changed, today.garment()), looks(plan, today.garment()).questions(), ledgers.of(row, plan, today));
  }

  /** Where a work stands now, without its plan. */
  public Kept place(UUID id) {
    store.find(id).orElseThrow(WorkService::unknown);
    return kept(id, Work.of(store.events(id)));
  }

  static Problems.NotFound unknown() {
    return new Problems.NotFound("There is no such work.");
  }

  /**
   * Keeps events in order and tells everybody who watches the work. One that is kept already is acknowledged again.
   *
   * @throws Problems.WrongEvent when another event has its number, or it cannot follow
   */
  public Kept keep(UUID id, String client, List<Sent> sent) {
    try {
      return told(id, client, keeper.keep(id, client, sent, false));
    } catch (WorkKeeper.EndMoves moves) {
      return told(id, client, ends.opened(id, client, sent));
    }
  }

  /**
   * Ends a seam at the joint in hand; the rest of it stays open.
   *
   * @param twinToo whether its twin ends there, too
   */
  public Kept end(UUID id, String client, Sent event, boolean twinToo) {
    return told(id, client, ends.end(id, client, event, twinToo));
  }

  private Kept told(UUID id, String client, Work work) {
    Kept kept = kept(id, work);
    watchers.tell(id, client, kept);
    return kept;
  }

  /** Of one that was ended early, today's plan goes no further than it does. */
  private boolean isChanged(WorkStore.Row row, BenchPlan plan, Work work) {
    return !work.isEnded(plan.joints().size()) && today(garments.versioned(row.garment()), row.of()).filter(now -> plan.isWorkedAs(now, row.planFormat() == FrozenPlans.FORMAT)).isEmpty();
  }

  static Looks looks(BenchPlan plan, Garment garment) {
    return new Looks(plan, garment.rules(), garment.wording());
  }

  /** Today's plan is asked for only where the stretches are told. */
  private Beside beside(WorkStore.Row row, Work work, boolean isJoined) {
    BenchPlan plan = frozen.read(row.planFormat(), row.plan());
    return Beside.of(row.of(), plan, work, isJoined && isChanged(row, plan, work), garments.versioned(row.garment()).garment());
  }

  /** The frozen plan is read only where something was worked beside it, and at the end. */
  private Kept kept(UUID id, Work work) {
    boolean isJoined = work.state() == Work.State.JOINED;
    boolean isTold = !work.departures().isEmpty() || !work.looks().isEmpty() || isJoined;
    Beside beside = isTold ? store.find(id).map(row -> beside(row, work, isJoined)).orElse(Beside.NOTHING) : Beside.NOTHING;
    return new Kept(work.position(), work.state(), work.nextSeq(), pace(id), beside);
  }

  private Optional<Double> pace(UUID id) {
    OptionalDouble pace = Pace.secondsPerJoint(store.jointGaps(id, PACED_JOINTS));
    return pace.isPresent() ? Optional.of(pace.getAsDouble()) : Optional.empty();
  }
}
