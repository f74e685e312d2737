package ruxel.core.glue;

import java.util.List;
import ruxel.core.seam.ResolvedSeam;

/**
 * A seam for the gluing: its sides, and the inner positions on A and B that meet, in half units along
 * each side, increasing on both. Every break of either side is among them.
 */
public record GluedSeam(ResolvedSeam seam, List<Meeting> meetings) {
  /** A position of A that meets a position of B. */
  public record Meeting(int a, int b) {}

  public GluedSeam {
    meetings = List.copyOf(meetings);
  }
}
