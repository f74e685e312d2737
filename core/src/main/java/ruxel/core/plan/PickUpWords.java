package ruxel.core.plan;

import ruxel.core.match.From;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.Stretch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;

/** How stitches are spread over the units of a stretch, in words a maker keeps in the head (handbook 11). */
final class PickUpWords {
  private static final int LONGEST = 4;

  private PickUpWords() {}

  /** Square in the stitches at worst, as the joint plan of a seam. */
  static String of(int stitches, int units, UnitKind kind, HouseRules rules) {
    if (stitches == units) {
      return "one into each";
    }
    for (int q = 1; q <= LONGEST; q++) {
      if (units % q == 0 && stitches * q % units == 0) {
        int p = stitches * q / units;
        return q == 1 ? "%s into each".formatted(Wording.number(p)) : "%s for every %s".formatted(Wording.number(p), PlaceNames.counted(q, kind));
      }
    }
    if (stitches < units) {
      int out = units - stitches;
      return "one into each, %s left out, evenly spread".formatted(Wording.number(out));
    }
    return IntervalPlan.of(Stretch.even(stitches), Stretch.even(units), From.START, rules)
        .rhythm()
        .map(rhythm -> Wording.low(rhythm.words()))
        .orElseGet(() -> "%s into each, %d take one more, evenly spread".formatted(Wording.number(stitches / units), stitches % units));
  }
}
