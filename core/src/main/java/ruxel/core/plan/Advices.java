package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.advice.Advice;
import ruxel.core.advice.SeamFacts;
import ruxel.core.advice.Sum;
import ruxel.core.advice.Term;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.method.Nevers;
import ruxel.core.method.Wish;
import ruxel.core.seam.Seam;

/** The advice for each seam of a garment, and what is to be said where a method or a wish does not go with it. */
final class Advices {
  /** A wish is met by at least this score of its word. */
  private static final double MET = 4;

  private final Materials materials;
  private final HouseRules rules;
  private final Wording wording;

  Advices(Materials materials, HouseRules rules, Wording wording) {
    this.materials = materials;
    this.rules = rules;
    this.wording = wording;
  }

  /** Linear in the places of the seam. */
  Advice of(SeamMatch match) {
    Seam seam = match.seam().seam();
    return Advice.of(
        materials.facts(match), new Nevers(match.a(), match.b(), seam.role()), rules, seam.method().flatMap(Method::of), method -> materials.strands(match, method).tails());
  }

  /** Whether anything may be said: only a load speaks against a method, and only of a wish it is asked whether it is met. */
  boolean maySay(SeamMatch match) {
    SeamFacts facts = materials.facts(match);
    return facts.isHeavy() || asked(facts.wish()).isPresent();
  }

  List<Finding> findings(SeamMatch match, Advice advice) {
    List<Finding> findings = new ArrayList<>();
    Seam seam = match.seam().seam();
    SeamFacts facts = advice.facts();
    chosen(seam, advice)
        .filter(sum -> facts.isHeavy() && sum.term(Term.Name.STRONG).score() < MET)
        .ifPresent(
            sum ->
                findings.add(
                    Finding.of(
                        FindingCode.WEAK_FOR_LOAD, Where.seam(seam.id()), Fact.text("seam", seam.name()), Fact.text("method", Wording.low(sum.method().title(wording))),
                        Fact.text("load", Wording.trimmed(facts.load().orElseThrow().gramsPerCm())))));
    asked(facts.wish())
        .filter(name -> !advice.ranking().isEmpty() && advice.ranking().stream().noneMatch(sum -> sum.term(name).score() >= MET))
        .ifPresent(name -> findings.add(Finding.of(FindingCode.WISH_UNMET, Where.seam(seam.id()), Fact.text("seam", seam.name()), Fact.text("wish", facts.wish().words()))));
    return findings;
  }

  private static Optional<Sum> chosen(Seam seam, Advice advice) {
    return advice.ranking().stream().filter(sum -> seam.method().filter(sum.method().id()::equals).isPresent()).findFirst();
  }

  private static Optional<Term.Name> asked(Wish wish) {
    return switch (wish) {
      case HIDDEN, ON_SHOW -> Optional.of(Term.Name.HIDDEN);
      case FLAT -> Optional.of(Term.Name.FLAT);
      case NONE -> Optional.empty();
    };
  }
}
