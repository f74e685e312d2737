package ruxel.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.OrderChange;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Span;

/** The order of work (handbook 13), as the plan of a garment tells it. */
class OrderTest {
  /** Front and back with a neckband over both shoulders, which goes from the back's neck to the front's. */
  private static final List<Piece> NECK = List.of(body("front"), body("back"), Panels.rectangle("band", 8, 3));

  private static final Seam NECKBAND =
      Panels.seam(
          "band", SeamRole.NECKBAND, Seam.SideOf.of("Band", Panels.whole("band", "bottom", Along.FORWARD)),
          Seam.SideOf.of("Neck", Span.ofRun("back", "top", "2", Along.BACKWARD), Span.ofRun("front", "top", "2", Along.BACKWARD)));

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 25);
  }

  @Test
  void shouldersThenSleevesFlatThenSides() {
    assertThat(steps(Wardrobe.cardigan())).containsExactly("shoulder.left", "shoulder.right", "armhole.left", "armhole.right", "side.left", "side.right");
  }

  /** Whatever order a maker wishes: each seam comes once, and nothing before what it needs. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noWishBreaksAMust(int seed) {
    List<String> wish = new ArrayList<>(steps(Wardrobe.cardigan()));
    Collections.shuffle(wish, new Random(seed));
    Garment wished = Wardrobe.cardigan();
    for (int i = 0; i < wish.size(); i++) {
      Optional<String> before = i + 1 < wish.size() ? Optional.of(wish.get(i + 1)) : Optional.empty();
      Outcome<Garment> moved = new OrderChange.StepMoved(wish.get(i), before).apply(wished);
      wished = moved instanceof Outcome.Good<Garment> good ? good.value() : wished;
    }
    List<String> steps = steps(wished);
    assertThat(steps).containsExactlyInAnyOrderElementsOf(wish);
    for (String side : List.of("left", "right")) {
      assertThat(steps.indexOf("shoulder." + side)).as("a shoulder before the sleeve across it").isLessThan(steps.indexOf("armhole." + side));
    }
    for (GarmentPlan.StepPlan step : Wardrobe.plan(wished).steps()) {
      assertThat(step.after()).allSatisfy(first -> assertThat(steps.indexOf(first)).isLessThan(step.number() - 1));
      assertThat(step.reasons()).as(step.seam()).isNotEmpty();
    }
  }

  /** A side over two pieces that nothing joins is named, with both its edges. */
  @Test
  void aSideNothingBringsTogetherIsNamed() {
    Piece one = Panels.rectangle("one", 10, 10);
    Piece two = Panels.rectangle("two", 10, 10);
    Piece top = Panels.rectangle("top", 20, 10);
    Seam over =
        new Seam(
            "over", "Over", SeamRole.OTHER, Seam.SideOf.of("Top", Panels.whole("top", "bottom", Along.FORWARD)),
            Seam.SideOf.of("Both", Panels.whole("one", "top", Along.BACKWARD), Panels.whole("two", "top", Along.BACKWARD)), List.of(), List.of(),
            Seam.Working.USUAL, Optional.empty());
    GarmentPlan plan = Panels.plan(List.of(one, two, top), List.of(over));
    assertThat(plan.findings())
        .filteredOn(finding -> finding.code() == FindingCode.SIDE_BROKEN)
        .singleElement()
        .satisfies(finding -> assertThat(finding.sentence()).contains("the top of the one").contains("the top of the two"));
    Seam between = Panels.seam("between", Panels.whole("one", "right", Along.FORWARD), Panels.whole("two", "left", Along.BACKWARD));
    assertThat(Panels.plan(List.of(one, two, top), List.of(over, between)).findings()).noneMatch(finding -> finding.code() == FindingCode.SIDE_BROKEN);
    assertThat(Panels.plan(List.of(one, two, top), List.of(over, between)).steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly("between", "over");
  }

  /** A neckband over both shoulders: one lies between its spans, at the other its ring closes. */
  @Test
  void bothShouldersComeBeforeANeckband() {
    List<Seam> seams = List.of(NECKBAND, shoulder("right", "3", "1"), shoulder("left", "1", "3"));
    GarmentPlan plan = Panels.plan(NECK, seams);
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly("shoulder.right", "shoulder.left", "band");
    assertThat(plan.steps().get(2).after()).containsExactlyInAnyOrder("shoulder.left", "shoulder.right");
    assertThat(plan.steps().get(2).reasons()).hasSize(2).allSatisfy(reason -> assertThat(reason.seams()).isNotEmpty());
    for (String shoulder : List.of("shoulder.left", "shoulder.right")) {
      assertThat(new OrderChange.StepMoved("band", Optional.of(shoulder)).apply(Panels.garment(NECK, seams)).findings())
          .extracting(Finding::code)
          .containsOnly(FindingCode.STEP_FORBIDDEN)
          .isNotEmpty();
    }
  }

  /** A band whose own ends are joined to a ring may be joined round first or last. */
  @Test
  void theBandsOwnEndsDoNotWait() {
    Seam ends = Panels.seam("ends", Panels.whole("band", "left", Along.BACKWARD), Panels.whole("band", "right", Along.FORWARD));
    GarmentPlan plan = Panels.plan(NECK, List.of(NECKBAND, ends, shoulder("right", "3", "1"), shoulder("left", "1", "3")));
    assertThat(plan.steps()).filteredOn(step -> step.seam().equals("band")).singleElement().satisfies(step -> assertThat(step.after()).doesNotContain("ends"));
  }

  /** An armhole left to the end is set into a ring: said at the seam that closes it, and at the armhole. */
  @Test
  void aSleeveSetIntoAClosedArmholeIsWarnedOf() {
    List<Piece> pieces =
        List.of(Panels.parted(Panels.rectangle("front", 6, 10), "right", 6, 4), Panels.parted(Panels.rectangle("back", 6, 10), "left", 4, 6), Panels.rectangle("sleeve", 8, 5));
    Seam shoulder = Panels.seam("shoulder", SeamRole.SHOULDER, Seam.SideOf.of("Front", Panels.whole("front", "top", Along.FORWARD)), Seam.SideOf.of("Back", Panels.whole("back", "top", Along.BACKWARD)));
    Seam armhole =
        Panels.seam(
            "armhole", SeamRole.ARMHOLE, Seam.SideOf.of("Sleeve", Panels.whole("sleeve", "top", Along.BACKWARD)),
            Seam.SideOf.of("Body", Span.ofRun("front", "right", "2", Along.FORWARD), Span.ofRun("back", "left", "1", Along.FORWARD)));
    Seam side = Panels.seam("side", SeamRole.SIDE, Seam.SideOf.of("Front", Span.ofRun("front", "right", "1", Along.FORWARD)), Seam.SideOf.of("Back", Span.ofRun("back", "left", "2", Along.BACKWARD)));
    Garment garment = Panels.garment(pieces, List.of(side, armhole, shoulder));
    assertThat(codes(garment, "armhole")).contains(Reason.Code.FLAT_FIRST).doesNotContain(Reason.Code.INTO_RING);
    Garment moved = ((Outcome.Good<Garment>) new OrderChange.StepMoved("side", Optional.of("armhole")).apply(garment)).value();
    assertThat(codes(moved, "side")).contains(Reason.Code.CLOSES_EARLY);
    assertThat(codes(moved, "armhole")).contains(Reason.Code.INTO_RING).doesNotContain(Reason.Code.FLAT_FIRST);
  }

  /** Shoulder and band ends in one pass: it waits for the band, so that the band cannot wait for it. */
  @Test
  void whatWaitsForTheBandIsNoMustForIt() {
    Seam left =
        Panels.seam(
            "left", SeamRole.SHOULDER, Seam.SideOf.of("Front", Span.ofRun("front", "top", "1", Along.FORWARD), Panels.whole("band", "right", Along.FORWARD)),
            Seam.SideOf.of("Back", Span.ofRun("back", "top", "3", Along.BACKWARD), Panels.whole("band", "left", Along.BACKWARD)));
    GarmentPlan plan = Panels.plan(NECK, List.of(left, NECKBAND, shoulder("right", "3", "1")));
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly("shoulder.right", "band", "left");
    assertThat(plan.findings()).noneMatch(finding -> finding.code() == FindingCode.ORDER_CIRCLE);
  }

  /** Two long seams that cross: each runs over a point that only the other makes. */
  @Test
  void seamsThatWaitForEachOtherAreNamedAndThereIsNoOrder() {
    List<Piece> squares = List.of(Panels.rectangle("a", 5, 5), Panels.rectangle("b", 5, 5), Panels.rectangle("c", 5, 5), Panels.rectangle("d", 5, 5));
    Seam upright =
        Panels.seam(
            "upright", SeamRole.OTHER, Seam.SideOf.of("Left", Panels.whole("a", "right", Along.FORWARD), Panels.whole("c", "right", Along.FORWARD)),
            Seam.SideOf.of("Right", Panels.whole("b", "left", Along.BACKWARD), Panels.whole("d", "left", Along.BACKWARD)));
    Seam level =
        Panels.seam(
            "level", SeamRole.OTHER, Seam.SideOf.of("Below", Panels.whole("a", "top", Along.BACKWARD), Panels.whole("b", "top", Along.BACKWARD)),
            Seam.SideOf.of("Above", Panels.whole("c", "bottom", Along.FORWARD), Panels.whole("d", "bottom", Along.FORWARD)));
    GarmentPlan plan = Panels.plan(squares, List.of(upright, level));
    assertThat(plan.steps()).isEmpty();
    assertThat(plan.findings())
        .filteredOn(finding -> finding.code() == FindingCode.ORDER_CIRCLE)
        .singleElement()
        .satisfies(finding -> assertThat(finding.sentence()).startsWith("Level and upright each wait for the other."));
  }

  /** What must be, what is easier, what is yours and what is warned of are told apart. */
  @Test
  void reasonsHaveTheirWeight() {
    Garment moved = ((Outcome.Good<Garment>) new OrderChange.StepMoved("shoulder.right", Optional.of("shoulder.left")).apply(Wardrobe.cardigan())).value();
    List<GarmentPlan.StepPlan> steps = Wardrobe.plan(moved).steps();
    assertThat(steps.get(0).reasons()).extracting(GarmentPlan.ReasonView::weight).containsExactly(Reason.Weight.EASIER, Reason.Weight.YOURS);
    assertThat(steps.get(1).reasons()).extracting(GarmentPlan.ReasonView::code).contains(Reason.Code.LIKE_ITS_TWIN, Reason.Code.YOURS);
    assertThat(steps.get(1).reasons()).filteredOn(reason -> reason.code() == Reason.Code.LIKE_ITS_TWIN).extracting(GarmentPlan.ReasonView::sentence).containsExactly("Right after the right shoulder, so that both sides are worked alike.");
    GarmentPlan.StepPlan armhole = steps.get(2);
    assertThat(armhole.reasons()).filteredOn(reason -> reason.weight() == Reason.Weight.MUST).hasSize(1);
    assertThat(armhole.reasons()).filteredOn(reason -> reason.weight() != Reason.Weight.MUST).extracting(GarmentPlan.ReasonView::code).doesNotContain(Reason.Code.LIKE_ITS_TWIN);
    assertThat(Reason.Code.CLOSES_EARLY.isMust()).isFalse();
    assertThat(Reason.Code.MAKES_POINT.isMust()).isTrue();
  }

  private static Piece body(String id) {
    return Panels.parted(Panels.rectangle(id, 10, 10), "top", 3, 4, 3);
  }

  private static Seam shoulder(String side, String front, String back) {
    return Panels.seam(
        "shoulder." + side, SeamRole.SHOULDER, Seam.SideOf.of("Front", Span.ofRun("front", "top", front, Along.FORWARD)),
        Seam.SideOf.of("Back", Span.ofRun("back", "top", back, Along.BACKWARD)));
  }

  private static List<Reason.Code> codes(Garment garment, String seam) {
    return Wardrobe.plan(garment).steps().stream()
        .filter(step -> step.seam().equals(seam))
        .flatMap(step -> step.reasons().stream())
        .map(GarmentPlan.ReasonView::code)
        .toList();
  }

  private static List<String> steps(Garment garment) {
    return Wardrobe.plan(garment).steps().stream().map(GarmentPlan.StepPlan::seam).toList();
  }
}
