package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Answers;
import ruxel.core.decision.ChosenMethod;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.Settings;
import ruxel.core.decision.SideWorking;
import ruxel.core.decision.WorkedSeam;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.CarriedCuts;
import ruxel.core.layout.Layout;
import ruxel.core.match.AnchorMove;
import ruxel.core.measure.Ids;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seams;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

/** What a maker decides of a single seam: how it is worked, and anchors of their own. */
public sealed interface SeamChange extends Change {
  SeamId seam();

  /** The change on a seam that exists on today's pieces. */
  Outcome<Garment> on(Garment garment, ResolvedSeam resolved);

  @Override
  default Outcome<Garment> apply(Garment garment) {
    return Layout.of(garment)
        .then(layout -> Seams.resolved(layout.construct().pieces(), layout.construct().seams(), seam()))
        .then(found -> on(garment, found));
  }

  /** An anchor moved on one side to a position in half places along the seam (2k cut, 2k + 1 place). */
  record AnchorMoved(SeamId seam, String anchor, Side side, int position) implements SeamChange {
    @Override
    public Outcome<Garment> on(Garment garment, ResolvedSeam resolved) {
      return AnchorMove.spot(resolved, anchor, side, position, garment.rules())
          .then(spot -> Outcome.of(garment.withSettings(garment.settings().with(new MovedAnchor(seam, anchor, side, CarriedCuts.fromRun(resolved, spot))))));
    }

    @Override
    public String label(Names names) {
      return "Moved %s of %s".formatted(names.anchor(seam, anchor), names.seam(seam));
    }
  }

  /** A joining method chosen for a seam. */
  record MethodChosen(SeamId seam, String method) implements SeamChange {
    @Override
    public Outcome<Garment> on(Garment garment, ResolvedSeam resolved) {
      return MethodCheck.of(garment, resolved, method)
          .then(allowed -> Outcome.of(garment.withSettings(garment.settings().with(new ChosenMethod(seam, method)))));
    }

    @Override
    public String label(Names names) {
      return "Chose %s for %s".formatted(names.method(method), names.seam(seam));
    }
  }

  /**
   * Where the surplus goes, together or each, what rows and spaces give, how much fullness is meant (a share) and on which side, and
   * whether its seam places are worked.
   */
  record SeamWorked(SeamId seam, Way working) implements SeamChange {
    /** Fullness as a share; {@code fuller} empty is the longer side. */
    public record Way(boolean together, Surplus surplus, double fullness, Optional<Side> fuller, boolean seamPlaces, SideWorking a, SideWorking b) {
      Seam.Working working() {
        return new Seam.Working(together, surplus, fullness, fuller, seamPlaces);
      }
    }

    /** With the fullness on the longer side, if there is any. */
    public SeamWorked(SeamId seam, boolean together, Surplus surplus, double fullness, boolean seamPlaces, SideWorking a, SideWorking b) {
      this(seam, new Way(together, surplus, fullness, Optional.empty(), seamPlaces, a, b));
    }

    @Override
    public Outcome<Garment> on(Garment garment, ResolvedSeam resolved) {
      double fullness = working.fullness();
      if (!(fullness >= 0 && fullness <= Seam.Working.MOST_FULLNESS)) {
        return Outcome.refused(
            Finding.of(
                FindingCode.FULLNESS_RANGE, Where.seam(seam), Fact.count("most", Math.round(100 * Seam.Working.MOST_FULLNESS)),
                Fact.text("value", new Answers.Numeric(100 * fullness).text())));
      }
      for (SideWorking side : List.of(working.a(), working.b())) {
        if (side.placesPerRow().filter(places -> places < 1 || places > Seam.MOST_PLACES_PER_ROW).isPresent()) {
          return Outcome.refused(
              Finding.of(FindingCode.PLACES_PER_ROW, Where.seam(seam), Fact.text("value", side.placesPerRow().get().toString())));
        }
      }
      return Outcome.of(garment.withSettings(garment.settings().with(new WorkedSeam(seam, working.working(), working.a(), working.b()))));
    }

    @Override
    public String label(Names names) {
      String how =
          switch (working.surplus()) {
            case EVEN -> "spread evenly";
            case TO_HIDDEN -> "steered to the hidden end";
            case TO_OPEN -> "steered to the other end";
            case SKIP -> "passed over";
            case NOWHERE -> "refused";
          };
      return "Surplus of %s %s".formatted(names.seam(seam), how);
    }
  }

  /** An anchor of the maker's own: half places of A and B that meet (2k the cut before place k, 2k + 1 place k). */
  record AnchorPinned(SeamId seam, Pin pin) implements SeamChange {
    /** An anchor's id and name, and the half places of both sides. */
    public record Pin(String id, String name, int a, int b) {}

    public AnchorPinned(SeamId seam, String id, String name, int positionA, int positionB) {
      this(seam, new Pin(id, name, positionA, positionB));
    }

    @Override
    public Outcome<Garment> on(Garment garment, ResolvedSeam resolved) {
      String id = pin.id();
      String trimmed = pin.name().strip();
      if (trimmed.isEmpty() || trimmed.length() > Garment.MOST_NAME) {
        return Outcome.refused(
            Finding.of(FindingCode.NAME_LENGTH, Where.seam(seam), Fact.count("most", Garment.MOST_NAME), Fact.count("count", trimmed.length())));
      }
      boolean isOwn = garment.settings().on(OwnAnchor.class, seam, id).isPresent();
      boolean isTaken = !isOwn && (resolved.seam().anchor(id).isPresent() || id.equals(Seam.START) || id.equals(Seam.END));
      if (!Ids.isWellFormed(id) || isTaken) {
        return Outcome.refused(
            Finding.of(isTaken ? FindingCode.ID_TAKEN : FindingCode.ID_FORM, Where.seam(seam), Fact.text("value", id)));
      }
      return AnchorMove.pinned(resolved, id, trimmed, pin.a(), pin.b(), garment.rules())
          .then(
              pinned -> {
                Anchor anchor =
                    new Anchor(pinned.id(), pinned.name(), CarriedCuts.fromRun(resolved, pinned.a()), CarriedCuts.fromRun(resolved, pinned.b()));
                return Outcome.of(garment.withSettings(withoutMoves(garment.settings(), seam, id).with(new OwnAnchor(seam, anchor))));
              });
    }

    @Override
    public String label(Names names) {
      return "Pinned %s of %s".formatted(pin.name().strip(), names.seam(seam));
    }
  }

  /** An anchor of the maker's own taken out again. */
  record AnchorRemoved(SeamId seam, String anchor) implements SeamChange {
    @Override
    public Outcome<Garment> on(Garment garment, ResolvedSeam resolved) {
      List<OwnAnchor> pins = garment.settings().of(OwnAnchor.class);
      if (garment.settings().on(OwnAnchor.class, seam, anchor).isEmpty()) {
        List<String> choices = new ArrayList<>();
        pins.stream().filter(pin -> pin.seam().equals(seam)).map(OwnAnchor::anchor).map(Anchor::id).forEach(choices::add);
        return Outcome.refused(
            Finding.of(
                FindingCode.UNKNOWN_ANCHOR, Where.seam(seam), Fact.text("seam", resolved.seam().name()), Fact.text("value", anchor),
                Fact.text("choices", choices.isEmpty() ? "none: only anchors you added can be removed" : String.join(", ", choices))));
      }
      return Outcome.of(garment.withSettings(withoutMoves(garment.settings(), seam, anchor).without(OwnAnchor.class, seam, anchor)));
    }

    @Override
    public String label(Names names) {
      return "Took %s off %s".formatted(names.anchor(seam, anchor), names.seam(seam));
    }
  }

  /** Without where an anchor was moved to. */
  private static Settings withoutMoves(Settings settings, SeamId seam, String anchor) {
    return settings.without(decision -> decision instanceof MovedAnchor moved && moved.seam().equals(seam) && moved.anchor().equals(anchor));
  }
}
