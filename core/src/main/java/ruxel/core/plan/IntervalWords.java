package ruxel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import ruxel.core.match.Checkpoint;
import ruxel.core.match.From;
import ruxel.core.match.Interval;
import ruxel.core.match.IntervalPlan;
import ruxel.core.match.Place;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.SeamMatch;
import ruxel.core.match.SideLayout;
import ruxel.core.measure.Wording;
import ruxel.core.piece.UnitKind;

/**
 * How an interval is worked, in words never longer than can be kept in the head (handbook 6): the rhythm, or
 * what the optimum asks for from marker to marker.
 */
final class IntervalWords {
  private final SeamMatch match;
  private final Interval interval;
  private final IntervalPlan plan;

  IntervalWords(SeamMatch match, Interval interval, IntervalPlan plan) {
    this.match = match;
    this.interval = interval;
    this.plan = plan;
  }

  String words() {
    List<Integer> borders = plan.rhythm().isPresent() ? List.of() : borders();
    String words = borders.isEmpty() ? plan.words() : byMarkers(borders);
    return words.replaceFirst("(?i)(two|three|four) into one", "$1 " + units() + " into one").replaceFirst("(?i)(pass over \\w+)", "$1 " + units()) + parts();
  }

  /** What the finer side's units are called; places where there are several kinds, or several in one row end. */
  private String units() {
    List<Place> finer =
        plan.finerIsA()
            ? match.a().places().subList(interval.aFromInclusive(), interval.aToExclusive())
            : match.b().places().subList(interval.bFromInclusive(), interval.bToExclusive());
    UnitKind kind = finer.get(0).run().kind();
    boolean plain = finer.stream().allMatch(place -> place.run().kind() == kind && place.parts() == 1);
    return plain ? PlaceNames.words(kind) : "places";
  }

  /** The groups at which a marker of the seam stands inside this interval. */
  private List<Integer> borders() {
    int firstJoint = 0;
    int index = match.intervals().indexOf(interval);
    while (firstJoint < match.joints().size() && match.joints().get(firstJoint).interval() != index) {
      firstJoint++;
    }
    List<Integer> borders = new ArrayList<>();
    for (Checkpoint checkpoint : match.checkpoints()) {
      int inside = checkpoint.joint() - firstJoint;
      if (inside > 0 && inside < plan.joints()) {
        borders.add(plan.groupAt(inside));
      }
    }
    return borders;
  }

  private String byMarkers(List<Integer> borders) {
    List<Integer> stops = new ArrayList<>(List.of(0));
    stops.addAll(borders);
    stops.add(plan.groups().size());
    List<String> stages = new ArrayList<>();
    for (int i = 1; i < stops.size(); i++) {
      if (stops.get(i) > stops.get(i - 1)) {
        stages.add(plan.words(stops.get(i - 1), stops.get(i)));
      }
    }
    if (plan.from() == From.END) {
      Collections.reverse(stages);
    }
    return Wording.capital(String.join("; at the marker: ", stages.stream().map(Wording::uncapital).toList()));
  }

  /** Row ends that give two or three places are joined that often. */
  private String parts() {
    int most =
        Math.max(
            mostParts(match.a(), interval.aFromInclusive(), interval.aToExclusive()),
            mostParts(match.b(), interval.bFromInclusive(), interval.bToExclusive()));
    return most == 1 ? "" : ", with %s places in each row end".formatted(Wording.number(most));
  }

  private static int mostParts(SideLayout side, int fromInclusive, int toExclusive) {
    return side.places().subList(fromInclusive, toExclusive).stream()
        .filter(place -> place.run().kind().isRowEnd())
        .mapToInt(Place::parts)
        .max()
        .orElse(1);
  }
}
