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
import ruxel.core.identity.StripId;
import ruxel.core.match.Ease;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.UnitKind;
import ruxel.core.strip.RibBand;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** A band made separately is sewn on by the planner that sews everything: quarter on quarter, its edge meant to be the longer. */
class BandsTest {
  private static final Garment PULLOVER = Wardrobe.pullover();

  @Test
  void aNeckbandIsSewnOnQuarterByQuarter() {
    Garment banded = banded(PULLOVER, "Neck", new RibBand(RibBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.empty(), false));
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
    Garment banded = banded(PULLOVER, "Neck", new RibBand(RibBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.empty(), false));
    GarmentPlan plan = Wardrobe.plan(banded);
    BenchPlan bench = StripDirections.of(banded, plan, new StripId("band")).orElseThrow();
    assertThat(bench.plan()).contains(plan.strips().get(0).sewn().orElseThrow());
    assertThat(bench.joints()).hasSize(plan.strips().get(0).sewn().orElseThrow().joints());
    assertThat(bench.joints().get(0).words()).startsWith("Row end 1 and ");
    assertThat(bench.cautions().get(0)).startsWith("Make it first. Neckband for ").endsWith(" Join its first and last row: it is a ring.");
    assertThat(bench.stops()).isNotEmpty();
    assertThat(bench.rounds()).isEmpty();
  }

  @Test
  void theMakersMethodIsTakenWhereItMayBe() {
    RibBand whipped = new RibBand(RibBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.of("whip-both"), false);
    assertThat(Wardrobe.plan(banded(PULLOVER, "Neck", whipped)).strips().get(0).sewn().orElseThrow().method()).contains("whip-both");
    RibBand never = new RibBand(RibBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.of("sc-back"), false);
    GarmentPlan plan = Wardrobe.plan(banded(PULLOVER, "Neck", never));
    assertThat(plan.findings()).filteredOn(finding -> finding.code() == FindingCode.METHOD_NEVER).singleElement().matches(finding -> finding.strip().equals(Optional.of(new StripId("band"))));
    assertThat(plan.strips().get(0).sewn().orElseThrow().method()).contains("mattress-rows");
    RibBand unknown = new RibBand(RibBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.of("glue"), false);
    assertThat(told(PULLOVER, "Neck", unknown).findings()).extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_METHOD);
  }

  /** Two rows for every two stitches of the round it lies on, whose count is even and right for the rows. */
  @Test
  void aBandWorkedOnTakesTwoStitchesEveryTwoRows() {
    Garment rounded = rounded(0);
    StripPlan.Outer outer = Wardrobe.plan(rounded).strips().get(0).outer();
    assertThat(outer.end()).as("a round has no end").isEmpty();
    Garment banded = good(new StripChange.StripAdded(onto(outer)).apply(rounded));
    GarmentPlan plan = Wardrobe.plan(banded);
    StripPlan made = plan.strips().get(1);
    assertThat(made.band().orElseThrow().rows()).isEqualTo(outer.units()).matches(rows -> rows % 2 == 0);
    assertThat(made.sewn()).as("nothing is sewn").isEmpty();
    assertThat(made.inner()).extracting(StripPlan.InnerPlan::name).as("told by what lies under the round").allMatch(name -> name.startsWith("Neck round, over the neck of the "));
    assertThat(made.band().orElseThrow().words()).endsWith("two rows for every two of the %d stitches, each pair fastened with a slip stitch into both. Its last row is joined to its first.".formatted(outer.units()));
    BenchPlan bench = StripDirections.of(banded, plan, new StripId("band")).orElseThrow();
    assertThat(bench.joints()).hasSize(outer.units() / 2);
    assertThat(bench.joints().get(1).words()).isEqualTo("Rows 3 and 4, into stitch 3 and stitch 4.");
    assertThat(bench.rounds().get(0).segments()).extracting(BenchPlan.BenchSegment::to).isSorted().last().isEqualTo(outer.units() / 2);
    assertThat(bench.start()).contains("chain 8 for the first row");
  }

  /** Over squares the corner spaces and the seam between them are stitches of the edge too. */
  @Test
  void aBandWorkedOntoSquaresTakesTheirCornersToo() {
    Garment squares = Garment.of("Squares", new Recipe("squares", new Answers(Map.of("motifSide", new Answers.Numeric(10), "armholeHalfSquares", new Answers.Numeric(4)))));
    RibBand band = new RibBand(RibBand.Kind.CUFF, 40, 5, Optional.empty(), Optional.empty(), true);
    Garment banded = banded(squares, "Left cuff", band);
    GarmentPlan plan = Wardrobe.plan(banded);
    StripPlan made = plan.strips().get(0);
    assertThat(made.inner()).allMatch(inner -> inner.between().equals(List.of(UnitKind.CORNER, UnitKind.SEAM_PLACE, UnitKind.CORNER)));
    int places = made.inner().stream().mapToInt(inner -> inner.to() - inner.from() + 3).sum();
    assertThat(made.band().orElseThrow().rows()).isEqualTo(places);
    BenchPlan bench = StripDirections.of(banded, plan, new StripId("band")).orElseThrow();
    assertThat(bench.joints()).hasSize(places / 2);
    assertThat(bench.joints()).extracting(BenchPlan.BenchJoint::words).anyMatch(words -> words.contains("the corner space")).anyMatch(words -> words.contains("the seam place"));
  }

  @Test
  void aBandIsNotWorkedOntoRowEndsOrAnOddCount() {
    Garment odd = rounded(1);
    assertThat(new StripChange.StripAdded(onto(Wardrobe.plan(odd).strips().get(0).outer())).apply(odd).findings()).extracting(Finding::code).containsExactly(FindingCode.BAND_ODD);
    RibBand band = new RibBand(RibBand.Kind.NECKBAND, 40, 5, Optional.empty(), Optional.empty(), true);
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of())));
    assertThat(told(vest, "Left armhole", band).findings()).extracting(Finding::code).containsExactly(FindingCode.BAND_ONTO_STITCHES);
  }

  /** Round every opening of every construction a band can be sewn on, whatever pieces and corners it passes. */
  @ParameterizedTest
  @MethodSource("constructions")
  void aBandRoundEveryOpening(Template template) {
    Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      for (RibBand.Kind kind : List.of(RibBand.Kind.NECKBAND, RibBand.Kind.FRONT)) {
        StripPlan strip = Wardrobe.plan(banded(garment, opening.name(), new RibBand(kind, 40, 6, Optional.empty(), Optional.empty(), false))).strips().get(0);
        SeamPlan sewn = strip.sewn().orElseThrow();
        assertThat(sewn.ease().orElseThrow().verdict()).as("%s, %s", template.id(), opening.name()).isLessThan(Ease.Verdict.STOP);
        assertThat(sewn.a().places()).isGreaterThanOrEqualTo(strip.band().orElseThrow().rows());
      }
    }
  }

  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  /** With a round at the neck of a multiple of 2, and so many more. */
  private static Garment rounded(int more) {
    Strip round = new Strip(new StripId("round"), "Neck round", opening(PULLOVER, "Neck").start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 5.5)), new Strip.Multiple(2, more), false, Trims.NONE, Optional.empty(), Optional.empty());
    return good(new StripChange.StripAdded(round).apply(PULLOVER));
  }

  /** A neckband worked onto that. */
  private static Strip onto(StripPlan.Outer outer) {
    RibBand band = new RibBand(RibBand.Kind.NECKBAND, 40, 5, Optional.empty(), Optional.empty(), true);
    return new Strip(new StripId("band"), "Neckband", outer.start(), outer.end(), List.of(), Strip.Multiple.ANY, false, Trims.NONE, Optional.of(band), Optional.empty());
  }

  private static GarmentPlan.OpeningPlan opening(Garment garment, String name) {
    return Wardrobe.plan(garment).gluing().openings().stream().filter(each -> each.name().equals(name)).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static Garment banded(Garment garment, String opening, RibBand band) {
    return good(told(garment, opening, band));
  }

  private static Outcome<Garment> told(Garment garment, String opening, RibBand band) {
    GarmentPlan.OpeningPlan on = opening(garment, opening);
    return new StripChange.StripAdded(new Strip(new StripId("band"), "Neckband", on.start(), Optional.empty(), List.of(), Strip.Multiple.ANY, false, Trims.NONE, Optional.of(band), Optional.empty())).apply(garment);
  }
}
