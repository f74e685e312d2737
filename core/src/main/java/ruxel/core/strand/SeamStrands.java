package ruxel.core.strand;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.match.SeamMatch;
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
    return of(Course.of(match), method, factor, fuzzy, rules);
  }

  /** The same along a course that is known; linear in the spots at which a strand may end. */
  public static SeamStrands of(Course course, Method method, Factor factor, boolean fuzzy, HouseRules rules) {
    double length = course.lengthMm();
    double tails = TAILS * rules.get(Rule.TAIL_MM);
    if (method.tool() == Method.Tool.HOOK) {
      return new SeamStrands(length, factor, List.of(new Strand(0, course.joints(), length * factor.mmPerMm() + tails, false)));
    }
    double handles = rules.get(fuzzy ? Rule.NEEDLE_FUZZY_MM : Rule.NEEDLE_MM);
    List<Course.Spot> spots = course.spots();
    List<Strand> strands = new ArrayList<>();
    Course.Spot from = new Course.Spot(0, 0);
    for (int i = 0; i < spots.size(); i++) {
      double next = i + 1 < spots.size() ? spots.get(i + 1).alongMm() : length;
      if ((next - from.alongMm()) * factor.mmPerMm() > handles) {
        strands.add(strand(from, spots.get(i), factor, tails, handles));
        from = spots.get(i);
      }
    }
    strands.add(strand(from, new Course.Spot(course.joints(), length), factor, tails, handles));
    return new SeamStrands(length, factor, strands);
  }

  private static Strand strand(Course.Spot from, Course.Spot to, Factor factor, double tails, double handles) {
    double sewn = (to.alongMm() - from.alongMm()) * factor.mmPerMm();
    return new Strand(from.joint(), to.joint(), sewn + tails, sewn > handles);
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
