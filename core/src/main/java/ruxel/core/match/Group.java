package ruxel.core.match;

/** p neighbouring places of A with q of B; one of the two is 1 (model 3). */
public record Group(int p, int q) {
  public Group {
    if (p < 1 || q < 1 || (p > 1 && q > 1)) {
      throw new IllegalArgumentException("Expected p or q to be 1 and none below (%d, %d)".formatted(p, q));
    }
  }

  public int size() {
    return Math.max(p, q);
  }
}
