package ruxel.core.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.SeamChange;
import ruxel.core.match.Phase;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.repair.Candidate.Promise;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/** Where repeats, ribs or stripes miss each other: begin them elsewhere, or pin pair to pair (handbook 6, phase). */
final class PhaseRepairs {
  private static final int MOST_PINS = 12;

  private final Situation situation;
  private final List<Candidate> candidates = new ArrayList<>();

  private PhaseRepairs(Situation situation) {
    this.situation = situation;
  }

  static List<Candidate> of(Situation situation) {
    PhaseRepairs repairs = new PhaseRepairs(situation);
    for (Phase phase : Phase.of(situation.match())) {
      if (!phase.meets()) {
        repairs.beginElsewhere(phase, Side.B);
        repairs.beginElsewhere(phase, Side.A);
        repairs.pin(phase);
      }
    }
    return repairs.candidates;
  }

  /** Moves every landmark of the kind on one side by the best shift; that of A is B's the other way round. */
  private void beginElsewhere(Phase phase, Side side) {
    int shift = side == Side.B ? phase.shift() : -phase.shift();
    if (shift == 0) {
      return;
    }
    List<Change> changes = new ArrayList<>();
    Optional<ResolvedSpan> first = Optional.empty();
    SideLayout layout = side == Side.A ? situation.match().a() : situation.match().b();
    for (ResolvedSpan span : layout.spans()) {
      for (Landmark landmark : span.edge().landmarks()) {
        if (landmark.kind() == phase.kind() && !landmark.cuts(span.edge()).isEmpty()) {
          changes.add(pushed(span, landmark, span.forward() ? shift : -shift));
          first = first.or(() -> Optional.of(span));
        }
      }
    }
    if (first.isEmpty()) {
      return;
    }
    int by = Math.abs(shift);
    UnitKind unit = first.get().edge().runOfUnit(first.get().from()).kind();
    String units = PlaceNames.words(by, unit);
    String piece = Wording.low(first.get().piece().name());
    candidates.add(
        new Candidate(
            Rung.BEGIN_ELSEWHERE, "Begin the %s of the %s %s %s %s, as the seam runs".formatted(words(phase), piece, Wording.number(by), units, shift > 0 ? "later" : "earlier"),
            "%d of %d meet now; then %d would.".formatted(phase.met(), phase.pairs().size(), phase.metAfter()),
            Promise.REPEATS_MEET, Effort.MUCH, "The %s is worked anew from its first %s; nothing if it is still to be made.".formatted(piece, one(phase)),
            "None for the seam.", changes));
  }

  private static Change pushed(ResolvedSpan span, Landmark landmark, int by) {
    List<Integer> cuts = landmark.cuts(span.edge());
    int start = cuts.get(0) + by;
    int times = cuts.size();
    // A row that is pushed over an end loses a mark there and gains one at the other end.
    if (times > 1 && start < 0) {
      start += landmark.every();
      times--;
    }
    while (times > 1 && start + (times - 1) * landmark.every() > span.edge().units()) {
      times--;
    }
    if (times > 1 && start >= landmark.every()) {
      start -= landmark.every();
      times++;
    }
    return new EdgeChange.LandmarkPut(
        span.piece().id(), span.edge().id(), landmark.id(), landmark.name(), landmark.kind(), start, landmark.every(), times, landmark.marker());
  }

  /** An anchor at each pair, up to a dozen: what lies between is eased, what is over goes to the ends. */
  private void pin(Phase phase) {
    int every = (phase.pairs().size() + MOST_PINS - 1) / MOST_PINS;
    List<Change> changes = new ArrayList<>();
    int lastB = 0;
    int lastA = 0;
    for (int i = 0; i < phase.pairs().size(); i += every) {
      Phase.Pair pair = phase.pairs().get(i);
      boolean inside = pair.a() > lastA && pair.b() > lastB && pair.a() < situation.match().a().size() && pair.b() < situation.match().b().size();
      if (inside) {
        String id = Seam.OWN_ANCHOR + Wording.low(phase.kind().name()) + "." + (i + 1);
        changes.add(new SeamChange.AnchorPinned(situation.seam().id(), id, one(phase) + " " + (i + 1), 2 * pair.a(), 2 * pair.b()));
        lastA = pair.a();
        lastB = pair.b();
      }
    }
    if (!changes.isEmpty()) {
      candidates.add(
          new Candidate(
              Rung.PIN, "Pin %s to %s".formatted(one(phase), one(phase)),
              "%s anchors, each at a pair; the worst pair is %s apart now."
                  .formatted(Wording.capital(Wording.number(changes.size())), situation.garment().wording().difference(phase.worstMm())),
              Promise.REPEATS_MEET, Effort.NONE, "Only the joining changes.", "What is over gathers before the first and behind the last pair.", changes));
    }
  }

  private static String words(Phase phase) {
    return one(phase) + "s";
  }

  private static String one(Phase phase) {
    return Wording.low(phase.kind().name());
  }
}
