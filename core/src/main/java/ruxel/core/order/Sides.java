package ruxel.core.order;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.TwinSeam;

/** On which side of the wearer a seam is worked, for makers who complete one side before the other: 0, 1, and 2 for what comes after both. */
final class Sides {
  private Sides() {}

  /** Quadratic in the seams. */
  static Map<Join, Integer> of(List<ResolvedSeam> resolved, List<Piece> pieces) {
    List<Seam> seams = resolved.stream().map(ResolvedSeam::seam).toList();
    Map<Join, Integer> sides = new HashMap<>();
    for (int i = 0; i < seams.size(); i++) {
      Seam seam = seams.get(i);
      int twin = TwinSeam.of(seam, seams, pieces).map(seams::indexOf).orElse(-1);
      int alone = seam.role().stage() == SeamRole.Stage.FINISHING ? 2 : 0;
      sides.put(Join.seam(seam.id()), twin < 0 ? alone : twin < i ? 1 : 0);
    }
    return sides;
  }
}
