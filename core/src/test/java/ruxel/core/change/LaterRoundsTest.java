package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.StripPlan;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** What is true of the first round of an edging is true of every one: it lies flat, it may have the multiple, left is as right. */
class LaterRoundsTest {
  private static Garment garment(String construction) {
    return Garment.of("Quay", new Recipe(construction, new Answers(Map.of())));
  }

  private static GarmentPlan plan(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }

  private static Outcome<Garment> edged(Garment garment, GarmentPlan.OpeningPlan on, List<Round> rounds, Strip.Multiple multiple, boolean straightOn) {
    return new StripAdded(new Strip(new StripId("one"), "Edging", on.start(), Optional.empty(), rounds, multiple, straightOn, Trims.NONE, Optional.empty(), Optional.empty())).apply(garment);
  }

  private static GarmentPlan.OpeningPlan opening(GarmentPlan plan, String name) {
    return plan.gluing().openings().stream().filter(each -> each.name().equals(name)).findFirst().orElseThrow();
  }

  private static StripPlan strip(Outcome<Garment> outcome) {
    return plan(((Outcome.Good<Garment>) outcome).value()).strips().get(0);
  }

  /** A hem of squares, 92 cm round: single crochets of 6 mm, then double crochets of 6.5 mm, each round flat with its corner and seam stitches. */
  @Test
  void aWiderStitchOnSquaresDoesNotRipple() {
    Garment squares = Garment.of("Squares", new Recipe("squares", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    GarmentPlan.OpeningPlan hem = opening(plan(squares), "Hem");
    StripPlan strip = strip(edged(squares, hem, List.of(new Round(Stitch.SC, 6, 6, false), new Round(Stitch.DC, 6.5, 13, false)), Strip.Multiple.ANY, false));
    assertThat(strip.rounds().get(0).total() * 6.0).isCloseTo(hem.lengthMm(), within(0.02 * hem.lengthMm()));
    assertThat(strip.rounds().get(1).total() * 6.5).isCloseTo(strip.rounds().get(1).innerMm(), within(0.02 * hem.lengthMm()));
  }

  static Stream<String> constructions() {
    return Templates.all().stream().map(Template::id);
  }

  /** Random rounds on every opening: each lies flat to 4 % where it goes straight on nowhere, or a stitch for each stretch; left is as right. */
  @ParameterizedTest
  @MethodSource("constructions")
  void everyRoundLiesFlatAndIsMirrored(String construction) {
    Random random = new Random(construction.hashCode());
    Garment garment = garment(construction);
    for (GarmentPlan.OpeningPlan opening : plan(garment).gluing().openings()) {
      List<Round> rounds = IntStream.range(0, 1 + random.nextInt(4)).mapToObj(i -> new Round(random.nextBoolean() ? Stitch.SC : Stitch.HDC, 5 + 3 * random.nextDouble(), 4 + 4 * random.nextDouble(), false)).toList();
      if (edged(garment, opening, rounds, Strip.Multiple.ANY, false) instanceof Outcome.Good<Garment> good) {
        StripPlan strip = plan(good.value()).strips().get(0);
        for (StripPlan.RoundPlan round : strip.rounds()) {
          int turned = round.corners().stream().mapToInt(StripPlan.CornerPlan::stitches).sum();
          double stretches = strip.inner().size() + round.corners().size();
          assertThat((round.total() - turned) * round.widthMm()).as("%s, round %d of %s", opening.name(), round.number(), rounds)
              .isCloseTo(round.innerMm(), within(Math.max(0.04 * round.innerMm(), (1 + stretches) * round.widthMm())));
          for (StripPlan.SegmentPlan segment : round.segments()) {
            segment.stretch().flatMap(i -> strip.inner().get(i).twin()).ifPresent(
                twin -> assertThat(round.segments().stream().filter(other -> other.stretch().equals(Optional.of(twin))).findFirst().orElseThrow().stitches()).as("%s of %s", opening.name(), round.words()).isEqualTo(segment.stitches()));
          }
        }
      }
    }
  }

  /** The last round has the multiple unless another is named; a round that should and does not is told of. */
  @ParameterizedTest
  @MethodSource("constructions")
  void theRoundOfTheMultipleHasIt(String construction) {
    Random random = new Random(31L * construction.hashCode());
    Garment garment = garment(construction);
    for (GarmentPlan.OpeningPlan opening : plan(garment).gluing().openings()) {
      int of = 2 + random.nextInt(9);
      int count = 1 + random.nextInt(4);
      List<Round> rounds = IntStream.range(0, count).mapToObj(i -> new Round(Stitch.SC, random.nextInt(3) == 0 ? 7 : 6, 5, false)).toList();
      Optional<Integer> named = random.nextBoolean() ? Optional.empty() : Optional.of(1 + random.nextInt(count));
      Strip.Multiple multiple = new Strip.Multiple(of, random.nextInt(of), named);
      if (edged(garment, opening, rounds, multiple, false) instanceof Outcome.Good<Garment> good) {
        GarmentPlan plan = plan(good.value());
        int total = plan.strips().get(0).rounds().get(named.orElse(count) - 1).total();
        boolean isMissed = plan.findings().stream().map(FindingView::code).anyMatch(FindingCode.STRIP_MULTIPLE_MISSED::equals);
        assertThat(multiple.meets(total)).as("%s: %d of %s", opening.name(), total, multiple).isNotEqualTo(isMissed);
        assertThat(isMissed).as("only where corners leave no stitch").isFalse();
      }
    }
  }

  /** 6 + 1 round the neck: met by the third of three rounds, or by the first where that is named. */
  @Test
  void sixAndOneRoundTheNeck() {
    Garment pullover = garment("drop-shoulder");
    GarmentPlan.OpeningPlan neck = plan(pullover).gluing().openings().get(0);
    List<Round> three = Collections.nCopies(3, new Round(Stitch.SC, 6, 6, false));
    StripPlan last = strip(edged(pullover, neck, three, new Strip.Multiple(6, 1), false));
    assertThat(last.rounds().get(2).total() % 6).isEqualTo(1);
    StripPlan first = strip(edged(pullover, neck, three, new Strip.Multiple(6, 1, Optional.of(1)), false));
    assertThat(first.rounds().get(0).total() % 6).isEqualTo(1);
  }

  /** Straight on for four low rounds in all, from then on as many are taken as the corner asks for; tall ones never. */
  @Test
  void straightOnHasALimit() {
    Garment pullover = Garment.of("Pullover", new Recipe("wide-front", new Answers(Map.of())));
    for (GarmentPlan.OpeningPlan opening : plan(pullover).gluing().openings()) {
      Outcome<Garment> low = edged(pullover, opening, Collections.nCopies(6, new Round(Stitch.SC, 6, 3, false)), Strip.Multiple.ANY, true);
      if (low instanceof Outcome.Good<Garment> good) {
        List<StripPlan.RoundPlan> rounds = plan(good.value()).strips().get(0).rounds();
        for (StripPlan.RoundPlan round : rounds) {
          round.corners().stream().filter(corner -> corner.angle() > 200).forEach(corner -> assertThat(corner.stitches()).isEqualTo(round.number() <= 4 ? 0 : -1));
        }
      }
      Outcome<Garment> tall = edged(pullover, opening, List.of(new Round(Stitch.TR, 6, 12, false)), Strip.Multiple.ANY, true);
      if (tall instanceof Outcome.Good<Garment> good) {
        assertThat(plan(good.value()).strips().get(0).rounds().get(0).corners()).filteredOn(corner -> corner.angle() > 200).allMatch(corner -> corner.stitches() < 0);
      }
    }
  }
}
