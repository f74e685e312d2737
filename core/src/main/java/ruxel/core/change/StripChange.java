package ruxel.core.change;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.Settings;
import ruxel.core.decision.StripCount;
import ruxel.core.decision.StripStep;
import ruxel.core.decision.StripYarn;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.MirrorImage;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Stitches;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Strips;
import ruxel.core.strip.Trial;
import ruxel.core.strip.Trims;
import ruxel.core.strip.WorkedOn;

/** Fabric worked onto the garment: edgings and bands (handbook 11). */
public sealed interface StripChange extends Change {
  /** An edging more; refused where it cannot be worked. */
  record StripAdded(Strip strip) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return StripCheck.checked(strip).then(checked -> room(garment, strip.id())).then(free -> workable(free.withSettings(free.settings().with(new WorkedStrip(strip))), strip.id()));
    }

    @Override
    public List<String> added() {
      return List.of(strip.id().text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new StripAdded(strip.withId(new StripId(ids.get(0))));
    }

    @Override
    public String label(Names names) {
      return "Added an edging: " + strip.name().strip();
    }
  }

  /** An edging told anew, in its own place among the others; refused where it cannot be worked. */
  record StripTold(Strip strip) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      WorkedStrip told = new WorkedStrip(strip);
      return StripCheck.checked(strip)
          .then(checked -> known(garment, strip.id()))
          .then(known -> workable(garment.withSettings(garment.settings().carried(decision -> decision.replaces(told) ? told : decision)), strip.id()));
    }

    @Override
    public String label(Names names) {
      return "Told an edging: " + strip.name().strip();
    }
  }

  /** An edging laid on another edge, from a spot to a spot, or round the opening of one: what was counted along the edge it had is kept there. */
  record StripLaidOn(StripId strip, Spot from, Optional<Spot> to) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, strip)
          .then(found -> new StripTold(new Strip(strip, found.name(), from, to, found.rounds(), found.multiple(), found.straightOn(), found.trims(), found.band(), found.mirrorOf())).apply(garment));
    }

    @Override
    public String label(Names names) {
      return "Laid %s on the %s".formatted(names.strip(strip), names.edge(from.piece(), from.edge()));
    }
  }

  /**
   * A band worked on sideways in the place of an edging. It stands on stitches: where the edge has none, the edging is a row of them, an
   * even number, and the band the edging {@code next} on it.
   */
  record BandWorkedOn(StripId strip, RibBand band, StripId next) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      RibBand wanted = band.asWorkedOn();
      return known(garment, strip)
          .then(found -> StripCheck.checked(banded(found, wanted)).then(checked -> GarmentStrips.of(garment)).then(strips -> onto(garment, found, wanted, strips)));
    }

    private Outcome<Garment> onto(Garment garment, Strip found, RibBand wanted, Strips strips) {
      Optional<WorkedOn> worked = strips.find(strip);
      if (worked.isEmpty()) {
        return Outcome.refused(strips.refusals().getOrDefault(strip, List.of()));
      }
      if (RibBand.standsOn(worked.get().line())) {
        return new StripTold(banded(found, wanted)).apply(garment);
      }
      Strip row = new Strip(strip, found.name(), found.from(), found.to(), List.of(wanted.rowBefore()), new Strip.Multiple(2, 0), found.straightOn(), Trims.NONE, Optional.empty(), Optional.empty());
      return new StripTold(row).apply(garment).then(with -> GarmentStrips.of(with).then(now -> new StripAdded(onRow(wanted, now.find(strip).orElseThrow())).apply(with)));
    }

    @Override
    public List<String> added() {
      return List.of(next.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new BandWorkedOn(strip, band, new StripId(ids.get(0)));
    }

    private static Strip banded(Strip found, RibBand wanted) {
      return new Strip(found.id(), found.name(), found.from(), found.to(), found.rounds(), found.multiple(), found.straightOn(), found.trims(), Optional.of(wanted), found.mirrorOf());
    }

    private Strip onRow(RibBand wanted, WorkedOn row) {
      return new Strip(next, Wording.capital(wanted.kind().words()), row.outerStart(), row.outerEnd(), List.of(), Strip.Multiple.ANY, false, Trims.NONE, Optional.of(wanted), Optional.empty());
    }

    @Override
    public String label(Names names) {
      return "Worked a band onto " + names.strip(strip);
    }
  }

  /** The same on the other side, as the mirror image of one; it keeps to that one's rounds and counts. */
  record StripMirrored(StripId strip, StripId mirror, String name) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, strip).then(known -> Layout.of(garment).then(layout -> mirrored(garment, layout.strip(strip).orElseThrow(), layout.construct().pieces())));
    }

    private Outcome<Garment> mirrored(Garment garment, Strip original, List<Piece> pieces) {
      MirrorImage image = new MirrorImage(pieces);
      if (Stream.concat(Stream.of(original.from()), original.to().stream()).anyMatch(spot -> Pieces.find(pieces, spot.piece()).flatMap(piece -> piece.twinAmong(pieces)).isEmpty())) {
        return Outcome.refused(Finding.of(FindingCode.STRIP_NO_TWIN, Where.edge(original.from().piece(), original.from().edge()), Fact.text("strip", original.name())));
      }
      // The way round a mirror image leads from the image of the end to that of the start.
      Spot from = original.to().map(image::of).orElseGet(() -> unit(image, original.from()));
      Optional<Spot> to = original.to().map(end -> image.of(original.from()));
      return new StripAdded(new Strip(mirror, name, from, to, List.of(), Strip.Multiple.ANY, false, original.trims(), Optional.empty(), Optional.of(strip))).apply(garment);
    }

    @Override
    public List<String> added() {
      return List.of(mirror.text());
    }

    @Override
    public Change withAdded(List<String> ids) {
      return new StripMirrored(strip, new StripId(ids.get(0)), name);
    }

    /** The image of the unit that begins at a spot. */
    private static Spot unit(MirrorImage image, Spot spot) {
      Spot of = image.of(Spot.unit(spot.piece(), spot.edge(), spot.cut()));
      return Spot.cut(of.piece(), of.edge(), of.cut());
    }

    @Override
    public String label(Names names) {
      return "Worked the same on the other side: " + name.strip();
    }
  }

  /** An edging that is not worked after all. */
  record StripRemoved(StripId strip) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, strip)
          .then(
              found -> {
                List<String> others =
                    garment.settings().of(WorkedStrip.class).stream().map(WorkedStrip::strip).filter(other -> standsOn(other, strip)).map(other -> Wording.low(other.name())).toList();
                if (!others.isEmpty()) {
                  return Outcome.refused(
                      Finding.of(FindingCode.STRIP_STOOD_ON, Where.edge(found.from().piece(), found.from().edge()), Fact.text("strip", found.name()), Fact.text("others", Wording.all(others))));
                }
                Settings left = garment.settings().without(WorkedStrip.class, strip).without(StripYarn.class, strip).without(StripStep.class, strip).without(decision -> decision instanceof StripCount count && count.stitches().strip().equals(strip));
                return Outcome.of(garment.withSettings(left));
              });
    }

    private static boolean standsOn(Strip other, StripId strip) {
      return other.mirrorOf().filter(strip::equals).isPresent() || Stream.concat(Stream.of(other.from()), other.to().stream()).anyMatch(spot -> spot.piece().equals(strip.face()));
    }

    @Override
    public String label(Names names) {
      return "Took out " + names.strip(strip);
    }
  }

  /** Stitches of the stretch that holds a spot: so many are wanted, or as a list found by trial has them, so many were worked; none of all takes them back. */
  record StripStitches(StripId strip, Spot at, Optional<Integer> wanted, Optional<Integer> worked, List<Integer> trial) implements StripChange {
    public StripStitches {
      trial = List.copyOf(trial);
    }

    public StripStitches(StripId strip, Spot at, Optional<Integer> wanted, Optional<Integer> worked) {
      this(strip, at, wanted, worked, List.of());
    }

    @Override
    public Outcome<Garment> apply(Garment garment) {
      if (!trial.isEmpty() && (!Trial.isGood(trial) || wanted.isPresent())) {
        return Outcome.refused(
            Finding.of(FindingCode.STRIP_TRIAL, Where.edge(at.piece(), at.edge()), Fact.count("places", Trial.LONGEST), Fact.count("most", Trial.MOST_IN_ONE)));
      }
      if (Stream.concat(wanted.stream(), worked.stream()).anyMatch(count -> count < 1 || count > Stitches.MOST)) {
        return Outcome.refused(
            Finding.of(FindingCode.STRIP_RANGE, Where.edge(at.piece(), at.edge()), Fact.text("what", "a count of stitches"), Fact.text("least", "1"), Fact.text("most", Integer.toString(Stitches.MOST))));
      }
      Optional<StripCount> told = Optional.of(new StripCount(new Stitches(strip, at, wanted, worked, trial))).filter(count -> !count.stitches().tellsNothing());
      return known(garment, strip).then(found -> workable(garment.withSettings(garment.settings().with(StripCount.class, told, strip, at)), strip));
    }

    @Override
    public String label(Names names) {
      return wanted.or(() -> worked).map(count -> "%s: %d stitches on the %s".formatted(names.strip(strip), count, names.edge(at.piece(), at.edge()))).orElse("Took back a count of " + names.strip(strip));
    }
  }

  /** The step of an edging put before a seam, or after all of them. Refused where it waits for that seam, or a later one. */
  record StripMoved(StripId strip, Optional<SeamId> before) implements StripChange {
    @Override
    public Outcome<Garment> apply(Garment garment) {
      return known(garment, strip).then(found -> Layout.of(garment).then(layout -> StripMove.of(garment, layout.construct(), found, before)));
    }

    @Override
    public String label(Names names) {
      return "Put %s %s".formatted(names.strip(strip), before.map(seam -> "before " + names.seam(seam)).orElse("after all seams"));
    }
  }

  /** Whether there is such a strip, told by itself or as rows on a piece. */
  static Outcome<Garment> knownOrRows(Garment garment, StripId id) {
    return EdgingRows.find(garment.settings(), id).isPresent() ? Outcome.of(garment) : known(garment, id).then(found -> Outcome.of(garment));
  }

  static Outcome<Strip> known(Garment garment, StripId id) {
    return garment.settings().on(WorkedStrip.class, id)
        .map(worked -> Outcome.of(worked.strip()))
        .orElseGet(() -> Outcome.refused(Finding.of(FindingCode.STRIP_UNKNOWN, Where.path("$.settings.strips"), Fact.text("value", id))));
  }

  /** The garment, where its strip can be worked. */
  private static Outcome<Garment> workable(Garment garment, StripId id) {
    return GarmentStrips.of(garment).then(strips -> strips.find(id).isPresent() ? Outcome.of(garment) : Outcome.refused(strips.refusals().getOrDefault(id, List.of())));
  }

  /** The garment, where there is room for one more, and nothing else is called so. */
  private static Outcome<Garment> room(Garment garment, StripId id) {
    int others = garment.settings().of(WorkedStrip.class).size();
    if (garment.settings().on(WorkedStrip.class, id).isPresent()) {
      return Outcome.refused(Finding.of(FindingCode.ID_TAKEN, Where.NOWHERE.ofStrip(id), Fact.text("value", id)));
    }
    if (others >= WorkedStrip.MOST) {
      return Outcome.refused(
          Finding.of(FindingCode.TOO_MANY, Where.path("$.settings.strips"), Fact.count("count", others + 1L), Fact.text("what", "edgings"), Fact.count("most", WorkedStrip.MOST)));
    }
    return Layout.of(garment)
        .then(layout -> Pieces.find(layout.construct().pieces(), id.face()).isPresent() ? Outcome.refused(Finding.of(FindingCode.ID_TAKEN, Where.piece(id.face()), Fact.text("value", id))) : Outcome.of(garment));
  }
}
