package ruxel.core.glue;

import java.util.List;
import ruxel.core.seam.Join;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * A join for the gluing: its sides, and the inner positions on A and B that meet, in half units along
 * each side, increasing on both. Every break of either side is among them.
 */
public record GluedJoin(Join join, List<ResolvedSpan> a, List<ResolvedSpan> b, List<Meeting> meetings) {
  /** A position of A that meets a position of B. */
  public record Meeting(int a, int b) {}

  public GluedJoin {
    a = List.copyOf(a);
    b = List.copyOf(b);
    meetings = List.copyOf(meetings);
  }

  static GluedJoin of(ResolvedSeam seam, List<Meeting> meetings) {
    return new GluedJoin(seam.join(), seam.a(), seam.b(), meetings);
  }

  List<ResolvedSpan> side(Side side) {
    return side == Side.A ? a : b;
  }
}
