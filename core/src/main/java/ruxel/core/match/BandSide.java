package ruxel.core.match;

import java.util.List;
import java.util.Optional;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;

/** Which side of a band's seam is the band: what it goes on is the fuller side, never the band (handbook 6, 11). */
final class BandSide {
  private BandSide() {}

  /** The side that lies on no piece of the body or the sleeves; A where that does not tell. Empty for other seams. */
  static Optional<Side> of(ResolvedSeam seam) {
    SeamRole role = seam.seam().role();
    if (role != SeamRole.BAND && role != SeamRole.NECKBAND) {
      return Optional.empty();
    }
    return Optional.of(isBand(seam.b()) && !isBand(seam.a()) ? Side.B : Side.A);
  }

  private static boolean isBand(List<ResolvedSpan> spans) {
    return spans.stream().allMatch(span -> span.piece().part() == Piece.Part.OTHER);
  }

  /** The fullness that is meant, on the side it belongs to. */
  static Ease.Full full(ResolvedSeam seam) {
    return new Ease.Full(seam.seam().working().fullness(), of(seam).map(Side::other));
  }
}
