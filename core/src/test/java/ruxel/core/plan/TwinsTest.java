package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Span;

/** Left = right, run by run, from the pieces' mirror alone (model 2). */
class TwinsTest {
  @Test
  void aRowFewerOnOneSleeveIsToldOfBoth() {
    GarmentPlan plan = after(new CountMade(new PieceId("sleeve.right"), "front", "sleeve", Optional.of(31)));
    assertThat(codes(plan)).contains(FindingCode.TWINS_DIFFER);
    assertThat(List.of(new SeamId("side.left"), new SeamId("side.right"))).as("both sides wait").allSatisfy(seam -> assertThat(plan.toDecide(seam)).extracting(FindingView::code).contains(FindingCode.TWINS_DIFFER));
    assertThat(plan.toDecide(new SeamId("shoulder.left"))).isEmpty();
  }

  @Test
  void aRunToldInPartsIsStillTheSameRun() {
    GarmentPlan plan = after(told(new PieceId("sleeve.right"), "front", "sleeve", 20, 12));
    assertThat(codes(plan)).doesNotContain(FindingCode.TWINS_DIFFER, FindingCode.TWIN_RUN_MISSING);
    GarmentPlan fewer = after(told(new PieceId("sleeve.right"), "front", "sleeve", 20, 11));
    assertThat(codes(fewer)).contains(FindingCode.TWINS_DIFFER);
  }

  /** The back is its own mirror image: 13 row ends of armhole on the left, 14 on the right. */
  @Test
  void aPieceThatIsItsOwnTwinIsComparedSideWithSide() {
    GarmentPlan plan = after(new CountMade(new PieceId("back"), "left", "armhole", Optional.of(13)));
    FindingView sides = plan.findings().stream().filter(finding -> finding.code() == FindingCode.SIDES_DIFFER).findFirst().orElseThrow();
    assertThat(sides.sentence()).startsWith("Back is not alike left and right: 14 row ends at the right side and 13 at the left side; that is ");
  }

  @Test
  void seamsAreTwinsByTheEdgesTheyJoinNotByTheirIds() {
    Garment garment = Wardrobe.cardigan();
    GarmentPlan plan = Wardrobe.plan(garment);
    assertThat(plan.seams()).extracting(SeamPlan::twin).allSatisfy(twin -> assertThat(twin).isPresent());
    assertThat(plan.seams().get(0).twin()).contains(new SeamId("shoulder.right"));
  }

  @Test
  void seamsOfPiecesFromAFileAreTwinsToo() {
    Piece below = Panels.rectangle(new PieceId("below"), 20, 12).ownTwin(Map.of("left", "right", "right", "left", "top", "top", "bottom", "bottom"));
    List<Seam> seams =
        List.of(
            Panels.seam(new SeamId("one"), span(new PieceId("below"), "left"), span(new PieceId("p"), "right")), Panels.seam(new SeamId("two"), span(new PieceId("below"), "right"), span(new PieceId("q"), "left")));
    Piece p = Panels.rectangle(new PieceId("p"), 10, 12);
    Piece q = p.mirrored(new PieceId("q"), "q", Map.of("right", new String[] {"left", "left"}, "left", new String[] {"right", "right"}));
    assertThat(codes(Panels.plan(List.of(below, p, q), seams))).doesNotContain(FindingCode.SEAMS_DIFFER);
    assertThat(Panels.plan(List.of(below, p, q), seams).seams().get(0).twin()).contains(new SeamId("two"));
  }

  private static Span span(PieceId piece, String edge) {
    return Panels.whole(piece, edge, Span.Along.FORWARD);
  }

  private static Change told(PieceId piece, String edge, String run, int... counts) {
    List<RunPart> parts =
        Arrays.stream(counts).mapToObj(count -> new RunPart(UnitKind.ROW_END, count, Optional.empty(), Fabric.PLAIN, false, "", 0, 0)).toList();
    return new EdgeChange.RunTold(piece, edge, run, parts);
  }

  private static List<FindingCode> codes(GarmentPlan plan) {
    return plan.findings().stream().map(FindingView::code).toList();
  }

  private static GarmentPlan after(Change change) {
    return Wardrobe.plan(((Outcome.Good<Garment>) change.apply(Wardrobe.cardigan())).value());
  }
}
