package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.RowPlan;
import ruxel.core.repair.Repair;
import ruxel.core.repair.Repairs;

/** What a joining row works plain, counted with the seam before it (handbook 4.10). */
class PlainOfRowTest {
  /** Both shoulders and the neck between them in one step: behind the first its plain stitches are counted, then the next seam follows. */
  @Test
  void thePlainMiddleIsCountedAtTheBench() {
    Garment joined = joined();
    GarmentPlan plan = Wardrobe.plan(joined);
    List<RowPlan.RowPart> parts = plan.strips().get(0).row().orElseThrow().parts();
    assertThat(parts).extracting(RowPlan.RowPart::seam).containsExactly(Optional.of(new SeamId("shoulder.right")), Optional.empty(), Optional.of(new SeamId("shoulder.left")));
    int neck = parts.get(1).stitches();
    BenchPlan first = Directions.of(joined, new SeamId("shoulder.right")).orElseThrow();
    int seam = joints(plan, new SeamId("shoulder.right"));
    assertThat(first.joints()).hasSize(seam + neck);
    assertThat(first.joints().get(seam).words()).isEqualTo("Stitch 1 of %d plain along the neck.".formatted(neck));
    assertThat(first.joints().get(seam + neck - 1).words()).isEqualTo("Stitch %d of %d plain along the neck.".formatted(neck, neck));
    assertThat(first.prompts()).extracting(BenchPlan.Prompt::joint).endsWith(seam, seam + neck);
    assertThat(first.prompts().get(first.prompts().size() - 1).words()).isEqualTo("Do not cut: the next seam is joined with the same row.");
    assertThat(Directions.of(joined, new SeamId("shoulder.left")).orElseThrow().joints()).hasSize(joints(plan, new SeamId("shoulder.left")));
  }

  private static Garment joined() {
    Garment pullover = Wardrobe.pullover();
    Repair offer = Repairs.joiningRows(pullover, new SeamId("shoulder.left"), Set.of()).stream().filter(each -> each.title().equals("Work one row more on the back, and join with it")).findFirst().orElseThrow();
    return ((Outcome.Good<Garment>) Change.applyAll(pullover, offer.changes())).value();
  }

  private static int joints(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow().joints();
  }
}
