package ruxel.core.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ruxel.core.piece.UnitKind;
import ruxel.core.strip.WorkedOn.RoundOf;
import ruxel.core.strip.WorkedOn.Turned;
import ruxel.core.strip.WorkedOn.Worked;

/** The rounds of a strip, each on the one below (handbook 11). */
public final class Rounds {
  /** Stitch tops take one each when the stitch is as wide as theirs to 5 %. */
  static final double ALIKE = 0.05;
  private static final double STRAIGHT = 180;

  private Rounds() {}

  /**
   * All rounds; empty where no counts of the round that is picked up meet the multiple. A round whose stitch is as wide as the one below
   * takes one into each, so that it has as many more as its corners and bends make it; where it is not, stitches are picked up anew, by
   * length. What the round of the multiple has is settled by the last of these before it. Near linear in the stretches times the rounds.
   *
   * @param wishes of the first round, stretch by stretch
   */
  static Optional<List<RoundOf>> of(Strip strip, Line line, List<Wish> wishes) {
    int meets = strip.multiple().roundOf(strip.rounds().size());
    List<RoundOf> rounds = new ArrayList<>();
    for (int i = 0; i < strip.rounds().size(); i++) {
      boolean isPicked = i == 0 || !isAlike(strip.rounds().get(i), strip.rounds().get(i - 1));
      if (!isPicked) {
        rounds.add(next(strip, line, rounds, Optional.empty()));
        continue;
      }
      Strip.Multiple multiple = isLastPicked(strip, i, meets) ? strip.multiple().less(added(strip, line, i, meets)) : Strip.Multiple.ANY;
      List<Wish> here = i == 0 ? wishes : wishes(strip, line, rounds, wishes);
      Optional<List<Integer>> counts = PickUp.of(here, others(strip, line, rounds, i), length(strip, line, rounds, i), multiple);
      if (counts.isEmpty()) {
        return Optional.empty();
      }
      rounds.add(i == 0 ? first(line, strip.rounds().get(0), wishes, counts.get(), corners(strip, line, 0)) : next(strip, line, rounds, counts));
    }
    return Optional.of(rounds);
  }

  private static boolean isAlike(Round round, Round below) {
    return Math.abs(round.widthMm() / below.widthMm() - 1) <= ALIKE;
  }

  /** Whether no round from here to the one of the multiple is picked up anew. */
  private static boolean isLastPicked(Strip strip, int from, int meets) {
    return from <= meets && IntStream.rangeClosed(from + 1, meets).allMatch(i -> isAlike(strip.rounds().get(i), strip.rounds().get(i - 1)));
  }

  /** By how much rounds that take one into each grow from one to another. */
  private static int added(Strip strip, Line line, int from, int to) {
    int added = 0;
    double height = strip.rounds().subList(0, from + 1).stream().mapToDouble(Round::heightMm).sum();
    for (int i = from + 1; i <= to; i++) {
      Round round = strip.rounds().get(i);
      double at = height;
      added += line.stretches().stream().mapToInt(stretch -> bent(stretch, at, round)).sum() + corners(strip, line, i).stream().mapToInt(Turned::stitches).sum();
      height += round.heightMm();
    }
    return added;
  }

  /** Stitches of a round that no stretch has: at seams and corner spaces, in the middle of corners, and those a corner adds or takes. */
  private static int others(Strip strip, Line line, List<RoundOf> below, int index) {
    int turned = corners(strip, line, index).stream().mapToInt(Turned::stitches).sum();
    return turned + (index == 0 ? line.junctions().stream().mapToInt(junction -> junction.stitches(strip.rounds().get(0))).sum() : standing(below.get(index - 1)));
  }

  private static int standing(RoundOf below) {
    return below.segments().stream().filter(segment -> segment.stretch() < 0).mapToInt(Worked::stitches).sum() + below.corners().stream().mapToInt(Rounds::inTheMiddle).sum();
  }

  /** Of what a corner added an odd stitch stays in its middle. */
  private static int inTheMiddle(Turned corner) {
    return corner.stitches() > 0 ? corner.stitches() % 2 : 0;
  }

  /** How many stitches of a round lie along its inner edge, with what its corners add or take. */
  private static double length(Strip strip, Line line, List<RoundOf> below, int index) {
    double inner = index == 0 ? line.lengthMm() : IntStream.range(0, line.stretches().size()).mapToDouble(i -> lengthMm(line, i, height(below))).sum();
    return inner / strip.rounds().get(index).widthMm() + corners(strip, line, index).stream().mapToInt(Turned::stitches).sum();
  }

  private static double height(List<RoundOf> rounds) {
    return rounds.stream().mapToDouble(each -> each.round().heightMm()).sum();
  }

  /** How long a stretch is at a height: more or less by where it bends, and by the corners at its ends. */
  private static double lengthMm(Line line, int index, double height) {
    Stretch stretch = line.stretches().get(index);
    return stretch.lengthMm() + (Math.toRadians(stretch.bend()) + outwards(line.before(index).turn()) + outwards(line.after(index).turn())) * height;
  }

  /** What is wished of a round that is picked up anew: by length, less half of what stands beside each stretch, equal where the first is. */
  private static List<Wish> wishes(Strip strip, Line line, List<RoundOf> rounds, List<Wish> first) {
    RoundOf below = rounds.get(rounds.size() - 1);
    Round round = strip.rounds().get(rounds.size());
    int[] beside = new int[first.size()];
    int[] units = new int[first.size()];
    for (int i = 0; i < below.segments().size(); i++) {
      Worked segment = below.segments().get(i);
      if (segment.stretch() >= 0) {
        units[segment.stretch()] = segment.stitches();
        int next = (segment.stretch() + 1) % first.size();
        int between = between(below, i) + cornerBehind(below, i).map(Rounds::inTheMiddle).orElse(0);
        beside[segment.stretch()] += between;
        beside[next] += line.round() || next > segment.stretch() ? between : 0;
      }
    }
    return IntStream.range(0, first.size())
        .mapToObj(i -> new Wish(Math.max(HALF, lengthMm(line, i, height(rounds)) / round.widthMm() - HALF * beside[i]), Math.max(1, units[i]), first.get(i).group(), first.get(i).besideSeam(), Optional.empty()))
        .toList();
  }

  private static final double HALF = 0.5;

  /** Stitches that stand between a segment over a stretch and the next such one. */
  private static int between(RoundOf round, int segment) {
    int stitches = 0;
    for (int i = segment + 1; i < round.segments().size() && round.segments().get(i).stretch() < 0; i++) {
      stitches += round.segments().get(i).stitches();
    }
    return stitches;
  }

  /** Rounds of low stitches that may go straight on at an inner corner (handbook 11, house default). */
  private static final int MOST_STRAIGHT_ON = 4;

  /** What each corner adds or takes in a round; nothing at inner ones that are passed straight on, as the first low rounds may. */
  static List<Turned> corners(Strip strip, Line line, int index) {
    Round round = strip.rounds().get(index);
    boolean mayPass = strip.straightOn() && index < MOST_STRAIGHT_ON && strip.rounds().subList(0, index + 1).stream().noneMatch(Round::isTall);
    List<Turned> corners = new ArrayList<>();
    for (int i = 0; i < line.junctions().size(); i++) {
      double turn = line.junctions().get(i).turn();
      if (turn != 0) {
        boolean passed = turn < 0 && mayPass;
        corners.add(new Turned(i, STRAIGHT - turn, passed ? 0 : (int) Math.round(round.wider(turn))));
      }
    }
    return corners;
  }

  private static RoundOf first(Line line, Round round, List<Wish> wishes, List<Integer> counts, List<Turned> corners) {
    List<Worked> segments = new ArrayList<>();
    List<Turned> behind = new ArrayList<>();
    for (int i = 0; i < line.stretches().size(); i++) {
      Stretch stretch = line.stretches().get(i);
      segments.add(new Worked(stretch.kind(), i, stretch.finished(), counts.get(i), stretch.lengthMm() / round.widthMm(), wishes.get(i).isClose(counts.get(i))));
      int index = i;
      corners.stream().filter(corner -> corner.behind() == index).forEach(corner -> behind.add(new Turned(segments.size() - 1, corner.angle(), corner.stitches())));
      Junction junction = line.after(i);
      addPlaces(segments, UnitKind.CORNER, junction.cornersBefore(), junction.intoCorner(round));
      addPlaces(segments, UnitKind.SEAM_PLACE, junction.seam() ? 1 : 0, 1);
      addPlaces(segments, UnitKind.CORNER, junction.cornersBehind(), junction.intoCorner(round));
    }
    int total = segments.stream().mapToInt(Worked::stitches).sum() + behind.stream().mapToInt(Turned::stitches).sum();
    return new RoundOf(round, segments, behind, total, line.lengthMm(), outer(line, line.lengthMm(), round));
  }

  private static void addPlaces(List<Worked> segments, UnitKind kind, int count, int stitches) {
    for (int i = 0; i < count; i++) {
      segments.add(new Worked(kind, -1, 1, stitches, stitches, true));
    }
  }

  /**
   * One stitch into each, more or fewer where the edge bends; by length where its stitch is wider or narrower than those below. What a
   * corner of the round below added or took lies half on either side of it now; an odd one that was added stays in the corner.
   */
  private static RoundOf next(Strip strip, Line line, List<RoundOf> before, Optional<List<Integer>> picked) {
    Round round = strip.rounds().get(before.size());
    RoundOf below = before.get(before.size() - 1);
    double height = height(before);
    List<Worked> segments = new ArrayList<>();
    List<Turned> corners = new ArrayList<>();
    List<Turned> here = corners(strip, line, before.size());
    for (int i = 0; i < below.segments().size(); i++) {
      Worked worked = below.segments().get(i);
      Optional<Turned> behind = cornerBehind(below, i);
      if (worked.stretch() < 0) {
        segments.add(worked);
      } else {
        Optional<Turned> ahead = cornerBefore(below, i).filter(corner -> !behind.equals(Optional.of(corner)));
        boolean meetsItself = behind.isPresent() && ahead.isEmpty() && cornerBefore(below, i).isPresent();
        int units = Math.max(0, worked.stitches() + behind.map(corner -> meetsItself ? both(corner) : share(below, corner, worked)).orElse(0) + ahead.map(corner -> share(below, corner, worked)).orElse(0));
        int index = worked.stretch();
        int stitches = picked.map(counts -> counts.get(index)).orElseGet(() -> Math.max(0, units + bent(line.stretches().get(index), height, round)));
        segments.add(new Worked(UnitKind.STITCH_TOP, index, units, stitches, lengthMm(line, index, height) / round.widthMm(), true));
      }
      if (behind.isPresent()) {
        int stretch = worked.stretch();
        Turned corner = here.stream().filter(each -> each.behind() == stretch).findFirst().orElseThrow();
        corners.add(new Turned(segments.size() - 1, corner.angle(), corner.stitches()));
        for (int odd = inTheMiddle(behind.get()); odd > 0; odd--) {
          segments.add(new Worked(UnitKind.CORNER, -1, 1, 1, 1, true));
        }
      }
    }
    int total = segments.stream().mapToInt(Worked::stitches).sum() + corners.stream().mapToInt(Turned::stitches).sum();
    return new RoundOf(round, segments, corners, total, below.outerMm(), outer(line, below.outerMm(), round));
  }

  /** Of what a corner added half lies on either side; of what it took an odd one is taken from the longer side, the same left and right. */
  private static int share(RoundOf round, Turned corner, Worked segment) {
    Worked before = round.segments().get(corner.behind());
    Worked behind = IntStream.range(1, round.segments().size() + 1).mapToObj(i -> round.segments().get((corner.behind() + i) % round.segments().size())).filter(each -> each.stretch() >= 0).findFirst().orElseThrow();
    boolean isLonger = segment == before ? before.stitches() >= behind.stitches() : behind.stitches() > before.stitches();
    return corner.stitches() / 2 + (isLonger ? Math.min(0, corner.stitches() % 2) : 0);
  }

  /** Of the only corner of a round with one stretch, which lies at both ends of it. */
  private static int both(Turned corner) {
    return corner.stitches() < 0 ? corner.stitches() : corner.stitches() - corner.stitches() % 2;
  }

  /** By how many stitches a round on a height grows where its edge bends. */
  private static int bent(Stretch stretch, double height, Round round) {
    double bend = Math.toRadians(stretch.bend());
    return (int) Math.round(bend * (height + round.heightMm()) / round.widthMm()) - (int) Math.round(bend * height / round.widthMm());
  }

  /** How much longer the edge gets on either side of a corner, for each mm of height. */
  public static double outwards(double turn) {
    return Math.tan(Math.toRadians(Math.max(-STRAIGHT / 2, Math.min(STRAIGHT / 2, turn)) / 2));
  }

  private static Optional<Turned> cornerBehind(RoundOf round, int segment) {
    return round.corners().stream().filter(corner -> corner.behind() == segment).findFirst();
  }

  /** The corner between a stretch's segment and the one of the stretch before it; in a round the first follows the last. */
  private static Optional<Turned> cornerBefore(RoundOf round, int segment) {
    int count = round.segments().size();
    for (int back = 1; back <= count; back++) {
      int at = Math.floorMod(segment - back, count);
      if (round.segments().get(at).stretch() >= 0) {
        return cornerBehind(round, at);
      }
    }
    return Optional.empty();
  }

  /** The outer edge of a round: longer at outer corners and bends, shorter at inner ones. */
  private static double outer(Line line, double innerMm, Round round) {
    double corners = line.junctions().stream().mapToDouble(junction -> round.wider(junction.turn()) * round.widthMm()).sum();
    double bends = line.stretches().stream().mapToDouble(stretch -> Math.toRadians(stretch.bend()) * round.heightMm()).sum();
    return innerMm + corners + bends;
  }
}
