package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.StripDirections;
import ruxel.core.change.SeamChange.MethodChosen;
import ruxel.core.change.StripChange.StripStitches;
import ruxel.core.change.StripChange.StripAdded;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.identity.StripId;
import ruxel.core.identity.WorkRef;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Outline;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.FindingView;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.OrderPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.RowPlan;
import ruxel.core.plan.StripPlan;
import ruxel.core.plan.YarnPlan;
import ruxel.core.repair.Repairs;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;
import ruxel.core.yarn.Yarn;

/** Rows that belong to a piece are strips like any other (model 2, handbook 4.10, 11): planned, worked, in the order, the yarn, and under later edgings. */
class RowsAsStripsTest {
  private static final Garment PULLOVER = Wardrobe.pullover();

  /** Rows of 12.5 mm, two stitches of 6.25 mm in each (handbook 11). */
  @Test
  void rowsAlongRowEndsAreToldWithTheirRhythm() {
    int ends = edge(PULLOVER, new PieceId("sleeve.left"), "front").units();
    StripPlan rows = rows(good(new EdgingWorked(new PieceId("sleeve.left"), "front", 3, 6.25, 2 * ends).apply(PULLOVER))).get(0);
    assertThat(rows.id()).isEqualTo(new StripId("sleeve.left:front"));
    assertThat(rows.inner().stream().mapToInt(inner -> inner.to() - inner.from()).sum()).isEqualTo(ends);
    assertThat(rows.inner()).extracting(StripPlan.InnerPlan::kind).containsOnly(UnitKind.ROW_END);
    assertThat(rows.rounds()).hasSize(3).allMatch(round -> round.total() == 2 * ends);
    assertThat(rows.rounds().get(0).segments()).last().matches(segment -> segment.stitches() == 2 * segment.units() && segment.rhythm().equals("two into each"));
    assertThat(rows.rounds().get(1).segments()).allMatch(segment -> segment.kind() == UnitKind.STITCH_TOP && segment.units() == segment.stitches());
    assertThat(rows.heightMm()).isCloseTo(3 * 6.25, within(1e-9));
    assertThat(rows.outer().units()).isEqualTo(2 * ends);
    assertThat(rows.row().orElseThrow().joining()).isFalse();
  }

  /** Drawn as high as they are, along the whole of their edge, inside the outline. */
  @Test
  void theyAreDrawnOnTheirPiece() {
    Garment edged = good(new EdgingWorked(new PieceId("back"), "hem", 2, 6, edge(PULLOVER, new PieceId("back"), "hem").units()).apply(PULLOVER));
    PiecePlan back = Wardrobe.plan(edged).pieces().stream().filter(piece -> piece.id().equals(new PieceId("back"))).findFirst().orElseThrow();
    assertThat(back.rowAreas()).singleElement().satisfies(
        area -> {
          assertThat(area).extracting(Outline.Point::y).usingComparatorForType((one, other) -> Math.abs(one - other) < 1e-9 ? 0 : Double.compare(one, other), Double.class).containsExactly(0.0, 0.0, 12.0, 12.0);
          assertThat(area.get(1).x() - area.get(0).x()).isCloseTo(edge(edged, new PieceId("back"), "hem").lengthMm(), within(1e-6));
        });
    assertThat(Wardrobe.plan(PULLOVER).pieces()).allMatch(piece -> piece.rowAreas().isEmpty());
  }

  @Test
  void theyAreAStepBeforeTheirPieceAndAreWorkedAtTheBench() {
    Garment edged = good(new EdgingWorked(new PieceId("sleeve.left"), "front", 3, 6.25, 70).apply(PULLOVER));
    GarmentPlan plan = Wardrobe.plan(edged);
    GarmentPlan before = Wardrobe.plan(PULLOVER);
    List<OrderPlan.WorkStep> steps = plan.order().steps().stream().filter(each -> each.kind() != OrderPlan.Kind.TURN).toList();
    int step = steps.stream().map(OrderPlan.WorkStep::of).toList().indexOf(Optional.of(WorkRef.strip(new StripId("sleeve.left:front"))));
    int first = steps.stream().map(OrderPlan.WorkStep::of).toList().indexOf(Optional.of(WorkRef.seam(firstOf(plan, new PieceId("sleeve.left")))));
    assertThat(step).isNotNegative().isEqualTo(first - 1);
    assertThat(plan.order().ends()).as("fastened on, and fastened off").isEqualTo(before.order().ends() + 2);
    assertThat(plan.order().passes()).isEqualTo(before.order().passes() + 1);
    BenchPlan bench = StripDirections.of(edged, plan, new StripId("sleeve.left:front")).orElseThrow();
    assertThat(bench.joints()).hasSize(3 * 70);
    assertThat(bench.rounds()).extracting(BenchPlan.BenchRound::to).containsExactly(70, 140, 210);
    assertThat(bench.joints().get(0).words()).as("from the top of the sleeve down").isEqualTo("Row end 37.");
    assertThat(bench.prompts()).filteredOn(prompt -> prompt.joint() == 70).singleElement().matches(prompt -> prompt.words().contains("Turn the work."));
  }

  /** Of two rows and one that joins, two are worked beforehand; the loop stays live. */
  @Test
  void aRowThatIsKeptBackIsNotWorkedByItself() {
    int stitches = edge(PULLOVER, new PieceId("front"), "shoulder.left").units();
    Garment edged = good(Change.applyAll(PULLOVER, List.of(new EdgingWorked(new PieceId("front"), "shoulder.left", 2, 6, stitches), new EdgingWorked(new PieceId("front"), "shoulder.right", 2, 6, stitches))));
    Garment joined = joined(edged, "Work one row more on the front, and join with it");
    StripPlan rows = rows(joined).get(0);
    BenchPlan bench = StripDirections.of(joined, Wardrobe.plan(joined), rows.id()).orElseThrow();
    assertThat(bench.joints()).hasSize(2 * stitches);
    assertThat(bench.cautions()).anyMatch(caution -> caution.startsWith("Keep the loop live"));
    StripPlan single = rows(joined(PULLOVER, "Work one row more on the front, and join with it")).get(0);
    assertThat(StripDirections.of(joined, Wardrobe.plan(joined(PULLOVER, "Work one row more on the front, and join with it")), single.id())).isEmpty();
  }

  /** The mirror image of an edge is named until the same rows are on it; with another count they are not the same. */
  @Test
  void theOtherSideIsNamedUntilItHasTheSame() {
    Garment left = good(new EdgingWorked(new PieceId("sleeve.left"), "front", 3, 6.25, 70).apply(PULLOVER));
    assertThat(rows(left)).singleElement().extracting(strip -> strip.row().orElseThrow().other()).isEqualTo(List.of(new RowPlan.Other(new PieceId("sleeve.right"), "front")));
    Garment both = good(new EdgingWorked(new PieceId("sleeve.right"), "front", 3, 6.25, 70).apply(left));
    assertThat(rows(both)).hasSize(2).allMatch(strip -> strip.row().orElseThrow().other().isEmpty());
    assertThat(rows(good(new EdgingWorked(new PieceId("sleeve.right"), "front", 3, 6.25, 71).apply(left)))).allMatch(strip -> strip.row().orElseThrow().other().size() == 1);
    assertThat(rows(good(new EdgingWorked(new PieceId("back"), "hem", 2, 6, 65).apply(PULLOVER)))).as("it mirrors itself").allMatch(strip -> strip.row().orElseThrow().other().isEmpty());
  }

  @Test
  void fromALeftHandTheyRunTheOtherWay() {
    Garment edged = good(new EdgingWorked(new PieceId("front"), "neck", 1, 6, 60).apply(PULLOVER));
    StripPlan right = rows(edged).get(0);
    StripPlan left = rows(good(new Change.Reworded(Wording.Unit.CM, Terms.US, Wording.Hand.LEFT).apply(edged))).get(0);
    assertThat(right.inner().size()).isGreaterThan(1);
    assertThat(left.inner()).extracting(StripPlan.InnerPlan::from).isEqualTo(reversed(right.inner().stream().map(StripPlan.InnerPlan::from).toList()));
    assertThat(left.strip().from()).isEqualTo(right.strip().to().orElseThrow());
    assertThat(left.outer().units()).isEqualTo(right.outer().units());
  }

  /** The last row in another colour. */
  @Test
  void theyMayHaveAYarnOfTheirOwnWhileTheyAreThere() {
    Garment edged = good(Change.applyAll(PULLOVER, List.of(yarn("wool"), yarn("silk"), new EdgingWorked(new PieceId("front"), "neck", 1, 6, 60), new YarnChange.StripYarned(new StripId("front:neck"), Optional.of("silk")))));
    GarmentPlan plan = Wardrobe.plan(edged);
    assertThat(plan.yarn().strips()).singleElement().matches(in -> in.strip().equals(new StripId("front:neck")) && in.told() && in.yarn().equals(Optional.of("silk")));
    assertThat(plan.yarn().yarns()).filteredOn(sum -> sum.id().equals("silk")).flatExtracting(YarnPlan.YarnSum::stages).extracting(YarnPlan.Stage::of).containsExactly(WorkRef.strip(new StripId("front:neck")));
    Garment out = good(new EdgingWorked(new PieceId("front"), "neck", 0, 0, 0).apply(edged));
    assertThat(out.settings()).isEqualTo(good(Change.applyAll(PULLOVER, List.of(yarn("wool"), yarn("silk")))).settings());
    assertThat(new YarnChange.StripYarned(new StripId("front:neck"), Optional.of("silk")).apply(out).findings()).extracting(Finding::code).containsExactly(FindingCode.STRIP_UNKNOWN);
  }

  /** An edging round the neck stays where it is when a row over shoulders and neck is kept back below it, and when that is no more. */
  @Test
  void anEdgingStaysOnItsEdgeWhenRowsComeUnderIt() {
    Garment edged = good(new StripAdded(strip(new StripId("neck"), "Neck")).apply(PULLOVER));
    StripPlan bare = Wardrobe.plan(edged).strips().get(0);
    int back = bare.inner().stream().map(StripPlan.InnerPlan::piece).toList().indexOf(new PieceId("back"));
    Garment counted = good(new StripStitches(new StripId("neck"), bare.inner().get(back).at(), Optional.of(31), Optional.of(30)).apply(edged));
    Garment joined = joined(counted, "Work one row more on the back, and join with it");
    StripPlan over = Wardrobe.plan(joined).strips().stream().filter(strip -> strip.id().equals(new StripId("neck"))).findFirst().orElseThrow();
    assertThat(over.innerMm()).isCloseTo(bare.innerMm(), within(1e-6));
    assertThat(over.inner().get(back)).matches(inner -> inner.wanted().equals(Optional.of(31)) && inner.worked().equals(Optional.of(30)));
    assertThat(Wardrobe.plan(joined).findings()).extracting(FindingView::code).doesNotContain(FindingCode.STRIP_GONE, FindingCode.STRIP_COUNT_GONE);
    Garment told = good(new StripChange.StripTold(over.strip()).apply(joined));
    assertThat(new EdgingWorked(new PieceId("back"), "shoulder.left", 0, 0, 0).apply(told).findings()).singleElement().matches(finding -> finding.code() == FindingCode.ROW_JOINS);
    Garment out = good(Change.applyAll(told, List.of(new MethodChosen(new SeamId("shoulder.left"), "sc-both"), new MethodChosen(new SeamId("shoulder.right"), "sc-both"), new EdgingWorked(new PieceId("back"), "shoulder.left", 0, 0, 0), new EdgingWorked(new PieceId("back"), "neck", 0, 0, 0), new EdgingWorked(new PieceId("back"), "shoulder.right", 0, 0, 0))));
    StripPlan again = Wardrobe.plan(out).strips().get(0);
    assertThat(again.inner()).isEqualTo(Wardrobe.plan(counted).strips().get(0).inner());
  }

  /** The same when the edge is told run by run. */
  @Test
  void anEdgingStaysOnItsEdgeWhenARunIsTold() {
    Garment edged = good(new StripAdded(strip(new StripId("neck"), "Neck")).apply(PULLOVER));
    String run = edge(PULLOVER, new PieceId("back"), "neck").runs().get(0).id();
    int units = edge(PULLOVER, new PieceId("back"), "neck").units();
    RunPart part = new RunPart(UnitKind.STITCH_TOP, units / 2, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);
    RunPart rest = new RunPart(UnitKind.STITCH_TOP, units - units / 2, Optional.empty(), Fabric.PLAIN, false, "", 0, 0);
    Garment told = good(new EdgeChange.RunTold(new PieceId("back"), "neck", run, List.of(part, rest)).apply(edged));
    assertThat(Wardrobe.plan(told).strips()).singleElement().matches(strip -> Math.abs(strip.innerMm() - Wardrobe.plan(edged).strips().get(0).innerMm()) < 1e-6);
  }

  private static SeamId firstOf(GarmentPlan plan, PieceId piece) {
    return plan.order().steps().stream().flatMap(step -> step.of().stream()).flatMap(of -> of instanceof WorkRef.OfSeam seam ? Stream.of(seam.id()) : Stream.empty()).filter(id -> plan.seams().stream().filter(seam -> seam.id().equals(id)).flatMap(seam -> Stream.of(seam.a(), seam.b())).flatMap(side -> side.rails().stream()).anyMatch(rail -> rail.piece().equals(piece))).findFirst().orElseThrow();
  }

  private static <T> List<T> reversed(List<T> all) {
    List<T> reversed = new ArrayList<>(all);
    Collections.reverse(reversed);
    return reversed;
  }

  private static YarnChange.YarnAdded yarn(String id) {
    return new YarnChange.YarnAdded(new Yarn(id, id, "grey", Yarn.Weight.WORSTED, "wool", Optional.of(100.0), Optional.of(50.0), Set.of(), Optional.empty()));
  }

  private static Strip strip(StripId id, String opening) {
    GarmentPlan.OpeningPlan open = Wardrobe.plan(PULLOVER).gluing().openings().stream().filter(each -> each.name().equals(opening)).findFirst().orElseThrow();
    return new Strip(id, "Neck edging", open.start(), Optional.empty(), List.of(new Round(Stitch.SC, 6.25, 6.25, false)), Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  private static Garment joined(Garment garment, String title) {
    return good(Change.applyAll(garment, Repairs.joiningRows(garment, new SeamId("shoulder.left"), Set.of()).stream().filter(offer -> offer.title().equals(title)).findFirst().orElseThrow().changes()));
  }

  private static List<StripPlan> rows(Garment garment) {
    return Wardrobe.plan(garment).strips().stream().filter(strip -> strip.row().isPresent()).toList();
  }

  private static PiecePlan.EdgePlan edge(Garment garment, PieceId piece, String edge) {
    return Wardrobe.plan(garment).pieces().stream().filter(each -> each.id().equals(piece)).flatMap(each -> each.edges().stream()).filter(each -> each.id().equals(edge)).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
