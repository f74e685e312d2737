package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.CountMade;
import ruxel.core.change.FindingChange;
import ruxel.core.decision.LaidPiece;
import ruxel.core.decision.MadeCount;
import ruxel.core.decision.Settings;
import ruxel.core.finding.FindingCode.Level;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.piece.Counts;

/** What is to be decided first, and what the maker leaves as it is (model 6). */
class LeftSoTest {
  private static final Change ONE_FEWER = new CountMade(new PieceId("front.left"), "shoulder", "shoulder", Optional.of(22));

  @Test
  void anUnequalShoulderIsToBeDecidedBeforeItsStep() {
    GarmentPlan plan = Wardrobe.plan(applied(ONE_FEWER));
    assertThat(plan.toDecide(new SeamId("shoulder.left"))).extracting(FindingView::code).contains(FindingCode.SHOULDER_UNEQUAL);
    assertThat(plan.toDecide(new SeamId("armhole.right"))).isEmpty();
  }

  @Test
  void leftSoItIsANoteWithItsReasonAndTheStepOpens() {
    GarmentPlan before = Wardrobe.plan(applied(ONE_FEWER));
    Change[] left = before.toDecide(new SeamId("shoulder.left")).stream().map(finding -> new FindingChange.FindingLeft(finding.key().orElseThrow(), "One is hidden in the band.")).toArray(Change[]::new);
    GarmentPlan after = Wardrobe.plan(applied(concat(ONE_FEWER, left)));
    assertThat(after.toDecide(new SeamId("shoulder.left"))).isEmpty();
    FindingView shoulder = after.findings().stream().filter(f -> f.code() == FindingCode.SHOULDER_UNEQUAL).findFirst().orElseThrow();
    assertThat(shoulder.level()).isEqualTo(Level.NOTE);
    assertThat(shoulder.left()).contains("One is hidden in the band.");
    assertThat(after.seams()).hasSameSizeAs(before.seams());
    GarmentPlan taken = Wardrobe.plan(applied(concat(concat(ONE_FEWER, left), new FindingChange.FindingTakenBack(shoulder.key().orElseThrow()))));
    assertThat(taken.toDecide(new SeamId("shoulder.left"))).extracting(FindingView::code).contains(FindingCode.SHOULDER_UNEQUAL);
  }

  @Test
  void otherFiguresAreAskedAnew() {
    FindingView shoulder = Wardrobe.plan(applied(ONE_FEWER)).toDecide(new SeamId("shoulder.left")).get(0);
    Change left = new FindingChange.FindingLeft(shoulder.key().orElseThrow(), "It is so.");
    Change two = new CountMade(new PieceId("front.left"), "shoulder", "shoulder", Optional.of(21));
    GarmentPlan plan = Wardrobe.plan(applied(left, two));
    assertThat(plan.toDecide(new SeamId("shoulder.left"))).isNotEmpty();
    assertThat(plan.findings()).extracting(FindingView::code).contains(FindingCode.LEFT_GONE);
  }

  @Test
  void withoutAReasonNothingIsLeft() {
    Outcome<Garment> outcome = new FindingChange.FindingLeft("SHOULDER_UNEQUAL.1", "  ").apply(Wardrobe.cardigan());
    assertThat(outcome.findings()).singleElement().extracting(f -> f.code()).isEqualTo(FindingCode.NOTE_LENGTH);
  }

  private static Change[] concat(Change first, Change... more) {
    return concat(new Change[] {first}, more);
  }

  private static Change[] concat(Change[] first, Change... more) {
    List<Change> all = new java.util.ArrayList<>(List.of(first));
    all.addAll(List.of(more));
    return all.toArray(Change[]::new);
  }

  private static Garment applied(Change... changes) {
    return ((Outcome.Good<Garment>) Change.applyAll(Wardrobe.cardigan(), List.of(changes))).value();
  }

  /** However much else is said: what is to be decided is never cut off with the rest. */
  @Test
  void whatIsToBeDecidedIsNeverCapped() {
    Garment garment = Wardrobe.cardigan();
    Settings many = garment.settings().with(new MadeCount(new PieceId("sleeve.right"), "front", "sleeve", 31, Counts.Source.AS_MADE));
    for (int i = 0; i < 250; i++) {
      many = many.with(new LaidPiece(new PieceId("gone." + i), 1, 1, 0));
    }
    GarmentPlan plan = Wardrobe.plan(garment.withSettings(many));
    assertThat(plan.findings()).hasSize(201);
    assertThat(plan.toDecide(new SeamId("side.right"))).extracting(FindingView::code).contains(FindingCode.TWINS_DIFFER);
  }
}
