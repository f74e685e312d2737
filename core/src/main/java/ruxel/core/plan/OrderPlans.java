package ruxel.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.construction.Construct;
import ruxel.core.decision.DoneChore;
import ruxel.core.decision.Settings;
import ruxel.core.glue.FlatWork;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.SeamGraph;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.order.Alternatives;
import ruxel.core.order.Leading;
import ruxel.core.order.Order;
import ruxel.core.order.Passes;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.strand.SeamStrands;
import ruxel.core.yarn.Yarn;

/** Reckons what an order costs in passes, ends, yarn and minutes, and compares it with others. */
final class OrderPlans {
  static final int TAILS_OF_A_STRAND = 2;

  private final Construct construct;
  private final Materials materials;
  private final HouseRules rules;
  private final Wording wording;
  private final Order order;
  private final List<ResolvedSeam> seams;
  private final Map<Join, SeamMatch> matches = new LinkedHashMap<>();
  private final Map<Join, Method> methods = new HashMap<>();
  private final Map<Join, SeamStrands> strands = new HashMap<>();
  private final SeamGraph graph;
  private final Gluing gluing;
  private final SquaresPlan squares;
  private final List<BoardPlan.SchemePlan> schemes;
  private final RowPlans rows;
  private final List<StripPlan> strips;
  private final StripsGoOn goOn;
  private final Settings settings;
  private final KeptTails tails;

  OrderPlans(Construct construct, Materials materials, HouseRules rules, Wording wording, Settings settings, Order order, List<SeamMatch> matched, Gluing gluing, SeamGraph graph, SquaresPlan squares, RowPlans rows, List<StripPlan> strips, StripsGoOn goOn, KeptTails tails) {
    this.goOn = goOn;
    this.tails = tails;
    this.rows = rows;
    this.strips = strips;
    this.settings = settings;
    this.squares = squares;
    schemes = squares.boards().stream().flatMap(board -> board.worked().stream()).toList();
    this.construct = construct;
    this.materials = materials;
    this.rules = rules;
    this.wording = wording;
    this.order = order;
    seams = matched.stream().map(SeamMatch::seam).toList();
    for (SeamMatch match : matched) {
      Join join = match.seam().join();
      matches.put(join, match);
      match.seam().seam().method().flatMap(Method::of).ifPresent(
          method -> {
            methods.put(join, method);
            strands.put(join, materials.strands(match, method));
          });
    }
    this.graph = graph;
    this.gluing = gluing;
  }

  OrderPlan plan(Map<Join, StepFirst> first) {
    List<Join> sequence = order.steps().stream().flatMap(step -> step.joins().stream()).toList();
    Passes passes = Passes.of(sequence, graph, thread());
    SeamGraph.Bound bound = graph.bound(rows.joins());
    StripsBetween between = new StripsBetween(strips.stream().filter(StripPlan::hasStep).toList(), seams, sequence, settings);
    WorkPath path = new WorkPath(construct, materials, rules, wording, seams, passes, FlatWork.steps(gluing, sequence), this::minutes, join -> ends(join, passes), squares.boards(), rows, between, goOn(passes), tails, settings.of(DoneChore.class).stream().map(DoneChore::chore).collect(Collectors.toSet()));
    List<OrderPlan.WorkStep> steps = path.steps(first);
    return new OrderPlan(
        steps, passes(passes), ends(passes), minutes(passes), flatMinutes(passes), yarnMm(passes), squares.whole().map(BoardPlan.Whole::bound).orElse(bound.passes()), bound.odd().stream().map(this::odd).toList(),
        Alternatives.of(order, seams, construct.pieces(), graph, thread()).all().stream().map(alternative -> view(alternative, sequence)).toList(),
        tails(passes, between));
  }

  /** With what a seam is worked: the tool and the yarn; seams whose method is not chosen go on from none. */
  private Leading thread() {
    return new Leading(join -> Optional.ofNullable(methods.get(join)).map(method -> List.of(method.tool(), materials.ofSeam(matches.get(join)).map(Yarn::id))), rows.joins(), tails.beginning());
  }

  private OrderPlan.AlternativeView view(Alternatives.Alternative alternative, List<Join> now) {
    Passes passes = alternative.passes();
    return new OrderPlan.AlternativeView(
        alternative.name(), alternative.name().title(), alternative.name().words(), Join.seams(passes.sequence()).toList(),
        Join.seams(passes.sequence()).filter(seam -> passes.turned().contains(Join.seam(seam))).toList(), passes(passes), ends(passes), yarnMm(passes), minutes(passes), flatMinutes(passes),
        passes.sequence().equals(now) && passes.turned().isEmpty());
  }

  /** Tails of pieces that no seam begins with, each an end; a seam that is turned does not begin with the one at its start. */
  private int idleTails(Passes passes) {
    return tails.idle().size() + (int) passes.turned().stream().filter(join -> tails.of(join).isPresent()).count();
  }

  /** One less where the seam begins with a tail of a piece. */
  private int ends(Join join, Passes passes) {
    return ends(join) - (beginsWithTail(join, passes) ? 1 : 0);
  }

  private boolean beginsWithTail(Join join, Passes passes) {
    return tails.of(join).isPresent() && !passes.turned().contains(join);
  }

  private int ends(Join join) {
    int live = join.asSeam().filter(rows::takesUpALoop).isPresent() ? 1 : 0;
    return Optional.ofNullable(strands.get(join)).map(SeamStrands::tails).orElse(TAILS_OF_A_STRAND) - live;
  }

  /** Of the seams, the boards' lines and the strips. */
  private int passes(Passes passes) {
    return passes.count() + schemes.stream().mapToInt(BoardPlan.SchemePlan::passes).sum() + (int) strips.stream().filter(StripPlan::hasStep).count() - goOn(passes).size();
  }

  private int ends(Passes passes) {
    return ofSeams(passes) + schemes.stream().mapToInt(BoardPlan.SchemePlan::ends).sum() + ofStrips(passes);
  }

  private int ofSeams(Passes passes) {
    return passes.sequence().stream().mapToInt(join -> ends(join, passes)).sum() - TAILS_OF_A_STRAND * passes.goOn() + idleTails(passes);
  }

  /** Where one goes on from a seam, the end of that and the beginning of its own are spared. */
  private int ofStrips(Passes passes) {
    return strips.stream().mapToInt(StripPlan::ends).sum() - TAILS_OF_A_STRAND * goOn(passes).size();
  }

  private Map<StripId, Join> goOn(Passes passes) {
    return goOn.in(passes, strips, thread().of(), strip -> materials.ofStrip(strip.strip()));
  }

  private double yarnMm(Passes passes) {
    double needed = passes.sequence().stream().filter(strands::containsKey).mapToDouble(join -> beginsWithTail(join, passes) ? tails.newMm(join, strands.get(join)) : strands.get(join).neededMm()).sum();
    return needed - (TAILS_OF_A_STRAND * passes.goOn() + goOn(passes).size()) * rules.get(Rule.TAIL_MM) + schemes.stream().mapToDouble(BoardPlan.SchemePlan::yarnMm).sum() + strips.stream().mapToDouble(StripPlan::yarnMm).sum();
  }

  /** Joining alone; ends are woven in besides. */
  private double minutes(Join join) {
    int quick = Optional.ofNullable(methods.get(join)).map(method -> method.scores().quick()).orElse(MIDDLING);
    return matches.get(join).joints().size() * rules.get(Rule.JOINT_SECONDS) / quick / SECONDS;
  }

  private static final int MIDDLING = 3;
  private static final double SECONDS = 60;

  private double minutes(Passes passes) {
    return passes.sequence().stream().mapToDouble(this::minutes).sum() + (ofSeams(passes) + ofStrips(passes)) * rules.get(Rule.END_MINUTES) + ofBoards() + strips.stream().mapToDouble(strip -> minutes(strip, rules)).sum();
  }

  /** Each stitch of a strip, each picot and tuft takes as long as a joint; of a band each row as many as it is wide, and each joint that sews it on. */
  static double minutes(StripPlan strip, HouseRules rules) {
    double stitches = strip.band().map(band -> band.rows() * strip.heightMm() / (band.lengthMm() / band.rows())).orElseGet(() -> (double) strip.rounds().stream().mapToInt(StripPlan.RoundPlan::total).sum());
    int trimmed = strip.trims().stream().filter(trim -> trim.kind() != StripPlan.TrimPlan.Kind.BUTTONS).mapToInt(StripPlan.TrimPlan::count).sum();
    return (stitches + trimmed + strip.sewn().map(SeamPlan::joints).orElse(0)) * rules.get(Rule.JOINT_SECONDS) / MIDDLING / SECONDS;
  }

  /** The minutes of the boards, their ends woven in. */
  private double ofBoards() {
    return schemes.stream().mapToDouble(BoardPlan.SchemePlan::minutes).sum();
  }

  /** Boards lie flat while their squares are joined. */
  private double flatMinutes(Passes passes) {
    List<Boolean> lies = FlatWork.steps(gluing, passes.sequence());
    double minutes = ofBoards();
    for (int i = 0; i < lies.size(); i++) {
      minutes += lies.get(i) ? minutes(passes.sequence().get(i)) : 0;
    }
    return minutes;
  }

  private OrderPlan.OddNode odd(int node) {
    List<String> ends = new ArrayList<>();
    List<SeamId> meeting = new ArrayList<>();
    for (ResolvedSeam seam : seams) {
      if (graph.ways().getOrDefault(seam.join(), List.of()).contains(node)) {
        meeting.add(seam.seam().id());
        String name = Wording.low(seam.seam().name());
        boolean isEnd = graph.start(seam.join()) == node || graph.end(seam.join()) == node;
        ends.add(isEnd ? "the %s ends".formatted(name) : "the %s passes".formatted(name));
      }
    }
    return new OrderPlan.OddNode("Where " + Wording.all(ends) + ".", meeting);
  }

  /** The ends of each seam that no other takes up, and strands that end inside one. */
  private List<OrderPlan.Tail> tails(Passes passes, StripsBetween between) {
    Map<StripId, Join> goOn = goOn(passes);
    List<OrderPlan.Tail> hanging = new ArrayList<>();
    squares.boards().forEach(board -> board.worked().ifPresent(scheme -> hanging.add(tail(board, scheme, hanging.size() + 1))));
    int before = hanging.size();
    List<Join> sequence = passes.sequence();
    for (int i = 0; i < sequence.size(); i++) {
      ResolvedSeam seam = matches.get(sequence.get(i)).seam();
      Join join = seam.join();
      int step = before + i + between.upTo(i);
      if (!passes.goesOnFrom().containsKey(join) && !join.asSeam().filter(rows::takesUpALoop).isPresent() && !beginsWithTail(join, passes)) {
        hanging.add(tail(seam, step, seam.ends().start(), node(join, true), sequence));
      }
      for (int strand = 1; strand < Optional.ofNullable(strands.get(join)).map(known -> known.strands().size()).orElse(1); strand++) {
        hanging.add(tail(seam, step, "where one strand ends", Optional.empty(), sequence));
        hanging.add(tail(seam, step, "where the next strand begins", Optional.empty(), sequence));
      }
      if (passes.takenUpBy(join).isEmpty() && !goOn.containsValue(join)) {
        hanging.add(tail(seam, step, seam.ends().end(), node(join, false), sequence));
      }
    }
    for (StripPlan strip : strips.stream().filter(each -> each.ends() > 0).toList()) {
      int step = before + between.stepOf(strip);
      int hang = strip.ends() - (goOn.containsKey(strip.id()) ? 1 : 0);
      String where = hang == 1 ? "where it ends" : "where it begins and ends";
      hanging.add(new OrderPlan.Tail(Optional.of(WorkRef.strip(strip.id())), hang, step, where, Optional.empty(), "%s, %s: at any time.".formatted(strip.strip().name(), where)));
    }
    tails.idle().forEach(tail -> hanging.add(idle(tail)));
    return List.copyOf(hanging);
  }

  private static OrderPlan.Tail tail(BoardPlan board, BoardPlan.SchemePlan scheme, int step) {
    String words = "%s, %s of %s: at any time.".formatted(board.name(), Wording.counted(scheme.ends(), "ends"), Wording.counted(scheme.passes(), "passes"));
    return new OrderPlan.Tail(Optional.of(WorkRef.board(board.id())), scheme.ends(), step, "where a yarn begins or ends between the squares", Optional.empty(), words);
  }

  /** One that hangs before the first step. */
  private OrderPlan.Tail idle(KeptTails.Tail tail) {
    Optional<ResolvedSeam> over = tails.over(tail).map(SeamMatch::seam);
    String words = over.map(seam -> "before the %s runs over it".formatted(Wording.low(seam.seam().name()))).orElse("at any time");
    return new OrderPlan.Tail(Optional.empty(), 1, 0, tail.where(), over.map(seam -> seam.seam().id()), "%s, %s: %s.".formatted(Wording.capital(tail.words()), tail.where(), words));
  }

  private Optional<Integer> node(Join join, boolean start) {
    return graph.ways().containsKey(join) ? Optional.of(start ? graph.start(join) : graph.end(join)) : Optional.empty();
  }

  /** An end is hard to reach once a later seam runs over the point where it hangs. */
  private OrderPlan.Tail tail(ResolvedSeam seam, int index, String where, Optional<Integer> node, List<Join> sequence) {
    Optional<ResolvedSeam> over =
        sequence.subList(sequence.indexOf(seam.join()) + 1, sequence.size()).stream()
            .filter(later -> node.filter(point -> graph.ways().getOrDefault(later, List.of()).contains(point)).isPresent())
            .findFirst()
            .map(later -> matches.get(later).seam());
    String words = over.map(later -> "before the %s runs over it".formatted(Wording.low(later.seam().name()))).orElse("at any time");
    return new OrderPlan.Tail(Optional.of(WorkRef.seam(seam.seam().id())), 1, index + 1, where, over.map(later -> later.seam().id()), "%s, %s: %s.".formatted(seam.seam().name(), where, words));
  }
}
