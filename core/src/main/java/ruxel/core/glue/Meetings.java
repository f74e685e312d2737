package ruxel.core.glue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.glue.GluedJoin.Meeting;
import ruxel.core.match.Joints.Joint;
import ruxel.core.match.PlacedAnchor;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.seam.Side;

/**
 * Finds what each break of a planned seam's side meets on the other side (model 4): the partner of its anchor; else,
 * when both sides have equally many spans, the break of the same number; else the border between groups of the worked
 * plan next to it, or the middle of the unit joined to its seam place. Images lie strictly inside the other side and
 * increase strictly; one that would not moves to the nearest free half unit, forward where there is one.
 */
public final class Meetings {
  /** A break of A, of B, or one of each that meet; half units along each side. A position that may give way is a wish. */
  private record Break(int a, boolean aIsFixed, int b, boolean bIsFixed) {
    static Break of(Side side, int own, int wish) {
      return side == Side.A ? new Break(own, true, wish, false) : new Break(wish, false, own, true);
    }

    boolean isDecided() {
      return aIsFixed && bIsFixed;
    }
  }

  private final SeamMatch match;
  private final List<Break> breaks = new ArrayList<>();

  private Meetings(SeamMatch match) {
    this.match = match;
  }

  /** The seam as it is glued; refused when its spans are finer than the other side's stitches can take. */
  public static Outcome<GluedJoin> of(SeamMatch match) {
    Meetings meetings = new Meetings(match);
    meetings.find();
    return meetings
        .increasing()
        .map(found -> Outcome.of(GluedJoin.of(match.seam(), found)))
        .orElseGet(
            () ->
                Outcome.refused(
                    Finding.of(
                        FindingCode.SPANS_TOO_FINE, Where.seam(match.seam().seam().id()), Fact.text("seam", match.seam().seam().name()),
                        Fact.count("a", match.a().spans().size()), Fact.count("b", match.b().spans().size()))));
  }

  private void find() {
    List<Integer> onA = match.a().breaks();
    List<Integer> onB = match.b().breaks();
    anchored(Side.A, onA);
    anchored(Side.B, onB);
    for (int i = 0; i < Math.max(onA.size(), onB.size()); i++) {
      Optional<Integer> a = unmet(Side.A, onA, i);
      Optional<Integer> b = unmet(Side.B, onB, i);
      if (onA.size() == onB.size() && a.isPresent() && b.isPresent() && fits(a.get(), b.get())) {
        breaks.add(new Break(a.get(), true, b.get(), true));
        continue;
      }
      if (a.isPresent()) {
        breaks.add(Break.of(Side.A, a.get(), half(Side.B, planned(Side.A, onA.get(i)))));
      }
      if (b.isPresent()) {
        breaks.add(Break.of(Side.B, b.get(), half(Side.A, planned(Side.B, onB.get(i)))));
      }
    }
  }

  /** Breaks at an anchor meet its partner; nothing moves these. */
  private void anchored(Side side, List<Integer> cuts) {
    for (int cut : cuts) {
      for (PlacedAnchor anchor : match.anchors()) {
        if (isAt(layout(side), position(anchor, side), cut)) {
          int own = half(side, 2 * cut);
          int other = half(side.other(), position(anchor, side.other()));
          Break met = new Break(side == Side.A ? own : other, true, side == Side.A ? other : own, true);
          if (met.a() > 0 && met.b() > 0 && met.a() < halves(Side.A) && met.b() < halves(Side.B) && fits(met.a(), met.b())) {
            breaks.add(met);
          }
        }
      }
    }
  }

  /** The half unit of a break that no anchor decides. */
  private Optional<Integer> unmet(Side side, List<Integer> cuts, int index) {
    return Optional.of(index)
        .filter(i -> i < cuts.size())
        .map(i -> half(side, 2 * cuts.get(i)))
        .filter(own -> breaks.stream().noneMatch(met -> side == Side.A ? met.aIsFixed() && met.a() == own : met.bIsFixed() && met.b() == own));
  }

  /** Whether a pair increases with all pairs that are decided. */
  private boolean fits(int a, int b) {
    return breaks.stream().filter(Break::isDecided).allMatch(met -> a < met.a() && b < met.b() || a > met.a() && b > met.b());
  }

  private int half(Side side, int halfPlace) {
    return layout(side).unitHalfOf(halfPlace);
  }

  /** At the cut itself, or at the seam place that is worked there. */
  private static boolean isAt(SideLayout side, int halfPlace, int placeCut) {
    return halfPlace == 2 * placeCut || halfPlace == 2 * placeCut - 1 && side.isSeamPlace(halfPlace);
  }

  private static int position(PlacedAnchor anchor, Side side) {
    return side == Side.A ? anchor.a() : anchor.b();
  }

  /** The border between groups of the worked plan next before a break. */
  private int planned(Side side, int placeCut) {
    int border = 0;
    for (Joint joint : match.joints()) {
      int ownPlace = side == Side.A ? joint.a() : joint.b();
      int otherPlace = side == Side.A ? joint.b() : joint.a();
      if (ownPlace >= placeCut) {
        break;
      }
      if (joint.groupEnds() && otherPlace >= 0) {
        border = otherPlace + 1;
      }
    }
    return 2 * border;
  }

  private SideLayout layout(Side side) {
    return side == Side.A ? match.a() : match.b();
  }

  private int halves(Side side) {
    return 2 * match.seam().units(side);
  }

  /** One meeting for each break, strictly inside and strictly increasing on both sides; none when there is no room. */
  private Optional<List<Meeting>> increasing() {
    List<Break> sorted = merged();
    List<Meeting> kept = new ArrayList<>();
    Meeting last = new Meeting(0, 0);
    for (int i = 0; i < sorted.size(); i++) {
      Break here = sorted.get(i);
      Optional<Integer> a = here.aIsFixed() ? fixed(here.a(), last.a()) : free(here.a(), last.a(), room(sorted, i, Side.A));
      Optional<Integer> b = here.bIsFixed() ? fixed(here.b(), last.b()) : free(here.b(), last.b(), room(sorted, i, Side.B));
      if (a.isEmpty() || b.isEmpty()) {
        return Optional.empty();
      }
      last = new Meeting(a.get(), b.get());
      kept.add(last);
    }
    return Optional.of(kept);
  }

  /** Along the seam; a break whose image is a break of the other side meets that one. */
  private List<Break> merged() {
    for (Break one : List.copyOf(breaks)) {
      for (Break two : List.copyOf(breaks)) {
        boolean areOfBoth = one.aIsFixed() && !one.bIsFixed() && two.bIsFixed() && !two.aIsFixed();
        if (areOfBoth && (one.b() == two.b() || one.a() == two.a()) && breaks.contains(one) && breaks.contains(two) && fits(one.a(), two.b())) {
          breaks.remove(one);
          breaks.remove(two);
          breaks.add(new Break(one.a(), true, two.b(), true));
        }
      }
    }
    return breaks.stream().sorted(Comparator.comparingInt(this::gap).thenComparingInt(Break::a).thenComparingInt(Break::b)).toList();
  }

  /** Where among the pairs that are decided a break lies: they at odd numbers, what is between them at even ones. */
  private int gap(Break one) {
    long before = breaks.stream().filter(Break::isDecided).filter(met -> one.aIsFixed() ? met.a() < one.a() : met.b() < one.b()).count();
    return 2 * (int) before + (one.isDecided() ? 1 : 0);
  }

  private static Optional<Integer> fixed(int position, int before) {
    return position > before ? Optional.of(position) : Optional.empty();
  }

  /** The first position behind this break that is taken on a side, less the images that must fit before it. */
  private int room(List<Break> sorted, int index, Side side) {
    int images = 0;
    for (Break later : sorted.subList(index + 1, sorted.size())) {
      if (side == Side.A ? later.aIsFixed() : later.bIsFixed()) {
        return (side == Side.A ? later.a() : later.b()) - 1 - images;
      }
      images++;
    }
    return halves(side) - 1 - images;
  }

  private static Optional<Integer> free(int wish, int before, int last) {
    int position = Math.min(Math.max(wish, before + 1), last);
    return position > before ? Optional.of(position) : Optional.empty();
  }
}
