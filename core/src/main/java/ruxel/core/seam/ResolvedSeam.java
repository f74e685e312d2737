package ruxel.core.seam;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.piece.Piece;

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

  public Join join() {
    return Join.seam(seam.id());
  }

  public List<ResolvedSpan> side(Side side) {
    return side == Side.A ? a : b;
  }

  /** Which side of a band's seam is the band: the one that lies on no piece of the body or the sleeves, A where that does not tell. */
  public Optional<Side> band() {
    return seam.role().isBand() ? Optional.of(isBand(b) && !isBand(a) ? Side.B : Side.A) : Optional.empty();
  }

  private static boolean isBand(List<ResolvedSpan> spans) {
    return spans.stream().allMatch(span -> span.piece().part() == Piece.Part.OTHER);
  }

  /** Whether it joins different pieces by stitches alone, without a row end on either side. */
  public boolean isStitchOnStitch() {
    boolean stitches = Stream.of(a, b).flatMap(List::stream).flatMap(span -> span.runs().stream()).noneMatch(run -> run.kind().isRowEnd());
    return stitches && a.stream().map(ResolvedSpan::piece).noneMatch(piece -> b.stream().anyMatch(other -> other.piece().id().equals(piece.id())));
  }

  public int units(Side side) {
    return side(side).stream().mapToInt(ResolvedSpan::units).sum();
  }
}
