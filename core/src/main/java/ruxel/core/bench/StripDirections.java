package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.bench.BenchPlan.BenchJoint;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.bench.BenchPlan.Stop;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.hold.Facing.Face;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.match.PlaceNames;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Wording;
import ruxel.core.plan.Bands;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.CornerPlan;
import ruxel.core.plan.StripPlan.RoundPlan;
import ruxel.core.plan.StripPlan.SegmentPlan;
import ruxel.core.plan.TurnIt;
import ruxel.core.strip.RibBand;

/**
 * Says the rounds of a strip stitch by stitch, for the bench (handbook 11, 14): into which unit each goes, what is worked together or
 * into one place at a corner, and where a stretch ends.
 */
public final class StripDirections {
  /** More are worked by the list: nobody counts so far in one sitting. */
  public static final int MOST_STITCHES = 20_000;
  private static final int SEAM_PLACE = -1;

  private final StripPlan strip;
  private final Wording wording;
  private final MovingMarkers markers;
  private final String tail;
  private final List<BenchJoint> joints = new ArrayList<>();
  private final List<BenchRound> rounds = new ArrayList<>();
  private final List<Stop> stops = new ArrayList<>();
  private final List<Prompt> prompts = new ArrayList<>();

  private StripDirections(StripPlan strip, List<Piece> pieces, Wording wording, HouseRules rules) {
    this.strip = strip;
    markers = new MovingMarkers(strip, pieces);
    this.wording = wording;
    tail = wording.length(rules.get(HouseRules.Rule.TAIL_MM));
  }

  /**
   * The bench plan of a strip, or of the seam that sews a band on; empty when the garment has no such strip, or one that is too long. Linear in its stitches.
   *
   * @param planned the plan of this garment
   */
  public static Optional<BenchPlan> of(Garment garment, GarmentPlan planned, StripId stripId) {
    return planned.strips().stream().filter(strip -> strip.id().equals(stripId)).findFirst().flatMap(strip -> of(garment, strip, fastensOn(planned, strip), TurnIt.before(planned, strip).map(TurnIt::first)));
  }

  private static List<Piece> pieces(Garment garment) {
    return Layout.of(garment) instanceof Outcome.Good<Layout> laid ? laid.value().construct().pieces() : List.of();
  }

  private static boolean fastensOn(GarmentPlan planned, StripPlan strip) {
    return planned.order().steps().stream().filter(step -> step.of().filter(WorkRef.strip(strip.id())::equals).isPresent()).allMatch(OrderPlan.WorkStep::fastenOn);
  }

  private static Optional<BenchPlan> of(Garment garment, StripPlan strip, boolean fastensOn, Optional<String> turn) {
    if (strip.sewn().isPresent()) {
      return Bands.match(garment, strip.id()).map(match -> Directions.of(match, strip.sewn().get(), garment.wording(), garment.rules(), before(strip, turn)));
    }
    if (strip.band().isPresent()) {
      return strip.strip().band().filter(RibBand::workedOn).map(band -> new BandDirections(strip, band, strip.band().get(), garment.wording()).plan());
    }
    if (!strip.hasStep()) {
      return Optional.empty();
    }
    boolean isLong = strip.rounds().stream().mapToInt(RoundPlan::total).sum() > MOST_STITCHES;
    return isLong ? Optional.empty() : Optional.of(new StripDirections(strip, pieces(garment), garment.wording(), garment.rules()).plan(fastensOn, turn));
  }

  private static List<String> before(StripPlan band, Optional<String> turn) {
    String ring = band.round() ? " Join its first and last row: it is a ring." : "";
    return Stream.concat(band.band().map(made -> "Make it first. " + made.words() + ring).stream(), turn.stream()).toList();
  }

  private BenchPlan plan(boolean fastensOn, Optional<String> turn) {
    strip.byThemselves().stream().map(RoundPlan::asMet).forEach(this::round);
    if (!strip.keepsOneBack()) {
      trims();
    }
    String name = Wording.low(strip.called());
    RoundPlan first = strip.rounds().get(0);
    boolean wrongSide = first.hold().shows().get(0) == Face.WRONG_SIDE;
    String hold = "%s side towards you; %s, from the ball.".formatted(wrongSide ? "Wrong" : "Right", first.stitch().name(wording.terms()));
    boolean goesOn = strip.row().flatMap(RowPlan::nowRows).isPresent();
    String start = "%s at %s. %s %s %s".formatted(goesOn ? "Turn, and go on from the last row" : fastensOn ? "Fasten on" : "Go on with the yarn that was not cut", first.hold().from(), chains(first), first.hold().words(), first.words());
    List<String> cautions = new ArrayList<>(turn.stream().toList());
    cautions.addAll(strip.effects());
    if (strip.keepsOneBack()) {
      cautions.add("Keep the loop live at the end: the last row is worked while the edge is joined.");
    }
    cautions.add("Count clips and markers in and out.");
    return new BenchPlan(
        "Work the " + name, hold, start, wrongSide, wording.hand() == Wording.Hand.RIGHT, "Lay it flat now and then: it should neither ripple nor pull.", cautions, prompts, Optional.empty(), joints, List.of(), rounds, stops);
  }

  /** A stitch that is worked into a unit, before it is known what is worked together. */
  private record Into(int segment, int unit, String words) {}

  private void round(RoundPlan round) {
    List<Into> all = new ArrayList<>();
    List<Integer> ends = new ArrayList<>();
    for (int i = 0; i < round.segments().size(); i++) {
      all.addAll(segment(round, i));
      for (CornerPlan corner : corners(round, i)) {
        for (int k = 0; k < corner.stitches(); k++) {
          all.add(new Into(i, SEAM_PLACE, "Into the same place again, at the corner"));
        }
      }
      ends.add(all.size());
    }
    List<Integer> shift = together(round, all, ends);
    int start = joints.size();
    all.forEach(into -> joints.add(new BenchJoint(into.segment(), into.unit(), into.words() + ".")));
    List<BenchSegment> segments = new ArrayList<>();
    int from = start;
    for (int i = 0; i < round.segments().size(); i++) {
      SegmentPlan segment = round.segments().get(i);
      int to = Math.min(joints.size(), start + shift.get(i));
      Optional<StripPlan.InnerPlan> inner = segment.stretch().map(strip.inner()::get);
      segments.add(new BenchSegment(inner.map(StripPlan.InnerPlan::name).orElse(""), segment.kind(), segment.units(), from, Math.max(from, to), segment.words(), numbers(round, segment), inner.flatMap(StripPlan.InnerPlan::twin)));
      from = Math.max(from, to);
    }
    stops(round, segments);
    rounds.add(new BenchRound(round.number(), round.words(), Optional.of("%s %s.".formatted(round.hold().words(), Wording.capital(round.stitch().name(wording.terms())))), round.hold().reversed(), start, joints.size(), segments));
    prompts.addAll(markers.of(round, rounds.get(rounds.size() - 1)));
    if (round.number() < strip.byThemselves().size()) {
      RoundPlan next = strip.rounds().get(round.number());
      String turn = strip.strip().rounds().size() > round.number() && strip.strip().rounds().get(round.number()).turned() ? " Turn the work." : "";
      prompts.add(new Prompt(joints.size(), Prompt.Kind.MARKER, "%s %d is done.%s%s %s Next: %s %s".formatted(word(), round.number(), close(round), turn, chains(next), next.words(), next.hold().words()), counted(round)));
    } else if (!strip.keepsOneBack()) {
      Optional<StripPlan.TrimPlan> gather = strip.trims().stream().filter(trim -> trim.kind() == StripPlan.TrimPlan.Kind.GATHER).findFirst();
      String next = gather.map(trim -> "%s Next: %s".formatted(strip.round() ? "" : " Turn the work.", trim.words())).orElseGet(this::fastenOff);
      prompts.add(new Prompt(joints.size(), Prompt.Kind.MARKER, "%s %d is done.%s%s".formatted(word(), round.number(), close(round), next), counted(round)));
    }
  }

  private String fastenOff() {
    return " Fasten off: cut the yarn at %s and pull the end through; weave it in along the wrong side.".formatted(tail);
  }

  /** What the last round has besides its stitches. */
  private void trims() {
    TrimDirections trims = new TrimDirections(strip, rounds.get(rounds.size() - 1), joints.size());
    prompts.addAll(trims.prompts());
    trims.gathering()
        .ifPresent(
            extra -> {
              add(extra);
              String left = "%s are left; count them.".formatted(Wording.counted(extra.joints().size(), "stitches"));
              prompts.add(new Prompt(joints.size(), Prompt.Kind.MARKER, "Gathered." + fastenOff(), left));
            });
    BenchRound edge = rounds.get(rounds.size() - 1);
    new TrimDirections(strip, edge, joints.size()).fringe(edge.number() + 1).ifPresent(this::add);
    prompts.sort(Comparator.comparingInt(Prompt::joint));
  }

  private void add(TrimDirections.Extra extra) {
    stops.add(new Stop(stops.size() + 1, joints.size(), "the end of the last round"));
    joints.addAll(extra.joints());
    rounds.add(extra.round());
  }

  /** The first is looked at before another goes on it. */
  private static String counted(RoundPlan round) {
    return "%d stitches in it; count them.%s".formatted(round.total(), round.number() == 1 ? " Lay it flat: if it ripples there are too many, if it pulls in there are too few." : "");
  }

  private String word() {
    return strip.round() ? "Round" : "Row";
  }

  private String close(RoundPlan round) {
    String into = round.stitch().turningChainCounts() ? "the top of the chain it began with" : "its first stitch";
    return strip.round() ? " Close it with a slip stitch into %s, which is no stitch.".formatted(into) : "";
  }

  /** The chains a round begins with: a first stitch, or none. */
  private static String chains(RoundPlan round) {
    String counted = round.stitch().turningChainCounts() ? "it is the first stitch" : "it is no stitch, the first one goes into the same place";
    return "Chain %d: %s.".formatted(round.stitch().turningChains(), counted);
  }

  private static List<CornerPlan> corners(RoundPlan round, int segment) {
    return round.corners().stream().filter(corner -> corner.behind() == segment).toList();
  }

  private List<Into> segment(RoundPlan round, int index) {
    SegmentPlan segment = round.segments().get(index);
    if (segment.stretch().isEmpty()) {
      return between(segment, index);
    }
    StripPlan.Numbers numbers = numbers(round, segment);
    List<Into> stitches = new ArrayList<>();
    int last = SEAM_PLACE;
    for (int i = 0; i < segment.stitches(); i++) {
      int unit = segment.into().isEmpty() ? i : segment.into().get(i);
      stitches.add(new Into(index, unit, "%s %d%s".formatted(Wording.capital(PlaceNames.word(segment.kind())), numbers.first() + numbers.step() * unit, unit == last ? " again" : "")));
      last = unit;
    }
    return stitches;
  }

  /** Of the units of a first round their own numbers, from the end where the hands meet them; later rounds count from there. */
  private StripPlan.Numbers numbers(RoundPlan round, SegmentPlan segment) {
    if (segment.stretch().isEmpty() || segment.kind() != UnitKind.ROW_END) {
      return new StripPlan.Numbers(1, 1);
    }
    StripPlan.Numbers own = strip.inner().get(segment.stretch().get()).numbers();
    return round.hold().reversed() ? new StripPlan.Numbers(own.first() + own.step() * (segment.units() - 1), -own.step()) : own;
  }

  /** A seam place, or what goes into a corner space, one after the other. */
  private static List<Into> between(SegmentPlan segment, int index) {
    if (segment.stitches() == 1) {
      return List.of(new Into(index, SEAM_PLACE, segment.words().replaceFirst("\\.$", "")));
    }
    return IntStream.range(0, segment.stitches()).mapToObj(i -> new Into(index, SEAM_PLACE, i == 0 ? "Into the corner" : "Into the corner again")).toList();
  }

  /**
   * At each corner that takes stitches as many and one become one, with the seam place in their middle where there is one.
   *
   * @return where each segment ends then
   */
  private static List<Integer> together(RoundPlan round, List<Into> all, List<Integer> ends) {
    List<Integer> shift = new ArrayList<>(ends);
    for (int i = 0; i < round.segments().size(); i++) {
      for (CornerPlan corner : corners(round, i)) {
        if (corner.stitches() < 0 && !all.isEmpty()) {
          int taken = Math.min(-corner.stitches(), all.size() - 1);
          boolean beforePlace = i + 1 < round.segments().size() && round.segments().get(i + 1).stretch().isEmpty();
          int wanted = shift.get(i) - (beforePlace ? taken / 2 : (taken + 1) / 2);
          int first = Math.max(0, Math.min(wanted, all.size() - taken - 1));
          String words = "%s together over the corner".formatted(Wording.capital(Wording.number(taken + 1L)));
          all.set(first, new Into(all.get(first).segment(), SEAM_PLACE, words));
          all.subList(first + 1, first + 1 + taken).clear();
          for (int k = 0; k < shift.size(); k++) {
            int end = shift.get(k);
            shift.set(k, end > first + taken ? end - taken : Math.min(end, first + 1));
          }
        }
      }
    }
    return shift;
  }

  /** A stop at the end of each stretch: what comes next, said once for all that lies between two stretches. */
  private void stops(RoundPlan round, List<BenchSegment> segments) {
    for (int i = 0; i < segments.size(); i++) {
      BenchSegment segment = segments.get(i);
      boolean isStretch = round.segments().get(i).stretch().isPresent();
      if (isStretch && segment.to() > segment.from()) {
        int corner = corners(round, i).stream().mapToInt(CornerPlan::stitches).sum();
        int at = segment.to() - Math.max(0, corner + (corner > 0 ? 1 : 0));
        String next = next(round, i);
        if (at > segment.from() && !next.isEmpty()) {
          stops.add(new Stop(stops.size() + 1, at, segment.name().isEmpty() ? next : "the end of the " + Wording.low(segment.name())));
          prompts.add(new Prompt(at, Prompt.Kind.MARKER, next, "%s so far along the %s.".formatted(Wording.counted(at - (long) segment.from(), "stitches"), Wording.low(segment.name()))));
        }
      }
    }
  }

  private static String next(RoundPlan round, int index) {
    List<String> words = new ArrayList<>(corners(round, index).stream().map(CornerPlan::words).toList());
    for (int i = index + 1; i < round.segments().size() && round.segments().get(i).stretch().isEmpty(); i++) {
      words.add(round.segments().get(i).words());
    }
    for (int i = index + 1; i < round.segments().size(); i++) {
      if (round.segments().get(i).stretch().isPresent()) {
        words.add("Then %s".formatted(Wording.low(round.segments().get(i).words())));
        break;
      }
    }
    return String.join(" ", words);
  }
}
