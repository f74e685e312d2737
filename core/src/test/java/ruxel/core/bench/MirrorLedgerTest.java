package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.Departure.What;
import ruxel.core.change.StripChange;
import ruxel.core.change.WearChange.SchoolTaken;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.BoardId;
import ruxel.core.identity.LineId;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.School;
import ruxel.core.measure.Stitch;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.seam.Side;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Round;
import ruxel.core.strip.Trims;

/** What is done on the first side is told at the mirrored place of the second. */
class MirrorLedgerTest {
  static Stream<Garment> garments() {
    return Templates.all().stream().map(Template::id).map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of()))));
  }

  private static Construct construct(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
  }

  /** The ends say which way both seams run: told from there, as many places are used up before the prompt as were before what was done. */
  @ParameterizedTest
  @MethodSource("garments")
  void aSeamIsToldWhereItsTwinWasWorkedOtherwise(Garment direction) {
    Garment piece = ((Outcome.Good<Garment>) new SchoolTaken(School.PAIR, Optional.of(School.Way.SAME_PIECE)).apply(direction)).value();
    int back = 0;
    for (Garment garment : List.of(direction, piece)) {
      GarmentPlan plan = Wardrobe.plan(garment);
      for (SeamPlan seam : plan.seams()) {
        if (seam.twin().isPresent() && seam.planned()) {
          back += follows(garment, plan, seam) ? 0 : 1;
        }
      }
    }
    assertThat(back).as("the second of a pair runs back where the same piece is held nearest").isPositive().isEven();
  }

  /** Whether the seam runs as the mirror image of its twin does. */
  private static boolean follows(Garment garment, GarmentPlan plan, SeamPlan seam) {
    SeamId twin = seam.twin().orElseThrow();
    BenchPlan mine = Directions.of(garment, plan, seam.id()).orElseThrow();
    BenchPlan there = Directions.of(garment, plan, twin).orElseThrow();
    String from = plan.seams().stream().filter(each -> each.id().equals(twin)).findFirst().flatMap(SeamPlan::hold).orElseThrow().from();
    boolean isAlike = mirrored(from).equals(seam.hold().orElseThrow().from());
    int all = used(mine, Side.A, mine.joints().size());
    int joint = mine.joints().size() / 3;
    Departures done = new Departures(there, List.of(new Departure(joint, What.TWO_INTO_ONE, Optional.of(Side.A), 1)));
    List<BenchPlan.Prompt> prompts = MirrorLedger.ofSeam(construct(garment), seam.id(), twin, mine, done);
    assertThat(prompts).as(seam.name()).hasSize(1);
    int before = used(there, Side.A, joint);
    assertThat(used(mine, Side.A, prompts.get(0).joint())).as("%s from %s", seam.name(), from).isEqualTo(isAlike ? before : all - before);
    assertThat(prompts.get(0).words()).endsWith(" into one.");
    assertThat(MirrorLedger.ofSeam(construct(garment), seam.id(), twin, mine, new Departures(there, List.of()))).as("as planned").isEmpty();
    return isAlike;
  }

  private static String mirrored(String words) {
    return words.replace("left", "#").replace("right", "left").replace("#", "right");
  }

  private static int used(BenchPlan plan, Side side, int joints) {
    return plan.joints().stream().limit(joints).mapToInt(joint -> 1 + (side == Side.A ? joint.a() : joint.b())).max().orElse(0);
  }

  /** The second armhole is met from its other end, since both edgings run the same way round. */
  @Test
  void anEdgingIsToldWhereTheOneItMirrorsWasWorkedOtherwise() {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    Garment first = edged(vest, "one", "Left armhole", Optional.empty());
    Garment both = edged(first, "two", "Right armhole", Optional.of(new StripId("one")));
    GarmentPlan plan = Wardrobe.plan(both);
    StripPlan left = plan.strips().get(0);
    StripPlan right = plan.strips().get(1);
    assertThat(MirrorLedger.areTwins(construct(both), right, left)).isTrue();
    assertThat(MirrorLedger.areTwins(construct(both), left, right)).as("either way round").isTrue();
    assertThat(MirrorLedger.areTwins(construct(both), left, left)).as("no edging is its own").isFalse();
    BenchPlan there = StripDirections.of(both, plan, left.id()).orElseThrow();
    BenchPlan mine = StripDirections.of(both, plan, right.id()).orElseThrow();
    for (int joint = 1; joint <= there.rounds().get(0).to(); joint++) {
      int at = joint;
      BenchPlan.BenchSegment stretch = there.rounds().get(0).segments().stream().filter(each -> Departures.holds(each, at)).findFirst().orElseThrow();
      List<BenchPlan.Prompt> prompts = MirrorLedger.ofStrip(construct(both), right, left, mine, new Departures(there, List.of(Departure.oneMore(joint))));
      assertThat(prompts).as("stitch %d", joint).hasSize(stretch.name().isEmpty() ? 0 : 1);
      prompts.forEach(
          prompt -> {
            BenchPlan.BenchSegment image = mine.rounds().get(0).segments().stream().filter(each -> !each.name().isEmpty() && prompt.joint() >= each.from() && prompt.joint() < each.to()).findFirst().orElseThrow();
            assertThat(mirrored(image.name().toLowerCase(java.util.Locale.ROOT))).isEqualTo(stretch.name().toLowerCase(java.util.Locale.ROOT));
            int corners = Math.abs(image.to() - image.from() - (stretch.to() - stretch.from()));
            assertThat(prompt.joint() - image.from()).as("but for what is worked into the corners").isBetween(stretch.to() - at - corners, stretch.to() - at + corners);
          });
    }
  }

  /** Fronts of squares: the same line of both, joint by joint. */
  @Test
  void aLineIsToldWhereItsTwinWasWorkedOtherwise() {
    Garment squares = Garment.of("Squares", new Recipe("squares", new Answers(Map.of())));
    LineId line = new LineId("column.1.1");
    BenchPlan left = LineDirections.of(squares, new BoardId(new PieceId("front.left")), line).orElseThrow();
    BenchPlan right = LineDirections.of(squares, new BoardId(new PieceId("front.right")), line).orElseThrow();
    Departures done = new Departures(left, List.of(Departure.oneMore(5), new Departure(left.joints().size(), What.LEFT_OVER, Optional.of(Side.B), 1)));
    assertThat(MirrorLedger.ofLine(right, done)).extracting(BenchPlan.Prompt::joint).containsExactly(5, right.joints().size() - 1);
    assertThat(MirrorLedger.ofLine(right, new Departures(left, List.of()))).isEmpty();
  }

  private static Garment edged(Garment garment, String id, String opening, Optional<StripId> mirrorOf) {
    GarmentPlan.OpeningPlan armhole = Wardrobe.plan(garment).gluing().openings().stream().filter(each -> each.name().equals(opening)).findFirst().orElseThrow();
    Strip strip = new Strip(new StripId(id), opening + " edging", armhole.start(), Optional.empty(), List.of(Round.usual(Stitch.SC, 6)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), mirrorOf);
    return ((Outcome.Good<Garment>) new StripChange.StripAdded(strip).apply(garment)).value();
  }
}
