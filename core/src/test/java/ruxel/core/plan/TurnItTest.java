package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.Change;
import ruxel.core.change.HoldChange;
import ruxel.core.change.PieceChange;
import ruxel.core.change.SeamChange.MethodChosen;
import ruxel.core.change.StripChange;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.hold.Facing;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.RowNumbers.RightSide;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** The work is turned where it is joined from its other side next; and how its right side is told without a marker. */
class TurnItTest {
  private static final List<String> SEAMS = List.of("shoulder.left", "shoulder.right", "armhole.left", "armhole.right", "side.left", "side.right");

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }

  /** The methods of the shoulders, the armholes and the sides. */
  private static Garment joined(String shoulders, String armholes, String sides) {
    List<Change> methods = SEAMS.stream().map(seam -> (Change) new MethodChosen(new SeamId(seam), seam.startsWith("shoulder") ? shoulders : seam.startsWith("armhole") ? armholes : sides)).toList();
    return good(Change.applyAll(Wardrobe.cardigan(), methods));
  }

  private static List<String> turned(Garment garment) {
    return Wardrobe.plan(garment).steps().stream().map(step -> step.first().stream().filter(words -> words.startsWith("Turn the work")).findFirst().orElse("")).toList();
  }

  /** The path of the order turns it in a step of its own, right before what is worked from the other side. */
  @Test
  void turningIsAStepOfTheOrder() {
    List<OrderPlan.WorkStep> path = Wardrobe.plan(joined("slip-both", "mattress-rows", "slip-both")).order().steps();
    List<OrderPlan.WorkStep> turns = path.stream().filter(step -> step.kind() == OrderPlan.Kind.TURN).toList();
    assertThat(turns).extracting(OrderPlan.WorkStep::title).containsExactly("Turn the work right side out", "Turn the work inside out");
    assertThat(turns).extracting(turn -> path.get(turn.number()).of().orElseThrow().id().text()).containsExactly("armhole.left", "side.left");
    assertThat(path).allSatisfy(step -> assertThat(step.todo()).noneMatch(words -> words.startsWith("Turn the work")));
    assertThat(path).extracting(OrderPlan.WorkStep::number).isSorted().doesNotHaveDuplicates();
    assertThat(Wardrobe.plan(joined("slip-both", "slip-both", "slip-both")).order().steps()).extracting(OrderPlan.WorkStep::kind).doesNotContain(OrderPlan.Kind.TURN);
  }

  @Test
  void itIsTurnedWhereTheNextSeamIsJoinedFromTheOtherSide() {
    String out = "Turn the work right side out first.";
    String in = "Turn the work inside out first.";
    assertThat(turned(joined("slip-both", "slip-both", "slip-both"))).as("all from the wrong side").containsOnly("");
    assertThat(turned(joined("slip-both", "mattress-rows", "slip-both"))).containsExactly("", "", out, "", in, "");
    assertThat(turned(joined("mattress-tops", "mattress-rows", "slip-both"))).containsExactly("", "", "", "", in, "");
  }

  /** As it is held, not as the method has it usually. */
  @Test
  void theFacingThatIsChosenDecides() {
    Garment whipped = joined("slip-both", "whip-both", "whip-both");
    assertThat(turned(whipped)).containsOnly("");
    Garment flat = good(new HoldChange.FacingChosen(Optional.empty(), Optional.of(Facing.FLAT_WRONG_SIDES_UP)).apply(whipped));
    assertThat(turned(flat)).as("flat, from the wrong side, too").containsOnly("");
  }

  /** An edging is worked from the right side: the vest is turned for it, unless its seams were joined from there. */
  @ParameterizedTest
  @CsvSource({"slip-both, true", "mattress-rows, false"})
  void anEdgingIsWorkedFromTheRightSide(String sides, boolean isTurned) {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    Garment sewn = good(Change.applyAll(vest, Stream.of("side.left", "side.right").map(seam -> (Change) new MethodChosen(new SeamId(seam), sides)).toList()));
    GarmentPlan.OpeningPlan armhole = Wardrobe.plan(sewn).gluing().openings().stream().filter(opening -> opening.name().equals("Left armhole")).findFirst().orElseThrow();
    Garment edged = good(new StripChange.StripAdded(new Strip(new StripId("one"), "Armhole edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())).apply(sewn));
    BenchPlan bench = StripDirections.of(edged, Wardrobe.plan(edged), new StripId("one")).orElseThrow();
    assertThat(bench.cautions().contains("Turn the work right side out first.")).isEqualTo(isTurned);
  }

  /** Row 1 ends over the tail of its foundation: at the left of a right hand, on the side it was worked on. */
  @ParameterizedTest
  @CsvSource({"ODD, RIGHT, left", "EVEN, RIGHT, right", "ODD, LEFT, right", "EVEN, LEFT, left"})
  void theTailTellsTheRightSide(RightSide rows, Wording.Hand hand, String side) {
    Garment cardigan = good(new PieceChange.RowsTold(new PieceId("back"), Optional.of(rows == RightSide.ODD ? 1 : 2)).apply(Wardrobe.cardigan()));
    PiecePlan back = Wardrobe.plan(cardigan.withWording(new Wording(cardigan.unit(), cardigan.terms(), hand))).pieces().stream().filter(piece -> piece.id().equals(new PieceId("back"))).findFirst().orElseThrow();
    assertThat(back.rows().orElseThrow().tail()).contains("Its right side is up when, with the hem nearest you, the tail it was begun with hangs at your %s.".formatted(side));
  }
}
