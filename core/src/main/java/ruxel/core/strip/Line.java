package ruxel.core.strip;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/** The edge that a strip is worked onto, unrolled in the order of work; a junction stands after each stretch, in a round after the last one too. */
public record Line(List<Stretch> stretches, List<Junction> junctions, boolean round) {
  public Line {
    stretches = List.copyOf(stretches);
    junctions = List.copyOf(junctions);
  }

  /** One that turns nowhere and meets no seam. */
  public static Line straight(List<Stretch> stretches) {
    return new Line(stretches, Collections.nCopies(stretches.size(), Junction.NONE), false);
  }

  public double lengthMm() {
    return stretches.stream().mapToDouble(Stretch::lengthMm).sum();
  }

  /** Its units, with the corner spaces and seams between them. */
  int places() {
    return stretches.stream().mapToInt(Stretch::units).sum() + junctions.stream().mapToInt(Junction::places).sum();
  }

  /** How many stitches of a first round lie flat along a stretch: by its length, less half of what the corner spaces and seams beside it take. */
  public double flat(int stretch, Round round) {
    int beside = before(stretch).stitches(round) + after(stretch).stitches(round);
    return Math.max(HALF, stretches.get(stretch).lengthMm() / round.widthMm() - HALF * beside);
  }

  /** How many stitches of a first round into each unit lie flat along a stretch: corner spaces beside it lie within its length, and take theirs. */
  double flatIntoEach(int stretch, Round round) {
    double beside = Stream.of(before(stretch), after(stretch)).filter(Junction::hasCorners).mapToInt(junction -> junction.stitches(round)).sum();
    return Math.max(HALF, stretches.get(stretch).finished() - HALF * beside);
  }

  private static final double HALF = 0.5;

  /** What stands before a stretch. */
  public Junction before(int stretch) {
    if (stretch > 0) {
      return junctions.get(stretch - 1);
    }
    return round ? junctions.get(junctions.size() - 1) : Junction.NONE;
  }

  Junction after(int stretch) {
    return junctions.get(stretch);
  }

  /** Whether both run over a unit of an edge. */
  boolean overlaps(Line other) {
    return stretches.stream().anyMatch(one -> other.stretches.stream().anyMatch(another -> one.piece().equals(another.piece()) && one.edge().equals(another.edge()) && one.from() < another.to() && another.from() < one.to()));
  }
}
