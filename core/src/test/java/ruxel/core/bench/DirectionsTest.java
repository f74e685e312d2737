package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.change.Change;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.OwedChange;
import ruxel.core.change.SeamChange;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Surplus;

/** What is said at the bench before and at each joint (handbook 14). */
class DirectionsTest {
  @Test
  void whatIsOwedIsSaidBeforeTheSeamThatClosesOverIt() {
    Garment owed = after(new OwedChange.OwedNoted("o", new PieceId("back"), "weave in the tail at the neck", Optional.of(new SeamId("armhole.left"))));
    assertThat(first(owed, new SeamId("armhole.left"))).containsExactly("Still owed, and this is the last moment: weave in the tail at the neck.", "Turn the work right side out first.");
    assertThat(first(owed, new SeamId("armhole.right"))).isEmpty();
  }

  /** Rows worked onto an edge come before every seam that meets them, along the edge or at their ends. */
  @Test
  void edgingRowsComeBeforeTheSeamsThatMeetThem() {
    Garment edged = after(new EdgingWorked(new PieceId("back"), "hem", 2, 6, 70), new EdgingWorked(new PieceId("front.left"), "shoulder", 1, 6, 23));
    assertThat(first(edged, new SeamId("side.left"))).containsExactly("Work the 2 edging rows along the hem of the back first.");
    assertThat(first(edged, new SeamId("shoulder.left"))).containsExactly("Work the edging row along the shoulder of the left front first.");
    assertThat(first(edged, new SeamId("armhole.left"))).containsExactly("Work the edging row along the shoulder of the left front first.", "Turn the work right side out first.");
    assertThat(first(edged, new SeamId("shoulder.right"))).isEmpty();
  }

  private static List<String> first(Garment garment, SeamId seam) {
    return Wardrobe.plan(garment).steps().stream().filter(step -> step.seam().equals(seam)).findFirst().orElseThrow().first();
  }

  /** A marker has a purpose and a moment to take it out; it is named at the seams whose edges it hangs on. */
  @Test
  void markersOnTheEdgesOfASeamAreNamed() {
    Garment marked = after(marker(new Marker(Marker.Purpose.STOP, "yellow", "")));
    assertThat(bench(marked, new SeamId("armhole.left")).cautions())
        .contains("The yellow marker “Stop” on the back says where to stop. Take it out when the seam is done.");
    assertThat(bench(marked, new SeamId("shoulder.left")).cautions()).noneMatch(caution -> caution.contains("marker “"));
    Garment kept = after(marker(new Marker(Marker.Purpose.LIVE_LOOP, "", "once the band is on")));
    assertThat(bench(kept, new SeamId("armhole.left")).cautions()).contains("The marker “Stop” on the back holds a live loop. Take it out: once the band is on.");
  }

  /** Between armhole and side two seams need it: it is taken out at the later one, and that is said once. */
  @Test
  void aMarkerThatIsNeededAgainStaysIn() {
    Garment marked = after(marker(14, new Marker(Marker.Purpose.STOP, "yellow", "when the side is closed")));
    assertThat(bench(marked, new SeamId("armhole.left")).cautions()).contains("The yellow marker “Stop” on the back says where to stop. Leave it in: it is needed again.");
    assertThat(bench(marked, new SeamId("side.left")).cautions()).contains("The yellow marker “Stop” on the back says where to stop. Take it out: when the side is closed.");
    assertThat(bench(after(marker(20, new Marker(Marker.Purpose.STOP, "yellow", ""))), new SeamId("armhole.left")).cautions()).noneMatch(caution -> caution.contains("“Stop”"));
  }

  /** Several stitches that one joint takes are all named, and several places of one row end as what they are. */
  @Test
  void whatIsJoinedAllAtOnceIsNamedTogether() {
    SideWorking three = new SideWorking(Optional.of(3), Seam.Spaces.ROUND);
    Garment stitches = after(new SeamChange.SeamWorked(new SeamId("armhole.left"), true, Surplus.EVEN, 0, false, SideWorking.USUAL, SideWorking.USUAL));
    assertThat(bench(stitches, new SeamId("armhole.left")).joints()).anyMatch(joint -> joint.words().startsWith("Stitches 1 and 2 and "));
    Garment rows = after(new SeamChange.SeamWorked(new SeamId("armhole.left"), true, Surplus.EVEN, 0, false, SideWorking.USUAL, three));
    assertThat(bench(rows, new SeamId("armhole.left")).joints()).anyMatch(joint -> joint.words().matches("Stitch \\d+ and two places of left front row end \\d+\\."));
    assertThat(seam(rows, new SeamId("armhole.left")).intervals().get(0).words()).contains("places into one").doesNotContain("row ends into one");
  }

  private static SeamPlan seam(Garment garment, SeamId id) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static Change marker(Marker marker) {
    return marker(6, marker);
  }

  private static Change marker(int at, Marker marker) {
    return new EdgeChange.LandmarkPut(new PieceId("back"), "left", "m", "Stop", Landmark.Kind.MARKER, at, 0, 1, Optional.of(marker));
  }

  /** Each joint says what goes into what; a corner and a seam place are called what they are. */
  @Test
  void everyJointIsTold() {
    Garment corners =
        after(
            new SeamChange.SeamWorked(new SeamId("armhole.left"), false, Surplus.EVEN, 0, true, SideWorking.USUAL, SideWorking.USUAL),
            new EdgeChange.CornerTold(new PieceId("sleeve.left"), "back", Optional.of(Corner.CHAIN_1)),
            new EdgeChange.CornerTold(new PieceId("sleeve.left"), "top", Optional.of(Corner.CHAIN_1)));
    BenchPlan bench = bench(corners, new SeamId("armhole.left"));
    assertThat(bench.joints()).hasSize(53).allMatch(joint -> !joint.words().isBlank());
    assertThat(bench.joints().get(0).words()).containsIgnoringCase("corner place");
    assertThat(bench.joints().get(52).words()).containsIgnoringCase("corner place");
    assertThat(bench.joints()).anyMatch(joint -> joint.words().contains("seam place"));
  }

  /** A left-hander begins at the other hand; what goes where does not change. */
  @Test
  void theLeftHandBeginsAtTheOtherEnd() {
    Garment left = Wardrobe.cardigan().withWording(new Wording(Wording.Unit.CM, Terms.US, Wording.Hand.LEFT));
    for (SeamId seam : List.of(new SeamId("shoulder.left"), new SeamId("armhole.left"), new SeamId("side.left"))) {
      BenchPlan right = bench(Wardrobe.cardigan(), seam);
      assertThat(bench(left, seam).fromRight()).as(seam.text()).isNotEqualTo(right.fromRight());
      assertThat(worked(bench(left, seam))).as(seam.text()).isEqualTo(worked(right));
    }
  }

  /** Without the chain that a row begins with: a left hand's begins at the other end. */
  private static List<String> worked(BenchPlan bench) {
    return bench.joints().stream().map(joint -> joint.words().replaceAll(" [^.]* is the turning chain .*", "")).toList();
  }

  @Test
  void aSeamThatCannotBePlannedIsNotTakenToTheBench() {
    Change nowhere = new SeamChange.SeamWorked(new SeamId("armhole.left"), false, Surplus.NOWHERE, 0, false, SideWorking.USUAL, SideWorking.USUAL);
    assertThat(Directions.of(after(nowhere), new SeamId("armhole.left"))).isEmpty();
    assertThat(Directions.of(Wardrobe.cardigan(), new SeamId("nowhere"))).isEmpty();
  }

  private static Garment after(Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(Wardrobe.cardigan(), List.of(changes))).value();
  }

  private static BenchPlan bench(Garment garment, SeamId seam) {
    return Directions.of(garment, seam).orElseThrow();
  }

  /** The point is closed while the needle is there: at the underarm, in one pass of side and sleeve. */
  @Test
  void thePointIsClosedAtTheJointThatReachesIt() {
    Garment cardigan = Wardrobe.cardigan();
    GarmentPlan plan = Wardrobe.plan(cardigan);
    int joint = plan.steps().stream().filter(step -> step.seam().equals(new SeamId("side.left"))).findFirst().orElseThrow().closing().get(0).joint();
    BenchPlan bench = Directions.of(cardigan, plan, new SeamId("side.left")).orElseThrow();
    assertThat(joint).isBetween(1, bench.joints().size() - 1);
    assertThat(bench.prompts()).filteredOn(prompt -> prompt.kind() == BenchPlan.Prompt.Kind.CLOSING).singleElement().satisfies(prompt -> assertThat(prompt.joint()).isEqualTo(joint));
    assertThat(Directions.of(cardigan, plan, new SeamId("shoulder.left")).orElseThrow().prompts()).noneMatch(prompt -> prompt.kind() == BenchPlan.Prompt.Kind.CLOSING);
  }
}
