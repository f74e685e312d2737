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

  /** Linear in the stretches times the rounds. */
  static List<RoundOf> of(Strip strip, Line line, List<Wish> wishes, List<Integer> counts) {
    Round first = strip.rounds().get(0);
    List<RoundOf> rounds = new ArrayList<>();
    rounds.add(first(line, first, wishes, counts, corners(strip, line, first)));
    for (Round round : strip.rounds().subList(1, strip.rounds().size())) {
      rounds.add(next(strip, line, rounds, round));
    }
    return rounds;
  }

  /** What each corner adds or takes in a round; nothing at inner ones that are passed straight on. */
  static List<Turned> corners(Strip strip, Line line, Round round) {
    List<Turned> corners = new ArrayList<>();
    for (int i = 0; i < line.junctions().size(); i++) {
      double turn = line.junctions().get(i).turn();
      if (turn != 0) {
        boolean passed = turn < 0 && strip.straightOn();
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
  private static RoundOf next(Strip strip, Line line, List<RoundOf> before, Round round) {
    RoundOf below = before.get(before.size() - 1);
    double height = before.stream().mapToDouble(each -> each.round().heightMm()).sum();
    List<Worked> segments = new ArrayList<>();
    List<Turned> corners = new ArrayList<>();
    List<Turned> here = corners(strip, line, round);
    for (int i = 0; i < below.segments().size(); i++) {
      Worked worked = below.segments().get(i);
      Optional<Turned> behind = cornerBehind(below, i);
      if (worked.stretch() < 0) {
        segments.add(worked);
      } else {
        Optional<Turned> ahead = cornerBefore(below, i).filter(corner -> !behind.equals(Optional.of(corner)));
        boolean meetsItself = behind.isPresent() && ahead.isEmpty() && cornerBefore(below, i).isPresent();
        int units = worked.stitches() + behind.map(corner -> meetsItself ? both(corner) : share(below, corner, worked)).orElse(0) + ahead.map(corner -> share(below, corner, worked)).orElse(0);
        segments.add(over(line, worked.stretch(), Math.max(0, units), height, below.round(), round));
      }
      if (behind.isPresent()) {
        int stretch = worked.stretch();
        Turned corner = here.stream().filter(each -> each.behind() == stretch).findFirst().orElseThrow();
        corners.add(new Turned(segments.size() - 1, corner.angle(), corner.stitches()));
        if (behind.get().stitches() > 0 && behind.get().stitches() % 2 == 1) {
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

  private static Worked over(Line line, int index, int units, double height, Round below, Round round) {
    Stretch stretch = line.stretches().get(index);
    double bend = Math.toRadians(stretch.bend());
    double corners = outwards(line.before(index).turn()) + outwards(line.after(index).turn());
    double byLength = (stretch.lengthMm() + (bend + corners) * height) / round.widthMm();
    int bent = (int) Math.round(bend * (height + round.heightMm()) / round.widthMm()) - (int) Math.round(bend * height / round.widthMm());
    boolean alike = Math.abs(round.widthMm() / below.widthMm() - 1) <= ALIKE;
    return new Worked(UnitKind.STITCH_TOP, index, units, Math.max(0, alike ? units + bent : (int) Math.round(byLength)), byLength, true);
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
