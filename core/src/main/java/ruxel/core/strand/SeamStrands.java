package ruxel.core.strand;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.match.Joints;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.method.Method;

/**
 * The yarn of a seam (handbook 12), mm: its length times the factor, and a tail at each end of each strand. The hook works from
 * the ball. A needle takes one strand, too, parted only where both sides pass from one piece to another (an underarm), never at a
 * shoulder and never inside an armhole, and only where a strand would be longer than handles well.
 */
public record SeamStrands(double lengthMm, Factor factor, List<Strand> strands) {
  private static final int TAILS = 2;

  /** A strand from one joint to another (counted from 0, the end exclusive), its length with both tails, and whether it is longer than handles well. */
  public record Strand(int fromJoint, int toJoint, double lengthMm, boolean isLong) {}

  public SeamStrands {
    strands = List.copyOf(strands);
  }

  /** Linear in the joints of the seam. */
  public static SeamStrands of(SeamMatch match, Method method, Factor factor, boolean fuzzy, HouseRules rules) {
    double length = lengthMm(match);
    double tails = TAILS * rules.get(Rule.TAIL_MM);
    int joints = match.joints().size();
    if (method.tool() == Method.Tool.HOOK) {
      return new SeamStrands(length, factor, List.of(new Strand(0, joints, length * factor.mmPerMm() + tails, false)));
    }
    double handles = rules.get(fuzzy ? Rule.NEEDLE_FUZZY_MM : Rule.NEEDLE_MM);
    List<Spot> spots = spots(match);
    List<Strand> strands = new ArrayList<>();
    Spot from = new Spot(0, 0);
    for (int i = 0; i < spots.size(); i++) {
      double next = i + 1 < spots.size() ? spots.get(i + 1).alongMm() : length;
      if ((next - from.alongMm()) * factor.mmPerMm() > handles) {
        strands.add(strand(from, spots.get(i), factor, tails, handles));
        from = spots.get(i);
      }
    }
    strands.add(strand(from, new Spot(joints, length), factor, tails, handles));
    return new SeamStrands(length, factor, strands);
  }

  /** How long a seam is: as its shorter side, the other being eased to it. */
  public static double lengthMm(SeamMatch match) {
    return Math.min(whole(match.a()), whole(match.b()));
  }

  private static double whole(SideLayout side) {
    return side.lengthMm(0, side.size());
  }

  private static Strand strand(Spot from, Spot to, Factor factor, double tails, double handles) {
    double sewn = (to.alongMm() - from.alongMm()) * factor.mmPerMm();
    return new Strand(from.joint(), to.joint(), sewn + tails, sewn > handles);
  }

  /** A border between two joints, and how far along the seam it lies. */
  private record Spot(int joint, double alongMm) {}

  /** Where a strand may end inside a seam: after a joint, where both sides pass to another piece. */
  private static List<Spot> spots(SeamMatch match) {
    List<Spot> spots = new ArrayList<>();
    if (match.seam().seam().role().isShoulder() || match.a().breaks().isEmpty() || match.b().breaks().isEmpty()) {
      return spots;
    }
    SideLayout shorter = whole(match.a()) <= whole(match.b()) ? match.a() : match.b();
    List<Joints.Joint> joints = match.joints();
    for (int i = 1; i < joints.size(); i++) {
      boolean both = passes(match.a(), joints.get(i - 1).a(), joints.get(i).a()) && passes(match.b(), joints.get(i - 1).b(), joints.get(i).b());
      if (both) {
        Joints.Joint joint = joints.get(i);
        int place = shorter == match.a() ? joint.a() - joint.onA() + 1 : joint.b() - joint.onB() + 1;
        spots.add(new Spot(i, shorter.lengthMm(0, place)));
      }
    }
    return spots;
  }

  private static boolean passes(SideLayout side, int before, int after) {
    return before >= 0 && after >= 0 && side.places().get(before).spanIndex() != side.places().get(after).spanIndex();
  }

  /** All of its yarn, tails and all, mm. */
  public double neededMm() {
    return strands.stream().mapToDouble(Strand::lengthMm).sum();
  }

  /** Ends left to be woven in: two of every strand. */
  public int tails() {
    return TAILS * strands.size();
  }
}
