package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/** Spots on edges, places of a side and half units are three ways to name one point: each leads to the others and back. */
class SpotsTest {
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void everySpotIsFoundAgain(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 40; round++) {
      SideLayout side = side(random);
      int before = 0;
      for (ResolvedSpan span : side.spans()) {
        for (int local = 1; local < 2 * span.units(); local++) {
          Spot spot = spot(span, span.ringHalf(local));
          OptionalInt position = side.positionOf(spot);
          assertThat(position).as("%s", spot).isPresent();
          assertThat(side.unitHalfOf(position.getAsInt())).isEqualTo(before + local);
          Spot again = side.spotAt(position.getAsInt());
          assertThat(again.at()).isEqualTo(spot.at());
          assertThat(again.piece()).isEqualTo(spot.piece());
          assertThat(again.cut().on(span.edge())).isEqualTo(spot.cut().on(span.edge()));
        }
        before += 2 * span.units();
      }
      assertThat(side.unitHalfOf(0)).isZero();
      assertThat(side.unitHalfOf(2 * side.size())).isEqualTo(before);
    }
  }

  /** Each span gives its places, and one more between two where the seam place is worked. */
  @ParameterizedTest
  @ValueSource(longs = {7, 8, 9})
  void placesAddUp(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 40; round++) {
      SideLayout side = side(random);
      double length = 0;
      int places = 0;
      for (Place place : side.places()) {
        length += place.widthMm();
        places++;
      }
      assertThat(side.size()).isEqualTo(places);
      assertThat(side.lengthMm(0, places)).isCloseTo(length, within(1e-9));
      assertThat(side.lengthMm(places, 0)).isZero();
      assertThat(side.breaks()).hasSize(side.spans().size() - 1).isSorted().allMatch(side::isBreak);
      for (int cut : side.breaks()) {
        assertThat(side.isSeamPlace(2 * cut)).isTrue();
      }
    }
  }

  @Test
  void aSpotElsewhereIsNotOnTheSide() {
    SideLayout side = side(new Random(3));
    assertThat(side.positionOf(Spot.cut(new PieceId("none"), "top", new Cut("all", 0, Cut.End.START)))).isEmpty();
    assertThat(side.positionOf(Spot.cut(new PieceId("p0"), "none", new Cut("all", 0, Cut.End.START)))).isEmpty();
    assertThat(side.positionOf(Spot.cut(new PieceId("p0"), side.spans().get(0).edge().id(), new Cut("none", 0, Cut.End.START)))).isEmpty();
  }

  private static Spot spot(ResolvedSpan span, int ring) {
    Cut cut = Cut.at(span.edge(), ring / 2);
    return ring % 2 == 1 ? Spot.unit(span.piece().id(), span.edge().id(), cut) : Spot.cut(span.piece().id(), span.edge().id(), cut);
  }

  /** One to three whole edges, stitches or row ends, of one, two or three places a row; the seam places worked or not. */
  private static SideLayout side(Random random) {
    List<Piece> pieces = new ArrayList<>();
    List<Span> spans = new ArrayList<>();
    for (int i = 0; i <= random.nextInt(3); i++) {
      PieceId id = new PieceId("p" + i);
      pieces.add(Panels.rectangle(id, 1 + random.nextInt(9), 1 + random.nextInt(9)));
      spans.add(Panels.whole(id, random.nextBoolean() ? "top" : "right", random.nextBoolean() ? Span.Along.FORWARD : Span.Along.BACKWARD));
    }
    pieces.add(Panels.rectangle(new PieceId("other"), 20, 20));
    Optional<Integer> places = random.nextBoolean() ? Optional.empty() : Optional.of(1 + random.nextInt(3));
    Seam seam =
        Panels.seam(new SeamId("s"), SeamRole.OTHER, new Seam.SideOf("A", spans, places, Seam.Spaces.ROUND), Seam.SideOf.of("B", Panels.whole(new PieceId("other"), "bottom", Span.Along.FORWARD)))
            .withWorking(new Seam.Working(false, Surplus.EVEN, 0, random.nextBoolean()));
    ResolvedSeam resolved = SeamResolver.find(pieces, List.of(seam), new SeamId("s")).orElseThrow();
    return SideLayout.of(resolved, Side.A, HouseRules.USUAL);
  }
}
