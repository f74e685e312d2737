package ruxel.core.construction;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Run;

/** What lies between the shoulders: so many stitches, of them {@code centre} below a slope of so many rows; straight without rows. */
record Neck(int stitches, int rows, int centre, String straight) {
  /** Down one side of the neck, along its centre, and up the other side where there is one. */
  List<Run> runs(Grain grain, boolean bothSides) {
    if (rows == 0) {
      return stitches > 0 ? List.of(grain.tops(straight, stitches)) : List.of();
    }
    int slopes = stitches - centre;
    double slope = slopes == 0 ? 0 : -(bothSides ? slopes / 2 : slopes) * grain.across() / rows;
    List<Run> runs = new ArrayList<>();
    runs.add(Run.plain(bothSides ? "down" : "slope", grain.side(), rows, new Advance(slope, -grain.up())));
    if (centre > 0) {
      runs.add(grain.tops("centre", centre));
    }
    if (bothSides) {
      runs.add(Run.plain("up", grain.side(), rows, new Advance(slope, grain.up())));
    }
    return runs;
  }
}
