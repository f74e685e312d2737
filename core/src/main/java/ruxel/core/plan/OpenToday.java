package ruxel.core.plan;

import java.util.List;
import java.util.Set;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Glued;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.seam.Join;
import ruxel.core.seam.SeamResolver;

/** What is open while a garment is being joined, whichever seams are joined by then. */
public final class OpenToday {
  private OpenToday() {}

  /**
   * The openings of pieces that hang together by these seams alone; ids of no seam are passed over. As long as matching all
   * seams takes.
   */
  public static Outcome<List<GarmentPlan.OpeningPlan>> of(Garment garment, Set<SeamId> joinedSeams) {
    return Layout.of(garment).then(layout -> Outcome.of(open(garment, layout.construct(), joinedSeams)));
  }

  private static List<GarmentPlan.OpeningPlan> open(Garment garment, Construct construct, Set<SeamId> joinedSeams) {
    SeamResolver.Result resolved = construct.resolved();
    Glued glued = Glued.of(construct.pieces(), SeamMatch.all(resolved.seams(), garment.rules()));
    Assembly assembly = new Assembly(glued, construct.openings(), StepPlans.names(resolved.seams()));
    return assembly.openWith(join -> join instanceof Join.OfSeam seam && joinedSeams.contains(seam.id()));
  }
}
