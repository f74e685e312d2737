package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.EdgingWorked;
import ruxel.core.change.HoldChange;
import ruxel.core.change.WearChange.SchoolTaken;
import ruxel.core.change.Change;
import ruxel.core.change.SeamChange.MethodChosen;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.hold.Facing;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.measure.School;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.measure.Wording.Hand;

/** The second of a pair, held in the same direction or with the same piece nearest; and how pieces face each other, as chosen. */
class PairPlanTest {
  private static final SeamId LEFT = new SeamId("shoulder.left");
  private static final SeamId RIGHT = new SeamId("shoulder.right");

  private static Garment good(Outcome<Garment> outcome) {
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static Garment samePiece(Garment garment) {
    return good(new SchoolTaken(School.PAIR, Optional.of(School.Way.SAME_PIECE)).apply(garment));
  }

  private static HoldView hold(GarmentPlan plan, SeamId seam) {
    return plan.seams().stream().filter(each -> each.id().equals(seam)).findFirst().orElseThrow().hold().orElseThrow();
  }

  /** Each way the hand that works begins; in one the direction is the mirror image, in the other the nearest piece is the same or its mirror image. */
  @ParameterizedTest
  @MethodSource("garments")
  void bothWaysLetTheHandBegin(Garment garment) {
    for (Hand hand : Hand.values()) {
      Garment bare = garment.withWording(new Wording(garment.unit(), garment.terms(), hand));
      GarmentPlan direction = Wardrobe.plan(bare);
      GarmentPlan piece = Wardrobe.plan(samePiece(bare));
      assertThat(piece.pairs()).hasSameSizeAs(direction.pairs());
      for (int i = 0; i < direction.pairs().size(); i++) {
        PairPlan pair = direction.pairs().get(i);
        assertThat(pair.ways()).extracting(PairPlan.PairWay::now).containsExactly(true, false);
        assertThat(piece.pairs().get(i).ways()).extracting(PairPlan.PairWay::now).containsExactly(false, true);
        assertThat(pair.ways()).extracting(PairPlan.PairWay::seams).as("both are told alike, whichever is taken").isEqualTo(piece.pairs().get(i).ways().stream().map(PairPlan.PairWay::seams).toList());
        for (SeamId seam : List.of(pair.first(), pair.second())) {
          assertThat(List.of(hold(direction, seam).beginsAt(), hold(piece, seam).beginsAt())).containsOnly(hand);
        }
        HoldView first = hold(piece, pair.first());
        HoldView second = hold(piece, pair.second());
        assertThat(first).as("the first stays as it was").isEqualTo(hold(direction, pair.first()));
        assertThat(List.of(second.from(), second.to())).containsExactly(hold(direction, pair.second()).to(), hold(direction, pair.second()).from());
        assertThat(second.sides()).containsExactly(hold(direction, pair.second()).sides().get(1), hold(direction, pair.second()).sides().get(0));
      }
    }
  }

  static Stream<Garment> garments() {
    return Stream.concat(Stream.of(Wardrobe.cardigan(), Wardrobe.pullover()), Templates.all().stream().map(Template::id).map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of())))));
  }

  /** Keeping the front nearest on both: the right one from armhole to neck, the left one from neck to armhole. */
  @Test
  void theFrontNearestOnBoth() {
    Garment turned = good(new HoldChange.SeamTurned(LEFT).apply(samePiece(Wardrobe.cardigan())));
    GarmentPlan plan = Wardrobe.plan(turned);
    assertThat(hold(plan, RIGHT).pieces().get(0)).isEqualTo(new PieceId("front.right"));
    assertThat(List.of(hold(plan, RIGHT).from(), hold(plan, RIGHT).to())).containsExactly("the right armhole", "the neck");
    assertThat(hold(plan, LEFT).pieces().get(0)).isEqualTo(new PieceId("front.left"));
    assertThat(List.of(hold(plan, LEFT).from(), hold(plan, LEFT).to())).containsExactly("the neck", "the left armhole");
    assertThat(List.of(hold(plan, LEFT).beginsAt(), hold(plan, RIGHT).beginsAt())).containsOnly(Hand.RIGHT);
    assertThat(good(new HoldChange.SeamTurned(LEFT).apply(turned)).settings()).as("turned twice").isNotEqualTo(turned.settings());
    assertThat(hold(Wardrobe.plan(good(new HoldChange.SeamTurned(LEFT).apply(turned))), LEFT)).isEqualTo(hold(Wardrobe.plan(samePiece(Wardrobe.cardigan())), LEFT));
  }

  /** The joints of a seam that is turned are the same, read from the other end. */
  @Test
  void aTurnedSeamHasTheSameJoints() {
    SeamId armhole = new SeamId("armhole.left");
    SeamPlan before = seam(Wardrobe.cardigan(), armhole);
    SeamPlan after = seam(good(new HoldChange.SeamTurned(armhole).apply(Wardrobe.cardigan())), armhole);
    assertThat(after.joints()).isEqualTo(before.joints());
    assertThat(after.a().joints()).isEqualTo(reversed(before.a().joints()));
    assertThat(after.b().joints()).isEqualTo(reversed(before.b().joints()));
    assertThat(after.ease()).isEqualTo(before.ease());
  }

  private static SeamPlan seam(Garment garment, SeamId id) {
    return Wardrobe.plan(garment).seams().stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
  }

  private static List<Integer> reversed(List<Integer> list) {
    return IntStream.range(0, list.size()).mapToObj(i -> list.get(list.size() - 1 - i)).toList();
  }

  /** As chosen for a seam, else for the garment where the method allows it; what it does not allow is refused with what is possible. */
  @ParameterizedTest
  @EnumSource(Facing.class)
  void piecesFaceEachOtherAsChosen(Facing facing) {
    Garment joined = good(Change.applyAll(Wardrobe.cardigan(), List.of(new MethodChosen(LEFT, "whip-both"), new MethodChosen(RIGHT, "backstitch"))));
    Garment all = good(new HoldChange.FacingChosen(Optional.empty(), Optional.of(facing)).apply(joined));
    boolean isAllowed = facing == Facing.RIGHT_SIDES_TOGETHER || facing == Facing.FLAT_WRONG_SIDES_UP;
    assertThat(now(all, LEFT)).isEqualTo(isAllowed ? facing : Facing.RIGHT_SIDES_TOGETHER);
    assertThat(now(all, RIGHT)).as("one way only").isEqualTo(Facing.RIGHT_SIDES_TOGETHER);
    Outcome<Garment> one = new HoldChange.FacingChosen(Optional.of(LEFT), Optional.of(facing)).apply(joined);
    if (isAllowed) {
      assertThat(now(good(one), LEFT)).isEqualTo(facing);
      assertThat(seam(good(one), LEFT).howTo().orElseThrow().facing()).isEqualTo(facing);
      assertThat(now(good(new HoldChange.FacingChosen(Optional.of(LEFT), Optional.empty()).apply(good(one))), LEFT)).isEqualTo(Facing.RIGHT_SIDES_TOGETHER);
    } else {
      assertThat(((Outcome.Refused<Garment>) one).findings()).extracting(Finding::code).containsExactly(FindingCode.FACING_NOT_ALLOWED);
    }
  }

  private static Facing now(Garment garment, SeamId seam) {
    Map<Boolean, Facing> choices = new HashMap<>();
    hold(Wardrobe.plan(garment), seam).choices().forEach(choice -> choices.put(choice.now(), choice.facing()));
    return choices.get(true);
  }

  /** A row that is worked meanwhile runs its own way: it is not turned by hand. */
  @Test
  void aRowGivesTheDirection() {
    Garment bare = Wardrobe.cardigan();
    Garment row =
        good(
            Change.applyAll(
                bare,
                List.of(
                    new EdgingWorked(new PieceId("back"), "shoulder.left", new EdgingWorked.Rows(1, 12.5, 23, Optional.empty(), Optional.of(Stitch.DC))),
                    new MethodChosen(LEFT, "join-slip"))));
    assertThat(((Outcome.Refused<Garment>) new HoldChange.SeamTurned(LEFT).apply(row)).findings()).extracting(Finding::code).containsExactly(FindingCode.DIRECTION_BY_ROW);
  }
}
