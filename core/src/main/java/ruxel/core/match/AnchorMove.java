package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/**
 * Where an anchor may be put on one side of a seam: a wished position, if the seam can be cut there, or
 * the findings that say why not.
 */
public final class AnchorMove {
  private AnchorMove() {}

  public static Outcome<Anchor.Spot> spot(
      ResolvedSeam seam, String anchorId, Side side, int position, HouseRules rules) {
    Optional<Anchor> anchor = seam.seam().anchor(anchorId);
    if (anchor.isEmpty()) {
      String choices = String.join(", ", seam.seam().anchors().stream().map(Anchor::id).toList());
      return Outcome.refused(
          Finding.of(
              FindingCode.UNKNOWN_ANCHOR, Where.seam(seam.seam().id()),
              Fact.text("seam", seam.seam().name()), Fact.text("value", anchorId), Fact.text("choices", choices)));
    }
    SideLayout layout = SideLayout.of(seam, side, rules);
    if (position < 0 || position > 2 * layout.size()) {
      return Outcome.refused(
          Finding.of(
              FindingCode.ANCHOR_OFF_SEAM, Where.seam(seam.seam().id()),
              Fact.text("anchor", anchor.get().name()), Fact.text("seam", seam.seam().name())));
    }
    Anchor moved = anchor.get().with(side, layout.spotAt(position));
    Seam changed =
        seam.seam().withAnchors(
            seam.seam().anchors().stream().map(other -> other.id().equals(anchorId) ? moved : other).toList());
    List<Finding> findings =
        Intervals.of(seam, changed, SideLayout.of(seam, Side.A, rules), SideLayout.of(seam, Side.B, rules)).findings();
    return findings.isEmpty() ? Outcome.of(moved.spot(side)) : Outcome.refused(findings);
  }

  /** A new anchor of a seam, or one with the same id put elsewhere, at half places of both sides. */
  public static Outcome<Anchor> pinned(
      ResolvedSeam seam, String id, String name, int positionA, int positionB, HouseRules rules) {
    SideLayout a = SideLayout.of(seam, Side.A, rules);
    SideLayout b = SideLayout.of(seam, Side.B, rules);
    if (positionA < 0 || positionA > 2 * a.size() || positionB < 0 || positionB > 2 * b.size()) {
      return Outcome.refused(
          Finding.of(
              FindingCode.ANCHOR_OFF_SEAM, Where.seam(seam.seam().id()), Fact.text("anchor", name), Fact.text("seam", seam.seam().name())));
    }
    Anchor anchor = new Anchor(id, name, a.spotAt(positionA), b.spotAt(positionB));
    List<Anchor> all = new ArrayList<>(seam.seam().anchors().stream().filter(other -> !other.id().equals(id)).toList());
    all.add(anchor);
    List<Finding> findings = Intervals.of(seam, seam.seam().withAnchors(all), a, b).findings();
    return findings.isEmpty() ? Outcome.of(anchor) : Outcome.refused(findings);
  }

  /**
   * Whether an anchor of a seam has its place on both sides and keeps the seam plannable.
   *
   * @param resolved the spans on which {@code seam}, the same seam with other anchors, lies
   */
  public static boolean stands(ResolvedSeam resolved, Seam seam, String anchorId, HouseRules rules) {
    return seam.anchor(anchorId)
        .filter(
            anchor -> {
              SideLayout a = SideLayout.of(resolved, Side.A, rules);
              SideLayout b = SideLayout.of(resolved, Side.B, rules);
              boolean onBoth = a.positionOf(anchor.a()).isPresent() && b.positionOf(anchor.b()).isPresent();
              return onBoth && Intervals.of(resolved, seam, a, b).findings().isEmpty();
            })
        .isPresent();
  }
}
