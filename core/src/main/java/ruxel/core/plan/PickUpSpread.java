package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ruxel.core.match.From;
import ruxel.core.match.Group;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.Stretch;
import ruxel.core.measure.HouseRules;

/** Into which unit of a stretch each stitch goes, as the rhythm of {@link PickUpWords} says it. */
final class PickUpSpread {
  private PickUpSpread() {}

  /** Units from 0, stitch by stitch. Of units that one stitch spans it goes into the middle one; the others are left out. */
  static List<Integer> of(int stitches, int units, HouseRules rules) {
    if (stitches == units) {
      return IntStream.range(0, units).boxed().toList();
    }
    if (stitches == 0 || units == 0) {
      return IntStream.range(0, stitches).mapToObj(i -> 0).toList();
    }
    List<Integer> spread = new ArrayList<>();
    int unit = 0;
    for (Group group : IntervalPlan.of(Stretch.even(stitches), Stretch.even(units), From.START, rules).groups()) {
      for (int k = 0; k < group.p(); k++) {
        spread.add(unit + (group.q() - 1) / 2);
      }
      unit += group.q();
    }
    return List.copyOf(spread);
  }
}
