package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.construction.Construct;
import ruxel.core.construction.ExpectedOpening;
import ruxel.core.decision.Settings;
import ruxel.core.finding.FindingCode.Level;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/** What a garment given piece by piece is told of, and how much it stands in the way (model 6). Stitches and rows are 10 mm. */
class PlanFindingsTest {
  /** One or two stitches apart among many is a count to look at; more is made so, and few are seen at once. */
  @ParameterizedTest
  @CsvSource({"40, 40, false", "40, 41, true", "40, 42, true", "40, 43, false", "5, 6, false"})
  void stitchesOnStitchesThatDifferALittle(int below, int above, boolean told) {
    GarmentPlan plan = joined(below, above, SeamRole.OTHER, 0);
    assertThat(plan.toDecide(new SeamId("s")).stream().anyMatch(finding -> finding.code() == FindingCode.TOPS_DIFFER)).isEqualTo(told);
  }

  /** 36 on 40 is 10 % and can be eased, 35 on 40 is 12.5 %. */
  @ParameterizedTest
  @CsvSource({"36, false", "35, true"})
  void moreThanTenPercentIsToBeDecided(int above, boolean told) {
    GarmentPlan plan = joined(40, above, SeamRole.OTHER, 0);
    assertThat(plan.toDecide(new SeamId("s")).stream().anyMatch(finding -> finding.code() == FindingCode.EASE_TOO_MUCH)).isEqualTo(told);
  }

  /** The fullness of a band's seam is the edge's: a band of 36 on 40 is right, one of 40 on 36 never. */
  @ParameterizedTest
  @CsvSource({"36, 40, MATCHED, false", "40, 36, STOP, true", "40, 40, EASE_WITH_MARKERS, false"})
  void aBandIsNeverLongerThanItsEdge(int band, int edge, String verdict, boolean longer) {
    GarmentPlan plan = joined(band, edge, SeamRole.BAND, 0.11);
    assertThat(plan.seams().get(0).ease().orElseThrow().verdict()).hasToString(verdict);
    assertThat(plan.toDecide(new SeamId("s")).stream().anyMatch(finding -> finding.code() == FindingCode.BAND_LONGER)).isEqualTo(longer);
  }

  /** Fullness belongs to a side (48 on 40 are 20 % fuller): on A it is right, on B the other way round never. */
  @ParameterizedTest
  @CsvSource({"A, MATCHED", "B, STOP", "'', MATCHED"})
  void fullnessOnTheOtherSideIsNoFullness(String fuller, String verdict) {
    Seam plain = Panels.seam(new SeamId("s"), whole(new PieceId("p"), "top"), whole(new PieceId("q"), "bottom"));
    Seam seam = plain.withWorking(new Seam.Working(false, Surplus.EVEN, 0.2, fuller.isEmpty() ? Optional.empty() : Optional.of(Side.valueOf(fuller)), false));
    GarmentPlan plan = planned(List.of(Panels.rectangle(new PieceId("p"), 48, 10), Panels.rectangle(new PieceId("q"), 40, 10)), List.of(seam), List.of(), Settings.NONE);
    assertThat(plan.seams().get(0).ease().orElseThrow().verdict()).hasToString(verdict);
    assertThat(plan.seams().get(0).ease().orElseThrow().words()).contains(fuller.equals("B") ? "It is the b that is meant to be fuller, by 20.0 %." : "is meant to be gathered");
  }

  @Test
  void aMethodThatIsNeverForTheSeamIsToldInAFileToo() {
    Seam rows = Panels.seam(new SeamId("s"), whole(new PieceId("p"), "right"), whole(new PieceId("q"), "left")).withMethod(Optional.of("slip-outer"));
    GarmentPlan plan = planned(List.of(Panels.rectangle(new PieceId("p"), 20, 30), Panels.rectangle(new PieceId("q"), 20, 30)), List.of(rows), List.of(), Settings.NONE);
    assertThat(plan.toDecide(new SeamId("s"))).extracting(FindingView::code).containsExactly(FindingCode.METHOD_NEVER);
    Seam unknown = rows.withMethod(Optional.of("glue-gun"));
    GarmentPlan other = planned(List.of(Panels.rectangle(new PieceId("p"), 20, 30), Panels.rectangle(new PieceId("q"), 20, 30)), List.of(unknown), List.of(), Settings.NONE);
    assertThat(other.findings()).extracting(FindingView::code).contains(FindingCode.UNKNOWN_METHOD);
  }

  /** The fronts of a cardigan joined to each other: the opening down the front is gone. */
  @Test
  void aCardiganFrontThatIsJoinedIsToBeDecided() {
    Garment cardigan = Wardrobe.cardigan();
    Construct construct = ((Outcome.Good<Layout>) Layout.of(cardigan)).value().construct();
    List<Seam> seams = new ArrayList<>(construct.seams());
    seams.add(Panels.seam(new SeamId("centre"), Span.ofRuns(new PieceId("front.left"), "front", "front", "front", Span.Along.FORWARD), Span.ofRuns(new PieceId("front.right"), "front", "front", "front", Span.Along.BACKWARD)));
    GarmentPlan plan = planned(construct.pieces(), seams, construct.openings(), Settings.NONE);
    FindingView split = plan.toDecide(new SeamId("centre")).get(0);
    assertThat(split.code()).isEqualTo(FindingCode.OPENING_SPLIT);
    assertThat(split.level()).isEqualTo(Level.DECIDE_FIRST);
  }

  @Test
  void anOpeningNamedIsNotOneTooMany() {
    Piece panel = Panels.rectangle(new PieceId("p"), 20, 30);
    List<ExpectedOpening> named = List.of(new ExpectedOpening("a", "Edge", ExpectedOpening.Kind.OTHER, List.of(whole(new PieceId("p"), "bottom"), whole(new PieceId("p"), "top"), whole(new PieceId("p"), "left"), whole(new PieceId("p"), "right"))));
    assertThat(planned(List.of(panel), List.of(), named, Settings.NONE).findings()).isEmpty();
    List<FindingView> two = planned(List.of(panel, Panels.rectangle(new PieceId("q"), 5, 5)), List.of(), named, Settings.NONE).findings();
    assertThat(two).extracting(FindingView::code).containsExactly(FindingCode.OPENING_UNPLANNED);
  }

  private static GarmentPlan joined(int a, int b, SeamRole role, double fullness) {
    Seam plain = Panels.seam(new SeamId("s"), whole(new PieceId("p"), "top"), whole(new PieceId("q"), "bottom"));
    Seam seam =
        new Seam(new SeamId("s"), "Seam", role, plain.a(), plain.b(), List.of(), List.of(), new Seam.Working(false, Surplus.EVEN, fullness, false), Optional.empty());
    return planned(List.of(Panels.rectangle(new PieceId("p"), a, 10), Panels.rectangle(new PieceId("q"), b, 10)), List.of(seam), List.of(), Settings.NONE);
  }

  private static Span whole(PieceId piece, String edge) {
    return Panels.whole(piece, edge, edge.equals("top") || edge.equals("left") ? Span.Along.BACKWARD : Span.Along.FORWARD);
  }

  private static GarmentPlan planned(List<Piece> pieces, List<Seam> seams, List<ExpectedOpening> openings, Settings settings) {
    Garment bare = Panels.garment(pieces, seams);
    Garment garment =
        new Garment(bare.name(), bare.unit(), bare.terms(), bare.hand(), Optional.empty(), pieces, seams, openings, settings, new HouseRules(Map.of()));
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }
}
