package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.bench.Departure.What;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Wording;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Side;

/**
 * What was worked otherwise than a frozen plan says (handbook 11, mirror ledger): in words, what it comes to along each stretch of an
 * edging or side of a seam, and where the next round meets it.
 *
 * @param done in the order of the joints
 */
public record Departures(BenchPlan plan, List<Departure> done) {
  public Departures {
    done = List.copyOf(done);
  }

  /** By how many stitches a stretch of the first round has come to more than was planned, below 0 to fewer. */
  public record OfStretch(int stretch, String name, int more) {}

  /** Every stretch of the first round; none where no rounds are worked. */
  public List<OfStretch> firstRound() {
    if (plan.rounds().isEmpty()) {
      return List.of();
    }
    List<BenchSegment> stretches = stretches(plan.rounds().get(0));
    return IntStream.range(0, stretches.size())
        .mapToObj(i -> new OfStretch(i, stretches.get(i).name(), done.stream().filter(each -> holds(stretches.get(i), each.joint())).mapToInt(Departure::stitches).sum()))
        .toList();
  }

  /** Each in words that name its place. */
  public String words(Departure departure) {
    return plan.plan().map(seam -> atSeam(seam, departure)).orElseGet(() -> onEdging(departure));
  }

  private String onEdging(Departure departure) {
    Optional<BenchSegment> segment = plan.rounds().stream().flatMap(round -> round.segments().stream()).filter(each -> holds(each, departure.joint())).findFirst();
    int at = departure.joint() - segment.map(BenchSegment::from).orElse(0);
    String where = segment.filter(each -> !each.name().isEmpty()).map(each -> " of the " + Wording.low(each.name())).orElse("");
    String words =
        switch (departure.what()) {
          case ONE_MORE -> "one more after %d%s".formatted(at, where);
          case LEFT_OUT -> "%d%s left out".formatted(at, where);
          case TWO_INTO_ONE -> "%d%s worked together with the one before".formatted(at, where);
          case LEFT_OVER -> "nothing left for the last %s%s".formatted(departure.count() == 1 ? "one" : Wording.number(departure.count()), where);
        };
    return Wording.capital(words) + ".";
  }

  private String atSeam(SeamPlan seam, Departure departure) {
    String words =
        switch (departure.what()) {
          case ONE_MORE -> "after joint %d, one more into the same places".formatted(departure.joint());
          case LEFT_OUT -> "after joint %d, %s left out".formatted(departure.joint(), places(seam, departure, 1));
          case TWO_INTO_ONE -> "at joint %d, %s into one".formatted(departure.joint(), places(seam, departure, 2));
          case LEFT_OVER -> "%s left over at the end".formatted(places(seam, departure, departure.count()));
        };
    return Wording.capital(words) + ".";
  }

  /** "2 row ends of the left front": so many of what a side has at a joint. */
  private String places(SeamPlan seam, Departure departure, int count) {
    BenchPlan.BenchJoint joint = plan.joints().get(Math.min(departure.joint(), plan.joints().size()) - 1);
    Side side = departure.side().orElse(Side.A);
    int place = side == Side.A ? joint.a() : joint.b();
    return (side == Side.A ? seam.a() : seam.b())
        .rails().stream()
        .filter(rail -> place >= rail.firstPlace() && place < rail.firstPlace() + rail.places())
        .findFirst()
        .map(rail -> "%s %s of the %s".formatted(Wording.number(count), PlaceNames.words(count, rail.kind()), Wording.low(rail.pieceName())))
        .orElseGet(() -> "%s of the %s".formatted(Wording.number(count), side(seam, side)));
  }

  static String side(SeamPlan seam, Side side) {
    return Wording.low((side == Side.A ? seam.a() : seam.b()).name());
  }

  /** How far one side of a seam has got before the other by what was worked otherwise; empty where they keep step, at the end, and for edgings. */
  public Optional<String> apart() {
    return plan.plan().flatMap(this::apart);
  }

  private Optional<String> apart(SeamPlan seam) {
    int a = ahead(Side.A) - ahead(Side.B);
    boolean hasEnded = done.stream().anyMatch(each -> each.what() == What.LEFT_OVER);
    if (a == 0 || hasEnded) {
      return Optional.empty();
    }
    Side first = a > 0 ? Side.A : Side.B;
    String behind = side(seam, first.other());
    return Optional.of(
        "The %s is %s further than planned: as many of the %s will be left over at the end, unless you put two of the %s into one, or leave one of it out, before."
            .formatted(side(seam, first), Wording.counted(Math.abs(a), "places"), behind, behind));
  }

  private int ahead(Side side) {
    return done.stream().mapToInt(each -> each.places(side)).sum();
  }

  /** Where the round after one that was worked otherwise meets it. Linear in what was, times the stretches of a round. */
  public List<Prompt> metAgain() {
    List<Prompt> met = new ArrayList<>();
    for (Departure departure : done) {
      for (int r = 0; r + 1 < plan.rounds().size(); r++) {
        List<BenchSegment> stretches = stretches(plan.rounds().get(r));
        List<BenchSegment> above = stretches(plan.rounds().get(r + 1));
        for (int i = 0; i < Math.min(stretches.size(), above.size()); i++) {
          if (holds(stretches.get(i), departure.joint())) {
            met.add(again(stretches.get(i), above.get(i), departure, plan.rounds().get(r).reversed() != plan.rounds().get(r + 1).reversed()));
          }
        }
      }
    }
    return met;
  }

  /** Where the mirror image of a stretch that was worked otherwise is still to come: to be worked alike. */
  public List<Prompt> mirrored() {
    List<Prompt> prompts = new ArrayList<>();
    for (Departure departure : done) {
      for (BenchRound round : plan.rounds()) {
        List<BenchSegment> stretches = stretches(round);
        stretches.stream()
            .filter(segment -> holds(segment, departure.joint()))
            .forEach(
                segment ->
                    segment.twin().filter(twin -> twin < stretches.size()).map(stretches::get).filter(twin -> twin.from() >= segment.to())
                        .ifPresent(twin -> prompts.add(alike(along(twin, segment.to() - departure.joint(), segment), "On the first half", words(departure)))));
      }
    }
    return prompts;
  }

  /** What was done on the other side, where it is to be done here. */
  static Prompt alike(int joint, String where, String words) {
    return new Prompt(joint, Prompt.Kind.MARKER, "%s, you worked otherwise: %s".formatted(where, Wording.uncapital(words)), "Do the same here and tell it, then both sides are alike.");
  }

  /**
   * @param turned whether the round above is met from its other end
   */
  private Prompt again(BenchSegment below, BenchSegment above, Departure departure, boolean turned) {
    int along = turned ? below.to() - departure.joint() : departure.joint() - below.from();
    String words =
        departure.what() == What.ONE_MORE
            ? "Here the round before has one stitch more: work one into it, and tell it as one more."
            : "Here the round before has %s fewer: leave as many out, and tell it.".formatted(Wording.counted(departure.count(), "stitches"));
    return new Prompt(along(above, along, below), Prompt.Kind.MARKER, words, words(departure));
  }

  /** As far along a segment as so many stitches of another are along that. */
  static int along(BenchSegment segment, int stitches, BenchSegment of) {
    return segment.from() + (int) Math.round((double) stitches * (segment.to() - segment.from()) / (of.to() - of.from()));
  }

  /** What was worked otherwise belongs to the stretch that holds its joint. */
  static boolean holds(BenchSegment segment, int joint) {
    return joint > segment.from() && joint <= segment.to();
  }

  /** In the order in which the edge is listed. */
  static List<BenchSegment> stretches(BenchRound round) {
    List<BenchSegment> stretches = new ArrayList<>(round.segments().stream().filter(segment -> !segment.name().isEmpty()).toList());
    if (round.reversed()) {
      Collections.reverse(stretches);
    }
    return stretches;
  }
}
