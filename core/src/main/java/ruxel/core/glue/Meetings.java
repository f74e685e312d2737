package ruxel.core.glue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ruxel.core.glue.GluedSeam.Meeting;
import ruxel.core.match.Joints.Joint;
import ruxel.core.match.PlacedAnchor;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.seam.Side;

/**
 * Finds what each break of a seam's side meets on the other side (model 4): the partner of its anchor;
 * else, when both sides have equally many spans, the break of the same number; else the border between
 * groups of the worked plan next to it; without a plan, the same share of the side.
 */
public final class Meetings {
  private final SeamMatch match;
  private final List<Meeting> found = new ArrayList<>();

  private Meetings(SeamMatch match) {
    this.match = match;
  }

  public static GluedSeam of(SeamMatch match) {
    Meetings meetings = new Meetings(match);
    List<Integer> breaksA = match.a().breaks();
    List<Integer> breaksB = match.b().breaks();
    for (int i = 0; i < breaksA.size(); i++) {
      meetings.add(Side.A, breaksA.get(i), breaksA.size() == breaksB.size() ? Optional.of(breaksB.get(i)) : Optional.empty());
    }
    for (int i = 0; i < breaksB.size(); i++) {
      meetings.add(Side.B, breaksB.get(i), breaksA.size() == breaksB.size() ? Optional.of(breaksA.get(i)) : Optional.empty());
    }
    return new GluedSeam(match.seam(), meetings.increasing());
  }

  private void add(Side side, int placeCut, Optional<Integer> sameNumber) {
    int image = anchored(side, 2 * placeCut).or(() -> sameNumber.map(cut -> 2 * cut)).orElseGet(() -> planned(side, placeCut));
    int own = layout(side).unitHalfOf(2 * placeCut);
    int other = layout(side == Side.A ? Side.B : Side.A).unitHalfOf(image);
    found.add(side == Side.A ? new Meeting(own, other) : new Meeting(other, own));
  }

  private Optional<Integer> anchored(Side side, int halfPlace) {
    return match.anchors().stream()
        .filter(anchor -> position(anchor, side) == halfPlace)
        .map(anchor -> position(anchor, side == Side.A ? Side.B : Side.A))
        .findFirst();
  }

  private static int position(PlacedAnchor anchor, Side side) {
    return side == Side.A ? anchor.a() : anchor.b();
  }

  private int planned(Side side, int placeCut) {
    SideLayout own = layout(side);
    SideLayout other = layout(side == Side.A ? Side.B : Side.A);
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
    boolean inside = border > 0 && border < other.size();
    return inside ? 2 * border : 2 * Math.max(1, Math.min(other.size() - 1, placeCut * other.size() / own.size()));
  }

  private SideLayout layout(Side side) {
    return side == Side.A ? match.a() : match.b();
  }

  /** One meeting for each position; an image that falls on or behind an earlier one moves on by half a unit. */
  private List<Meeting> increasing() {
    found.sort(Comparator.comparingInt(Meeting::a).thenComparingInt(Meeting::b));
    List<Meeting> kept = new ArrayList<>();
    for (Meeting meeting : found) {
      Meeting last = kept.isEmpty() ? new Meeting(0, 0) : kept.get(kept.size() - 1);
      if (meeting.equals(last)) {
        continue;
      }
      kept.add(new Meeting(Math.max(meeting.a(), last.a() + 1), Math.max(meeting.b(), last.b() + 1)));
    }
    return kept;
  }
}
