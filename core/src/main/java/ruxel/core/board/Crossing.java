package ruxel.core.board;

/** What is done where a line crosses one that was worked before, at the corner of four squares (handbook 13). */
public enum Crossing {
  SKIP("Pass over it", "Into the corner, over the earlier seam without slack, into the next corner."),
  CATCH("Catch the earlier seam", "One slip stitch round the earlier seam, between the two corners."),
  CIRCLE("Through all four corners", "Through the free loops of all four corners, pulled until they meet.");

  private final String title;
  private final String words;

  Crossing(String title, String words) {
    this.title = title;
    this.words = words;
  }

  public String title() {
    return title;
  }

  public String words() {
    return words;
  }
}
