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
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Change;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;

/** The order of work (handbook 13), as the plan of a garment tells it. */
class OrderTest {
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
      Outcome<Garment> moved = new Change.StepMoved(wish.get(i), before).apply(wished);
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

  private static List<String> steps(Garment garment) {
    return Wardrobe.plan(garment).steps().stream().map(GarmentPlan.StepPlan::seam).toList();
  }
}
