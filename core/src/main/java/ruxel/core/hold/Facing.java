package ruxel.core.hold;

/** How two pieces face each other while they are joined. */
public enum Facing {
  RIGHT_SIDES_TOGETHER("right sides together"),
  WRONG_SIDES_TOGETHER("wrong sides together"),
  FLAT_RIGHT_SIDES_UP("flat, right sides up"),
  FLAT_WRONG_SIDES_UP("flat, wrong sides up");

  private final String words;

  Facing(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  public boolean isFlat() {
    return this == FLAT_RIGHT_SIDES_UP || this == FLAT_WRONG_SIDES_UP;
  }

  /** Whether the wrong sides of what is joined lie outside, or up. */
  public boolean isInsideOut() {
    return first() == Face.WRONG_SIDE;
  }

  /** What is seen of the nearest piece, or of both that lie flat. */
  Face first() {
    return this == WRONG_SIDES_TOGETHER || this == FLAT_RIGHT_SIDES_UP ? Face.RIGHT_SIDE : Face.WRONG_SIDE;
  }

  /** The side of a fabric that the maker sees. */
  public enum Face {
    RIGHT_SIDE,
    WRONG_SIDE;

    public Face other() {
      return this == RIGHT_SIDE ? WRONG_SIDE : RIGHT_SIDE;
    }
  }
}
