package ruxel.core.piece;

/**
 * What is needed to draw the fabric: stitch width, row height, height of its ribbing and colours.
 *
 * @param countedChain the chains of a turning chain that counts as a stitch; 0 where none does
 */
public record Cloth(double stitchWidthMm, double rowHeightMm, double ribMm, Dye colour, Dye ribColour, int countedChain) {
  public static final int MOST_CHAINS = 12;

  public Cloth(double stitchWidthMm, double rowHeightMm, double ribMm, Dye colour, Dye ribColour) {
    this(stitchWidthMm, rowHeightMm, ribMm, colour, ribColour, 0);
  }

  /** Yarn colours by the dye plant they come from; the screens know how each looks. */
  public enum Dye {
    WOAD,
    MADDER,
    WELD,
    LICHEN,
    MULBERRY,
    IRON,
    LINEN
  }
}
