package ruxel.core.strand;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.match.Joints;
import ruxel.core.match.Place;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;

/** The course of a seam, whatever it is joined by: its length in mm, its joints, and where a strand may end inside it. */
public record Course(double lengthMm, int joints, List<Spot> spots) {
  /** A border between two joints, and how far along the seam it lies. */
  public record Spot(int joint, double alongMm) {}

  public Course {
    spots = List.copyOf(spots);
  }

  /** As long as its shorter side, the other being eased to it. Linear in the joints. */
  public static Course of(SeamMatch match) {
    return new Course(Math.min(whole(match.a()), whole(match.b())), match.joints().size(), spots(match));
  }

  private static double whole(SideLayout side) {
    return side.lengthMm(0, side.size());
  }

  /** Where both sides pass to another piece (an underarm), but at no shoulder. */
  private static List<Spot> spots(SeamMatch match) {
    List<Spot> spots = new ArrayList<>();
    if (match.seam().seam().role().isShoulder() || match.a().breaks().isEmpty() || match.b().breaks().isEmpty()) {
      return spots;
    }
    boolean alongA = whole(match.a()) <= whole(match.b());
    List<Joints.Joint> joints = match.joints();
    for (int i = 1; i < joints.size(); i++) {
      Joints.Joint joint = joints.get(i);
      if (passes(match.a(), joints.get(i - 1).a(), joint.a()) && passes(match.b(), joints.get(i - 1).b(), joint.b())) {
        spots.add(new Spot(i, alongA ? match.a().lengthMm(0, joint.a() - joint.onA() + 1) : match.b().lengthMm(0, joint.b() - joint.onB() + 1)));
      }
    }
    return spots;
  }

  private static boolean passes(SideLayout side, int before, int after) {
    if (before < 0 || after < 0) {
      return false;
    }
    Place from = side.places().get(before);
    Place to = side.places().get(after);
    return from.spanIndex() != to.spanIndex() && !to.span().goesOnFrom(from.span());
  }
}
