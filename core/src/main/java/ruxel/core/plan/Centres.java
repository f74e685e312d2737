package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.match.PlacedAnchor;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.seam.SeamRole.Stage;
import ruxel.core.seam.Side;

/** A piece set in flat whose middle does not meet the seam it runs across hangs askew, or is upside down (model 4). */
final class Centres {
  private Centres() {}

  static List<Finding> off(SeamMatch match) {
    List<Finding> findings = new ArrayList<>();
    if (match.seam().seam().role().stage() == Stage.SET_IN_FLAT) {
      for (Side side : Side.values()) {
        findings.addAll(off(match, side));
      }
    }
    return findings;
  }

  /** Of a side in one span, at the anchors on the other side's seam places. */
  private static List<Finding> off(SeamMatch match, Side side) {
    SideLayout own = side == Side.A ? match.a() : match.b();
    SideLayout other = side == Side.A ? match.b() : match.a();
    List<Finding> findings = new ArrayList<>();
    for (PlacedAnchor anchor : own.spans().size() == 1 ? match.anchors() : List.<PlacedAnchor>of()) {
      int at = side == Side.A ? anchor.a() : anchor.b();
      int offHalves = Math.abs(at - own.size());
      if (other.isSeamPlace(side == Side.A ? anchor.b() : anchor.a()) && offHalves > 1) {
        findings.add(
            Finding.of(
                FindingCode.OFF_CENTRE, Where.seam(match.seam().seam().id()), Fact.text("seam", match.seam().seam().name()),
                Fact.text("piece", own.spans().get(0).piece().name()), Fact.difference("gap", offHalves / 2.0 * own.places().get(0).widthMm())));
      }
    }
    return findings;
  }
}
