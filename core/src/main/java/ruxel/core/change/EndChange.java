package ruxel.core.change;

import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Construct;
import ruxel.core.decision.EndedSeam;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.CarriedCuts;
import ruxel.core.layout.Given;
import ruxel.core.layout.Layout;
import ruxel.core.match.SideLayout;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.MirrorImage;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.TwinSeam;

/** How far a seam goes: it may end before its end, and the rest of it stays open. */
public sealed interface EndChange extends Change {
  SeamId seam();

  /** Ended once so many places of its sides are joined, counted from its start; a unit that is begun is joined. */
  record SeamEnded(SeamId seam, int a, int b) implements EndChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment)
          .then(layout -> Seams.resolved(layout.construct().pieces(), layout.construct().seams(), seam))
          .then(
              found -> {
                SideLayout sideA = SideLayout.of(found, Side.A, garment.rules());
                SideLayout sideB = SideLayout.of(found, Side.B, garment.rules());
                if (a < 1 || a > sideA.size() || b < 1 || b > sideB.size()) {
                  return Outcome.refused(nothingOpen(found.seam()));
                }
                Spot onA = CarriedCuts.fromRun(found, sideA.cutAfter(a));
                Spot onB = CarriedCuts.fromRun(found, sideB.cutAfter(b));
                return ended(garment, found.seam(), new EndedSeam.End(onA, onB, sideA.places().get(a - 1).span().span().along()), end(garment, seam));
              });
    }

    @Override
    public String label(Names names) {
      return "Ended %s, the rest stays open".formatted(names.seam(seam));
    }
  }

  /** Ended where its twin on the other side of the wearer is, or joined whole as that is. */
  record SeamEndedAlike(SeamId seam) implements EndChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Given.of(garment).then(given -> Layout.of(garment.withSettings(garment.settings().without(EndedSeam.class::isInstance))).then(whole -> alike(garment, whole.construct(), new MirrorImage(given.construct().pieces()))));
    }

    private Outcome<Garment> alike(Garment garment, Construct whole, MirrorImage mirror) {
      return Seams.named(whole.seams(), seam)
          .then(
              mine -> {
                Optional<Seam> twin = TwinSeam.of(mine, whole.seams(), whole.pieces());
                if (twin.isEmpty()) {
                  return Outcome.refused(Finding.of(FindingCode.SEAM_WITHOUT_TWIN, Where.seam(seam), Fact.text("seam", mine.name())));
                }
                Optional<EndedSeam> there = garment.settings().on(EndedSeam.class, twin.get().id());
                return there.isEmpty()
                    ? Outcome.of(whole(garment, seam))
                    : ended(garment, mine, image(there.get().at(), whole.resolved(twin.get().id()).orElseThrow(), TwinSeam.sameSides(mine, twin.get(), whole.pieces()), mirror), Optional.empty());
              });
    }

    /** A mirror turns the way round an edge. */
    private static EndedSeam.End image(EndedSeam.End there, ResolvedSeam twin, boolean sameSides, MirrorImage mirror) {
      boolean isAsThen = along(twin.a(), there.a()) == there.along();
      Span.Along along = along(sameSides ? twin.a() : twin.b(), sameSides ? there.a() : there.b());
      Spot a = mirror.of(sameSides ? there.a() : there.b());
      Spot b = mirror.of(sameSides ? there.b() : there.a());
      return new EndedSeam.End(a, b, isAsThen ? along.opposite() : along);
    }

    private static Span.Along along(List<ResolvedSpan> side, Spot cut) {
      return side.stream().filter(span -> span.piece().id().equals(cut.piece()) && span.edge().id().equals(cut.edge())).findFirst().orElse(side.get(0)).span().along();
    }

    @Override
    public String label(Names names) {
      return "Ended %s as on the other side".formatted(names.seam(seam));
    }
  }

  /** Joined to its own end again. */
  record SeamWhole(SeamId seam) implements EndChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return Layout.of(garment).then(layout -> Seams.named(layout.construct().seams(), seam)).then(found -> Outcome.of(whole(garment, seam)));
    }

    @Override
    public String label(Names names) {
      return "Joined %s to its end again".formatted(names.seam(seam));
    }
  }

  /** Opened again: it goes on to where it ended before, to its own end otherwise. */
  record SeamReopened(SeamId seam) implements EndChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      Optional<EndedSeam.End> before = garment.settings().on(EndedSeam.class, seam).flatMap(EndedSeam::before);
      Garment opened = garment.withSettings(garment.settings().with(EndedSeam.class, before.map(end -> new EndedSeam(seam, end, Optional.empty())), seam));
      return Layout.of(garment).then(layout -> Seams.named(layout.construct().seams(), seam)).then(found -> Outcome.of(opened));
    }

    @Override
    public String label(Names names) {
      return "Opened %s again".formatted(names.seam(seam));
    }
  }

  private static Optional<EndedSeam.End> end(Garment garment, SeamId seam) {
    return garment.settings().on(EndedSeam.class, seam).map(EndedSeam::at);
  }

  private static Garment whole(Garment garment, SeamId seam) {
    return garment.withSettings(garment.settings().without(EndedSeam.class, seam));
  }

  /** Refused where the seam cannot be parted there. */
  private static Outcome<Garment> ended(Garment garment, Seam seam, EndedSeam.End at, Optional<EndedSeam.End> before) {
    EndedSeam end = new EndedSeam(seam.id(), at, before);
    Garment changed = garment.withSettings(garment.settings().with(end));
    return Layout.of(changed).then(layout -> layout.gone().contains(end) ? Outcome.refused(nothingOpen(seam)) : Given.standing(changed, List.of(seam.id())));
  }

  private static Finding nothingOpen(Seam seam) {
    return Finding.of(FindingCode.SEAM_END_NOWHERE, Where.seam(seam.id()), Fact.text("seam", seam.name()));
  }
}
