package ruxel.core.plan;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.match.Place;
import ruxel.core.match.PlaceNames;
import ruxel.core.match.SideLayout;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Run;
import ruxel.core.plan.SeamPlan.Rail;

/** The stretches of like places of a side, each with its start in the piece's axes. */
final class Rails {
  private Rails() {}

  static List<Rail> of(SideLayout side, PlaceNames names) {
    List<Rail> rails = new ArrayList<>();
    double startMm = 0;
    int first = 0;
    while (first < side.size()) {
      int next = first + 1;
      while (next < side.size() && sameRail(side.places().get(first), side.places().get(next))) {
        next++;
      }
      rails.add(rail(side, names, first, next, startMm));
      startMm += side.lengthMm(first, next);
      first = next;
    }
    return List.copyOf(rails);
  }

  /** Units of one run that give equally many places. */
  private static boolean sameRail(Place one, Place other) {
    return one.spanIndex() == other.spanIndex() && one.run().id().equals(other.run().id()) && one.parts() == other.parts();
  }

  private static Rail rail(SideLayout side, PlaceNames names, int first, int next, double startMm) {
    Place place = side.places().get(first);
    Run run = place.run();
    boolean forward = place.span().forward();
    boolean behind = !place.isOfEdge() && first > 0 && side.places().get(first - 1).spanIndex() == place.spanIndex();
    Outline.Point start = pointAt(place, forward == behind ? place.unit() + 1 : place.unit());
    double sign = !place.isOfEdge() ? 0.0 : forward ? 1.0 : -1.0;
    return new Rail(
        place.span().piece().id(), place.span().piece().name(), place.span().edge().id(), run.id(), place.spanIndex(),
        run.kind(), run.fabric(), run.noEase(), place.space(), run.notes().label(), PlaceNames.word(run.kind()), PlaceNames.words(run.kind()),
        first, next - first, place.parts(), names.number(first), names.countsDown(first, next) ? -1 : 1,
        startMm, place.widthMm(), start.x(), start.y(),
        0.0 + sign * run.advance().dxMm() / place.parts(), 0.0 + sign * run.advance().dyMm() / place.parts());
  }

  /** A cut beside the place's unit, in the piece's axes, where it is drawn. */
  private static Outline.Point pointAt(Place place, int cut) {
    Edge edge = place.span().edge();
    Run run = edge.runOfUnit(place.unit());
    Outline.Point start =
        new Outline(place.span().piece()).runStarts().get(place.span().edgeIndex()).get(edge.runs().indexOf(run));
    int offset = cut - edge.startOfRun(run.id());
    Outline.Point lies = new Outline.Point(start.x() + offset * run.advance().dxMm(), start.y() + offset * run.advance().dyMm());
    return place.span().piece().drawn(place.span().edgeIndex(), place.unit(), lies);
  }
}
