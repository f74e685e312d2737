package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.measure.HouseRules.Rule;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;

/** Numbers of judgement are the maker's to change (handbook 1). */
class RuleChangedTest {
  /** The armhole of the worked example is eased by 3.9 %. */
  @ParameterizedTest
  @CsvSource({"0.02, EASE_EVENLY", "0.04, MATCHED"})
  void theVerdictGoesByTheMakersOwnLimit(double matched, Ease.Verdict verdict) {
    GarmentPlan plan = Wardrobe.plan(good(new RuleChanged(Rule.MATCHED_SHARE, Optional.of(matched)).apply(Wardrobe.cardigan())));
    assertThat(plan.seams()).filteredOn(seam -> seam.id().equals(new SeamId("armhole.left"))).singleElement().satisfies(seam -> assertThat(seam.ease().orElseThrow().verdict()).isEqualTo(verdict));
    assertThat(plan.rules()).containsExactly(new GarmentPlan.RuleView(Rule.MATCHED_SHARE, matched));
    assertThat(plan.ladder().rungs().get(0).to()).contains(matched);
  }

  @Test
  void theHousesOwnIsTakenAgain() {
    Garment own = good(new RuleChanged(Rule.MARKER_JOINTS, Optional.of(6.0)).apply(Wardrobe.cardigan()));
    assertThat(Wardrobe.plan(own).seams().get(0).checkpoints()).hasSizeGreaterThan(Wardrobe.plan(Wardrobe.cardigan()).seams().get(0).checkpoints().size());
    assertThat(good(new RuleChanged(Rule.MARKER_JOINTS, Optional.empty()).apply(own)).rules()).isEqualTo(Wardrobe.cardigan().rules());
  }

  @Test
  void limitsThatContradictEachOtherAreRefused() {
    Outcome<Garment> outcome = new RuleChanged(Rule.MATCHED_SHARE, Optional.of(0.08)).apply(Wardrobe.cardigan());
    assertThat(outcome.findings()).extracting(Finding::code).containsExactly(FindingCode.RULE_CLASH);
    assertThat(outcome.findings().get(0).sentence(Wardrobe.cardigan().wording())).contains("Ease that counts as matched").contains("Ease that is eased in evenly");
    assertThat(new RuleChanged(Rule.TWO_PLACES_ROW_MM, Optional.of(5.0)).apply(Wardrobe.cardigan()).findings()).extracting(Finding::code).containsExactly(FindingCode.RULE_CLASH);
  }

  /** A file may hold what the app would refuse: it opens, and is told of. */
  @Test
  void contradictingLimitsOfAFileAreTold() {
    Garment garment = Wardrobe.cardigan();
    GarmentPlan plan = Wardrobe.plan(garment.withRules(garment.rules().with(Rule.EVEN_SHARE, Optional.of(0.01))));
    assertThat(plan.findings()).extracting(FindingView::code).contains(FindingCode.RULE_CLASH);
  }

  @ParameterizedTest
  @EnumSource(Rule.class)
  void nothingBeyondItsBoundsIsTaken(Rule rule) {
    for (double wrong : new double[] {rule.least() - 1, rule.most() + 1, Double.NaN}) {
      assertThat(new RuleChanged(rule, Optional.of(wrong)).apply(Wardrobe.cardigan()).findings()).extracting(Finding::code).containsExactly(FindingCode.RULE_RANGE);
    }
    assertThat(rule.allows(rule.usual())).isTrue();
    assertThat(rule.why()).isNotBlank();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
