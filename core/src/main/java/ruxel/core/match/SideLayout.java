package ruxel.core.match;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;

/**
 * The places of one side of a seam, 0 to n − 1 in the seam's direction. Positions are counted in half
 * places: 2k the cut before place k, 2k + 1 place k itself. Row ends give 1, 2 or 3 places (handbook
 * 5): as the seam says, else as {@link RowPlaces} finds. A span that reaches a corner finds
 * the corner's places at its end; where two spans meet there is one more if the seam works its seam places.
 */
public final class SideLayout {
  private final List<ResolvedSpan> spans;
  private final boolean seamPlaces;
  private final List<Place> places = new ArrayList<>();
  private final int[] spanStarts;
  /** The first place on a unit of each span, and the first behind its last unit. */
  private final int[] unitStarts;
  private final int[] unitEnds;
  /** Places of each row end, by unit along the side. */
  private final int[] rowPlaces;
  private final int[] firstUnits;
  private final Seam.Spaces spaces;
  private final double[] lengths;
  private final List<RunPart> runParts = new ArrayList<>();

  /** Neighbouring places of one run, and how wide they are together, mm. */
  public record RunPart(ResolvedSpan span, Run run, double widthMm) {}

  private SideLayout(ResolvedSeam seam, Side side, HouseRules rules) {
    spans = seam.side(side);
    spaces = seam.seam().side(side).spaces();
    seamPlaces = seam.seam().working().seamPlaces();
    spanStarts = new int[spans.size() + 1];
    unitStarts = new int[spans.size()];
    unitEnds = new int[spans.size()];
    rowPlaces = rowPlaces(seam, side, rules);
    firstUnits = new int[spans.size() + 1];
    for (int s = 0; s < spans.size(); s++) {
      spanStarts[s] = places.size();
      firstUnits[s + 1] = firstUnits[s] + spans.get(s).units();
      addCorner(s, true);
      unitStarts[s] = places.size();
      addUnits(s);
      unitEnds[s] = places.size();
      addCorner(s, false);
      if (seamPlaces && s < spans.size() - 1) {
        // As wide as a stitch of the piece before it (house default).
        add(s, false, Run.plain("seam place", UnitKind.SEAM_PLACE, 1, new Advance(spans.get(s).piece().cloth().stitchWidthMm(), 0)), 0, 1);
      }
    }
    spanStarts[spans.size()] = places.size();
    lengths = new double[places.size() + 1];
    for (int i = 0; i < places.size(); i++) {
      lengths[i + 1] = lengths[i] + places.get(i).widthMm();
    }
    partByRuns();
  }

  private void partByRuns() {
    int start = 0;
    for (int i = 1; i <= places.size(); i++) {
      Place first = places.get(start);
      if (i == places.size() || places.get(i).spanIndex() != first.spanIndex() || places.get(i).run() != first.run()) {
        runParts.add(new RunPart(first.span(), first.run(), lengths[i] - lengths[start]));
        start = i;
      }
    }
  }

  public static SideLayout of(ResolvedSeam seam, Side side, HouseRules rules) {
    return new SideLayout(seam, side, rules);
  }

  /** Whether all its units are stitches of a row that is worked while the seam is joined. */
  public boolean isLive() {
    return ResolvedSpan.areLive(spans);
  }

  private static int[] rowPlaces(ResolvedSeam seam, Side side, HouseRules rules) {
    Optional<Integer> asked = seam.seam().side(side).placesPerRow();
    return asked.isEmpty() ? RowPlaces.of(seam, side, rules) : IntStream.generate(asked::get).limit(seam.units(side)).toArray();
  }

  private void addUnits(int spanIndex) {
    ResolvedSpan span = spans.get(spanIndex);
    for (int local = 0; local < span.units(); local++) {
      int unit = span.unitAt(local);
      Run run = span.edge().runOfUnit(unit);
      int n = parts(run, rowPlaces[firstUnits[spanIndex] + local], spaces);
      double width = run.advance().lengthMm() * span.placeShare(run) * span.edge().measuredScale() / n;
      for (int part = 0; part < n; part++) {
        places.add(new Place(spanIndex, span, unit, run, part, n, width, run.kind() == UnitKind.CHAIN_SPACE && spaces == Seam.Spaces.ROUND));
      }
    }
  }

  /** Each chain of a corner counts as wide as a stitch of its piece; beside a square, as a place of that. */
  private void addCorner(int spanIndex, boolean start) {
    ResolvedSpan span = spans.get(spanIndex);
    span.corner(start)
        .ifPresent(
            corner -> {
              Run beside = span.edge().runOfUnit(span.unitAt(start ? 0 : span.units() - 1));
              double width = span.piece().board().isPresent() ? beside.advance().lengthMm() * span.placeShare(beside) : span.piece().cloth().stitchWidthMm();
              Run run = Run.plain(start ? "corner before" : "corner behind", UnitKind.CORNER, 1, new Advance(width, 0));
              for (int i = 0; i < corner.places(); i++) {
                add(spanIndex, start, run, i, corner.places());
              }
            });
  }

  private void add(int spanIndex, boolean start, Run run, int part, int parts) {
    ResolvedSpan span = spans.get(spanIndex);
    int unit = span.unitAt(start ? 0 : span.units() - 1);
    places.add(new Place(spanIndex, span, unit, run, part, parts, run.advance().lengthMm(), false));
  }

  /** Places of one unit: a row end as the seam says, a chain space one in each chain unless worked round. */
  private static int parts(Run run, int rowParts, Seam.Spaces spaces) {
    return switch (run.kind()) {
      case ROW_END -> rowParts;
      case CHAIN_SPACE -> spaces == Seam.Spaces.ROUND ? 1 : Math.max(1, run.notes().chains());
      case STITCH_TOP, FOUNDATION_LOOP, CORNER, SEAM_PLACE -> 1;
    };
  }

  public List<ResolvedSpan> spans() {
    return spans;
  }

  public List<Place> places() {
    return Collections.unmodifiableList(places);
  }

  /** The places gathered by runs, in the seam's direction. */
  public List<RunPart> runParts() {
    return Collections.unmodifiableList(runParts);
  }

  public int size() {
    return places.size();
  }

  /** The place cuts at which one span ends and the next begins: seam places (model 3). */
  public List<Integer> breaks() {
    List<Integer> breaks = new ArrayList<>();
    for (int s = 1; s < spans.size(); s++) {
      breaks.add(spanStarts[s]);
    }
    return breaks;
  }

  public boolean isBreak(int placeCut) {
    return breaks().contains(placeCut);
  }

  /** Whether a half-place position is the spot where two spans meet, worked as a place or not. */
  public boolean isSeamPlace(int halfPlace) {
    return halfPlace % 2 == 0
        ? isBreak(halfPlace / 2)
        : places.get(halfPlace / 2).run().kind() == UnitKind.SEAM_PLACE;
  }

  /** Length of places {@code fromInclusive} to {@code toExclusive}; constant time. */
  public double lengthMm(int fromInclusive, int toExclusive) {
    return toExclusive > fromInclusive ? lengths[toExclusive] - lengths[fromInclusive] : 0;
  }

  /** Half-place position of an anchor's spot; empty when the spot does not lie on this side. */
  public OptionalInt positionOf(Anchor.Spot spot) {
    for (int s = 0; s < spans.size(); s++) {
      ResolvedSpan span = spans.get(s);
      if (!span.piece().id().equals(spot.piece()) || !span.edge().id().equals(spot.edge())) {
        continue;
      }
      OptionalInt cut = spot.cut().on(span.edge());
      if (cut.isEmpty()) {
        continue;
      }
      int ring = 2 * cut.getAsInt() + (spot.at() == Anchor.Spot.At.UNIT ? 1 : 0);
      int local = span.localHalf(ring);
      if (local >= 0 && local <= 2 * span.units()) {
        return OptionalInt.of(fromUnitHalf(s, local));
      }
    }
    return OptionalInt.empty();
  }

  /** Half places for half units along one span: a whole unit becomes its middle place or cut. */
  private int fromUnitHalf(int spanIndex, int localHalf) {
    ResolvedSpan span = spans.get(spanIndex);
    if (localHalf == 0 && spanIndex > 0) {
      return meeting(spanIndex);
    }
    if (localHalf == 2 * span.units() && spanIndex < spans.size() - 1) {
      return meeting(spanIndex + 1);
    }
    int halves = 2 * unitStarts[spanIndex];
    for (int local = 0; local < localHalf / 2; local++) {
      halves += 2 * partsAt(span, spanIndex, local);
    }
    return halves + (localHalf % 2 == 1 ? partsAt(span, spanIndex, localHalf / 2) : 0);
  }

  /** Where a span begins and the one before it ends: the seam place when it is worked, else the cut. */
  private int meeting(int spanIndex) {
    return 2 * spanStarts[spanIndex] - (seamPlaces ? 1 : 0);
  }

  /** The place cut before the {@code local}-th unit of a span, in the seam's direction. */
  int placeCut(int spanIndex, int local) {
    return fromUnitHalf(spanIndex, 2 * local) / 2;
  }

  private int partsAt(ResolvedSpan span, int spanIndex, int local) {
    return parts(span.edge().runOfUnit(span.unitAt(local)), rowPlaces[firstUnits[spanIndex] + local], spaces);
  }

  /**
   * Half units along the whole side for a half-place position. A place or cut inside a unit becomes
   * the unit's middle; one in a corner or on a seam, the end of the span it stands at.
   */
  public int unitHalfOf(int halfPlace) {
    int before = 0;
    for (int s = 0; s < spans.size(); s++) {
      boolean last = s == spans.size() - 1;
      if (halfPlace < 2 * spanStarts[s + 1] || last) {
        return before + localUnitHalf(s, halfPlace);
      }
      before += 2 * spans.get(s).units();
    }
    throw new IllegalStateException("A side without spans");
  }

  private int localUnitHalf(int spanIndex, int halfPlace) {
    if (halfPlace / 2 >= unitEnds[spanIndex]) {
      return 2 * spans.get(spanIndex).units();
    }
    if (halfPlace / 2 < unitStarts[spanIndex]) {
      return 0;
    }
    Place place = places.get(halfPlace / 2);
    ResolvedSpan span = spans.get(spanIndex);
    int local = span.forward() ? place.unit() - span.from() : span.to() - 1 - place.unit();
    boolean atStart = halfPlace % 2 == 0 && place.part() == 0;
    return atStart ? 2 * local : 2 * local + 1;
  }

  /** The spot a maker means by a half-place position, kept from the nearer end of its run. */
  public Anchor.Spot spotAt(int halfPlace) {
    return spotOfUnits(unitHalfOf(onUnits(halfPlace)));
  }

  /** The cut behind the unit that holds the last of so many places. */
  public Anchor.Spot cutAfter(int placesDone) {
    int unitHalf = unitHalfOf(2 * placesDone);
    return spotOfUnits(unitHalf + unitHalf % 2);
  }

  private Anchor.Spot spotOfUnits(int unitHalf) {
    int before = 0;
    for (ResolvedSpan span : spans) {
      int local = unitHalf - before;
      if (local <= 2 * span.units()) {
        int ring = span.ringHalf(local);
        Cut cut = Cut.at(span.edge(), ring / 2);
        return new Anchor.Spot(span.piece().id(), span.edge().id(), cut, ring % 2 == 1 ? Anchor.Spot.At.UNIT : Anchor.Spot.At.CUT);
      }
      before += 2 * span.units();
    }
    throw new IllegalArgumentException("Expected half units of the side (%d)".formatted(unitHalf));
  }

  /** A corner's place stands for the unit beside it. */
  private int onUnits(int halfPlace) {
    if (halfPlace % 2 == 0 || places.get(halfPlace / 2).run().kind() != UnitKind.CORNER) {
      return halfPlace;
    }
    int span = places.get(halfPlace / 2).spanIndex();
    return halfPlace / 2 < unitStarts[span] ? 2 * unitStarts[span] + 1 : 2 * unitEnds[span] - 1;
  }
}
