package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ruxel.core.decision.Decision;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.WorkRef;
import ruxel.core.layout.LaidNames;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Strips;

/** What the maker told that has no place on the garment as it is now (model 5): kept, with what it was, until it has a place again or is removed. */
final class GoneList {
  private final Garment garment;
  private final Layout layout;

  GoneList(Garment garment, Layout layout) {
    this.garment = garment;
    this.layout = layout;
  }

  /**
   * Linear in all that was decided.
   *
   * @param resolved the seams that are on the pieces
   */
  List<GarmentPlan.Gone> all(List<ResolvedSeam> resolved, Strips strips) {
    List<GarmentPlan.Gone> gone = new ArrayList<>();
    Set<SeamId> there = resolved.stream().map(seam -> seam.seam().id()).collect(Collectors.toSet());
    garment.seams().stream().filter(seam -> !there.contains(seam.id())).map(GoneList::seam).forEach(gone::add);
    garment.settings().of(WorkedStrip.class).stream().filter(worked -> strips.find(worked.strip().id()).isEmpty()).map(worked -> strip(worked, strips)).forEach(gone::add);
    LaidNames names = new LaidNames(Optional.of(layout.construct()), garment.settings(), garment.wording());
    layout.gone().stream().distinct().map(decision -> decision(decision, names)).forEach(gone::add);
    return List.copyOf(gone);
  }

  private static GarmentPlan.Gone seam(Seam seam) {
    return new GarmentPlan.Gone(seam.id().text(), Optional.of(WorkRef.seam(seam.id())), "The seam %s: %s to %s.".formatted(Wording.low(seam.name()), seam.a().name(), Wording.uncapital(seam.b().name())), List.of());
  }

  private GarmentPlan.Gone strip(WorkedStrip worked, Strips strips) {
    Strip strip = worked.strip();
    Wording wording = garment.wording();
    String rounds = strip.rounds().stream().map(round -> round.stitch().name(wording.terms())).collect(Collectors.joining(", "));
    String made = strip.band().map(band -> band.kind().words()).orElse(rounds.isEmpty() ? "as its mirror image" : "%s: %s".formatted(Wording.counted(strip.rounds().size(), "rounds"), rounds));
    List<String> why = strips.refusals().getOrDefault(strip.id(), List.of()).stream().map(finding -> finding.sentence(wording)).toList();
    return new GarmentPlan.Gone(worked.key(), Optional.of(WorkRef.strip(strip.id())), "The %s: %s.".formatted(Wording.low(strip.name()), made), why);
  }

  private static GarmentPlan.Gone decision(Decision decision, LaidNames names) {
    return new GarmentPlan.Gone(decision.key(), Optional.empty(), Wording.capital(decision.told(names)) + ".", List.of());
  }
}
