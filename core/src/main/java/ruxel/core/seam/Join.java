package ruxel.core.seam;

import java.util.Collection;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Where;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.Id;
import ruxel.core.identity.LineId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;

/** What is worked between faces in one line (model 2): a seam, a line of a board, or a strip along its inner edge. */
public sealed interface Join {
  /** A seam, by its id. */
  record OfSeam(SeamId id) implements Join {
    // Told out as those of an id, and for the same reason.
    @Override
    public boolean equals(Object other) {
      return other instanceof OfSeam seam && id.equals(seam.id);
    }

    @Override
    public int hashCode() {
      return id.hashCode();
    }
  }

  /** A line of a board, by the board's piece and its own id there. */
  record OfLine(BoardId board, LineId id) implements Join {}

  /** A strip worked onto an edge, by its id. */
  record OfStrip(StripId id) implements Join {}

  /** The ends of a strip that is worked in rounds, by its id. */
  record OfEnds(StripId id) implements Join {}

  static Join seam(SeamId id) {
    return new OfSeam(id);
  }

  /** Those that are seams, in order. */
  static Stream<SeamId> seams(Collection<? extends Join> joins) {
    return joins.stream().flatMap(join -> join.asSeam().stream());
  }

  /** The seam that it is, if it is one. */
  default Optional<SeamId> asSeam() {
    return this instanceof OfSeam seam ? Optional.of(seam.id()) : Optional.empty();
  }

  /** What is said of it is said there: at the seam, at the board of a line, at the strip. */
  default Where where() {
    if (this instanceof OfSeam seam) {
      return Where.seam(seam.id());
    }
    if (this instanceof OfLine line) {
      return Where.piece(line.board().piece());
    }
    return Where.NOWHERE.ofStrip(this instanceof OfStrip strip ? strip.id() : ((OfEnds) this).id());
  }

  /** Its id among joins of its kind; of a line, among those of its board. */
  Id id();
}
