package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static ruxel.core.piece.UnitKind.FOUNDATION_LOOP;
import static ruxel.core.piece.UnitKind.ROW_END;
import static ruxel.core.piece.UnitKind.STITCH_TOP;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Walk;
import ruxel.core.construction.Walk.Step;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.FreeParts;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;

/** Pieces walked round their edges, and seams made by hand on them. */
class OwnChangeTest {
  /** A body panel: 60 stitches of 7 mm wide, 32 rows of 10 mm high, two shoulders of 20 stitches and a neck of 20. */
  private static final List<Step> PANEL =
      List.of(
          new Step("hem", FOUNDATION_LOOP, 60, 7, 90), new Step("right side", ROW_END, 20, 10, 0), new Step("right armhole", ROW_END, 12, 10, 90),
          new Step("right shoulder", STITCH_TOP, 20, 7, 0), new Step("neck", STITCH_TOP, 20, 7, 0), new Step("left shoulder", STITCH_TOP, 20, 7, 90),
          new Step("left armhole", ROW_END, 12, 10, 0), new Step("left side", ROW_END, 20, 10, 90));

  private static final Garment BACK = garment(PANEL);

  private static Garment garment(List<Step> walk) {
    Garment jacket = Garment.of("Quay", new Recipe("drop-shoulder", new Answers(Map.of())));
    return new Garment(
        "Mooring vest", jacket.unit(), jacket.terms(), jacket.hand(), Optional.empty(),
        List.of(new Walk(walk).piece(new PieceId("back"), "Back", Piece.Part.BACK, Dye.WOAD)), List.of(), List.of(), jacket.settings(), jacket.rules());
  }

  private static OwnSeam.Part part(PieceId piece, int edge, Along along) {
    return new OwnSeam.Part(piece, "e" + edge, "e" + edge, "e" + edge, along);
  }

  private static OwnSeam.SeamMade seam(SeamId id, SeamRole role, int onBack, int onFront) {
    return new OwnSeam.SeamMade(id, id.text(), role, List.of(part(new PieceId("back"), onBack, FORWARD)), List.of(part(new PieceId("own.front"), onFront, BACKWARD)));
  }

  private static Garment after(Garment garment, Change... changes) {
    Outcome<Garment> outcome = Change.applyAll(garment, List.of(changes));
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  @Test
  void aWalkIsDrawnAsItIsTold() {
    Piece back = BACK.pieces().get(0);
    Outline outline = new Outline(back);
    assertThat(outline.gapMm()).isZero();
    assertThat(outline.box().width()).isEqualTo(420, within(1e-9));
    assertThat(outline.box().height()).isEqualTo(320, within(1e-9));
    assertThat(outline.areaMm2()).isEqualTo(420 * 320, within(1e-6));
  }

  /** Two panels, two shoulders and two sides joined by hand: hem, neck and two armholes stay. */
  @Test
  void freeOutlinesAreSewnIntoAVestByHand() {
    Garment vest =
        after(
            BACK, new OwnChange.PieceCopied(new PieceId("back"), new PieceId("own.front"), "Front", true), seam(new SeamId("own.1"), SeamRole.SHOULDER, 4, 4), seam(new SeamId("own.2"), SeamRole.SHOULDER, 6, 6),
            seam(new SeamId("own.3"), SeamRole.SIDE, 2, 2), seam(new SeamId("own.4"), SeamRole.SIDE, 8, 8));
    GarmentPlan plan = Wardrobe.plan(vest);
    assertThat(plan.seams()).hasSize(4).allMatch(seam -> seam.planned());
    assertThat(plan.seams()).extracting(seam -> seam.counts()).containsExactly("20 on 20", "20 on 20", "20 on 20", "20 on 20");
    assertThat(plan.gluing().openings()).extracting(opening -> Math.round(opening.lengthMm())).containsExactlyInAnyOrder(840L, 280L, 240L, 240L);
    assertThat(plan.findings()).filteredOn(finding -> finding.level() == FindingCode.Level.DECIDE_FIRST).isEmpty();
    Garment unmade = after(vest, new OwnSeam.SeamUnmade(new SeamId("own.4")));
    assertThat(Wardrobe.plan(unmade).seams()).hasSize(3);
    Garment alone = after(vest, new OwnChange.PieceRemoved(new PieceId("own.front")));
    assertThat(alone).isEqualTo(BACK);
  }

  /** The back's left shoulder may meet its like on the front; once the right ones are joined, the left one is the likeliest by its mirror. */
  @Test
  void theLikeliestPartnerIsOfferedFirst() {
    Garment two = after(BACK, new OwnChange.PieceCopied(new PieceId("back"), new PieceId("own.front"), "Front", true), seam(new SeamId("own.1"), SeamRole.SHOULDER, 4, 4));
    List<FreeParts.FreePart> parts = ((Outcome.Good<List<FreeParts.FreePart>>) FreeParts.of(two)).value();
    assertThat(parts).noneMatch(part -> part.edge().equals("e4"));
    FreeParts.FreePart side = parts.stream().filter(part -> part.piece().equals(new PieceId("back")) && part.edge().equals("e2")).findFirst().orElseThrow();
    FreeParts.FreePart first = parts.get(side.partners().get(0));
    assertThat(first.piece() + " " + first.edge()).isEqualTo("own.front e2");
    assertThat(side.words()).isEqualTo("Back, right side: 20 cm");
    // The neck is as long as a shoulder, but the shoulder of the same name goes before it.
    FreeParts.FreePart shoulder = parts.stream().filter(part -> part.piece().equals(new PieceId("back")) && part.edge().equals("e6")).findFirst().orElseThrow();
    assertThat(shoulder.partners().stream().map(parts::get).map(part -> part.piece() + " " + part.edge()))
        .startsWith("own.front e6")
        .contains("back e5", "own.front e5")
        .doesNotContain("back e6");
  }

  /** A seam of the maker's own on a garment with a recipe: a pocket of its own is joined to nothing until it is sewn on. */
  @Test
  void whatIsMadeByHandLiesBesideARecipe() {
    Garment jacket = Wardrobe.cardigan();
    List<Step> strip =
        List.of(new Step("long", ROW_END, 30, 10, 90), new Step("end", STITCH_TOP, 8, 7, 90), new Step("other long", ROW_END, 30, 10, 90), new Step("other end", STITCH_TOP, 8, 7, 90));
    Garment banded =
        after(
            jacket, new OwnChange.PieceAdded(new PieceId("own.band"), "Front band", Piece.Part.OTHER, Dye.IRON, strip),
            new OwnSeam.SeamMade(
                new SeamId("own.s"), "Band", SeamRole.BAND, List.of(part(new PieceId("own.band"), 1, FORWARD)),
                List.of(new OwnSeam.Part(new PieceId("front.left"), "front", "front", "front", BACKWARD))));
    GarmentPlan plan = Wardrobe.plan(banded);
    assertThat(plan.pieces()).hasSize(jacketPieces(jacket) + 1);
    assertThat(plan.seams()).extracting(seam -> seam.id()).contains(new SeamId("own.s"), new SeamId("armhole.left"));
    assertThat(after(banded, new Change.AnswersChanged(Map.of("armholeRows", new Answers.Numeric(15)), Set.of())).pieces()).as("answers leave them alone").hasSize(1);
  }

  private static int jacketPieces(Garment garment) {
    return Wardrobe.plan(garment).pieces().size();
  }

  static Stream<Arguments> impossible() {
    List<Step> open = new ArrayList<>(PANEL);
    open.set(7, new Step("left side", ROW_END, 17, 10, 90));
    List<Step> bow =
        List.of(new Step("a", STITCH_TOP, 10, 10, 135), new Step("b", STITCH_TOP, 14, 10.1, -135), new Step("c", STITCH_TOP, 10, 10, -135), new Step("d", STITCH_TOP, 14, 10.1, 0));
    List<Step> right = PANEL.stream().map(step -> new Step(step.name(), step.kind(), step.count(), step.unitMm(), -step.turn())).toList();
    return Stream.of(
        Arguments.of(new OwnChange.PieceAdded(new PieceId("own.1"), "P", Piece.Part.OTHER, Dye.WOAD, open), FindingCode.WALK_OPEN, "3 more at left side or 3 more at left armhole would close it"),
        Arguments.of(new OwnChange.PieceAdded(new PieceId("own.1"), "P", Piece.Part.OTHER, Dye.WOAD, bow), FindingCode.WALK_CROSSES, "turns"),
        Arguments.of(new OwnChange.PieceAdded(new PieceId("own.1"), "P", Piece.Part.OTHER, Dye.WOAD, right), FindingCode.WALK_RIGHT_HAND, "left"),
        Arguments.of(new OwnChange.PieceAdded(new PieceId("own.1"), "P", Piece.Part.OTHER, Dye.WOAD, List.of()), FindingCode.WALK_STEPS, "once"),
        Arguments.of(
            new OwnChange.PieceAdded(new PieceId("own.1"), "P", Piece.Part.OTHER, Dye.WOAD, List.of(PANEL.get(0), PANEL.get(0), PANEL.get(1))), FindingCode.WALK_STEP, "Mend"),
        Arguments.of(new OwnChange.PieceAdded(new PieceId("back"), "P", Piece.Part.OTHER, Dye.WOAD, PANEL), FindingCode.ID_TAKEN, ""),
        Arguments.of(new OwnChange.PieceAdded(new PieceId("own.1"), " ", Piece.Part.OTHER, Dye.WOAD, PANEL), FindingCode.NAME_LENGTH, ""),
        Arguments.of(new OwnChange.PieceCopied(new PieceId("hat"), new PieceId("own.1"), "P", false), FindingCode.UNKNOWN_PIECE, "back"),
        Arguments.of(new OwnChange.PieceRemoved(new PieceId("back")), FindingCode.LAST_PIECE, ""),
        Arguments.of(new OwnChange.PieceRemoved(new PieceId("hat")), FindingCode.NOT_YOUR_OWN, ""),
        Arguments.of(new OwnSeam.SeamUnmade(new SeamId("armhole.left")), FindingCode.UNKNOWN_SEAM, ""),
        Arguments.of(new OwnSeam.SeamMade(new SeamId("own.s"), "S", SeamRole.OTHER, List.of(), List.of(part(new PieceId("back"), 2, FORWARD))), FindingCode.SEAM_WITHOUT_SIDE, ""),
        Arguments.of(new OwnSeam.SeamMade(new SeamId("own.s"), "S", SeamRole.OTHER, List.of(part(new PieceId("back"), 2, FORWARD)), List.of(part(new PieceId("back"), 2, BACKWARD))), FindingCode.SPANS_OVERLAP, ""),
        Arguments.of(new OwnSeam.SeamMade(new SeamId("own.s"), "S", SeamRole.OTHER, List.of(part(new PieceId("back"), 2, FORWARD)), List.of(part(new PieceId("back"), 9, BACKWARD))), FindingCode.UNKNOWN_EDGE, "e8"));
  }

  @ParameterizedTest
  @MethodSource("impossible")
  void whatCannotBeIsNamedWithItsRemedy(Change change, FindingCode code, String remedy) {
    List<Finding> findings = change.apply(BACK).findings();
    assertThat(findings).extracting(Finding::code).contains(code);
    assertThat(findings).anyMatch(finding -> finding.code() == code && finding.remedy(Wording.USUAL).contains(remedy));
  }

  /** A seam of an edge with another edge of the same piece folds it: that is lawful, and said to be so by its openings. */
  @Test
  void aPieceMayBeJoinedToItself() {
    Garment tube = after(BACK, new OwnSeam.SeamMade(new SeamId("own.t"), "Tube", SeamRole.OTHER, List.of(part(new PieceId("back"), 2, FORWARD)), List.of(part(new PieceId("back"), 8, BACKWARD))));
    GarmentPlan plan = Wardrobe.plan(tube);
    assertThat(plan.seams().get(0).counts()).isEqualTo("20 on 20");
    assertThat(plan.findings()).extracting(FindingView::code).doesNotContain(FindingCode.TURNED);
  }
}
