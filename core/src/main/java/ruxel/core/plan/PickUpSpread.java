package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.match.From;
import ruxel.core.match.Group;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.Rhythm;
import ruxel.core.match.Stretch;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;

/**
 * How stitches are spread over the units of a stretch, as the joint plan of a seam spreads them, and in words a maker keeps in the head
 * (handbook 11).
 *
 * @param groups stitches with units; none where each stitch has a unit of its own, or there are none of either
 */
record PickUpSpread(int stitches, int units, List<Group> groups, Optional<Rhythm> rhythm) {
  private static final int LONGEST = 4;

  /** Square in the stitches at worst. */
  static PickUpSpread of(int stitches, int units, HouseRules rules) {
    if (stitches == units || stitches == 0 || units == 0) {
      return new PickUpSpread(stitches, units, List.of(), Optional.empty());
    }
    IntervalPlan plan = IntervalPlan.of(Stretch.even(stitches), Stretch.even(units), From.START, rules);
    return new PickUpSpread(stitches, units, plan.groups(), plan.rhythm());
  }

  /** Units from 0, stitch by stitch. Of units that one stitch spans it goes into the middle one; the others are left out. */
  List<Integer> into() {
    if (groups.isEmpty()) {
      return IntStream.range(0, stitches).mapToObj(i -> units == 0 ? 0 : i).toList();
    }
    List<Integer> into = new ArrayList<>();
    int unit = 0;
    for (Group group : groups) {
      for (int k = 0; k < group.p(); k++) {
        into.add(unit + (group.q() - 1) / 2);
      }
      unit += group.q();
    }
    return List.copyOf(into);
  }

  String words(UnitKind kind) {
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
      return "one into each, %s left out, evenly spread".formatted(Wording.number(units - stitches));
    }
    return rhythm.map(of -> Wording.low(of.words())).orElseGet(() -> "%s into each, %d take one more, evenly spread".formatted(Wording.number(stitches / units), stitches % units));
  }
}
