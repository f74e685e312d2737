package ruxel.core.layout;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.method.Method;
import ruxel.core.piece.Piece;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;

/**
 * Seams that are joined while a row is worked run the way of the row: right side up, from right to left, so with the ring of its
 * piece; against it from a left hand.
 */
final class WithTheRow {
  private final List<Piece> pieces;
  private final boolean forward;

  WithTheRow(List<Piece> pieces, Hand hand) {
    this.pieces = pieces;
    forward = hand == Hand.RIGHT;
  }

  Seam of(Seam seam) {
    boolean joins = seam.method().flatMap(Method::of).filter(Method::joinsAsWorked).isPresent();
    Optional<List<ResolvedSpan>> row = joins ? SeamResolver.find(pieces, List.of(seam), seam.id()).flatMap(WithTheRow::live) : Optional.empty();
    return row.filter(spans -> spans.stream().noneMatch(span -> span.forward() == forward)).isPresent() ? seam.turned() : seam;
  }

  private static Optional<List<ResolvedSpan>> live(ResolvedSeam seam) {
    return Stream.of(seam.a(), seam.b()).filter(ResolvedSpan::areLive).findFirst();
  }
}
