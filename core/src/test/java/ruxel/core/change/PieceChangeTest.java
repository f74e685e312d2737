package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Stop;
import ruxel.core.decision.EdgingRows;
import ruxel.core.decision.MeasuredEdge;
import ruxel.core.decision.Settings;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Counts;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Marker;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;
import ruxel.core.plan.SeamPlan;

/** What is told of whole pieces: lean, edging rows, counts as worked, markers (handbook 3, 7.7 and 14). */
class PieceChangeTest {
  private static final double ROW_MM = 10;

  /** Two rows of 10 mm on the hem of the back: both sides grow by two row ends, the hem keeps its length. */
  @Test
  void edgingRowsChangeTheCountOfTheirEdgeAndTheLengthOfItsNeighbours() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    GarmentPlan after = Wardrobe.plan(good(edging(new PieceId("back"), "hem", 2, 70).apply(Wardrobe.cardigan())));
    PiecePlan.EdgePlan hem = edge(after, new PieceId("back"), "hem");
    assertThat(hem.units()).isEqualTo(70);
    assertThat(hem.lengthMm()).isEqualTo(edge(before, new PieceId("back"), "hem").lengthMm(), within(1e-6));
    for (String side : List.of("left", "right")) {
      assertThat(edge(after, new PieceId("back"), side).lengthMm()).isEqualTo(edge(before, new PieceId("back"), side).lengthMm() + 2 * ROW_MM, within(1e-6));
      assertThat(edge(after, new PieceId("back"), side).units()).isEqualTo(edge(before, new PieceId("back"), side).units() + 2);
    }
    assertThat(piece(after, new PieceId("back")).closes()).isTrue();
    assertThat(piece(after, new PieceId("back")).size().heightMm()).isEqualTo(piece(before, new PieceId("back")).size().heightMm() + 2 * ROW_MM, within(1e-6));
    // The side seam takes the new row ends in, two places each as they are over 9 mm; the openings are the same ones.
    assertThat(seam(after, new SeamId("side.left")).a().places() + seam(after, new SeamId("side.left")).b().places())
        .isEqualTo(seam(before, new SeamId("side.left")).a().places() + seam(before, new SeamId("side.left")).b().places() + 4);
    assertThat(after.gluing().openings()).extracting(o -> o.name()).isEqualTo(before.gluing().openings().stream().map(o -> o.name()).toList());
    assertThat(piece(after, new PieceId("back")).inspection().checks()).extracting(PiecePlan.Check::words).contains("Hem: 2 rows of edging, 20 mm high, 70 stitches in the last.");
  }

  @Test
  void edgingRowsTakenOutLeaveNothing() {
    Garment measured = good(new EdgeChange.EdgeMeasured(new PieceId("back"), "left", Optional.of(570.0)).apply(Wardrobe.cardigan()));
    Garment edged = good(edging(new PieceId("back"), "hem", 2, 70).apply(measured));
    assertThat(edged.settings().of(MeasuredEdge.class)).singleElement().extracting(MeasuredEdge::mm).isEqualTo(590.0);
    assertThat(good(edging(new PieceId("back"), "hem", 0, 0).apply(edged))).isEqualTo(measured);
  }

  /** The edging is counted like any other run; its counts go with it, those of the hem beneath stay. */
  @Test
  void countsOfAnEdgingGoWithIt() {
    Garment hem = good(new CountMade(new PieceId("back"), "hem", "hem", Optional.of(64)).apply(Wardrobe.cardigan()));
    Garment edged =
        good(
            Change.applyAll(
                hem,
                List.of(
                    edging(new PieceId("back"), "hem", 2, 70), new CountMade(new PieceId("back"), "hem", "hem~e", Optional.of(68)),
                    new CountMade(new PieceId("back"), "left", "rows.hem", Optional.of(3)))));
    assertThat(edge(Wardrobe.plan(edged), new PieceId("back"), "hem").units()).isEqualTo(68);
    assertThat(good(edging(new PieceId("back"), "hem", 0, 0).apply(edged))).isEqualTo(hem);
  }

  /** Along a whole armhole side the marker of the armhole goes to the same share of the length. */
  @Test
  void edgingAlongASideCarriesItsSeams() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    PiecePlan.EdgePlan side = edge(before, new PieceId("back"), "left");
    GarmentPlan after = Wardrobe.plan(good(edging(new PieceId("back"), "left", 1, 2 * side.units()).apply(Wardrobe.cardigan())));
    assertThat(after.seams()).allMatch(SeamPlan::planned);
    assertThat(seam(after, new SeamId("armhole.left")).b().lengthMm()).isEqualTo(seam(before, new SeamId("armhole.left")).b().lengthMm(), within(15.0));
    assertThat(after.findings()).noneMatch(f -> f.code() == FindingCode.SETTING_GONE || f.code() == FindingCode.UNKNOWN_RUN);
  }

  /** Rows on both shoulders lengthen the armhole; its anchor stays where front and back meet. */
  @Test
  void anAnchorAtACornerStaysAtTheCorner() {
    Garment edged = good(Change.applyAll(Wardrobe.cardigan(), List.of(edging(new PieceId("front.left"), "shoulder", 1, 23), edging(new PieceId("back"), "shoulder.left", 1, 23))));
    SeamPlan armhole = seam(Wardrobe.plan(edged), new SeamId("armhole.left"));
    assertThat(armhole.counts()).isEqualTo("51 on 15 + 15");
    assertThat(armhole.planned()).isTrue();
    assertThat(armhole.joints()).isEqualTo(51);
    assertThat(armhole.b().lengthMm()).isEqualTo(28 * 12.5 + 2 * ROW_MM, within(1e-6));
  }

  /** Left and right are worked alike: rows on one front alone are told of, the same on both are not. */
  @Test
  void rowsOnOneTwinAloneAreToldOf() {
    Change left = edging(new PieceId("front.left"), "front", 2, 31);
    PiecePlan.Inspection alone = piece(Wardrobe.plan(good(left.apply(Wardrobe.cardigan()))), new PieceId("front.left")).inspection();
    assertThat(alone.verdict()).isEqualTo(PiecePlan.Verdict.REMIND);
    assertThat(alone.checks()).extracting(PiecePlan.Check::words)
        .containsExactly("Front edge: 2 rows of edging, 20 mm high, 31 stitches in the last. The right front is not alike.");
    GarmentPlan both = Wardrobe.plan(good(Change.applyAll(Wardrobe.cardigan(), List.of(left, edging(new PieceId("front.right"), "front", 2, 31)))));
    assertThat(piece(both, new PieceId("front.left")).inspection().verdict()).isEqualTo(PiecePlan.Verdict.FINE);
    assertThat(piece(both, new PieceId("front.right")).inspection().verdict()).isEqualTo(PiecePlan.Verdict.FINE);
  }

  /** Repeats keep their share of the length, those of a hem of 66 loops on 33 stitches half as far apart; new ones are told on the rows. */
  @Test
  void landmarksKeepTheirShareOfTheLength() {
    Garment marked =
        good(
            Change.applyAll(
                Wardrobe.cardigan(),
                List.of(
                    new EdgeChange.LandmarkPut(new PieceId("back"), "hem", "r", "Rib", Landmark.Kind.RIB, 6, 12, 5, Optional.empty()), edging(new PieceId("back"), "hem", 1, 33),
                    new EdgeChange.LandmarkPut(new PieceId("back"), "hem", "c", "Middle", Landmark.Kind.CENTRE, 16, 0, 1, Optional.empty()))));
    List<PiecePlan.LandmarkPlan> marks = edge(Wardrobe.plan(marked), new PieceId("back"), "hem").landmarks();
    assertThat(marks).extracting(PiecePlan.LandmarkPlan::at).containsExactly(3, 16);
    assertThat(marks.get(0).every()).isEqualTo(6);
    assertThat(marks.get(0).points()).hasSize(5);
    assertThat(Wardrobe.plan(marked).findings()).noneMatch(f -> f.code() == FindingCode.LANDMARK_GONE);
  }

  /** Rows on two edges beside each other: whichever was told first, the seams take in the same. */
  @Test
  void theOrderOfTellingMakesNoDifferenceToTheSeams() {
    Change side = edging(new PieceId("back"), "left", 1, 60);
    Change hem = edging(new PieceId("back"), "hem", 2, 70);
    SeamPlan one = seam(Wardrobe.plan(good(Change.applyAll(Wardrobe.cardigan(), List.of(side, hem)))), new SeamId("side.left"));
    SeamPlan other = seam(Wardrobe.plan(good(Change.applyAll(Wardrobe.cardigan(), List.of(hem, side)))), new SeamId("side.left"));
    // The hem's two rows lie at the end of the left side, edged with it or not.
    assertThat(one.b().lengthMm()).isEqualTo(other.b().lengthMm(), within(12.0));
    assertThat(one.b().lengthMm()).isEqualTo(seam(Wardrobe.plan(Wardrobe.cardigan()), new SeamId("side.left")).b().lengthMm() + 2 * ROW_MM, within(12.0));
  }

  /** A file may hold fewer stitches than the edge has runs by now: the rows are named as gone, and kept. */
  @Test
  void rowsThatNoLongerFitAreNamedAndKept() {
    Garment few =
        Wardrobe.cardigan().withSettings(
            new Settings(List.of(new EdgingRows(new PieceId("back"), "left", 2, 5, 1, Optional.empty(), Optional.empty()), new EdgingRows(new PieceId("back"), "hood", 2, 5, 9, Optional.empty(), Optional.empty()))));
    GarmentPlan plan = Wardrobe.plan(few);
    assertThat(plan.findings()).filteredOn(f -> f.code() == FindingCode.SETTING_GONE).hasSize(2);
    assertThat(few.settings().of(EdgingRows.class)).hasSize(2);
    Garment dropped = good(new Change.GoneSettingsDropped().apply(few));
    assertThat(dropped.settings().isEmpty()).isTrue();
  }

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 30);
  }

  /** Whatever rows are worked onto whatever edges: closed outlines stay closed, every length is what it should be. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void edgingNeverOpensAnOutline(int seed) {
    Random random = new Random(seed);
    Garment garment = Wardrobe.cardigan();
    for (int i = 0; i < 4; i++) {
      List<PiecePlan> pieces = Wardrobe.plan(garment).pieces();
      PiecePlan piece = pieces.get(random.nextInt(pieces.size()));
      PiecePlan.EdgePlan edge = piece.edges().get(random.nextInt(piece.edges().size()));
      List<String> own = edge.runs().stream().filter(run -> !run.edging()).map(PiecePlan.RunPlan::id).toList();
      Optional<EdgingRows.Within> within = own.isEmpty() || random.nextBoolean() ? Optional.empty() : Optional.of(new EdgingRows.Within(own.get(random.nextInt(own.size())), own.get(own.size() - 1)));
      EdgingWorked change =
          new EdgingWorked(piece.id(), edge.id(), new EdgingWorked.Rows(1 + random.nextInt(5), 3 + random.nextInt(10), edge.runs().size() + random.nextInt(90), within, Optional.empty()));
      Outcome<Garment> outcome = change.apply(garment);
      assertThat(outcome).as(change.toString()).isInstanceOf(Outcome.Good.class);
      garment = good(outcome);
      GarmentPlan plan = Wardrobe.plan(garment);
      assertThat(plan.pieces()).as(change.toString()).allMatch(PiecePlan::closes);
      assertThat(edge(plan, piece.id(), edge.id()).runs().stream().filter(run -> run.id().endsWith(EdgingRows.EDGED)).mapToInt(PiecePlan.RunPlan::count).sum()).isEqualTo(change.edging().stitches());
      assertThat(plan.findings()).as(change.toString()).noneMatch(f -> f.code() == FindingCode.ANCHOR_OFF_SEAM || f.code() == FindingCode.SPANS_OVERLAP || f.code() == FindingCode.UNKNOWN_RUN || f.code() == FindingCode.CUT_GONE);
    }
  }

  @ParameterizedTest
  @CsvSource({"201, 10, 70", "-1, 10, 70", "2, 0.4, 70", "2, 101, 70", "2, NaN, 70", "2, 10, 0", "2, 10, 5001"})
  void impossibleEdgingIsNamed(int rows, double rowMm, int stitches) {
    Outcome<Garment> outcome = new EdgingWorked(new PieceId("back"), "hem", rows, rowMm, stitches).apply(Wardrobe.cardigan());
    assertThat(outcome.findings()).singleElement().extracting(Finding::code).isEqualTo(FindingCode.EDGING_RANGE);
  }

  @Test
  void aLeanIsBlockedOutAndNotEased() {
    Garment leaning = good(new PieceChange.LeanFound(new PieceId("front.left"), Optional.of(12.0), true).apply(Wardrobe.cardigan()));
    PiecePlan.Inspection expected = piece(Wardrobe.plan(leaning), new PieceId("front.left")).inspection();
    assertThat(expected.verdict()).isEqualTo(PiecePlan.Verdict.FINE);
    assertThat(expected.checks()).singleElement().extracting(PiecePlan.Check::words).isEqualTo("Leans 12 mm to the right. That is expected.");
    Garment surprised = good(new PieceChange.LeanFound(new PieceId("front.left"), Optional.of(-12.0), false).apply(Wardrobe.cardigan()));
    assertThat(piece(Wardrobe.plan(surprised), new PieceId("front.left")).inspection().verdict()).isEqualTo(PiecePlan.Verdict.REMIND);
  }

  /** Left and right of one pattern lean the same way, not as mirror images (handbook 3). */
  @Test
  void twinsThatLeanApartAreToldOf() {
    Garment apart =
        good(
            Change.applyAll(
                Wardrobe.cardigan(),
                List.of(new PieceChange.LeanFound(new PieceId("front.left"), Optional.of(12.0), true), new PieceChange.LeanFound(new PieceId("front.right"), Optional.of(-8.0), true))));
    PiecePlan.Inspection inspection = piece(Wardrobe.plan(apart), new PieceId("front.right")).inspection();
    assertThat(inspection.verdict()).isEqualTo(PiecePlan.Verdict.REMIND);
    assertThat(inspection.checks()).extracting(PiecePlan.Check::words).containsExactly("Leans 8 mm to the left. The left front leans the other way.");
    assertThat(inspection.checks().get(0).seams()).contains(new SeamId("side.right"), new SeamId("shoulder.right"));
  }

  @Test
  void impossibleLeansAreNamed() {
    assertThat(new PieceChange.LeanFound(new PieceId("back"), Optional.of(1001.0), false).apply(Wardrobe.cardigan()).findings())
        .extracting(Finding::code).containsExactly(FindingCode.LEAN_RANGE);
    assertThat(new PieceChange.LeanFound(new PieceId("hood"), Optional.of(1.0), false).apply(Wardrobe.cardigan()).findings())
        .extracting(Finding::code).containsExactly(FindingCode.UNKNOWN_PIECE);
  }

  /** The three counts stand side by side; the latest is used, and none overwrites another (model 1). */
  @Test
  void aCountAsWorkedIsUsedBeforeTheOneAsMade() {
    Change made = new CountMade(new PieceId("back"), "hem", "hem", Optional.of(64));
    Change worked = new CountMade(new PieceId("back"), "hem", "hem", Optional.of(66), Counts.Source.AS_WORKED);
    PiecePlan.RunPlan run = edge(Wardrobe.plan(good(Change.applyAll(Wardrobe.cardigan(), List.of(made, worked)))), new PieceId("back"), "hem").runs().get(0);
    assertThat(run.made()).contains(64);
    assertThat(run.worked()).contains(66);
    assertThat(run.count()).isEqualTo(66);
    assertThat(run.source()).isEqualTo(Counts.Source.AS_WORKED);
    Change back = new CountMade(new PieceId("back"), "hem", "hem", Optional.empty(), Counts.Source.AS_WORKED);
    PiecePlan.RunPlan left = edge(Wardrobe.plan(good(Change.applyAll(Wardrobe.cardigan(), List.of(made, worked, back)))), new PieceId("back"), "hem").runs().get(0);
    assertThat(left.count()).isEqualTo(64);
  }

  /** What joining did is no miscount. */
  @Test
  void aCountAsWorkedIsNotCountedAgain() {
    Change worked = new CountMade(new PieceId("back"), "hem", "hem", Optional.of(66), Counts.Source.AS_WORKED);
    assertThat(piece(Wardrobe.plan(good(worked.apply(Wardrobe.cardigan()))), new PieceId("back")).inspection().checks())
        .noneMatch(check -> check.remedy().startsWith("Count again"));
  }

  @Test
  void aMarkerSaysWhatItIsFor() {
    Marker marker = new Marker(Marker.Purpose.STOP, "yellow", "when the armhole is closed");
    Change put = new EdgeChange.LandmarkPut(new PieceId("back"), "left", "m", "Stop here", Landmark.Kind.MARKER, 20, 0, 1, Optional.of(marker));
    PiecePlan.LandmarkPlan mark = edge(Wardrobe.plan(good(put.apply(Wardrobe.cardigan()))), new PieceId("back"), "left").landmarks().get(0);
    assertThat(mark.marker()).get().extracting(PiecePlan.MarkerPlan::words, PiecePlan.MarkerPlan::title).containsExactly("says where to stop", "yellow marker");
    Marker wordy = new Marker(Marker.Purpose.STOP, "y".repeat(41), "");
    assertThat(new EdgeChange.LandmarkPut(new PieceId("back"), "left", "m", "Stop", Landmark.Kind.MARKER, 20, 0, 1, Optional.of(wordy)).apply(Wardrobe.cardigan()).findings())
        .extracting(Finding::code).containsExactly(FindingCode.MARKER_LENGTH);
  }

  private static Change edging(PieceId piece, String edge, int rows, int stitches) {
    return new EdgingWorked(piece, edge, rows, ROW_MM, stitches);
  }

  private static PiecePlan piece(GarmentPlan plan, PieceId id) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }

  private static PiecePlan.EdgePlan edge(GarmentPlan plan, PieceId piece, String edge) {
    return piece(plan, piece).edges().stream().filter(e -> e.id().equals(edge)).findFirst().orElseThrow();
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }
}
