package ruxel.core.strip;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.identity.StripId;
import ruxel.core.piece.Edge;
import ruxel.core.seam.Anchor.Spot;

/**
 * Stitches of one stretch of a strip's first round, told at the unit of an edge that begins at a cut: what the maker wants, as a count or
 * as a list by {@link Trial}, and what was really worked.
 */
public record Stitches(StripId strip, Spot at, Optional<Integer> wanted, Optional<Integer> worked, List<Integer> trial) {
  public static final int MOST = 5000;

  public Stitches {
    trial = List.copyOf(trial);
  }

  public Stitches(StripId strip, Spot at, Optional<Integer> wanted, Optional<Integer> worked) {
    this(strip, at, wanted, worked, List.of());
  }

  /**
   * @param unit where the unit lies that they are told at
   */
  public Stitches moved(UnaryOperator<Spot> unit) {
    return new Stitches(strip, unit.apply(at), wanted, worked, trial);
  }

  public boolean tellsNothing() {
    return wanted.isEmpty() && worked.isEmpty() && trial.isEmpty();
  }

  /** Whether they are told of this stretch of an edge; a spot at the end of the edge stands for its last unit. */
  public boolean isOf(Stretch stretch, Edge edge) {
    return at.cut().on(edge).stream().anyMatch(cut -> stretch.holds(at.piece(), at.edge(), Math.min(cut, edge.units() - 1)));
  }
}
