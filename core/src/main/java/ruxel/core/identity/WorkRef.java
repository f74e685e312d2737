package ruxel.core.identity;

/**
 * What is worked (model 2): a seam, a line of a board, a whole board, or a strip. The same name may stand for a seam, a board and a
 * strip; a reference says which is meant. Equal by kind and names.
 */
public sealed interface WorkRef {
  static WorkRef seam(SeamId id) {
    return new OfSeam(id);
  }

  static WorkRef board(BoardId id) {
    return new OfBoard(id);
  }

  static WorkRef line(BoardId board, LineId line) {
    return new OfLine(board, line);
  }

  static WorkRef strip(StripId id) {
    return new OfStrip(id);
  }

  /** A seam between pieces. */
  record OfSeam(SeamId id) implements WorkRef {}

  /** All lines of a board, which is known by its piece. */
  record OfBoard(BoardId id) implements WorkRef {}

  /** A line of a board, which has its name from the board alone. */
  record OfLine(BoardId board, LineId id) implements WorkRef {}

  /** Fabric worked on: an edging the maker told, or rows that belong to a piece. */
  record OfStrip(StripId id) implements WorkRef {}

  /** Its name among work of its kind; of a line, among those of its board. */
  Id id();
}
