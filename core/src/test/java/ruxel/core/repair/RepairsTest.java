package ruxel.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.construction.Answers;
import ruxel.core.decision.MadeCount;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.piece.Landmark;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;

/** The ladder of repairs on garments that do not meet by themselves (handbook 7). */
class RepairsTest {
  @Test
  void aSeamThatMeetsNeedsNone() {
    assertThat(Repairs.of(Wardrobe.cardigan(), new SeamId("side.left"), Set.of())).isEmpty();
    assertThat(Repairs.of(Wardrobe.cardigan(), new SeamId("nowhere"), Set.of())).isEmpty();
  }

  /** 60 + 1 stitches of 7.14 mm on 28 rows of 12.5 mm: 43.6 on 35 cm. */
  @Test
  void aSleeveTooWideIsLedToItsArmholeOrItsTop() {
    Garment wide = wideSleeve();
    List<Repair> repairs = Repairs.of(wide, new SeamId("armhole.left"), Set.of());
    assertThat(repairs).extracting(Repair::rung).containsExactly(Repair.Rung.MOVE_BOUNDARY, Repair.Rung.ADD_OR_TAKE_OUT, Repair.Rung.GATHER, Repair.Rung.EDGING);
    Repair boundary = repairs.get(0);
    // 43.6 cm over 2 · 12.5 mm a row: 17.4, so 17 rows, 42.5 cm round.
    assertThat(boundary.title()).isEqualTo("Rows of the armhole: 17 instead of 14");
    assertThat(boundary.words()).contains("42.5 cm long; the other side has 43.6 cm");
    assertThat(boundary.elsewhere()).anyMatch(effect -> effect.startsWith("Left side and sleeve: "));
    assertThat(boundary.effort()).isEqualTo(Repair.Effort.LITTLE);
    // 35 cm are 49 stitches: 48 and the turning chain.
    assertThat(repairs.get(1).title()).isEqualTo("Stitches at the sleeve top: 48 instead of 60");
    assertThat(verdict(applied(wide, repairs.get(1)), new SeamId("armhole.left"))).isEqualTo(Ease.Verdict.MATCHED);
    assertThat(repairs.get(2).words()).contains("24.5 % fuller");
    assertThat(verdict(applied(wide, repairs.get(2)), new SeamId("armhole.left"))).isEqualTo(Ease.Verdict.MATCHED);
  }

  /** Left and right are worked alike where they have the same counts, and only there. */
  @Test
  void gatheringOneSleeveGathersTheOther() {
    Repair gather = Repairs.of(wideSleeve(), new SeamId("armhole.left"), Set.of()).get(2);
    assertThat(gather.changes()).hasSize(2);
    Garment unlike = after(wideSleeve(), new CountMade(new PieceId("sleeve.right"), "top", "top", Optional.of(58)));
    Repair alone = Repairs.of(unlike, new SeamId("armhole.left"), Set.of()).stream().filter(r -> r.rung() == Repair.Rung.GATHER).findFirst().orElseThrow();
    assertThat(alone.changes()).hasSize(1);
  }

  /** The rows of a piece that is made stay; the marker only shares them out anew. */
  @Test
  void aMovedBoundaryTakesCountsAsMadeAlong() {
    Garment wide = after(wideSleeve(), new CountMade(new PieceId("front.right"), "side", "side", Optional.of(25)));
    Garment repaired = after(wide, Repairs.of(wide, new SeamId("armhole.left"), Set.of()).get(0).changes().toArray(Change[]::new));
    assertThat(repaired.settings().of(MadeCount.class)).singleElement().extracting(c -> c.count()).isEqualTo(22);
    assertThat(finding(Wardrobe.plan(repaired), FindingCode.ROWS_DIFFER)).hasSize(1);
  }

  @Test
  void whatIsJoinedAlreadyMakesItMoreEffort() {
    Repair boundary = Repairs.of(wideSleeve(), new SeamId("armhole.left"), Set.of(new SeamId("side.left"))).get(0);
    assertThat(boundary.effort()).isEqualTo(Repair.Effort.MUCH);
    assertThat(boundary.effortWords()).startsWith("Left side and sleeve is begun: it is opened first.");
  }

  @Test
  void aFrontWithARowTooFewIsCountedAgainFirst() {
    Garment shorter = after(Wardrobe.cardigan(), new CountMade(new PieceId("front.right"), "side", "side", Optional.of(25)));
    List<Repair> repairs = Repairs.of(shorter, new SeamId("side.right"), Set.of());
    assertThat(repairs.get(0).rung()).isEqualTo(Repair.Rung.RECOUNT);
    assertThat(repairs.get(0).words()).startsWith("The other one has 26. It is given as 25 row ends; should it be 26 after all, the two meet.");
    assertThat(repairs).extracting(Repair::title).contains("Work one row more on the right front", "Pass over what is too many");
    for (Repair repair : repairs) {
      assertThat(finding(applied(shorter, repair), FindingCode.ROWS_DIFFER)).as(repair.title()).isEmpty();
    }
  }

  @Test
  void aRowMoreOnAFrontKeepsItsOutlineClosed() {
    Garment shorter =
        after(
            Wardrobe.cardigan(), new CountMade(new PieceId("front.right"), "side", "side", Optional.of(25)),
            new CountMade(new PieceId("front.right"), "front", "front", Optional.of(31)));
    assertThat(finding(Wardrobe.plan(shorter), FindingCode.OUTLINE_OPEN)).isEmpty();
    Repair more =
        Repairs.of(shorter, new SeamId("side.right"), Set.of()).stream().filter(r -> r.title().startsWith("Work one row more on the right front")).findFirst().orElseThrow();
    assertThat(more.changes()).hasSize(2);
    assertThat(finding(applied(shorter, more), FindingCode.OUTLINE_OPEN)).isEmpty();
  }

  @Test
  void repeatsThatMissByHalfBeginElsewhereOrArePinned() {
    Garment missing = after(Wardrobe.cardigan(), repeats(new PieceId("front.left"), "side", 8, 8, 4), repeats(new PieceId("back"), "left", 10, 8, 4));
    GarmentPlan plan = Wardrobe.plan(missing);
    SeamPlan.PhaseView phase = seam(plan, new SeamId("side.left")).phases().get(0);
    assertThat(phase.met()).isZero();
    // The front's lie at 8, 16, 24 and 32 rows; the back's at 18, 26 and 34 of 46 from its other end: 28, 20 and 12.
    assertThat(phase.worstMm()).isEqualTo(4 * 12.5);
    assertThat(finding(plan, FindingCode.PHASE_OFF)).contains("Left side and sleeve: 0 of 4 repeats meet; the worst misses by 4 row ends (50 mm).");
    List<Repair> repairs = Repairs.of(missing, new SeamId("side.left"), Set.of());
    Repair begin = repairs.stream().filter(r -> r.rung() == Repair.Rung.BEGIN_ELSEWHERE).findFirst().orElseThrow();
    assertThat(begin.title()).isEqualTo("Begin the repeats of the back four row ends later, as the seam runs");
    assertThat(seam(applied(missing, begin), new SeamId("side.left")).phases().get(0).met()).isGreaterThanOrEqualTo(3);
  }

  /** A top of 44 + 1 stitches is 32.1 cm on 35 cm; one row of 12.5 mm on each side brings 34.6 cm (handbook 7.7). */
  @Test
  void aSleeveTooNarrowGrowsByRowsOnItsSides() {
    Garment narrow = after(Wardrobe.cardigan(), answer("sleeveTopStitches", 44));
    assertThat(verdict(Wardrobe.plan(narrow), new SeamId("armhole.left"))).isEqualTo(Ease.Verdict.EASE_WITH_MARKERS);
    Repair edging =
        Repairs.of(narrow, new SeamId("armhole.left"), Set.of()).stream()
            .filter(r -> r.rung() == Repair.Rung.EDGING && r.title().contains("of the left sleeve and"))
            .findFirst()
            .orElseThrow();
    assertThat(edging.title()).startsWith("Work one edging row along the ");
    assertThat(edging.words()).startsWith("Each end grows by 12.5 mm; so does the ").contains("of the left sleeve. Then:");
    assertThat(edging.changes()).as("both sides of both sleeves").hasSize(4);
    GarmentPlan after = applied(narrow, edging);
    assertThat(seam(after, new SeamId("armhole.left")).a().lengthMm()).isEqualTo(45 * 100 / 14.0 + 25, within(1e-6));
    assertThat(verdict(after, new SeamId("armhole.left"))).isEqualTo(Ease.Verdict.MATCHED);
    assertThat(verdict(after, new SeamId("armhole.right"))).isEqualTo(Ease.Verdict.MATCHED);
    assertThat(seam(after, new SeamId("side.left")).planned()).isTrue();
  }

  /** The back is its own twin: rows on one of its shoulders want rows on the other. */
  @Test
  void rowsOnShouldersAreWorkedAlikeOnLeftAndRight() {
    Repair edging = Repairs.of(wideSleeve(), new SeamId("armhole.left"), Set.of()).get(3);
    assertThat(edging.title()).contains("shoulder of the left front").contains("shoulder of the back");
    assertThat(edging.changes()).hasSize(4);
    GarmentPlan after = applied(wideSleeve(), edging);
    assertThat(seam(after, new SeamId("armhole.left")).counts()).isEqualTo(seam(after, new SeamId("armhole.right")).counts());
    assertThat(seam(after, new SeamId("shoulder.left")).counts()).isEqualTo(seam(after, new SeamId("shoulder.right")).counts());
  }

  /** A row on top of two that are 6 mm high each: three rows, 24.5 mm in all. */
  @Test
  void rowsOnTopOfOthersKeepTheirHeight() {
    Garment edged =
        after(
            Wardrobe.cardigan(), new CountMade(new PieceId("front.right"), "shoulder", "shoulder", Optional.of(21)),
            new EdgingWorked(new PieceId("front.right"), "shoulder", 2, 6, 21));
    Repair edging =
        Repairs.of(edged, new SeamId("shoulder.right"), Set.of()).stream().filter(r -> r.rung() == Repair.Rung.EDGING).findFirst().orElseThrow();
    EdgingWorked worked = (EdgingWorked) edging.changes().get(0);
    assertThat(worked.edging().rows()).isEqualTo(3);
    assertThat(worked.edging().rows() * worked.edging().rowMm()).isEqualTo(2 * 6 + 12.5, within(1e-9));
  }

  /** One row along the edge itself picks up as many as the other has: its count changes, not its length. */
  @Test
  void aRowAlongAShoulderGivesItTheOtherOnesCount() {
    Garment unequal = after(Wardrobe.cardigan(), new CountMade(new PieceId("front.right"), "shoulder", "shoulder", Optional.of(21)));
    Repair edging =
        Repairs.of(unequal, new SeamId("shoulder.right"), Set.of()).stream().filter(r -> r.rung() == Repair.Rung.EDGING).findFirst().orElseThrow();
    assertThat(edging.title()).isEqualTo("Work one row along the shoulder of the right front, picking up 23");
    GarmentPlan after = applied(unequal, edging);
    assertThat(seam(after, new SeamId("shoulder.right")).counts()).isEqualTo("23 on 23");
    assertThat(finding(after, FindingCode.SHOULDER_UNEQUAL)).isEmpty();
  }

  /** Either piece may be begun elsewhere; the shift of one is the other's the other way round. */
  @Test
  void repeatsMayBeginElsewhereOnEitherSide() {
    Garment missing = after(Wardrobe.cardigan(), repeats(new PieceId("front.left"), "side", 8, 8, 4), repeats(new PieceId("back"), "left", 10, 8, 4));
    List<String> titles =
        Repairs.of(missing, new SeamId("side.left"), Set.of()).stream().filter(r -> r.rung() == Repair.Rung.BEGIN_ELSEWHERE).map(Repair::title).toList();
    assertThat(titles)
        .containsExactly(
            "Begin the repeats of the back four row ends later, as the seam runs", "Begin the repeats of the left front four row ends earlier, as the seam runs");
  }

  @Test
  void tellsWhatAChangeDoesElsewhere() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    GarmentPlan after = Wardrobe.plan(after(Wardrobe.cardigan(), answer("shoulderStitches", 22)));
    assertThat(Effects.between(before, after, new SeamId("armhole.left")))
        .contains("Left shoulder: 22 on 22 instead of 23 on 23.", "Right shoulder: 22 on 22 instead of 23 on 23.")
        .anyMatch(effect -> effect.startsWith("Opening fronts, neck and hem: "));
  }

  static IntStream seeds() {
    return IntStream.rangeClosed(1, 25);
  }

  /** Whatever is offered removes what it promises to remove, on garments nobody prepared. */
  @Tag("property")
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void anAppliedRepairKeepsItsPromise(int seed) {
    Random random = new Random(seed);
    Garment garment = randomGarment(random);
    for (SeamPlan seam : Wardrobe.plan(garment).seams()) {
      for (Repair repair : Repairs.of(garment, seam.id(), Set.of())) {
        GarmentPlan after = applied(garment, repair);
        SeamPlan now = seam(after, seam.id());
        assertThat(now.planned()).as(repair.title()).isTrue();
        switch (repair.rung()) {
          case RECOUNT -> assertThat(said(after, seam.id(), FindingCode.ROWS_DIFFER, FindingCode.SHOULDER_UNEQUAL)).as(repair.title()).isFalse();
          case MOVE_BOUNDARY, BLOCK, GATHER ->
              assertThat(now.ease().orElseThrow().verdict()).as(repair.title()).isLessThanOrEqualTo(Ease.Verdict.EASE_EVENLY);
          case EASE -> assertThat(now.ease().orElseThrow().verdict()).as(repair.title()).isLessThan(Ease.Verdict.STOP);
          case ADD_OR_TAKE_OUT ->
              assertThat(
                      now.ease().orElseThrow().verdict().compareTo(seam.ease().orElseThrow().verdict()) < 0
                          || !said(after, seam.id(), FindingCode.ROWS_DIFFER, FindingCode.SHOULDER_UNEQUAL))
                  .as(repair.title())
                  .isTrue();
          case EDGING ->
              assertThat(
                      now.ease().orElseThrow().verdict().compareTo(seam.ease().map(e -> e.verdict()).orElse(Ease.Verdict.STOP)) < 0
                          || !said(after, seam.id(), FindingCode.ROWS_DIFFER, FindingCode.SHOULDER_UNEQUAL))
                  .as(repair.title())
                  .isTrue();
          case PIN, BEGIN_ELSEWHERE ->
              assertThat(now.phases().stream().mapToInt(SeamPlan.PhaseView::met).sum())
                  .as(repair.title())
                  .isGreaterThan(seam.phases().stream().mapToInt(SeamPlan.PhaseView::met).sum());
        }
      }
    }
  }

  private static Garment randomGarment(Random random) {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.number(answers, "sleeveTopStitches", 38 + random.nextInt(26));
    Wardrobe.number(answers, "armholeRows", 11 + random.nextInt(7));
    Garment garment = Wardrobe.garment(answers);
    if (random.nextBoolean()) {
      garment = after(garment, new CountMade(new PieceId("sleeve.left"), "front", "sleeve", Optional.of(30 + random.nextInt(5))));
    }
    if (random.nextBoolean()) {
      garment = after(garment, new CountMade(new PieceId("front.right"), "shoulder", "shoulder", Optional.of(20 + random.nextInt(6))));
    }
    if (random.nextBoolean()) {
      int every = 3 + random.nextInt(6);
      garment = after(garment, repeats(new PieceId("front.left"), "side", random.nextInt(every), every, 3), repeats(new PieceId("back"), "left", random.nextInt(every), every, 3));
    }
    return garment;
  }

  private static boolean said(GarmentPlan plan, SeamId seam, FindingCode... codes) {
    return plan.findings().stream().anyMatch(f -> List.of(codes).contains(f.code()) && f.seam().filter(seam::equals).isPresent());
  }

  private static Garment wideSleeve() {
    return after(Wardrobe.cardigan(), answer("sleeveTopStitches", 60));
  }

  private static Change answer(String key, int value) {
    return new Change.AnswersChanged(Map.of(key, Optional.of(new Answers.Numeric(value))));
  }

  private static Change repeats(PieceId piece, String edge, int at, int every, int times) {
    return new EdgeChange.LandmarkPut(piece, edge, "repeat", "repeat", Landmark.Kind.REPEAT, at, every, times, Optional.empty());
  }

  private static Garment after(Garment garment, Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(garment, new ArrayList<>(List.of(changes)))).value();
  }

  private static GarmentPlan applied(Garment garment, Repair repair) {
    return Wardrobe.plan(after(garment, repair.changes().toArray(Change[]::new)));
  }

  private static SeamPlan seam(GarmentPlan plan, SeamId id) {
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }

  private static Ease.Verdict verdict(GarmentPlan plan, SeamId seam) {
    return seam(plan, seam).ease().orElseThrow().verdict();
  }

  private static List<String> finding(GarmentPlan plan, FindingCode code) {
    return plan.findings().stream().filter(f -> f.code() == code).map(f -> f.sentence()).toList();
  }
}
