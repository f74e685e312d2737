package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.SeamChange;
import ruxel.core.decision.RunPart;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Counting;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Surplus;

/** What a seam finds in corners and where two of its spans meet (handbook 5, model 1 and 3). */
class CornerTest {
  private static final String[] EDGES = {"bottom", "right", "top", "left"};

  private static Piece square(PieceId id, int stitches, Optional<Corner> corner) {
    Piece square = Panels.rectangle(id, stitches, stitches);
    Map<String, Corner> corners = new java.util.HashMap<>();
    corner.ifPresent(c -> List.of(EDGES).forEach(edge -> corners.put(edge, c)));
    return square.withCorners(corners);
  }

  private static SeamPlan joined(Piece below, Piece above) {
    Seam seam = Panels.seam(new SeamId("line"), Panels.whole(new PieceId("below"), "top", Along.BACKWARD), Panels.whole(new PieceId("above"), "bottom", Along.FORWARD));
    return Panels.plan(List.of(below, above), List.of(seam)).seams().get(0);
  }

  /** The table of handbook 5: n + 2 or n + 4 places, and the counting help says the same. */
  @ParameterizedTest
  @CsvSource({
    "CHAIN_1, 14", "CHAIN_2_ONE_EACH, 14", "CHAIN_2_BOTH, 16", "CHAIN_3_FROM_THE_MIDDLE, 16", "CHAIN_3_OUTER_PASSED, 14", "SPACE, 14"
  })
  void aSquareOfTwelveHasThisManyPlaces(Corner corner, int places) {
    SeamPlan line = joined(square(new PieceId("below"), 12, Optional.of(corner)), square(new PieceId("above"), 12, Optional.of(corner)));
    assertThat(line.a().places()).isEqualTo(places);
    assertThat(line.b().places()).isEqualTo(places);
    assertThat(line.joints()).isEqualTo(places);
    assertThat(Counting.squareSide(12, corner).count()).isEqualTo(places);
  }

  /** Each corner chain is as wide as a stitch of 10 mm; the edge itself keeps its twelve units. */
  @Test
  void aCornerIsPlacesOfTheSeamAndNotOfTheEdge() {
    SeamPlan line = joined(square(new PieceId("below"), 12, Optional.of(Corner.CHAIN_2_BOTH)), square(new PieceId("above"), 14, Optional.empty()));
    assertThat(line.counts()).isEqualTo("12 on 14");
    assertThat(line.a().lengthMm()).isEqualTo(160, within(1e-9));
    assertThat(line.a().rails()).extracting(SeamPlan.Rail::kind).containsExactly(UnitKind.CORNER, UnitKind.STITCH_TOP, UnitKind.CORNER);
    assertThat(line.a().rails()).extracting(SeamPlan.Rail::places).containsExactly(2, 12, 2);
    assertThat(line.ease().orElseThrow().differenceMm()).isEqualTo(20, within(1e-9));
  }

  @Test
  void cornersOfOneSideOnlyAreTakenTwoIntoOneOnTheOther() {
    SeamPlan line = joined(square(new PieceId("below"), 12, Optional.of(Corner.CHAIN_1)), square(new PieceId("above"), 12, Optional.empty()));
    assertThat(line.joints()).isEqualTo(14);
    assertThat(line.checkpoints()).isNotEmpty();
    assertThat(line.a().rails().get(0).word()).isEqualTo("corner place");
  }

  @ParameterizedTest
  @EnumSource(Corner.class)
  void theMirrorImageHasItsCornersWhereTheyMirror(Corner corner) {
    Piece one = Panels.rectangle(new PieceId("one"), 6, 4).withCorners(Map.of("right", corner));
    Piece other = one.mirrored(new PieceId("other"), "other", Map.of());
    // Between the right edge and the top: in the mirror image the top comes first.
    assertThat(other.corners()).isEqualTo(Map.of("top", corner));
    assertThat(other.mirrored(new PieceId("one"), "one", Map.of()).corners()).isEqualTo(one.corners());
  }

  @Test
  void aCornerToldIsFoundByTheSeamsOnBothItsEdges() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    // Between the back's right side (it ends at the shoulder) and its right shoulder.
    String behind = before.pieces().get(0).edges().get(1).id();
    Garment told = good(new EdgeChange.CornerTold(new PieceId("back"), behind, Optional.of(Corner.CHAIN_1)).apply(Wardrobe.cardigan()));
    GarmentPlan after = Wardrobe.plan(told);
    long grown =
        after.seams().stream()
            .filter(seam -> before.seams().stream().anyMatch(b -> b.id().equals(seam.id()) && b.a().places() + b.b().places() + 1 == seam.a().places() + seam.b().places()))
            .count();
    assertThat(grown).isEqualTo(2);
    assertThat(after.gluing().openings()).hasSameSizeAs(before.gluing().openings());
    Garment back = good(new EdgeChange.CornerTold(new PieceId("back"), behind, Optional.empty()).apply(told));
    assertThat(back.settings()).isEqualTo(Wardrobe.cardigan().settings());
  }

  @Test
  void aCornerThatIsNowhereIsNamed() {
    Outcome<Garment> outcome = new EdgeChange.CornerTold(new PieceId("back"), "nowhere", Optional.of(Corner.SPACE)).apply(Wardrobe.cardigan());
    assertThat(outcome.findings()).singleElement().extracting(f -> f.code()).isEqualTo(FindingCode.UNKNOWN_EDGE);
  }

  @Test
  void anEdgeIsNeverToldInCorners() {
    RunPart part = new RunPart(UnitKind.CORNER, 2, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);
    Outcome<Garment> outcome = new EdgeChange.RunTold(new PieceId("back"), "hem", "hem", List.of(part)).apply(Wardrobe.cardigan());
    assertThat(outcome.findings()).singleElement().extracting(f -> f.code()).isEqualTo(FindingCode.PART_KIND);
  }

  /** 51 stitches on 14 + 1 + 14: the shoulder stitch is joined to the seam place, each half stays 25 on 14. */
  @Test
  void aWorkedSeamPlaceIsAPlaceOfItsOwn() {
    SeamPlan armhole = armhole(true);
    assertThat(armhole.b().places()).isEqualTo(29);
    assertThat(armhole.b().rails()).filteredOn(rail -> rail.kind() == UnitKind.SEAM_PLACE).hasSize(1);
    assertThat(armhole.joints()).isEqualTo(armhole(false).joints());
    assertThat(armhole.intervals()).extracting(SeamPlan.IntervalView::words).isEqualTo(armhole(false).intervals().stream().map(SeamPlan.IntervalView::words).toList());
    double oneStitch = armhole.b().lengthMm() - armhole(false).b().lengthMm();
    assertThat(oneStitch).as("a seam place is one stitch of its piece wide").isEqualTo(100.0 / 14, within(0.01));
    assertThat(armhole.working().hasSeamPlaces()).isTrue();
  }

  private static SeamPlan armhole(boolean worked) {
    Change change = new SeamChange.SeamWorked(new SeamId("armhole.left"), false, Surplus.EVEN, 0, worked, SideWorking.USUAL, SideWorking.USUAL);
    return Wardrobe.plan(good(change.apply(Wardrobe.cardigan()))).seams().stream().filter(s -> s.id().equals(new SeamId("armhole.left"))).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
