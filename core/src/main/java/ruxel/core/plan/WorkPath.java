package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import ruxel.core.construction.Construct;
import ruxel.core.decision.Chore;
import ruxel.core.hold.Facing;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.order.Order;
import ruxel.core.order.Passes;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.plan.OrderPlan.Kind;
import ruxel.core.plan.OrderPlan.WorkStep;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole.Stage;
import ruxel.core.yarn.Yarn;

/** The seams of an order with the work that belongs around them: looking over, blocking, trying on, weaving in, steam (handbook 13). */
final class WorkPath {
  private final Construct construct;
  private final Materials materials;
  private final HouseRules rules;
  private final Wording wording;
  private final List<ResolvedSeam> seams;
  private final Passes passes;
  private final List<Boolean> flat;
  private final ToDoubleFunction<Join> minutes;
  private final ToIntFunction<Join> ends;
  private final List<BoardPlan> boards;
  private final RowPlans rows;
  private final StripsBetween strips;
  /** The seam that a strip goes on from, by its id. */
  private final Map<StripId, Join> goOn;
  private final KeptTails tails;
  private final Set<Chore> done;
  private final List<WorkStep> path = new ArrayList<>();
  private int endsSoFar;
  private double minutesSoFar;

  WorkPath(
      Construct construct, Materials materials, HouseRules rules, Wording wording, List<ResolvedSeam> seams, Passes passes, List<Boolean> flat, ToDoubleFunction<Join> minutes,
      ToIntFunction<Join> ends, List<BoardPlan> boards, RowPlans rows, StripsBetween strips, Map<StripId, Join> goOn, KeptTails tails, Set<Chore> done) {
    this.tails = tails;
    this.done = done;
    endsSoFar = tails.idle().size();
    this.rows = rows;
    this.boards = boards;
    this.strips = strips;
    this.goOn = goOn;
    this.construct = construct;
    this.materials = materials;
    this.rules = rules;
    this.wording = wording;
    this.seams = seams;
    this.passes = passes;
    this.flat = flat;
    this.minutes = minutes;
    this.ends = ends;
  }

  /**
   * @param first what comes before each seam
   */
  List<WorkStep> steps(Map<Join, StepFirst> first) {
    if (passes.sequence().isEmpty() && strips.isEmpty()) {
      return List.of();
    }
    add(Chore.INSPECT, "Look every piece over", "Count the edges that are joined, compare left and right, lay twins on each other.", List.of());
    List<String> block = toBlock();
    if (!block.isEmpty()) {
      add(Chore.BLOCK, "Block what leans or is lace", "Before anything is joined: a seam holds what was not blocked out.", block);
    }
    add(Chore.MARK, "Mark the right sides", "One marker on the right side of each piece, and one at each anchor.", markers());
    FoldWords.of(construct).ifPresent(fold -> add(Chore.FOLD, "Fold the pieces", fold.words(), fold.todo()));
    boards.forEach(this::board);
    boolean triedOn = false;
    for (int i = 0; i < passes.sequence().size(); i++) {
      strips.at(i).forEach(this::strip);
      Join join = passes.sequence().get(i);
      ResolvedSeam seam = seam(join);
      boolean closes = Order.stage(seam) == Stage.CLOSING || Order.stage(seam) == Stage.FINISHING;
      if (closes && !triedOn && i > 0) {
        add(Chore.TRY_ON, "Try it on", "Pin or clip what is still open. After this it is hard to change: look at length, armholes and neck.", List.of());
        triedOn = true;
      }
      first.get(join).turn().ifPresent(this::turn);
      seam(seam, flat.get(i), first.get(join).work());
    }
    strips.at(passes.sequence().size()).forEach(this::strip);
    add(Chore.WEAVE, "Weave in what is left", "On the wrong side along the seams, two or three passes in turn directions, never back through the same hole.", List.of());
    finish();
    return List.copyOf(path);
  }

  /** Squares into boards before boards into a garment. */
  private void board(BoardPlan board) {
    board.worked().ifPresent(scheme -> board(board, scheme));
  }

  private void board(BoardPlan board, BoardPlan.SchemePlan scheme) {
    endsSoFar += scheme.ends();
    double joining = scheme.minutes() - scheme.ends() * rules.get(Rule.END_MINUTES);
    minutesSoFar += joining;
    String words =
        "%s. %s: %s, %s of yarn, %s. Where lines cross: %s".formatted(
            Method.of(board.joining().method()).orElseThrow().title(wording), scheme.title(), Wording.counted(scheme.passes(), "passes"), wording.yarn(scheme.yarnMm()), Wording.counted(scheme.ends(), "ends"), Wording.uncapital(board.joining().crossingWords()));
    path.add(
        new WorkStep(
            path.size() + 1, Kind.BOARD, Optional.of(WorkRef.board(board.id())), "Join the squares of the " + Wording.low(board.name()), words,
            board.lines().stream().map(line -> "%s: %s.".formatted(line.title(), Wording.counted(line.joints(), "joints"))).toList(), true, true, true, joining, endsSoFar, minutesSoFar, List.of(), Optional.empty(), false));
  }

  /** What is worked round an opening comes after the seams that close it. */
  private void strip(StripPlan strip) {
    TurnIt.before(strip, passes.sequence().stream().filter(join -> join.asSeam().filter(strip.after()::contains).isPresent()).flatMap(this::facing)).ifPresent(this::turn);
    Optional<Join> from = Optional.ofNullable(goOn.get(strip.id()));
    endsSoFar += strip.ends() - (from.isPresent() ? OrderPlans.TAILS_OF_A_STRAND : 0);
    double own = OrderPlans.minutes(strip, rules);
    minutesSoFar += own;
    List<String> todo = strip.band().map(band -> List.of(band.words())).orElseGet(() -> strip.rounds().stream().map(StripPlan.RoundPlan::words).toList());
    String goesOn = from.map(seam -> "Go on with the yarn of the %s. ".formatted(name(seam))).orElse("");
    String words = "%s%s, %s high, %s of yarn. %s".formatted(goesOn, strip.opening(), wording.length(strip.heightMm()), wording.yarn(strip.yarnMm()), String.join(" ", strip.effects()));
    path.add(
        new WorkStep(
            path.size() + 1, Kind.EDGING, Optional.of(WorkRef.strip(strip.id())), "Work the " + Wording.low(strip.strip().name()), words, todo, from.isEmpty(), true, false, own, endsSoFar,
            minutesSoFar, strips.mayComeBefore(strip), Optional.empty(), false));
  }

  private void seam(ResolvedSeam seam, boolean isFlat, List<String> todo) {
    Join join = seam.join();
    Optional<Join> from = Optional.ofNullable(passes.goesOnFrom().get(join));
    Optional<Join> to = passes.takenUpBy(join);
    endsSoFar += ends.applyAsInt(join) - (from.isPresent() ? 2 : 0);
    double own = minutes.applyAsDouble(join);
    minutesSoFar += own;
    List<String> words = new ArrayList<>();
    Optional<RowPlan> row = rows.joining(seam.seam().id());
    if (rows.takesUpALoop(seam.seam().id())) {
      words.add("Take up the live loop; no end to weave in.");
    }
    Optional<KeptTails.Tail> tail = from.isEmpty() ? tails.of(join) : Optional.empty();
    tail.ifPresent(with -> words.add("Begin with the %s, %s: nothing to fasten on.".formatted(with.words(), wording.yarn(with.told().mm()))));
    from.ifPresent(before -> words.add(isOf(row, before) ? "Go on with the row from the %s.".formatted(name(before)) : "Go on with the yarn of the %s.".formatted(name(before))));
    to.ifPresent(later -> words.add(isOf(row, later) ? "Do not cut: the row goes on to the %s.".formatted(name(later)) : "Do not cut yet: the %s goes on from here.".formatted(name(later))));
    facing(join).findFirst().map(Facing::isInsideOut).ifPresent(is -> words.add("The work lies %s.".formatted(TurnIt.lies(is))));
    Optional<StripPlan> edging = strips.all().stream().filter(strip -> join.equals(goOn.get(strip.id()))).findFirst();
    edging.ifPresent(strip -> words.add("Do not cut yet: the %s goes on from here.".formatted(Wording.low(strip.called()))));
    path.add(
        new WorkStep(
            path.size() + 1, Kind.SEAM, Optional.of(WorkRef.seam(seam.seam().id())), SeamWords.title(seam), String.join(" ", words), todo, from.isEmpty() && tail.isEmpty() && !rows.takesUpALoop(seam.seam().id()), to.isEmpty() && edging.isEmpty(), isFlat, own, endsSoFar,
            minutesSoFar, List.of(), Optional.empty(), false));
  }

  private Stream<Facing> facing(Join join) {
    Seam seam = seam(join).seam();
    return seam.method().flatMap(Method::of).map(method -> materials.facing(seam, method)).stream();
  }

  private void turn(TurnIt turn) {
    path.add(new WorkStep(path.size() + 1, Kind.TURN, Optional.empty(), turn.title(), "What comes next is worked from its other side.", List.of(), false, false, false, 0, endsSoFar, minutesSoFar, List.of(), Optional.empty(), false));
  }

  private ResolvedSeam seam(Join join) {
    return seams.stream().filter(each -> each.join().equals(join)).findFirst().orElseThrow();
  }

  private void add(Chore chore, String title, String words, List<String> todo) {
    double own = chore == Chore.WEAVE ? endsSoFar * rules.get(Rule.END_MINUTES) : 0;
    minutesSoFar += own;
    path.add(new WorkStep(path.size() + 1, Kind.of(chore), Optional.empty(), title, words, todo, false, false, false, own, endsSoFar, minutesSoFar, List.of(), Optional.of(chore), done.contains(chore)));
  }

  private static boolean isOf(Optional<RowPlan> row, Join join) {
    return row.filter(joining -> joining.seams().contains(join.id())).isPresent();
  }

  private String name(Join join) {
    return Wording.low(seam(join).seam().name());
  }

  /** Pieces that lean without being meant to, and pieces with lace. */
  private List<String> toBlock() {
    List<String> block = new ArrayList<>();
    for (Piece piece : construct.pieces()) {
      piece.lean().filter(lean -> lean.mm() != 0).ifPresent(lean -> block.add("%s: leans by %s.".formatted(piece.name(), wording.length(Math.abs(lean.mm())))));
      if (piece.edges().stream().flatMap(edge -> edge.runs().stream()).anyMatch(run -> run.fabric() == Fabric.LACE)) {
        block.add(piece.name() + ": lace; its length and pattern are true only when blocked.");
      }
    }
    return block;
  }

  private List<String> markers() {
    List<String> markers = new ArrayList<>();
    for (Piece piece : construct.pieces()) {
      long count = piece.edges().stream().flatMap(edge -> edge.landmarks().stream()).filter(mark -> mark.marker().isPresent()).map(Landmark::id).distinct().count();
      if (count > 0) {
        markers.add("%s: %s of your own.".formatted(piece.name(), Wording.counted(count, "markers")));
      }
    }
    return markers;
  }

  /** Steam only what every yarn bears. */
  private void finish() {
    boolean bears = !materials.yarns().isEmpty() && materials.yarns().stream().allMatch(yarn -> yarn.is(Yarn.Trait.STEAMABLE));
    if (bears) {
      add(Chore.STEAM, "Steam once", "Where seams bunch, the iron off the cloth, on the table and never on a person; try a swatch first. Steam scalds.", List.of());
    }
    String dry = bears ? "Let it dry flat." : "Wet or damp it and let it dry flat; steam only a yarn that bears it, after a swatch.";
    add(Chore.FINISH, "Finish", dry + " Count needles, pins and clips: as many out as in.", List.of());
  }
}
