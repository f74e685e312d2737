package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;

/**
 * What is to be said of a strip that lies on one piece and belongs to it (handbook 3, 4.10): it is worked before the piece is joined, or, the
 * last row of it, while it is joined. The piece as it is finished has it, the piece as it lies now has not.
 *
 * @param edges in the order in which the row meets them, right side up
 * @param joining whether the last row is kept back and worked while the edges are joined
 * @param parts what is joined and what is worked plain, in the order of the row
 * @param nowRows rows the piece has beside these where they go on from its last row
 * @param other the mirror images of the edges, in the same order, where the same rows are not on all of them yet
 * @param adds what it adds to the piece and takes of yarn, in words
 * @param wrongSide whether the last would be worked on the wrong side, where the first row of the piece was one of the right side
 */
public record RowPlan(PieceId piece, List<String> edges, boolean joining, List<RowPart> parts, Optional<Integer> nowRows, boolean wrongSide, List<Other> other, String words, String adds) {

  /** An edge of the same piece or of its twin. */
  public record Other(PieceId piece, String edge) {}

  /** Stitches that join a seam, or plain ones where it is empty. */
  public record RowPart(Optional<SeamId> seam, int stitches, String words) {}

  /** The seams that are joined by it, in the order of the row. */
  public List<SeamId> seams() {
    return parts.stream().flatMap(part -> part.seam().stream()).toList();
  }
}
