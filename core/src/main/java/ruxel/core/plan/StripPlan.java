package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ruxel.core.hold.Facing.Face;
import ruxel.core.identity.OpeningId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Strip;

/**
 * A strip worked onto the garment, ready to be drawn and worked (handbook 11), lengths in mm.
 *
 * @param strip as the maker told it
 * @param opening what the edge it lies on is called
 * @param on the opening it lies on; empty for rows that belong to a piece
 * @param mirrorable whether it has an image elsewhere on the garment
 * @param ofStitches whether a band can be worked onto its edge without a row before it
 * @param inner the edge it lies on, stretch by stretch in the order of work
 * @param after the seams that have to be joined before
 * @param sewn how a band that is made separately is sewn on
 * @param effects what it changes on the garment, in words
 * @param row where it lies on one piece, and is worked before that is joined, or while
 */
public record StripPlan(
    StripId id,
    Strip strip,
    String opening,
    Optional<OpeningId> on,
    boolean round,
    boolean mirrorable,
    boolean ofStitches,
    List<InnerPlan> inner,
    double innerMm,
    List<RoundPlan> rounds,
    Optional<BandPlan> band,
    List<TrimPlan> trims,
    Outer outer,
    double heightMm,
    double yarnMm,
    List<SeamId> after,
    List<String> effects,
    Optional<Diagnosis> diagnosis,
    Optional<SeamPlan> sewn,
    Optional<RowPlan> row) {

  /** The same sewn on by a seam that takes so much yarn. */
  StripPlan sewnBy(SeamPlan seam, double sewingMm) {
    return new StripPlan(id, strip, opening, on, round, mirrorable, ofStitches, inner, innerMm, rounds, band, trims, outer, heightMm, yarnMm + sewingMm, after, effects, diagnosis, Optional.of(seam), row);
  }

  /** Names its stitches by what they are worked into: the same as long as it is worked alike. Linear in its segments. */
  public String workedAs() {
    String along = inner.stream().map(each -> List.of(each.piece(), each.edge(), each.kind(), each.from(), each.to()).toString()).collect(Collectors.joining());
    String over = rounds.stream().map(round -> round.stitch() + round.segments().stream().map(segment -> List.of(segment.kind(), segment.units(), segment.stitches())).toList().toString()).collect(Collectors.joining());
    return Integer.toHexString((along + over + band.map(BandPlan::rows) + sewn.map(SeamPlan::workedAs)).hashCode());
  }

  /** Whether the last of its rows is worked while a seam is joined, and not by itself. */
  public boolean keepsOneBack() {
    return row.filter(RowPlan::joining).isPresent();
  }

  /** The rounds that are worked by themselves: all but a row that is kept back. */
  public List<RoundPlan> byThemselves() {
    return rounds.subList(0, rounds.size() - (keepsOneBack() ? 1 : 0));
  }

  /** Whether it has a step of its own. */
  public boolean hasStep() {
    return !keepsOneBack() || rounds.size() > 1;
  }

  /** Ends it leaves: rows that go on from the last row of a piece, or into a seam, take up the yarn that is there. */
  int ends() {
    boolean goesOn = keepsOneBack() || row.flatMap(RowPlan::nowRows).isPresent();
    return goesOn ? 0 : OrderPlans.TAILS_OF_A_STRAND;
  }

  /** What the maker calls it. */
  public String called() {
    return strip.name();
  }

  /**
   * A stretch of the edge: where its count is told, the mirror image it is tied to, and the corner, seam and places behind it. Rounds over it get
   * longer at either end by so much of their height, shorter below 0.
   */
  public record InnerPlan(
      PieceId piece, String edge, String name, UnitKind kind, int from, int to, double lengthMm, Spot at, Spot start, Spot end, Optional<Integer> twin, double turn, double leansBefore, double leansBehind, boolean seam, List<UnitKind> between, Optional<Integer> wanted, Optional<Integer> worked, List<Integer> trial, Numbers numbers) {}

  /** What the first unit of a stretch is called, and whether the numbers fall: rows by their own, all else from 1. */
  public record Numbers(int first, int step) {}

  /** One round, or row: segment by segment, the corners, and all its stitches. */
  public record RoundPlan(
      int number, Stitch stitch, double widthMm, double heightMm, List<SegmentPlan> segments, List<CornerPlan> corners, int total, Strip.Multiple multiple, double innerMm, double outerMm, RoundHold hold, String words) {
    /** Segments and corners in the order in which the hands meet them. */
    public RoundPlan asMet() {
      if (!hold.reversed) {
        return this;
      }
      List<SegmentPlan> back = new ArrayList<>(segments);
      Collections.reverse(back);
      List<CornerPlan> turned = corners.stream().map(corner -> new CornerPlan(Math.floorMod(segments.size() - 2 - corner.behind, segments.size()), corner.angle, corner.stitches, corner.words)).toList();
      return new RoundPlan(number, stitch, widthMm, heightMm, back, turned, total, multiple, innerMm, outerMm, hold, words);
    }
  }

  /**
   * How the piece is held that a round, or row, begins on: which side it shows, the hand that begins, and what stands where it begins and ends.
   *
   * @param reversed whether it runs against the order in which the edge is listed
   */
  public record RoundHold(HoldView.Kind kind, List<PieceId> pieces, List<Face> shows, Hand beginsAt, String from, String to, boolean reversed, String words) {}

  /**
   * A segment: units of a kind and the stitches worked into them, beside what its length alone asks for and what the rule of thumb gives.
   *
   * @param stretch the number of its stretch; empty at a seam place or a corner space
   * @param into the unit each stitch goes into, from 0; empty where each has one of its own
   * @param waveMm how far above flat a first round stands there, with the stitches as worked, else as planned; below 0 it pulls in
   */
  public record SegmentPlan(Optional<Integer> stretch, UnitKind kind, int units, int stitches, double byLength, Optional<Integer> thumb, String rhythm, String words, double waveMm, List<Integer> into) {}

  /** A corner behind a segment: its inner angle in degrees, and by how many stitches the round grows there. */
  public record CornerPlan(int behind, double angle, int stitches, String words) {}

  /** A band that is made separately: its rows beside what its length asks for, and where its quarters meet the edge, mm from the start. */
  public record BandPlan(int rows, double lengthMm, double wantedMm, int fewest, int most, List<Quarter> quarters, String words) {}

  /** A row of the band, and where it meets the edge: after so many units of a stretch. */
  public record Quarter(int row, double atMm, String words) {}

  /**
   * Gathering, picots, buttons or fringe.
   *
   * @param stitches of the last round that have one each, from 1 in the order of the edge
   * @param together of gathering: how many become one, one after the other
   * @param each what is worked at each of them
   */
  public record TrimPlan(Kind kind, int count, double yarnMm, List<Integer> stitches, List<Integer> together, String each, String words) {
    public TrimPlan {
      stitches = List.copyOf(stitches);
      together = List.copyOf(together);
    }

    /** What it is. */
    public enum Kind {
      GATHER,
      PICOTS,
      BUTTONS,
      FRINGE
    }
  }

  /** The edge it leaves, and where what is worked onto that begins, and ends unless it is a round. */
  public record Outer(int units, double lengthMm, Spot start, Optional<Spot> end) {}

  /** An edging as it was worked, held against what lies flat: stitches too many, below 0 too few. */
  public record Diagnosis(int tooMany, double mm, String words) {}
}
