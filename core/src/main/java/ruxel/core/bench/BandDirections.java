package ruxel.core.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ruxel.core.bench.BenchPlan.BenchJoint;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.BenchSegment;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.bench.BenchPlan.Stop;
import ruxel.core.match.PlaceNames;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.InnerPlan;
import ruxel.core.strip.RibBand;

/** Says a band that is worked on, two rows after two, for the bench (handbook 11): each pair is fastened to two stitches of its edge. */
final class BandDirections {
  private static final int EDGE_PLACE = -1;

  private final StripPlan strip;
  private final RibBand band;
  private final StripPlan.BandPlan made;
  private final Wording wording;
  /** The stretches of its edge as the hands meet them: from right to left, right side up, from left to right by a left hand. */
  private final List<InnerPlan> inOrder;
  private final List<Place> places = new ArrayList<>();

  /** A stitch of the edge: of which stretch, which one, in words. */
  private record Place(int stretch, int unit, String words) {}

  BandDirections(StripPlan strip, RibBand band, StripPlan.BandPlan made, Wording wording) {
    this.strip = strip;
    this.band = band;
    this.made = made;
    this.wording = wording;
    inOrder = new ArrayList<>(strip.inner());
    boolean isLeft = wording.hand() == Wording.Hand.LEFT;
    if (isLeft) {
      Collections.reverse(inOrder);
    }
    for (int i = 0; i < inOrder.size(); i++) {
      InnerPlan inner = inOrder.get(i);
      if (isLeft) {
        between(inner, i);
      }
      for (int unit = 0; unit < inner.to() - inner.from(); unit++) {
        places.add(new Place(i, unit, "%s %d".formatted(PlaceNames.word(inner.kind()), unit + 1)));
      }
      if (!isLeft) {
        between(inner, i);
      }
    }
  }

  private void between(InnerPlan inner, int number) {
    inner.between().forEach(kind -> places.add(new Place(number, EDGE_PLACE, kind == UnitKind.SEAM_PLACE ? "the seam place" : "the corner space")));
  }

  /** Linear in the rows. */
  BenchPlan plan() {
    List<BenchJoint> joints = new ArrayList<>();
    for (int row = 0; row + 1 < places.size(); row += 2) {
      Place first = places.get(row);
      Place second = places.get(row + 1);
      joints.add(new BenchJoint(first.stretch(), first.unit(), "Rows %d and %d, into %s and %s.".formatted(row + 1, row + 2, first.words(), second.words())));
    }
    List<BenchSegment> segments = segments();
    List<Stop> stops = new ArrayList<>();
    List<Prompt> prompts = new ArrayList<>();
    for (StripPlan.Quarter quarter : quarters()) {
      int row = met(quarter);
      stops.add(new Stop(stops.size() + 1, row / 2, quarter.words()));
      prompts.add(new Prompt(row / 2, Prompt.Kind.MARKER, "%s done: you should be at %s.".formatted(Wording.counted(row, "rows"), quarter.words()), "Count the stitches that are left if you are not."));
    }
    String stitch = "%s in the back loop".formatted(Stitch.SC.name(wording.terms()));
    String hold = "Right side towards you. Two rows at a time: %s to the edge, a slip stitch into each of the next two stitches of it, turn; %s back, over %s, turn.".formatted(stitch, stitch, Wording.counted(band.stitches(), "stitches"));
    String start = "Fasten on where the %s begins, chain %d for the first row. %s".formatted(Wording.low(inOrder.get(0).name()), band.stitches(), made.words());
    List<String> cautions = new ArrayList<>(strip.effects());
    cautions.add("Count clips and markers in and out.");
    BenchRound all = new BenchRound(1, made.words(), Optional.empty(), wording.hand() == Wording.Hand.LEFT, 0, joints.size(), segments);
    return new BenchPlan(
        "Work the " + Wording.low(strip.called()), hold, start, false, wording.hand() == Wording.Hand.RIGHT, "Lay it flat now and then: it should neither ripple nor pull.", cautions, prompts, Optional.empty(), joints, List.of(), List.of(all), stops);
  }

  private List<StripPlan.Quarter> quarters() {
    return made.quarters().stream().filter(quarter -> met(quarter) > 1).sorted(Comparator.comparingInt(this::met)).toList();
  }

  /** After how many rows the hands come to a quarter. */
  private int met(StripPlan.Quarter quarter) {
    return wording.hand() == Wording.Hand.LEFT ? made.rows() - quarter.row() : quarter.row();
  }

  private List<BenchSegment> segments() {
    List<BenchSegment> segments = new ArrayList<>();
    int before = 0;
    for (InnerPlan inner : inOrder) {
      int after = before + inner.to() - inner.from() + inner.between().size();
      int from = (before + 1) / 2;
      int to = (after + 1) / 2;
      segments.add(new BenchSegment(inner.name(), inner.kind(), inner.to() - inner.from(), from, to, "%s along the %s.".formatted(Wording.counted(2L * (to - from), "rows"), Wording.low(inner.name())), new StripPlan.Numbers(1, 1), inner.twin()));
      before = after;
    }
    return segments;
  }
}
