package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.EdgeChange.RunTold;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** An edging over rows that are held back (handbook 3) is picked up from them too: they are there when it is worked. */
class HeldBackEdgingTest {
  private static final Garment VEST = Garment.of("Vest", new Recipe("sleeveless", new Answers(new HashMap<>(Map.of("kind", new Answers.Word("PULLOVER"))))));

  /** Two of the armhole's rows are still to be worked, in another colour: it is as long as finished, with as many row ends. */
  @Test
  void rowsHeldBackArePickedUpFrom() {
    PiecePlan.RunPlan armhole = armhole(VEST);
    RunPart part = new RunPart(UnitKind.ROW_END, armhole.count() - 2, Optional.empty(), Fabric.PLAIN, false, "", 0, 2);
    Garment reserved = good(new RunTold(new PieceId("back"), "left", "armhole", List.of(part)).apply(VEST));
    Garment edged = edged(reserved);
    StripPlan whole = Wardrobe.plan(edged(VEST)).strips().get(0);
    StripPlan strip = Wardrobe.plan(edged).strips().get(0);
    assertThat(strip.innerMm()).isCloseTo(whole.innerMm(), within(1e-6));
    assertThat(units(strip)).isEqualTo(units(whole));
    assertThat(strip.rounds().get(0).total()).isEqualTo(whole.rounds().get(0).total());
    assertThat(strip.rounds().get(0).segments()).extracting(StripPlan.SegmentPlan::words).anyMatch(words -> words.contains("into %d row ends (2 of them held back still): ".formatted(armhole.count())));
    List<String> bench = StripDirections.of(edged, Wardrobe.plan(edged), new StripId("one")).orElseThrow().joints().stream().map(BenchPlan.BenchJoint::words).toList();
    int all = Wardrobe.plan(VEST).pieces().stream().filter(piece -> piece.id().equals(new PieceId("back"))).findFirst().flatMap(PiecePlan::rows).orElseThrow().count();
    assertThat(bench.subList(bench.indexOf("One at the left shoulder.") + 1, bench.size()).get(0)).as("those held back are met first, by the numbers they will have").isEqualTo("Row end %d.".formatted(all));
  }

  private static int units(StripPlan strip) {
    return strip.rounds().get(0).segments().stream().mapToInt(StripPlan.SegmentPlan::units).sum();
  }

  private static PiecePlan.RunPlan armhole(Garment garment) {
    return Wardrobe.plan(garment).pieces().stream().filter(piece -> piece.id().equals(new PieceId("back"))).flatMap(piece -> piece.edges().stream()).filter(edge -> edge.id().equals("left")).flatMap(edge -> edge.runs().stream()).filter(run -> run.id().equals("armhole")).findFirst().orElseThrow();
  }

  private static Garment edged(Garment garment) {
    GarmentPlan.OpeningPlan opening = Wardrobe.plan(garment).gluing().openings().stream().filter(open -> open.name().equals("Left armhole")).findFirst().orElseThrow();
    return good(new StripAdded(new Strip(new StripId("one"), "Edging", opening.start(), Optional.empty(), List.of(new Round(Stitch.SC, 6.25, 6.25, false)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())).apply(garment));
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
