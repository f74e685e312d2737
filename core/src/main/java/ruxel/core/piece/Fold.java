package ruxel.core.piece;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A fold of a piece (model 1): it lies in two layers on each other, the nearer one with its right side up. Along the ring the nearer layer
 * is what lies between the fold's first spot and its second one, the layer under it is the rest; the runs of either go on as they lie.
 *
 * @param middleMm of a piece worked in rounds from its middle: from there to the middle of a side, as made
 */
public record Fold(Spot from, Spot to, Way way, Optional<Double> middleMm) {
  /** Where a fold meets the edge: at an end of a run, or, where a stitch beside it lies on the fold, in the middle of that stitch. */
  public record Spot(String edge, String run, Cut.End at) {
    public static Spot before(String edge, String run) {
      return new Spot(edge, run, Cut.End.START);
    }

    public static Spot behind(String edge, String run) {
      return new Spot(edge, run, Cut.End.END);
    }

    /** The cut of its edge today; empty when nothing stands for its run. Parts of a run and edgings over it stand for it. */
    public OptionalInt on(Edge today) {
      List<Run> runs = today.runs().stream().filter(candidate -> candidate.origin().standsFor(run)).toList();
      if (runs.isEmpty()) {
        return OptionalInt.empty();
      }
      Run last = runs.get(runs.size() - 1);
      return OptionalInt.of(at == Cut.End.START ? today.startOfRun(runs.get(0).id()) : today.startOfRun(last.id()) + last.count());
    }

    /** The same by the runs of today, as if they had been given so. */
    private Spot asGiven(List<Edge> edges) {
      Edge today = edges.stream().filter(candidate -> candidate.id().equals(edge)).findFirst().orElseThrow();
      int cut = on(today).orElseThrow();
      return cut < today.units() ? before(edge, today.runOfUnit(cut).id()) : behind(edge, today.runOfUnit(cut - 1).id());
    }

    Spot mirrored(UnaryOperator<String> edges) {
      return new Spot(edges.apply(edge), run, at == Cut.End.START ? Cut.End.END : Cut.End.START);
    }
  }

  /** How the fold goes from one spot to the other. */
  public enum Way {
    /** Straight across. */
    STRAIGHT,
    /** At right angles to both edges, to where these lines meet: the middle of a hexagon that lies as an L. */
    CORNER
  }

  public static Fold straight(Spot from, Spot to) {
    return new Fold(from, to, Way.STRAIGHT, Optional.empty());
  }

  /** Whether both its ends lie on edges of a piece. */
  public boolean liesOn(List<Edge> edges) {
    return Stream.of(from, to).allMatch(spot -> edges.stream().anyMatch(edge -> edge.id().equals(spot.edge()) && spot.on(edge).isPresent()));
  }

  /** The same by the runs of today, as if they had been given so. */
  Fold asGiven(List<Edge> edges) {
    return new Fold(from.asGiven(edges), to.asGiven(edges), way, middleMm);
  }

  /** The fold of the mirror image, whose ring runs the other way round. */
  Fold mirrored(UnaryOperator<String> edges) {
    return new Fold(to.mirrored(edges), from.mirrored(edges), way, middleMm);
  }
}
