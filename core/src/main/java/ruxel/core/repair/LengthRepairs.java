package ruxel.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.SeamChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Lever;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.FindingCode;
import ruxel.core.match.Ease;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.repair.Candidate.Promise;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;
import ruxel.core.seam.TwinSeam;

/** Where the lengths differ: ease, steer, pass over, move a boundary, block, work anew, gather (handbook 7.2–7.6). */
final class LengthRepairs {
  private final Situation situation;
  private final Wording wording;
  private final double lengthA;
  private final double lengthB;
  private final List<Candidate> candidates = new ArrayList<>();

  private LengthRepairs(Situation situation) {
    this.situation = situation;
    wording = situation.garment().wording();
    lengthA = situation.match().a().lengthMm(0, situation.match().a().size());
    lengthB = situation.match().b().lengthMm(0, situation.match().b().size());
  }

  static List<Candidate> of(Situation situation) {
    LengthRepairs repairs = new LengthRepairs(situation);
    Ease.Verdict verdict = situation.seamPlan().ease().map(ease -> ease.verdict()).orElse(Ease.Verdict.STOP);
    repairs.ease(verdict);
    if (verdict != Ease.Verdict.MATCHED) {
      situation.construct().levers().stream().filter(lever -> lever.seam().equals(situation.seam().id())).forEach(repairs::lever);
      repairs.takeBack();
      repairs.block();
      repairs.gather(verdict);
    }
    return repairs.candidates;
  }

  private double share() {
    return Math.abs(lengthA - lengthB) / Math.max(lengthA, lengthB);
  }

  private String longer() {
    return Wording.low((lengthA >= lengthB ? situation.seam().a() : situation.seam().b()).name());
  }

  private void ease(Ease.Verdict verdict) {
    Surplus now = situation.seam().working().surplus();
    boolean differ = situation.match().a().size() != situation.match().b().size();
    boolean mayEase = verdict != Ease.Verdict.STOP && !situation.seam().role().isShoulder();
    if (!differ) {
      return;
    }
    for (Surplus surplus : List.of(Surplus.TO_HIDDEN, Surplus.EVEN, Surplus.SKIP)) {
      boolean sayable = situation.seamPlan().working().choices().stream().anyMatch(c -> c.surplus() == surplus && c.reason().isEmpty());
      if (mayEase && surplus != now && sayable) {
        candidates.add(
            new Candidate(
                Rung.EASE, title(surplus),
                "The %s is %s longer, %s: %s".formatted(longer(), wording.difference(Math.abs(lengthA - lengthB)), wording.percent(share()), words(surplus)),
                Promise.CAN_BE_WORKED, Effort.NONE, "Only the joining changes.", risk(surplus), worked(surplus, 0)));
      }
    }
  }

  private String title(Surplus surplus) {
    return surplus == Surplus.EVEN
        ? "Ease it in evenly"
        : surplus == Surplus.SKIP ? "Pass over what is too many" : "Steer the surplus " + choice(surplus);
  }

  private String choice(Surplus surplus) {
    return situation.seamPlan().working().choices().stream()
        .filter(choice -> choice.surplus() == surplus)
        .map(choice -> Wording.uncapital(choice.title()))
        .findFirst()
        .orElseThrow();
  }

  private static String words(Surplus surplus) {
    return switch (surplus) {
      case TO_HIDDEN, TO_OPEN -> "it gathers where it is not seen, all else is joined one to one.";
      case SKIP -> "some row ends or spaces are left out, one at a time.";
      case EVEN, NOWHERE -> "spread over the whole length it lies flat after blocking.";
    };
  }

  private static String risk(Surplus surplus) {
    return switch (surplus) {
      case TO_HIDDEN, TO_OPEN -> "A small pucker at that end.";
      case SKIP -> "A place passed over may show as a hole in loose fabric.";
      case EVEN, NOWHERE -> "Stripes and repeats shift a little against each other.";
    };
  }

  /** On this seam, and on the one on the other side where it has the same counts: left and right are worked alike. */
  private List<Change> worked(Surplus surplus, double fullness) {
    List<Change> changes = new ArrayList<>(List.of(worked(situation.seam(), surplus, fullness)));
    TwinSeam.of(situation.seam(), situation.construct().seams(), situation.construct().pieces())
        .filter(twin -> counts(twin).equals(Optional.of(situation.seamPlan().counts())))
        .ifPresent(twin -> changes.add(worked(twin, surplus, fullness)));
    return changes;
  }

  private Optional<String> counts(Seam seam) {
    return situation.plan().seams().stream().filter(plan -> plan.id().equals(seam.id())).map(plan -> plan.counts()).findFirst();
  }

  /** The side that is the longer now, where the seam calls it the same. */
  private Optional<Side> fuller(Seam seam, double fullness) {
    Side longer = lengthA >= lengthB ? Side.A : Side.B;
    return Optional.of(longer).filter(side -> fullness > 0 && seam.side(side).name().equals(situation.seam().side(side).name()));
  }

  private SeamChange.SeamWorked worked(Seam seam, Surplus surplus, double fullness) {
    return new SeamChange.SeamWorked(
        seam.id(),
        new SeamChange.SeamWorked.Way(
            seam.working().together(), surplus, fullness, fuller(seam, fullness), seam.working().seamPlaces(),
            new SideWorking(seam.a().placesPerRow(), seam.a().spaces()),
            new SideWorking(seam.b().placesPerRow(), seam.b().spaces())));
  }

  private void lever(Lever lever) {
    double wantedMm = lever.side() == Side.A ? lengthB - lengthA : lengthA - lengthB;
    int by = (int) Math.round(wantedMm / lever.perUnitMm());
    Optional<Integer> now = now(lever.answer());
    if (by == 0 || now.isEmpty() || now.get() + by < 1) {
      return;
    }
    int wanted = now.get() + by;
    String title = "%s: %d instead of %d".formatted(lever.label(), wanted, now.get());
    String words =
        "That makes the %s %s long; the other side has %s."
            .formatted(
                Wording.low(situation.seam().side(lever.side()).name()),
                wording.length((lever.side() == Side.A ? lengthA : lengthB) + by * lever.perUnitMm()),
                wording.length(lever.side() == Side.A ? lengthB : lengthA));
    candidates.add(
        new Candidate(
            lever.boundary() ? Rung.MOVE_BOUNDARY : Rung.ADD_OR_TAKE_OUT, title, words, Promise.LENGTHS_MEET,
            lever.boundary() ? Effort.LITTLE : Effort.MUCH,
            lever.boundary() ? "Markers move; nothing is worked again." : "Pieces that are made already are worked anew there, on both sides.",
            lever.boundary() ? "The fit changes with it: try it on before joining." : "None for the seam; more work.",
            List.of(new Change.AnswersChanged(Map.of(lever.answer(), Optional.of(new Answers.Numeric(wanted)))))));
  }

  private Optional<Integer> now(String answer) {
    return situation.garment().recipe()
        .flatMap(recipe -> recipe.answers().get(answer))
        .map(Answers.Answer::text)
        .or(() -> Optional.ofNullable(situation.construct().told().assumed().get(answer)))
        .map(text -> (int) Math.round(Double.parseDouble(text)));
  }

  /** The side that is one whole edge is blocked to the length of the other; a recipe's twin goes with it. */
  private void block() {
    double most = situation.garment().rules().get(Rule.BLOCKING_SHARE);
    for (Side side : Side.values()) {
      SideLayout layout = side == Side.A ? situation.match().a() : situation.match().b();
      double own = side == Side.A ? lengthA : lengthB;
      double wanted = side == Side.A ? lengthB : lengthA;
      boolean oneEdge = layout.spans().size() == 1 && layout.spans().get(0).isWholeEdge();
      if (oneEdge && Math.abs(wanted - own) / own <= most) {
        ResolvedSpan span = layout.spans().get(0);
        candidates.add(
            new Candidate(
                Rung.BLOCK, "Block the %s of the %s to %s".formatted(span.edge().name(), Wording.low(span.piece().name()), wording.length(wanted)),
                "It is %s now; %s %s.".formatted(wording.length(own), wording.percent(Math.abs(wanted - own) / own), wanted > own ? "wider" : "narrower"),
                Promise.LENGTHS_MEET, Effort.SOME, "Wet it, pin it to measure, let it dry flat.",
                "Only for fibres that hold it: not for acrylic that was not heat-set, nor for elastic ribbing.", blocked(span.piece(), span.edge(), wanted)));
      }
    }
  }

  /** The edge, and its mirror image where that has the same count. */
  private List<Change> blocked(Piece piece, Edge edge, double mm) {
    List<Change> changes = new ArrayList<>(List.of(new EdgeChange.EdgeMeasured(piece.id(), edge.id(), Optional.of(mm))));
    piece.twinAmong(situation.construct().pieces())
        .flatMap(twin -> twin.edge(piece.edgeOnTwin(twin, edge.id())).filter(like -> like.units() == edge.units()).map(like -> new EdgeChange.EdgeMeasured(twin.id(), like.id(), Optional.of(mm))))
        .filter(change -> !changes.contains(change))
        .ifPresent(changes::add);
    return changes;
  }

  /** Fullness that was told for a side and is not there: perhaps it is not meant at all. */
  private void takeBack() {
    Seam.Working working = situation.seam().working();
    if (working.fullness() > 0) {
      candidates.add(
          new Candidate(
              Rung.EASE, "Mean no fullness here",
              "Without the %s that are meant, the two differ by %s, %s.".formatted(wording.percent(working.fullness()), wording.difference(Math.abs(lengthA - lengthB)), wording.percent(share())),
              Promise.LENGTHS_MEET, Effort.NONE, "Only the joining changes.", "None, if the fullness was told by mistake.", worked(working.surplus(), 0)));
    }
  }

  private void gather(Ease.Verdict verdict) {
    boolean much = verdict == Ease.Verdict.STOP || verdict == Ease.Verdict.EASE_WITH_MARKERS;
    double fullness = Math.max(lengthA, lengthB) / Math.min(lengthA, lengthB) - 1;
    if (!much || fullness > Seam.Working.MOST_FULLNESS || situation.seam().role().isShoulder() || situation.says(FindingCode.ROWS_DIFFER)) {
      return;
    }
    boolean cap = situation.seam().role().stage() == SeamRole.Stage.SET_IN_FLAT;
    candidates.add(
        new Candidate(
            Rung.GATHER, cap ? "Gather it on purpose, as a puff sleeve" : "Gather it on purpose",
            "The %s is meant to be %s fuller%s.".formatted(longer(), wording.percent(fullness), cap ? ", gathered beside the shoulder" : ", spread along the seam"),
            Promise.LENGTHS_MEET, Effort.NONE, "Only the joining changes.", "It shows: the seam will not lie flat.",
            worked(cap ? Surplus.TO_OPEN : Surplus.EVEN, fullness)));
  }
}
