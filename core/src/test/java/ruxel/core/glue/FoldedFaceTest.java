package ruxel.core.glue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Face;
import ruxel.core.piece.Run;
import ruxel.core.piece.Shape;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Join;

/** A face that is not plane brings its own angles: a hexagon folded to two right angles a side (handbook 9.2, model 1). */
class FoldedFaceTest {
  /** Six sides of eight units; no plane outline could close with six corners of 90°. */
  private record Hexagon(PieceId id) implements Face {
    @Override
    public String name() {
      return id.text();
    }

    @Override
    public List<Edge> edges() {
      return IntStream.range(0, 6).mapToObj(e -> Edge.of("e" + e, "side " + e, List.of(Run.plain("all", UnitKind.STITCH_TOP, 8, new Advance(10, 0))))).toList();
    }

    @Override
    public Shape shape() {
      return new Shape.Folded(List.of(90.0, 90.0, 90.0, 90.0, 90.0, 90.0), List.of(8, 8, 8, 8, 8, 8), 16_000);
    }

    @Override
    public boolean isBack() {
      return false;
    }
  }

  @Test
  void aLoneHexagonHasOneOpeningWithItsOwnCorners() {
    Gluing gluing = Gluing.of(List.of(new Hexagon(new PieceId("a"))), List.of());
    assertThat(Openings.of(gluing)).singleElement().satisfies(
        opening -> {
          assertThat(opening.lengthMm()).isEqualTo(480);
          assertThat(opening.angles()).hasSize(6).containsOnly(90.0);
        });
  }

  /** Where a side is cut in its middle it is straight there; at its ends the corners are its neighbours'. */
  @Test
  void withinASideItIsStraight() {
    Shape folded = new Hexagon(new PieceId("a")).shape();
    assertThat(folded.angleAt(2, 0)).isEqualTo(90);
    assertThat(folded.angleAt(2, 7)).isEqualTo(180);
    assertThat(folded.angleAt(5, 16)).as("the corner before the first edge").isEqualTo(90);
    assertThat(folded.areaMm2()).isEqualTo(16_000);
  }

  @Test
  void joinsAreTheSameByKindAndId() {
    assertThat(Join.seam(new SeamId("a"))).isEqualTo(new Join.OfSeam(new SeamId("a"))).isNotEqualTo(Join.seam(new SeamId("b")));
    Gluing gluing = Gluing.of(List.of(new Hexagon(new PieceId("a"))), List.of());
    assertThat(gluing.withOnly(Join.seam(new SeamId("a"))::equals).segments()).allMatch(segment -> segment.join().equals(Optional.empty()));
  }
}
