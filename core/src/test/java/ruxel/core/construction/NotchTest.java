package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.construction.Laid.plan;

import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease.Verdict;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;

/** A notch is as high as whole rows come nearest to it, which is never a reason to stop. A notched armhole without a notch is a straight one: no row of the sleeve sits in it. */
class NotchTest {
  /** 6 stitches of 7.14 mm, 42.9 mm, on 3 rows of 12.5 mm: 5.4 mm apart, and no count of rows comes nearer. */
  @Test
  void whatNoCountOfRowsMendsDoesNotStop() {
    GarmentPlan plan = plan("notched-armhole", Map.of("underarmStitches", new Answers.Numeric(6)));
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.EASE_TOO_MUCH);
    SeamPlan armhole = plan.seams().stream().filter(seam -> seam.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow();
    assertThat(armhole.ease().orElseThrow().verdict()).isEqualTo(Verdict.EASE_WITH_MARKERS);
  }

  @Test
  void noStitchesLeftLeaveNoNotch() {
    GarmentPlan plan = plan("notched-armhole", Map.of("underarmStitches", new Answers.Numeric(0)));
    SeamPlan armhole = plan.seams().stream().filter(seam -> seam.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow();
    SeamPlan straight = plan("drop-shoulder", Map.of()).seams().stream().filter(seam -> seam.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow();
    assertThat(plan.seams()).allMatch(SeamPlan::planned);
    assertThat(armhole.a().lengthMm()).as("only the top of the sleeve").isCloseTo(armhole.b().lengthMm(), within(0.1 * armhole.b().lengthMm()));
    assertThat(armhole.a().rails()).hasSameSizeAs(straight.a().rails());
  }
}
