package ruxel.core.match;

import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;

/** Whether an interval may be worked by the seam's surplus policy (model 3). */
final class PolicyCheck {
  private PolicyCheck() {}

  static Optional<Finding> of(Seam seam, Interval interval, SideLayout a, SideLayout b) {
    if (interval.placesA() == interval.placesB()) {
      return Optional.empty();
    }
    if (seam.working().surplus() == Surplus.NOWHERE) {
      return Optional.of(refused(FindingCode.COUNTS_DIFFER, seam, interval));
    }
    boolean largerIsA = interval.placesA() > interval.placesB();
    SideLayout larger = largerIsA ? a : b;
    int from = largerIsA ? interval.aFromInclusive() : interval.bFromInclusive();
    int to = largerIsA ? interval.aToExclusive() : interval.bToExclusive();
    boolean stitches = larger.places().subList(from, to).stream().anyMatch(place -> !place.run().kind().mayBePassedOver());
    return seam.working().surplus() == Surplus.SKIP && stitches
        ? Optional.of(refused(FindingCode.SKIP_STITCHES, seam, interval))
        : Optional.empty();
  }

  /** So many would have to be passed over that too many lie in a row. */
  static Finding tooFew(Seam seam, Interval interval) {
    return refused(FindingCode.SKIP_TOO_MANY, seam, interval);
  }

  private static Finding refused(FindingCode code, Seam seam, Interval interval) {
    return Finding.of(
        code, Where.seam(seam.id()),
        Fact.text("seam", seam.name()), Fact.text("start", interval.start().theName()), Fact.text("end", interval.end().theName()),
        Fact.count("a", interval.placesA()), Fact.count("b", interval.placesB()));
  }
}
