package ruxel.core.piece;

/** What is needed to draw the fabric: stitch width, row height, height of its ribbing and colours. */
public record Cloth(double stitchWidthMm, double rowHeightMm, double ribMm, Dye colour, Dye ribColour) {
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
