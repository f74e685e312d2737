package ruxel.core.identity;

/** A board, known by the piece it is. */
public record BoardId(PieceId piece) implements Id {
  public static BoardId of(String piece) {
    return new BoardId(new PieceId(piece));
  }

  @Override
  public String text() {
    return piece.text();
  }

  @Override
  public String toString() {
    return text();
  }
}
