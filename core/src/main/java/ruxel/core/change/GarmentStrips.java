package ruxel.core.change;

import ruxel.core.construction.Construct;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Glued;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.strip.Strips;

/** The strips of a garment on its pieces as they are joined. */
public final class GarmentStrips {
  private GarmentStrips() {}

  /** Refused as its layout is. */
  public static Outcome<Strips> of(Garment garment) {
    return Layout.of(garment)
        .then(
            layout -> {
              Construct construct = layout.construct();
              return Outcome.of(of(layout, Glued.of(construct.pieces(), SeamMatch.all(construct.resolved().seams(), garment.rules()))));
            });
  }

  /**
   * @param glued the pieces as they are joined
   */
  public static Strips of(Layout layout, Glued glued) {
    return Strips.of(layout.construct().pieces(), glued.joins(), glued.gluing(), layout.strips(), layout.stitches());
  }
}
