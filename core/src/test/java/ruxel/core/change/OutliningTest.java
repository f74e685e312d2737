package ruxel.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.change.OwnChange.PieceNamed;
import ruxel.core.change.OwnChange.PieceOutlined;
import ruxel.core.change.OwnChange.PieceOwned;
import ruxel.core.change.OwnChange.PieceRemoved;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Outlining;
import ruxel.core.construction.Outlining.Told;
import ruxel.core.construction.Templates;
import ruxel.core.construction.Walk;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Outline.Point;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;

/** A piece of a construction turned into one of the maker's own, and its outline told anew. */
class OutliningTest {
  private static final Garment CARDIGAN = Wardrobe.cardigan();

  private static Garment after(Garment garment, Change... changes) {
    Outcome<Garment> outcome = Change.applyAll(garment, List.of(changes));
    assertThat(outcome.findings()).isEmpty();
    return ((Outcome.Good<Garment>) outcome).value();
  }

  private static PiecePlan piece(Garment garment, PieceId id) {
    return Wardrobe.plan(garment).pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }

  static Stream<String> constructions() {
    return Templates.all().stream().map(template -> template.id());
  }

  /** Walked round as it is told, every piece of every construction is as it was; and the garment is planned as before. */
  @ParameterizedTest
  @MethodSource("constructions")
  void aPieceToldAsItIsStaysAsItIs(String construction) {
    Garment garment = Garment.of("Quay", new Recipe(construction, new Answers(Map.of())));
    GarmentPlan before = Wardrobe.plan(garment);
    for (PiecePlan piece : before.pieces()) {
      Garment owned = after(garment, new PieceOwned(piece.id()));
      assertThat(Wardrobe.plan(owned).seams()).as(piece.id().text()).isEqualTo(before.seams());
      Piece own = owned.pieces().get(0);
      Garment again = after(owned, new PieceOutlined(piece.id(), Outlining.of(own)));
      List<Point> was = new Outline(own).corners();
      List<Point> is = new Outline(again.pieces().get(0)).corners();
      assertThat(is).hasSameSizeAs(was);
      for (int i = 0; i < was.size(); i++) {
        assertThat(Math.hypot(is.get(i).x() - was.get(i).x(), is.get(i).y() - was.get(i).y())).as("%s, corner %d", piece.id(), i).isLessThan(0.5);
      }
      assertThat(new Outline(again.pieces().get(0)).closes(HouseRules.USUAL)).isTrue();
      assertThat(Wardrobe.plan(again).seams()).extracting(seam -> seam.joints()).isEqualTo(before.seams().stream().map(seam -> seam.joints()).toList());
    }
  }

  /** The back two rows longer below the armhole: its sides are 2 more than the fronts', and its seams are still there. */
  @Test
  void anOutlineToldAnewKeepsItsSeams() {
    Garment owned = after(CARDIGAN, new PieceOwned(new PieceId("back")));
    List<Told> longer =
        Outlining.of(owned.pieces().get(0)).stream()
            .map(told -> told.run().equals("side") ? new Told(told.edge(), told.run(), new Walk.Step(told.step().name(), told.step().kind(), told.step().count() + 2, told.step().unitMm(), told.step().turn())) : told)
            .toList();
    Garment changed = after(owned, new PieceOutlined(new PieceId("back"), longer));
    GarmentPlan plan = Wardrobe.plan(changed);
    assertThat(plan.seams()).hasSameSizeAs(Wardrobe.plan(CARDIGAN).seams()).allMatch(seam -> seam.planned());
    double was = new Outline(owned.pieces().get(0)).box().height();
    assertThat(new Outline(changed.pieces().get(0)).box().height()).isCloseTo(was + 2 * 12.5, within(0.5));
    // Answers change the other pieces, not this one; taken away, the construction makes it again.
    Garment answered = after(changed, new Change.AnswersChanged(Map.of("bodyRows", Optional.of(new Answers.Numeric(50)))));
    assertThat(piece(answered, new PieceId("back")).edges()).isEqualTo(piece(changed, new PieceId("back")).edges());
    assertThat(piece(answered, new PieceId("front.left")).edges()).isNotEqualTo(piece(changed, new PieceId("front.left")).edges());
    assertThat(after(changed, new PieceRemoved(new PieceId("back")))).isEqualTo(CARDIGAN);
  }

  @Test
  void aPieceOfOnesOwnIsRenamed() {
    Garment named = after(CARDIGAN, new PieceOwned(new PieceId("back")), new PieceNamed(new PieceId("back"), "  Lantern back "));
    assertThat(piece(named, new PieceId("back")).name()).isEqualTo("Lantern back");
  }

  static Stream<Arguments> impossible() {
    Garment owned = after(CARDIGAN, new PieceOwned(new PieceId("back")));
    List<Told> told = Outlining.of(owned.pieces().get(0));
    List<Told> open = new ArrayList<>(told);
    open.remove(1);
    List<Told> twice = new ArrayList<>(told);
    twice.add(new Told(told.get(0).edge(), "more", told.get(0).step()));
    return Stream.of(
        Arguments.of(CARDIGAN, new PieceOutlined(new PieceId("back"), told), FindingCode.NOT_YOUR_OWN),
        Arguments.of(CARDIGAN, new PieceNamed(new PieceId("back"), "B"), FindingCode.NOT_YOUR_OWN),
        Arguments.of(CARDIGAN, new PieceOwned(new PieceId("hat")), FindingCode.UNKNOWN_PIECE),
        Arguments.of(owned, new PieceOwned(new PieceId("back")), FindingCode.YOUR_OWN_ALREADY),
        Arguments.of(owned, new PieceNamed(new PieceId("back"), " "), FindingCode.NAME_LENGTH),
        Arguments.of(owned, new PieceOutlined(new PieceId("back"), open), FindingCode.WALK_OPEN),
        Arguments.of(owned, new PieceOutlined(new PieceId("back"), twice), FindingCode.WALK_STEP),
        Arguments.of(owned, new PieceOutlined(new PieceId("back"), List.of()), FindingCode.WALK_STEPS));
  }

  @ParameterizedTest
  @MethodSource("impossible")
  void whatCannotBeIsRefused(Garment garment, Change change, FindingCode code) {
    assertThat(change.apply(garment).findings()).extracting(Finding::code).contains(code);
  }

  /** What a file could not keep is not accepted either: squares have their outline from the squares. */
  @Test
  void aBoardKeepsTheOutlineOfItsSquares() {
    Garment own = ((Outcome.Good<Garment>) new PieceOwned(new PieceId("back")).apply(Garment.of("Squares", new Recipe("squares", new Answers(Map.of()))))).value();
    List<Told> wider = Outlining.of(own.pieces().get(0)).stream().map(told -> new Told(told.edge(), told.run(), new Walk.Step(told.step().name(), told.step().kind(), told.step().count() + 1, told.step().unitMm(), told.step().turn()))).toList();
    PieceOutlined outlined = new PieceOutlined(new PieceId("back"), wider);
    assertThat(outlined.apply(own).findings()).extracting(Finding::code).containsExactly(FindingCode.BOARD_OUTLINE);
  }
}
