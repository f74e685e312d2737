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
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Span;

/** The order of work (handbook 13), as the plan of a garment tells it. */
class OrderTest {
  /** Front and back with a neckband over both shoulders, which goes from the back's neck to the front's. */
  private static final List<Piece> NECK = List.of(body(new PieceId("front")), body(new PieceId("back")), Panels.rectangle(new PieceId("band"), 8, 3));

  private static final Seam NECKBAND =
      Panels.seam(
          new SeamId("band"), SeamRole.NECKBAND, Seam.SideOf.of("Band", Panels.whole(new PieceId("band"), "bottom", Along.FORWARD)),
          Seam.SideOf.of("Neck", Span.ofRun(new PieceId("back"), "top", "2", Along.BACKWARD), Span.ofRun(new PieceId("front"), "top", "2", Along.BACKWARD)));

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 25);
  }

  @Test
  void shouldersThenSleevesFlatThenSides() {
    assertThat(steps(Wardrobe.cardigan())).containsExactly(new SeamId("shoulder.left"), new SeamId("shoulder.right"), new SeamId("armhole.left"), new SeamId("armhole.right"), new SeamId("side.left"), new SeamId("side.right"));
  }

  /** Whatever order a maker wishes: each seam comes once, and nothing before what it needs. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noWishBreaksAMust(int seed) {
    List<SeamId> wish = new ArrayList<>(steps(Wardrobe.cardigan()));
    Collections.shuffle(wish, new Random(seed));
    Garment wished = Wardrobe.cardigan();
    for (int i = 0; i < wish.size(); i++) {
      Optional<SeamId> before = i + 1 < wish.size() ? Optional.of(wish.get(i + 1)) : Optional.empty();
      Outcome<Garment> moved = new OrderChange.StepMoved(wish.get(i), before).apply(wished);
      wished = moved instanceof Outcome.Good<Garment> good ? good.value() : wished;
    }
    List<SeamId> steps = steps(wished);
    assertThat(steps).containsExactlyInAnyOrderElementsOf(wish);
    for (String side : List.of("left", "right")) {
      assertThat(steps.indexOf(new SeamId("shoulder." + side))).as("a shoulder before the sleeve across it").isLessThan(steps.indexOf(new SeamId("armhole." + side)));
    }
    for (GarmentPlan.StepPlan step : Wardrobe.plan(wished).steps()) {
      assertThat(step.after()).allSatisfy(first -> assertThat(steps.indexOf(first)).isLessThan(step.number() - 1));
      assertThat(step.reasons()).as(step.seam().text()).isNotEmpty();
    }
  }

  /** A side over two pieces that nothing joins is named, with both its edges. */
  @Test
  void aSideNothingBringsTogetherIsNamed() {
    Piece one = Panels.rectangle(new PieceId("one"), 10, 10);
    Piece two = Panels.rectangle(new PieceId("two"), 10, 10);
    Piece top = Panels.rectangle(new PieceId("top"), 20, 10);
    Seam over =
        new Seam(
            new SeamId("over"), "Over", SeamRole.OTHER, Seam.SideOf.of("Top", Panels.whole(new PieceId("top"), "bottom", Along.FORWARD)),
            Seam.SideOf.of("Both", Panels.whole(new PieceId("one"), "top", Along.BACKWARD), Panels.whole(new PieceId("two"), "top", Along.BACKWARD)), List.of(), List.of(),
            Seam.Working.USUAL, Optional.empty());
    GarmentPlan plan = Panels.plan(List.of(one, two, top), List.of(over));
    assertThat(plan.findings())
        .filteredOn(finding -> finding.code() == FindingCode.SIDE_BROKEN)
        .singleElement()
        .satisfies(finding -> assertThat(finding.sentence()).contains("the top of the one").contains("the top of the two"));
    Seam between = Panels.seam(new SeamId("between"), Panels.whole(new PieceId("one"), "right", Along.FORWARD), Panels.whole(new PieceId("two"), "left", Along.BACKWARD));
    assertThat(Panels.plan(List.of(one, two, top), List.of(over, between)).findings()).noneMatch(finding -> finding.code() == FindingCode.SIDE_BROKEN);
    assertThat(Panels.plan(List.of(one, two, top), List.of(over, between)).steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly(new SeamId("between"), new SeamId("over"));
  }

  /** A neckband over both shoulders: one lies between its spans, at the other its ring closes. */
  @Test
  void bothShouldersComeBeforeANeckband() {
    List<Seam> seams = List.of(NECKBAND, shoulder("right", "3", "1"), shoulder("left", "1", "3"));
    GarmentPlan plan = Panels.plan(NECK, seams);
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly(new SeamId("shoulder.right"), new SeamId("shoulder.left"), new SeamId("band"));
    assertThat(plan.steps().get(2).after()).containsExactlyInAnyOrder(new SeamId("shoulder.left"), new SeamId("shoulder.right"));
    assertThat(plan.steps().get(2).reasons()).hasSize(2).allSatisfy(reason -> assertThat(reason.seams()).isNotEmpty());
    for (SeamId shoulder : List.of(new SeamId("shoulder.left"), new SeamId("shoulder.right"))) {
      assertThat(new OrderChange.StepMoved(new SeamId("band"), Optional.of(shoulder)).apply(Panels.garment(NECK, seams)).findings())
          .extracting(Finding::code)
          .containsOnly(FindingCode.STEP_FORBIDDEN)
          .isNotEmpty();
    }
  }

  /** A band whose own ends are joined to a ring may be joined round first or last. */
  @Test
  void theBandsOwnEndsDoNotWait() {
    Seam ends = Panels.seam(new SeamId("ends"), Panels.whole(new PieceId("band"), "left", Along.BACKWARD), Panels.whole(new PieceId("band"), "right", Along.FORWARD));
    GarmentPlan plan = Panels.plan(NECK, List.of(NECKBAND, ends, shoulder("right", "3", "1"), shoulder("left", "1", "3")));
    assertThat(plan.steps()).filteredOn(step -> step.seam().equals(new SeamId("band"))).singleElement().satisfies(step -> assertThat(step.after()).doesNotContain(new SeamId("ends")));
  }

  /** An armhole left to the end is set into a ring: said at the seam that closes it, and at the armhole. */
  @Test
  void aSleeveSetIntoAClosedArmholeIsWarnedOf() {
    List<Piece> pieces =
        List.of(Panels.parted(Panels.rectangle(new PieceId("front"), 6, 10), "right", 6, 4), Panels.parted(Panels.rectangle(new PieceId("back"), 6, 10), "left", 4, 6), Panels.rectangle(new PieceId("sleeve"), 8, 5));
    Seam shoulder = Panels.seam(new SeamId("shoulder"), SeamRole.SHOULDER, Seam.SideOf.of("Front", Panels.whole(new PieceId("front"), "top", Along.FORWARD)), Seam.SideOf.of("Back", Panels.whole(new PieceId("back"), "top", Along.BACKWARD)));
    Seam armhole =
        Panels.seam(
            new SeamId("armhole"), SeamRole.ARMHOLE, Seam.SideOf.of("Sleeve", Panels.whole(new PieceId("sleeve"), "top", Along.BACKWARD)),
            Seam.SideOf.of("Body", Span.ofRun(new PieceId("front"), "right", "2", Along.FORWARD), Span.ofRun(new PieceId("back"), "left", "1", Along.FORWARD)));
    Seam side = Panels.seam(new SeamId("side"), SeamRole.SIDE, Seam.SideOf.of("Front", Span.ofRun(new PieceId("front"), "right", "1", Along.FORWARD)), Seam.SideOf.of("Back", Span.ofRun(new PieceId("back"), "left", "2", Along.BACKWARD)));
    Garment garment = Panels.garment(pieces, List.of(side, armhole, shoulder));
    assertThat(codes(garment, new SeamId("armhole"))).contains(Reason.Code.FLAT_FIRST).doesNotContain(Reason.Code.INTO_RING);
    Garment moved = ((Outcome.Good<Garment>) new OrderChange.StepMoved(new SeamId("side"), Optional.of(new SeamId("armhole"))).apply(garment)).value();
    assertThat(codes(moved, new SeamId("side"))).contains(Reason.Code.CLOSES_EARLY);
    assertThat(codes(moved, new SeamId("armhole"))).contains(Reason.Code.INTO_RING).doesNotContain(Reason.Code.FLAT_FIRST);
  }

  /** Shoulder and band ends in one pass: it waits for the band, so that the band cannot wait for it. */
  @Test
  void whatWaitsForTheBandIsNoMustForIt() {
    Seam left =
        Panels.seam(
            new SeamId("left"), SeamRole.SHOULDER, Seam.SideOf.of("Front", Span.ofRun(new PieceId("front"), "top", "1", Along.FORWARD), Panels.whole(new PieceId("band"), "right", Along.FORWARD)),
            Seam.SideOf.of("Back", Span.ofRun(new PieceId("back"), "top", "3", Along.BACKWARD), Panels.whole(new PieceId("band"), "left", Along.BACKWARD)));
    GarmentPlan plan = Panels.plan(NECK, List.of(left, NECKBAND, shoulder("right", "3", "1")));
    assertThat(plan.steps()).extracting(GarmentPlan.StepPlan::seam).containsExactly(new SeamId("shoulder.right"), new SeamId("band"), new SeamId("left"));
    assertThat(plan.findings()).noneMatch(finding -> finding.code() == FindingCode.ORDER_CIRCLE);
  }

  /** Two long seams that cross: each runs over a point that only the other makes. */
  @Test
  void seamsThatWaitForEachOtherAreNamedAndThereIsNoOrder() {
    List<Piece> squares = List.of(Panels.rectangle(new PieceId("a"), 5, 5), Panels.rectangle(new PieceId("b"), 5, 5), Panels.rectangle(new PieceId("c"), 5, 5), Panels.rectangle(new PieceId("d"), 5, 5));
    Seam upright =
        Panels.seam(
            new SeamId("upright"), SeamRole.OTHER, Seam.SideOf.of("Left", Panels.whole(new PieceId("a"), "right", Along.FORWARD), Panels.whole(new PieceId("c"), "right", Along.FORWARD)),
            Seam.SideOf.of("Right", Panels.whole(new PieceId("b"), "left", Along.BACKWARD), Panels.whole(new PieceId("d"), "left", Along.BACKWARD)));
    Seam level =
        Panels.seam(
            new SeamId("level"), SeamRole.OTHER, Seam.SideOf.of("Below", Panels.whole(new PieceId("a"), "top", Along.BACKWARD), Panels.whole(new PieceId("b"), "top", Along.BACKWARD)),
            Seam.SideOf.of("Above", Panels.whole(new PieceId("c"), "bottom", Along.FORWARD), Panels.whole(new PieceId("d"), "bottom", Along.FORWARD)));
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
    Garment moved = ((Outcome.Good<Garment>) new OrderChange.StepMoved(new SeamId("shoulder.right"), Optional.of(new SeamId("shoulder.left"))).apply(Wardrobe.cardigan())).value();
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

  private static Piece body(PieceId id) {
    return Panels.parted(Panels.rectangle(id, 10, 10), "top", 3, 4, 3);
  }

  private static Seam shoulder(String side, String front, String back) {
    return Panels.seam(
        new SeamId("shoulder." + side), SeamRole.SHOULDER, Seam.SideOf.of("Front", Span.ofRun(new PieceId("front"), "top", front, Along.FORWARD)),
        Seam.SideOf.of("Back", Span.ofRun(new PieceId("back"), "top", back, Along.BACKWARD)));
  }

  private static List<Reason.Code> codes(Garment garment, SeamId seam) {
    return Wardrobe.plan(garment).steps().stream()
        .filter(step -> step.seam().equals(seam))
        .flatMap(step -> step.reasons().stream())
        .map(GarmentPlan.ReasonView::code)
        .toList();
  }

  private static List<SeamId> steps(Garment garment) {
    return Wardrobe.plan(garment).steps().stream().map(GarmentPlan.StepPlan::seam).toList();
  }
}
