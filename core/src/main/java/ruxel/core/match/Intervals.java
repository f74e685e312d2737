package ruxel.core.match;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamEnds;
import ruxel.core.seam.Side;

/**
 * Cuts a seam into intervals at its anchors (model 3). Anchors that cannot be are findings; with any of
 * them there are no intervals.
 */
final class Intervals {
  private final Seam seam;
  private final SeamEnds ends;
  private final SideLayout a;
  private final SideLayout b;
  private final List<Finding> findings = new ArrayList<>();

  record Result(List<PlacedAnchor> anchors, List<Interval> intervals, List<Finding> findings) {}

  private Intervals(Seam seam, SeamEnds ends, SideLayout a, SideLayout b) {
    this.ends = ends;
    this.seam = seam;
    this.a = a;
    this.b = b;
  }

  /**
   * @param seam may have other anchors than the resolved one
   */
  static Result of(ResolvedSeam resolved, Seam seam, SideLayout a, SideLayout b) {
    return new Intervals(seam, resolved.ends(), a, b).find();
  }

  static Result of(ResolvedSeam resolved, SideLayout a, SideLayout b) {
    return of(resolved, resolved.seam(), a, b);
  }

  private Result find() {
    List<PlacedAnchor> anchors = placed();
    anchors.forEach(this::checkHalf);
    for (int i = 1; i < anchors.size(); i++) {
      checkOrder(anchors.get(i - 1), anchors.get(i));
    }
    List<Interval> intervals = new ArrayList<>();
    for (int i = 1; i < anchors.size() && findings.isEmpty(); i++) {
      between(anchors, i).ifPresent(intervals::add);
    }
    return findings.isEmpty()
        ? new Result(anchors, List.copyOf(intervals), List.of())
        : new Result(anchors, List.of(), List.copyOf(findings));
  }

  private List<PlacedAnchor> placed() {
    List<PlacedAnchor> inner = new ArrayList<>();
    for (Anchor anchor : seam.anchors()) {
      OptionalInt onA = a.positionOf(anchor.spot(Side.A));
      OptionalInt onB = b.positionOf(anchor.spot(Side.B));
      if (onA.isEmpty() || onB.isEmpty()) {
        refuse(FindingCode.ANCHOR_OFF_SEAM, Fact.text("anchor", anchor.name()), Fact.text("seam", seam.name()));
      } else {
        inner.add(new PlacedAnchor(anchor.id(), anchor.name(), onA.getAsInt(), onB.getAsInt()));
      }
    }
    inner.sort(Comparator.comparingInt(PlacedAnchor::a));
    List<PlacedAnchor> all = new ArrayList<>();
    all.add(new PlacedAnchor(Seam.START, ends.start(), 0, 0));
    all.addAll(inner);
    all.add(new PlacedAnchor(Seam.END, ends.end(), 2 * a.size(), 2 * b.size()));
    return List.copyOf(all);
  }

  /** Place on cut is possible only where the cut is a seam place. */
  private void checkHalf(PlacedAnchor anchor) {
    boolean halfA = anchor.placeOnA() && !anchor.placeOnB() && !b.isSeamPlace(anchor.b());
    boolean halfB = anchor.placeOnB() && !anchor.placeOnA() && !a.isSeamPlace(anchor.a());
    if (halfA || halfB) {
      int cut = halfA ? anchor.b() / 2 : anchor.a() / 2;
      refuse(
          FindingCode.ANCHOR_HALF,
          Fact.text("anchor", anchor.name()),
          Fact.text("before", "place " + cut),
          Fact.text("after", "place " + (cut + 1)));
    }
  }

  private void checkOrder(PlacedAnchor first, PlacedAnchor second) {
    if (second.a() <= first.a() || second.b() <= first.b()) {
      refuse(FindingCode.ANCHORS_CROSS, Fact.text("first", first.name()), Fact.text("second", second.name()));
    }
  }

  private java.util.Optional<Interval> between(List<PlacedAnchor> anchors, int index) {
    PlacedAnchor start = anchors.get(index - 1);
    PlacedAnchor end = anchors.get(index);
    Interval interval =
        new Interval(
            start, end,
            (start.a() + 1) / 2, end.a() / 2,
            (start.b() + 1) / 2, end.b() / 2,
            from(anchors, index),
            false);
    if (interval.placesA() == 0 && interval.placesB() == 0) {
      return java.util.Optional.empty();
    }
    if (interval.placesA() == 0 || interval.placesB() == 0) {
      refuse(
          FindingCode.EMPTY_INTERVAL,
          Fact.text("first", start.name()),
          Fact.text("second", end.name()),
          Fact.count("count", interval.placesA() + interval.placesB()));
    }
    return java.util.Optional.of(interval);
  }

  /**
   * From the hidden end, whatever pins stand between: the two intervals beside a centre anchor have opposite ones, all
   * others follow their neighbour's side. Where nothing is hidden, from the start.
   */
  private From from(List<PlacedAnchor> anchors, int index) {
    int behind = index - 1;
    while (behind >= 0 && !isHidden(anchors.get(behind))) {
      behind--;
    }
    int ahead = index;
    while (ahead < anchors.size() && !isHidden(anchors.get(ahead))) {
      ahead++;
    }
    if (ahead == anchors.size()) {
      return From.START;
    }
    return behind < 0 || index > centre(anchors, behind, ahead) ? From.END : From.START;
  }

  /**
   * Of the anchors between two hidden ones the centre: one where two spans of a side meet, else the one nearest the
   * middle. The one ahead when there is none.
   */
  private int centre(List<PlacedAnchor> anchors, int behind, int ahead) {
    double middle = (along(anchors.get(behind)) + along(anchors.get(ahead))) / 2;
    return IntStream.range(behind + 1, ahead)
        .boxed()
        .min(
            Comparator.<Integer, Boolean>comparing(i -> !isAtSeamPlace(anchors.get(i)))
                .thenComparingDouble(i -> Math.abs(along(anchors.get(i)) - middle)))
        .orElse(ahead);
  }

  private boolean isAtSeamPlace(PlacedAnchor anchor) {
    return a.isSeamPlace(anchor.a()) || b.isSeamPlace(anchor.b());
  }

  private double along(PlacedAnchor anchor) {
    return a.lengthMm(0, anchor.a() / 2) + b.lengthMm(0, anchor.b() / 2);
  }

  private boolean isHidden(PlacedAnchor anchor) {
    return seam.hidden().contains(anchor.id());
  }

  private void refuse(FindingCode code, Fact... facts) {
    findings.add(Finding.of(code, Where.seam(seam.id()), facts));
  }
}
