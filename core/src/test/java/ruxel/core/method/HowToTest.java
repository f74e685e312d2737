package ruxel.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.Directions;
import ruxel.core.change.Change;
import ruxel.core.change.SeamChange;
import ruxel.core.change.WearChange;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.hold.Facing;
import ruxel.core.identity.SeamId;
import ruxel.core.method.HowTo.Taken;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.SeamRole;

/** One physical loop, named from how the pieces are held (handbook 3). */
class HowToTest {
  /** Right sides together the loops of the wrong sides are the outer ones; wrong sides together they are the inner ones. */
  @ParameterizedTest
  @CsvSource({
    "RIGHT_SIDES_TOGETHER, true, the loop nearest you",
    "RIGHT_SIDES_TOGETHER, false, the loop farthest from you",
    "WRONG_SIDES_TOGETHER, true, 'the inner loop, away from you'",
    "WRONG_SIDES_TOGETHER, false, 'the inner loop, towards you'",
    "FLAT_RIGHT_SIDES_UP, true, 'the back loop, which lies below'",
    "FLAT_RIGHT_SIDES_UP, false, 'the back loop, which lies below'",
    "FLAT_WRONG_SIDES_UP, true, 'the loop that lies on top, which is the back loop'"
  })
  void aLoopIsNamedFromHowThePiecesAreHeld(Facing facing, boolean near, String name) {
    assertThat(HowTo.name(Taken.WRONG_SIDE_LOOP, facing, near)).isEqualTo(name);
  }

  /** No two loops of one way of holding share a name, and none has two. */
  @Test
  void oneLoopHasOneName() {
    for (Facing facing : Facing.values()) {
      Map<String, Set<Taken>> named = new HashMap<>();
      for (Taken taken : Taken.values()) {
        named.computeIfAbsent(HowTo.name(taken, facing, true), key -> new HashSet<>()).add(taken);
      }
      assertThat(named.values()).allMatch(loops -> loops.size() == 1);
    }
  }

  /** Every method that may be chosen at a shoulder is told in seven parts, and takes what its table says. */
  @ParameterizedTest
  @EnumSource(Method.class)
  void everyMethodIsToldInItsParts(Method method) {
    Garment cardigan = Wardrobe.cardigan();
    if (!(new SeamChange.MethodChosen(new SeamId("shoulder.left"), method.id()).apply(cardigan) instanceof Outcome.Good<Garment> chosen)) {
      return;
    }
    SeamPlan.HowToView how =
        Wardrobe.plan(chosen.value()).seams().stream().filter(seam -> seam.id().equals(new SeamId("shoulder.left"))).findFirst().orElseThrow().howTo().orElseThrow();
    assertThat(how.lines()).extracting(HowTo.Line::part).containsExactly(HowTo.Part.values());
    assertThat(how.lines()).extracting(HowTo.Line::words).noneMatch(String::isBlank);
    assertThat(how.near()).isEqualTo(method.isLoopOnly() ? Taken.WRONG_SIDE_LOOP : Taken.BOTH_LOOPS);
    assertThat(how.fromRight()).as("a right hand begins, however it is held").isTrue();
  }

  /** Single crochets on show have their ridge outside, and the bench holds them so. */
  @Test
  void whatIsWantedOfASeamTurnsItsRidgeOut() {
    Garment joined = good(Change.applyAll(Wardrobe.cardigan(), List.of(new SeamChange.MethodChosen(new SeamId("shoulder.left"), "sc-both"))));
    Garment onShow = good(new WearChange.Wished(Optional.of(SeamRole.SHOULDER), Optional.empty(), Optional.of(Wish.ON_SHOW)).apply(joined));
    assertThat(told(joined, HowTo.Part.HOLD)).startsWith("Right sides together");
    assertThat(told(joined, HowTo.Part.LOOK)).isEqualTo("On the right side: a line where the pieces meet, the ridge inside.");
    assertThat(told(onShow, HowTo.Part.HOLD)).startsWith("Wrong sides together");
    assertThat(told(onShow, HowTo.Part.LOOK)).isEqualTo("On the right side: a ridge that stands up.");
    BenchPlan inside = Directions.of(joined, new SeamId("shoulder.left")).orElseThrow();
    BenchPlan outside = Directions.of(onShow, new SeamId("shoulder.left")).orElseThrow();
    assertThat(inside.wrongSide()).isTrue();
    assertThat(outside.wrongSide()).isFalse();
    assertThat(outside.hold()).isEqualTo("Single crochet, both loops: wrong sides together.");
    assertThat(outside.start()).startsWith("The left front nearest you, its right side to you; the back behind it. Begin at your right, at the left armhole.");
    assertThat(inside.start()).startsWith("The back nearest you, its wrong side to you; the left front behind it. Begin at your right, at the left armhole.");
  }

  private static String told(Garment garment, HowTo.Part part) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(new SeamId("shoulder.left"))).findFirst().orElseThrow().howTo().orElseThrow().lines().stream().filter(line -> line.part() == part).findFirst().orElseThrow().words();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
