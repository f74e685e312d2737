package ruxel.core.match;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.piece.Run;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Side;

/**
 * How many places each row end gives in a seam (handbook 5), where the seam does not say: one where stitch tops face it
 * there or the row is low, else two or three by its own height. Rows on as many rows between two anchors go row i to
 * row i, each pair by the higher of the two. What faces a row is found by its middle between the nearest anchors.
 */
final class RowPlaces {
  private final HouseRules rules;
  private final Units a;
  private final Units b;

  /** The units of a side in the seam's direction: their runs and lengths. */
  private static final class Units {
    private final List<Run> runs = new ArrayList<>();
    private final double[] heights;
    private final double[] lengths;
    private final int[] places;

    Units(List<ResolvedSpan> spans) {
      double[] all = new double[spans.stream().mapToInt(ResolvedSpan::units).sum()];
      for (ResolvedSpan span : spans) {
        for (int local = 0; local < span.units(); local++) {
          Run run = span.edge().runOfUnit(span.unitAt(local));
          all[runs.size()] = run.advance().lengthMm() * span.edge().measuredScale();
          runs.add(run);
        }
      }
      heights = runs.stream().mapToDouble(run -> run.advance().lengthMm()).toArray();
      lengths = new double[all.length + 1];
      for (int i = 0; i < all.length; i++) {
        lengths[i + 1] = lengths[i] + all[i];
      }
      places = new int[all.length];
      Arrays.fill(places, 1);
    }

    boolean isRow(int unit) {
      return runs.get(unit).kind().isRowEnd();
    }

    double middle(int unit) {
      return (lengths[unit] + lengths[unit + 1]) / 2;
    }

    /** The unit at a length along the side, among {@code from} to {@code to}. */
    int at(double mm, int from, int to) {
      int found = Arrays.binarySearch(lengths, from, to + 1, mm);
      int unit = found >= 0 ? found : -found - 2;
      return Math.max(from, Math.min(to - 1, unit));
    }
  }

  /** Where both sides are known to meet, in half units along each. */
  private record Meeting(int a, int b) {}

  private RowPlaces(ResolvedSeam seam, HouseRules rules) {
    this.rules = rules;
    a = new Units(seam.a());
    b = new Units(seam.b());
    List<Meeting> meetings = meetings(seam);
    for (int i = 1; i < meetings.size(); i++) {
      between(meetings.get(i - 1), meetings.get(i));
    }
  }

  /** Places of each unit of a side, in the seam's direction; 1 for all that are no row ends. Linear but for the anchors. */
  static int[] of(ResolvedSeam seam, Side side, HouseRules rules) {
    RowPlaces rows = new RowPlaces(seam, rules);
    return side == Side.A ? rows.a.places : rows.b.places;
  }

  /** The ends and the anchors that lie on both sides in order; others are told of elsewhere. */
  private List<Meeting> meetings(ResolvedSeam seam) {
    List<Meeting> anchored = new ArrayList<>();
    for (Anchor anchor : seam.seam().anchors()) {
      OptionalInt onA = half(seam.a(), anchor.a());
      OptionalInt onB = half(seam.b(), anchor.b());
      if (onA.isPresent() && onB.isPresent()) {
        anchored.add(new Meeting(onA.getAsInt(), onB.getAsInt()));
      }
    }
    anchored.sort(Comparator.comparingInt(Meeting::a));
    List<Meeting> all = new ArrayList<>(List.of(new Meeting(0, 0)));
    Meeting end = new Meeting(2 * a.runs.size(), 2 * b.runs.size());
    for (Meeting meeting : anchored) {
      Meeting last = all.get(all.size() - 1);
      if (meeting.a() > last.a() && meeting.b() > last.b() && meeting.a() < end.a() && meeting.b() < end.b()) {
        all.add(meeting);
      }
    }
    all.add(end);
    return all;
  }

  private static OptionalInt half(List<ResolvedSpan> spans, Anchor.Spot spot) {
    int before = 0;
    for (ResolvedSpan span : spans) {
      OptionalInt cut = span.piece().id().equals(spot.piece()) && span.edge().id().equals(spot.edge()) ? spot.cut().on(span.edge()) : OptionalInt.empty();
      if (cut.isPresent()) {
        int local = span.localHalf(2 * cut.getAsInt() + (spot.at() == Anchor.Spot.At.UNIT ? 1 : 0));
        if (local >= 0 && local <= 2 * span.units()) {
          return OptionalInt.of(before + local);
        }
      }
      before += 2 * span.units();
    }
    return OptionalInt.empty();
  }

  private void between(Meeting start, Meeting end) {
    int aFrom = (start.a() + 1) / 2;
    int aTo = end.a() / 2;
    int bFrom = (start.b() + 1) / 2;
    int bTo = end.b() / 2;
    boolean rowToRow = aTo - aFrom == bTo - bFrom && allRows(a, aFrom, aTo) && allRows(b, bFrom, bTo);
    if (rowToRow) {
      for (int i = 0; i < aTo - aFrom; i++) {
        pair(aFrom + i, bFrom + i);
      }
    } else {
      facing(a, aFrom, aTo, b, bFrom, bTo);
      facing(b, bFrom, bTo, a, aFrom, aTo);
    }
    if (start.a() % 2 == 1 && start.b() % 2 == 1 && a.isRow(start.a() / 2) && b.isRow(start.b() / 2)) {
      pair(start.a() / 2, start.b() / 2);
    }
  }

  private static boolean allRows(Units side, int from, int to) {
    for (int unit = from; unit < to; unit++) {
      if (!side.isRow(unit)) {
        return false;
      }
    }
    return true;
  }

  private void pair(int onA, int onB) {
    int places = places(Math.max(a.heights[onA], b.heights[onB]));
    a.places[onA] = places;
    b.places[onB] = places;
  }

  private void facing(Units own, int from, int to, Units other, int otherFrom, int otherTo) {
    double whole = own.lengths[to] - own.lengths[from];
    double otherWhole = other.lengths[otherTo] - other.lengths[otherFrom];
    for (int unit = from; unit < to; unit++) {
      if (own.isRow(unit) && otherFrom < otherTo) {
        double at = other.lengths[otherFrom] + (own.middle(unit) - own.lengths[from]) / whole * otherWhole;
        own.places[unit] = other.isRow(other.at(at, otherFrom, otherTo)) ? places(own.heights[unit]) : 1;
      }
    }
  }

  private int places(double heightMm) {
    return heightMm <= rules.get(Rule.ONE_PLACE_ROW_MM) ? 1 : heightMm <= rules.get(Rule.TWO_PLACES_ROW_MM) ? 2 : 3;
  }
}
