package ruxel.core.construction;

import ruxel.core.piece.Advance;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

/** What lies along the level and the upright edges of a panel, and how wide one of each is, mm. */
record Grain(UnitKind base, UnitKind top, double across, UnitKind side, double up) {
  static Grain upright(Making making, boolean topDown) {
    UnitKind first = UnitKind.FOUNDATION_LOOP;
    UnitKind last = UnitKind.STITCH_TOP;
    return new Grain(topDown ? last : first, topDown ? first : last, making.w(), UnitKind.ROW_END, making.h());
  }

  static Grain sideways(Making making) {
    return new Grain(UnitKind.ROW_END, UnitKind.ROW_END, making.h(), UnitKind.STITCH_TOP, making.w());
  }

  /** Along the upper edge of a section. */
  Run tops(String run, int count) {
    return Run.plain(run, top, count, new Advance(-across, 0));
  }
}
