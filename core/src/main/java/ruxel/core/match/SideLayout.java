package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import ruxel.core.measure.HouseRules;
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
 * 5): as the seam says, else 1 when stitch tops face them or the row is low.
 */
public final class SideLayout {
  private final List<ResolvedSpan> spans;
  private final List<Place> places;
  private final int[] spanStarts;
  private final int[] spanParts;
  private final Seam.Spaces spaces;
  private final double[] lengths;

  private SideLayout(List<ResolvedSpan> spans, List<Place> places, int[] spanStarts, int[] spanParts, Seam.Spaces spaces) {
    this.spans = spans;
    this.places = places;
    this.spanStarts = spanStarts;
    this.spanParts = spanParts;
    this.spaces = spaces;
    lengths = new double[places.size() + 1];
    for (int i = 0; i < places.size(); i++) {
      lengths[i + 1] = lengths[i] + places.get(i).widthMm();
    }
  }

  /** Places of one unit: a row end as the seam says, a chain space one in each chain unless worked round. */
  private static int parts(Run run, int rowParts, Seam.Spaces spaces) {
    return switch (run.kind()) {
      case ROW_END -> rowParts;
      case CHAIN_SPACE -> spaces == Seam.Spaces.ROUND ? 1 : Math.max(1, run.notes().chains());
      case STITCH_TOP, FOUNDATION_LOOP -> 1;
    };
  }

  public static SideLayout of(ResolvedSeam seam, Side side, HouseRules rules) {
    List<ResolvedSpan> spans = seam.side(side);
    Seam.Spaces spaces = seam.seam().side(side).spaces();
    boolean facesTops = hasTops(seam.side(side == Side.A ? Side.B : Side.A));
    List<Place> places = new ArrayList<>();
    int[] starts = new int[spans.size() + 1];
    int[] parts = new int[spans.size()];
    for (int s = 0; s < spans.size(); s++) {
      ResolvedSpan span = spans.get(s);
      starts[s] = places.size();
      parts[s] = partsOf(span, seam.seam().side(side).placesPerRow(), facesTops, rules);
      for (int local = 0; local < span.units(); local++) {
        int unit = span.unitAt(local);
        Run run = span.edge().runOfUnit(unit);
        int n = parts(run, parts[s], spaces);
        double width = run.advance().lengthMm() * span.edge().measuredScale() / n;
        for (int part = 0; part < n; part++) {
          places.add(new Place(s, span, unit, run, part, n, width, run.kind() == UnitKind.CHAIN_SPACE && spaces == Seam.Spaces.ROUND));
        }
      }
    }
    starts[spans.size()] = places.size();
    return new SideLayout(spans, List.copyOf(places), starts, parts, spaces);
  }

  private static boolean hasTops(List<ResolvedSpan> spans) {
    return spans.stream()
        .anyMatch(
            span -> {
              for (int unit = span.from(); unit < span.to(); unit++) {
                if (!span.edge().runOfUnit(unit).kind().isRowEnd()) {
                  return true;
                }
              }
              return false;
            });
  }

  private static int partsOf(
      ResolvedSpan span, java.util.Optional<Integer> asked, boolean facesTops, HouseRules rules) {
    if (asked.isPresent()) {
      return asked.get();
    }
    double highest = 0;
    for (int unit = span.from(); unit < span.to(); unit++) {
      Run run = span.edge().runOfUnit(unit);
      if (run.kind().isRowEnd()) {
        highest = Math.max(highest, run.advance().lengthMm());
      }
    }
    if (facesTops || highest <= rules.get(HouseRules.Rule.ONE_PLACE_ROW_MM)) {
      return 1;
    }
    return highest <= rules.get(HouseRules.Rule.TWO_PLACES_ROW_MM) ? 2 : 3;
  }

  public List<ResolvedSpan> spans() {
    return spans;
  }

  public List<Place> places() {
    return places;
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
    int base = 2 * spanStarts[spanIndex];
    ResolvedSpan span = spans.get(spanIndex);
    int halves = 0;
    for (int local = 0; local < localHalf / 2; local++) {
      halves += 2 * partsAt(span, spanIndex, local);
    }
    return base + halves + (localHalf % 2 == 1 ? partsAt(span, spanIndex, localHalf / 2) : 0);
  }

  /** The place cut before the {@code local}-th unit of a span, in the seam's direction. */
  int placeCut(int spanIndex, int local) {
    return fromUnitHalf(spanIndex, 2 * local) / 2;
  }

  private int partsAt(ResolvedSpan span, int spanIndex, int local) {
    return parts(span.edge().runOfUnit(span.unitAt(local)), spanParts[spanIndex], spaces);
  }

  /**
   * Half units along the whole side for a half-place position. A place or cut inside a unit becomes
   * the unit's middle.
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
    if (halfPlace >= 2 * spanStarts[spanIndex + 1]) {
      return 2 * spans.get(spanIndex).units();
    }
    Place place = places.get(halfPlace / 2);
    ResolvedSpan span = spans.get(spanIndex);
    int local = span.forward() ? place.unit() - span.from() : span.to() - 1 - place.unit();
    boolean atStart = halfPlace % 2 == 0 && place.part() == 0;
    return atStart ? 2 * local : 2 * local + 1;
  }

  /** The spot a maker means by a half-place position, kept from the nearer end of its run. */
  public Anchor.Spot spotAt(int halfPlace) {
    int unitHalf = unitHalfOf(halfPlace);
    int before = 0;
    for (ResolvedSpan span : spans) {
      int local = unitHalf - before;
      if (local <= 2 * span.units()) {
        int ring = span.ringHalf(local);
        ruxel.core.piece.Cut cut = ruxel.core.piece.Cut.at(span.edge(), ring / 2);
        return new Anchor.Spot(
            span.piece().id(), span.edge().id(), cut,
            ring % 2 == 1 ? Anchor.Spot.At.UNIT : Anchor.Spot.At.CUT);
      }
      before += 2 * span.units();
    }
    throw new IllegalArgumentException("Expected a position on the side (%d)".formatted(halfPlace));
  }
}
