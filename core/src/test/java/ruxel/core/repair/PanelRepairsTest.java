package ruxel.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.EdgeChange;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.SeamChange;
import ruxel.core.decision.SideWorking;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.match.Ease;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.Planner;
import ruxel.core.plan.SeamPlan;
import ruxel.core.repair.Repair.Effort;
import ruxel.core.repair.Repair.Rung;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/** The ladder on two rectangles of 10 mm stitches and rows: each repair with its figures, by hand (handbook 7). */
class PanelRepairsTest {
  /** Row ends of one panel on row ends of another. */
  private static Garment sides(int rowsA, int rowsB) {
    return Panels.garment(List.of(Panels.rectangle(new PieceId("a"), 30, rowsA), Panels.rectangle(new PieceId("b"), 30, rowsB)), List.of(seam("right", "left")));
  }

  /** Stitch tops on stitch tops. */
  private static Garment tops(int onA, int onB) {
    return Panels.garment(List.of(Panels.rectangle(new PieceId("a"), onA, 40), Panels.rectangle(new PieceId("b"), onB, 40)), List.of(seam("top", "top")));
  }

  /** Stitch tops on row ends. */
  private static Garment topsOnRows(int tops, int rows) {
    return Panels.garment(List.of(Panels.rectangle(new PieceId("a"), tops, 40), Panels.rectangle(new PieceId("b"), 30, rows)), List.of(seam("top", "left")));
  }

  private static Seam seam(String onA, String onB) {
    return Panels.seam(new SeamId("s"), Panels.whole(new PieceId("a"), onA, Span.Along.FORWARD), Panels.whole(new PieceId("b"), onB, Span.Along.BACKWARD));
  }

  @ParameterizedTest
  @CsvSource({"40, 40", "12, 12"})
  void whatMeetsNeedsNothing(int tops, int rows) {
    assertThat(repairs(topsOnRows(tops, rows))).isEmpty();
  }

  /** One row too few of 40: counted once more, or a row more here, or one less there; both other edges of the piece go along. */
  @Test
  void aRowTooFewIsCountedAgainOrWorked() {
    List<Repair> repairs = repairs(sides(39, 40));
    Repair recount = rung(repairs, Rung.RECOUNT).get(0);
    assertThat(recount.title()).isEqualTo("Count the right of the a again");
    assertThat(recount.words()).isEqualTo("It is given as 39 row ends; should it be 40 after all, the two meet. A turning chain or the first row is missed most often.");
    assertThat(recount.changes()).as("no other end is as doubtful").containsExactly(count(new PieceId("a"), "right", 40));
    List<Repair> work = rung(repairs, Rung.ADD_OR_TAKE_OUT);
    assertThat(work).extracting(Repair::title).containsExactly("Work one row more on the a", "Take one row out of the b");
    assertThat(work.get(0).changes()).as("a row has two ends").containsExactly(count(new PieceId("a"), "right", 40), count(new PieceId("a"), "left", 40));
    assertThat(work.get(1).changes()).containsExactly(count(new PieceId("b"), "left", 39), count(new PieceId("b"), "right", 39));
    assertThat(work.get(0).effort()).isEqualTo(Effort.SOME);
    assertThat(work.get(0).effortWords()).isEqualTo("One row on one piece.");
    assertThat(work.get(1).effortWords()).isEqualTo("One row on one piece, and what stands above them.");
    assertThat(work.get(0).words()).isEqualTo("Its right then has 40 instead of 39, as the other side of the seam.");
  }

  /** Three are no slip; more than two rows are much work. */
  @Test
  void severalRowsAreNoSlip() {
    List<Repair> repairs = repairs(sides(40, 43));
    assertThat(rung(repairs, Rung.RECOUNT)).isEmpty();
    assertThat(rung(repairs, Rung.ADD_OR_TAKE_OUT)).extracting(Repair::title).containsExactly("Work three rows more on the a", "Take three rows out of the b");
    assertThat(rung(repairs, Rung.ADD_OR_TAKE_OUT)).allMatch(repair -> repair.effort() == Effort.MUCH);
    assertThat(rung(repairs(sides(40, 42)), Rung.ADD_OR_TAKE_OUT)).allMatch(repair -> repair.effort() == Effort.SOME);
    assertThat(rung(repairs(sides(6, 7)), Rung.RECOUNT)).as("nobody miscounts six").isEmpty();
  }

  /** A count as made that is not as planned is the one to doubt. */
  @Test
  void theCountThatIsNotAsPlannedIsDoubted() {
    Garment counted = after(sides(40, 40), count(new PieceId("a"), "right", 37));
    List<Repair> repairs = repairs(counted);
    assertThat(rung(repairs, Rung.RECOUNT)).extracting(Repair::title).containsExactly("Count the right of the a again");
    assertThat(rung(repairs, Rung.RECOUNT).get(0).words()).contains("It is given as 37 row ends; should it be 40 after all");
    assertThat(rung(repairs, Rung.ADD_OR_TAKE_OUT)).extracting(Repair::title).containsExactly("Work three rows more on the a");
    Garment both = after(counted, count(new PieceId("a"), "left", 37));
    assertThat(rung(repairs(both), Rung.RECOUNT).get(0).changes()).as("the other end of the same rows").containsExactly(count(new PieceId("a"), "right", 40), count(new PieceId("a"), "left", 40));
  }

  /** 22 on 20 of 10 mm, 9 %: eased evenly, towards the hidden end, or edged; not passed over, as tops are not. */
  @Test
  void stitchesThatDifferAreEasedOrEdged() {
    Garment garment = tops(22, 20);
    SeamPlan.EaseView ease = seamOf(garment).ease().orElseThrow();
    assertThat(ease.verdict()).isEqualTo(Ease.Verdict.EASE_WITH_MARKERS);
    List<Repair> repairs = repairs(garment);
    assertThat(rung(repairs, Rung.EASE)).extracting(Repair::title).noneMatch(title -> title.startsWith("Pass over")).isNotEmpty();
    assertThat(rung(repairs, Rung.EASE)).allMatch(repair -> repair.effort() == Effort.NONE && repair.words().startsWith("The a is 20 mm longer, 9.1 %: "));
    assertThat(rung(repairs, Rung.EASE)).extracting(repair -> ((SeamChange.SeamWorked) repair.changes().get(0)).working().surplus()).doesNotContain(seamOf(garment).working().surplus());
    Repair along = rung(repairs, Rung.EDGING).stream().filter(repair -> repair.title().contains("picking up")).findFirst().orElseThrow();
    assertThat(along.title()).isEqualTo("Work one row along the top of the b, picking up 22");
    assertThat(along.words()).startsWith("It then has 22 places instead of 20; its length stays.").contains("Its right and left grow by 10 mm.");
    assertThat(along.changes()).containsExactly(new EdgingWorked(new PieceId("b"), "top", 1, 10, 22));
  }

  /** 230 on 200 mm: the shorter grows by a row of 10 mm at either end; 15 on each side are one and a half, so two. */
  @Test
  void rowsBesideLengthenTheShorter() {
    Repair lengthen = rung(repairs(tops(23, 20)), Rung.EDGING).stream().filter(repair -> repair.title().contains("edging row")).findFirst().orElseThrow();
    assertThat(lengthen.title()).isEqualTo("Work two edging rows along the right of the b and the left of the b");
    assertThat(lengthen.words()).startsWith("Each end grows by 20 mm; so does the bottom of the b. Then: ");
    assertThat(lengthen.changes()).containsExactly(new EdgingWorked(new PieceId("b"), "right", 2, 10, 40), new EdgingWorked(new PieceId("b"), "left", 2, 10, 40));
    assertThat(lengthen.effort()).isEqualTo(Effort.SOME);
    Repair four = rung(repairs(tops(28, 20)), Rung.EDGING).stream().filter(repair -> repair.title().contains("edging row")).findFirst().orElseThrow();
    assertThat(four.title()).startsWith("Work four edging rows");
    assertThat(four.effort()).isEqualTo(Effort.MUCH);
    assertThat(rung(repairs(tops(46, 20)), Rung.EDGING)).as("thirteen rows are a part of the piece").extracting(Repair::title).noneMatch(title -> title.contains("edging row"));
    assertThat(rung(repairs(tops(44, 20)), Rung.EDGING)).extracting(Repair::title).anyMatch(title -> title.startsWith("Work twelve edging rows"));
  }

  /** Blocked from either side to the length of the other, up to the house's share; only whole edges of the piece. */
  @Test
  void aLittleIsBlockedOut() {
    Piece mirrored = Panels.rectangle(new PieceId("b"), 30, 40).ownTwin(Map.of("left", "right", "right", "left"));
    List<Repair> block = rung(repairs(Panels.garment(List.of(Panels.rectangle(new PieceId("a"), 42, 40), mirrored), List.of(seam("top", "left")))), Rung.BLOCK);
    assertThat(block).extracting(Repair::title).containsExactly("Block the top of the a to 40 cm", "Block the left of the b to 42 cm");
    assertThat(block).extracting(Repair::words).allMatch(words -> words.startsWith("It is 4")).anyMatch(words -> words.contains("4.8 % narrower")).anyMatch(words -> words.contains("5.0 % wider"));
    assertThat(block.get(0).changes()).as("it has no mirror image").containsExactly(new EdgeChange.EdgeMeasured(new PieceId("a"), "top", Optional.of(400.0)));
    assertThat(block.get(1).changes()).as("it is its own mirror image").containsExactly(new EdgeChange.EdgeMeasured(new PieceId("b"), "left", Optional.of(420.0)), new EdgeChange.EdgeMeasured(new PieceId("b"), "right", Optional.of(420.0)));
    assertThat(rung(repairs(topsOnRows(80, 40)), Rung.BLOCK)).isEmpty();
  }

  /** 50 on 40: gathered by a quarter; up to the most a seam may be fuller. */
  @Test
  void muchMayBeGatheredOnPurpose() {
    Repair gather = rung(repairs(topsOnRows(50, 40)), Rung.GATHER).get(0);
    assertThat(gather.title()).isEqualTo("Gather it on purpose");
    assertThat(gather.words()).startsWith("The a is meant to be 25.0 % fuller, spread along the seam.");
    SeamChange.SeamWorked worked = (SeamChange.SeamWorked) gather.changes().get(0);
    assertThat(worked.working().fullness()).isEqualTo(0.25);
    assertThat(worked.working().surplus()).isEqualTo(Surplus.EVEN);
    assertThat(worked.working().fuller()).contains(Side.A);
    assertThat(((SeamChange.SeamWorked) rung(repairs(topsOnRows(40, 50)), Rung.GATHER).get(0).changes().get(0)).working().fuller()).contains(Side.B);
    assertThat(rung(repairs(sides(40, 50)), Rung.GATHER)).as("rows on rows are not").isEmpty();
    assertThat(rung(repairs(topsOnRows(41, 40)), Rung.GATHER)).isEmpty();
    int tooMany = (int) (40 * (1 + Seam.Working.MOST_FULLNESS)) + 1;
    assertThat(rung(repairs(topsOnRows(tooMany, 40)), Rung.GATHER)).isEmpty();
  }

  /** Fullness told and not there is taken back where the sides meet without it. */
  @Test
  void fullnessThatIsNotThereIsTakenBack() {
    SeamChange.SeamWorked.Way full = new SeamChange.SeamWorked.Way(false, Surplus.EVEN, 0.3, Optional.of(Side.A), false, SideWorking.USUAL, SideWorking.USUAL);
    Repair back = repairs(after(topsOnRows(41, 40), new SeamChange.SeamWorked(new SeamId("s"), full))).stream().filter(repair -> repair.title().equals("Mean no fullness here")).findFirst().orElseThrow();
    assertThat(back.words()).startsWith("Without the 30.0 % that are meant, the two differ by 10 mm, 2.4 %. Then: ");
    assertThat(((SeamChange.SeamWorked) back.changes().get(0)).working().fullness()).isZero();
    assertThat(repairs(topsOnRows(44, 40))).extracting(Repair::title).doesNotContain("Mean no fullness here");
  }

  /** Stripes of eight rows that begin three later on B: pinned pair to pair, or begun elsewhere on either piece. */
  @ParameterizedTest
  @CsvSource({"4, 7, three row ends, earlier, later", "7, 4, three row ends, later, earlier", "4, 5, one row end, earlier, later"})
  void stripesThatMissAreBegunElsewhereOrPinned(int onA, int onB, String by, String later, String earlier) {
    List<Repair> repairs = repairs(striped(onA, onB, 8, 4, 40));
    List<Repair> begin = rung(repairs, Rung.BEGIN_ELSEWHERE);
    assertThat(begin).extracting(Repair::title).containsExactly("Begin the stripes of the b %s %s, as the seam runs".formatted(by, later), "Begin the stripes of the a %s %s, as the seam runs".formatted(by, earlier));
    assertThat(begin).allMatch(repair -> repair.words().equals("0 of 4 meet now; then 4 would.") && repair.effort() == Effort.MUCH);
    for (Repair repair : begin) {
      assertThat(seamOf(after(striped(onA, onB, 8, 4, 40), repair.changes().toArray(Change[]::new))).phases()).as(repair.changes().toString()).extracting(SeamPlan.PhaseView::met).containsExactly(4);
    }
    assertThat(rung(repairs, Rung.PIN)).as("a fifth too many before the first pair cannot be eased").isEmpty();
  }

  /** Pinned pair to pair where each stretch between can still be eased: 20 rows on 21. */
  @Test
  void stripesThatMissByLittleArePinned() {
    Repair pin = rung(repairs(striped(20, 21, 20, 4, 100)), Rung.PIN).get(0);
    assertThat(pin.title()).isEqualTo("Pin stripe to stripe");
    assertThat(pin.words()).isEqualTo("Four anchors, each at a pair; the worst pair is 10 mm apart now.");
    assertThat(pin.changes()).extracting(change -> ((SeamChange.AnchorPinned) change).pin().a()).isSorted().doesNotHaveDuplicates().hasSize(4);
    Garment pinned = after(striped(20, 21, 20, 4, 100), pin.changes().toArray(Change[]::new));
    assertThat(seamOf(pinned).phases()).extracting(SeamPlan.PhaseView::met).containsExactly(4);
  }

  /** Of twenty pairs every second is pinned, and named by its number: no more than a dozen anchors. */
  @Test
  void noMoreThanADozenArePinned() {
    Repair pin = rung(repairs(striped(20, 21, 8, 20, 200)), Rung.PIN).get(0);
    assertThat(pin.changes()).hasSize(10);
    assertThat(pin.changes()).extracting(change -> ((SeamChange.AnchorPinned) change).pin().a()).isSorted().doesNotHaveDuplicates();
    assertThat(pin.changes()).extracting(change -> ((SeamChange.AnchorPinned) change).pin().id()).startsWith("own.stripe.1", "own.stripe.3").endsWith("own.stripe.19");
    assertThat(pin.changes()).extracting(change -> ((SeamChange.AnchorPinned) change).pin().name()).startsWith("stripe 1", "stripe 3");
  }

  /** What is begun over the end loses a stripe there and gains one at the other end: where B's first and how many there are, then A's. */
  @ParameterizedTest
  @CsvSource({"6, 1, 2, 5, 1, 5", "1, 6, 7, 4, 6, 4", "6, 3, 2, 5, 3, 5"})
  void stripesPushedOverAnEndComeInAtTheOther(int onA, int onB, int atB, int timesB, int atA, int timesA) {
    List<Repair> begin = rung(repairs(striped(onA, onB, 8, 5, 40)), Rung.BEGIN_ELSEWHERE);
    assertThat(begin).extracting(repair -> ((EdgeChange.LandmarkPut) repair.changes().get(0)).landmark()).extracting(mark -> List.of(mark.at(), mark.times(), mark.every())).containsExactly(List.of(atB, timesB, 8), List.of(atA, timesA, 8));
  }

  /** What each way of easing does, and what it risks. */
  @Test
  void waysOfEasingAreToldApart() {
    List<Repair> ease = rung(repairs(tops(22, 20)), Rung.EASE);
    Repair steered = ease.stream().filter(repair -> repair.title().startsWith("Steer")).findFirst().orElseThrow();
    assertThat(steered.title()).isEqualTo("Steer the surplus towards the right");
    assertThat(steered.words()).endsWith(": it gathers where it is not seen, all else is joined one to one.");
    assertThat(steered.risk()).isEqualTo("A small pucker at that end.");
    Repair over = rung(repairs(sides(41, 40)), Rung.EASE).stream().filter(repair -> repair.title().startsWith("Pass over")).findFirst().orElseThrow();
    assertThat(over.words()).endsWith(": some row ends or spaces are left out, one at a time.");
    assertThat(over.risk()).isEqualTo("A place passed over may show as a hole in loose fabric.");
    Repair even = rung(repairs(after(tops(22, 20), new SeamChange.SeamWorked(new SeamId("s"), false, Surplus.TO_HIDDEN, 0, false, SideWorking.USUAL, SideWorking.USUAL))), Rung.EASE).stream().filter(repair -> repair.title().equals("Ease it in evenly")).findFirst().orElseThrow();
    assertThat(even.words()).endsWith(": spread over the whole length it lies flat after blocking.");
    assertThat(even.risk()).isEqualTo("Stripes and repeats shift a little against each other.");
  }

  @Test
  void whatIsBegunIsOpenedFirst() {
    Repair work = rung(Repairs.of(sides(39, 40), new SeamId("s"), Set.of(new SeamId("s"))), Rung.ADD_OR_TAKE_OUT).get(0);
    assertThat(work.effort()).isEqualTo(Effort.MUCH);
    assertThat(work.effortWords()).isEqualTo("s is begun: it is opened first. One row on one piece.");
    Garment two = Panels.garment(List.of(Panels.rectangle(new PieceId("a"), 30, 39), Panels.rectangle(new PieceId("b"), 30, 40)), List.of(seam("right", "left"), Panels.seam(new SeamId("t"), Panels.whole(new PieceId("a"), "left", Span.Along.FORWARD), Panels.whole(new PieceId("b"), "right", Span.Along.BACKWARD))));
    assertThat(rung(Repairs.of(two, new SeamId("s"), Set.of(new SeamId("s"), new SeamId("t"))), Rung.ADD_OR_TAKE_OUT).get(0).effortWords()).startsWith("s, t are begun: it is opened first.");
  }

  /** Every kind of promise is kept on the ladder's whole length, whichever side is the longer. */
  @ParameterizedTest
  @CsvSource({"38, 40", "40, 38", "44, 40", "40, 44", "48, 40", "40, 48", "70, 40", "9, 40", "1, 40", "40, 1"})
  void whatIsOfferedComesTrue(int one, int other) {
    for (Garment garment : List.of(sides(one, other), tops(one, other), topsOnRows(one, other))) {
      Ease.Verdict was = seamOf(garment).ease().map(SeamPlan.EaseView::verdict).orElse(Ease.Verdict.STOP);
      List<Repair> repairs = repairs(garment);
      assertThat(repairs).isSortedAccordingTo((a, b) -> a.rung().compareTo(b.rung()));
      for (Repair repair : repairs) {
        Garment after = after(garment, repair.changes().toArray(Change[]::new));
        SeamPlan seam = seamOf(after);
        assertThat(seam.planned()).as(repair.title()).isTrue();
        switch (repair.rung()) {
          case RECOUNT, ADD_OR_TAKE_OUT -> assertThat(plan(after).findings()).as(repair.title()).extracting(finding -> finding.code()).doesNotContain(FindingCode.ROWS_DIFFER);
          case BLOCK, GATHER -> assertThat(seam.ease().orElseThrow().verdict()).as(repair.title()).isLessThanOrEqualTo(Ease.Verdict.EASE_EVENLY).isLessThan(was);
          case EASE -> assertThat(seam.ease().orElseThrow().verdict()).as(repair.title()).isLessThan(Ease.Verdict.STOP);
          default -> {}
        }
      }
    }
  }

  /** B is joined backwards: its own cut lies as far from its end. */
  private static Garment striped(int onA, int onB, int every, int times, int rows) {
    Piece b = with(Panels.rectangle(new PieceId("b"), 30, rows), "left", rows - onB - (times - 1) * every, every, times);
    return Panels.garment(List.of(with(Panels.rectangle(new PieceId("a"), 30, rows), "right", onA, every, times), b), List.of(seam("right", "left")));
  }

  private static Piece with(Piece piece, String edge, int at, int every, int times) {
    Landmark stripe = new Landmark("stripe", "stripe", Landmark.Kind.STRIPE, new Cut("all", at, Cut.End.START), every, times, Optional.empty());
    return piece.withEdges(piece.edges().stream().map(each -> each.id().equals(edge) ? each.withLandmarks(List.of(stripe)) : each).toList());
  }

  private static CountMade count(PieceId piece, String edge, int to) {
    return new CountMade(piece, edge, "all", Optional.of(to));
  }

  private static List<Repair> repairs(Garment garment) {
    return Repairs.of(garment, new SeamId("s"), Set.of());
  }

  private static List<Repair> rung(List<Repair> repairs, Rung rung) {
    return repairs.stream().filter(repair -> repair.rung() == rung).toList();
  }

  private static Garment after(Garment garment, Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(garment, List.of(changes))).value();
  }

  private static GarmentPlan plan(Garment garment) {
    return ((Outcome.Good<GarmentPlan>) Planner.plan(garment)).value();
  }

  private static SeamPlan seamOf(Garment garment) {
    return plan(garment).seams().stream().filter(seam -> seam.id().equals(new SeamId("s"))).findFirst().orElseThrow();
  }
}
