package ruxel.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.EdgingWorked;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.glue.Gluing;
import ruxel.core.glue.Surface;
import ruxel.core.identity.StripId;
import ruxel.core.layout.KeptRow;
import ruxel.core.layout.Layout;
import ruxel.core.layout.RowStrip;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.piece.StraightOn;

/** A row that belongs to a piece, glued onto it as a face of its own, makes the same surface as the piece that has taken it in: one border, as long. */
class RowTakenInTest {
  @Tag("property")
  @ParameterizedTest
  @MethodSource("constructions")
  void gluedOnOrTakenInItIsTheSameSurface(Template template) {
    Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
    for (Piece bare : pieces(garment)) {
      for (Edge edge : bare.edges()) {
        int stitches = edge.units() + 1;
        Outcome<Garment> edged = new EdgingWorked(bare.id(), edge.id(), 2, 6, stitches).apply(garment);
        if (StraightOn.within(edge.runs()) && edged instanceof Outcome.Good<Garment> good) {
          List<Piece> pieces = pieces(good.value());
          KeptRow row = KeptRow.all(pieces, List.of(), good.value().settings(), Hand.RIGHT).get(0);
          WorkedOn worked = RowStrip.of(row, new StripId("row"), "Row", List.of(new Round(Stitch.SC, 6, 6, false), new Round(Stitch.SC, 6, 6, true)), Hand.RIGHT);
          Piece under = RowStrip.under(row.piece());
          assertThat(under.edges()).extracting(Edge::runs).isEqualTo(bare.edges().stream().map(Edge::runs).toList());
          assertThat(worked.outerUnits()).isEqualTo(stitches);
          Gluing glued = Gluing.of(List.of(under, worked.face()), StripFace.joins(worked.strip().id(), worked.face(), worked.line(), List.of(under)));
          Gluing takenIn = Gluing.of(List.of(row.piece()), List.of());
          assertThat(characteristic(glued)).isEqualTo(characteristic(takenIn)).isEqualTo(1);
          assertThat(Surface.of(glued).openings()).hasSameSizeAs(Surface.of(takenIn).openings()).hasSize(1);
          assertThat(border(glued)).as(bare.id() + ", " + edge.id()).isCloseTo(border(takenIn), within(1e-6));
        }
      }
    }
  }

  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  private static int characteristic(Gluing gluing) {
    return Surface.of(gluing).parts().stream().mapToInt(Surface.Part::euler).sum();
  }

  private static double border(Gluing gluing) {
    return Surface.of(gluing).openings().get(0).segments().stream().map(gluing::segment).mapToDouble(gluing::lengthMm).sum();
  }

  private static List<Piece> pieces(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct().pieces();
  }
}
