package ruxel.core.seam;

import java.util.List;

/** A seam whose spans all exist on today's pieces. */
public record ResolvedSeam(Seam seam, List<ResolvedSpan> a, List<ResolvedSpan> b) {
  public ResolvedSeam {
    a = List.copyOf(a);
    b = List.copyOf(b);
  }

  public List<ResolvedSpan> side(Side side) {
    return side == Side.A ? a : b;
  }

  public int units(Side side) {
    return side(side).stream().mapToInt(ResolvedSpan::units).sum();
  }
}
