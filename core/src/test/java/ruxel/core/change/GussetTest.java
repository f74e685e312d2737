package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.OwnSeam.GussetLetIn;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan.OpeningPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** Rows let in between both sides of a seam (handbook 11): it is wider by their height, and both its edges are matched like any seam. */
class GussetTest {
  private static final int ROWS = 4;

  /** Side and sleeve of a cardigan in one: four rows of 12.5 mm make hem and cuff 5 cm wider; both seams pass the underarm, so the armhole comes first. */
  @Test
  void bothEndsGrowByItsRows() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    GarmentPlan plan = Wardrobe.plan(let(Wardrobe.cardigan(), new SeamId("side.left")));
    PiecePlan gusset = plan.pieces().stream().filter(piece -> piece.id().equals(new PieceId("own.g"))).findFirst().orElseThrow();
    assertThat(gusset.name()).isEqualTo("Gusset, left side and sleeve");
    assertThat(gusset.size().widthMm()).isEqualTo(50, within(1e-6));
    double sideMm = seam(before, new SeamId("side.left")).a().lengthMm();
    int stitches = gusset.edges().get(1).units();
    assertThat(stitches * 100 / 14.0).as("as long as the side, to a stitch for each part of it").isCloseTo(sideMm, within(2 * 100 / 14.0));
    assertThat(plan.seams()).hasSize(before.seams().size() + 1);
    assertThat(seam(plan, new SeamId("side.left")).name()).isEqualTo("Left side and sleeve");
    assertThat(seam(plan, new SeamId("own.o")).name()).isEqualTo("Gusset of the left side and sleeve");
    for (SeamId id : List.of(new SeamId("side.left"), new SeamId("own.o"))) {
      assertThat(seam(plan, id).ease().orElseThrow().verdict()).as(id.text()).isLessThanOrEqualTo(Ease.Verdict.EASE_EVENLY);
      assertThat(plan.steps().stream().filter(step -> step.seam().equals(id)).findFirst().orElseThrow().after()).as(id.text()).contains(new SeamId("armhole.left"));
    }
    assertThat(opening(plan, "Left cuff")).isEqualTo(opening(before, "Left cuff") + 50, within(1e-6));
    assertThat(plan.gluing().openings()).hasSameSizeAs(before.gluing().openings());
    assertThat(plan.gluing().turned()).isEmpty();
  }

  /** What was decided of the seam stays with what closes it; undone by hand the garment is as before. */
  @Test
  void whatWasDecidedStaysWithTheSeamThatCloses() {
    Garment chosen = good(new SeamChange.MethodChosen(new SeamId("side.left"), "whip-both").apply(Wardrobe.cardigan()));
    Garment let = let(chosen, new SeamId("side.left"));
    assertThat(seam(Wardrobe.plan(let), new SeamId("side.left")).method()).contains("whip-both");
    assertThat(seam(Wardrobe.plan(let), new SeamId("own.o")).method()).isEmpty();
    Garment back = good(Change.applyAll(let, List.of(new OwnChange.PieceRemoved(new PieceId("own.g")), new OwnSeam.SeamPutBack(new SeamId("side.left")))));
    assertThat(Wardrobe.plan(back).seams()).extracting(SeamPlan::id).containsExactlyInAnyOrderElementsOf(Wardrobe.plan(Wardrobe.cardigan()).seams().stream().map(SeamPlan::id).toList());
  }

  @Test
  void whatCannotBeIsRefused() {
    Garment cardigan = Wardrobe.cardigan();
    assertThat(code(new GussetLetIn(new SeamId("side.left"), new PieceId("own.g"), new SeamId("own.o"), 0).apply(cardigan))).isEqualTo(FindingCode.COUNT_OUT_OF_RANGE);
    assertThat(code(new GussetLetIn(new SeamId("side.left"), new PieceId("own.g"), new SeamId("own.o"), 201).apply(cardigan))).isEqualTo(FindingCode.COUNT_OUT_OF_RANGE);
    assertThat(code(new GussetLetIn(new SeamId("nowhere"), new PieceId("own.g"), new SeamId("own.o"), 4).apply(cardigan))).isEqualTo(FindingCode.UNKNOWN_SEAM);
    assertThat(code(new GussetLetIn(new SeamId("side.left"), new PieceId("back"), new SeamId("own.o"), 4).apply(cardigan))).isEqualTo(FindingCode.ID_TAKEN);
    assertThat(code(new GussetLetIn(new SeamId("side.left"), new PieceId("own.g"), new SeamId("side.right"), 4).apply(cardigan))).isEqualTo(FindingCode.ID_TAKEN);
    assertThat(code(new GussetLetIn(new SeamId("side.left"), new PieceId("own g"), new SeamId("own.o"), 4).apply(cardigan))).isEqualTo(FindingCode.ID_FORM);
    assertThat(code(new GussetLetIn(new SeamId("side.left"), new PieceId("own.g"), new SeamId("own o"), 4).apply(cardigan))).isEqualTo(FindingCode.ID_FORM);
  }

  static Stream<Garment> everyConstruction() {
    return Templates.all().stream().map(GussetTest::usual);
  }

  private static Garment usual(Template template) {
    return Garment.of(template.id(), new Recipe(template.id(), new Answers(Map.of())));
  }

  /**
   * Whatever the construction and the seam: both seams are planned, nothing is turned, and no opening comes or goes; but where no seam
   * passes the ends of its rows, these are left open.
   */
  @ParameterizedTest
  @MethodSource("everyConstruction")
  void everySeamOfEveryConstructionTakesOne(Garment garment) {
    GarmentPlan before = Wardrobe.plan(garment);
    for (SeamPlan seam : before.seams()) {
      GarmentPlan plan = Wardrobe.plan(let(garment, seam.id()));
      assertThat(seam(plan, seam.id()).planned()).as(seam.name()).isEqualTo(seam.planned());
      assertThat(seam(plan, new SeamId("own.o")).planned()).as(seam.name()).isTrue();
      assertThat(plan.gluing().turned()).as(seam.name()).isEqualTo(before.gluing().turned());
      List<OpeningPlan> others = plan.gluing().openings().stream().filter(open -> open.stretches().stream().anyMatch(stretch -> !stretch.piece().equals(new PieceId("own.g")))).toList();
      assertThat(others).as(seam.name()).hasSameSizeAs(before.gluing().openings());
      assertThat(plan.gluing().handles()).as(seam.name()).isEqualTo(before.gluing().handles());
      assertThat(plan.findings()).as(seam.name()).extracting(FindingView::code).doesNotContain(FindingCode.ANCHORS_CROSS, FindingCode.ANCHOR_HALF, FindingCode.ANCHOR_OFF_SEAM, FindingCode.EMPTY_INTERVAL);
    }
  }

  /** At a shoulder the armhole runs over the ends of the rows, 5 cm more on the body's side; so does nothing at the neck. */
  @Test
  void aSeamThatPassesItsEndsTakesThemIn() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    GarmentPlan plan = Wardrobe.plan(let(Wardrobe.cardigan(), new SeamId("shoulder.left")));
    assertThat(seam(plan, new SeamId("armhole.left")).b().lengthMm() + seam(plan, new SeamId("armhole.left")).a().lengthMm()).isEqualTo(seam(before, new SeamId("armhole.left")).b().lengthMm() + seam(before, new SeamId("armhole.left")).a().lengthMm() + 50, within(1e-6));
    assertThat(seam(plan, new SeamId("armhole.right")).counts()).isEqualTo(seam(before, new SeamId("armhole.right")).counts());
    assertThat(seam(plan, new SeamId("armhole.left")).counts()).contains("14 + 4 + 14");
    assertThat(plan.gluing().openings()).hasSameSizeAs(before.gluing().openings());
    assertThat(opening(plan, "Fronts, neck and hem")).isEqualTo(opening(before, "Fronts, neck and hem") + 50, within(1e-6));
  }

  private static Garment let(Garment garment, SeamId seam) {
    return good(new GussetLetIn(seam, new PieceId("own.g"), new SeamId("own.o"), ROWS).apply(garment));
  }

  private static double opening(GarmentPlan plan, String name) {
    return plan.gluing().openings().stream().filter(open -> open.name().equals(name)).findFirst().orElseThrow().lengthMm();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static FindingCode code(Outcome<Garment> outcome) {
    return outcome.findings().get(0).code();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
