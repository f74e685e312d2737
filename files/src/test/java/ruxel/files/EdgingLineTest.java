package ruxel.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Outline.Box;
import ruxel.core.piece.Outline.Point;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Edgings in the picture of the pieces: outside of them, as far as they are high, with the stitches of each stretch. */
class EdgingLineTest {
  private static final Round SC = new Round(Stitch.SC, 6.25, 6.25, false);

  /** Two rounds of 6.25 mm along both hems: 12.5 mm below the front and above the back, which lies upside down. */
  @Test
  void theyLieOutsideThePieces() {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    Spot from = plan(vest).gluing().openings().stream().filter(open -> open.name().equals("Hem")).findFirst().orElseThrow().start();
    Strip hem = new Strip(new StripId("hem"), "Hem edging", from, Optional.empty(), List.of(SC, SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
    GarmentPlan plan = plan(((Outcome.Good<Garment>) new StripAdded(hem).apply(vest)).value());
    List<EdgingLine> lines = EdgingLine.of(plan);
    assertThat(lines).hasSize(2).allSatisfy(line -> assertThat(line.stitches()).contains(plan.strips().get(0).rounds().get(0).segments().get(0).stitches()));
    Box pieces =
        Box.round(
            plan.pieces().stream()
                .flatMap(piece -> piece.edges().stream().flatMap(edge -> edge.runs().stream()).map(run -> piece.placement().onTable(new Point(run.x(), run.y()))))
                .toList());
    Box edgings = Box.round(lines.stream().flatMap(line -> line.points().stream()).toList());
    assertThat(edgings.bottom()).isCloseTo(pieces.bottom() - 12.5, within(1e-6));
    assertThat(edgings.top()).isCloseTo(pieces.top() + 12.5, within(1e-6));
    assertThat(edgings.width()).isCloseTo(pieces.width(), within(1e-6));
    assertThat(GarmentSvg.of(plan)).contains("stroke-dasharray=\"8 6\"");
    assertThat(EdgingLine.of(plan(vest))).isEmpty();
  }

  /** Round a cuff of 49 stitches that goes over a fold: out from both layers, with no line for the stitch on the fold; the picture has both layers and the fold. */
  @Test
  void aroundAFoldTheyLieOutsideOfBothLayers() {
    Garment jacket = Garment.of("Jacket", new Recipe("two-hexagons", new Answers(Map.of("hexagonSide", new Answers.Numeric(49), "gaugeStitches", new Answers.Numeric(12.5)))));
    Spot from = plan(jacket).gluing().openings().stream().filter(open -> open.name().equals("Left cuff")).findFirst().orElseThrow().start();
    Strip cuff = new Strip(new StripId("cuff"), "Cuff edging", from, Optional.empty(), List.of(SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
    GarmentPlan plan = plan(((Outcome.Good<Garment>) new StripAdded(cuff).apply(jacket)).value());
    double end = 30 + 49 * 8;
    assertThat(EdgingLine.of(plan)).singleElement().satisfies(line -> assertThat(line.points()).hasSize(4).allSatisfy(point -> assertThat(point.x()).isBetween(end - 14 + 6.2, end + 14 + 6.3)));
    String svg = GarmentSvg.of(plan);
    assertThat(svg).doesNotContain("NaN").contains("stroke-dasharray=\"18 6 3 6\"").contains("stroke-dasharray=\"6 4\"");
    assertThat(svg.split("stroke-width=\"3\"", -1)).as("two layers of two pieces").hasSize(5);
  }

  private static GarmentPlan plan(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }
}
