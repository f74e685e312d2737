package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.StripChange.StripMirrored;
import ruxel.core.change.StripChange.StripStitches;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.StripId;
import ruxel.core.measure.Stitch;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.StripPlan.SegmentPlan;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trial;
import ruxel.core.strip.Trims;

/** Pick-up found by trial (handbook 11, a school): a list that repeats along a stretch, mirrored on its twin, worked unit by unit. */
class TrialTest {
  private static final Round SC = new Round(Stitch.SC, 6.25, 6.25, false);
  private static final List<Integer> LIST = List.of(3, 2, 2, 1);

  private Garment both;
  /** The longest stretch, along row ends. */
  private int along;

  @BeforeEach
  void aVestWithBothArmholesEdged() {
    Garment vest = Garment.of("Vest", new Recipe("sleeveless", new Answers(Map.of("kind", new Answers.Word("PULLOVER")))));
    Spot from = Wardrobe.plan(vest).gluing().openings().stream().filter(open -> open.name().equals("Left armhole")).findFirst().orElseThrow().start();
    Strip left = new Strip(new StripId("left"), "Left edging", from, Optional.empty(), List.of(SC), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
    both = good(new StripMirrored(new StripId("left"), new StripId("right"), "Right edging").apply(good(new StripAdded(left).apply(vest))));
    List<StripPlan.InnerPlan> inner = Wardrobe.plan(both).strips().get(0).inner();
    along = IntStream.range(0, inner.size()).boxed().max(Comparator.comparingInt(i -> inner.get(i).to() - inner.get(i).from())).orElseThrow();
  }

  private static List<Integer> over(int units) {
    return IntStream.range(0, units).mapToObj(unit -> LIST.get(unit % LIST.size())).toList();
  }

  /** Its total is the count of the stretch; the bench works it unit by unit; the other armhole has it the other way round. */
  @Test
  void aListIsRepeatedAlongAStretchAndMirrored() {
    Garment tried = good(new StripStitches(new StripId("left"), at(along), Optional.empty(), Optional.empty(), LIST).apply(both));
    GarmentPlan plan = Wardrobe.plan(tried);
    SegmentPlan segment = segment(plan, new StripId("left"), along);
    List<Integer> each = over(segment.units());
    assertThat(segment.into()).isEqualTo(Trial.into(each));
    assertThat(segment.stitches()).isEqualTo(each.stream().mapToInt(Integer::intValue).sum());
    assertThat(segment.rhythm()).isEqualTo("3, 2, 2, 1 in turn");
    BenchPlan bench = StripDirections.of(tried, plan, new StripId("left")).orElseThrow();
    List<String> words = bench.joints().stream().map(BenchPlan.BenchJoint::words).toList();
    List<String> repeat = List.of("Row end 45.", "Row end 45 again.", "Row end 45 again.", "Row end 46.", "Row end 46 again.", "Row end 47.", "Row end 47 again.", "Row end 48.");
    assertThat(Collections.indexOfSubList(words, repeat)).as("the second repeat, away from the corner, in %s", words).isNotNegative();
    List<Integer> back = new ArrayList<>(each);
    Collections.reverse(back);
    assertThat(plan.strips().get(1).rounds().get(0).segments()).extracting(SegmentPlan::into).contains(Trial.into(back)).doesNotContain(Trial.into(each));
    assertThat(plan.strips().get(1).rounds().get(0).total()).isEqualTo(plan.strips().get(0).rounds().get(0).total());
  }

  /** A count that is set later takes its place; told empty it is gone. */
  @Test
  void aCountTakesItsPlace() {
    Garment tried = good(new StripStitches(new StripId("left"), at(along), Optional.empty(), Optional.empty(), LIST).apply(both));
    Garment set = good(new StripStitches(new StripId("left"), at(along), Optional.of(41), Optional.empty()).apply(tried));
    assertThat(segment(Wardrobe.plan(set), new StripId("left"), along).stitches()).isEqualTo(41);
    assertThat(segment(Wardrobe.plan(set), new StripId("left"), along).into()).hasSize(41).isNotEqualTo(segment(Wardrobe.plan(tried), new StripId("left"), along).into());
    assertThat(good(new StripStitches(new StripId("left"), at(along), Optional.empty(), Optional.empty()).apply(tried))).isEqualTo(both);
  }

  @Test
  void whatCannotBeWorkedIsRefused() {
    for (List<Integer> list : List.of(List.of(0, 0), List.of(13), List.of(-1, 2), Collections.nCopies(41, 2))) {
      assertThat(codes(new StripStitches(new StripId("left"), at(along), Optional.empty(), Optional.empty(), list))).as("%s", list).containsExactly(FindingCode.STRIP_TRIAL);
    }
    assertThat(codes(new StripStitches(new StripId("left"), at(along), Optional.of(40), Optional.empty(), LIST))).containsExactly(FindingCode.STRIP_TRIAL);
  }

  private List<FindingCode> codes(StripStitches change) {
    return change.apply(both).findings().stream().map(Finding::code).toList();
  }

  private Spot at(int stretch) {
    return Wardrobe.plan(both).strips().get(0).inner().get(stretch).at();
  }

  private static SegmentPlan segment(GarmentPlan plan, StripId strip, int stretch) {
    StripPlan of = plan.strips().stream().filter(each -> each.id().equals(strip)).findFirst().orElseThrow();
    return of.rounds().get(0).segments().stream().filter(segment -> segment.stretch().filter(number -> number == stretch).isPresent()).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
