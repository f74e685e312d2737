package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.WorkedOn;

/** An edging that was worked, held against what lies flat (handbook 11): it ripples, pulls in, or lies flat. */
record StripDiagnosis(Function<Stretch, Optional<Stitches>> told, Function<Stretch, String> name, HouseRules rules, Wording wording) {
  Optional<StripPlan.Diagnosis> of(WorkedOn worked) {
    if (worked.rounds().isEmpty()) {
      return Optional.empty();
    }
    double w = worked.rounds().get(0).round().widthMm();
    int tooMany = 0;
    List<String> words = new ArrayList<>();
    for (WorkedOn.Worked segment : worked.rounds().get(0).segments()) {
      Optional<Integer> counted = segment.stretch() < 0 ? Optional.empty() : told.apply(worked.line().stretches().get(segment.stretch())).flatMap(Stitches::worked);
      if (counted.isPresent()) {
        int more = counted.get() - segment.stitches();
        tooMany += more;
        words.add(diagnosis(worked, segment, counted.get(), more));
      }
    }
    return words.isEmpty() ? Optional.empty() : Optional.of(new StripPlan.Diagnosis(tooMany, tooMany * w, String.join(" ", words)));
  }

  private static final double FLAT = 0.02;
  private static final double HALF_A_HOOK = 0.05;

  /** Under one stitch off, or 2 % (handbook 11). */
  static boolean liesFlat(int counted, double flat) {
    return Math.abs(counted - flat) <= Math.max(1, FLAT * flat);
  }

  private String diagnosis(WorkedOn worked, WorkedOn.Worked segment, int counted, int more) {
    Stretch stretch = worked.line().stretches().get(segment.stretch());
    double w = worked.rounds().get(0).round().widthMm();
    if (liesFlat(counted, segment.stitches())) {
      return "The %s lies flat with %d.".formatted(name.apply(stretch), counted);
    }
    String found = "The %s %s: %d where %d lie flat, %s too %s.".formatted(
        name.apply(stretch), more > 0 ? "ripples" : "pulls in", counted, segment.stitches(), wording.length(Math.abs(more) * w), more > 0 ? "long" : "short");
    double share = Math.abs(more) / (double) segment.stitches();
    String hook = share <= HALF_A_HOOK ? " A hook half a size %s may do.".formatted(more > 0 ? "smaller" : "larger") : "";
    return "%s Work it anew: %s.%s The other segments can stay.".formatted(found, PickUpSpread.of(segment.stitches(), segment.units(), rules).words(segment.kind()), hook);
  }
}
