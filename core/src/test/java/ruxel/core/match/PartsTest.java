package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.measure.HouseRules;
import ruxel.core.seam.Surplus;

/** Where the surplus may go, and intervals that are parted to be kept in the head. */
class PartsTest {
  private static final HouseRules RULES = HouseRules.USUAL;

  @Test
  void surplusSteeredToTheHiddenEndLeavesTheRestOneToOne() {
    List<Parts.Part> parts = Parts.of(Edges.of(50, 7), Edges.of(46, 7.6), From.START, Surplus.TO_HIDDEN, false, RULES);
    assertThat(parts).hasSize(2);
    // 80 mm hold 11 stitches of 7 mm: more than twice the four too many.
    assertThat(parts.get(0).placesA()).isEqualTo(11);
    assertThat(parts.get(0).placesB()).isEqualTo(7);
    assertThat(parts.get(1).placesA()).isEqualTo(39);
    assertThat(parts.get(1).plan().groups()).containsOnly(new Group(1, 1)).hasSize(39);
  }

  @Test
  void theZoneIsAtLeastTwiceTheSurplus() {
    List<Parts.Part> parts = Parts.of(Edges.of(60, 20), Edges.of(50, 24), From.END, Surplus.TO_HIDDEN, false, RULES);
    assertThat(parts).hasSize(2);
    assertThat(parts.get(1).placesA()).isEqualTo(20);
    assertThat(parts.get(1).placesB()).isEqualTo(10);
    assertThat(parts.get(1).plan().groups()).containsOnly(new Group(2, 1)).hasSize(10);
  }

  @Test
  void surplusSteeredToTheOtherEndIsTheMirrorImage() {
    List<Parts.Part> hidden = Parts.of(Edges.of(50, 7), Edges.of(46, 7.6), From.START, Surplus.TO_HIDDEN, false, RULES);
    List<Parts.Part> open = Parts.of(Edges.of(50, 7), Edges.of(46, 7.6), From.START, Surplus.TO_OPEN, false, RULES);
    assertThat(open.get(1).placesA()).isEqualTo(hidden.get(0).placesA());
    assertThat(open.get(0).placesA()).isEqualTo(hidden.get(1).placesA());
  }

  /** Handbook 6: a cap's fullness gathers in the third beside the shoulder, 40 of 120, not in 80 mm. */
  @Test
  void fullnessThatIsMeantTakesTheThirdBesideTheCentre() {
    List<Parts.Part> parts = Parts.of(Edges.of(120, 5), Edges.of(110, 5), From.START, Surplus.TO_OPEN, true, RULES);
    assertThat(parts).extracting(Parts.Part::placesA).first().isEqualTo(80);
    assertThat(parts.subList(1, parts.size())).allMatch(Parts.Part::gathers);
    assertThat(parts.subList(1, parts.size()).stream().mapToInt(Parts.Part::placesA).sum()).isEqualTo(40);
    assertThat(parts.subList(1, parts.size()).stream().mapToInt(Parts.Part::placesB).sum()).isEqualTo(30);
    List<Parts.Part> misfit = Parts.of(Edges.of(120, 5), Edges.of(110, 5), From.START, Surplus.TO_OPEN, false, RULES);
    assertThat(misfit.get(0).placesA()).as("20 for twice the surplus, 16 in 80 mm").isEqualTo(100);
  }

  @ParameterizedTest
  @CsvSource({"50,46,false", "37,30,false", "22,7,false", "9,2,false", "50,46,true", "37,30,true", "9,2,true", "4,1,true"})
  void everyPolicyKeepsTheMirrorLaw(int n, int m, boolean full) {
    for (Surplus surplus : Surplus.values()) {
      List<Group> forward = groups(Parts.of(Edges.of(n, 7), Edges.of(m, 9), From.START, surplus, full, RULES));
      List<Group> backward = groups(Parts.of(Edges.of(n, 7), Edges.of(m, 9), From.END, surplus, full, RULES));
      Collections.reverse(backward);
      assertThat(backward).as("%s", surplus).isEqualTo(forward);
    }
  }

  /** Intervals that are parted in halves are mirrored as a whole: the border lies at the same place, counted from the other end. */
  @Test
  void halvesKeepTheMirrorLaw() {
    int parted = 0;
    for (int m = 20; m <= 60; m += 3) {
      for (int n = m + 1; n <= 2 * m; n += 2) {
        List<Parts.Part> forward = Parts.of(Stretch.even(n), Stretch.even(m), From.START, Surplus.EVEN, false, RULES);
        List<Parts.Part> backward = new ArrayList<>(Parts.of(Stretch.even(n), Stretch.even(m), From.END, Surplus.EVEN, false, RULES));
        Collections.reverse(backward);
        assertThat(backward).as("%d on %d", n, m).extracting(Parts.Part::placesA).isEqualTo(forward.stream().map(Parts.Part::placesA).toList());
        assertThat(backward).as("%d on %d", n, m).extracting(Parts.Part::placesB).isEqualTo(forward.stream().map(Parts.Part::placesB).toList());
        List<Parts.Part> turned = Parts.of(Stretch.even(m), Stretch.even(n), From.START, Surplus.EVEN, false, RULES);
        assertThat(turned).as("the other side the finer").extracting(Parts.Part::placesB).isEqualTo(forward.stream().map(Parts.Part::placesA).toList());
        boolean nearTheMiddle = forward.size() != 2 || Math.abs(2 * forward.get(0).placesA() - n) <= 4;
        assertThat(nearTheMiddle).as("%d on %d: %s", n, m, forward).isTrue();
        parted += forward.size() > 1 ? 1 : 0;
      }
    }
    assertThat(parted).isPositive();
  }

  /** Spaces may be skipped or eased though counts are equal; nowhere to go, equal counts are joined one to one all the same. */
  @Test
  void equalCountsWithSpacesHaveAPlanWhateverThePolicy() {
    Stretch spaced = Edges.withSpace(5, 7, 20, 5);
    for (Surplus surplus : Surplus.values()) {
      List<Parts.Part> parts = Parts.of(spaced, Edges.of(11, 8), From.START, surplus, false, RULES);
      assertThat(parts).as("%s", surplus).isNotEmpty();
      assertThat(parts.stream().mapToInt(Parts.Part::placesA).sum()).isEqualTo(11);
      assertThat(parts.stream().mapToInt(Parts.Part::placesB).sum()).isEqualTo(11);
    }
  }

  /** Where the rest would be no longer than what is to be taken up, all of it gathers. */
  @Test
  void aShortSideGathersAsAWhole() {
    List<Parts.Part> parts = Parts.of(Edges.of(20, 7), Edges.of(8, 17), From.START, Surplus.TO_HIDDEN, false, RULES);
    assertThat(parts).allMatch(Parts.Part::gathers);
    List<Parts.Part> longer = Parts.of(Edges.of(40, 7), Edges.of(38, 7), From.START, Surplus.TO_HIDDEN, false, RULES);
    assertThat(longer).extracting(Parts.Part::gathers).containsExactly(true, false);
    // 80 mm hold 11 of 7 mm and no twelfth; 80 mm to the hair hold ten of 8 mm.
    assertThat(longer.get(0).placesA()).isEqualTo(11);
    assertThat(Parts.of(Edges.of(40, 8), Edges.of(38, 8), From.START, Surplus.TO_HIDDEN, false, RULES).get(0).placesA()).isEqualTo(10);
  }

  @Test
  void surplusThatMayGoNowhereHasNoPlanUnlessCountsAreEqual() {
    assertThat(Parts.of(Edges.of(8, 7), Edges.of(7, 7), From.START, Surplus.NOWHERE, false, RULES)).isEmpty();
    assertThat(Parts.of(Edges.of(8, 7), Edges.of(8, 7), From.START, Surplus.NOWHERE, false, RULES)).hasSize(1);
  }

  @Test
  void passesOverOneOfNineRows() {
    IntervalPlan plan = Parts.of(Edges.of(9, 7), Edges.of(8, 8), From.START, Surplus.SKIP, false, RULES).get(0).plan();
    assertThat(plan.groups().stream().filter(Group::leftOut)).hasSize(1);
    assertThat(plan.joints()).isEqualTo(8);
    assertThat(plan.words()).contains("pass over one");
  }

  @Test
  void tooFewPlacesCannotBeSpreadOverTheWholeLength() {
    assertThat(Parts.of(Edges.of(7, 7), Edges.of(2, 9), From.START, Surplus.SKIP, false, RULES)).isEmpty();
  }

  /** Whatever cannot be kept in the head is parted at a marker until it can. */
  @Test
  void everyEvenIntervalIsWorkedByRhythmsThatCanBeKept() {
    int parted = 0;
    for (int m = 1; m <= 60; m++) {
      for (int n = m; n <= 2 * m + 40; n += 1 + m / 8) {
        List<Parts.Part> parts = Parts.of(Stretch.even(n), Stretch.even(m), From.START, Surplus.EVEN, false, RULES);
        parted += parts.size() > 1 ? 1 : 0;
        assertThat(parts).as("%d on %d", n, m).allSatisfy(part -> assertThat(part.plan().rhythm()).isPresent());
        assertThat(parts.stream().mapToInt(Parts.Part::placesA).sum()).isEqualTo(n);
        assertThat(parts.stream().mapToInt(Parts.Part::placesB).sum()).isEqualTo(m);
      }
    }
    assertThat(parted).as("some must have been parted, or nothing was tested").isPositive();
  }

  private static List<Group> groups(List<Parts.Part> parts) {
    List<Group> groups = new ArrayList<>();
    parts.forEach(part -> groups.addAll(part.plan().groups()));
    return groups;
  }
}
