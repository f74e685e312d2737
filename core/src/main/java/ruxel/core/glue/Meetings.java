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
    boolean likeNumbered = onA.size() == onB.size();
    for (int i = 0; i < Math.max(onA.size(), onB.size()); i++) {
      Optional<Integer> fromA = i < onA.size() ? anchored(Side.A, onA.get(i)) : Optional.empty();
      Optional<Integer> fromB = i < onB.size() ? anchored(Side.B, onB.get(i)) : Optional.empty();
      if (likeNumbered && fromA.isEmpty() && fromB.isEmpty()) {
        breaks.add(new Break(half(Side.A, 2 * onA.get(i)), true, half(Side.B, 2 * onB.get(i)), true));
        continue;
      }
      if (i < onA.size()) {
        int cut = onA.get(i);
        breaks.add(Break.of(Side.A, half(Side.A, 2 * cut), half(Side.B, fromA.orElseGet(() -> planned(Side.A, cut)))));
      }
      if (i < onB.size()) {
        int cut = onB.get(i);
        breaks.add(Break.of(Side.B, half(Side.B, 2 * cut), half(Side.A, fromB.orElseGet(() -> planned(Side.B, cut)))));
      }
    }
  }

  private int half(Side side, int halfPlace) {
    return layout(side).unitHalfOf(halfPlace);
  }

  /** The half place on the other side of an anchor at a break. */
  private Optional<Integer> anchored(Side side, int placeCut) {
    return match.anchors().stream()
        .filter(anchor -> isAt(layout(side), position(anchor, side), placeCut))
        .map(anchor -> position(anchor, side.other()))
        .findFirst();
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
    List<Break> sorted = new ArrayList<>(breaks);
    for (Break one : breaks) {
      for (Break two : breaks) {
        boolean imageIsBreak = one.aIsFixed() && !one.bIsFixed() && two.bIsFixed() && !two.aIsFixed() && one.b() == two.b();
        boolean breakIsImage = one.aIsFixed() && !one.bIsFixed() && two.bIsFixed() && !two.aIsFixed() && one.a() == two.a();
        if ((imageIsBreak || breakIsImage) && sorted.contains(one) && sorted.contains(two)) {
          sorted.remove(one);
          sorted.remove(two);
          sorted.add(new Break(one.a(), true, two.b(), true));
        }
      }
    }
    sorted.sort(Comparator.comparingInt(Break::a).thenComparingInt(Break::b));
    return sorted;
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
