package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.StripChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.match.Ease;
import ruxel.core.strip.SeparateBand;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** A band made separately is sewn on by the planner that sews everything: quarter on quarter, its edge meant to be the longer. */
class BandsTest {
  private static final Garment PULLOVER = Wardrobe.pullover();

  @Test
  void aNeckbandIsSewnOnQuarterByQuarter() {
    Garment banded = banded(PULLOVER, "Neck", new SeparateBand(SeparateBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.empty()));
    StripPlan strip = Wardrobe.plan(banded).strips().get(0);
    SeamPlan sewn = strip.sewn().orElseThrow();
    int rows = strip.band().orElseThrow().rows();
    assertThat(sewn.planned()).isTrue();
    assertThat(sewn.method()).contains("mattress-rows");
    assertThat(sewn.a().lengthMm()).isCloseTo(rows * 5.0, within(1e-6));
    assertThat(sewn.b().lengthMm()).isCloseTo(strip.innerMm(), within(1e-6));
    assertThat(sewn.ease().orElseThrow().verdict()).as("0.9 of its edge is meant").isLessThanOrEqualTo(Ease.Verdict.EASE_EVENLY);
    List<SeamPlan.AnchorPlan> quarters = sewn.anchors().stream().filter(anchor -> anchor.id().startsWith("quarter")).toList();
    assertThat(quarters).hasSizeBetween(2, 3).allSatisfy(anchor -> assertThat(anchor.aMm() / sewn.a().lengthMm()).isCloseTo(anchor.bMm() / sewn.b().lengthMm(), within(0.03)));
    assertThat(sewn.intervals().get(0).heading()).startsWith("From the first row to the first quarter, ");
    assertThat(strip.yarnMm()).as("with what sews it on").isGreaterThan(sewn.a().lengthMm() * 2.5);
    assertThat(Wardrobe.plan(banded).findings()).extracting(FindingView::code).doesNotContain(FindingCode.METHOD_NEVER, FindingCode.ROWS_DIFFER, FindingCode.BAND_LONGER);
  }

  @Test
  void theBenchSewsItJointByJoint() {
    Garment banded = banded(PULLOVER, "Neck", new SeparateBand(SeparateBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.empty()));
    GarmentPlan plan = Wardrobe.plan(banded);
    BenchPlan bench = StripDirections.of(banded, plan, "band").orElseThrow();
    assertThat(bench.plan()).contains(plan.strips().get(0).sewn().orElseThrow());
    assertThat(bench.joints()).hasSize(plan.strips().get(0).sewn().orElseThrow().joints());
    assertThat(bench.joints().get(0).words()).startsWith("Row end 1 and ");
    assertThat(bench.cautions().get(0)).startsWith("Make it first. Neckband for ").endsWith(" Join its first and last row: it is a ring.");
    assertThat(bench.stops()).isNotEmpty();
    assertThat(bench.rounds()).isEmpty();
  }

  @Test
  void theMakersMethodIsTakenWhereItMayBe() {
    SeparateBand whipped = new SeparateBand(SeparateBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.of("whip-both"));
    assertThat(Wardrobe.plan(banded(PULLOVER, "Neck", whipped)).strips().get(0).sewn().orElseThrow().method()).contains("whip-both");
    SeparateBand never = new SeparateBand(SeparateBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.of("sc-back"));
    GarmentPlan plan = Wardrobe.plan(banded(PULLOVER, "Neck", never));
    assertThat(plan.findings()).filteredOn(finding -> finding.code() == FindingCode.METHOD_NEVER).singleElement().matches(finding -> finding.strip().equals(Optional.of("band")));
    assertThat(plan.strips().get(0).sewn().orElseThrow().method()).contains("mattress-rows");
    SeparateBand unknown = new SeparateBand(SeparateBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.of("glue"));
    assertThat(told(PULLOVER, "Neck", unknown).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_METHOD);
  }

  /** Round every opening of every construction a band can be sewn on, whatever pieces and corners it passes. */
  @ParameterizedTest
  @MethodSource("constructions")
  void aBandRoundEveryOpening(Template template) {
    Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      for (SeparateBand.Kind kind : List.of(SeparateBand.Kind.NECKBAND, SeparateBand.Kind.FRONT)) {
        StripPlan strip = Wardrobe.plan(banded(garment, opening.name(), new SeparateBand(kind, 40, 6, Optional.empty(), Optional.empty()))).strips().get(0);
        SeamPlan sewn = strip.sewn().orElseThrow();
        assertThat(sewn.ease().orElseThrow().verdict()).as("%s, %s", template.id(), opening.name()).isLessThan(Ease.Verdict.STOP);
        assertThat(sewn.a().places()).isGreaterThanOrEqualTo(strip.band().orElseThrow().rows());
      }
    }
  }

  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  private static Garment banded(Garment garment, String opening, SeparateBand band) {
    return ((Outcome.Good<Garment>) told(garment, opening, band)).value();
  }

  private static Outcome<Garment> told(Garment garment, String opening, SeparateBand band) {
    GarmentPlan.OpeningPlan on = Wardrobe.plan(garment).gluing().openings().stream().filter(each -> each.name().equals(opening)).findFirst().orElseThrow();
    return new StripChange.StripTold(new Strip("band", "Neckband", on.start(), Optional.empty(), List.of(), Strip.Multiple.ANY, false, Trims.NONE, Optional.of(band), Optional.empty())).apply(garment);
  }
}
