package ruxel.core.seam;

/** What is worked between faces in one line (model 2): a seam, a line of a board, or a strip along its inner edge. */
public sealed interface Join {
  /** A seam, by its id. */
  record OfSeam(String id) implements Join {}

  /** A line of a board, by the board's piece and its own id there. */
  record OfLine(String piece, String id) implements Join {}

  /** A strip worked onto an edge, by its id. */
  record OfStrip(String id) implements Join {}

  /** The ends of a strip that is worked in rounds, by its id. */
  record OfEnds(String id) implements Join {}

  static Join seam(String id) {
    return new OfSeam(id);
  }

  /** Its id among joins of its kind; of a line, among those of its board. */
  String id();
}
