package ruxel.core.strip;

import java.util.Optional;

/**
 * A band made separately, worked sideways in ribs and sewn on (handbook 11): what it is for, how wide, how high one of its rows is,
 * both mm, a number of rows the maker wants, and the method it is sewn on by.
 */
public record SeparateBand(Kind kind, double widthMm, double rowMm, Optional<Integer> rows, Optional<String> method) {
  public static final int MOST_ROWS = 5000;
  private static final double ROUNDING = 1e-9;

  /** By how much shorter than its edge a band is: usually, at least and at most (house defaults). */
  public enum Kind {
    NECKBAND("neckband", 0.90, 0.85, 0.95),
    COLLAR("collar", 0.90, 0.85, 0.95),
    CUFF("cuff", 0.90, 0.85, 0.95),
    HEM("hem band", 0.95, 0.85, 1.00),
    FRONT("front band", 1.00, 0.97, 1.03),
    BUTTON("button band", 1.00, 0.97, 1.03);

    private final String words;
    private final double usual;
    private final double least;
    private final double most;

    Kind(String words, double usual, double least, double most) {
      this.words = words;
      this.usual = usual;
      this.least = least;
      this.most = most;
    }

    public String words() {
      return words;
    }

    public double usual() {
      return usual;
    }
  }

  /** Rows for an edge of such a length: the wanted ones, else its usual share of it in whole ribs of two rows. */
  public int rowsFor(double edgeMm) {
    return rows.orElseGet(() -> Math.max(2, 2 * (int) Math.round(edgeMm * kind.usual / rowMm / 2)));
  }

  /** The fewest and the most whole ribs that its kind allows, in rows. */
  public int fewest(double edgeMm) {
    return 2 * (int) Math.ceil(edgeMm * kind.least / rowMm / 2 - ROUNDING);
  }

  public int most(double edgeMm) {
    return 2 * (int) Math.floor(edgeMm * kind.most / rowMm / 2 + ROUNDING);
  }

  public boolean fits(double edgeMm) {
    int count = rowsFor(edgeMm);
    return count >= fewest(edgeMm) && count <= Math.max(most(edgeMm), fewest(edgeMm));
  }
}
