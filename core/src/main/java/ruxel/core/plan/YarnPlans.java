package ruxel.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.decision.PieceYarn;
import ruxel.core.decision.RibYarn;
import ruxel.core.decision.SeamYarn;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripYarn;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.order.Step;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.Seam;
import ruxel.core.strand.SeamStrands;
import ruxel.core.yarn.Yarn;

/** Sums up the yarn of the seams in the order in which they are worked. */
final class YarnPlans {
  private static final double MM_PER_M = 1000;
  private static final int SAMPLE_JOINTS = 20;

  private final Materials materials;
  private final Settings settings;
  private final HouseRules rules;
  private final Wording wording;
  private final List<BoardPlan> boards;
  private final List<StripPlan> strips;
  private final KeptTails tails;
  private final List<Finding> findings = new ArrayList<>();

  /**
   * @param boards whose squares are joined before any seam
   * @param strips in the order of work; those that belong to a piece come before its seams, or with them
   */
  YarnPlans(Materials materials, List<BoardPlan> boards, List<StripPlan> strips, KeptTails tails, Settings settings, HouseRules rules, Wording wording) {
    this.tails = tails;
    this.boards = boards;
    this.strips = strips;
    this.materials = materials;
    this.settings = settings;
    this.rules = rules;
    this.wording = wording;
  }

  /** What is to be said once it is summed up. */
  List<Finding> findings() {
    return List.copyOf(findings);
  }

  YarnPlan plan(List<Piece> pieces, List<SeamMatch> matches, List<Step> steps) {
    Map<SeamId, SeamStrands> strands = new HashMap<>();
    List<YarnPlan.SeamYarn> seams = new ArrayList<>();
    List<SeamId> without = new ArrayList<>();
    for (SeamMatch match : matches) {
      Seam seam = match.seam().seam();
      seam.method().flatMap(Method::of).ifPresentOrElse(
          method -> {
            SeamStrands needed = materials.strands(match, method);
            strands.put(seam.id(), needed);
            seams.add(seam(match, method, needed));
          },
          () -> without.add(seam.id()));
    }
    List<SeamMatch> inOrder = inOrder(matches, steps);
    return new YarnPlan(
        materials.yarns().stream().map(yarn -> sum(yarn, takers(yarn, inOrder, strands))).toList(), List.copyOf(seams),
        strips.stream().map(strip -> new YarnPlan.StripIn(strip.id(), materials.ofStrip(strip.strip()).map(Yarn::id), settings.on(StripYarn.class, strip.id()).isPresent())).toList(),
        pieces.stream().map(this::worked).toList(),
        tails.views(),
        List.copyOf(without),
        materials.weight());
  }

  private YarnPlan.PieceIn worked(Piece piece) {
    boolean ribbed = piece.edges().stream().flatMap(edge -> edge.runs().stream()).anyMatch(run -> run.fabric() == Fabric.RIB);
    return new YarnPlan.PieceIn(
        piece.id(), materials.ofPiece(piece.id()).map(Yarn::id), settings.on(PieceYarn.class, piece.id()).isPresent(), ribbed, settings.on(RibYarn.class, piece.id()).map(RibYarn::yarn));
  }

  static List<SeamMatch> inOrder(List<SeamMatch> matches, List<Step> steps) {
    Map<Join, SeamMatch> left = matches.stream().collect(Collectors.toMap(match -> match.seam().join(), Function.identity(), (first, same) -> first, LinkedHashMap::new));
    List<SeamMatch> inOrder = new ArrayList<>();
    steps.forEach(step -> step.joins().forEach(join -> Optional.ofNullable(left.remove(join)).ifPresent(inOrder::add)));
    inOrder.addAll(left.values());
    return inOrder;
  }

  private record Taker(WorkRef of, Where where, String name, double mm) {}

  /** All that takes a yarn, in the order of work: edging rows and squares into boards before any seam, a joining row with its first seam, strips after them; what was worked when it was weighed needs nothing. */
  private List<Taker> takers(Yarn yarn, List<SeamMatch> inOrder, Map<SeamId, SeamStrands> strands) {
    Set<WorkRef> worked = new HashSet<>(yarn.left().map(Yarn.Left::after).orElse(List.of()));
    // Edging rows come before the seams of their piece.
    Set<PieceId> begun = inOrder.stream().map(SeamMatch::seam).filter(seam -> worked.contains(WorkRef.seam(seam.seam().id()))).flatMap(seam -> Stream.concat(seam.a().stream(), seam.b().stream())).map(span -> span.piece().id()).collect(Collectors.toSet());
    List<Taker> takers = new ArrayList<>();
    strips.stream().filter(strip -> strip.row().filter(row -> row.seams().isEmpty() && !begun.contains(row.piece())).isPresent()).forEach(strip -> taker(strip, yarn, worked).ifPresent(takers::add));
    for (BoardPlan board : boards) {
      double share = shareLeft(board, worked);
      if (share > 0 && materials.ofPiece(board.id().piece()).filter(yarn::equals).isPresent()) {
        double mm = share * board.worked().map(BoardPlan.SchemePlan::yarnMm).orElse(0.0);
        takers.add(new Taker(WorkRef.board(board.id()), Where.piece(board.id().piece()), "squares of the " + Wording.low(board.name()), mm));
      }
    }
    for (SeamMatch match : inOrder) {
      Seam seam = match.seam().seam();
      if (worked.contains(WorkRef.seam(seam.id()))) {
        continue;
      }
      strips.stream().filter(strip -> strip.row().flatMap(row -> row.seams().stream().findFirst()).filter(seam.id()::equals).isPresent()).forEach(strip -> taker(strip, yarn, worked).ifPresent(takers::add));
      if (strands.containsKey(seam.id()) && materials.ofSeam(match).filter(yarn::equals).isPresent()) {
        takers.add(new Taker(WorkRef.seam(seam.id()), Where.seam(seam.id()), Wording.low(seam.name()), tails.newMm(match.seam().join(), strands.get(seam.id()))));
      }
    }
    strips.stream().filter(strip -> strip.row().isEmpty()).forEach(strip -> taker(strip, yarn, worked).ifPresent(takers::add));
    return takers;
  }

  /** How much of the joining of a board is still to be done, by the joints of its lines. */
  private static double shareLeft(BoardPlan board, Set<WorkRef> worked) {
    int all = board.lines().stream().mapToInt(BoardPlan.LinePlan::joints).sum();
    int left = board.lines().stream().filter(line -> !worked.contains(WorkRef.line(board.id(), line.id()))).mapToInt(BoardPlan.LinePlan::joints).sum();
    return all == 0 || worked.contains(WorkRef.board(board.id())) ? 0 : (double) left / all;
  }

  private Optional<Taker> taker(StripPlan strip, Yarn yarn, Set<WorkRef> worked) {
    boolean isIts = !worked.contains(WorkRef.strip(strip.id())) && materials.ofStrip(strip.strip()).filter(yarn::equals).isPresent();
    Where where = strip.row().map(row -> Where.edge(row.piece(), row.edges().get(0))).orElse(Where.NOWHERE).ofStrip(strip.id());
    return isIts ? Optional.of(new Taker(WorkRef.strip(strip.id()), where, Wording.low(strip.called()), strip.yarnMm())) : Optional.empty();
  }

  private YarnPlan.YarnSum sum(Yarn yarn, List<Taker> takers) {
    OptionalDouble left = yarn.leftMm();
    double needed = 0;
    Optional<Taker> runsOut = Optional.empty();
    List<YarnPlan.Stage> stages = new ArrayList<>();
    for (Taker taker : takers) {
      needed += taker.mm();
      Optional<Double> then = left.isPresent() ? Optional.of(left.getAsDouble() - needed) : Optional.empty();
      stages.add(new YarnPlan.Stage(taker.of(), Wording.capital(taker.name()), taker.mm(), then));
      if (runsOut.isEmpty() && then.filter(mm -> mm < 0).isPresent()) {
        runsOut = Optional.of(taker);
      }
    }
    if (yarn.left().isPresent() && left.isEmpty()) {
      findings.add(Finding.of(FindingCode.YARN_WITHOUT_LABEL, Where.path("$.settings.yarns"), Fact.text("yarn", yarn.name())));
    }
    double lacks = left.isPresent() ? needed - left.getAsDouble() : 0;
    runsOut.ifPresent(
        taker -> findings.add(Finding.of(FindingCode.LESS_YARN, taker.where(), Fact.text("yarn", yarn.name()), Fact.text("seam", taker.name()), Fact.length("lacks", lacks))));
    Optional<Integer> buy = lacks > 0 ? yarn.metresPerBall().map(metres -> (int) Math.ceil(lacks / (metres * MM_PER_M))) : Optional.empty();
    return new YarnPlan.YarnSum(
        yarn, yarn.id(), yarn.mmPerGram().stream().boxed().findFirst(), needed, left.stream().boxed().findFirst(), buy, runsOut.map(Taker::of),
        List.copyOf(stages), words(needed, left, buy));
  }

  private String words(double needed, OptionalDouble left, Optional<Integer> buy) {
    String seams = needed == 0 ? "Nothing that is still to be worked takes it." : "Seams and edgings take %s.".formatted(wording.yarn(needed));
    if (left.isEmpty()) {
      return seams + " Weigh what is left, and tell metres and grams of a ball, to see whether it is enough.";
    }
    String has = " %s are left".formatted(wording.yarn(left.getAsDouble()));
    return seams + buy.map(balls -> "%s: %s to buy.".formatted(has, Wording.counted(balls, "balls"))).orElse(has + ": enough.");
  }

  private YarnPlan.SeamYarn seam(SeamMatch match, Method method, SeamStrands needed) {
    Optional<Yarn> yarn = materials.ofSeam(match);
    Optional<KeptTails.Tail> tail = tails.of(match.seam().join());
    return new YarnPlan.SeamYarn(
        match.seam().seam().id(), yarn.map(Yarn::id), settings.on(SeamYarn.class, match.seam().seam().id()).isPresent(), needed.lengthMm(),
        needed.factor().mmPerMm(), needed.factor().spread(), needed.factor().times(),
        needed.strands().stream().map(s -> new YarnPlan.StrandView(s.fromJoint(), s.toJoint(), s.lengthMm(), s.fromJoint() == 0 && tail.isPresent())).toList(),
        needed.tails() - (tail.isPresent() ? 1 : 0), tails.newMm(match.seam().join(), needed), 2 * needed.lengthMm(), sample(match, needed), tail.map(with -> "With the %s, %s. ".formatted(with.words(), wording.yarn(with.told().mm()))).orElse("") + words(method, needed, tail.isPresent()));
  }

  /** Twenty joints, as they lie on the average (handbook 8). */
  private static YarnPlan.SampleOf sample(SeamMatch match, SeamStrands needed) {
    int joints = match.joints().size();
    int worked = Math.min(SAMPLE_JOINTS, joints);
    return new YarnPlan.SampleOf(worked, joints == 0 ? 0 : needed.lengthMm() * worked / joints);
  }

  /** Each strand, and what to mind of it. */
  private String words(Method method, SeamStrands needed, boolean beginsWithTail) {
    List<SeamStrands.Strand> cutOff = needed.strands().subList(beginsWithTail ? 1 : 0, needed.strands().size());
    if (cutOff.isEmpty()) {
      return "No new yarn.";
    }
    List<String> lengths = cutOff.stream().map(strand -> wording.yarn(strand.lengthMm())).toList();
    boolean hook = method.tool() == Method.Tool.HOOK;
    String cut = hook ? "From the ball; about %s".formatted(lengths.get(0)) : lengths.size() == 1 ? "One strand of " + lengths.get(0) : "Strands of " + Wording.all(lengths);
    String tails = ", with %s of tail at each end.".formatted(wording.length(rules.get(Rule.TAIL_MM)));
    String split = needed.strands().size() > 1 ? " Change strands where both sides pass to the next piece." : "";
    boolean isLong = cutOff.stream().anyMatch(SeamStrands.Strand::isLong);
    return cut + tails + split + (isLong ? " %s longer than handles well: pull it through by halves rather than part it inside the seam.".formatted(lengths.size() == 1 ? "That is" : "One is") : "");
  }
}
