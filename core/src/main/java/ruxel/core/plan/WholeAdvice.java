package ruxel.core.plan;

import java.util.List;
import ruxel.core.construction.Construct;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.seam.Seams;

/** Every method a seam may be joined with, each with its summands: what is needed to say why this and not that. */
public final class WholeAdvice {
  private WholeAdvice() {}

  /** Refused where there is no such seam. As long as matching all seams takes, since the load hangs on all shoulders. */
  public static Outcome<List<AdviceView.AnswerView>> of(Garment garment, SeamId seam) {
    return Layout.of(garment)
        .then(
            layout -> {
              Construct construct = layout.construct();
              return Seams.resolved(construct.pieces(), construct.seams(), seam).then(found -> Outcome.of(all(garment, construct, seam)));
            });
  }

  private static List<AdviceView.AnswerView> all(Garment garment, Construct construct, SeamId seam) {
    List<SeamMatch> matches = SeamMatch.all(construct.resolved().seams(), garment.rules());
    Materials materials = new Materials(garment.settings(), garment.rules(), construct.pieces(), matches);
    SeamMatch match = matches.stream().filter(each -> each.seam().seam().id().equals(seam)).findFirst().orElseThrow();
    return AdviceView.all(new Advices(materials, garment.rules(), garment.wording()).of(match));
  }
}
