package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.seam.Side;

/**
 * A step as it is taken to the bench (handbook 14): the frozen plan of a seam, or the rounds of a strip, and every joint, or stitch, in
 * words. Joint k is the k-th element, counted from 0. Held as told, {@code wrongSide} says which side the maker sees and
 * {@code fromRight} at which hand the start lies.
 */
public record BenchPlan(
    String title,
    String hold,
    String start,
    boolean wrongSide,
    boolean fromRight,
    String check,
    List<String> cautions,
    List<Prompt> prompts,
    Optional<SeamPlan> plan,
    List<BenchJoint> joints,
    List<HeldSquare> squares,
    List<BenchRound> rounds,
    List<Stop> stops) {
  /** A place that is looked at once so many joints are done: a marker, or the end of a stretch; its number is the maker's. */
  public record Stop(int number, int joint, String words) {}

  /**
   * A round of a strip: its stitches are joints {@code from} to {@code to}.
   *
   * @param hold how it is held, where that may change from one round to the next
   * @param reversed whether it runs against the order in which the edge is listed
   */
  public record BenchRound(int number, String words, Optional<String> hold, boolean reversed, int from, int to, List<BenchSegment> segments) {
    public BenchRound {
      segments = List.copyOf(segments);
    }
  }

  /**
   * Like units in a row, and the joints {@code from} to {@code to} that are worked into them.
   *
   * @param numbers what the first unit that the hands meet is called, and the way of the numbers
   * @param twin the stretch that is its mirror image, by its number along the edge
   */
  public record BenchSegment(String name, UnitKind kind, int units, int from, int to, String words, StripPlan.Numbers numbers, Optional<Integer> twin) {}

  /** A square of a line, by the piece it stands for on the rails; none at a seam. */
  public record HeldSquare(PieceId piece, String name, Dye colour) {}

  /**
   * A moment to stop, after {@code joint} joints: what to do, and the expected oddity that is no fault (handbook
   * 14).
   */
  public record Prompt(int joint, Kind kind, String words, String expected) {
    /** Pull the yarn straight, or look whether a marker lies where it should. */
    public enum Kind {
      TUG,
      MARKER,
      /** A short look at the right side. */
      LOOK,
      /** A picot, a buttonhole. */
      TRIM,
      /** The next two squares of a line. */
      CROSSING,
      /** One stitch that takes a little of every edge that meets there. */
      CLOSING
    }
  }

  public BenchPlan {
    prompts = List.copyOf(prompts);
    cautions = List.copyOf(cautions);
    joints = List.copyOf(joints);
    squares = List.copyOf(squares);
    rounds = List.copyOf(rounds);
    stops = stops.isEmpty() ? plan.map(BenchPlan::markers).orElse(List.of()) : List.copyOf(stops);
  }

  /** How many places of a side are used up once so many joints are done. */
  public int used(int joints, Side side) {
    return this.joints.stream().limit(joints).mapToInt(joint -> 1 + (side == Side.A ? joint.a() : joint.b())).max().orElse(0);
  }

  /** Of a seam; a plan that was frozen before stops were told has them, too. */
  private static List<Stop> markers(SeamPlan plan) {
    return plan.checkpoints().stream().map(marker -> new Stop(marker.number(), marker.joint(), marker.name().isEmpty() ? marker.nameA() : "%s (%s)".formatted(marker.nameA(), marker.name()))).toList();
  }

  /** The same as a line of squares, with what comes at their corners in the place of markers there. */
  BenchPlan ofSquares(List<Prompt> corners, List<HeldSquare> held) {
    List<Prompt> all = new ArrayList<>(prompts.stream().filter(prompt -> corners.stream().noneMatch(corner -> Math.abs(corner.joint() - prompt.joint()) <= 1)).toList());
    all.addAll(corners);
    all.sort(Comparator.comparingInt(Prompt::joint));
    return new BenchPlan(title, hold, start, wrongSide, fromRight, check, cautions, all, plan, joints, held, rounds, stops);
  }

  /** The same with the stitches that close a point on its way, at the joint that reaches it; those at its ends are told when it is joined. */
  BenchPlan withClosing(List<GarmentPlan.Closing> stitches) {
    return with(stitches.stream().filter(stitch -> stitch.joint() > 0 && stitch.joint() < joints.size()).map(stitch -> new Prompt(stitch.joint(), Prompt.Kind.CLOSING, stitch.words(), "The closing stitch is no joint, and is not counted.")).toList());
  }

  /** The same with these moments, too. */
  BenchPlan with(List<Prompt> more) {
    List<Prompt> told = Stream.concat(prompts.stream(), more.stream()).sorted(Comparator.comparingInt(Prompt::joint)).toList();
    return new BenchPlan(title, hold, start, wrongSide, fromRight, check, cautions, told, plan, joints, squares, rounds, stops);
  }

  /** The same with what the row it is joined by goes on with. */
  BenchPlan withPlain(Optional<PlainOfRow> plain) {
    if (plain.isEmpty()) {
      return this;
    }
    List<BenchJoint> on = new ArrayList<>(joints);
    on.addAll(plain.get().joints());
    List<Prompt> told = new ArrayList<>(prompts);
    told.addAll(plain.get().prompts(joints.size()));
    return new BenchPlan(title, hold, start, wrongSide, fromRight, check, cautions, told, plan, on, squares, rounds, stops);
  }

  /**
   * Whether the seam would be worked alike by another plan: the same places of the same edges, joint by joint, held the
   * same way. Words, lengths and what stands beside it do not matter.
   */
  public boolean isWorkedAs(BenchPlan other) {
    return isWorkedAs(other, true);
  }

  /**
   * The same.
   *
   * @param byNumbers whether units are known by the same numbers in both; rows had others once
   */
  public boolean isWorkedAs(BenchPlan other, boolean byNumbers) {
    return hold.equals(other.hold)
        && places(joints).equals(places(other.joints))
        && worked(plan, byNumbers).equals(worked(other.plan, byNumbers))
        && stitches(rounds).equals(stitches(other.rounds));
  }

  private static List<List<Integer>> places(List<BenchJoint> joints) {
    return joints.stream().map(joint -> List.of(joint.a(), joint.b())).toList();
  }

  private static List<List<Object>> stitches(List<BenchRound> rounds) {
    return rounds.stream().flatMap(round -> round.segments().stream().map(segment -> List.<Object>of(round.reversed(), segment.kind(), segment.units(), segment.from(), segment.to()))).toList();
  }

  private static List<List<Object>> worked(Optional<SeamPlan> plan, boolean byNumbers) {
    return plan.stream()
        .flatMap(seam -> Stream.of(seam.a(), seam.b()))
        .flatMap(side -> side.rails().stream())
        .map(rail -> List.<Object>of(rail.piece(), rail.edge(), rail.kind(), rail.firstPlace(), rail.places(), rail.placesPerUnit(), byNumbers ? rail.firstNumber() : 0, byNumbers ? rail.numberStep() : 0))
        .toList();
  }

  /** One joint: the places of both sides (−1 for a seam place) and what to do. */
  public record BenchJoint(int a, int b, String words) {}
}
