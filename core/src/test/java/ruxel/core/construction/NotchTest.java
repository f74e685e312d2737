package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Laid.plan;

import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;

/** A notched armhole without a notch is a straight one: no row of the sleeve sits in it. */
class NotchTest {
  @Test
  void noStitchesLeftLeaveNoNotch() {
    GarmentPlan plan = plan("notched-armhole", Map.of("underarmStitches", new Answers.Numeric(0)));
    SeamPlan armhole = plan.seams().stream().filter(seam -> seam.id().equals("armhole.left")).findFirst().orElseThrow();
    SeamPlan straight = plan("drop-shoulder", Map.of()).seams().stream().filter(seam -> seam.id().equals("armhole.left")).findFirst().orElseThrow();
    assertThat(plan.seams()).allMatch(SeamPlan::planned);
    assertThat(armhole.a().lengthMm()).as("only the top of the sleeve").isCloseTo(armhole.b().lengthMm(), within(0.1 * armhole.b().lengthMm()));
    assertThat(armhole.a().rails()).hasSameSizeAs(straight.a().rails());
  }
}
