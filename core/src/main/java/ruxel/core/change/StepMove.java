package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Contiguity;
import ruxel.core.glue.Glued;
import ruxel.core.glue.Gluing;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.KeptRow;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Wording;
import ruxel.core.order.Order;
import ruxel.core.order.Step;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;

/** Moves a step of the order, or says which must stands against it (handbook 13). */
final class StepMove {
  private StepMove() {}

  /** All seams in their new order. */
  static Outcome<List<SeamId>> of(Garment garment, Construct construct, SeamId moved, Optional<SeamId> before) {
    Order order = order(garment, construct);
    List<SeamId> seams = new ArrayList<>(order.steps().stream().flatMap(step -> Join.seams(step.joins())).toList());
    for (SeamId named : before.map(other -> List.of(moved, other)).orElse(List.of(moved))) {
      if (!seams.contains(named)) {
        return Seams.resolved(construct.pieces(), construct.seams(), named).then(seam -> Outcome.of(seams));
      }
    }
    if (before.filter(moved::equals).isPresent()) {
      return Outcome.of(seams);
    }
    seams.remove(moved);
    seams.add(before.map(seams::indexOf).orElse(seams.size()), moved);
    return lawful(order, seams, construct);
  }

  /** All seams in the order they are worked in. */
  static List<SeamId> sequence(Garment garment, Construct construct) {
    return order(garment, construct).steps().stream().flatMap(step -> Join.seams(step.joins())).toList();
  }

  /** All seams with those that are named in their order; an unknown one is refused. */
  static Outcome<List<SeamId>> taken(Garment garment, Construct construct, List<SeamId> wanted) {
    for (SeamId named : wanted) {
      Outcome<Seam> known = Seams.named(construct.seams(), named);
      if (!known.findings().isEmpty()) {
        return Outcome.refused(known.findings());
      }
    }
    Order order = order(garment, construct);
    List<SeamId> usual = order.steps().stream().flatMap(step -> Join.seams(step.joins())).toList();
    return lawful(order, Order.merged(usual, wanted), construct);
  }

  /** The order, or which musts stand against it. */
  private static Outcome<List<SeamId>> lawful(Order order, List<SeamId> seams, Construct construct) {
    List<Finding> findings = new ArrayList<>();
    for (Step step : order.steps()) {
      for (Join first : step.after()) {
        for (Join join : step.joins()) {
          if (seams.indexOf(first.id()) > seams.indexOf(join.id())) {
            findings.add(forbidden(step, join, first, construct));
          }
        }
      }
    }
    return findings.isEmpty() ? Outcome.of(List.copyOf(seams)) : Outcome.refused(findings);
  }

  private static Order order(Garment garment, Construct construct) {
    List<ResolvedSeam> seams = construct.resolved().seams();
    List<SeamMatch> matches = SeamMatch.all(seams, garment.rules());
    Gluing gluing = Glued.of(construct.pieces(), matches).gluing();
    return Order.of(seams, Contiguity.of(gluing, seams), garment.settings(), construct.pieces(), KeptRow.joins(KeptRow.all(construct.pieces(), seams, garment.settings(), garment.wording().hand())));
  }

  private static Finding forbidden(Step step, Join join, Join first, Construct construct) {
    String why =
        step.reasons().stream()
            .filter(reason -> reason.code().isMust() && reason.joins().contains(first))
            .map(reason -> reason.sentence(other -> name(other, construct)))
            .findFirst()
            .orElse("");
    return Finding.of(
        FindingCode.STEP_FORBIDDEN, join.where(),
        Fact.text("seam", name(join, construct)), Fact.text("first", name(first, construct)), Fact.text("why", why));
  }

  private static String name(Join join, Construct construct) {
    return Wording.low(join.asSeam().flatMap(seam -> Seams.find(construct.seams(), seam)).map(Seam::name).orElse(join.id().text()));
  }
}
