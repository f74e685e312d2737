package ruxel.core.strip;

/**
 * Which of the two loops on top of a stitch a round is worked into: the one on the right side of the fabric, or the one on its wrong side.
 * Stored as the loop it is; what it is called depends on the side that faces the maker (handbook 3).
 */
public enum Loop {
  RIGHT_SIDE("right side"),
  WRONG_SIDE("wrong side");

  private final String side;

  Loop(String side) {
    this.side = side;
  }

  /**
   * As the maker sees it: the front loop on a turned row is the back loop on an unturned round.
   *
   * @param wrongSideFaces whether the round is worked from the wrong side
   */
  public String words(boolean wrongSideFaces) {
    boolean isNear = (this == WRONG_SIDE) == wrongSideFaces;
    return "into the %s loops (those on the %s)".formatted(isNear ? "front" : "back", side);
  }
}
