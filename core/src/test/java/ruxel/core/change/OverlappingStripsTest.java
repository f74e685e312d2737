package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.Settings;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Cut.End;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.Planner;
import ruxel.core.repair.Repairs;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Edgings that lie over each other, begin anywhere, or have rows under them, as a file may have them: told of, and never the end of a plan. */
class OverlappingStripsTest {
  private static final int ROUNDS = 6;

  static Stream<Template> templates() {
    return Templates.all().stream();
  }

  private static GarmentPlan plan(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }

  @ParameterizedTest
  @MethodSource("templates")
  void whateverLiesOverWhatever(Template template) {
    Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
    GarmentPlan bare = plan(garment);
    Random random = new Random(template.id().hashCode());
    for (int round = 0; round < ROUNDS; round++) {
      GarmentPlan.OpeningPlan opening = bare.gluing().openings().get(random.nextInt(bare.gluing().openings().size()));
      List<Strip> strips = new ArrayList<>();
      int most = 2 + random.nextInt(2);
      for (int i = 0; i < most; i++) {
        strips.add(strip(new StripId("s" + i), spot(bare, opening, random), random.nextInt(3) == 0 ? Optional.empty() : Optional.of(spot(bare, opening, random))));
      }
      Settings settings = garment.settings();
      for (Strip strip : strips) {
        settings = settings.with(new WorkedStrip(strip));
      }
      if (random.nextBoolean()) {
        GarmentPlan.StretchPlan under = opening.stretches().get(random.nextInt(opening.stretches().size()));
        settings = settings.with(new EdgingRows(under.piece(), under.edge(), 1, 6, 60, Optional.empty(), Optional.empty()));
      }
      Garment edged = garment.withSettings(settings);
      GarmentPlan plan = plan(edged);
      Set<WorkRef> gone = Set.copyOf(plan.gone().stream().flatMap(each -> each.of().stream()).toList());
      assertThat(strips).allMatch(strip -> gone.contains(WorkRef.strip(strip.id())) != plan.strips().stream().anyMatch(planned -> planned.id().equals(strip.id())));
      plan.seams().stream().limit(3).forEach(seam -> assertThat(Repairs.joiningRows(edged, seam.id(), Set.of())).isNotNull());
    }
  }

  private static Strip strip(StripId id, Spot from, Optional<Spot> to) {
    return new Strip(id, id.text(), from, to, Collections.nCopies(1, new Round(Stitch.SC, 6, 6, false)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  /** Anywhere on an opening: also at the very end of a run, told from its end. */
  private static Spot spot(GarmentPlan plan, GarmentPlan.OpeningPlan opening, Random random) {
    GarmentPlan.StretchPlan stretch = opening.stretches().get(random.nextInt(opening.stretches().size()));
    PiecePlan piece = plan.pieces().stream().filter(each -> each.id().equals(stretch.piece())).findFirst().orElseThrow();
    PiecePlan.EdgePlan edge = piece.edges().stream().filter(each -> each.id().equals(stretch.edge())).findFirst().orElseThrow();
    PiecePlan.RunPlan run = edge.runs().get(random.nextInt(edge.runs().size()));
    int offset = random.nextInt(3) == 0 ? 0 : random.nextInt(3) == 0 ? run.count() : random.nextInt(run.count() + 1);
    return Spot.cut(piece.id(), edge.id(), new Cut(run.id(), offset, random.nextBoolean() ? End.START : End.END));
  }
}
