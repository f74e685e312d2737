package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.advice.Advice;
import ruxel.core.finding.FindingCode.Level;
import ruxel.core.identity.SeamId;
import ruxel.core.lay.Placement;
import ruxel.core.match.Checkpoint;
import ruxel.core.match.Ease;
import ruxel.core.match.Group;
import ruxel.core.match.Interval;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.Joints;
import ruxel.core.match.Joints.Joint;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.PlacedAnchor;
import ruxel.core.match.Rhythm;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.match.Stretch;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.measure.Wording;
import ruxel.core.method.HowTo;
import ruxel.core.method.Method;
import ruxel.core.method.TakeUp;
import ruxel.core.plan.SeamPlan.AnchorPlan;
import ruxel.core.plan.SeamPlan.CheckpointPlan;
import ruxel.core.plan.SeamPlan.EaseView;
import ruxel.core.plan.SeamPlan.IntervalView;
import ruxel.core.plan.SeamPlan.MethodFacts;
import ruxel.core.plan.SeamPlan.RhythmView;
import ruxel.core.plan.SeamPlan.SidePlan;
import ruxel.core.plan.SeamPlan.SurplusStretch;
import ruxel.core.plan.SeamPlan.Worked;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.strand.SeamStrands;

/** Writes a matched seam as a plan. */
final class SeamPlans {
  private final SeamMatch match;
  private final Seam seam;
  private final Wording wording;
  private final Level level;
  private final Optional<SeamId> twin;
  private final Set<String> ownAnchors;
  private final List<Placement> placements;
  private final Materials materials;
  private final Advice advice;
  private final PlaceNames namesA;
  private final PlaceNames namesB;

  private SeamPlans(
      SeamMatch match, Level level, Optional<SeamId> twin, Set<String> ownAnchors, List<Placement> placements, Materials materials, Advice advice, Wording wording) {
    this.ownAnchors = ownAnchors;
    this.placements = placements;
    this.materials = materials;
    this.advice = advice;
    this.match = match;
    this.level = level;
    this.twin = twin;
    this.seam = match.seam().seam();
    this.wording = wording;
    namesA = new PlaceNames(match.a(), true, match.intervals());
    namesB = new PlaceNames(match.b(), false, match.intervals());
  }

  /**
   * @param level the gravest of what is said of it
   * @param twin the seam on the other side of the wearer
   * @param materials what is worked in which yarn
   * @param advice which method for it
   * @param ownAnchors ids of the anchors that the maker has added
   */
  static SeamPlan of(
      SeamMatch match, Level level, Optional<SeamId> twin, Set<String> ownAnchors, List<Placement> placements, Materials materials, Advice advice, Wording wording) {
    return new SeamPlans(match, level, twin, ownAnchors, placements, materials, advice, wording).plan();
  }

  private SeamPlan plan() {
    SidePlan a = side(match.a(), seam.a().name(), namesA, Joint::a);
    SidePlan b = side(match.b(), seam.b().name(), namesB, Joint::b);
    Optional<HoldView> hold = seam.method().flatMap(Method::of).map(method -> HoldViews.of(match, method, materials.facing(seam, method), wording.hand()));
    return new SeamPlan(
        seam.id(), seam.name(), SeamWords.title(match.seam()), SeamWords.direction(match.seam()), counts(match.a()) + " on " + counts(match.b()), seam.role(),
        seam.role().stage() == SeamRole.Stage.CLOSING, CloseUp.of(match, a, b, placements), match.isPlanned(), level, a, b,
        anchors(), intervals(), match.joints().size(), checkpoints(), stretches(),
        match.ease().map(this::easeView),
        seam.method(),
        methods(),
        AdviceView.of(advice, wording),
        hold.map(held -> howTo(seam.method().flatMap(Method::of).orElseThrow(), held)),
        hold,
        SeamWorkings.of(match, wording),
        Phases.of(match, wording),
        SeamWorkings.takeUp(match, wording),
        twin);
  }

  /** Stitches or rows of each span as makers say them: 14 + 14, of several squares in a row 4 × 14. */
  private static String counts(SideLayout side) {
    List<String> told = new ArrayList<>();
    List<Integer> units = side.spans().stream().map(ResolvedSpan::units).toList();
    for (int from = 0; from < units.size(); ) {
      int to = from;
      while (to < units.size() && units.get(to).equals(units.get(from)) && side.spans().get(to).piece().board().isPresent()) {
        to++;
      }
      told.add(to - from > 2 ? "%d × %d".formatted(to - from, units.get(from)) : units.get(from).toString());
      from = to - from > 2 ? to : from + 1;
    }
    return String.join(" + ", told);
  }

  private SidePlan side(SideLayout side, String name, PlaceNames names, ToIntFunction<Joint> place) {
    int[] joints = new int[side.size()];
    match.joints().stream().mapToInt(place).filter(at -> at >= 0).forEach(at -> joints[at]++);
    return new SidePlan(name, side.lengthMm(0, side.size()), side.size(), Rails.of(side, names), Arrays.stream(joints).boxed().toList());
  }

  private List<AnchorPlan> anchors() {
    return match.anchors().stream()
        .map(
            anchor ->
                new AnchorPlan(
                    anchor.id(), anchor.name(), anchor.a(), anchor.b(), along(match.a(), anchor.a()), along(match.b(), anchor.b()),
                    anchor.joins(), isMovable(anchor), ownAnchors.contains(anchor.id()),
                    spotName(match.a(), namesA, anchor.a()), spotName(match.b(), namesB, anchor.b())))
        .toList();
  }

  private static boolean isMovable(PlacedAnchor anchor) {
    return !anchor.id().equals(Seam.START) && !anchor.id().equals(Seam.END);
  }

  private static double along(SideLayout side, int halfPlace) {
    double before = side.lengthMm(0, halfPlace / 2);
    return halfPlace % 2 == 0 ? before : before + side.places().get(halfPlace / 2).widthMm() / 2;
  }

  private String spotName(SideLayout side, PlaceNames names, int halfPlace) {
    if (halfPlace % 2 == 1) {
      return names.name(halfPlace / 2);
    }
    if (halfPlace == 0) {
      return match.seam().ends().start();
    }
    if (halfPlace == 2 * side.size()) {
      return match.seam().ends().end();
    }
    return side.isBreak(halfPlace / 2) ? "the seam place" : "after " + names.name(halfPlace / 2 - 1);
  }

  private List<IntervalView> intervals() {
    List<IntervalView> views = new ArrayList<>();
    for (int i = 0; i < match.intervals().size(); i++) {
      views.add(interval(match.intervals().get(i), match.plans().get(i), match.eases().get(i)));
    }
    return List.copyOf(views);
  }

  private IntervalView interval(Interval interval, IntervalPlan plan, Ease ease) {
    Stretch a = interval.stretchA(match.a());
    Stretch b = interval.stretchB(match.b());
    double longer = Math.max(a.length(), b.length());
    List<List<Integer>> groups = runLengths(plan.groups());
    return new IntervalView(
        SeamWords.heading(interval, plan, match.checkpoints()),
        interval.start().id(), interval.end().id(), plan.from(),
        interval.aFromInclusive(), interval.aToExclusive(), interval.bFromInclusive(), interval.bToExclusive(),
        Arrays.stream(a.middles()).boxed().toList(), Arrays.stream(b.middles()).boxed().toList(),
        marked(a), marked(b), plan.most(), groups, groups.stream().map(this::joints).toList(), plan.cost(), plan.optimum(),
        plan.rhythm().isPresent() ? Worked.RHYTHM : Worked.OPTIMUM,
        plan.rhythm().map(SeamPlans::rhythmView),
        new IntervalWords(match, interval, plan).words(),
        plan.cost().worst() / Math.max(a.size(), b.size()) * longer,
        easeView(ease));
  }

  private static RhythmView rhythmView(Rhythm r) {
    return new RhythmView(r.form(), r.plain(), r.rare(), r.told(), r.words());
  }

  private static List<Integer> marked(Stretch stretch) {
    return IntStream.range(0, stretch.size()).filter(i -> stretch.noEase()[i]).boxed().toList();
  }

  private static List<List<Integer>> runLengths(List<Group> groups) {
    List<List<Integer>> coded = new ArrayList<>();
    int start = 0;
    for (int i = 1; i <= groups.size(); i++) {
      if (i == groups.size() || !groups.get(i).equals(groups.get(start))) {
        coded.add(List.of(groups.get(start).p(), groups.get(start).q(), i - start));
        start = i;
      }
    }
    return List.copyOf(coded);
  }

  private int joints(List<Integer> group) {
    return Joints.in(new Group(group.get(0), group.get(1)), seam.working().together());
  }

  private EaseView easeView(Ease ease) {
    return new EaseView(
        ease.aMm(), ease.bMm(), ease.share(), ease.differenceMm(), ease.verdict(), ease.rippleMm(),
        SeamWords.ease(ease, seam, wording));
  }

  private List<SurplusStretch> stretches() {
    return match.stretches().stream()
        .map(
            s ->
                new SurplusStretch(
                    s.aFromMm(), s.aToMm(), s.bFromMm(), s.bToMm(), s.ease().aMm() - s.ease().bMm(), s.ease().share(), s.ease().rippleMm()))
        .toList();
  }

  private List<CheckpointPlan> checkpoints() {
    return match.checkpoints().stream().map(this::checkpoint).toList();
  }

  private CheckpointPlan checkpoint(Checkpoint c) {
    return new CheckpointPlan(
        c.number(), c.kind(), c.name(), c.joint(), c.placeA(), c.placeB(),
        c.placeA() > 0 ? namesA.found(c.placeA() - 1) : match.seam().ends().start(),
        c.placeB() > 0 ? namesB.found(c.placeB() - 1) : match.seam().ends().start());
  }

  private List<MethodFacts> methods() {
    return Stream.of(Method.values()).map(this::facts).toList();
  }

  private SeamPlan.HowToView howTo(Method method, HoldView hold) {
    HowTo told = materials.howTo(match, hold.below(), method, wording);
    return new SeamPlan.HowToView(told.facing(), method.look(told.facing()), hold.beginsAt() == Hand.RIGHT, told.near(), told.far(), told.path(), told.lines());
  }

  private MethodFacts facts(Method method) {
    SeamStrands strands = materials.strands(match, method);
    return new MethodFacts(
        method.id(), strands.neededMm(), TakeUp.mm(Optional.of(method), match.a()) + TakeUp.mm(Optional.of(method), match.b()), strands.tails(),
        !advice.never().containsKey(method));
  }
}
