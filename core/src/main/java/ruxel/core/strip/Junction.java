package ruxel.core.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Join;

/**
 * What an edging meets between two stretches: places of the corner of the one before and of the one behind, whether a seam lies
 * between them and which, and by how much the edge turns, degrees: 90 at an outer corner, −90 at an inner one, −180 at the end of a
 * slit.
 */
public record Junction(int cornersBefore, boolean seam, int cornersBehind, double turn, List<Join> crossed) {
  static final Junction NONE = new Junction(0, false, 0, 0, List.of());

  public Junction {
    crossed = List.copyOf(crossed);
  }

  /** The corner spaces and the seam. */
  int places() {
    return between().size();
  }

  /** What they are, in order. */
  public List<UnitKind> between() {
    List<UnitKind> between = new ArrayList<>(Collections.nCopies(cornersBefore, UnitKind.CORNER));
    between.addAll(Collections.nCopies(seam ? 1 : 0, UnitKind.SEAM_PLACE));
    between.addAll(Collections.nCopies(cornersBehind, UnitKind.CORNER));
    return between;
  }

  boolean hasCorners() {
    return cornersBefore + cornersBehind > 0;
  }

  /** Stitches that they take: one each; of tall ones two into a corner space beside a seam (handbook 11). */
  int stitches(Round round) {
    return (cornersBefore + cornersBehind) * intoCorner(round) + (seam ? 1 : 0);
  }

  int intoCorner(Round round) {
    return seam && round.isTall() ? 2 : 1;
  }
}
