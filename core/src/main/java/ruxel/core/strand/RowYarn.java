package ruxel.core.strand;

import ruxel.core.measure.Stitch;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;

/**
 * Yarn a piece took, from its area (handbook 8, house defaults until a swatch is weighed): so many cm for each cm of row, by how
 * high its rows are for the width of its stitches.
 */
public final class RowYarn {
  private RowYarn() {}

  /** Mm of yarn in a piece. Linear in its outline. */
  public static double mm(Piece piece) {
    Cloth cloth = piece.cloth();
    return piece.shape().areaMm2() / cloth.rowHeightMm() * Stitch.ofRow(cloth.rowHeightMm(), cloth.stitchWidthMm()).yarnPerLength();
  }
}
