package ruxel.core.change;

import java.util.List;
import ruxel.core.decision.StripCount;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Glued;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.piece.Piece;
import ruxel.core.seam.SeamResolver;
import ruxel.core.strip.Strips;

/** The strips of a garment on its pieces as they are joined. */
public final class GarmentStrips {
  private GarmentStrips() {}

  /** Refused as its layout is. */
  public static Outcome<Strips> of(Garment garment) {
    return Layout.of(garment)
        .then(
            layout -> {
              List<Piece> pieces = layout.construct().pieces();
              Glued glued = Glued.of(pieces, SeamMatch.all(SeamResolver.resolve(pieces, layout.construct().seams()).seams(), garment.rules()));
              return Outcome.of(of(garment, pieces, glued));
            });
  }

  /**
   * @param glued the pieces as they are joined
   */
  public static Strips of(Garment garment, List<Piece> pieces, Glued glued) {
    return Strips.of(
        pieces, glued.joins(), glued.gluing(), garment.settings().of(WorkedStrip.class).stream().map(WorkedStrip::strip).toList(),
        garment.settings().of(StripCount.class).stream().map(StripCount::stitches).toList());
  }
}
