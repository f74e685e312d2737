package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ruxel.core.finding.FindingCode;
import ruxel.core.hold.Facing;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Checkpoint;
import ruxel.core.match.Cost;
import ruxel.core.match.Ease;
import ruxel.core.match.From;
import ruxel.core.match.Rhythm;
import ruxel.core.method.HowTo;
import ruxel.core.method.Method;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

/**
 * A seam with everything computed of it. Places are numbered from 0 in the seam's direction; anchors lie
 * at half places (2k the cut before place k, 2k + 1 place k). {@code fold}: its edges meet when the layers are folded on each other.
 */
public record SeamPlan(
    SeamId id,
    String name,
    String title,
    String direction,
    String counts,
    SeamRole role,
    boolean fold,
    Optional<CloseUpView> closeUp,
    boolean planned,
    FindingCode.Level level,
    SidePlan a,
    SidePlan b,
    List<AnchorPlan> anchors,
    List<IntervalView> intervals,
    int joints,
    List<CheckpointPlan> checkpoints,
    List<SurplusStretch> stretches,
    Optional<EaseView> ease,
    Optional<String> method,
    List<MethodFacts> methods,
    AdviceView advice,
    Optional<HowToView> howTo,
    Optional<HoldView> hold,
    WorkingView working,
    List<PhaseView> phases,
    TakeUpView takeUp,
    Optional<SeamId> twin) {

  /** Names the joints by the places they pass through: the same as long as it is worked alike. Linear in the places. */
  public String workedAs() {
    return Stream.of(a, b).map(SidePlan::workedAs).collect(Collectors.joining("|"));
  }

  /** How the sides are brought together now, and what else could be chosen. */
  public record WorkingView(
      boolean together,
      Surplus surplus,
      double fullness,
      Optional<Side> fuller,
      boolean seamPlaces,
      boolean hasSeamPlaces,
      List<SurplusChoice> choices,
      SideWorkingView a,
      SideWorkingView b) {}

  /** A way to deal with the surplus, in words; {@code reason} says why it cannot be chosen here. */
  public record SurplusChoice(Surplus surplus, String title, String words, Optional<String> reason) {}

  /** What row ends and spaces of a side give, and whether there are any. */
  public record SideWorkingView(Optional<Integer> placesPerRow, Seam.Spaces spaces, boolean hasRows, boolean hasSpaces) {}

  /** Repeats, ribs or stripes across the seam: pairs with how far they miss, and the best shift, in stitches or rows of B. */
  public record PhaseView(Landmark.Kind kind, List<PhasePair> pairs, int met, int shift, int metAfter, double worstMm, String words) {}

  /** A landmark of each side along the seam, in mm, and how far they miss each other. */
  public record PhasePair(double aMm, double bMm, double offMm, boolean meets) {}

  /** A stretch between markers: where it lies along each side, and how high its longer side stands if not eased, mm. */
  public record SurplusStretch(double aFromMm, double aToMm, double bFromMm, double bToMm, double surplusMm, double share, double rippleMm) {}

  /** What the seam takes of each piece, in mm. */
  public record TakeUpView(double aMm, double bMm, String words) {}

  /** One side: its stretches of like places, and how many joints pass through each place. */
  public record SidePlan(String name, double lengthMm, int places, List<Rail> rails, List<Integer> joints) {
    private String workedAs() {
      String along = rails.stream().map(rail -> List.of(rail.piece(), rail.edge(), rail.kind(), rail.places(), rail.placesPerUnit(), rail.firstNumber(), rail.numberStep()).toString()).collect(Collectors.joining());
      return Integer.toHexString((along + joints).hashCode());
    }
  }

  /** The piece that is moved up to the other once the seam is joined, and how far on the table, mm. */
  public record CloseUpView(PieceId piece, double dxMm, double dyMm) {}

  /**
   * A stretch of like places. {@code x, y} is the start of the first place in the piece's axes and {@code
   * dx, dy} the way to the next, in the seam's direction; {@code startMm} the same along the side. {@code
   * firstNumber} and {@code numberStep} give the maker's number of each unit.
   */
  public record Rail(
      PieceId piece,
      String pieceName,
      String edge,
      String run,
      int span,
      UnitKind kind,
      Fabric fabric,
      boolean noEase,
      boolean space,
      String label,
      String word,
      String words,
      int firstPlace,
      int places,
      int placesPerUnit,
      int firstNumber,
      int numberStep,
      double startMm,
      double placeMm,
      double x,
      double y,
      double dx,
      double dy) {}

  /** An anchor; the two ends of the seam cannot be moved. */
  public record AnchorPlan(
      String id, String name, int a, int b, double aMm, double bMm, boolean joins, boolean movable, boolean own, String aName, String bName) {}

  /** Ease with its sentence. */
  public record EaseView(
      double aMm, double bMm, double share, double differenceMm, Ease.Verdict verdict, double rippleMm, String words) {}

  /** One interval as an outside check needs it (model 9). Groups are [p, q, times], {@code groupJoints} the joints of each of them. */
  public record IntervalView(
      String heading,
      String start,
      String end,
      From from,
      int aFrom,
      int aTo,
      int bFrom,
      int bTo,
      List<Double> positionsA,
      List<Double> positionsB,
      List<Integer> noEaseA,
      List<Integer> noEaseB,
      int most,
      List<List<Integer>> groups,
      List<Integer> groupJoints,
      Cost cost,
      Cost optimum,
      Worked worked,
      Optional<RhythmView> rhythm,
      String words,
      double worstMm,
      EaseView ease) {}

  /** Whether an interval is worked by a rhythm or by the optimum itself. */
  public enum Worked {
    RHYTHM,
    OPTIMUM
  }

  /** A rhythm with its numbers: plain and rare group, then a, u, v, s, b. */
  public record RhythmView(Rhythm.Form form, int plain, int rare, List<Integer> numbers, String words) {}

  /** A marker with the maker's names for its places. */
  public record CheckpointPlan(
      int number, Checkpoint.Kind kind, String name, int joint, int placeA, int placeB, String nameA, String nameB) {}

  /** How the chosen method is worked here: which loops are taken of the near (A) and the far piece (B), from which hand, how the yarn goes, each part in words, and what is seen of it on the right side. */
  public record HowToView(Facing facing, Method.Look look, boolean fromRight, HowTo.Taken near, HowTo.Taken far, HowTo.Path path, List<HowTo.Line> lines) {}

  /** What a joining method of the catalogue takes on this seam, mm, how many ends it leaves, and whether it may be used. */
  public record MethodFacts(String id, double yarnMm, double takeUpMm, int ends, boolean allowed) {}
}
