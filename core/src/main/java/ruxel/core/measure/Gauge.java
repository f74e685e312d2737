package ruxel.core.measure;

/**
 * Stitches and rows over ten centimetres or four inches, blocked, kept as the maker told them
 * (handbook 2, model 1).
 */
public record Gauge(double stitches, double rows, Over over) {
  /** The length a gauge was counted over. */
  public enum Over {
    TEN_CM(100),
    FOUR_INCHES(101.6);

    private final double mm;

    Over(double mm) {
      this.mm = mm;
    }

    public double mm() {
      return mm;
    }
  }

  public Gauge {
    if (!(stitches > 0 && rows > 0 && stitches < 1000 && rows < 1000)) {
      throw new IllegalArgumentException(
          "Expected stitches and rows above 0 and below 1000 (%s, %s)".formatted(stitches, rows));
    }
  }

  public double stitchWidthMm() {
    return over.mm() / stitches;
  }

  public double rowHeightMm() {
    return over.mm() / rows;
  }
}
