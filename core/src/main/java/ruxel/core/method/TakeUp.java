package ruxel.core.method;

import java.util.Optional;
import ruxel.core.match.Place;
import ruxel.core.match.SideLayout;

/**
 * The strip of a piece that disappears inside a seam (handbook 3), in mm: so many stitch widths of the piece
 * where the seam takes row ends, nothing on stitch tops.
 */
public final class TakeUp {
  private TakeUp() {}

  /** Stitch widths lost on row ends (house defaults). */
  static double stitchWidths(Method method) {
    return switch (method.family()) {
      case WHIP, SLIP_STITCH, SINGLE_CROCHET, MATTRESS_WOVEN -> 0.5;
      case BACKSTITCH -> 1;
      case JOIN_AS_YOU_GO, LACE -> 0;
    };
  }

  /** Widest strip lost on a side; 0 without a method or without row ends. */
  public static double mm(Optional<Method> method, SideLayout side) {
    double stitches = method.map(TakeUp::stitchWidths).orElse(0.0);
    double widest = 0;
    for (Place place : side.places()) {
      if (place.run().kind().isRowEnd()) {
        widest = Math.max(widest, stitches * place.span().piece().cloth().stitchWidthMm());
      }
    }
    return widest;
  }
}
