package ruxel.core.plan;

import java.util.Locale;
import ruxel.core.match.Ease;
import ruxel.core.measure.Wording;
import ruxel.core.seam.Seam;

/** Sentences about a seam. */
final class SeamWords {
  private SeamWords() {}

  static String title(Seam seam) {
    String name = seam.name().toLowerCase(Locale.ROOT);
    return switch (seam.role()) {
      case ARMHOLE -> "Set in the " + name.replace("armhole", "sleeve");
      default -> "Join the " + name;
    };
  }

  static String direction(Seam seam) {
    return switch (seam.role()) {
      case SHOULDER -> "From the armhole edge in to the neck.";
      case ARMHOLE -> "From the front underarm, over the shoulder, to the back underarm.";
      case SIDE_SLEEVE -> "From the hem to the underarm, then on to the cuff.";
      default -> "From one end to the other.";
    };
  }

  static String ease(Ease ease, String nameA, String nameB, Wording wording) {
    String longer = (ease.aMm() >= ease.bMm() ? nameA : nameB).toLowerCase(Locale.ROOT);
    String by = "The " + longer + " is " + wording.difference(ease.differenceMm()) + " longer.";
    return switch (ease.verdict()) {
      case MATCHED -> ease.differenceMm() < 0.5 ? "Both are equally long." : by + " That disappears in the seam.";
      case EASE_EVENLY -> by + " Eased in evenly it lies flat after blocking; left alone it stands " + wording.difference(ease.rippleMm()) + " high.";
      case EASE_WITH_MARKERS -> by + " Set a marker at every checkpoint and ease between them; left alone it stands " + wording.difference(ease.rippleMm()) + " high.";
      case STOP -> by + " That is too much to ease: count both edges again before you join.";
    };
  }
}
