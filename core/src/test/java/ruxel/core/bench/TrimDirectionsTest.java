package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.BenchPlan.BenchRound;
import ruxel.core.bench.BenchPlan.Prompt;
import ruxel.core.change.Change;
import ruxel.core.change.StripChange;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.strip.Buttons;
import ruxel.core.strip.Fringe;
import ruxel.core.strip.Gathering;
import ruxel.core.strip.Picots;
import ruxel.core.strip.PlainEdge;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Picots, buttonholes, gathering and tufts are walked at the bench, each where the hands come to it. */
class TrimDirectionsTest {
  private static final Trims FRINGED = new Trims(Optional.empty(), Optional.empty(), Optional.of(new Buttons(3, 30, 10, Optional.of(Buttons.Lies.OVER))), Optional.of(new Fringe(3, 100, 2, true, Optional.empty(), Optional.empty())));

  static Stream<Garment> garments() {
    return Templates.all().stream().map(Template::id).map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of()))));
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static Strip strip(GarmentPlan.OpeningPlan opening, int rounds, Trims trims) {
    return new Strip(new StripId("one"), opening.name(), opening.start(), Optional.empty(), IntStream.range(0, rounds).mapToObj(i -> Round.usual(Stitch.SC, 7)).toList(), Strip.Multiple.ANY, true, trims, Optional.empty(), Optional.empty());
  }

  private static Garment with(Garment garment, Strip strip) {
    return good(Change.applyAll(garment, List.of(new StripChange.StripAdded(strip))));
  }

  private static StripPlan plan(Garment garment) {
    return Wardrobe.plan(garment).strips().get(0);
  }

  private static BenchPlan bench(Garment garment, StripId id) {
    return StripDirections.of(garment, Wardrobe.plan(garment), id).orElseThrow();
  }

  private static Trims gathered(int to) {
    return new Trims(Optional.of(to), Optional.empty(), Optional.empty(), Optional.empty());
  }

  /** Every stitch of the last round is taken once, in one more round of as many stitches as it is gathered to. */
  @ParameterizedTest
  @MethodSource("garments")
  void gatheringIsARoundOfItsOwn(Garment garment) {
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      int stitches = plan(with(garment, strip(opening, 2, Trims.NONE))).outer().units();
      for (int to : new int[] {stitches * 3 / 4, stitches * 2 / 5}) {
        Garment gathered = with(garment, strip(opening, 2, gathered(to)));
        BenchPlan bench = bench(gathered, new StripId("one"));
        BenchRound last = bench.rounds().get(2);
        assertThat(last.to() - last.from()).as("%s gathered to %d", opening.name(), to).isEqualTo(to);
        assertThat(bench.joints()).hasSize(last.to());
        assertThat(plan(gathered).yarnMm()).isGreaterThan(plan(with(garment, strip(opening, 2, Trims.NONE))).yarnMm());
        assertThat(bench.prompts().stream().filter(prompt -> prompt.words().contains("Fasten off"))).extracting(Prompt::joint).containsExactly(last.to());
        int from = last.from();
        for (BenchPlan.BenchSegment segment : last.segments()) {
          assertThat(segment.from()).isEqualTo(from);
          from = segment.to();
        }
        assertThat(from).isEqualTo(last.to());
        List<Integer> sizes = plan(gathered).trims().get(0).together();
        assertThat(sizes.stream().mapToInt(Integer::intValue).sum()).isEqualTo(stitches);
      }
    }
  }

  /** Tufts come once it is fastened off, buttonholes in the round itself. */
  @ParameterizedTest
  @MethodSource("garments")
  void tuftsAndButtonholes(Garment garment) {
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      Garment fringed = with(garment, strip(opening, 1, FRINGED));
      StripPlan plan = plan(fringed);
      BenchPlan bench = bench(fringed, new StripId("one"));
      int stitches = plan.outer().units();
      assertThat(bench.joints()).hasSize(stitches + stitches / 3);
      assertThat(bench.joints().subList(stitches, bench.joints().size())).allMatch(joint -> joint.words().startsWith("A curl: "));
      List<Integer> holes = plan.trims().stream().filter(trim -> trim.kind() == StripPlan.TrimPlan.Kind.BUTTONS).flatMap(trim -> trim.stitches().stream()).toList();
      assertThat(bench.prompts().stream().filter(prompt -> prompt.kind() == Prompt.Kind.TRIM)).extracting(Prompt::joint).containsExactlyInAnyOrderElementsOf(holes.stream().map(at -> bench.rounds().get(0).reversed() ? stitches + 1 - at : at).toList());
    }
  }

  /** What is gathered has fewer stitches for its tufts. */
  @Test
  void tuftsOnWhatIsGathered() {
    Garment pullover = Wardrobe.pullover();
    GarmentPlan.OpeningPlan cuff = Wardrobe.plan(pullover).gluing().openings().stream().filter(opening -> opening.name().equals("Right cuff")).findFirst().orElseThrow();
    Garment both = with(pullover, strip(cuff, 1, new Trims(Optional.of(24), Optional.empty(), Optional.empty(), Optional.of(new Fringe(5, 100, 2, true, Optional.empty(), Optional.empty())))));
    BenchPlan bench = bench(both, new StripId("one"));
    assertThat(bench.rounds()).extracting(round -> round.to() - round.from()).endsWith(24, 4);
    assertThat(bench.joints().get(bench.joints().size() - 1).words()).endsWith("at stitch 20.");
  }

  /** A full round has them on every k-th stitch; told plain along an edge, there are none, and what is left counts from plain to plain. */
  @ParameterizedTest
  @MethodSource("garments")
  void picotsAreWalkedAndNoneWhereItStaysPlain(Garment garment) {
    for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
      Garment plainRound = with(garment, strip(opening, 1, Trims.NONE));
      StripPlan.InnerPlan first = plan(plainRound).inner().get(0);
      List<PlainEdge> plain = List.of(new PlainEdge(first.piece(), first.edge()));
      for (int every = 2; every <= 4; every++) {
        picots(garment, opening, every, List.of());
        picots(garment, opening, every, plain);
      }
    }
  }

  private static void picots(Garment garment, GarmentPlan.OpeningPlan opening, int every, List<PlainEdge> plain) {
    Garment told = with(garment, strip(opening, 1, new Trims(Optional.empty(), Optional.of(every), plain, Optional.empty(), Optional.empty())));
    GarmentPlan whole = Wardrobe.plan(told);
    StripPlan plan = whole.strips().get(0);
    boolean fits = whole.findings().stream().noneMatch(finding -> finding.code() == FindingCode.PICOTS_OFF);
    if (plain.isEmpty()) {
      assertThat(fits).as("%d stitches in a full round", plan.outer().units()).isEqualTo(plan.outer().units() % every == 0);
    }
    List<Integer> on = plan.trims().stream().flatMap(trim -> trim.stitches().stream()).toList();
    List<Integer> prompted = new ArrayList<>(bench(told, plan.id()).prompts().stream().filter(prompt -> prompt.kind() == Prompt.Kind.TRIM).map(Prompt::joint).toList());
    assertThat(prompted).hasSameSizeAs(on);
    int before = 0;
    StripPlan.RoundPlan round = plan.rounds().get(0);
    for (StripPlan.SegmentPlan segment : round.segments()) {
      int from = before;
      int to = before + segment.stitches();
      boolean isPlain = segment.stretch().map(plan.inner()::get).filter(inner -> plain.contains(new PlainEdge(inner.piece(), inner.edge()))).isPresent();
      if (isPlain && round.corners().isEmpty()) {
        assertThat(on).noneMatch(at -> at > from && at <= to);
      }
      before = to;
    }
  }

  /** By hand: 60 gathered to 24 are 12 twos and 12 threes in turn; a three lies over each seam. */
  @Test
  void threesLieOverTheSeams() {
    List<Integer> even = Gathering.of(60, 24).orElseThrow().sizes(List.of());
    assertThat(even).containsExactlyElementsOf(IntStream.range(0, 24).mapToObj(i -> i % 2 == 0 ? 2 : 3).toList());
    Gathering few = Gathering.of(60, 29).orElseThrow();
    assertThat(few.threes()).isEqualTo(2);
    List<Integer> sizes = few.sizes(List.of(20, 40));
    assertThat(sizes.stream().mapToInt(Integer::intValue).sum()).isEqualTo(60);
    for (int seam : List.of(20, 40)) {
      int before = 0;
      int group = 0;
      while (before + sizes.get(group) < seam) {
        before += sizes.get(group++);
      }
      assertThat(sizes.get(group)).as("over the seam behind stitch %d", seam).isEqualTo(3);
    }
  }

  /** 26 round on every second fit; 25 do not, and 24 or 26 are offered. */
  @Test
  void aFullRoundCountsOtherwise() {
    assertThat(Picots.on(26, 2, true).at()).hasSize(13).startsWith(2, 4).endsWith(26);
    assertThat(Picots.on(25, 2, true)).isEqualTo(new Picots(2, 25, 0, Optional.of(24), Optional.of(26)));
    assertThat(Picots.on(25, 2, false).count()).isEqualTo(12);
  }

  /** The left cuff has them where the mirror image of the right one has. */
  @Test
  void mirroredCuffsHaveMirroredPicots() {
    Garment pullover = Wardrobe.pullover();
    GarmentPlan.OpeningPlan cuff = Wardrobe.plan(pullover).gluing().openings().stream().filter(opening -> opening.name().equals("Right cuff")).findFirst().orElseThrow();
    int stitches = plan(with(pullover, strip(cuff, 1, Trims.NONE))).outer().units();
    int every = IntStream.rangeClosed(2, stitches).filter(k -> stitches % k == 0).findFirst().orElseThrow();
    Garment one = with(pullover, strip(cuff, 1, new Trims(Optional.empty(), Optional.of(every), Optional.empty(), Optional.empty())));
    Garment both = good(new StripChange.StripMirrored(new StripId("one"), new StripId("two"), "Left cuff").apply(one));
    List<StripPlan> strips = Wardrobe.plan(both).strips();
    List<Integer> mirrored = strips.get(1).trims().get(0).stitches().stream().map(at -> stitches + 1 - at).sorted().toList();
    assertThat(mirrored).isEqualTo(strips.get(0).trims().get(0).stitches());
    assertThat(Wording.counted(mirrored.size(), "picots")).isEqualTo("%d picots".formatted(stitches / every));
  }
}
