package ruxel.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cut;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor.Spot;

/** Numbers of handbook 11: gathering, picots, buttons, fringe, and bands made separately. */
class TrimsTest {
  @Test
  void gatheredInOneRound() {
    assertThat(Gathering.of(60, 36)).hasValue(new Gathering(60, 36, 24, 0));
    assertThat(Gathering.of(60, 24)).hasValue(new Gathering(60, 24, 12, 12));
    assertThat(Gathering.of(60, 19)).as("two rounds").isEmpty();
    assertThat(Gathering.of(60, 61)).isEmpty();
    for (int to = 20; to <= 60; to++) {
      Gathering g = Gathering.of(60, to).orElseThrow();
      assertThat(g.plain() + g.twos() + g.threes()).isEqualTo(to);
      assertThat(g.plain()).isNotNegative();
    }
  }

  @Test
  void picotsFromPlainToPlain() {
    assertThat(Picots.on(37, 2, false)).isEqualTo(new Picots(2, 37, 18, Optional.empty(), Optional.empty()));
    assertThat(Picots.on(38, 2, false)).isEqualTo(new Picots(2, 38, 0, Optional.of(37), Optional.of(39)));
    assertThat(Picots.on(36, 3, false)).isEqualTo(new Picots(3, 36, 0, Optional.of(35), Optional.of(38)));
    assertThat(IntStream.rangeClosed(2, 40).filter(n -> Picots.on(n, 3, false).fits())).allMatch(n -> n % 3 == 2);
  }

  /** A band of 52 cm, margins of 2 cm, seven buttons: 8 cm apart; marked from both ends alike, gaps equal or one apart. */
  @Test
  void buttonsAlongABand() {
    Buttons seven = new Buttons(7, 20, 18, Optional.empty());
    assertThat(seven.gapMm(520)).isCloseTo(80, within(1e-9));
    assertThat(seven.hole(6.25)).isEqualTo(2);
    assertThat(new Buttons(2, 0, 3, Optional.empty()).hole(6.25)).isEqualTo(1);
    List<Integer> at = seven.stitches(83, 520);
    List<Integer> gaps = IntStream.range(1, 7).mapToObj(i -> at.get(i) - at.get(i - 1)).distinct().toList();
    assertThat(gaps).hasSizeLessThanOrEqualTo(2).allMatch(gap -> gap == 12 || gap == 13);
  }

  /** Curls on every second of 240 stitches, 12 cm long: 120, 28.8 m. */
  @Test
  void twistedCurls() {
    Fringe curls = new Fringe(2, 120, 1, true, Optional.empty(), Optional.empty());
    assertThat(curls.on(240)).hasSize(120).startsWith(2, 4).endsWith(240);
    assertThat(curls.on(240).size() * curls.yarnMm()).isCloseTo(28_800, within(1e-9));
    assertThat(new Fringe(3, 100, 4, false, Optional.empty(), Optional.empty()).yarnMm()).isCloseTo(800, within(1e-9));
  }

  /** Where it begins and where it stops are told: every third from 10 to 20 hangs on 10, 13, 16 and 19. */
  @Test
  void aFringeStopsWhereItIsTold() {
    Fringe part = new Fringe(3, 100, 2, false, Optional.of(10), Optional.of(20));
    assertThat(part.on(240)).containsExactly(10, 13, 16, 19);
    assertThat(part.on(15)).as("the edge ends before").containsExactly(10, 13);
    assertThat(part.on(9)).isEmpty();
    assertThat(new Fringe(5, 100, 2, false, Optional.empty(), Optional.of(4)).on(240)).isEmpty();
    assertThat(new Fringe(1, 100, 2, false, Optional.of(240), Optional.empty()).on(240)).containsExactly(240);
  }

  /** A neckband on 50 cm is 45 cm: 90 rows of 5 mm; a front band on 46 cm has 92, and not fewer than 90. */
  @Test
  void bandsMadeSeparately() {
    RibBand neck = new RibBand(RibBand.Kind.NECKBAND, 30, 5, Optional.empty(), Optional.empty(), false);
    assertThat(neck.rowsFor(edge(UnitKind.ROW_END, 500, 1))).isEqualTo(90);
    RibBand front = new RibBand(RibBand.Kind.FRONT, 30, 5, Optional.empty(), Optional.empty(), false);
    assertThat(front.rowsFor(edge(UnitKind.ROW_END, 460, 1))).isEqualTo(92);
    assertThat(front.fewest(460)).isEqualTo(90);
    assertThat(misfit(new RibBand(RibBand.Kind.FRONT, 30, 5, Optional.of(88), Optional.empty(), false), edge(UnitKind.ROW_END, 460, 1))).contains(FindingCode.BAND_LENGTH);
    assertThat(misfit(new RibBand(RibBand.Kind.FRONT, 30, 5, Optional.of(90), Optional.empty(), false), edge(UnitKind.ROW_END, 460, 1))).isEmpty();
  }

  /** Two rows for every two stitches of the edge: an even number of stitches, and about as many as the rows are to be. */
  @Test
  void bandsWorkedOn() {
    RibBand band = new RibBand(RibBand.Kind.FRONT, 40, 5, Optional.empty(), Optional.empty(), true);
    assertThat(band.stitches()).isEqualTo(8);
    Line even = edge(UnitKind.STITCH_TOP, 92, 5);
    assertThat(band.rowsFor(even)).isEqualTo(92);
    assertThat(hindrance(band, even)).isEmpty();
    assertThat(misfit(band, even)).isEmpty();
    assertThat(misfit(band, edge(UnitKind.STITCH_TOP, 74, 6.25))).as("74 rows of 5 mm on 46.25 cm").contains(FindingCode.BAND_STITCHES);
    assertThat(hindrance(band, edge(UnitKind.STITCH_TOP, 93, 5))).contains(FindingCode.BAND_ODD);
    assertThat(hindrance(band, edge(UnitKind.ROW_END, 92, 5))).contains(FindingCode.BAND_ONTO_STITCHES);
    assertThat(hindrance(new RibBand(RibBand.Kind.FRONT, 40, 5, Optional.empty(), Optional.empty(), false), edge(UnitKind.ROW_END, 93, 5))).isEmpty();
    assertThat(band.yarnMm(92, 460)).as("8 stitches of 5 mm in 92 rows, 5 times their length, and 3.5 times the edge").isCloseTo(92 * 40 * 5 + 460 * 3.5, within(1e-9));
  }

  /** 3 cm wide round an outer corner of 90°: its outer side is 2 × 3 cm short; an inner corner, or a slant of 45°, is none. */
  @Test
  void ribsDoNotTurnOuterCorners() {
    RibBand band = new RibBand(RibBand.Kind.FRONT, 30, 5, Optional.empty(), Optional.empty(), false);
    Finding turned = band.turning(on(band), turning(90, -90, 45, 90), Where.NOWHERE).orElseThrow();
    assertThat(turned.code()).isEqualTo(FindingCode.BAND_CORNER);
    assertThat(turned.sentence(Wording.USUAL)).isEqualTo("Band turns 2 outer corners and ribs lie straight: 3 cm wide, its outer side is 12 cm short there.");
    assertThat(band.turning(on(band), turning(-90, 45), Where.NOWHERE)).isEmpty();
  }

  private static Line turning(double... turns) {
    Stretch stretch = new Stretch(new PieceId("front"), "edge", 0, 0, 20, true, UnitKind.STITCH_TOP, 5, 0);
    return new Line(Arrays.stream(turns).mapToObj(turn -> stretch).toList(), Arrays.stream(turns).mapToObj(turn -> new Junction(0, false, 0, turn, List.of())).toList(), true);
  }

  private static Optional<FindingCode> misfit(RibBand band, Line line) {
    return band.misfit(on(band), line, Where.NOWHERE).map(Finding::code);
  }

  private static Optional<FindingCode> hindrance(RibBand band, Line line) {
    return band.hindrance(on(band), line, Where.NOWHERE).map(Finding::code);
  }

  private static Strip on(RibBand band) {
    return new Strip(new StripId("band"), "Band", Spot.cut(new PieceId("front"), "edge", Cut.startOf("edge")), Optional.empty(), List.of(), Strip.Multiple.ANY, false, Trims.NONE, Optional.of(band), Optional.empty());
  }

  private static Line edge(UnitKind kind, int units, double unitMm) {
    return new Line(List.of(new Stretch(new PieceId("front"), "edge", 0, 0, units, true, kind, unitMm, 0)), List.of(Junction.NONE), false);
  }

  /** Rows of hdc 8 mm high: three for two by thumb, of dc two, of tr three. */
  @Test
  void rulesOfThumb() {
    Round sc = Round.usual(Stitch.SC, 6.25);
    assertThat(Thumb.of(sc, UnitKind.ROW_END, 45, 8)).hasValue(67);
    assertThat(Thumb.of(sc, UnitKind.ROW_END, 32, 12.5)).hasValue(64);
    assertThat(Thumb.of(sc, UnitKind.ROW_END, 10, 19)).hasValue(30);
    assertThat(Thumb.of(sc, UnitKind.STITCH_TOP, 10, 6)).isEmpty();
  }
}
