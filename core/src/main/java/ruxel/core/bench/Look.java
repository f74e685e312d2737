package ruxel.core.bench;

import java.util.List;
import java.util.Optional;

/**
 * What the maker saw when they looked at a seam, line or edging (handbook 14).
 *
 * @param joint how many joints were done then
 * @param mm the length sewn so far by the tape, mm; empty where none was taken
 * @param faults what was not right; none if all was
 */
public record Look(int joint, Optional<Double> mm, List<Fault> faults) {
  public static final double LONGEST_MM = 20_000;

  /** What may be wrong with it. */
  public enum Fault {
    /** The joining yarn shows on the right side. */
    PEEKS,
    /** Rows, groups or stripes do not meet across it; the ends or corners of an edging are not square. */
    NOT_LEVEL,
    /** A gap on the way, or a hole at an end. */
    GAPS,
    /** It puckers, ripples, pulls in or is slack. */
    NOT_FLAT
  }

  public Look {
    faults = List.copyOf(faults);
  }

  /**
   * Why it cannot be; empty when it can.
   *
   * @param isOfSides whether two sides are joined, whose length is known joint by joint
   */
  public Optional<String> refusal(boolean isOfSides) {
    if (mm.isPresent() && !isOfSides) {
      return Optional.of("Expected no length; an edging is measured with the edge it lies on.");
    }
    return mm.filter(length -> !(length > 0 && length <= LONGEST_MM)).map(length -> "Expected a length above 0 and up to %.0f mm, got (%s).".formatted(LONGEST_MM, length));
  }
}
