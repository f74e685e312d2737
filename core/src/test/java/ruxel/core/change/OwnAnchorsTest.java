package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import ruxel.core.decision.MovedAnchor;
import ruxel.core.decision.OwnAnchor;
import ruxel.core.decision.RunPart;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Fabric;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.UnitKind;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;
import ruxel.core.seam.Side;

/** What the maker has decided by a place stays on that place, whatever is told of the edge's runs (model 1 and 5). */
class OwnAnchorsTest {
  private static final Change PIN = new SeamChange.AnchorPinned(new SeamId("side.left"), "own.1", "stripe", 2 * 20, 2 * 20);

  /** The back's side has rows 0–13 armhole, 14–39 side: 6 ribs and 20 side rows before the pin, 6 behind it. */
  @Test
  void aPinStaysOnItsRowWhenTheRunIsToldInParts() {
    Garment pinned = apply(Wardrobe.cardigan(), PIN);
    SeamPlan before = seam(pinned);
    for (List<RunPart> parts : List.of(rows(20, 6), rows(3, 3, 20), rows(26))) {
      Garment told = apply(pinned, new EdgeChange.RunTold(new PieceId("back"), "left", "side", parts));
      assertThat(positions(seam(told))).as("%s", parts).isEqualTo(positions(before));
      Garment again = apply(told, new EdgeChange.RunTold(new PieceId("back"), "left", "side~1", rows(9, 9, 8)));
      assertThat(positions(seam(again))).as("told anew").isEqualTo(positions(before));
      assertThat(apply(again, new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of()))).as("taken back").isEqualTo(pinned);
    }
  }

  @Test
  void aPinPutOnAPartStaysWhenThePartsAreTakenBack() {
    Garment told = apply(Wardrobe.cardigan(), new EdgeChange.RunTold(new PieceId("back"), "left", "side", rows(20, 6)));
    Garment pinned = apply(told, PIN);
    assertThat(positions(seam(apply(pinned, new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of()))))).isEqualTo(positions(seam(pinned)));
  }

  @Test
  void anAnchorMovedOnAToldEdgeStaysWhenItIsToldAnew() {
    Garment told = apply(Wardrobe.cardigan(), new EdgeChange.RunTold(new PieceId("sleeve.left"), "top", "top", stitches(20, 31)));
    Garment moved = apply(told, new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 2 * 23 + 1));
    assertThat(anchor(moved, new SeamId("armhole.left"), "shoulder").a()).isEqualTo(2 * 23 + 1);
    Garment anew = apply(moved, new EdgeChange.RunTold(new PieceId("sleeve.left"), "top", "top~2", stitches(10, 10, 31)));
    assertThat(anchor(anew, new SeamId("armhole.left"), "shoulder").a()).isEqualTo(2 * 23 + 1);
  }

  /** Edging of 66 stitches over 51 and off again: the anchor goes to the same share of the length and comes back. */
  @Test
  void anAnchorGoesWithEdgingPutOnAndTakenOut() {
    Garment moved = apply(Wardrobe.cardigan(), new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 2 * 23 + 1));
    Garment edged = apply(moved, new EdgingWorked(new PieceId("sleeve.left"), "top", 1, 5, 66));
    assertThat(Wardrobe.plan(edged).findings()).noneMatch(finding -> finding.code() == FindingCode.SETTING_GONE);
    int stitch = (anchor(edged, new SeamId("armhole.left"), "shoulder").a() - 1) / 2;
    // The seam runs against the ring: stitch 23 of 51 is unit 27, its middle 27.5/51 of the length; 35.6 of 66, from the other end 30.
    assertThat(stitch).isEqualTo(30);
    assertThat(apply(edged, new EdgingWorked(new PieceId("sleeve.left"), "top", 0, 5, 66))).isEqualTo(moved);
  }

  @Test
  void anAnchorPutOnEdgingStaysWhenTheRowsChangeOrGo() {
    Garment edged = apply(Wardrobe.cardigan(), new EdgingWorked(new PieceId("sleeve.left"), "top", 1, 5, 102));
    Garment pinned = apply(edged, new SeamChange.AnchorMoved(new SeamId("armhole.left"), "shoulder", Side.A, 2 * 46 + 1));
    Garment half = apply(pinned, new EdgingWorked(new PieceId("sleeve.left"), "top", 1, 5, 51));
    assertThat(anchor(half, new SeamId("armhole.left"), "shoulder").a()).isEqualTo(2 * 23 + 1);
    Garment off = apply(pinned, new EdgingWorked(new PieceId("sleeve.left"), "top", 0, 5, 51));
    assertThat(anchor(off, new SeamId("armhole.left"), "shoulder").a()).isEqualTo(2 * 23 + 1);
  }

  @Test
  void aMarkStaysOnItsPlaceToo() {
    Garment marked =
        apply(Wardrobe.cardigan(), new EdgeChange.LandmarkPut(new PieceId("back"), "left", "s", "Stripe", Landmark.Kind.STRIPE, 20, 4, 3, Optional.empty()));
    Garment told = apply(marked, new EdgeChange.RunTold(new PieceId("back"), "left", "side", rows(2, 24)));
    assertThat(marks(told)).isEqualTo(marks(marked));
    assertThat(apply(told, new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of()))).isEqualTo(marked);
  }

  /** What has no place any more is set aside and told of; the seam is planned without it, and it can be removed. */
  @Test
  void whatCannotBeCarriedIsToldOfAndHindersNothing() {
    Garment pinned = apply(Wardrobe.cardigan(), PIN);
    Garment short_ = apply(pinned, new EdgeChange.RunTold(new PieceId("back"), "left", "side", rows(4)));
    GarmentPlan plan = Wardrobe.plan(short_);
    assertThat(seam(short_).planned()).isTrue();
    assertThat(seam(short_).anchors()).noneMatch(SeamPlan.AnchorPlan::own);
    assertThat(plan.findings()).filteredOn(finding -> finding.code() == FindingCode.SETTING_GONE).hasSize(1)
        .allMatch(finding -> finding.sentence().contains("stripe"));
    assertThat(apply(short_, new Change.GoneSettingsDropped()).settings().of(OwnAnchor.class)).isEmpty();
    assertThat(positions(seam(apply(short_, new EdgeChange.RunTold(new PieceId("back"), "left", "side", List.of()))))).as("and it is back with its place")
        .isEqualTo(positions(seam(pinned)));
  }

  @Test
  void anAnchorTakenOffTakesItsMovesWithIt() {
    Garment moved = apply(apply(Wardrobe.cardigan(), PIN), new SeamChange.AnchorMoved(new SeamId("side.left"), "own.1", Side.B, 2 * 21));
    assertThat(moved.settings().of(MovedAnchor.class)).hasSize(1);
    assertThat(apply(moved, new SeamChange.AnchorRemoved(new SeamId("side.left"), "own.1"))).isEqualTo(Wardrobe.cardigan());
  }

  /** Any parts with the same number of rows in all leave every anchor where it is; any edging keeps the seam plannable. */
  @ParameterizedTest
  @ValueSource(longs = {11, 12, 13})
  void anyTellingOfTheSameRowsMovesNoAnchor(long seed) {
    Random random = new Random(seed);
    for (int round = 0; round < 40; round++) {
      Garment pinned = apply(Wardrobe.cardigan(), new SeamChange.AnchorPinned(new SeamId("side.left"), "own.1", "pin", 2 * (13 + random.nextInt(50)), 2 * (13 + random.nextInt(50))));
      Garment told = pinned;
      for (int i = 0; i < 3; i++) {
        int first = 1 + random.nextInt(24);
        told = apply(told, new EdgeChange.RunTold(new PieceId("back"), "left", "side", rows(first, 26 - first)));
        assertThat(positions(seam(told))).as("seed %d, round %d", seed, round).isEqualTo(positions(seam(pinned)));
      }
      Garment edged = apply(told, new EdgingWorked(new PieceId("back"), "left", 1 + random.nextInt(3), 6, 46 + random.nextInt(60)));
      assertThat(seam(edged).planned()).as("seed %d, round %d", seed, round).isTrue();
    }
  }

  private static Garment apply(Garment garment, Change change) {
    Outcome<Garment> outcome = change.apply(garment);
    assertThat(outcome.findings()).as("%s", change).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static SeamPlan seam(Garment garment) {
    return Wardrobe.plan(garment).seams().stream().filter(seam -> seam.id().equals(new SeamId("side.left"))).findFirst().orElseThrow();
  }

  private static SeamPlan.AnchorPlan anchor(Garment garment, SeamId seam, String anchor) {
    return Wardrobe.plan(garment).seams().stream()
        .filter(found -> found.id().equals(seam))
        .flatMap(found -> found.anchors().stream())
        .filter(found -> found.id().equals(anchor))
        .findFirst()
        .orElseThrow();
  }

  private static List<List<Object>> positions(SeamPlan seam) {
    return seam.anchors().stream().map(anchor -> List.<Object>of(anchor.id(), anchor.a(), anchor.b())).toList();
  }

  private static List<PiecePlan.LandmarkPlan> marks(Garment garment) {
    return Wardrobe.plan(garment).pieces().get(0).edges().stream().filter(edge -> edge.id().equals("left")).findFirst().orElseThrow().landmarks();
  }

  private static List<RunPart> rows(int... counts) {
    return parts(UnitKind.ROW_END, counts);
  }

  private static List<RunPart> stitches(int... counts) {
    return parts(UnitKind.STITCH_TOP, counts);
  }

  private static List<RunPart> parts(UnitKind kind, int... counts) {
    return java.util.Arrays.stream(counts)
        .mapToObj(count -> new RunPart(kind, count, Optional.empty(), Fabric.PLAIN, false, "", 0, 0))
        .toList();
  }
}
