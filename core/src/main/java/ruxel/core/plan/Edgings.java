package ruxel.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.glue.Glued;
import ruxel.core.glue.Opening;
import ruxel.core.glue.Segment;
import ruxel.core.seam.Join;
import ruxel.core.strip.Stretch;
import ruxel.core.strip.Strips;
import ruxel.core.strip.WorkedOn;

/** The strips of a garment by the openings of its joined pieces. */
record Edgings(Strips strips, Assembly assembly) {
  /** Those that begin on an opening, or on one that does. */
  List<WorkedOn> on(Opening opening) {
    return strips.worked().stream().filter(worked -> opening(worked).filter(opening::equals).isPresent()).toList();
  }

  /** The opening of the joined pieces that a strip begins on, or the one under it. */
  Optional<Opening> opening(WorkedOn worked) {
    Stretch first = worked.line().stretches().get(0);
    Optional<WorkedOn> under = strips.onFace(first.piece());
    if (under.isPresent()) {
      return opening(under.get());
    }
    return assembly.surface().openings().stream().filter(open -> open.segments().stream().map(assembly.gluing()::segment).anyMatch(segment -> lies(first, segment))).findFirst();
  }

  private boolean lies(Stretch stretch, Segment segment) {
    boolean isEdge = assembly.gluing().faces().get(segment.face()).id().equals(stretch.piece()) && segment.edge() == stretch.edgeIndex();
    return isEdge && segment.fromHalf() < 2 * stretch.to() && segment.toHalf() > 2 * stretch.from();
  }

  /** How much longer, or shorter below 0, an opening is round with its strips on, mm. */
  double longerMm(Opening opening) {
    return on(opening).stream().mapToDouble(worked -> worked.outerMm() - worked.line().lengthMm()).sum();
  }

  /** What stays open once the strips are worked; none where there are no strips. */
  List<GarmentPlan.OpeningPlan> openings(Map<Join, String> names) {
    if (strips.worked().isEmpty()) {
      return List.of();
    }
    Assembly edged = new Assembly(new Glued(List.of(), strips.gluing(), List.of()), assembly.expected(), names);
    return edged.plan().openings().stream().map(this::named).toList();
  }

  /** One that lies along strips is called by them. */
  private GarmentPlan.OpeningPlan named(GarmentPlan.OpeningPlan opening) {
    List<String> along = opening.stretches().stream().flatMap(stretch -> strips.onFace(stretch.piece()).stream()).map(worked -> worked.strip().name()).distinct().toList();
    return along.isEmpty() ? opening : opening.named(String.join(", ", along));
  }
}
