package ruxel.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import ruxel.core.hold.Facing;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;

/** The table of handbook 8, row by row. */
class MethodTableTest {
  @ParameterizedTest
  @CsvFileSource(resources = "/cases/methods.csv", numLinesToSkip = 1)
  void hasTheFactsOfTheTable(
      String id, Method.Tool tool, int strong, int stretch, int flat, int hidden, int quick, int undo, double yarn) {
    Method method = Method.of(id).orElseThrow();
    assertThat(method.tool()).isEqualTo(tool);
    assertThat(method.scores()).isEqualTo(new Method.Scores(strong, stretch, flat, hidden, quick, undo));
    assertThat(method.yarnCmPerCm()).isEqualTo(yarn);
  }

  @Test
  void isCompleteAndNamedOnce() {
    assertThat(Method.values()).hasSize(16);
    assertThat(Arrays.stream(Method.values()).map(Method::id).distinct()).hasSize(16);
    assertThat(Method.of("glue")).isEqualTo(Optional.empty());
  }

  @Test
  void piecesFaceEachOtherAsTheMethodSays() {
    for (Method method : Method.values()) {
      assertThat(method.facing(Wish.NONE) == Facing.RIGHT_SIDES_TOGETHER).as(method.id()).isEqualTo(method.held().startsWith("right sides together"));
      assertThat(method.facing(Wish.NONE) == Facing.WRONG_SIDES_TOGETHER).as(method.id()).isEqualTo(method.held().startsWith("wrong sides together"));
      assertThat(method.facings()).as(method.id()).doesNotHaveDuplicates().startsWith(method.facing(Wish.NONE));
      assertThat(method.facings().size() > 1).as("%s: %s", method.id(), method.held()).isEqualTo(method.held().matches(".* or .*|.*either.*"));
    }
  }

  /** The ridge of single crochets lies where it is wanted; no other method is turned round by a wish. */
  @Test
  void singleCrochetsLieAsTheSeamIsWanted() {
    for (Method method : Method.values()) {
      boolean either = method.family() == Method.Family.SINGLE_CROCHET;
      assertThat(method.facing(Wish.ON_SHOW)).as(method.id()).isEqualTo(either ? Facing.WRONG_SIDES_TOGETHER : method.facing(Wish.NONE));
      assertThat(method.facing(Wish.HIDDEN)).as(method.id()).isEqualTo(either ? Facing.RIGHT_SIDES_TOGETHER : method.facing(Wish.NONE));
      for (Facing facing : method.facings()) {
        assertThat(method.look(facing)).as("%s, %s", method.id(), facing).isEqualTo(!either ? method.look() : facing == Facing.WRONG_SIDES_TOGETHER ? Method.Look.RIDGE : Method.Look.LINE);
        assertThat(method.facing(List.of(facing), Wish.HIDDEN)).as("chosen goes before wished").isEqualTo(facing);
      }
      Facing none = Arrays.stream(Facing.values()).filter(facing -> !method.facings().contains(facing)).findFirst().orElseThrow();
      assertThat(method.facing(List.of(none), Wish.NONE)).as("what it does not allow is passed over").isEqualTo(method.facings().get(0));
    }
  }

  @Test
  void speaksTheMakersTerms() {
    Wording uk = new Wording(Wording.Unit.CM, Terms.UK, Wording.Hand.RIGHT);
    assertThat(Method.SC_BOTH.title(Wording.USUAL)).isEqualTo("Single crochet, both loops");
    assertThat(Method.SC_BOTH.title(uk)).isEqualTo("Double crochet, both loops");
  }
}
