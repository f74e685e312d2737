package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange.LandmarkPut;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** A marker that moves up with the rounds says so at its stitch. */
class MovingMarkersTest {
  private static final StripId ONE = new StripId("one");

  static Stream<Garment> garments() {
    return Templates.all().stream().map(Template::id).map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of()))));
  }

  private static Garment with(Garment garment, GarmentPlan.OpeningPlan opening, int rounds, boolean turned, Change... first) {
    Round round = new Round(Stitch.SC, 7, 7, turned);
    Strip strip = new Strip(ONE, opening.name(), opening.start(), Optional.empty(), java.util.Collections.nCopies(rounds, round), Strip.Multiple.ANY, true, Trims.NONE, Optional.empty(), Optional.empty());
    Outcome<Garment> outcome = Change.applyAll(garment, Stream.concat(Stream.of(first), Stream.of(new StripAdded(strip))).toList());
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static List<Prompt> said(BenchPlan bench, String words) {
    return bench.prompts().stream().filter(prompt -> prompt.words().startsWith(words)).toList();
  }

  /** Each outer corner is marked in the first round, moved up in the next, taken out in the last; the stitch is one of those at the corner. */
  @ParameterizedTest
  @MethodSource("garments")
  void cornersKeepTheirMarker(Garment garment) {
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      for (boolean turned : new boolean[] {false, true}) {
        Garment edged = with(garment, opening, 3, turned);
        StripPlan plan = Wardrobe.plan(edged).strips().get(0);
        BenchPlan bench = StripDirections.of(edged, Wardrobe.plan(edged), ONE).orElseThrow();
        List<String> words = List.of("Mark this stitch", "Move the marker of the corner", "Take the marker of the corner");
        for (int r = 0; r < 3; r++) {
          BenchRound round = bench.rounds().get(r);
          List<Prompt> prompts = said(bench, words.get(r));
          assertThat(prompts).hasSize((int) plan.rounds().get(r).corners().stream().filter(corner -> corner.stitches() > 0).count());
          assertThat(prompts).allSatisfy(prompt -> assertThat(bench.joints().subList(Math.max(0, prompt.joint() - 2), Math.min(bench.joints().size(), prompt.joint() + 2))).anyMatch(joint -> joint.words().contains("at the corner")));
          assertThat(prompts).allMatch(prompt -> prompt.joint() > round.from() && prompt.joint() <= round.to());
        }
      }
    }
  }

  /** One round is marked nowhere; a marker told to move up is met in every round at its own stitch, from either end. */
  @Test
  void aMarkerOfTheMakersMovesUp() {
    Garment pullover = Wardrobe.pullover();
    GarmentPlan.OpeningPlan hem = Wardrobe.plan(pullover).gluing().openings().stream().filter(opening -> opening.name().equals("Hem")).findFirst().orElseThrow();
    GarmentPlan plan = Wardrobe.plan(with(pullover, hem, 1, false));
    StripPlan.InnerPlan first = plan.strips().get(0).inner().get(0);
    Marker marker = new Marker(Marker.Purpose.ROW, "yellow", "");
    Change put = new LandmarkPut(first.piece(), first.edge(), new LandmarkPut.Mark("m1", "centre", Landmark.Kind.MARKER, first.from() + 10, 0, 1, Optional.of(marker)));
    assertThat(said(bench(with(pullover, hem, 1, false, put)), "Here hangs")).isEmpty();
    List<Prompt> straight = said(bench(with(pullover, hem, 2, false, put)), "Here hangs the yellow marker “centre”");
    assertThat(straight).hasSize(2);
    BenchPlan turned = bench(with(pullover, hem, 2, true, put));
    List<Prompt> both = said(turned, "Here hangs");
    BenchRound second = turned.rounds().get(1);
    assertThat(both).hasSize(2);
    int along = both.get(0).joint() - turned.rounds().get(0).from();
    assertThat(Math.abs(second.to() - both.get(1).joint() + 1 - along)).as("the second row runs back").isLessThanOrEqualTo(1);
    assertThat(first.piece()).isIn(new PieceId("front"), new PieceId("back"));
  }

  private static BenchPlan bench(Garment garment) {
    return StripDirections.of(garment, Wardrobe.plan(garment), ONE).orElseThrow();
  }
}
