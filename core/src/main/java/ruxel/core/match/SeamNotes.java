package ruxel.core.match;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Surplus;

/** What is to be looked at in a seam that can be planned: unequal shoulders and rows, wide gaps. */
final class SeamNotes {
  private final ResolvedSeam seam;
  private final SideLayout a;
  private final SideLayout b;
  private final List<Finding> notes = new ArrayList<>();

  private SeamNotes(ResolvedSeam seam, SideLayout a, SideLayout b) {
    this.seam = seam;
    this.a = a;
    this.b = b;
  }

  static List<Finding> of(ResolvedSeam seam, SideLayout a, SideLayout b, List<Interval> intervals, HouseRules rules) {
    SeamNotes notes = new SeamNotes(seam, a, b);
    notes.shoulders();
    intervals.forEach(notes::rows);
    notes.gaps(rules);
    return List.copyOf(notes.notes);
  }

  private void shoulders() {
    if (seam.seam().role() == SeamRole.SHOULDER && a.size() != b.size()) {
      note(FindingCode.SHOULDER_UNEQUAL, Fact.count("a", a.size()), Fact.count("b", b.size()));
    }
  }

  /** Row ends on row ends go row i to row i (handbook 5), so a difference is a count to look at. */
  private void rows(Interval interval) {
    List<Place> onA = a.places().subList(interval.aFromInclusive(), interval.aToExclusive());
    List<Place> onB = b.places().subList(interval.bFromInclusive(), interval.bToExclusive());
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

  private void gaps(HouseRules rules) {
    double widest = Math.min(widest(a), widest(b));
    if (widest > rules.get(Rule.GAP_MM)) {
      note(FindingCode.GAP, Fact.length("gap", widest));
    }
  }

  private static double widest(SideLayout side) {
    return side.places().stream().mapToDouble(Place::widthMm).max().orElse(0);
  }

  private void note(FindingCode code, Fact... facts) {
    List<Fact> all = new ArrayList<>(List.of(Fact.text("seam", seam.seam().name())));
    all.addAll(List.of(facts));
    notes.add(Finding.of(code, Where.seam(seam.seam().id()), all.toArray(Fact[]::new)));
  }
}
