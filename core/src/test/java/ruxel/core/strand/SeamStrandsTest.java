package ruxel.core.strand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.match.SeamMatch;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.measure.HouseRules;
import ruxel.core.method.Method;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seams;
import ruxel.core.yarn.Sample;

/** Yarn of seams in strands (handbook 12). */
class SeamStrandsTest {
  /** An armhole of 40 cm by mattress: 40 × 2.5 = 100 cm and a tail of 15 cm at each end, in one strand. */
  @Test
  void anArmholeOfFortyCentimetres() {
    Map<String, Answers.Answer> answers = new HashMap<>(Wardrobe.cardiganAnswers());
    Wardrobe.number(answers, "armholeRows", 16);
    SeamStrands armhole = strands(answers, new SeamId("armhole.left"), Method.MATTRESS_ROWS, HouseRules.USUAL);
    double expected = armhole.lengthMm() * 2.5 + 300;
    assertThat(armhole.lengthMm()).as("sleeve top of 51 stitches on 16 + 16 rows of 12.5 mm").isCloseTo(51 * 100 / 14.0, within(1e-6));
    assertThat(armhole.neededMm()).isCloseTo(expected, within(1e-6));
    SeamMatch forty = match(answers, new SeamId("armhole.left"));
    assertThat(SeamStrands.of(forty, Method.MATTRESS_ROWS, new Factor(1000 / armhole.lengthMm(), 0, 1), false, HouseRules.USUAL).neededMm()).isCloseTo(1300, within(1e-6));
    assertThat(armhole.strands()).as("never parted inside an armhole").hasSize(1);
  }

  /** Side and sleeve is longer than a needle handles: one strand to the underarm, one from there, each with its tails. */
  @Test
  void aNeedleChangesStrandsAtTheUnderarm() {
    SeamStrands side = strands(Wardrobe.cardiganAnswers(), new SeamId("side.left"), Method.MATTRESS_ROWS, HouseRules.USUAL);
    assertThat(side.strands()).hasSize(2);
    assertThat(side.strands().get(0).toJoint()).isEqualTo(side.strands().get(1).fromJoint());
    assertThat(side.neededMm()).isCloseTo(side.lengthMm() * 2.5 + 4 * 150, within(1e-6));
    assertThat(side.tails()).isEqualTo(4);
    SeamStrands hook = strands(Wardrobe.cardiganAnswers(), new SeamId("side.left"), Method.SLIP_BOTH, HouseRules.USUAL);
    assertThat(hook.strands()).as("from the ball").hasSize(1);
    SeamStrands patient = strands(Wardrobe.cardiganAnswers(), new SeamId("side.left"), Method.MATTRESS_ROWS, HouseRules.USUAL.with(Rule.NEEDLE_MM, Optional.of(5000.0)));
    assertThat(patient.strands()).hasSize(1);
  }

  /** The strands of a seam follow each other without a gap, and add up to its yarn, whatever the factor. */
  @Test
  void strandsAddUpToTheYarnOfTheSeam() {
    Random random = new Random(3);
    for (SeamId seam : List.of(new SeamId("shoulder.left"), new SeamId("armhole.right"), new SeamId("side.left"), new SeamId("side.right"))) {
      SeamMatch match = match(Wardrobe.cardiganAnswers(), seam);
      for (Method method : Method.values()) {
        Factor factor = new Factor(1 + random.nextDouble() * 9, 0, 1);
        SeamStrands strands = SeamStrands.of(match, method, factor, random.nextBoolean(), HouseRules.USUAL);
        int joint = 0;
        for (SeamStrands.Strand strand : strands.strands()) {
          assertThat(strand.fromJoint()).isEqualTo(joint);
          assertThat(strand.toJoint()).isGreaterThan(joint);
          joint = strand.toJoint();
        }
        assertThat(joint).isEqualTo(match.joints().size());
        assertThat(strands.neededMm()).isCloseTo(strands.lengthMm() * factor.mmPerMm() + strands.tails() * 150, within(1e-6));
      }
    }
  }

  /** 10 cm took 30 cm, 20 cm took 50: 80 on 30 is 2.67, and they lie 0.35 apart from it as the square root of (0.33² + 0.17²). */
  @Test
  void ownFactorsHaveTheirSpread() {
    Factor factor = Factor.measured(List.of(new Sample(100, 300), new Sample(200, 500)));
    assertThat(factor.mmPerMm()).isCloseTo(8 / 3.0, within(1e-9));
    assertThat(factor.spread()).isCloseTo(Math.sqrt(1 / 9.0 + 1 / 36.0), within(1e-9));
    assertThat(factor.times()).isEqualTo(2);
    assertThat(Factor.measured(List.of(new Sample(100, 300))).spread()).isZero();
    assertThat(Factor.ofTable(Method.SC_BOTH).isMeasured()).isFalse();
  }

  private static SeamStrands strands(Map<String, Answers.Answer> answers, SeamId seam, Method method, HouseRules rules) {
    return SeamStrands.of(match(answers, seam), method, Factor.ofTable(method), false, rules);
  }

  private static SeamMatch match(Map<String, Answers.Answer> answers, SeamId id) {
    Layout layout = ((Outcome.Good<Layout>) Layout.of(Wardrobe.garment(answers))).value();
    ResolvedSeam seam = ((Outcome.Good<ResolvedSeam>) Seams.resolved(layout.construct().pieces(), layout.construct().seams(), id)).value();
    return SeamMatch.of(seam, HouseRules.USUAL);
  }
}
