package ruxel.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Pieces;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.CornerPlan;
import ruxel.core.plan.StripPlan.InnerPlan;
import ruxel.core.plan.StripPlan.RoundPlan;
import ruxel.core.plan.StripPlan.SegmentPlan;

/** Markers that move up with the rounds of an edging: in the middle of its corners (handbook 11), and those that hang on its edge for that. */
record MovingMarkers(StripPlan strip, List<Piece> pieces) {
  private static final String WHY = "It shows where the next round turns, or where you are.";

  /**
   * Of a round of several, in the order of work.
   *
   * @param worked the same round with its stitches
   */
  List<Prompt> of(RoundPlan round, BenchRound worked) {
    return strip.byThemselves().size() < 2 ? List.of() : Stream.concat(corners(round, worked), hung(round, worked)).toList();
  }

  private Stream<Prompt> corners(RoundPlan round, BenchRound worked) {
    boolean isLast = round.number() == strip.byThemselves().size();
    String words = round.number() == 1 ? "Mark this stitch: it is the middle of the corner." : isLast ? "Take the marker of the corner out." : "Move the marker of the corner up into this stitch.";
    return round.corners().stream()
        .filter(corner -> corner.stitches() > 0 && isAlone(corner, round))
        .map(corner -> new Prompt(worked.segments().get(corner.behind()).to() - corner.stitches() / 2, Prompt.Kind.MARKER, words, WHY));
  }

  private static boolean isAlone(CornerPlan corner, RoundPlan round) {
    return round.corners().stream().filter(other -> other.behind() == corner.behind()).count() == 1;
  }

  private Stream<Prompt> hung(RoundPlan round, BenchRound worked) {
    return IntStream.range(0, round.segments().size()).boxed().flatMap(i -> round.segments().get(i).stretch().stream().flatMap(stretch -> hung(strip.inner().get(stretch), round, round.segments().get(i), worked.segments().get(i))));
  }

  private Stream<Prompt> hung(InnerPlan inner, RoundPlan round, SegmentPlan segment, BenchSegment worked) {
    Optional<Edge> edge = Pieces.find(pieces, inner.piece(), inner.edge());
    List<Prompt> prompts = new ArrayList<>();
    for (Landmark mark : edge.stream().flatMap(found -> found.landmarks().stream()).toList()) {
      Optional<Marker> marker = mark.marker().filter(hanging -> hanging.purpose() == Marker.Purpose.ROW);
      for (int cut : marker.isPresent() ? mark.cuts(edge.orElseThrow()) : List.<Integer>of()) {
        if (cut >= inner.from() && cut < inner.to()) {
          boolean withRing = inner.start().cut().on(edge.orElseThrow()).stream().anyMatch(start -> start == inner.from());
          boolean forward = withRing != round.hold().reversed();
          int along = forward ? cut - inner.from() : inner.to() - 1 - cut;
          String words = "Here hangs the %s “%s”: move it up into this stitch.".formatted(marker.get().title(), mark.name());
          prompts.add(new Prompt(joint(along, inner.to() - inner.from(), segment, worked), Prompt.Kind.MARKER, words, WHY));
        }
      }
    }
    return prompts.stream();
  }

  /** The first stitch that goes into a unit of the edge; of a later round the one that stands over it. */
  private static int joint(int along, int units, SegmentPlan segment, BenchSegment worked) {
    int first = IntStream.range(0, segment.into().size()).filter(i -> segment.units() == units && segment.into().get(i) >= along).findFirst().orElse((2 * along + 1) * segment.stitches() / (2 * units));
    return Math.min(worked.to(), worked.from() + 1 + first);
  }
}
