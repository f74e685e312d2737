package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.construction.Construct;
import ruxel.core.decision.Settings;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** The openings table of model 4. */
class OpeningsTableTest {
  private static final Construct PULLOVER = construct(Wardrobe.pullover());

  @Test
  void cuffsSewnToEachOtherMakeAHandle() {
    GarmentPlan plan =
        pulloverWith(
            seam(new SeamId("cuffs"), run(new PieceId("sleeve.left"), "cuff", "cuff", FORWARD), run(new PieceId("sleeve.right"), "cuff", "cuff", BACKWARD)));
    check(plan, 9, 15, 2, 1);
    assertThat(found(plan, FindingCode.HANDLE)).extracting(FindingView::seam).containsExactly(Optional.of(new SeamId("cuffs")));
  }

  @Test
  void neckSewnShutIsNamedWithItsSeam() {
    Span front = Span.ofRuns(new PieceId("front"), "neck", "down", "up", FORWARD);
    GarmentPlan plan = pulloverWith(seam(new SeamId("neck"), run(new PieceId("back"), "neck", "neck", BACKWARD), front));
    check(plan, 10, 15, 3, 0);
    assertThat(found(plan, FindingCode.SEWN_SHUT))
        .extracting(FindingView::sentence)
        .containsExactly("Neck is sewn shut by neck.");
  }

  @Test
  void oneCuffSewnFlatLeavesThreeOpenings() {
    Span half = new Span(new PieceId("sleeve.left"), "cuff", Cut.startOf("cuff"), new Cut("cuff", 17, Cut.End.START), FORWARD);
    Span rest = new Span(new PieceId("sleeve.left"), "cuff", new Cut("cuff", 17, Cut.End.START), Cut.endOf("cuff"), BACKWARD);
    GarmentPlan plan = pulloverWith(seam(new SeamId("cuff"), half, rest));
    check(plan, 11, 16, 3, 0);
    assertThat(found(plan, FindingCode.SEWN_SHUT)).hasSize(1);
  }

  @Test
  void aFrontJoinedWrongSideOutIsNamed() {
    List<Seam> seams = new ArrayList<>();
    Construct cardigan = construct(Wardrobe.cardigan());
    for (Seam seam : cardigan.seams()) {
      seams.add(turn(seam, new PieceId("front.left")));
    }
    GarmentPlan plan = plan(cardigan.pieces(), seams, cardigan);
    assertThat(plan.gluing().turned()).containsExactly(new PieceId("front.left"));
    assertThat(found(plan, FindingCode.TURNED)).extracting(FindingView::piece).containsExactly(Optional.of(new PieceId("front.left")));
  }

  @Test
  void aRectangleIsATubeOrHasAHalfTwist() {
    Piece panel = Panels.rectangle(new PieceId("panel"), 20, 30);
    Span left = Panels.whole(new PieceId("panel"), "left", BACKWARD);
    GarmentPlan tube = Panels.plan(List.of(panel), List.of(Panels.seam(new SeamId("side"), Panels.whole(new PieceId("panel"), "right", FORWARD), left)));
    check(tube, 2, 3, 2, 0);
    GarmentPlan twisted =
        Panels.plan(List.of(panel), List.of(Panels.seam(new SeamId("side"), Panels.whole(new PieceId("panel"), "right", FORWARD), Panels.whole(new PieceId("panel"), "left", FORWARD))));
    assertThat(twisted.gluing().openings()).hasSize(1);
    assertThat(twisted.gluing().handles()).isEqualTo(-1);
    assertThat(found(twisted, FindingCode.NO_RIGHT_SIDE)).hasSize(1);
    assertThat(twisted.gluing().twist()).containsExactly("side");
  }

  @Test
  void aFoldedSquareHasThreeOpenings() {
    // Each side edge is folded in half; its outer ends are joined, the middle stays open as an armhole.
    Piece square = Panels.rectangle(new PieceId("square"), 40, 40);
    GarmentPlan plan =
        Panels.plan(List.of(square), List.of(foldSeam(new SeamId("left end"), "left", 12, 40), foldSeam(new SeamId("right end"), "right", 12, 40)));
    check(plan, 4, 6, 3, 0);
  }

  @Test
  void openingsHaveLengthsAndCorners() {
    GarmentPlan.OpeningPlan cuff =
        Wardrobe.plan(Wardrobe.pullover()).gluing().openings().stream().filter(o -> o.name().equals("Left cuff")).findFirst().orElseThrow();
    assertThat(cuff.lengthMm()).isEqualTo(35 * 100.0 / 14, within(1e-9));
    assertThat(cuff.angles()).hasSize(1);
    assertThat(cuff.angles().get(0)).isEqualTo(180, within(1.0));
  }

  private static Seam foldSeam(SeamId id, String edge, int joined, int units) {
    Span start = new Span(new PieceId("square"), edge, new Cut("all", 0, Cut.End.START), new Cut("all", joined, Cut.End.START), FORWARD);
    Span end = new Span(new PieceId("square"), edge, new Cut("all", joined, Cut.End.END), new Cut("all", 0, Cut.End.END), BACKWARD);
    assertThat(units).isGreaterThan(2 * joined);
    return Panels.seam(id, start, end);
  }

  private static void check(GarmentPlan plan, int points, int segments, int openings, int handles) {
    assertThat(plan.gluing().points()).as("points").isEqualTo(points);
    assertThat(plan.gluing().segments()).as("segments").isEqualTo(segments);
    assertThat(plan.gluing().openings()).as("openings").hasSize(openings);
    assertThat(plan.gluing().handles()).as("handles").isEqualTo(handles);
  }

  private static List<FindingView> found(GarmentPlan plan, FindingCode code) {
    return plan.findings().stream().filter(finding -> finding.code() == code).toList();
  }

  private static GarmentPlan pulloverWith(Seam extra) {
    List<Seam> seams = new ArrayList<>(PULLOVER.seams());
    seams.add(extra);
    return plan(PULLOVER.pieces(), seams, PULLOVER);
  }

  private static GarmentPlan plan(List<Piece> pieces, List<Seam> seams, Construct construct) {
    Garment base = Wardrobe.pullover();
    Garment full =
        new Garment("Full", base.unit(), base.terms(), base.hand(), Optional.empty(), pieces, seams, construct.openings(), Settings.NONE, HouseRules.USUAL);
    return ((Outcome.Good<GarmentPlan>) Planner.plan(full)).value();
  }

  private static Construct construct(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
  }

  private static Seam seam(SeamId id, Span a, Span b) {
    return new Seam(id, id.text(), SeamRole.OTHER, Seam.SideOf.of("A", a), Seam.SideOf.of("B", b), List.of(), List.of(), Seam.Working.USUAL, Optional.empty());
  }

  private static Span run(PieceId piece, String edge, String run, Span.Along along) {
    return Span.ofRun(piece, edge, run, along);
  }

  /** The piece lies with its wrong side up: its spans run the other way. */
  private static Seam turn(Seam seam, PieceId piece) {
    return new Seam(
        seam.id(), seam.name(), seam.role(), turn(seam.a(), piece), turn(seam.b(), piece),
        List.of(), seam.hidden(), seam.working(), seam.method());
  }

  private static Seam.SideOf turn(Seam.SideOf side, PieceId piece) {
    List<Span> spans =
        side.spans().stream()
            .map(
                span ->
                    span.piece().equals(piece)
                        ? new Span(span.piece(), span.edge(), span.fromInclusive(), span.toExclusive(), span.along() == FORWARD ? BACKWARD : FORWARD)
                        : span)
            .toList();
    return side.with(spans);
  }
}
