package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.StripChange;
import ruxel.core.bench.Departure.What;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Piece;
import ruxel.core.piece.RowNumbers;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Rounds of an edging at the bench: every stitch has its place, stretches end where they should, corners are worked together or into one place. */
class StripDirectionsTest {
  @ParameterizedTest
  @MethodSource("constructions")
  void everyStitchOfEveryRoundIsTold(Template template) {
    Random random = new Random(template.id().hashCode());
    Garment garment = Garment.of("Any", new Recipe(template.id(), new Answers(Map.of())));
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      List<Round> rounds = IntStream.range(0, 1 + random.nextInt(3)).mapToObj(i -> Round.usual(Stitch.values()[random.nextInt(4)], 5 + random.nextInt(4))).toList();
      Strip strip = new Strip(new StripId("one"), opening.name(), opening.start(), Optional.empty(), rounds, Strip.Multiple.ANY, random.nextBoolean(), Trims.NONE, Optional.empty(), Optional.empty());
      Garment edged = told(garment, strip);
      GarmentPlan plan = Wardrobe.plan(edged);
      for (StripPlan told : plan.strips()) {
        BenchPlan bench = StripDirections.of(edged, plan, told.id()).orElseThrow();
        assertThat(bench.joints()).hasSize(told.rounds().stream().mapToInt(StripPlan.RoundPlan::total).sum()).allMatch(joint -> joint.words().endsWith("."));
        int from = 0;
        for (int i = 0; i < bench.rounds().size(); i++) {
          BenchPlan.BenchRound round = bench.rounds().get(i);
          assertThat(round.from()).isEqualTo(from);
          assertThat(round.to() - round.from()).isEqualTo(told.rounds().get(i).total());
          int at = round.from();
          for (BenchPlan.BenchSegment segment : round.segments()) {
            assertThat(segment.from()).isEqualTo(at);
            assertThat(segment.to()).isGreaterThanOrEqualTo(at);
            at = segment.to();
          }
          assertThat(at).isEqualTo(round.to());
          from = round.to();
        }
        assertThat(bench.stops()).extracting(BenchPlan.Stop::joint).isSorted().allMatch(joint -> joint > 0 && joint <= bench.joints().size());
        assertThat(bench.isWorkedAs(StripDirections.of(edged, plan, told.id()).orElseThrow())).isTrue();
      }
    }
  }

  static Stream<Template> constructions() {
    return Templates.all().stream();
  }

  @Test
  void aStretchOfDoubleCrochetRowEndsTakesTwoIntoEachAndStopsBeforeTheSeam() {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER"), "underarmStitches", new Answers.Numeric(0), "armholeShapedRows", new Answers.Numeric(0), "armholeShapedStitches", new Answers.Numeric(0)))));
    GarmentPlan.OpeningPlan armhole = Wardrobe.plan(vest).gluing().openings().stream().filter(opening -> opening.name().equals("Left armhole")).findFirst().orElseThrow();
    Garment edged = told(vest, new Strip(new StripId("one"), "Armhole edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6.25), Round.usual(Stitch.HDC, 6.25)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty()));
    GarmentPlan plan = Wardrobe.plan(edged);
    BenchPlan bench = StripDirections.of(edged, plan, new StripId("one")).orElseThrow();
    assertThat(bench.title()).isEqualTo("Work the armhole edging");
    assertThat(bench.joints().stream().limit(3).map(BenchPlan.BenchJoint::words)).as("up the back, by the numbers of its rows").containsExactly("Row end 36.", "Row end 36 again.", "Row end 37.");
    StripPlan.SegmentPlan first = plan.strips().get(0).rounds().get(0).segments().get(0);
    assertThat(bench.stops().get(0).joint()).isEqualTo(first.stitches());
    assertThat(bench.prompts().get(0).words()).startsWith("One at the left shoulder. Then ");
    assertThat(bench.prompts().get(0).expected()).startsWith(first.stitches() + " stitches so far along the ");
    assertThat(bench.joints().get(first.stitches()).words()).isEqualTo("One at the left shoulder.");
    assertThat(bench.prompts()).anyMatch(prompt -> prompt.joint() == bench.rounds().get(0).to() && prompt.words().startsWith("Round 1 is done. Close it with a slip stitch into its first stitch, which is no stitch. Chain 2: it is no stitch, the first one goes into the same place. Next: Round 2, half double crochet: "));
    assertThat(bench.start()).contains("Chain 1: it is no stitch, the first one goes into the same place.");
    assertThat(bench.prompts().get(bench.prompts().size() - 1)).satisfies(
        prompt -> {
          assertThat(prompt.joint()).isEqualTo(bench.joints().size());
          assertThat(prompt.words()).isEqualTo("Round 2 is done. Close it with a slip stitch into its first stitch, which is no stitch. Fasten off: cut the yarn at 15 cm and pull the end through; weave it in along the wrong side.");
        });
    GarmentPlan other = Wardrobe.plan(told(edged, new Strip(new StripId("one"), "Armhole edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 7)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty())));
    assertThat(bench.isWorkedAs(StripDirections.of(edged, other, new StripId("one")).orElseThrow())).isFalse();
    assertThat(StripDirections.of(edged, plan, new StripId("none"))).isEmpty();
  }

  /** An extra stitch counts for the stretch it stands in; the next round meets it as far along the same stretch. */
  @Test
  void extrasAreMetAgainInTheNextRound() {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    GarmentPlan.OpeningPlan armhole = Wardrobe.plan(vest).gluing().openings().stream().filter(opening -> opening.name().equals("Left armhole")).findFirst().orElseThrow();
    Garment edged = told(vest, new Strip(new StripId("one"), "Armhole edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6), Round.usual(Stitch.SC, 6)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty()));
    BenchPlan bench = StripDirections.of(edged, Wardrobe.plan(edged), new StripId("one")).orElseThrow();
    BenchPlan.BenchSegment first = bench.rounds().get(0).segments().get(0);
    BenchPlan.BenchSegment above = bench.rounds().get(1).segments().get(0);
    Departures extras = new Departures(bench, List.of(Departure.oneMore(3), Departure.oneMore(first.to())));
    assertThat(extras.firstRound()).hasSize(Wardrobe.plan(edged).strips().get(0).inner().size());
    assertThat(extras.firstRound().get(0)).isEqualTo(new Departures.OfStretch(0, first.name(), 2));
    assertThat(extras.firstRound()).extracting(Departures.OfStretch::more).filteredOn(more -> more > 0).hasSize(1);
    int met = above.from() + Math.round(3f * (above.to() - above.from()) / first.to());
    assertThat(extras.metAgain()).extracting(BenchPlan.Prompt::joint).containsExactly(met, above.to());
    assertThat(extras.metAgain().get(0).expected()).startsWith("One more after 3 of the ");
    Departures last = new Departures(bench, List.of(Departure.oneMore(above.from() + 1)));
    assertThat(last.metAgain()).as("no round comes after the last").isEmpty();
    assertThat(last.firstRound()).extracting(Departures.OfStretch::more).containsOnly(0);
    Departures fewer = new Departures(bench, List.of(otherwise(3, What.LEFT_OUT, 1), otherwise(4, What.TWO_INTO_ONE, 1), otherwise(first.to(), What.LEFT_OVER, 2)));
    assertThat(fewer.firstRound().get(0).more()).isEqualTo(-4);
    assertThat(fewer.metAgain()).extracting(BenchPlan.Prompt::words).filteredOn(words -> words.contains("one stitch more")).isEmpty();
    assertThat(fewer.metAgain().get(2).words()).contains("2 stitches fewer");
    assertThat(fewer.done().stream().map(fewer::words)).allSatisfy(words -> assertThat(words).contains(first.name().toLowerCase(java.util.Locale.ROOT)));
  }

  private static Departure otherwise(int joint, What what, int count) {
    return new Departure(joint, what, Optional.empty(), count);
  }

  /** Tall stitches over squares: two into each corner space, told one after the other. */
  @Test
  void twoIntoACornerSpaceAreToldOneByOne() {
    Garment squares = Garment.of("Squares", new Recipe("squares", new Answers(Map.of("motifSide", new Answers.Numeric(10), "armholeHalfSquares", new Answers.Numeric(4)))));
    GarmentPlan.OpeningPlan cuff = Wardrobe.plan(squares).gluing().openings().stream().filter(opening -> opening.name().equals("Left cuff")).findFirst().orElseThrow();
    for (Stitch stitch : List.of(Stitch.SC, Stitch.DC)) {
      Garment edged = told(squares, new Strip(new StripId("one"), "Cuff", cuff.start(), Optional.empty(), List.of(Round.usual(stitch, 6.25)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty()));
      BenchPlan bench = StripDirections.of(edged, Wardrobe.plan(edged), new StripId("one")).orElseThrow();
      List<String> words = bench.joints().stream().map(BenchPlan.BenchJoint::words).toList();
      assertThat(words).filteredOn(stitch == Stitch.SC ? "One into the corner."::equals : "Into the corner."::equals).hasSize(8);
      assertThat(words).filteredOn("Into the corner again."::equals).hasSize(stitch == Stitch.SC ? 0 : 8);
    }
  }

  @Test
  void whatACornerTakesIsWorkedTogetherWithTheSeamInItsMiddle() {
    Garment tunic = Garment.of("Tunic", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER"), "slitMm", new Answers.Numeric(150)))));
    GarmentPlan.OpeningPlan hem = Wardrobe.plan(tunic).gluing().openings().stream().filter(opening -> opening.name().toLowerCase().contains("hem")).findFirst().orElseThrow();
    Garment edged = told(tunic, new Strip(new StripId("one"), "Hem edging", hem.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6.25)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty()));
    BenchPlan bench = StripDirections.of(edged, Wardrobe.plan(edged), new StripId("one")).orElseThrow();
    assertThat(bench.joints()).extracting(BenchPlan.BenchJoint::words).filteredOn(words -> words.equals("Three together over the corner.")).hasSize(2);
    assertThat(bench.joints()).extracting(BenchPlan.BenchJoint::words).filteredOn(words -> words.equals("Into the same place again, at the corner.")).hasSize(8);
    assertThat(bench.joints()).extracting(BenchPlan.BenchJoint::words).as("the seam is the middle of the three").doesNotContain("One at the left side.");
  }

  private static Garment told(Garment garment, Strip strip) {
    boolean isThere = garment.settings().on(WorkedStrip.class, strip.id()).isPresent();
    return ((Outcome.Good<Garment>) (isThere ? new StripChange.StripTold(strip) : new StripChange.StripAdded(strip)).apply(garment)).value();
  }

  /** A row end has the number of its row, from whichever hand the edging comes to it. */
  @ParameterizedTest
  @EnumSource(Wording.Hand.class)
  void rowEndsHaveTheNumbersOfTheirRows(Wording.Hand hand) {
    Garment bare = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    Garment vest = bare.withWording(new Wording(bare.unit(), bare.terms(), hand));
    GarmentPlan.OpeningPlan armhole = Wardrobe.plan(vest).gluing().openings().stream().filter(opening -> opening.name().equals("Left armhole")).findFirst().orElseThrow();
    Garment edged = told(vest, new Strip(new StripId("one"), "Armhole edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty()));
    GarmentPlan plan = Wardrobe.plan(edged);
    List<Piece> pieces = ((Outcome.Good<Layout>) Layout.of(edged)).value().construct().pieces();
    List<StripPlan.InnerPlan> inner = plan.strips().get(0).inner();
    BenchPlan bench = StripDirections.of(edged, plan, new StripId("one")).orElseThrow();
    List<BenchPlan.BenchSegment> stretches = bench.rounds().get(0).segments().stream().filter(segment -> !segment.name().isEmpty()).toList();
    for (int i = 0; i < inner.size(); i++) {
      StripPlan.InnerPlan on = inner.get(hand == Wording.Hand.LEFT ? inner.size() - 1 - i : i);
      Piece piece = pieces.stream().filter(each -> each.id().equals(on.piece())).findFirst().orElseThrow();
      int edge = piece.edges().indexOf(piece.edge(on.edge()).orElseThrow());
      if (on.kind() == UnitKind.ROW_END) {
        int first = hand == Wording.Hand.LEFT ? on.to() - 1 : on.from();
        assertThat(stretches.get(i).numbers().first()).as(on.name()).isEqualTo(RowNumbers.of(piece).orElseThrow().number(edge, first).orElseThrow());
      }
    }
  }
}
