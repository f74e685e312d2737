package ruxel.core.garment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What may be dragged on a drop-shoulder body, and the answers that move together. */
final class DropShoulderHandles {
  private static final String NECK = "neck";
  private static final String ARMHOLE = "armhole";
  private static final String SLEEVE_TOP = "sleeve.top";
  private static final String BODY = "body";

  private DropShoulderHandles() {}

  static List<Handle> of(DropShoulderMeasures m) {
    double w = m.gauge().stitchWidthMm();
    double h = m.gauge().rowHeightMm();
    double height = m.bodyHeightMm();
    return List.of(
        new Handle(NECK, "Neck and shoulders", "a stitch more on each shoulder is two fewer for the neck", "back", m.shoulder() * w, height, w, 0),
        new Handle(ARMHOLE, "Armhole and sleeve top", "the sleeve top follows the armhole", "back", 0, height - m.armholeRows() * h, 0, -h),
        new Handle(SLEEVE_TOP, "Sleeve top", "the armhole stays as it is", "sleeve.left", (m.cuff() + m.sleeveTop()) * w / 2, m.sleeveHeightMm(), w, 0),
        new Handle(BODY, "Body and sleeve", "the sleeve gets shorter as the body gets wider, so that the reach stays", "back", m.back() * w, height / 2, w, 0));
  }

  /** The answers after {@code steps} steps; empty for an unknown handle. Those out of range are refused when laid out. */
  static Optional<Map<String, Integer>> dragged(DropShoulderMeasures m, String handle, int steps) {
    int chain = m.chainCounts() ? 1 : 0;
    double w = m.gauge().stitchWidthMm();
    double h = m.gauge().rowHeightMm();
    Map<String, Integer> moved = new LinkedHashMap<>();
    switch (handle) {
      case NECK -> moved.put("shoulderStitches", m.shoulder() + steps);
      case ARMHOLE -> {
        moved.put("armholeRows", m.armholeRows() + steps);
        moved.put("sleeveTopStitches", m.sleeveTop() - chain + (int) Math.round(2 * steps * h / w));
      }
      case SLEEVE_TOP -> moved.put("sleeveTopStitches", m.sleeveTop() - chain + 2 * steps);
      case BODY -> {
        moved.put("backStitches", m.back() - chain + 2 * steps);
        if (m.cardigan()) {
          moved.put("frontStitches", m.front() - chain + steps);
        }
        moved.put("shoulderStitches", m.shoulder() + steps);
        moved.put("sleeveRows", m.sleeveRows() - (int) Math.round(steps * w / h));
      }
      default -> {
        return Optional.empty();
      }
    }
    return Optional.of(moved);
  }
}
