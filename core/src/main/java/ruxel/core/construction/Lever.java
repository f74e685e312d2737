package ruxel.core.construction;

import ruxel.core.identity.SeamId;
import ruxel.core.seam.Side;

/**
 * An answer that makes one side of a seam longer or shorter: so many mm for one more (handbook 7). Moving a
 * boundary only moves a marker; otherwise pieces are worked anew.
 */
public record Lever(SeamId seam, Side side, String answer, String label, double perUnitMm, boolean boundary) {
  /** The same of a seam that is still to be told. */
  record Moving(Side side, String answer, String label, double perUnitMm, boolean boundary) {
    Lever of(SeamId seam) {
      return new Lever(seam, side, answer, label, perUnitMm, boundary);
    }
  }
}
