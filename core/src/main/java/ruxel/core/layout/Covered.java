package ruxel.core.layout;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.decision.EdgingRows;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Run;

/** The runs of an edge that rows lie over, by their numbers; all of them, or those between two the maker has named. */
public record Covered(Edge edge, int fromInclusive, int toExclusive) {
  /** Empty where the edge has no such runs, or has them in the other order. */
  public static Optional<Covered> of(Edge edge, EdgingRows rows) {
    return of(edge, rows.within());
  }

  /** The same where all or some are named. */
  public static Optional<Covered> of(Edge edge, Optional<EdgingRows.Within> within) {
    if (within.isEmpty()) {
      return Optional.of(new Covered(edge, 0, edge.runs().size()));
    }
    int first = numbers(edge, within.get().first()).min().orElse(-1);
    int last = numbers(edge, within.get().last()).max().orElse(-1);
    return first < 0 || last < first ? Optional.empty() : Optional.of(new Covered(edge, first, last + 1));
  }

  private static IntStream numbers(Edge edge, String run) {
    return IntStream.range(0, edge.runs().size()).filter(i -> edge.runs().get(i).origin().standsFor(run));
  }

  public List<Run> runs() {
    return edge.runs().subList(fromInclusive, toExclusive);
  }

  List<Run> before() {
    return edge.runs().subList(0, fromInclusive);
  }

  List<Run> behind() {
    return edge.runs().subList(toExclusive, edge.runs().size());
  }

  /** Whether it reaches the corner at the start of its edge. */
  boolean reachesStart() {
    return fromInclusive == 0;
  }

  boolean reachesEnd() {
    return toExclusive == edge.runs().size();
  }

  boolean isOver(Run run) {
    return runs().contains(run);
  }

  /** The cut in ring order before which it begins. */
  int from() {
    return before().stream().mapToInt(Run::count).sum();
  }

  int to() {
    return from() + runs().stream().mapToInt(Run::count).sum();
  }

  double lengthMm() {
    return runs().stream().mapToDouble(Run::lengthMm).sum();
  }
}
