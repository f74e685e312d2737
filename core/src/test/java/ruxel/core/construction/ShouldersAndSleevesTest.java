package ruxel.core.construction;

import static ruxel.core.construction.Laid.built;
import static ruxel.core.construction.Laid.numbers;
import static ruxel.core.construction.Laid.plan;
import static ruxel.core.construction.Laid.seam;
import static ruxel.core.construction.Laid.sentence;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.finding.FindingCode;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Checkpoint;
import ruxel.core.piece.Outline;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;

/** What shoulders and sleeves of single constructions say of themselves, by the numbers of examples. */
class ShouldersAndSleevesTest {
  /** 25 ribs less two shoulders of 10 leave 5, 10 cm: less than 11 and than a quarter of 50 cm, so it is told before the shoulders are joined. */
  @Test
  void aBackNeckUnderTheLimitIsTold() {
    GarmentPlan plan = plan("sideways-ribs", numbers(Map.of("gaugeStitches", 12, "gaugeRows", 10, "ribRows", 2, "shoulderRibRepeats", 9, "backRibRepeats", 24)));
    assertThat(plan.findings())
        .filteredOn(finding -> finding.code() == FindingCode.BACK_NECK_NARROW)
        .singleElement()
        .satisfies(finding -> {
          assertThat(finding.sentence()).contains("10 cm").contains("12.5 cm");
          assertThat(finding.seam()).contains(new SeamId("shoulder.left"));
        });
    GarmentPlan wide = plan("sideways-ribs", numbers(Map.of("gaugeStitches", 12, "gaugeRows", 10, "ribRows", 2, "shoulderRibRepeats", 7, "backRibRepeats", 24)));
    assertThat(wide.findings()).extracting(FindingView::code).doesNotContain(FindingCode.BACK_NECK_NARROW);
  }

  /** A bubble sleeve: 30 % fuller than an armhole of 40 cm are 52 cm, eased in on purpose and no trouble. */
  @Test
  void aBubbleSleeveIsEasedIn() {
    Map<String, Integer> full = Map.of("gaugeStitches", 12, "gaugeRows", 10, "lengthStitches", 66, "armholeStitches", 24, "sleeveFullness", 30);
    Construct construct = built("sideways-ribs", full);
    assertThat(sentence(construct, "sleeveTopStitches")).contains("62 stitches", "40 cm");
    GarmentPlan plan = plan("sideways-ribs", numbers(full));
    assertThat(seam(plan, new SeamId("armhole.left")).planned()).isTrue();
    assertThat(plan.findings()).filteredOn(finding -> finding.level() != FindingCode.Level.NOTE && finding.seam().filter(id -> id.text().startsWith("armhole")).isPresent()).isEmpty();
  }

  /**
   * 18 stitches in 3 steps of one row of 10 mm: markers after 6 and 12 from the armhole, the neck 20 mm higher, and at the bench the
   * hook takes one loop only of the higher piece there.
   */
  @Test
  void aSteppedShoulderSaysSoAtItsSteps() {
    Map<String, Integer> stepped = Map.of("gaugeStitches", 18, "gaugeRows", 10, "shoulderStitches", 18, "shoulderSteps", 3);
    GarmentPlan plan = plan("set-in-sleeve", numbers(stepped));
    for (SeamId id : List.of(new SeamId("shoulder.left"), new SeamId("shoulder.right"))) {
      SeamPlan shoulder = seam(plan, id);
      assertThat(shoulder.counts()).isEqualTo("18 on 18");
      assertThat(shoulder.checkpoints()).filteredOn(point -> point.kind() == Checkpoint.Kind.SHOULDER_STEP).extracting(point -> point.joint()).containsExactly(6, 12);
      BenchPlan bench = Directions.of(Garment.of("Quay", new Recipe("set-in-sleeve", new Answers(numbers(stepped)))), id).orElseThrow();
      assertThat(bench.prompts()).filteredOn(prompt -> prompt.words().contains("one loop only of the higher piece")).extracting(BenchPlan.Prompt::joint).containsExactly(6, 12);
    }
    Construct flat = built("set-in-sleeve", Map.of("gaugeStitches", 18, "gaugeRows", 10, "shoulderStitches", 18));
    Construct sloped = built("set-in-sleeve", stepped);
    assertThat(new Outline(sloped.pieces().get(0)).box().height() - new Outline(flat.pieces().get(0)).box().height()).isCloseTo(20, within(1e-6));
  }

  /** Repeats of 12 on 20 stitches of shoulder and 40 of sleeve: four whole ones end between the neck and the cuff. */
  @Test
  void repeatsMeetOverShoulderAndSleeve() {
    GarmentPlan plan = plan("grown-on-sleeves", numbers(Map.of("gaugeStitches", 16, "gaugeRows", 9, "shoulderStitches", 20, "sleeveStitches", 40, "repeatStitches", 12)));
    SeamPlan seam = seam(plan, new SeamId("shoulder.left"));
    assertThat(seam.anchors()).extracting(anchor -> anchor.id()).containsExactly("START", "repeat.4", "repeat.3", "repeat.2", "repeat.1", "END");
    assertThat(seam.anchors()).extracting(anchor -> anchor.a()).containsExactly(0, 24, 48, 72, 96, 120);
    assertThat(seam.anchors()).allMatch(anchor -> anchor.a() == anchor.b());
  }
}
