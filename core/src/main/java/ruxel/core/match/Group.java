package ruxel.core.match;

/**
 * p neighbouring places of A with q of B; one of the two is 1 (model 3). With the other 0 the place is
 * left out.
 */
public record Group(int p, int q) {
  public Group {
    if (p < 0 || q < 0 || (p != 1 && q != 1)) {
      throw new IllegalArgumentException("Expected p or q to be 1 and none below 0 (%d, %d)".formatted(p, q));
    }
  }

  public int size() {
    return Math.max(p, q);
  }

  /** Whether the place is passed over. */
  public boolean leftOut() {
    return p == 0 || q == 0;
  }

  /** Passings of hook or needle. */
  public int joints() {
    return leftOut() ? 0 : size();
  }
}
