package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.advice.Advice;
import ruxel.core.change.GarmentStrips;
import ruxel.core.change.MethodCheck;
import ruxel.core.change.RuleChanged;
import ruxel.core.construction.Construct;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.KeptTail;
import ruxel.core.decision.EndedSeam;
import ruxel.core.decision.LeftFinding;
import ruxel.core.decision.OwedItem;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WishFor;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.hold.Facing;
import ruxel.core.glue.Contiguity;
import ruxel.core.glue.Glued;
import ruxel.core.glue.SeamGraph;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.AsWorn;
import ruxel.core.lay.Placement;
import ruxel.core.layout.KeptRow;
import ruxel.core.layout.Layout;
import ruxel.core.match.Phase;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.order.Order;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.Seams;
import ruxel.core.seam.TwinSeam;

/**
 * A garment in, everything computed out: one pure function, called by the server, the command line and
 * the tests. Refused only when the recipe's answers do not make pieces; all else that is wrong is a
 * finding, and the rest of the garment stays usable.
 */
public final class Planner {
  private final Garment garment;
  private final Layout layout;
  private final Construct construct;
  private final HouseRules rules;
  private final Wording wording;
  private final Scope scope;
  /** Whether any finding was left so. */
  private final boolean leaves;
  private final List<Finding> findings = new ArrayList<>();

  private Planner(Garment garment, Layout layout, Scope scope) {
    this.garment = garment;
    this.layout = layout;
    this.scope = scope;
    construct = layout.construct();
    rules = garment.rules();
    wording = garment.wording();
    leaves = !garment.settings().of(LeftFinding.class).isEmpty();
  }

  public static Outcome<GarmentPlan> plan(Garment garment) {
    return plan(garment, new Scope.All());
  }

  /** What something tried is judged by: how its pieces meet, what is open, strips and findings; no order, no steps, no yarn and no boards. */
  public static Outcome<GarmentPlan> meeting(Garment garment) {
    return plan(garment, new Scope.Meeting());
  }

  /** What is looked at while something is tried on some seams: these, what is open, and all findings. */
  public static Outcome<GarmentPlan> plan(Garment garment, Set<SeamId> seams) {
    return plan(garment, new Scope.Some(seams));
  }

  private static Outcome<GarmentPlan> plan(Garment garment, Scope scope) {
    return Layout.of(garment).then(layout -> Outcome.of(new Planner(garment, layout, scope).plan()));
  }

  private GarmentPlan plan() {
    findings.addAll(layout.findings());
    RuleChanged.clash(rules).ifPresent(findings::add);
    construct.pieces().forEach(piece -> findings.addAll(PieceFindings.of(piece, rules)));
    List<Finding> unlike = Twins.unlike(construct.pieces());
    findings.addAll(unlike);
    SeamResolver.Result resolved = construct.resolved();
    findings.addAll(resolved.findings());
    List<BackNeck.Left> backNecks = BackNeck.of(construct.pieces(), resolved.seams(), garment.settings(), rules);
    backNecks.stream().filter(BackNeck.Left::isNarrow).map(BackNeck.Left::finding).forEach(findings::add);
    List<SeamMatch> matches = SeamMatch.all(resolved.seams(), rules);
    matches.forEach(match -> findings.addAll(match.findings()));
    resolved.seams().stream().filter(this::isEnded).map(Planner::ended).forEach(findings::add);
    findings.addAll(SeamTwins.unlike(matches, construct.pieces(), unlike));
    matches.forEach(match -> MethodCheck.of(match.seam().seam(), match.a(), match.b(), wording).ifPresent(findings::add));
    matches.forEach(match -> findings.addAll(Centres.off(match)));
    matches.forEach(this::outOfPhase);
    Glued glued = Glued.of(construct.pieces(), matches);
    findings.addAll(glued.findings());
    Assembly assembly = new Assembly(glued, construct.openings(), StepPlans.names(resolved.seams()));
    findings.addAll(assembly.findings());
    Edgings edgings = new Edgings(GarmentStrips.of(layout, glued), assembly);
    StripPlans stripPlans = new StripPlans(edgings, construct.pieces(), StepPlans.names(resolved.seams()), shoulders(resolved), layout.stitches(), rules, wording);
    List<StripPlan> worked = stripPlans.plans();
    findings.addAll(stripPlans.findings());
    RowPlans rows = new RowPlans(KeptRow.all(construct.pieces(), resolved.seams(), garment.settings(), wording.hand()), construct.pieces(), assembly, StepPlans.names(resolved.seams()), garment.settings(), rules, wording);
    Order order = Order.of(resolved.seams(), Contiguity.of(assembly.gluing(), resolved.seams()), garment.settings(), construct.pieces(), rows.joins());
    findings.addAll(order.findings());
    findings.addAll(rows.findings(order.steps().stream().flatMap(step -> step.joins().stream()).toList()));
    Bands bands = new Bands(edgings.strips(), construct.pieces(), rules, wording);
    findings.addAll(bands.findings());
    Materials materials = new Materials(garment.settings(), rules, construct.pieces(), Stream.concat(matches.stream(), bands.matches().stream()).toList());
    List<StripPlan> strips = Stream.concat(rows.plans().stream(), bands.sewn(worked, materials, new Advices(materials, rules, wording), wording).stream()).toList();
    Map<SeamMatch, Advice> advices = advices(matches, materials);
    SquaresPlan squares = SquaresPlan.of(construct.pieces(), glued, materials, StepPlans.names(resolved.seams()), garment);
    findings.addAll(squares.findings());
    KeptTails tails = tails(matches, order, rows, materials);
    YarnPlans yarnPlans = new YarnPlans(materials, squares.boards(), strips, tails, garment.settings(), rules, wording);
    YarnPlan yarn = yarnPlans.plan(construct.pieces(), matches, order.steps());
    findings.addAll(yarnPlans.findings());
    SeamGraph graph = SeamGraph.of(assembly.gluing(), resolved.seams());
    Wearing wearing = new Wearing(construct, backNecks, matches, edgings, graph, order.steps(), materials, garment.settings(), rules, wording);
    findings.addAll(wearing.findings());
    StepPlans steps = new StepPlans(order, matches, garment.settings(), rows);
    List<FindingView> views = views();
    Decisions decisions = new Decisions(construct, views);
    List<SeamPlan> seams = matches.stream().filter(this::isTold).map(match -> seamPlan(match, decisions, materials, advices.get(match))).toList();
    if (!(scope instanceof Scope.All)) {
      boolean whole = scope instanceof Scope.Meeting;
      return GarmentPlan.partly(garment, whole ? pieces(matches) : List.of(), seams, assembly.plan(), whole ? strips : List.of(), views);
    }
    return new GarmentPlan(
        garment.name(), garment.unit(), garment.terms(), garment.hand(),
        pieces(matches),
        construct.laidWords(),
        seams,
        new PairPlans(construct.seams(), construct.pieces(), garment.settings()).of(seams),
        AsWorn.of(construct.pieces(), construct.placements(), resolved.seams()),
        GarmentPlan.Ladder.of(rules),
        assembly.plan(),
        steps.all(assembly, decisions),
        rules.ordered().entrySet().stream().map(e -> new GarmentPlan.RuleView(e.getKey(), e.getValue())).toList(),
        construct.told().consequences().stream()
            .map(c -> new GarmentPlan.ConsequenceView(c.answer(), c.sentence(wording)))
            .toList(),
        construct.told().assumed().entrySet().stream()
            .map(e -> new GarmentPlan.Assumed(e.getKey(), e.getValue(), Optional.ofNullable(construct.told().because().get(e.getKey()))))
            .toList(),
        construct.told().dimensions(),
        construct.handles(),
        owed(),
        yarn,
        new OrderPlans(construct, materials, rules, wording, garment.settings(), order, matches, assembly.gluing(), graph, squares, rows, strips, StripsGoOn.of(strips, edgings, graph), tails).plan(steps.firsts()),
        wearing.checks(),
        wearing.plan(Care.of(garment.settings(), materials.yarns())),
        squares.boards(),
        squares.whole(),
        squares.colours(),
        strips,
        edgings.openings(StepPlans.names(resolved.seams())),
        garment.settings().of(WishFor.class).stream().map(wish -> new GarmentPlan.WishView(wish.role(), wish.seam(), wish.wish())).toList(),
        HoldViews.choices(List.of(Facing.values()), garment.settings().on(ChosenFacing.class, Optional.empty()).map(ChosenFacing::facing)),
        garment.settings().of(OwnSchool.class).stream().map(OwnSchool::way).toList(),
        new GoneList(garment, layout).all(resolved.seams(), edgings.strips()),
        views);
  }

  private List<PiecePlan> pieces(List<SeamMatch> matches) {
    Sizes sizes = new Sizes(matches, now(), wording);
    Inspections inspections = new Inspections(construct.pieces(), garment.settings(), matches, rules, wording);
    return construct.pieces().stream()
        .map(piece -> PiecePlan.of(piece, construct.pieces(), placement(piece), construct.told().assumedPieces().contains(piece.id()), garment.settings(), rules, wording, sizes.of(piece), inspections.of(piece)))
        .toList();
  }

  private KeptTails tails(List<SeamMatch> matches, Order order, RowPlans rows, Materials materials) {
    Set<Join> inRows = rows.joins().stream().flatMap(List::stream).collect(Collectors.toSet());
    return new KeptTails(garment.settings().of(KeptTail.class), construct.pieces(), YarnPlans.inOrder(matches, order.steps()), inRows, materials, rules.get(Rule.TAIL_MM), wording);
  }

  /** The pieces without the rows that are worked while they are joined. */
  private List<Piece> now() {
    Settings without = garment.settings().without(decision -> decision instanceof EdgingRows rows && rows.joins().isPresent());
    return without.equals(garment.settings()) || !(Layout.of(garment.withSettings(without)) instanceof Outcome.Good<Layout> laid) ? construct.pieces() : laid.value().construct().pieces();
  }

  private static Set<Join> shoulders(SeamResolver.Result resolved) {
    return resolved.seams().stream().filter(seam -> seam.seam().role().isShoulder()).map(ResolvedSeam::join).collect(Collectors.toSet());
  }

  /** The findings, the gravest first, those left so as notes; what was left and no longer stands is told. */
  private List<FindingView> views() {
    Settings settings = garment.settings();
    Set<String> keys = !leaves ? Set.of() : findings.stream().map(Finding::key).collect(Collectors.toSet());
    settings.of(LeftFinding.class).stream()
        .filter(left -> !keys.contains(left.finding()))
        .forEach(left -> findings.add(Finding.of(FindingCode.LEFT_GONE, Where.path("$.settings.left"), Fact.text("reason", left.reason()))));
    // Sorted before they are capped: of too many the gravest stay.
    List<Finding> gravestFirst = findings.stream().sorted(Comparator.comparing(this::level).reversed()).toList();
    return Finding.capped(gravestFirst).stream().map(finding -> FindingView.of(finding, wording, leftBecause(finding))).toList();
  }

  private FindingCode.Level level(Finding finding) {
    return leftBecause(finding).isPresent() ? FindingCode.Level.NOTE : finding.code().level();
  }

  private Optional<String> leftBecause(Finding finding) {
    return leaves && finding.code().mayBeLeft() ? garment.settings().on(LeftFinding.class, finding.key()).map(LeftFinding::reason) : Optional.empty();
  }

  private SeamPlan seamPlan(SeamMatch match, Decisions decisions, Materials materials, Advice advice) {
    SeamId id = match.seam().seam().id();
    Set<String> own =
        garment.settings().of(OwnAnchor.class).stream().filter(pin -> pin.seam().equals(id)).map(pin -> pin.anchor().id()).collect(Collectors.toSet());
    return SeamPlans.of(match, decisions.level(match.seam()), TwinSeam.of(match.seam().seam(), construct.seams(), construct.pieces()).map(Seam::id), own, construct.placements(), materials, advice, wording);
  }

  private boolean isEnded(ResolvedSeam seam) {
    return garment.settings().on(EndedSeam.class, seam.seam().id()).filter(end -> !layout.gone().contains(end)).isPresent();
  }

  private static Finding ended(ResolvedSeam seam) {
    return Finding.of(FindingCode.SEAM_ENDED, Where.seam(seam.seam().id()), Fact.text("seam", seam.seam().name()), Fact.text("start", seam.ends().start()), Fact.text("end", seam.ends().end()));
  }

  private boolean isTold(SeamMatch match) {
    return scope.tells(match.seam().seam().id());
  }

  private Map<SeamMatch, Advice> advices(List<SeamMatch> matches, Materials materials) {
    Advices advices = new Advices(materials, rules, wording);
    Map<SeamMatch, Advice> all = new IdentityHashMap<>();
    for (SeamMatch match : matches.stream().filter(match -> isTold(match) || advices.maySay(match)).toList()) {
      Advice advice = advices.of(match);
      all.put(match, advice);
      findings.addAll(advices.findings(match, advice));
    }
    return all;
  }

  private List<GarmentPlan.Owed> owed() {
    return garment.settings().of(OwedItem.class).stream()
        .map(
            item -> {
              Optional<String> before =
                  item.before().flatMap(id -> Seams.find(construct.seams(), id).map(seam -> Wording.low(seam.name())));
              String words = item.what() + before.map(seam -> ": at the latest before the " + seam + " is joined.").orElse(".");
              return new GarmentPlan.Owed(item.id(), item.piece(), item.what(), item.before(), words);
            })
        .toList();
  }

  private Placement placement(Piece piece) {
    return construct.placements().stream().filter(p -> p.piece().equals(piece.id())).findFirst().orElseThrow();
  }

  /** Repeats, ribs and stripes that miss each other across a seam. */
  private void outOfPhase(SeamMatch match) {
    for (Phase phase : Phase.of(match)) {
      if (!phase.meets()) {
        findings.add(
            Finding.of(
                FindingCode.PHASE_OFF, Where.seam(match.seam().seam().id()), Fact.text("seam", match.seam().seam().name()),
                Fact.count("met", phase.met()), Fact.count("count", phase.pairs().size()), Fact.text("marks", SeamWords.marks(phase.kind())),
                Fact.text("places", SeamWords.units(phase.worst(), phase.unit())), Fact.difference("gap", phase.worstMm())));
      }
    }
  }
}
