package ruxel.core.match;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

/** What is to be looked at in a seam that can be planned: unequal shoulders and rows, wide gaps. */
final class SeamNotes {
  /** More apart than this is made so; fewer stitches than this are not miscounted. */
  private static final int MOST_SLIP = 2;
  private static final int FEWEST_COUNTED = 8;

  private final ResolvedSeam seam;
  private final SideLayout a;
  private final SideLayout b;
  private final List<Finding> notes = new ArrayList<>();

  private SeamNotes(ResolvedSeam seam, SideLayout a, SideLayout b) {
    this.seam = seam;
    this.a = a;
    this.b = b;
  }

  /**
   * @param eases of each interval
   * @param whole of both sides from end to end
   */
  static List<Finding> of(ResolvedSeam seam, SideLayout a, SideLayout b, List<Interval> intervals, List<Ease> eases, Ease whole, HouseRules rules) {
    SeamNotes notes = new SeamNotes(seam, a, b);
    notes.shoulders();
    intervals.forEach(notes::rows);
    intervals.forEach(notes::tops);
    notes.tooMuch(intervals, eases, whole);
    notes.band(rules);
    notes.gaps(intervals, rules);
    return List.copyOf(notes.notes);
  }

  private void shoulders() {
    if (seam.seam().role().isShoulder() && a.size() != b.size()) {
      note(FindingCode.SHOULDER_UNEQUAL, Fact.count("a", a.size()), Fact.count("b", b.size()));
    }
  }

  /** Row ends on row ends go row i to row i (handbook 5), so a difference is a count to look at. */
  private void rows(Interval interval) {
    List<Place> onA = on(a, interval, Side.A);
    List<Place> onB = on(b, interval, Side.B);
    boolean allRows = onA.stream().allMatch(SeamNotes::isRow) && onB.stream().allMatch(SeamNotes::isRow);
    long rowsA = onA.stream().filter(place -> place.part() == 0).count();
    long rowsB = onB.stream().filter(place -> place.part() == 0).count();
    boolean decided = seam.seam().working().surplus() != Surplus.EVEN || seam.seam().working().fullness() > 0;
    if (!allRows || rowsA == rowsB || decided) {
      return;
    }
    long heldBack = heldBack(onB) - heldBack(onA);
    if (heldBack == rowsA - rowsB) {
      note(
          FindingCode.HELD_BACK, Fact.text("start", interval.start().theName()), Fact.text("end", interval.end().theName()),
          Fact.count("rows", Math.abs(heldBack)));
    } else {
      note(
          FindingCode.ROWS_DIFFER,
          Fact.text("start", interval.start().theName()), Fact.text("end", interval.end().theName()),
          Fact.count("a", rowsA), Fact.count("b", rowsB),
          Fact.difference("gap", Math.abs(interval.lengthA(a) - interval.lengthB(b))));
    }
  }

  /** Stitches on stitches go one to one; one or two apart among many is a count to look at. */
  private void tops(Interval interval) {
    boolean decided = seam.seam().working().surplus() != Surplus.EVEN || seam.seam().working().fullness() > 0;
    int difference = Math.abs(interval.placesA() - interval.placesB());
    boolean slip = difference >= 1 && difference <= MOST_SLIP && Math.min(interval.placesA(), interval.placesB()) >= FEWEST_COUNTED;
    if (slip && !decided && !seam.seam().role().isShoulder() && seam.band().isEmpty() && tops(a, interval, Side.A) && tops(b, interval, Side.B)) {
      note(
          FindingCode.TOPS_DIFFER, Fact.text("start", interval.start().theName()), Fact.text("end", interval.end().theName()),
          Fact.count("a", interval.placesA()), Fact.count("b", interval.placesB()));
    }
  }

  private static boolean tops(SideLayout side, Interval interval, Side which) {
    return on(side, interval, which).stream()
        .allMatch(place -> place.run().kind() == UnitKind.STITCH_TOP || place.run().kind() == UnitKind.FOUNDATION_LOOP);
  }

  /** The worst interval, or the whole seam where that alone stops: no interval does, or anchors leave none. */
  private void tooMuch(List<Interval> intervals, List<Ease> eases, Ease whole) {
    OptionalInt worst = IntStream.range(0, intervals.size()).filter(i -> eases.get(i).verdict() == Ease.Verdict.STOP).boxed().max(Comparator.comparingDouble(i -> eases.get(i).share())).map(OptionalInt::of).orElse(OptionalInt.empty());
    if (worst.isPresent()) {
      Interval interval = intervals.get(worst.getAsInt());
      tooMuch(eases.get(worst.getAsInt()), interval.start().theName(), interval.end().theName());
    } else if (whole.verdict() == Ease.Verdict.STOP) {
      tooMuch(whole, "one end", "the other");
    }
  }

  private void tooMuch(Ease ease, String start, String end) {
    note(FindingCode.EASE_TOO_MUCH, Fact.share("share", ease.share()), Fact.difference("gap", ease.differenceMm()), Fact.text("start", start), Fact.text("end", end));
  }

  /** A band is never longer than what it goes on, whatever fullness was meant. */
  private void band(HouseRules rules) {
    seam.band()
        .ifPresent(
            band -> {
              double on = a.lengthMm(0, a.size()) - b.lengthMm(0, b.size());
              double longer = band == Side.A ? on : -on;
              if (longer >= rules.get(Rule.MATCHED_MM)) {
                note(FindingCode.BAND_LONGER, Fact.text("longer", seam.seam().side(band).name()), Fact.difference("gap", longer));
              }
            });
  }

  private static long heldBack(List<Place> places) {
    long heldBack = 0;
    for (int i = 0; i < places.size(); i++) {
      boolean begins = i == 0 || places.get(i).run() != places.get(i - 1).run();
      heldBack += begins ? places.get(i).run().notes().heldBack() : 0;
    }
    return heldBack;
  }

  private static boolean isRow(Place place) {
    return place.run().kind().isRowEnd();
  }

  /** Only where row ends meet row ends: stitch tops cannot lie closer than they are (handbook 5). */
  private void gaps(List<Interval> intervals, HouseRules rules) {
    double widest =
        intervals.stream()
            .filter(interval -> Stream.concat(on(a, interval, Side.A).stream(), on(b, interval, Side.B).stream()).allMatch(SeamNotes::isRow))
            .mapToDouble(interval -> Math.min(widest(on(a, interval, Side.A)), widest(on(b, interval, Side.B))))
            .max()
            .orElse(0);
    if (widest > rules.get(Rule.GAP_MM)) {
      note(FindingCode.GAP, Fact.length("gap", widest));
    }
  }

  private static double widest(List<Place> places) {
    return places.stream().mapToDouble(Place::widthMm).max().orElse(0);
  }

  private static List<Place> on(SideLayout side, Interval interval, Side which) {
    return which == Side.A
        ? side.places().subList(interval.aFromInclusive(), interval.aToExclusive())
        : side.places().subList(interval.bFromInclusive(), interval.bToExclusive());
  }

  private void note(FindingCode code, Fact... facts) {
    List<Fact> all = new ArrayList<>(List.of(Fact.text("seam", seam.seam().name())));
    all.addAll(List.of(facts));
    notes.add(Finding.of(code, Where.seam(seam.seam().id()), all.toArray(Fact[]::new)));
  }
}
