package ruxel.core.change;

import java.util.Optional;
import ruxel.core.change.OwnSeam.SeamUnmade;
import ruxel.core.change.StripChange.StripRemoved;
import ruxel.core.decision.Decision;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;

/** Something told that has no place on the garment, taken away for good: a decision, a strip, or a seam of the maker's own. */
public record GoneRemoved(String gone) implements Change {
  @Override
  public Outcome<Garment> apply(Garment garment) {
    return Layout.of(garment).then(layout -> GarmentStrips.of(garment).then(strips -> {
      Optional<Decision> decision = garment.settings().decisions().stream().filter(each -> each.key().equals(gone)).findFirst();
      if (decision.isPresent() && decision.get() instanceof WorkedStrip worked && strips.find(worked.strip().id()).isEmpty()) {
        return new StripRemoved(worked.strip().id()).apply(garment);
      }
      if (decision.filter(layout.gone()::contains).isPresent()) {
        return Outcome.of(garment.withSettings(garment.settings().without(decision.get()::equals)));
      }
      SeamId lost = new SeamId(gone);
      boolean isLost =
          garment.seams().stream().anyMatch(seam -> seam.id().equals(lost))
              && layout.construct().resolved().seams().stream().noneMatch(seam -> seam.seam().id().equals(lost));
      return isLost ? new SeamUnmade(lost).apply(garment) : Outcome.refused(Finding.of(FindingCode.GONE_UNKNOWN, Where.path("$.gone"), Fact.text("value", gone)));
    }));
  }

  @Override
  public String label(Names names) {
    return "Removed what has no place";
  }
}
