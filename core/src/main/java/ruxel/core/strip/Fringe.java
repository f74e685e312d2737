package ruxel.core.strip;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A fringe as asked (handbook 11): on every k-th stitch, strands that hang so long, mm. A twisted curl is one loop pulled out so long;
 * it hangs about half of that.
 *
 * @param first the stitch it begins on, from 1; on the k-th where it is not told
 * @param last the stitch beyond which it does not go; the last of all where it is not told
 */
public record Fringe(int every, double lengthMm, int strands, boolean curled, Optional<Integer> first, Optional<Integer> last) {
  public static final int MOST_STRANDS = 50;
  public static final double LONGEST_MM = 2000;
  private static final int DOUBLED = 2;

  /** The stitches it hangs on, of so many; none where it would begin behind its end. */
  public List<Integer> on(int stitches) {
    int end = Math.min(stitches, last.orElse(stitches));
    return IntStream.iterate(first.orElse(every), at -> at <= end, at -> at + every).boxed().toList();
  }

  /** For one: strands are doubled over the hook, and so is the loop of a curl. */
  public double yarnMm() {
    return DOUBLED * lengthMm * (curled ? 1 : strands);
  }
}
