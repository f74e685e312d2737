package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fold;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Run;
import ruxel.core.piece.Shape;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Join;

class FoldedFaceTest {
  /** Six sides of eight units of 10 mm, folded to an L; no plane outline could close with six corners of 90°. */
  private static Piece hexagon(int units) {
    return new Piece(
            new PieceId("a"), "A", Piece.Part.HALF,
            List.of(side("top", units, -10, 0), side("front", units, 0, -10), halved("hem", units, 10, 0), side("back", units, 0, 10), side("under", units, 10, 0), halved("cuff", units, 0, -10)),
            Optional.empty(), new Cloth(10, 10, 10, Cloth.Dye.WOAD, Cloth.Dye.WELD))
        .foldedAlong(new Fold(Fold.Spot.before("cuff", "other"), Fold.Spot.before("hem", "other"), Fold.Way.CORNER, Optional.empty()));
  }

  private static Edge side(String id, int units, double dx, double dy) {
    return Edge.of(id, id, List.of(run("all", units, new Advance(dx, dy))));
  }

  private static Edge halved(String id, int units, double dx, double dy) {
    Run one = run("one", units / 2, new Advance(dx, dy));
    Run other = run("other", units / 2, new Advance(-dx, -dy));
    return Edge.of(id, id, units % 2 == 0 ? List.of(one, other) : List.of(one, run("fold", 1, Advance.over(10)), other));
  }

  private static Run run(String id, int units, Advance advance) {
    return Run.plain(id, UnitKind.STITCH_TOP, units, advance);
  }

  @Test
  void aLoneHexagonHasOneOpeningWithItsOwnCorners() {
    for (int units : new int[] {8, 9}) {
      Gluing gluing = Gluing.of(List.of(hexagon(units)), List.of());
      assertThat(Openings.of(gluing)).singleElement().satisfies(
          opening -> {
            assertThat(opening.lengthMm()).isEqualTo(60.0 * units);
            assertThat(opening.angles()).hasSize(6).allSatisfy(angle -> assertThat(angle).isEqualTo(90, within(1e-9)));
          });
    }
  }

  /** Where a side is cut in its middle, on the fold too, it is straight there; at its ends the corners are its neighbours'. */
  @Test
  void withinASideItIsStraight() {
    for (int units : new int[] {8, 9}) {
      Shape folded = hexagon(units).shape();
      for (int edge = 0; edge < 6; edge++) {
        assertThat(folded.angleAt(edge, 0)).as("edge %d", edge).isEqualTo(90, within(1e-9));
        assertThat(folded.angleAt(edge, 2 * units)).as("edge %d", edge).isEqualTo(90, within(1e-9));
        for (int half = 1; half < 2 * units; half++) {
          assertThat(folded.angleAt(edge, half)).as("edge %d, half %d", edge, half).isEqualTo(180, within(1e-9));
        }
      }
    }
  }

  /** Six sectors, each with a right angle in the middle: together as large as two Ls, three quarters of a square of its side each. */
  @Test
  void itsAreaIsThatOfBothLayers() {
    assertThat(hexagon(8).shape().areaMm2()).isEqualTo(2 * 0.75 * 80 * 80, within(1e-9));
    assertThat(hexagon(9).shape().areaMm2()).isEqualTo(2 * 0.75 * 90 * 90, within(1e-9));
    assertThat(hexagon(8).mirrored(new PieceId("b"), "B", Map.of()).shape().areaMm2()).isEqualTo(2 * 0.75 * 80 * 80, within(1e-9));
  }

  @Test
  void joinsAreTheSameByKindAndId() {
    assertThat(Join.seam(new SeamId("a"))).isEqualTo(new Join.OfSeam(new SeamId("a"))).isNotEqualTo(Join.seam(new SeamId("b")));
    Gluing gluing = Gluing.of(List.of(hexagon(8)), List.of());
    assertThat(gluing.withOnly(Join.seam(new SeamId("a"))::equals).segments()).allMatch(segment -> segment.join().equals(Optional.empty()));
  }
}
