package ruxel.core.glue;

import java.util.List;

/**
 * A closed loop of edge that no seam takes: its free segments in the order of travel, its length, and
 * the angle at the end of each segment, degrees, as the sum of the piece angles that meet there (model
 * 4).
 */
public record Opening(List<Integer> segments, double lengthMm, List<Double> angles) {
  public Opening {
    segments = List.copyOf(segments);
    angles = List.copyOf(angles);
  }
}
