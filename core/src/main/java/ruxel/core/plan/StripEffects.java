package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.glue.Opening;
import ruxel.core.measure.Wording;
import ruxel.core.seam.Join;
import ruxel.core.strip.Junction;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.WorkedOn;

/** What a strip changes on the garment, in words (handbook 11, heights count). */
record StripEffects(StripNames names, Assembly assembly, Set<Join> shoulders, Wording wording) {
  List<String> of(WorkedOn worked, Optional<Opening> opening) {
    double high = worked.heightMm();
    List<String> effects = new ArrayList<>();
    if (worked.line().round()) {
      effects.add("%s round before, %s after.".formatted(wording.length(worked.line().lengthMm()), wording.length(worked.outerMm())));
    } else {
      effects.add("%s before, %s after.".formatted(wording.length(worked.line().lengthMm()), wording.length(worked.outerMm())));
    }
    Optional<ExpectedOpening.Kind> kind = opening.flatMap(assembly::kindOf);
    kind.map(of -> switch (of) {
      case NECK -> "The neck gets %s narrower and %s less deep.".formatted(wording.length(2 * high), wording.length(high));
      case ARMHOLE -> "The armhole lies %s further out.".formatted(wording.length(high));
      case CUFF -> "The sleeve gets %s longer.".formatted(wording.length(high));
      case HEM -> "The body gets %s longer.".formatted(wording.length(high));
      case FRONT -> "Each edge it runs along moves out by %s: fronts wider, hem longer, neck narrower.".formatted(wording.length(high));
      case OTHER -> "The edge moves out by %s.".formatted(wording.length(high));
    }).ifPresent(effects::add);
    neckWidth(worked).ifPresent(effects::add);
    return effects;
  }

  /** The back neck, from shoulder to shoulder, before and after. */
  private Optional<String> neckWidth(WorkedOn worked) {
    double back = 0;
    double since = 0;
    boolean isBehindShoulder = worked.line().round() && isShoulder(worked.line().junctions().get(worked.line().junctions().size() - 1));
    for (int i = 0; i < worked.line().stretches().size(); i++) {
      Stretch stretch = worked.line().stretches().get(i);
      boolean isShoulder = isShoulder(worked.line().junctions().get(i));
      since = isBehindShoulder && names.piece(stretch).isBack() ? since + stretch.lengthMm() : 0;
      back = isShoulder ? Math.max(back, since) : back;
      isBehindShoulder = isShoulder || isBehindShoulder && names.piece(stretch).isBack();
      since = isShoulder ? 0 : since;
    }
    return back > 0 ? Optional.of("Neck %s wide, %s with it.".formatted(wording.length(back), wording.length(Math.max(0, back - 2 * worked.heightMm())))) : Optional.empty();
  }

  private boolean isShoulder(Junction junction) {
    return junction.crossed().stream().anyMatch(shoulders::contains);
  }
}
