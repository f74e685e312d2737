package ruxel.core.strip;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor.Spot;

/**
 * A strip as it is worked: the edge it lies on, round by round what is worked into what, and the edge it leaves.
 *
 * @param face the strip as a face of the gluing: its inner edge has the units of the edge it lies on
 * @param over units of the outer edge by the stretch they stand over
 * @param trials by stretch what goes into each unit in the order of work, where it was found by trial; else empty
 */
public record WorkedOn(Strip strip, Line line, List<RoundOf> rounds, int outerUnits, double outerMm, double heightMm, Piece face, List<Integer> over, List<List<Integer>> trials) {
  public WorkedOn {
    trials = List.copyOf(trials);
    rounds = List.copyOf(rounds);
    over = List.copyOf(over);
  }

  /**
   * Rows along a straight line, each of the same stitches, as many over each stretch as told.
   *
   * @param stitches by stretch
   */
  public static WorkedOn straight(Strip strip, Line line, List<Integer> stitches) {
    List<RoundOf> rows = new ArrayList<>();
    for (Round round : strip.rounds()) {
      boolean isFirst = rows.isEmpty();
      List<Worked> segments = IntStream.range(0, stitches.size()).mapToObj(i -> over(line, i, round, stitches.get(i), isFirst)).toList();
      rows.add(new RoundOf(round, segments, List.of(), stitches.stream().mapToInt(Integer::intValue).sum(), line.lengthMm(), line.lengthMm()));
    }
    RoundOf last = rows.get(rows.size() - 1);
    double heightMm = strip.rounds().stream().mapToDouble(Round::heightMm).sum();
    Piece face = StripFace.of(strip, line, stitches, UnitKind.STITCH_TOP, line.lengthMm() / last.total(), heightMm);
    return new WorkedOn(strip, line, rows, last.total(), line.lengthMm(), heightMm, face, stitches, Collections.nCopies(stitches.size(), List.of()));
  }

  private static Worked over(Line line, int index, Round round, int stitches, boolean isFirst) {
    Stretch stretch = line.stretches().get(index);
    Wish byLength = new Wish(line.flat(index, round), stretch.finished(), index, false, Optional.of(stitches));
    return new Worked(isFirst ? stretch.kind() : UnitKind.STITCH_TOP, index, isFirst ? stretch.finished() : stitches, stitches, byLength.target(), !isFirst || byLength.isClose(stitches));
  }

  /** One round: segment by segment, what each corner adds or takes, and the stitches of all of it. */
  public record RoundOf(Round round, List<Worked> segments, List<Turned> corners, int total, double innerMm, double outerMm) {
    public RoundOf {
      segments = List.copyOf(segments);
      corners = List.copyOf(corners);
    }
  }

  /**
   * What is worked into units of one kind: stitches beside what their length alone asks for.
   *
   * @param stretch which of the line's stretches it lies on; −1 for a seam place or a corner space
   * @param close whether the count is as near to the length as it should be
   */
  public record Worked(UnitKind kind, int stretch, int units, int stitches, double byLength, boolean close) {}

  /** A corner behind a segment: the inner angle, degrees, and the stitches it adds, or takes below 0. */
  public record Turned(int behind, double angle, int stitches) {}

  /** Yarn of all its stitches, mm; of a band as of single crochet. */
  public double yarnMm() {
    return strip.band().map(band -> band.yarnMm(outerUnits, line.lengthMm())).orElseGet(this::yarnOfRounds);
  }

  private double yarnOfRounds() {
    return rounds.stream().mapToDouble(each -> each.total() * each.round().yarnMm()).sum();
  }

  /** What later edgings are worked onto, in the order of work. */
  public List<Edge> outerEdges() {
    return face.edges().subList(StripFace.FIRST_OUTER, face.edges().size() - 1);
  }

  /** Where what is worked onto it begins. */
  public Spot outerStart() {
    Edge first = outerEdges().get(0);
    return Spot.cut(face.id(), first.id(), Cut.at(first, 0));
  }

  /** Where that ends; empty for a round. */
  public Optional<Spot> outerEnd() {
    Edge last = outerEdges().get(outerEdges().size() - 1);
    return line.round() ? Optional.empty() : Optional.of(Spot.cut(face.id(), last.id(), Cut.at(last, last.units())));
  }

  /** The stretches over which some units of an edge of the face stand, in the order of work; none at its ends. */
  public List<Stretch> under(int edgeIndex, int from, int to) {
    if (edgeIndex < StripFace.FIRST_OUTER || edgeIndex > face.edges().size() - 2) {
      return List.of();
    }
    int start = face.edges().subList(StripFace.FIRST_OUTER, edgeIndex).stream().mapToInt(Edge::units).sum();
    List<Stretch> under = new ArrayList<>();
    int before = 0;
    for (int i = 0; i < over.size(); i++) {
      if (before < start + to && before + over.get(i) > start + from) {
        under.add(line.stretches().get(i));
      }
      before += over.get(i);
    }
    return under;
  }

  /** Whether the last round is worked from the wrong side: the work is turned an odd number of times. */
  public boolean endsOnWrongSide() {
    return !rounds.isEmpty() && isOnWrongSide(rounds.size() - 1);
  }

  /** Whether a round is worked from the wrong side. */
  public boolean isOnWrongSide(int round) {
    return rounds.subList(0, round + 1).stream().filter(each -> each.round().turned()).count() % 2 == 1;
  }

  /** Stitches that are picked up. */
  public int pickedUp() {
    return rounds.isEmpty() ? 0 : rounds.get(0).total();
  }
}
