package ruxel.core.seam;

import java.util.List;

/** A seam whose spans all exist on today's pieces, and what stands at its ends. */
public record ResolvedSeam(Seam seam, List<ResolvedSpan> a, List<ResolvedSpan> b, SeamEnds ends) {
  public ResolvedSeam {
    a = List.copyOf(a);
    b = List.copyOf(b);
  }

  ResolvedSeam(Seam seam, List<ResolvedSpan> a, List<ResolvedSpan> b) {
    this(seam, a, b, SeamEnds.UNKNOWN);
  }

  ResolvedSeam with(SeamEnds told) {
    return new ResolvedSeam(seam, a, b, told);
  }

  public List<ResolvedSpan> side(Side side) {
    return side == Side.A ? a : b;
  }

  public int units(Side side) {
    return side(side).stream().mapToInt(ResolvedSpan::units).sum();
  }
}
