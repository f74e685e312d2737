package ruxel.core.layout;

import java.util.List;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripCount;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Strip;

/** The strips the maker told, by the edges they were told by, on the edges as they are laid out. */
record CarriedStrips(List<Carries> carries) {
  List<Strip> strips(Settings settings) {
    return settings.of(WorkedStrip.class).stream().map(worked -> worked.strip().moved(this::cut, this::unit)).toList();
  }

  List<Stitches> stitches(Settings settings) {
    return settings.of(StripCount.class).stream().map(count -> count.stitches().moved(this::unit)).toList();
  }

  private Spot cut(Spot spot) {
    return Carries.all(carries, spot);
  }

  /** Where the unit lies that begins at a cut. */
  private Spot unit(Spot spot) {
    Spot carried = Carries.all(carries, Spot.unit(spot.piece(), spot.edge(), spot.cut()));
    return Spot.cut(carried.piece(), carried.edge(), carried.cut());
  }
}
