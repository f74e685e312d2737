package ruxel.core.strand;

import ruxel.core.piece.Cloth;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;

/**
 * Yarn a piece took, from its area (handbook 8, house defaults until a swatch is weighed): so many cm for each cm of row, by how
 * high its rows are for the width of its stitches.
 */
public final class RowYarn {
  /** Rows at most so many stitch widths high, and what a cm of such a row takes. */
  private enum Row {
    SC(1.15, 5),
    HDC(1.5, 7),
    DC(2.1, 9),
    TR(Double.MAX_VALUE, 12);

    private final double highest;
    private final double mmPerMm;

    Row(double highest, double mmPerMm) {
      this.highest = highest;
      this.mmPerMm = mmPerMm;
    }
  }

  private RowYarn() {}

  /** Mm of yarn in a piece. Linear in its outline. */
  public static double mm(Piece piece) {
    Cloth cloth = piece.cloth();
    double high = cloth.rowHeightMm() / cloth.stitchWidthMm();
    for (Row row : Row.values()) {
      if (high <= row.highest) {
        return new Outline(piece).areaMm2() / cloth.rowHeightMm() * row.mmPerMm;
      }
    }
    throw new IllegalStateException("Rows of any height are known");
  }
}
