package ruxel.core.plan;

import java.util.List;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.School;

/**
 * Two seams that are mirror images, held one behind the other, and the two ways to hold the second (model 3a, choice): both let the hand that
 * works begin.
 *
 * @param told whether one of the two was turned by itself, whatever the school
 */
public record PairPlan(SeamId first, SeamId second, boolean told, List<PairWay> ways) {
  public PairPlan {
    ways = List.copyOf(ways);
  }

  /** One of the two ways: what lies nearest at each seam, and where that runs to. */
  public record PairWay(School.Way way, boolean now, List<PairSeam> seams, String title, String words) {}

  /** A seam as it lies that way. */
  public record PairSeam(SeamId seam, String nearest, String to) {}
}
