package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.bench.Look.Fault;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.SeamChange.MethodChosen;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;

/** A seam is looked at after its first joints, measured at markers and at its end, and what is not right has what helps beside it. */
class LooksTest {
  private static final SeamId ARMHOLE = new SeamId("armhole.left");

  /** Sleeve top 51 stitches, 36.4 cm, on an armhole of 35.0 cm: eased in, it is as long as the armhole. */
  private static Looks armhole(String method) {
    Garment garment = ((Outcome.Good<Garment>) new MethodChosen(ARMHOLE, method).apply(Wardrobe.cardigan())).value();
    return new Looks(Directions.of(garment, ARMHOLE).orElseThrow(), garment.rules(), garment.wording());
  }

  private static Look sewn(int joint, double mm) {
    return new Look(joint, Optional.of(mm), List.of());
  }

  @ParameterizedTest
  @CsvSource({"350, as it should be.", "344, as it should be.", "356, as it should be.", "336, it draws in by 4.0 %", "364, it is slack by 4.0 %"})
  void theLengthIsHeldAgainstTheShorterSide(double mm, String words) {
    Looks looks = armhole("slip-both");
    Looks.Sewn sewn = looks.sewn(List.of(sewn(51, mm))).get(0);
    assertThat(sewn.plannedMm()).isEqualTo(350);
    assertThat(sewn.words()).startsWith("%s cm sewn, 35 cm planned: %s".formatted(mm == 350 ? "35" : Double.toString(mm / 10), words));
  }

  /** It was right at marker 2 and is not at its end: that is how far it is undone. */
  @Test
  void itIsUndoneToTheLastMarkerWhereItWasRight() {
    Looks looks = armhole("slip-both");
    BenchPlan.Stop second = looks.plan().stops().stream().filter(stop -> stop.number() == 2).findFirst().orElseThrow();
    double right = looks.sewn(List.of(sewn(second.joint(), 100))).get(0).plannedMm();
    List<Looks.Sewn> sewn = looks.sewn(List.of(sewn(51, 330), sewn(second.joint(), right)));
    assertThat(sewn).extracting(Looks.Sewn::joint).containsExactly(second.joint(), 51);
    assertThat(sewn.get(0).words()).endsWith("as it should be.");
    assertThat(sewn.get(1).words()).endsWith("half a hook size up from here, or undo to marker 2.");
    assertThat(looks.sewn(List.of(sewn(51, 330))).get(0).words()).as("nothing was measured before").endsWith("or undo it.");
    assertThat(armhole("whip-both").sewn(List.of(sewn(51, 330))).get(0).words()).as("a needle has no size").doesNotContain("hook").contains("leave the yarn longer");
  }

  @Test
  void theFirstLookComesWhileLittleIsLost() {
    BenchPlan plan = armhole("slip-both").plan();
    assertThat(plan.prompts()).filteredOn(prompt -> prompt.kind() == BenchPlan.Prompt.Kind.LOOK).singleElement().satisfies(prompt -> assertThat(prompt.joint()).isEqualTo(10));
    assertThat(Directions.of(Wardrobe.cardigan(), new SeamId("shoulder.left")).orElseThrow().prompts()).filteredOn(prompt -> prompt.kind() == BenchPlan.Prompt.Kind.LOOK).hasSize(1);
    assertThat(armhole("slip-both").questions()).extracting(Looks.Asked::fault).containsExactly(Fault.values());
  }

  @Test
  void anEdgingHasNoLengthOfItsOwn() {
    assertThat(sewn(5, 100).refusal(true)).isEmpty();
    assertThat(sewn(5, 100).refusal(false)).isPresent();
    assertThat(sewn(5, -1).refusal(true)).isPresent();
    assertThat(sewn(5, Double.NaN).refusal(true)).isPresent();
    assertThat(new Look(5, Optional.empty(), List.of(Fault.GAPS)).refusal(false)).isEmpty();
  }

  private static List<SewnLengths.EdgeLength> lengths(Garment garment, double mm) {
    Garment joined = ((Outcome.Good<Garment>) new MethodChosen(ARMHOLE, "slip-both").apply(garment)).value();
    BenchPlan plan = Directions.of(Wardrobe.cardigan(), ARMHOLE).orElseThrow();
    return new SewnLengths(((Outcome.Good<Layout>) Layout.of(joined)).value().construct().pieces(), garment.wording()).of(plan, new Looks(plan, garment.rules(), garment.wording()), List.of(sewn(51, mm)));
  }

  /**
   * By hand: sewn 33.6 cm, 35 planned. The sleeve top, 36.4 cm, is 33.6; the armholes lie at the upper end of the sides:
   * each half of 17.5 is 16.8: 0.7 cm less.
   */
  @Test
  void whatWasSewnIsKeptAsTheLengthOfItsEdges() {
    Garment garment = Wardrobe.cardigan();
    List<SewnLengths.EdgeLength> lengths = lengths(garment, 336);
    assertThat(lengths).hasSize(3);
    assertThat(lengths.get(0).mm()).as("the sleeve top").isCloseTo(336, within(1e-6));
    for (SewnLengths.EdgeLength half : lengths.subList(1, 3)) {
      double before = ((Outcome.Good<Layout>) Layout.of(garment)).value().construct().pieces().stream().filter(piece -> piece.id().equals(half.piece())).findFirst().flatMap(piece -> piece.edge(half.edge())).orElseThrow().gaugeLengthMm();
      assertThat(half.mm()).as(half.words()).isCloseTo(before - 7, within(1e-6));
    }
    assertThat(lengths(garment, 350)).as("as it should be").isEmpty();
    Garment kept = garment;
    for (SewnLengths.EdgeLength length : lengths) {
      kept = ((Outcome.Good<Garment>) new EdgeChange.EdgeMeasured(length.piece(), length.edge(), Optional.of(length.mm())).apply(kept)).value();
    }
    assertThat(lengths(kept, 336)).as("kept once").isEmpty();
    assertThat(lengths(kept, 364)).as("measured anew").extracting(SewnLengths.EdgeLength::mm).first().satisfies(mm -> assertThat(mm).isCloseTo(364, within(1e-6)));
  }
}
