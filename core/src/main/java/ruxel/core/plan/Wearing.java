package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import ruxel.core.construction.Construct;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WearerMeasure;
import ruxel.core.decision.WornBy;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.glue.Opening;
import ruxel.core.glue.SeamGraph;
import ruxel.core.identity.SeamId;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.order.Step;
import ruxel.core.plan.WearerPlan.Check;
import ruxel.core.plan.WearerPlan.CheckView;
import ruxel.core.plan.WearerPlan.Verdict;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.strip.WorkedOn;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Measure;

/** Holds the finished sizes against the wearer (handbook 10), each before the seam after which it is hard to change. */
final class Wearing {
  private static final double HALF = 0.5;
  private static final String HOOD = "Height of the hood";

  private final FinishedSizes sizes;
  private final List<SeamMatch> matches;
  private final Materials materials;
  private final Edgings edgings;
  private final Assembly assembly;
  private final List<Step> steps;
  private final HouseRules rules;
  private final Wording wording;
  private final Map<Measure, Double> measures = new TreeMap<>();
  private final Optional<WornBy> wornBy;
  private final List<CheckView> checks = new ArrayList<>();
  private final List<Finding> findings = new ArrayList<>();

  Wearing(Construct construct, List<BackNeck.Left> backNecks, List<SeamMatch> matches, Edgings edgings, SeamGraph graph, List<Step> steps, Materials materials, Settings settings, HouseRules rules, Wording wording) {
    this.matches = matches;
    this.materials = materials;
    this.edgings = edgings;
    assembly = edgings.assembly();
    this.steps = steps;
    this.rules = rules;
    this.wording = wording;
    sizes = new FinishedSizes(construct.pieces(), construct.placements(), matches, assembly.gluing(), graph);
    settings.of(WearerMeasure.class).forEach(taken -> measures.put(taken.measure(), taken.mm()));
    wornBy = settings.on(WornBy.class);
    check();
    backNecks.forEach(this::backNeck);
  }

  List<Finding> findings() {
    return List.copyOf(findings);
  }

  WearerPlan plan(List<String> care) {
    return new WearerPlan(
        wornBy.map(WornBy::wearer), wornBy.map(WornBy::fit), measures.entrySet().stream().map(e -> new WearerPlan.Taken(e.getKey(), e.getValue())).toList(), care);
  }

  List<CheckView> checks() {
    return List.copyOf(checks);
  }

  private void check() {
    OptionalDouble body = sizes.body();
    if (body.isPresent()) {
      atLeast(Check.BODY, "Round the body", Measure.CHEST, ease(), body.getAsDouble(), first(SeamRole.SIDE, SeamRole.SIDE_SLEEVE));
    }
    for (SeamMatch match : matches) {
      if (match.seam().seam().role() == SeamRole.ARMHOLE) {
        atLeast(
            Check.ARMHOLE, match.seam().seam().name(), Measure.UPPER_ARM, ease(), materials.lengthMm(match), Optional.of(match.seam().seam().id()));
      }
      // The head goes through the neck that a hood is sewn round.
      if (match.seam().seam().role() == SeamRole.HOOD && sizes.isRound(match)) {
        double stretched = materials.lengthMm(match) * rules.get(Rule.STRETCH_PLAIN);
        atLeast(Check.NECK, "Neck, where the hood is sewn on", Measure.HEAD, rules.get(Rule.HEAD_MM), stretched, Optional.of(match.seam().seam().id()));
      }
    }
    for (Opening opening : assembly.surface().openings()) {
      assembly.kindOf(opening).ifPresent(kind -> opening(kind, opening));
    }
    sizes.hood().ifPresent(this::hood);
    reach();
    clashes();
  }

  private void opening(ExpectedOpening.Kind kind, Opening opening) {
    String name = assembly.nameOf(opening);
    double round = sizes.round(opening.segments()) + edgings.longerMm(opening);
    double stretched = round * stretch(opening);
    Optional<SeamId> before = firstOf(sizes.ending(opening.segments()));
    switch (kind) {
      case NECK -> atLeast(Check.NECK, name, Measure.HEAD, rules.get(Rule.HEAD_MM), stretched, before);
      case CUFF -> atLeast(Check.CUFF, name, Measure.HAND, 0, stretched, before);
      case HEM -> atLeast(Check.HEM, name, Measure.HIP, 0, stretched, before);
      case ARMHOLE -> atLeast(Check.ARMHOLE, name, Measure.UPPER_ARM, ease(), round, before);
      case FRONT, OTHER -> {}
    }
  }

  /** As far as the least stretchy edge, or edging, gives (handbook 10). */
  private double stretch(Opening opening) {
    List<WorkedOn> on = edgings.on(opening);
    double least = on.stream().mapToDouble(worked -> rules.get(worked.strip().band().isPresent() ? Rule.STRETCH_RIB : Rule.STRETCH_PLAIN)).min().orElse(Double.MAX_VALUE);
    boolean isCovered = on.stream().anyMatch(worked -> worked.line().round());
    return isCovered ? least : Math.min(least, sizes.stretch(opening.segments(), rules));
  }

  /** How much longer edgings make a sleeve. */
  private double cuffMm() {
    return assembly.surface().openings().stream()
        .filter(opening -> assembly.kindOf(opening).filter(kind -> kind == ExpectedOpening.Kind.CUFF).isPresent())
        .mapToDouble(opening -> edgings.on(opening).stream().mapToDouble(WorkedOn::heightMm).sum())
        .max()
        .orElse(0);
  }

  private double ease() {
    return switch (wornBy.map(WornBy::fit).orElse(Fit.EASY)) {
      case CLOSE -> rules.get(Rule.EASE_CLOSE_MM);
      case EASY -> rules.get(Rule.EASE_EASY_MM);
      case LOOSE -> rules.get(Rule.EASE_LOOSE_MM);
    };
  }

  private void atLeast(Check check, String what, Measure measure, double more, double found, Optional<SeamId> before) {
    atLeast(check, what, measure, 1, more, found, before);
  }

  /** As much of a measure, and so much more. */
  private void atLeast(Check check, String what, Measure measure, double share, double more, double found, Optional<SeamId> before) {
    Optional<Double> needed = Optional.ofNullable(measures.get(measure)).map(taken -> share * taken + more);
    boolean tight = needed.filter(least -> found < least).isPresent();
    Verdict verdict = needed.isEmpty() ? Verdict.ASK : tight ? Verdict.TIGHT : Verdict.FITS;
    checks.add(new CheckView(check, what, needed, found, verdict, Optional.of(measure), before, words(measure, needed, found, verdict, more)));
    if (tight) {
      Where where = before.map(Where::seam).orElse(Where.NOWHERE);
      FindingCode code = check == Check.NECK ? FindingCode.NECK_TOO_SMALL : FindingCode.WEARER_TIGHT;
      findings.add(
          Finding.of(code, where, Fact.text("what", what), Fact.length("found", found), Fact.length("needed", needed.get()), Fact.text("remedy", check.remedy())));
    }
  }

  /** Half of what goes over the head with its ease; much more falls over the face (handbook 11). */
  private void hood(double high) {
    Optional<SeamId> before = first(SeamRole.HOOD, SeamRole.HOOD_TOP);
    Optional<Double> needed = Optional.ofNullable(measures.get(Measure.OVER_HEAD)).map(over -> HALF * (over + ease()));
    if (needed.isEmpty() || high <= needed.get() * (1 + rules.get(Rule.HOOD_LARGE_SHARE))) {
      atLeast(Check.HOOD, HOOD, Measure.OVER_HEAD, HALF, HALF * ease(), high, before);
      return;
    }
    String words = "%s, and %s would be enough: %s too high.".formatted(wording.length(high), wording.length(needed.get()), wording.length(high - needed.get()));
    checks.add(new CheckView(Check.HOOD, HOOD, needed, high, Verdict.LONG, Optional.of(Measure.OVER_HEAD), before, words));
    findings.add(
        Finding.of(
            FindingCode.WEARER_LARGE, before.map(Where::seam).orElse(Where.NOWHERE), Fact.text("what", HOOD), Fact.length("found", high), Fact.length("needed", needed.get()),
            Fact.text("remedy", Check.HOOD.remedy())));
  }

  private String words(Measure measure, Optional<Double> needed, double found, Verdict verdict, double more) {
    String has = wording.length(found);
    if (needed.isEmpty()) {
      return "%s. Measure the wearer: %s.".formatted(has, Wording.low(measure.words()));
    }
    String needs = "%s%s".formatted(wording.length(needed.get() - more), more > 0 ? " and %s of room".formatted(wording.length(more)) : "");
    return verdict == Verdict.FITS ? "%s for %s: fits.".formatted(has, needs) : "%s for %s: %s too little.".formatted(has, needs, wording.length(needed.get() - found));
  }

  private void backNeck(BackNeck.Left left) {
    String words = "%s, at least %s: %s.".formatted(wording.length(left.neckMm()), wording.length(left.leastMm()), left.isNarrow() ? "too narrow" : "wide enough");
    Verdict verdict = left.isNarrow() ? Verdict.TIGHT : Verdict.FITS;
    checks.add(new CheckView(Check.BACK_NECK, "Back neck", Optional.of(left.leastMm()), left.neckMm(), verdict, Optional.empty(), Optional.of(left.seam()), words));
  }

  private void reach() {
    OptionalDouble found = sizes.reach();
    if (found.isEmpty()) {
      return;
    }
    double has = found.getAsDouble() + cuffMm();
    Optional<Double> needed = Optional.ofNullable(measures.get(Measure.BACK_TO_WRIST));
    double off = needed.map(wrist -> has - wrist).orElse(0.0);
    boolean right = Math.abs(off) <= rules.get(Rule.REACH_MM);
    Verdict verdict = needed.isEmpty() ? Verdict.ASK : right ? Verdict.FITS : off < 0 ? Verdict.TIGHT : Verdict.LONG;
    String words =
        switch (verdict) {
          case ASK -> "%s. Measure the wearer: centre of the back, over the shoulder, to the wrist.".formatted(wording.length(has));
          case FITS -> "%s for %s: fits.".formatted(wording.length(has), wording.length(needed.get()));
          case TIGHT, LONG -> "%s for %s: %s too %s.".formatted(wording.length(has), wording.length(needed.get()), wording.length(Math.abs(off)), off < 0 ? "short" : "long");
        };
    Optional<SeamId> before = first(SeamRole.ARMHOLE);
    checks.add(new CheckView(Check.REACH, "Centre of the back to the wrist", needed, has, verdict, Optional.of(Measure.BACK_TO_WRIST), before, words));
    if (verdict == Verdict.TIGHT || verdict == Verdict.LONG) {
      findings.add(
          Finding.of(
              FindingCode.REACH_OFF, before.map(Where::seam).orElse(Where.NOWHERE), Fact.length("found", has), Fact.length("needed", needed.get()),
              Fact.text("remedy", Check.REACH.remedy())));
    }
  }

  /** Measures no body has together. */
  private void clashes() {
    clash(Measure.HEAD, Measure.CHEST, 1);
    clash(Measure.UPPER_ARM, Measure.CHEST, 2);
    clash(Measure.HAND, Measure.HEAD, 1);
  }

  private void clash(Measure smaller, Measure larger, double times) {
    if (measures.containsKey(smaller) && measures.containsKey(larger) && measures.get(smaller) * times >= measures.get(larger)) {
      findings.add(Finding.of(FindingCode.MEASURES_CLASH, Where.path("$.settings.measures"), Fact.text("first", told(smaller)), Fact.text("second", told(larger))));
    }
  }

  private String told(Measure measure) {
    return "%s %s".formatted(Wording.low(measure.words()), wording.length(measures.get(measure)));
  }

  /** Of the seams of some roles the one that is joined first. */
  private Optional<SeamId> first(SeamRole... roles) {
    return firstOf(matches.stream().filter(match -> List.of(roles).contains(match.seam().seam().role())).toList());
  }

  private Optional<SeamId> firstOf(List<SeamMatch> some) {
    return steps.stream().flatMap(step -> some.stream().filter(match -> step.works(match.seam().join()))).findFirst().map(match -> match.seam().seam()).map(Seam::id);
  }
}
