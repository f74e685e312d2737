package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;
import ruxel.core.seam.Surplus;

/** A seam cut into intervals at its anchors, and the end from which each reckons its surplus (model 3). */
class IntervalsTest {
  private static final double MM = 7.5;

  private static SeamMatch match(int n, int m, List<Anchor> anchors, List<String> hidden) {
    return match(n, m, anchors, hidden, Surplus.EVEN);
  }

  private static SeamMatch match(int n, int m, List<Anchor> anchors, List<String> hidden, Surplus surplus) {
    Piece a = Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, n, List.of());
    Piece b = Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM * n / m, m, List.of());
    return Sides.match(a, b, anchors, hidden, new Seam.Working(false, surplus, 0, false));
  }

  /** From the hidden end, whatever pins stand between; the two intervals beside the centre have opposite ones. */
  @ParameterizedTest
  @CsvSource(delimiter = '|', nullValues = "-", value = {
    "- | 10 20 | START START START",
    "START | 10 20 | START START START",
    "END | 10 20 | END END END",
    "START END | 10 | START END",
    "START END | 9 20 31 | START START END END",
    "START END | 20 | START END",
    "START END | 5 10 22 | START START START END",
    "START END | 18 30 35 | START END END END",
    "pin.20 | 10 20 30 | END END START START",
    "START pin.20 | 10 20 30 | START END START START",
    "pin.10 END | 10 20 30 | END START END END"
  })
  void surplusIsReckonedFromTheHiddenEnd(String hidden, String pins, String from) {
    List<Anchor> anchors = Arrays.stream(pins.split(" ")).map(Integer::valueOf).map(at -> Sides.anchor("pin." + at, at, at)).toList();
    SeamMatch match = match(40, 40, anchors, hidden == null ? List.of() : List.of(hidden.split(" ")));
    assertThat(match.intervals()).extracting(Interval::from).extracting(From::name).containsExactly(from.split(" "));
    assertThat(match.intervals()).extracting(Interval::placesA).allMatch(places -> places > 0);
    assertThat(match.intervals().stream().mapToInt(Interval::placesA).sum()).isEqualTo(40);
  }

  /** Place on place takes both out of the intervals beside; half of each counts to their lengths. */
  @Test
  void aPlaceOnAPlaceIsAJointOfItsOwn() {
    Anchor pin = new Anchor("pin", "pin", Spot.unit(new PieceId("a"), "e", Sides.cut(10)), Spot.unit(new PieceId("b"), "e", Sides.cut(12)));
    SeamMatch match = match(30, 36, List.of(pin), List.of());
    assertThat(match.intervals()).extracting(Interval::placesA).containsExactly(10, 19);
    assertThat(match.intervals()).extracting(Interval::placesB).containsExactly(12, 23);
    Interval first = match.intervals().get(0);
    Interval second = match.intervals().get(1);
    assertThat(first.lengthA(match.a())).isEqualTo(10.5 * MM, within(1e-9));
    assertThat(second.lengthA(match.a())).isEqualTo(19.5 * MM, within(1e-9));
    assertThat(first.lengthB(match.b())).isEqualTo(12.5 * MM * 30 / 36, within(1e-9));
    assertThat(second.lengthB(match.b())).isEqualTo(23.5 * MM * 30 / 36, within(1e-9));
    Joints.Joint own = match.joints().stream().filter(joint -> joint.interval() < 0).findFirst().orElseThrow();
    assertThat(own.a()).isEqualTo(10);
    assertThat(own.b()).isEqualTo(12);
  }

  @Test
  void whatCannotBeIsNamedAndNothingIsPlanned() {
    Anchor half = new Anchor("half", "half", Spot.unit(new PieceId("a"), "e", Sides.cut(10)), Spot.cut(new PieceId("b"), "e", Sides.cut(12)));
    Finding onB = only(match(30, 36, List.of(half), List.of()), FindingCode.ANCHOR_HALF);
    assertThat(text(onB, "before")).isEqualTo("place 12");
    assertThat(text(onB, "after")).isEqualTo("place 13");
    Anchor turned = new Anchor("half", "half", Spot.cut(new PieceId("a"), "e", Sides.cut(10)), Spot.unit(new PieceId("b"), "e", Sides.cut(12)));
    assertThat(text(only(match(30, 36, List.of(turned), List.of()), FindingCode.ANCHOR_HALF), "before")).isEqualTo("place 10");
    Anchor off = new Anchor("off", "off", Spot.cut(new PieceId("a"), "back", Sides.cut(1)), Spot.cut(new PieceId("b"), "e", Sides.cut(12)));
    assertThat(only(match(30, 36, List.of(off), List.of()), FindingCode.ANCHOR_OFF_SEAM).where().seam()).contains(new SeamId("s"));
    Finding crossed = only(match(30, 36, List.of(Sides.anchor("one", 10, 20), Sides.anchor("two", 20, 10)), List.of()), FindingCode.ANCHORS_CROSS);
    assertThat(text(crossed, "first")).isEqualTo("one");
    assertThat(text(crossed, "second")).isEqualTo("two");
    only(match(30, 36, List.of(Sides.anchor("one", 10, 20), Sides.anchor("two", 10, 25)), List.of()), FindingCode.ANCHORS_CROSS);
  }

  /** One or the other place of a unit fixed, and nothing of one side left between: said with what is left over. */
  @Test
  void anIntervalWithPlacesOnOneSideOnlyIsNamed() {
    Anchor one = new Anchor("one", "one", Spot.unit(new PieceId("a"), "e", Sides.cut(10)), Spot.unit(new PieceId("b"), "e", Sides.cut(12)));
    Anchor two = new Anchor("two", "two", Spot.unit(new PieceId("a"), "e", Sides.cut(11)), Spot.unit(new PieceId("b"), "e", Sides.cut(15)));
    Finding empty = only(match(30, 36, List.of(one, two), List.of()), FindingCode.EMPTY_INTERVAL);
    assertThat(empty.facts()).anyMatch(fact -> fact.name().equals("count") && fact.toString().contains("2"));
    Anchor next = new Anchor("next", "next", Spot.unit(new PieceId("a"), "e", Sides.cut(11)), Spot.unit(new PieceId("b"), "e", Sides.cut(13)));
    assertThat(match(30, 36, List.of(one, next), List.of()).isPlanned()).as("nothing lies between on either").isTrue();
  }

  @Test
  void aPolicyThatCannotBeKeptNamesTheIntervalAndBothCounts() {
    Finding nowhere = only(match(10, 9, List.of(), List.of(), Surplus.NOWHERE), FindingCode.COUNTS_DIFFER);
    assertThat(nowhere.facts()).extracting(Object::toString).anyMatch(fact -> fact.contains("10")).anyMatch(fact -> fact.contains("9"));
    assertThat(match(10, 10, List.of(), List.of(), Surplus.NOWHERE).isPlanned()).isTrue();
    only(match(10, 9, List.of(), List.of(), Surplus.SKIP), FindingCode.SKIP_STITCHES);
    only(match(9, 10, List.of(), List.of(), Surplus.SKIP), FindingCode.SKIP_STITCHES);
    assertThat(match(10, 10, List.of(), List.of(), Surplus.SKIP).isPlanned()).isTrue();
    for (boolean largerIsA : new boolean[] {true, false}) {
      Piece rows = Sides.piece(new PieceId("a"), UnitKind.ROW_END, MM, largerIsA ? 40 : 5, List.of());
      Piece others = Sides.piece(new PieceId("b"), UnitKind.ROW_END, MM, largerIsA ? 5 : 40, List.of());
      only(Sides.match(rows, others, List.of(), new Seam.Working(false, Surplus.SKIP, 0, false)), FindingCode.SKIP_TOO_MANY);
    }
  }

  /** Rows may be passed over where they are the more, on whichever side; stitches of the fewer do not matter. */
  @Test
  void onlyTheSideWithMoreIsPassedOver() {
    Piece rows = Sides.piece(new PieceId("a"), UnitKind.ROW_END, MM, 21, List.of());
    Piece tops = Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM, 20, List.of());
    assertThat(Sides.match(rows, tops, List.of(), new Seam.Working(false, Surplus.SKIP, 0, false)).isPlanned()).isTrue();
    Piece few = Sides.piece(new PieceId("a"), UnitKind.ROW_END, MM, 20, List.of());
    Piece more = Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM, 21, List.of());
    only(Sides.match(few, more, List.of(), new Seam.Working(false, Surplus.SKIP, 0, false)), FindingCode.SKIP_STITCHES);
  }

  /** Stitches among the rows of the longer side forbid nothing while the rows suffice; only where one of them would be left out. */
  @Test
  void onlyAStitchThatWouldBePassedOverForbidsIt() {
    Piece few = Sides.piece(new PieceId("b"), UnitKind.ROW_END, MM, 20, List.of());
    for (int tops : new int[] {1, 12, 20}) {
      SeamMatch match = Sides.match(rowsThenTops(24 - tops, tops), few, List.of(), new Seam.Working(false, Surplus.SKIP, 0, false));
      assertThat(match.isPlanned()).as("%d tops", tops).isEqualTo(tops < 20);
      assertThat(match.plans().stream().flatMap(plan -> plan.groups().stream()).filter(Group::leftOut)).hasSize(tops < 20 ? 4 : 0);
    }
    only(Sides.match(rowsThenTops(3, 21), few, List.of(), new Seam.Working(false, Surplus.SKIP, 0, false)), FindingCode.SKIP_STITCHES);
  }

  private static Piece rowsThenTops(int rows, int tops) {
    Piece plain = Sides.piece(new PieceId("a"), UnitKind.ROW_END, MM, rows, List.of());
    Edge edge = plain.edges().get(0);
    Run more = new Run("t", UnitKind.STITCH_TOP, Counts.planned(tops), new Advance(0, MM), Fabric.PLAIN, false);
    return plain.withEdges(List.of(Edge.of("e", "edge", List.of(edge.runs().get(0), more)), plain.edges().get(1)));
  }

  /**
   * A stretch between markers more than one step of the ladder above the seam is named with its longer side, from 5 mm on; not where
   * surplus is meant to gather.
   */
  @ParameterizedTest
  @CsvSource({"80, 70, MATCHED, a", "70, 80, MATCHED, b", "80, 74, MATCHED, a", "80, 70, EASE_WITH_MARKERS, ", "80, 70, EASE_EVENLY, a", "80, 78, MATCHED, ", "50, 45.1, MATCHED, ", "50, 44.9, EASE_EVENLY, a", "80, 74, EASE_EVENLY, "})
  void aStretchMuchLessAlikeThanTheWholeIsNamed(double onA, double onB, Ease.Verdict whole, String longer) {
    SeamMatch plain = match(40, 40, List.of(), List.of());
    Ease of = new Ease(300, 300, 0, whole, 0);
    LocalSurplus stretch = new LocalSurplus("marker 1", "marker 2", 80, 80 + onA, 80, 80 + onB, Ease.of(onA, onB, 0, Ease.Give.USUAL, HouseRules.USUAL));
    List<Finding> named = LocalSurplus.named(plain.seam().seam(), List.of(stretch), plain.intervals(), plain.a(), of, HouseRules.USUAL);
    assertThat(named.stream().map(finding -> text(finding, "longer"))).containsExactlyElementsOf(Optional.ofNullable(longer).stream().toList());
    named.forEach(finding -> assertThat(text(finding, "start") + " to " + text(finding, "end")).isEqualTo("marker 1 to marker 2"));
  }

  @Test
  void whereSurplusIsSteeredToItIsNotNamed() {
    SeamMatch steered = match(90, 86, List.of(), List.of(Seam.START), Surplus.TO_HIDDEN);
    assertThat(steered.intervals()).extracting(Interval::gathers).containsExactly(true, false);
    assertThat(steered.findings()).extracting(Finding::code).doesNotContain(FindingCode.LOCAL_SURPLUS);
    double border = steered.a().lengthMm(0, steered.intervals().get(0).aToExclusive());
    for (double middle : new double[] {border - 1, border + 1}) {
      LocalSurplus stretch = new LocalSurplus("a", "b", middle - 40, middle + 40, 0, 60, Ease.of(80, 60, 0, Ease.Give.USUAL, HouseRules.USUAL));
      List<Finding> named = LocalSurplus.named(steered.seam().seam(), List.of(stretch), steered.intervals(), steered.a(), new Ease(0, 0, 0, Ease.Verdict.MATCHED, 0), HouseRules.USUAL);
      assertThat(named).hasSize(middle < border ? 0 : 1);
    }
  }

  /** Judged against what is meant: the side that is meant to be fuller, gathered by its share. */
  @ParameterizedTest
  @CsvSource({"120, 100, 0.2, A, MATCHED", "120, 100, 0.2, B, STOP", "100, 120, 0.2, B, MATCHED", "100, 120, 0.2, A, STOP", "120, 100, 0.2, , MATCHED", "100, 120, 0.2, , MATCHED", "100, 100, 0, A, MATCHED", "1000, 1000, 0.2, A, STOP"})
  void fullnessIsMeantOfOneSide(double a, double b, double share, Side side, Ease.Verdict verdict) {
    Ease ease = Ease.of(a, b, 1, Ease.Give.USUAL, new Ease.Full(share, Optional.ofNullable(side)), HouseRules.USUAL);
    assertThat(ease.verdict()).isEqualTo(verdict);
    assertThat(ease.differenceMm()).isEqualTo(Math.abs(a - b));
    assertThat(ease.aMm()).isEqualTo(a);
  }

  private static Finding only(SeamMatch match, FindingCode code) {
    assertThat(match.isPlanned()).isFalse();
    assertThat(match.intervals()).isEmpty();
    List<Finding> of = match.findings().stream().filter(finding -> finding.code() == code).toList();
    assertThat(of).as("%s", match.findings()).hasSize(1);
    return of.get(0);
  }

  private static String text(Finding finding, String name) {
    return finding.facts().stream().filter(fact -> fact.name().equals(name)).map(fact -> ((Fact.Text) fact).text()).findFirst().orElseThrow();
  }
}
