package ruxel.core.repair;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.match.Interval;
import ruxel.core.match.Place;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.SideLayout;
import ruxel.core.match.WholeIntervals;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.repair.Candidate.Promise;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;
import ruxel.core.seam.ResolvedSpan;

/** Where like meets like and the counts differ: count again, or add and take out on one piece (handbook 7.1, 7.5). */
final class CountRepairs {
  private final Situation situation;
  /** Fewer stitches or rows than this are not miscounted by one. */
  private static final int FEWEST_COUNTED = 8;

  private final List<Candidate> candidates = new ArrayList<>();

  /** A run of a side that could have another count. */
  private record Spot(Piece piece, Edge edge, Run run, int wanted) {
    int by() {
      return wanted - run.count();
    }
  }

  private CountRepairs(Situation situation) {
    this.situation = situation;
  }

  static List<Candidate> of(Situation situation) {
    CountRepairs repairs = new CountRepairs(situation);
    for (Interval interval : repairs.wholeIntervals()) {
      repairs.between(interval);
    }
    return repairs.candidates;
  }

  /** From anchor to anchor, also where no plan could be made. */
  private List<Interval> wholeIntervals() {
    return WholeIntervals.of(situation.match());
  }

  private void between(Interval interval) {
    SideLayout a = situation.match().a();
    SideLayout b = situation.match().b();
    int difference = units(a, interval.aFromInclusive(), interval.aToExclusive()) - units(b, interval.bFromInclusive(), interval.bToExclusive());
    boolean likeOnLike =
        allRows(a, interval.aFromInclusive(), interval.aToExclusive()) == allRows(b, interval.bFromInclusive(), interval.bToExclusive());
    if (difference == 0 || !likeOnLike) {
      return;
    }
    List<Spot> spots = new ArrayList<>();
    spots.addAll(spots(a, interval.aFromInclusive(), interval.aToExclusive(), -difference));
    spots.addAll(spots(b, interval.bFromInclusive(), interval.bToExclusive(), difference));
    List<Spot> suspicious = spots.stream().filter(this::isSuspicious).toList();
    (suspicious.isEmpty() ? spots : suspicious).stream().limit(2).forEach(spot -> {
      boolean slip = Math.abs(difference) == 1 && spot.run().count() >= FEWEST_COUNTED;
      if (slip || isSuspicious(spot)) {
        recount(spot);
      }
      work(spot);
    });
  }

  private static int units(SideLayout side, int from, int to) {
    return (int) side.places().subList(from, to).stream().filter(place -> place.part() == 0).count();
  }

  private static boolean allRows(SideLayout side, int from, int to) {
    return side.places().subList(from, to).stream().allMatch(place -> place.run().kind().isRowEnd());
  }

  private static List<Spot> spots(SideLayout side, int from, int to, int by) {
    Set<Spot> spots = new LinkedHashSet<>();
    for (Place place : side.places().subList(from, to)) {
      ResolvedSpan span = place.span();
      Run run = place.run();
      if (place.isOfEdge() && run.count() + by >= 1) {
        spots.add(new Spot(span.piece(), span.edge(), run, run.count() + by));
      }
    }
    return List.copyOf(spots);
  }

  /** The count is not as planned, or not as on the twin, and would be with the wanted one. */
  private boolean isSuspicious(Spot spot) {
    boolean offPlan = spot.run().counts().source() != Counts.Source.PLANNED && spot.run().counts().planned() == spot.wanted();
    OptionalInt onTwin = onTwin(spot);
    return offPlan || (onTwin.isPresent() && onTwin.getAsInt() == spot.wanted() && spot.run().count() != spot.wanted());
  }

  private OptionalInt onTwin(Spot spot) {
    return spot.piece().twinAmong(situation.construct().pieces()).stream()
        .flatMap(twin -> twin.edge(spot.piece().edgeOnTwin(twin, spot.edge().id())).stream())
        .flatMap(edge -> edge.runs().stream())
        .filter(run -> run.id().equals(spot.run().id()))
        .mapToInt(Run::count)
        .findFirst();
  }

  private void recount(Spot spot) {
    String units = PlaceNames.words(spot.run().kind());
    OptionalInt onTwin = onTwin(spot);
    List<Change> changes = new ArrayList<>(List.of(change(spot)));
    // A row missed at one edge was missed at the other too, where that is as doubtful.
    if (spot.run().kind().isRowEnd()) {
      opposites(spot).stream().filter(this::isSuspicious).findFirst().ifPresent(other -> changes.add(change(other)));
    }
    String why = onTwin.isPresent() && onTwin.getAsInt() == spot.wanted() ? "The other one has " + spot.wanted() + ". " : "";
    candidates.add(
        new Candidate(
            Rung.RECOUNT, "Count the %s of the %s again".formatted(spot.edge().name(), low(spot.piece())),
            "%sIt is given as %d %s; should it be %d after all, the two meet. A turning chain or the first row is missed most often."
                .formatted(why, spot.run().count(), units, spot.wanted()),
            Promise.COUNTS_MEET, Effort.LITTLE, "Count once more, in twos.",
            "None, if the count is right.", changes));
  }

  private void work(Spot spot) {
    int by = Math.abs(spot.by());
    String units = PlaceNames.words(by, spot.run().kind());
    String what = spot.run().kind().isRowEnd() ? (by == 1 ? "row" : "rows") : units;
    String number = Wording.number(by);
    boolean more = spot.by() > 0;
    List<Change> changes = new ArrayList<>(List.of(change(spot)));
    if (spot.run().kind().isRowEnd()) {
      opposites(spot).stream().findFirst().ifPresent(other -> changes.add(change(other)));
    }
    candidates.add(
        new Candidate(
            Rung.ADD_OR_TAKE_OUT,
            more ? "Work %s %s more on the %s".formatted(number, what, low(spot.piece())) : "Take %s %s out of the %s".formatted(number, what, low(spot.piece())),
            "Its %s then has %d instead of %d, as the other side of the seam.".formatted(spot.edge().name(), spot.wanted(), spot.run().count()),
            Promise.COUNTS_MEET, by <= 2 ? Effort.SOME : Effort.MUCH,
            "%s %s on one piece%s.".formatted(Wording.capital(number), what, more ? "" : ", and what stands above them"),
            more ? "A row more lengthens the whole piece." : "A row less shortens the whole piece.", changes));
  }

  /** A row has two ends: the run on another edge of the piece that must change with it to keep the outline closed. */
  private List<Spot> opposites(Spot spot) {
    Piece changed = with(spot.piece(), spot);
    if (new Outline(changed).closes(situation.garment().rules()) || !new Outline(spot.piece()).closes(situation.garment().rules())) {
      return List.of();
    }
    List<Spot> found = new ArrayList<>();
    for (Edge edge : spot.piece().edges()) {
      for (Run run : edge.runs()) {
        Spot other = new Spot(spot.piece(), edge, run, run.count() + spot.by());
        boolean candidate = !edge.id().equals(spot.edge().id()) && run.kind().isRowEnd() && other.wanted() >= 1;
        if (candidate && new Outline(with(changed, other)).closes(situation.garment().rules())) {
          found.add(other);
        }
      }
    }
    return List.copyOf(found);
  }

  private static Piece with(Piece piece, Spot spot) {
    return piece.withEdges(
        piece.edges().stream()
            .map(
                edge ->
                    edge.id().equals(spot.edge().id())
                        ? edge.withRuns(
                            edge.runs().stream()
                                .map(run -> run.id().equals(spot.run().id()) ? run.withCounts(run.counts().withMade(Optional.of(spot.wanted()))) : run)
                                .toList())
                        : edge)
            .toList());
  }

  private static Change change(Spot spot) {
    return new CountMade(spot.piece().id(), spot.edge().id(), spot.run().id(), Optional.of(spot.wanted()));
  }

  private static String low(Piece piece) {
    return Wording.low(piece.name());
  }
}
