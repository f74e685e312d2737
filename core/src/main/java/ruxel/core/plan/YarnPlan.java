package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.yarn.Yarn;

/**
 * The yarn all seams take (handbook 12), in mm: the sum of each yarn beside what is left of it, and each seam with a method in its
 * strands; {@code untold} are the pieces whose yarn is not told, {@code withoutMethod} the seams without a method.
 */
public record YarnPlan(List<YarnSum> yarns, List<SeamYarn> seams, List<StripIn> strips, List<PieceIn> pieces, List<TailView> tails, List<SeamId> withoutMethod, Optional<WeightView> weight) {
  static final YarnPlan NONE = new YarnPlan(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), Optional.empty());

  /** A yarn: what its seams still need, what is left, how many balls to buy, and the work at which it runs out. */
  public record YarnSum(Yarn yarn, String id, Optional<Double> mmPerGram, double neededMm, Optional<Double> leftMm, Optional<Integer> buy, Optional<WorkRef> runsOut, List<Stage> stages, String words) {}

  /** Work in its order: what it takes of a yarn, and what is left of it then where that was weighed (less than 0: so much is lacking). */
  public record Stage(WorkRef of, String name, double takesMm, Optional<Double> leftMm) {}

  /** A seam: its length times the factor and the tails; {@code twiceMm} is the rule of thumb shown beside it. */
  public record SeamYarn(
      SeamId seam,
      Optional<String> yarn,
      boolean told,
      double lengthMm,
      double factor,
      double spread,
      int measured,
      List<StrandView> strands,
      int tails,
      double neededMm,
      double twiceMm,
      SampleOf sample,
      String words) {}

  /** What is worked to measure the yarn of a seam: so many joints, and their length along it, mm. */
  public record SampleOf(int joints, double seamMm) {}

  /** A strand from a joint to another, with its tails; whether a tail left on a piece does for it, so that no new yarn is taken. */
  public record StrandView(int fromJoint, int toJoint, double lengthMm, boolean fromTail) {}

  /** A tail left on a piece where an edge starts, and the seam that begins with it. */
  public record TailView(PieceId piece, String corner, double mm, Optional<SeamId> seam, String words) {}

  /** The yarn a piece is worked in, where it is known, and whether it was told; whether it has ribbing, and the yarn of that where it is another. */
  public record PieceIn(PieceId piece, Optional<String> yarn, boolean told, boolean ribbed, Optional<String> rib) {}

  /** The yarn a strip is worked in, where it is known, and whether it was told. */
  public record StripIn(StripId strip, Optional<String> yarn, boolean told) {}

  /** What the garment weighs, and whether it was weighed. */
  public record WeightView(double grams, boolean weighed) {}
}
