package ruxel.core.change;

import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.TurnedSeam;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.hold.Facing;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.layout.SeamDirections;
import ruxel.core.measure.Wording;
import ruxel.core.method.Method;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;

/** How seams lie in the maker's hands, and at which end these begin. */
public sealed interface HoldChange extends Change {
  /** How the pieces are held while a seam is joined, or all whose method allows it; empty takes it back. */
  record FacingChosen(Optional<SeamId> seam, Optional<Facing> facing) implements HoldChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Outcome<Garment> chosen = Outcome.of(garment.withSettings(garment.settings().with(ChosenFacing.class, facing.map(of -> new ChosenFacing(seam, of)), seam)));
      return seam.isEmpty()
          ? chosen
          : Layout.of(garment).then(layout -> Seams.named(layout.construct().seams(), seam.get())).then(found -> refusal(found, garment.wording()).map(Outcome::<Garment>refused).orElse(chosen));
    }

    private Optional<Finding> refusal(Seam found, Wording wording) {
      return found.method()
          .flatMap(Method::of)
          .filter(method -> facing.filter(of -> !method.facings().contains(of)).isPresent())
          .map(
              method ->
                  Finding.of(
                      FindingCode.FACING_NOT_ALLOWED, Where.seam(found.id()), Fact.text("method", method.title(wording)), Fact.text("value", facing.get().words()),
                      Fact.text("choices", method.facings().stream().map(Facing::words).collect(Collectors.joining("; or ")))));
    }

    @Override
    public String label(Names names) {
      String of = seam.map(names::seam).orElse("the whole garment");
      return facing.map(chosen -> "Held %s: %s".formatted(of, chosen.words())).orElseGet(() -> "Took back how the pieces of %s are held".formatted(of));
    }
  }

  /** Begun at its other end than now. */
  record SeamTurned(SeamId seam) implements HoldChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return resolved(garment).then(now -> SeamDirections.isByARow(now) ? Outcome.refused(byARow(now)) : turned(garment, now));
    }

    private Outcome<Garment> turned(Garment garment, ResolvedSeam now) {
      Garment turned = told(garment, true);
      boolean isAlready = resolved(turned) instanceof Outcome.Good<ResolvedSeam> found && found.value().a().equals(now.a());
      return Outcome.of(isAlready ? told(garment, false) : turned);
    }

    private Garment told(Garment garment, boolean isTurned) {
      return garment.withSettings(garment.settings().with(new TurnedSeam(seam, isTurned)));
    }

    private Outcome<ResolvedSeam> resolved(Garment garment) {
      return Layout.of(garment).then(layout -> Seams.resolved(layout.construct().pieces(), layout.construct().seams(), seam));
    }

    private static Finding byARow(ResolvedSeam seam) {
      return Finding.of(FindingCode.DIRECTION_BY_ROW, Where.seam(seam.seam().id()), Fact.text("seam", seam.seam().name()), Fact.text("start", seam.ends().start()), Fact.text("end", seam.ends().end()));
    }

    @Override
    public String label(Names names) {
      return "Turned " + names.seam(seam) + " to begin at its other end";
    }
  }
}
