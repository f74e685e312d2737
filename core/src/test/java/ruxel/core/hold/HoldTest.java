package ruxel.core.hold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.construction.Template;
import ruxel.core.construction.Templates;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.hold.Facing.Face;
import ruxel.core.hold.Hold.Force;
import ruxel.core.hold.Hold.Held;
import ruxel.core.hold.Hold.Kind;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.SeamId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.plan.HoldView;
import ruxel.core.seam.ResolvedSeam;
import ruxel.core.seam.ResolvedSpan;
import ruxel.core.seam.Seam;
import ruxel.core.seam.SeamResolver;

class HoldTest {
  private static Construct construct(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
  }

  static Stream<Garment> garments() {
    return Stream.concat(
        Stream.of(Wardrobe.cardigan(), Wardrobe.pullover()), Templates.all().stream().map(Template::id).map(id -> Garment.of(id, new Recipe(id, new Answers(Map.of())))));
  }

  /** Every seam in its own direction, turned, and with its sides exchanged. */
  private static List<ResolvedSeam> seams(Garment garment) {
    Construct construct = construct(garment);
    List<ResolvedSeam> all = new ArrayList<>(SeamResolver.resolve(construct.pieces(), construct.seams()).seams());
    all.addAll(SeamResolver.resolve(construct.pieces(), construct.seams().stream().map(Seam::turned).toList()).seams());
    return all;
  }

  private static LaidDown laid(ResolvedSeam seam, Held held) {
    ResolvedSpan first = seam.side(held.side()).get(0);
    assertThat(first.piece().id()).isEqualTo(held.piece());
    return LaidDown.of(first, held.face());
  }

  /** The law of model 3a, by points alone: put down with their edges on top, both pieces are travelled from the hand that is told. */
  @ParameterizedTest
  @MethodSource("garments")
  void stackedPiecesBeginAtTheHandThatIsTold(Garment garment) {
    for (ResolvedSeam seam : seams(garment)) {
      for (Hand hand : Hand.values()) {
        for (Facing facing : List.of(Facing.RIGHT_SIDES_TOGETHER, Facing.WRONG_SIDES_TOGETHER)) {
          Hold hold = Hold.of(seam, facing, false, hand, false);
          assertThat(hold.kind()).isEqualTo(Kind.STACKED);
          assertThat(hold.first().face()).isEqualTo(facing == Facing.RIGHT_SIDES_TOGETHER ? Face.WRONG_SIDE : Face.RIGHT_SIDE);
          assertThat(hold.second().face()).isEqualTo(hold.first().face().other());
          assertThat(hold.second().side()).isEqualTo(hold.first().side().other());
          boolean fromRight = hold.beginsAt() == Hand.RIGHT;
          assertThat(laid(seam, hold.first()).goesLeftOnTop()).as("%s, nearest", seam.seam().id()).isEqualTo(fromRight);
          assertThat(laid(seam, hold.second()).goesLeftOnTop()).as("%s, behind", seam.seam().id()).isEqualTo(fromRight);
          assertThat(hold.beginsAt()).as("the hand that works begins").isEqualTo(hand);
          assertThat(hold.forcedBy()).isEmpty();
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("garments")
  void flatPiecesLieWhereTheyAreTold(Garment garment) {
    for (ResolvedSeam seam : seams(garment)) {
      for (Hand hand : Hand.values()) {
        for (Facing facing : List.of(Facing.FLAT_RIGHT_SIDES_UP, Facing.FLAT_WRONG_SIDES_UP)) {
          Hold upright = Hold.of(seam, facing, true, hand, false);
          assertThat(upright.kind()).isEqualTo(Kind.UPRIGHT);
          assertThat(laid(seam, upright.first()).going(90).isFabric(-1, 0)).as("%s, left", seam.seam().id()).isTrue();
          assertThat(laid(seam, upright.second()).going(90).isFabric(1, 0)).as("%s, right", seam.seam().id()).isTrue();
          Hold level = Hold.of(seam, facing, false, hand, false);
          assertThat(level.kind()).isEqualTo(Kind.LEVEL);
          double way = hand == Hand.RIGHT ? 180 : 0;
          assertThat(laid(seam, level.first()).going(way).isFabric(0, -1)).as("%s, lower", seam.seam().id()).isTrue();
          assertThat(laid(seam, level.second()).going(way).isFabric(0, 1)).as("%s, upper", seam.seam().id()).isTrue();
          Face shown = facing == Facing.FLAT_RIGHT_SIDES_UP ? Face.RIGHT_SIDE : Face.WRONG_SIDE;
          assertThat(List.of(upright.first().face(), upright.second().face(), level.first().face(), level.second().face())).containsOnly(shown);
          assertThat(List.of(upright.beginsAt(), level.beginsAt())).containsOnly(hand);
        }
      }
    }
  }

  /** Where both sides run the same way round, one of the pieces is turned over, and nothing changes the hand. */
  @ParameterizedTest
  @EnumSource(Facing.class)
  void aTurnedPieceIsHeldAsItLies(Facing facing) {
    ResolvedSeam shoulder = seam("shoulder.left");
    Seam told = shoulder.seam();
    Seam twisted = new Seam(told.id(), told.name(), told.role(), told.a(), turned(told.b()), List.of(), List.of(), told.working(), told.method());
    ResolvedSeam seam = SeamResolver.find(construct(Wardrobe.cardigan()).pieces(), List.of(twisted), told.id()).orElseThrow();
    for (Hand hand : Hand.values()) {
      Hold hold = Hold.of(seam, facing, true, hand, false);
      if (facing.isFlat()) {
        assertThat(laid(seam, hold.first()).going(90).isFabric(-1, 0)).isTrue();
        assertThat(laid(seam, hold.second()).going(90).isFabric(1, 0)).isTrue();
        assertThat(hold.first().face()).isNotEqualTo(hold.second().face());
        assertThat(hold.forcedBy()).contains(Force.TURNED);
      } else {
        assertThat(laid(seam, hold.first()).goesLeftOnTop()).isEqualTo(hold.beginsAt() == Hand.RIGHT);
        assertThat(laid(seam, hold.second()).goesLeftOnTop()).isEqualTo(hold.beginsAt() == Hand.RIGHT);
        assertThat(hold.second().face()).isEqualTo(hold.first().face());
        assertThat(hold.forcedBy().isPresent()).isEqualTo(hold.beginsAt() != hand);
      }
    }
  }

  private static Seam.SideOf turned(Seam.SideOf side) {
    return new Seam.SideOf(side.name(), side.spans().stream().map(span -> span.turned()).toList(), side.placesPerRow(), side.spaces());
  }

  private static ResolvedSeam seam(String id) {
    Construct construct = construct(Wardrobe.cardigan());
    return SeamResolver.find(construct.pieces(), construct.seams(), new SeamId(id)).orElseThrow();
  }

  /** A pair of shoulders from the armhole: the nearest piece changes, the hand does not. */
  @Test
  void theShouldersOfACardigan() {
    Hold left = Hold.of(seam("shoulder.left"), Facing.RIGHT_SIDES_TOGETHER, false, Hand.RIGHT, false);
    assertThat(left.first().piece()).isEqualTo(new PieceId("back"));
    assertThat(left.first().face()).isEqualTo(Face.WRONG_SIDE);
    assertThat(left.beginsAt()).isEqualTo(Hand.RIGHT);
    Hold right = Hold.of(seam("shoulder.right"), Facing.RIGHT_SIDES_TOGETHER, false, Hand.RIGHT, false);
    assertThat(right.first().piece()).isEqualTo(new PieceId("front.right"));
    assertThat(right.first().face()).isEqualTo(Face.WRONG_SIDE);
    assertThat(right.beginsAt()).isEqualTo(Hand.RIGHT);
    assertThat(Hold.of(seam("shoulder.left"), Facing.RIGHT_SIDES_TOGETHER, false, Hand.LEFT, false).first().piece()).isEqualTo(new PieceId("front.left"));
  }

  /** Mattress from the hem, right side up, the hem nearest: on the wearer's left the front lies on the maker's left. */
  @Test
  void theSidesOfACardigan() {
    Hold left = Hold.of(seam("side.left"), Facing.FLAT_RIGHT_SIDES_UP, true, Hand.RIGHT, false);
    assertThat(left.first().piece()).isEqualTo(new PieceId("front.left"));
    assertThat(left.second().piece()).isEqualTo(new PieceId("back"));
    Hold right = Hold.of(seam("side.right"), Facing.FLAT_RIGHT_SIDES_UP, true, Hand.RIGHT, false);
    assertThat(right.first().piece()).isEqualTo(new PieceId("back"));
    assertThat(right.second().piece()).isEqualTo(new PieceId("front.right"));
  }

  /** A mirrored seam held by a maker of the other hand is the mirror image: the same side nearest, at the other hand. */
  @Test
  void theOtherHandHoldsTheTwinAlike() {
    for (String[] pair : new String[][] {{"shoulder.left", "shoulder.right"}, {"side.left", "side.right"}, {"armhole.left", "armhole.right"}}) {
      for (Facing facing : Facing.values()) {
        Hold one = Hold.of(seam(pair[0]), facing, true, Hand.RIGHT, false);
        Hold other = Hold.of(seam(pair[1]), facing, true, Hand.LEFT, false);
        boolean flat = facing.isFlat();
        assertThat(other.first().side()).as("%s %s", pair[0], facing).isEqualTo(flat ? one.second().side() : one.first().side());
      }
    }
  }

  @Test
  void aRowThatIsWorkedMeanwhileForces() {
    assertThat(Hold.of(seam("shoulder.left"), Facing.FLAT_RIGHT_SIDES_UP, false, Hand.RIGHT, true).forcedBy()).contains(Force.LIVE_ROW);
  }

  /** As it is planned and printed, with the names of its ends. */
  @Test
  void thePlanTellsHowASeamIsHeld() {
    HoldView left = Wardrobe.plan(Wardrobe.cardigan()).seams().stream().filter(plan -> plan.id().equals(new SeamId("shoulder.left"))).findFirst().orElseThrow().hold().orElseThrow();
    assertThat(left.kind()).isEqualTo(HoldView.Kind.STACKED);
    assertThat(left.pieces()).containsExactly(new PieceId("back"), new PieceId("front.left"));
    assertThat(left.shows()).containsExactly(Face.WRONG_SIDE, Face.RIGHT_SIDE);
    assertThat(left.beginsAt()).isEqualTo(Hand.RIGHT);
    assertThat(left.from()).isEqualTo("the left armhole");
    assertThat(left.to()).isEqualTo("the neck");
    HoldView side = Wardrobe.plan(Wardrobe.cardigan()).seams().stream().filter(plan -> plan.id().equals(new SeamId("side.left"))).findFirst().orElseThrow().hold().orElseThrow();
    assertThat(side.edges()).isEqualTo(HoldView.Edges.UPRIGHT);
    assertThat(side.words()).startsWith("The front side and sleeve on your left, the back side and sleeve on your right, right sides up, the hem nearest you.");
  }
}
