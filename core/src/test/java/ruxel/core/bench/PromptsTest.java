package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.change.Change;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;

class PromptsTest {
  private final Garment cardigan = Wardrobe.cardigan();

  @Test
  void everyInnerMarkerIsAMomentToLook() {
    BenchPlan bench = bench(cardigan, new SeamId("armhole.left"));
    assertThat(bench.prompts())
        .filteredOn(prompt -> prompt.kind() == Prompt.Kind.MARKER)
        .extracting(Prompt::joint)
        .containsExactly(7, 14, 21, 26, 30, 37, 44);
    assertThat(bench.prompts().get(0).words())
        .isEqualTo("Marker 1: stitch 7 should lie at left front row end 36 (the 4th). If not, the slip is in the 7 before it.");
    assertThat(bench.prompts().get(0).expected()).isEqualTo("The sleeve top looks a little full; that is the ease, and it is right.");
  }

  @Test
  void aNeedleSeamIsTuggedEveryFewStitchesAwayFromMarkers() {
    List<Prompt> tugs = bench(cardigan, new SeamId("side.left")).prompts().stream().filter(p -> p.kind() == Prompt.Kind.TUG).toList();
    assertThat(tugs).isNotEmpty().allSatisfy(tug -> assertThat(tug.expected()).isEqualTo("Gaps show now; they close when you tug."));
    assertThat(bench(cardigan, new SeamId("shoulder.left")).prompts()).noneMatch(prompt -> prompt.kind() == Prompt.Kind.TUG);
  }

  @Test
  void howOftenToTugIsAHouseRule() {
    Garment rarely =
        new Garment(
            cardigan.name(), cardigan.unit(), cardigan.terms(), cardigan.hand(), cardigan.recipe(), List.of(), List.of(), List.of(),
            cardigan.settings(), new HouseRules(Map.of(HouseRules.Rule.TUG_JOINTS, 40.0)));
    assertThat(tugs(rarely)).hasSizeLessThan(tugs(cardigan).size()).allMatch(joint -> joint % 40 == 0);
    assertThat(tugs(cardigan)).isNotEmpty().allMatch(joint -> joint % 5 == 0);
  }

  private static List<Integer> tugs(Garment garment) {
    return bench(garment, new SeamId("side.left")).prompts().stream().filter(p -> p.kind() == Prompt.Kind.TUG).map(Prompt::joint).toList();
  }

  @Test
  void theHandThatWorksBegins() {
    assertThat(bench(cardigan, new SeamId("shoulder.left")).fromRight()).as("right sides together, right-handed").isTrue();
    assertThat(bench(cardigan, new SeamId("shoulder.left")).wrongSide()).isTrue();
    assertThat(bench(cardigan, new SeamId("shoulder.left")).joints().get(12).words()).isEqualTo("Stitch 13 of both.");
    assertThat(bench(cardigan, new SeamId("armhole.left")).fromRight()).as("flat, right sides up, right-handed").isTrue();
    Garment left = good(new Change.Reworded(Wording.Unit.CM, Terms.US, Wording.Hand.LEFT).apply(cardigan));
    assertThat(bench(left, new SeamId("shoulder.left")).fromRight()).isFalse();
    assertThat(bench(left, new SeamId("armhole.left")).fromRight()).isFalse();
    assertThat(bench(left, new SeamId("shoulder.left")).start()).startsWith("The left front nearest you, its wrong side to you; the back behind it. Begin at your left, at the left armhole. The first joint: stitch 1 of both.");
    assertThat(bench(left, new SeamId("armhole.left")).joints().subList(1, 50)).as("counts are never mirrored").isEqualTo(bench(cardigan, new SeamId("armhole.left")).joints().subList(1, 50));
  }

  private static BenchPlan bench(Garment garment, SeamId seam) {
    Optional<BenchPlan> plan = Directions.of(garment, seam);
    return plan.orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
