package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;

/** Markers and the stretches between them (handbook 6, model 3). */
class CheckpointsTest {
  private static final double MM = 7.5;

  private static SeamMatch plain(int n, int m, boolean together) {
    return Sides.match(
        Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, n, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM, m, List.of()), List.of(),
        new Seam.Working(together, Surplus.EVEN, 0, false));
  }

  /** No stretch is longer than the house allows, in joints and in mm, and they add up to both sides without running back. */
  private static void holds(SeamMatch match, String what) {
    int since = 0;
    List<Integer> stops = new ArrayList<>(match.checkpoints().stream().map(Checkpoint::joint).toList());
    stops.add(match.joints().size());
    for (int stop : stops) {
      assertThat(stop - since).as("%s: joints up to %d", what, stop).isBetween(0, 12);
      since = stop;
    }
    double a = 0;
    double b = 0;
    for (int i = 0; i < match.stretches().size(); i++) {
      LocalSurplus stretch = match.stretches().get(i);
      assertThat(stretch.aFromMm()).as(what).isEqualTo(a, within(1e-6));
      assertThat(stretch.bFromMm()).as(what).isEqualTo(b, within(1e-6));
      assertThat(stretch.aToMm()).as(what).isGreaterThanOrEqualTo(a - 1e-9);
      assertThat(stretch.bToMm()).as(what).isGreaterThanOrEqualTo(b - 1e-9);
      a = stretch.aToMm();
      b = stretch.bToMm();
      boolean oneJoint = stops.get(i) - (i == 0 ? 0 : stops.get(i - 1)) == 1 || Math.max(stretch.aToMm() - stretch.aFromMm(), stretch.bToMm() - stretch.bFromMm()) <= 80 + 1e-6;
      assertThat(oneJoint).as("%s: %s", what, stretch).isTrue();
    }
    assertThat(a).as(what).isEqualTo(match.a().lengthMm(0, match.a().size()), within(1e-6));
    assertThat(b).as(what).isEqualTo(match.b().lengthMm(0, match.b().size()), within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({"20, 44, true", "20, 44, false", "51, 28, false", "12, 12, false", "13, 13, false", "300, 287, false", "2000, 1, false", "500, 3, false", "2, 2, false"})
  void noStretchIsLongerThanTheHouseAllows(int n, int m, boolean together) {
    holds(plain(n, m, together), n + " on " + m);
  }

  /**
   * Where the markers stand, by hand: the fewest even steps of at most 12 joints and 80 mm; at every repeat of a rhythm, or every second
   * where that keeps to them.
   */
  @ParameterizedTest
  @CsvSource(delimiter = '|', value = {
    "10 | 10 | 3   |",
    "12 | 12 | 3   |",
    "13 | 13 | 3   | STEP 7",
    "20 | 20 | 3   | STEP 10",
    "12 | 12 | 10  | STEP 6",
    "24 | 24 | 7.5 | STEP 8, STEP 16",
    "30 | 30 | 7.5 | STEP 10, STEP 20",
    "16 | 16 | 5   | STEP 8",
    "17 | 17 | 5   | STEP 9",
    "30 | 24 | 7.5 | REPEAT 10, REPEAT 20",
    "30 | 24 | 8   | REPEAT 10, REPEAT 20",
    "30 | 24 | 8.1 | REPEAT 5, REPEAT 10, REPEAT 15, REPEAT 20, REPEAT 25",
    "24 | 12 | 3   | STEP 12",
    "36 | 12 | 3   | STEP 12, STEP 24"
  })
  void markersStandWhereTheRuleSays(int n, int m, double mm, String markers) {
    SeamMatch match = Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, mm, n, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, mm * n / m, m, List.of()), List.of(), Seam.Working.USUAL);
    assertThat(match.checkpoints().stream().map(c -> c.kind() + " " + c.joint()).collect(Collectors.joining(", "))).isEqualTo(markers == null ? "" : markers);
    assertThat(match.checkpoints()).extracting(Checkpoint::number).containsExactlyElementsOf(IntStream.rangeClosed(1, match.checkpoints().size()).boxed().toList());
  }

  /** Where one stitch alone takes more than the limits, a marker stands inside what goes into it, after twelve joints. */
  @Test
  void aGroupLongerThanTheLimitsIsMarkedInside() {
    SeamMatch match = Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, 3, 40, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, 60, 1, List.of()), List.of(), Seam.Working.USUAL);
    assertThat(match.checkpoints()).extracting(Checkpoint::joint).containsExactly(12, 24, 36);
    holds(match, "40 on 1");
  }

  /** A stretch that is much less alike than the whole is named, unless it is short, or surplus is meant to gather there. */
  @Test
  void aStretchMuchUnlikeTheWholeIsNamed() {
    Anchor pin = new Anchor("x", "pin", Anchor.Spot.cut(new PieceId("a"), "e", new Cut("r", 20, Cut.End.START)), Anchor.Spot.cut(new PieceId("b"), "e", new Cut("r", 17, Cut.End.START)));
    SeamMatch uneven = Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, 40, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM, 40, List.of()), List.of(pin), Seam.Working.USUAL);
    List<Finding> named = uneven.findings().stream().filter(finding -> finding.code() == FindingCode.LOCAL_SURPLUS).toList();
    assertThat(named).as("15 %% over half the seam is the verdict of the seam itself").isEmpty();
    double[] whole = uneven.stretches().stream().mapToDouble(stretch -> stretch.ease().aMm() - stretch.ease().bMm()).toArray();
    assertThat(Arrays.stream(whole).sum()).as("as long altogether").isCloseTo(0, within(1e-6));
    assertThat(Arrays.stream(whole).max().orElseThrow()).as("what is too long before the pin is too short behind it").isPositive();
    assertThat(uneven.stretches().get(0).start()).isNotEqualTo("marker 0");
    assertThat(uneven.stretches().get(1).start()).isEqualTo("marker 1");
    assertThat(uneven.stretches().get(0).end()).isEqualTo("marker 1");
  }

  @Test
  void placesPassedOverCountToTheStretchTheyLieIn() {
    SeamMatch match =
        Sides.match(
            Sides.piece(new PieceId("a"), UnitKind.ROW_END, 8, 40, List.of()), Sides.piece(new PieceId("b"), UnitKind.ROW_END, 8, 29, List.of()), List.of(),
            new Seam.Working(false, Surplus.SKIP, 0, false));
    assertThat(match.isPlanned()).isTrue();
    holds(match, "40 on 29, passed over");
  }

  /** 2 on 2 with the last place fixed: the marker stands in its middle, half of it lies behind. */
  @Test
  void aPlaceFixedAtTheEndIsPartedInItsMiddle() {
    Anchor last =
        new Anchor("x", "last", Anchor.Spot.unit(new PieceId("a"), "e", new Cut("r", 1, Cut.End.START)), Anchor.Spot.unit(new PieceId("b"), "e", new Cut("r", 1, Cut.End.START)));
    SeamMatch match =
        Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, 10, 2, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, 10, 2, List.of()), List.of(last), Seam.Working.USUAL);
    assertThat(match.stretches()).extracting(LocalSurplus::aToMm).containsExactly(15.0, 20.0);
    holds(match, "2 on 2");
  }

  /** Stripes after 5 and 11 of 20 stitches, a repeat after 15 of B: each has its marker, with its name. */
  @Test
  void landmarksOfBothSidesHaveMarkers() {
    Landmark stripe = new Landmark("s", "stripe", Landmark.Kind.STRIPE, new Cut("r", 5, Cut.End.START), 6, 2, Optional.empty());
    Landmark repeat = Landmark.once("p", "leaf", Landmark.Kind.REPEAT, new Cut("r", 15, Cut.End.START));
    SeamMatch match =
        Sides.match(Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, MM, 20, List.of(stripe)), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, MM, 20, List.of(repeat)), List.of(), Seam.Working.USUAL);
    assertThat(match.checkpoints()).filteredOn(c -> c.kind() == Checkpoint.Kind.LANDMARK)
        .extracting(c -> c.name() + " " + c.joint())
        .containsExactly("stripe 5", "stripe 11", "leaf 15");
    holds(match, "with landmarks");
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void anySeamKeepsTheLimits(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 60; round++) {
      int n = 1 + random.nextInt(90);
      int m = 1 + random.nextInt(90);
      List<Anchor> anchors = new ArrayList<>();
      if (n > 3 && m > 3 && random.nextBoolean()) {
        boolean unit = random.nextBoolean();
        Cut onA = new Cut("r", 1 + random.nextInt(n - 2), Cut.End.START);
        Cut onB = new Cut("r", 1 + random.nextInt(m - 2), Cut.End.START);
        anchors.add(
            unit
                ? new Anchor("x", "pin", Anchor.Spot.unit(new PieceId("a"), "e", onA), Anchor.Spot.unit(new PieceId("b"), "e", onB))
                : new Anchor("x", "pin", Anchor.Spot.cut(new PieceId("a"), "e", onA), Anchor.Spot.cut(new PieceId("b"), "e", onB)));
      }
      SeamMatch match =
          Sides.match(
              Sides.piece(new PieceId("a"), UnitKind.STITCH_TOP, 3 + random.nextInt(5), n, List.of()), Sides.piece(new PieceId("b"), UnitKind.STITCH_TOP, 3 + random.nextInt(5), m, List.of()), anchors,
              new Seam.Working(random.nextInt(4) == 0 && Math.max(n, m) < 5 * Math.min(n, m), random.nextBoolean() ? Surplus.EVEN : Surplus.TO_HIDDEN, 0, false));
      if (match.isPlanned()) {
        holds(match, "seed %d, round %d: %d on %d".formatted(seed, round, n, m));
      }
    }
  }
}
