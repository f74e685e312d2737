package ruxel.app.garment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.files.GarmentFiles;

/** The wardrobe shows every construction, and trouble only where it is meant. */
class DemoGarmentsTest {
  private static final List<DemoGarments> TROUBLED = List.of(DemoGarments.JACKET, DemoGarments.GROWN_ON, DemoGarments.SQUARES);

  @ParameterizedTest
  @EnumSource(DemoGarments.class)
  void eachCanBeJoinedButTheTroubledOnes(DemoGarments demo) {
    GarmentPlan plan = plan(demo);
    assertThat(plan.seams()).isNotEmpty().allMatch(SeamPlan::planned);
    boolean troubled = plan.findings().stream().anyMatch(finding -> finding.level() != FindingCode.Level.NOTE);
    assertThat(troubled).as("%s", plan.findings().stream().map(finding -> finding.sentence()).toList()).isEqualTo(TROUBLED.contains(demo));
  }

  @Test
  void everyConstructionIsThere() {
    assertThat(Arrays.stream(DemoGarments.values()).map(demo -> garment(demo).recipe().orElseThrow().construction()))
        .containsAll(Templates.all().stream().map(Template::id).toList());
  }

  private static Garment garment(DemoGarments demo) {
    Outcome<Garment> read = GarmentFiles.read(demo.file());
    assertThat(read.findings()).isEmpty();
    return ((Outcome.Good<Garment>) read).value();
  }

  private static GarmentPlan plan(DemoGarments demo) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment(demo))).value();
  }
}
