package ruxel.core.construction;

import static org.assertj.core.api.Assertions.assertThat;
import static ruxel.core.construction.Laid.numbers;
import static ruxel.core.construction.Laid.plan;
import static ruxel.core.construction.Laid.seam;

import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease.Verdict;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** The verdict of a seam (handbook 6, model 3): of its whole as of its intervals, and no unit that is wider than a stitch makes it milder. */
class VerdictTest {
  private static final double HOUSE_MM = 5;
  private static final double MATCHED = 0.02;

  static Stream<String> constructions() {
    return Templates.all().stream().map(Template::id);
  }

  /** Over random counts: a seam whose sides are more than half a gauge stitch, 5 mm and 2 % apart is never called matched. */
  @ParameterizedTest
  @MethodSource("constructions")
  void whatIsApartAsAWholeIsNotMatched(String construction) {
    Random random = new Random(construction.hashCode());
    for (int round = 0; round < 12; round++) {
      Map<String, Answers.Answer> answers = numbers(Map.of("sleeveTopStitches", 36 + random.nextInt(30), "upperArmStitches", 36 + random.nextInt(20), "armholeRows", 12 + random.nextInt(6)));
      answers.keySet().retainAll(Templates.of(construction).orElseThrow().questions().stream().map(Question::key).toList());
      if (!Laid.refused(construction, answers).isEmpty()) {
        continue;
      }
      GarmentPlan plan = plan(construction, answers);
      double stitchMm = plan.pieces().stream().map(PiecePlan::cloth).mapToDouble(cloth -> cloth.stitchWidthMm()).max().orElseThrow();
      for (SeamPlan seam : plan.seams()) {
        boolean isStiffOrBand = seam.ease().isEmpty() || seam.working().fullness() > 0;
        double apart = isStiffOrBand ? 0 : seam.ease().get().differenceMm();
        if (apart > Math.max(HOUSE_MM, stitchMm / 2) + 1e-6 && seam.ease().get().share() > MATCHED + 1e-9) {
          assertThat(seam.ease().get().verdict()).as("%s of %s: %.1f mm, %s", seam.id(), answers, apart, seam.ease().get().words()).isNotEqualTo(Verdict.MATCHED);
        }
      }
    }
  }

  /** A sleeve top 50 stitches of 7.14 mm, 357 mm, on 30 row ends of 12.5 mm, 375 mm: 4.8 %; each half is 9 mm short, less than a row is high. */
  @Test
  void aRowIsNoStitch() {
    SeamPlan armhole = seam(plan("drop-shoulder", numbers(Map.of("sleeveTopStitches", 50, "armholeRows", 15))), new SeamId("armhole.left"));
    assertThat(armhole.ease().orElseThrow().differenceMm()).isGreaterThan(HOUSE_MM);
    assertThat(armhole.ease().orElseThrow().verdict()).isNotEqualTo(Verdict.MATCHED);
  }
}
