package ruxel.core.plan;

import java.util.List;
import ruxel.core.match.Phase;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.Wording;
import ruxel.core.plan.SeamPlan.PhasePair;
import ruxel.core.plan.SeamPlan.PhaseView;
import ruxel.core.seam.Seam;

/** Tells how repeats, ribs and stripes meet across a seam. */
final class Phases {
  private Phases() {}

  static List<PhaseView> of(SeamMatch match, Wording wording) {
    return Phase.of(match).stream()
        .map(
            phase ->
                new PhaseView(
                    phase.kind(), phase.pairs().stream().map(pair -> pair(match, pair)).toList(), phase.met(), phase.shift(),
                    phase.metAfter(), phase.worstMm(), words(phase, match.seam().seam(), wording)))
        .toList();
  }

  private static PhasePair pair(SeamMatch match, Phase.Pair pair) {
    return new PhasePair(match.a().lengthMm(0, pair.a()), match.b().lengthMm(0, pair.b()), pair.offMm(), pair.meetsAfter(0));
  }

  private static String words(Phase phase, Seam seam, Wording wording) {
    String marks = SeamWords.marks(phase.kind());
    if (phase.meets()) {
      return "All %d %s meet.".formatted(phase.pairs().size(), marks);
    }
    String now =
        "%d of %d %s meet; the worst misses by %s, %s."
            .formatted(phase.met(), phase.pairs().size(), marks, SeamWords.units(phase.worst(), phase.unit()), wording.difference(phase.worstMm()));
    return phase.metAfter() > phase.met()
        ? "%s Beginning %s %s on the %s would make %d meet."
            .formatted(
                now, SeamWords.units(phase.shift(), phase.unit()), phase.shift() > 0 ? "later" : "earlier", Wording.low(seam.b().name()), phase.metAfter())
        : now;
  }
}
