package ruxel.core.lay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruxel.core.change.Change;
import ruxel.core.change.EdgingWorked;
import ruxel.core.finding.Outcome;
import ruxel.core.garment.Garment;
import ruxel.core.garment.Wardrobe;
import ruxel.core.glue.Panels;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.PiecePlan;

/** Pieces that grow push their neighbours away and keep the gaps. */
class ApartTest {
  private static final Piece LOW = Panels.rectangle(new PieceId("low"), 10, 10);
  private static final Piece HIGH = Panels.rectangle(new PieceId("high"), 10, 10);
  private static final Piece SIDE = Panels.rectangle(new PieceId("side"), 10, 10);
  private static final List<Placement> LAID =
      List.of(new Placement(new PieceId("low"), 0, 0, 0), new Placement(new PieceId("high"), 0, 0, 130), new Placement(new PieceId("side"), 0, 140, 0));

  @Test
  void nothingMovesWhileNothingGrows() {
    List<Piece> pieces = List.of(LOW, HIGH, SIDE);
    assertThat(Apart.of(pieces, LAID, pieces, LAID)).isEqualTo(LAID);
  }

  /** The low one is 5 rows of 10 mm higher: who lies above goes up by 50 mm, who lies beside stays. */
  @Test
  void whoLiesAboveGoesUp() {
    List<Placement> apart = Apart.of(List.of(LOW, HIGH, SIDE), LAID, List.of(Panels.rectangle(new PieceId("low"), 10, 15), HIGH, SIDE), LAID);
    assertThat(apart).containsExactly(LAID.get(0), new Placement(new PieceId("high"), 0, 0, 180), LAID.get(2));
  }

  @Test
  void whoLiesBesideGoesRight() {
    List<Placement> apart = Apart.of(List.of(LOW, HIGH, SIDE), LAID, List.of(Panels.rectangle(new PieceId("low"), 13, 10), HIGH, SIDE), LAID);
    assertThat(apart).containsExactly(LAID.get(0), LAID.get(1), new Placement(new PieceId("side"), 0, 170, 0));
  }

  @Test
  void aPushIsHandedOn() {
    Piece top = Panels.rectangle(new PieceId("top"), 10, 10);
    List<Placement> laid = List.of(LAID.get(0), LAID.get(1), new Placement(new PieceId("top"), 0, 0, 250));
    List<Placement> apart = Apart.of(List.of(LOW, HIGH, top), laid, List.of(Panels.rectangle(new PieceId("low"), 10, 12), Panels.rectangle(new PieceId("high"), 10, 11), top), laid);
    assertThat(apart.get(2).yMm()).isEqualTo(250 + 20 + 10);
  }

  /** Rows on a hem grow away from the body: what was there before stays where it lies. */
  @Test
  void edgingGrowsOutwards() {
    GarmentPlan before = Wardrobe.plan(Wardrobe.cardigan());
    Change rows = new EdgingWorked(new PieceId("sleeve.left"), edge(before), 2, 10, 40);
    GarmentPlan after = Wardrobe.plan(((Outcome.Good<Garment>) rows.apply(Wardrobe.cardigan())).value());
    PiecePlan was = piece(before, new PieceId("sleeve.left"));
    PiecePlan is = piece(after, new PieceId("sleeve.left"));
    Outline.Point cornerWas = was.placement().onTable(corner(was, 2));
    Outline.Point cornerIs = is.placement().onTable(corner(is, 2));
    assertThat(cornerIs).isEqualTo(cornerWas);
  }

  private static String edge(GarmentPlan plan) {
    return piece(plan, new PieceId("sleeve.left")).edges().get(0).id();
  }

  /** The start of the n-th edge, in the piece's axes. */
  private static Outline.Point corner(PiecePlan piece, int edge) {
    PiecePlan.RunPlan run = piece.edges().get(edge).runs().get(0);
    return new Outline.Point(run.x(), run.y());
  }

  private static PiecePlan piece(GarmentPlan plan, PieceId id) {
    return plan.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst().orElseThrow();
  }
}
