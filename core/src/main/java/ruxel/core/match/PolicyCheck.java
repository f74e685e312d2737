package ruxel.core.match;

import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.seam.Seam;

/** Whether an interval may be worked by the seam's surplus policy (model 3). */
final class PolicyCheck {
  private PolicyCheck() {}

  static Optional<Finding> of(Seam seam, Interval interval, SideLayout a, SideLayout b) {
    if (interval.placesA() == interval.placesB()) {
      return Optional.empty();
    }
    return switch (seam.working().surplus()) {
      case NOWHERE -> Optional.of(refused(FindingCode.COUNTS_DIFFER, seam, interval));
      case SKIP -> skipping(interval.stretchA(a), interval.stretchB(b)).map(code -> refused(code, seam, interval));
      case EVEN, TO_HIDDEN, TO_OPEN -> Optional.empty();
    };
  }

  /** Why too few places of the larger side may be left out: a stitch would be, or too many in a row. */
  private static Optional<FindingCode> skipping(Stretch a, Stretch b) {
    if (SkipTable.groups(a, b, From.START).isPresent()) {
      return Optional.empty();
    }
    boolean stitches = SkipTable.groups(a.withoutKept(), b.withoutKept(), From.START).isPresent();
    return Optional.of(stitches ? FindingCode.SKIP_STITCHES : FindingCode.SKIP_TOO_MANY);
  }

  private static Finding refused(FindingCode code, Seam seam, Interval interval) {
    return Finding.of(
        code, Where.seam(seam.id()),
        Fact.text("seam", seam.name()), Fact.text("start", interval.start().theName()), Fact.text("end", interval.end().theName()),
        Fact.count("a", interval.placesA()), Fact.count("b", interval.placesB()));
  }
}
