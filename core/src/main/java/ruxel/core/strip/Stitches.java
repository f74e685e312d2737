package ruxel.core.strip;

import java.util.Optional;
import ruxel.core.seam.Anchor.Spot;

/**
 * Stitches of one stretch of a strip's first round, told at the unit of an edge that begins at a cut: what the maker wants, and what was
 * really worked.
 */
public record Stitches(String strip, Spot at, Optional<Integer> wanted, Optional<Integer> worked) {
  public static final int MOST = 5000;
}
