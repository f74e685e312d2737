package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span.Along;
import ruxel.core.seam.Surplus;

/** What places are called: as the maker counts them, from the end that surplus is reckoned from. */
class PlaceNamesTest {
  private static final Piece SLEEVE = Panels.rectangle(new PieceId("sleeve"), 12, 8);
  private static final Piece FRONT = Panels.rectangle(new PieceId("Front"), 9, 6);
  private static final Piece BACK = Panels.rectangle(new PieceId("Back"), 9, 6);

  private static SeamMatch match(List<Piece> pieces, Seam seam) {
    ResolvedSeam resolved = SeamResolver.find(pieces, List.of(seam), seam.id()).orElseThrow();
    return SeamMatch.of(resolved, HouseRules.USUAL);
  }

  private static PlaceNames names(SeamMatch match, boolean onA) {
    return new PlaceNames(onA ? match.a() : match.b(), onA, match.intervals());
  }

  /** A sleeve of 12 over front and back of 6 row ends each, its middle on the shoulder; underarms are hidden. */
  private static SeamMatch armhole() {
    Seam seam =
        new Seam(
            new SeamId("armhole"), "Armhole", SeamRole.ARMHOLE, SideOf.of("Sleeve top", Panels.whole(new PieceId("sleeve"), "top", Along.BACKWARD)),
            SideOf.of("Armhole", Panels.whole(new PieceId("Front"), "right", Along.FORWARD), Panels.whole(new PieceId("Back"), "left", Along.FORWARD)),
            List.of(new Anchor("shoulder", "shoulder seam", Spot.cut(new PieceId("sleeve"), "top", new Cut("all", 6, Cut.End.START)), Spot.cut(new PieceId("Front"), "right", Cut.endOf("all")))),
            List.of(Seam.START, Seam.END), Seam.Working.USUAL, Optional.empty());
    return match(List.of(SLEEVE, FRONT, BACK), seam);
  }

  /** Both halves of an armhole are counted from the underarm: the front up, the back down. */
  @Test
  void bothHalvesCountFromTheUnderarm() {
    SeamMatch armhole = armhole();
    PlaceNames body = names(armhole, false);
    assertThat(body.countsDown(0, 6)).isFalse();
    assertThat(body.countsDown(6, 12)).isTrue();
    assertThat(body.name(0)).isEqualTo("front row end 1");
    assertThat(body.name(5)).isEqualTo("front row end 6");
    assertThat(body.name(6)).isEqualTo("back row end 6");
    assertThat(body.name(11)).isEqualTo("back row end 1");
    PlaceNames sleeve = names(armhole, true);
    assertThat(sleeve.name(0)).as("one edge is counted through").isEqualTo("stitch 1");
    assertThat(sleeve.name(11)).isEqualTo("stitch 12");
    assertThat(sleeve.number(7)).isEqualTo(8);
  }

  @Test
  void severalPlacesOfOneJointAreNamedTogether() {
    PlaceNames sleeve = names(armhole(), true);
    assertThat(sleeve.names(3, 1)).isEqualTo("stitch 4");
    assertThat(sleeve.names(3, 2)).isEqualTo("stitches 3 and 4");
    assertThat(sleeve.names(3, 3)).isEqualTo("stitches 2 to 4");
    PlaceNames body = names(armhole(), false);
    assertThat(body.names(1, 2)).isEqualTo("front row ends 1 and 2");
    assertThat(body.names(6, 2)).as("across two pieces each is named").isEqualTo("front row end 6, back row end 6");
    assertThat(body.names(8, 3)).as("counted against the seam").isEqualTo("back row ends 6 to 4");
  }

  /** A row of 10 mm on another gives two places: first and second of two, and both together "two places of row end". */
  @Test
  void placesOfOneRowAreTold() {
    SeamMatch sides = match(List.of(FRONT, BACK), Panels.seam(new SeamId("side"), Panels.whole(new PieceId("Front"), "right", Along.FORWARD), Panels.whole(new PieceId("Back"), "left", Along.BACKWARD)));
    PlaceNames front = names(sides, true);
    assertThat(sides.a().size()).isEqualTo(12);
    assertThat(front.name(0)).isEqualTo("row end 1, first of two");
    assertThat(front.name(3)).isEqualTo("row end 2, second of two");
    assertThat(front.names(3, 2)).isEqualTo("two places of row end 2");
    assertThat(front.names(4, 2)).isEqualTo("row ends 2 and 3");
    assertThat(front.number(11)).isEqualTo(6);
  }

  @Test
  void cornersHaveNoNumber() {
    Piece below = Panels.rectangle(new PieceId("below"), 5, 5);
    Piece cornered = below.withCorners(Map.of("right", Corner.CHAIN_2_BOTH, "top", Corner.CHAIN_2_BOTH));
    Piece above = Panels.rectangle(new PieceId("above"), 5, 5);
    SeamMatch line = match(List.of(cornered, above), Panels.seam(new SeamId("line"), Panels.whole(new PieceId("below"), "top", Along.BACKWARD), Panels.whole(new PieceId("above"), "bottom", Along.FORWARD)));
    PlaceNames names = names(line, true);
    assertThat(names.number(0)).isZero();
    assertThat(names.name(0)).isEqualTo("corner place, first of two");
    assertThat(names.names(2, 2)).as("a corner and a stitch are no pair").isEqualTo("corner place, second of two, stitch 1");
    assertThat(names.name(2)).isEqualTo("stitch 1");
  }

  @ParameterizedTest
  @CsvSource({
    "STITCH_TOP, stitch, stitches", "FOUNDATION_LOOP, foundation loop, foundation loops", "ROW_END, row end, row ends", "CHAIN_SPACE, space, spaces",
    "CORNER, corner place, corner places", "SEAM_PLACE, seam place, seam places"
  })
  void unitsHaveTheMakersWord(UnitKind kind, String one, String several) {
    assertThat(PlaceNames.word(kind)).isEqualTo(one);
    assertThat(PlaceNames.words(kind)).isEqualTo(several);
    assertThat(PlaceNames.words(1, kind)).isEqualTo(one);
    assertThat(PlaceNames.words(2, kind)).isEqualTo(several);
    assertThat(PlaceNames.counted(1, kind)).isEqualTo("1 " + one);
    assertThat(PlaceNames.counted(24, kind)).isEqualTo("24 " + several);
  }

  /** Two spans of different pieces with a place where they meet, worked: it is the seam place. */
  @Test
  void aSeamPlaceIsCalledSo() {
    Seam seam =
        new Seam(
            new SeamId("armhole"), "Armhole", SeamRole.ARMHOLE, SideOf.of("Sleeve top", Panels.whole(new PieceId("sleeve"), "top", Along.BACKWARD)),
            SideOf.of("Armhole", Panels.whole(new PieceId("Front"), "right", Along.FORWARD), Panels.whole(new PieceId("Back"), "left", Along.FORWARD)), List.of(), List.of(),
            new Seam.Working(false, Surplus.EVEN, 0, true), Optional.empty());
    SeamMatch match = match(List.of(SLEEVE, FRONT, BACK), seam);
    PlaceNames body = names(match, false);
    assertThat(match.b().size()).isEqualTo(13);
    assertThat(body.name(6)).isEqualTo("the seam place");
    assertThat(body.name(7)).isEqualTo("back row end 6");
  }
}
