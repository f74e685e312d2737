package ruxel.core.hold;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import ruxel.core.bench.BenchPlan;
import ruxel.core.bench.LineDirections;
import ruxel.core.bench.StripDirections;
import ruxel.core.board.Crossing;
import ruxel.core.board.Scheme;
import ruxel.core.construction.Answers;
import ruxel.core.construction.Construct;
import ruxel.core.decision.ChosenFacing;
import ruxel.core.decision.JoinedBoard;
import ruxel.core.decision.WorkedStrip;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Recipe;
import ruxel.core.garment.Wardrobe;
import ruxel.core.hold.Facing.Face;
import ruxel.core.identity.PieceId;
import ruxel.core.identity.StripId;
import ruxel.core.layout.Layout;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Wording;
import ruxel.core.measure.Wording.Hand;
import ruxel.core.method.Method;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Piece;
import ruxel.core.plan.BoardPlan;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.HoldView;
import ruxel.core.plan.StripPlan;
import ruxel.core.seam.Anchor;
import ruxel.core.strip.Round;
import ruxel.core.strip.Strip;
import ruxel.core.strip.Trims;

/** Rows to and fro along an edge, and the lines of boards: the law of model 3a asked of what is worked without a seam of the garment. */
class RowHoldTest {
  private static Construct construct(Garment garment) {
    return ((Outcome.Good<Layout>) Layout.of(garment)).value().construct();
  }

  /** Rows to and fro along every opening: each is travelled from the hand that works, and begins where the one before it ended. */
  @ParameterizedTest
  @MethodSource("ruxel.core.hold.HoldTest#garments")
  void rowsToAndFroBeginWhereTheHandsAre(Garment bare) {
    for (Hand hand : Hand.values()) {
      Garment garment = bare.withWording(new Wording(bare.unit(), bare.terms(), hand));
      for (GarmentPlan.OpeningPlan opening : Wardrobe.plan(garment).gluing().openings()) {
        Garment edged = garment.withSettings(garment.settings().with(new WorkedStrip(toAndFro(opening.start(), Optional.empty()))));
        List<Piece> pieces = construct(edged).pieces();
        for (StripPlan strip : Wardrobe.plan(edged).strips()) {
          for (StripPlan.RoundPlan round : strip.rounds()) {
            StripPlan.RoundHold hold = round.hold();
            assertThat(hold.beginsAt()).isEqualTo(hand);
            assertThat(hold.shows()).containsExactly(round.number() % 2 == 1 ? Face.RIGHT_SIDE : Face.WRONG_SIDE);
            StripPlan.InnerPlan begun = strip.inner().get(hold.reversed() ? strip.inner().size() - 1 : 0);
            Anchor.Spot spot = hold.reversed() ? begun.end() : begun.start();
            Piece piece = pieces.stream().filter(each -> each.id().equals(begun.piece())).findFirst().orElseThrow();
            int cut = spot.cut().on(piece.edge(begun.edge()).orElseThrow()).orElseThrow();
            boolean forward = cut == begun.from();
            assertThat(LaidDown.of(piece, piece.edges().indexOf(piece.edge(begun.edge()).orElseThrow()), cut, forward, hold.shows().get(0)).goesLeftOnTop())
                .as("%s, round %d", opening.name(), round.number()).isEqualTo(hand == Hand.RIGHT);
            assertThat(hold.pieces()).containsExactly(begun.piece());
          }
        }
      }
    }
  }

  private static Strip toAndFro(Anchor.Spot from, Optional<Anchor.Spot> to) {
    List<Round> rows = Stream.of(false, true, true).map(turned -> new Round(Stitch.SC, 6, 6, turned)).toList();
    return new Strip(new StripId("trim"), "Trim", from, to, rows, Strip.Multiple.ANY, false, Trims.NONE, Optional.empty(), Optional.empty());
  }

  /** Up one front, round the neck and down the other: row 2 begins at the lower left front, and meets the edge from there. */
  @Test
  void theSecondRowOfATurnedTrimBeginsWhereTheYarnHangs() {
    Garment cardigan = Wardrobe.cardigan();
    Piece right = piece(cardigan, "front.right");
    Piece left = piece(cardigan, "front.left");
    Edge start = right.edge("front").orElseThrow();
    Edge end = left.edge("front").orElseThrow();
    Strip trim = toAndFro(Anchor.Spot.cut(right.id(), start.id(), Cut.at(start, 0)), Optional.of(Anchor.Spot.cut(left.id(), end.id(), Cut.at(end, end.units()))));
    Garment edged = cardigan.withSettings(cardigan.settings().with(new WorkedStrip(trim)));
    GarmentPlan plan = Wardrobe.plan(edged);
    List<StripPlan.RoundHold> holds = plan.strips().get(0).rounds().stream().map(StripPlan.RoundPlan::hold).toList();
    assertThat(holds).extracting(StripPlan.RoundHold::from).containsExactly("the hem of the right front", "the hem of the left front", "the hem of the right front");
    assertThat(holds).extracting(StripPlan.RoundHold::to).containsExactly("the hem of the left front", "the hem of the right front", "the hem of the left front");
    assertThat(holds).extracting(StripPlan.RoundHold::reversed).containsExactly(false, true, false);
    BenchPlan bench = StripDirections.of(edged, plan, new StripId("trim")).orElseThrow();
    List<List<String>> met = bench.rounds().stream().map(round -> round.segments().stream().map(BenchPlan.BenchSegment::name).filter(name -> !name.isEmpty()).toList()).toList();
    assertThat(met.get(0).get(0)).isEqualTo("Front edge of the right front");
    assertThat(met.get(1).get(0)).isEqualTo("Front edge of the left front");
    List<String> back = new ArrayList<>(met.get(0));
    Collections.reverse(back);
    assertThat(met.get(1)).isEqualTo(back);
    assertThat(met.get(2)).isEqualTo(met.get(0));
    assertThat(bench.rounds()).extracting(round -> round.hold().orElseThrow()).as("said anew in each row").element(1).isEqualTo("Wrong side towards you, from your right: from the hem of the left front to the hem of the right front. Single crochet.");
    assertThat(bench.start()).startsWith("Fasten on at the hem of the right front. Chain 1: it is no stitch, the first one goes into the same place. Right side towards you, from your right: from the hem of the right front to the hem of the left front.");
    assertThat(bench.prompts()).anyMatch(prompt -> prompt.words().startsWith("Row 1 is done. Turn the work. Chain 1: it is no stitch, the first one goes into the same place. Next: ") && prompt.words().endsWith("Wrong side towards you, from your right: from the hem of the left front to the hem of the right front."));
  }

  private static Piece piece(Garment garment, String id) {
    return construct(garment).pieces().stream().filter(piece -> piece.id().equals(new PieceId(id))).findFirst().orElseThrow();
  }

  /** Lines of boards, as their squares lie: the lower row or column by points alone. */
  @ParameterizedTest
  @EnumSource(Hand.class)
  void linesOfBoardsAreHeldAsTheirSquaresLie(Hand hand) {
    Garment bare = Garment.of("Any", new Recipe("squares", new Answers(Map.of())));
    for (Facing facing : List.of(Facing.WRONG_SIDES_TOGETHER, Facing.FLAT_RIGHT_SIDES_UP, Facing.FLAT_WRONG_SIDES_UP)) {
      Garment garment = bare.withWording(new Wording(bare.unit(), bare.terms(), hand)).withSettings(bare.settings().with(new ChosenFacing(Optional.empty(), facing)));
      for (PieceId board : List.of(new PieceId("back"), new PieceId("front.left"))) {
        garment = garment.withSettings(garment.settings().with(new JoinedBoard(board, Method.WHIP_BACK.id(), Crossing.SKIP, Scheme.Name.ROWS_FIRST)));
      }
      GarmentPlan plan = Wardrobe.plan(garment);
      for (BoardPlan board : plan.boards()) {
        for (BoardPlan.LinePlan line : board.lines()) {
          HoldView bench = LineDirections.of(garment, board.id(), line.id()).orElseThrow().plan().orElseThrow().hold().orElseThrow();
          assertThat(line.hold().shows()).isEqualTo(bench.shows());
          assertThat(line.hold().sides()).isEqualTo(bench.sides());
          assertThat(line.hold().beginsAt()).isEqualTo(hand);
          assertThat(line.hold().edges()).isEqualTo(bench.edges());
          assertThat(List.of(line.hold().from(), line.hold().to())).as("%s %s", board.id(), line.id()).containsExactly(bench.from(), bench.to());
        }
      }
    }
  }
}
