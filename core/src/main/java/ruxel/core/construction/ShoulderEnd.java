package ruxel.core.construction;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Run;

/**
 * Stitches at each end of the upper edge, worked in so many steps of one row each, counted from the side; 1 is straight across.
 *
 * @param rib how many make a rib, counted from the side; 0 where there are none
 */
record ShoulderEnd(int stitches, int steps, int rib) {
  static ShoulderEnd straight(int stitches) {
    return new ShoulderEnd(stitches, 1, 0);
  }

  int rises() {
    return steps - 1;
  }

  /** Up from the side, or down to it. */
  Edge edge(Grain grain, String edge, String called, int way) {
    double rise = rises() == 0 ? 0 : way * rises() * grain.up() / stitches;
    Edge straight = Edge.of(edge, called, List.of(Run.plain("shoulder", grain.top(), stitches, new Advance(-grain.across(), rise))));
    List<Landmark> marks = new ArrayList<>();
    int ribs = rib == 0 ? 0 : stitches / rib;
    if (ribs > 1) {
      // The start of each as it is counted from the side, so that they meet their like on the other piece.
      marks.add(new Landmark("ribs", "rib", Landmark.Kind.RIB, new Cut("shoulder", way > 0 ? 0 : rib, Cut.End.START), rib, ribs, Optional.empty()));
    }
    for (int step = 1; step < steps; step++) {
      int before = (int) Math.round((double) step * stitches / steps);
      marks.add(Landmark.once("step." + step, "step of the shoulder", Landmark.Kind.SHOULDER_STEP, new Cut("shoulder", before, way > 0 ? Cut.End.START : Cut.End.END)));
    }
    return straight.withLandmarks(marks);
  }
}
