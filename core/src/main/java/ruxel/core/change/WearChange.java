package ruxel.core.change;

import java.util.Optional;
import ruxel.core.construction.Answers;
import ruxel.core.decision.GarmentWeight;
import ruxel.core.decision.OwnSchool;
import ruxel.core.decision.WearerMeasure;
import ruxel.core.decision.WishFor;
import ruxel.core.decision.WornBy;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.School;
import ruxel.core.measure.Wording;
import ruxel.core.method.Wish;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Seams;
import ruxel.core.wearer.Fit;
import ruxel.core.wearer.Measure;
import ruxel.core.wearer.Wearer;

/** What the advice must know of the garment as a whole: its weight, who wears it, what is wanted of its seams, how the maker works. */
public sealed interface WearChange extends Change {
  /** What is wanted of one seam, of a role or of all; empty takes it back. Of a seam its role is of no matter. */
  record Wished(Optional<SeamRole> role, Optional<SeamId> seam, Optional<Wish> wish) implements WearChange {
    public Wished {
      role = seam.isPresent() ? Optional.empty() : role;
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      Outcome<Garment> wished =
          Outcome.of(garment.withSettings(garment.settings().with(WishFor.class, wish.map(wanted -> new WishFor(role, seam, wanted)), role, seam)));
      return seam.isEmpty() ? wished : Layout.of(garment).then(layout -> Seams.named(layout.construct().seams(), seam.get())).then(found -> wished);
    }

    @Override
    public String label(Names names) {
      String of = seam.map(names::seam).orElseGet(() -> role.map(each -> "every " + each.words()).orElse("the whole garment"));
      return wish.map(wanted -> "Wanted of %s: %s".formatted(of, wanted.words())).orElseGet(() -> "Took back what is wanted of " + of);
    }
  }

  /** How the maker does it; empty takes no side. */
  record SchoolTaken(School school, Optional<School.Way> way) implements WearChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return way.filter(taken -> taken.school() != school).isPresent()
          ? Outcome.refused(
              Finding.of(
                  FindingCode.SCHOOL_OTHER, Where.path("$.settings.schools"), Fact.text("value", way.get().name()),
                  Fact.text("choices", Wording.all(school.ways().stream().map(Enum::name).toList()))))
          : Outcome.of(garment.withSettings(garment.settings().with(OwnSchool.class, way.map(OwnSchool::new), school)));
    }

    @Override
    public String label(Names names) {
      return way.map(taken -> "%s %s".formatted(school.words(), taken.words())).orElseGet(() -> "Took no side: " + Wording.uncapital(school.words()));
    }
  }

  /** What the finished garment weighs, grams; empty lets it be reckoned. */
  record GarmentWeighed(Optional<Double> grams) implements WearChange {
    public static final double LEAST_GRAMS = 10;
    public static final double MOST_GRAMS = 10_000;

    @Override
    public Outcome<Garment> apply(Garment garment) {
      return inRange("Weight of the garment, grams", "$.settings.weight", grams, LEAST_GRAMS, MOST_GRAMS)
          .map(Outcome::<Garment>refused)
          .orElseGet(() -> Outcome.of(garment.withSettings(garment.settings().with(GarmentWeight.class, grams.map(GarmentWeight::new)))));
    }

    @Override
    public String label(Names names) {
      return grams.map(weight -> "Weighed the garment: %s g".formatted(Wording.trimmed(weight))).orElse("Took back the weight of the garment");
    }
  }

  /** Who wears it and how closely it is to sit; empty takes it back. */
  record WearerTold(Optional<Wearer> wearer, Optional<Fit> fit) implements WearChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Optional<WornBy> told = wearer.map(who -> new WornBy(who, fit.orElse(Fit.EASY)));
      return Outcome.of(garment.withSettings(garment.settings().with(WornBy.class, told)));
    }

    @Override
    public String label(Names names) {
      return wearer.map(who -> "For %s, to sit %s".formatted(who.words(), fit.orElse(Fit.EASY).words())).orElse("Took back who wears it");
    }
  }

  /** A measure of the wearer, mm; empty takes it back. */
  record WearerMeasured(Measure measure, Optional<Double> mm) implements WearChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return inRange(measure.words() + ", mm", "$.settings.wearer", mm, measure.least(), measure.most())
          .map(Outcome::<Garment>refused)
          .orElseGet(
              () -> Outcome.of(garment.withSettings(garment.settings().with(WearerMeasure.class, mm.map(taken -> new WearerMeasure(measure, taken)), measure))));
    }

    @Override
    public String label(Names names) {
      return mm.map(taken -> "%s of the wearer: %s".formatted(measure.words(), names.length(taken))).orElseGet(() -> "Took back a measure: " + Wording.low(measure.words()));
    }
  }

  private static Optional<Finding> inRange(String what, String path, Optional<Double> value, double least, double most) {
    return value
        .filter(given -> !(given >= least && given <= most))
        .map(
            given ->
                Finding.of(
                    FindingCode.FIGURE_RANGE, Where.path(path), Fact.text("what", what), Fact.count("least", (long) least), Fact.count("most", (long) most),
                    Fact.text("value", new Answers.Numeric(given).text())));
  }
}
