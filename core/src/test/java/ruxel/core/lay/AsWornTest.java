package ruxel.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.PieceId;
import ruxel.core.lay.AsWorn.WornShape;
import ruxel.core.lay.AsWorn.WornView;
import ruxel.core.piece.Outline.Point;
import ruxel.core.plan.GarmentPlan;

class AsWornTest {
  private final GarmentPlan cardigan = Wardrobe.plan(Wardrobe.cardigan());
  private final WornView front = cardigan.worn().get(0);
  private final WornView back = cardigan.worn().get(1);

  @Test
  void fromTheFrontTheWearersLeftLiesOnTheRight() {
    assertThat(middle(front, new PieceId("sleeve.left"))).isPositive();
    assertThat(middle(front, new PieceId("front.left"))).isPositive();
    assertThat(middle(back, new PieceId("sleeve.left"))).isNegative();
    assertThat(back.shapes()).noneMatch(shape -> shape.piece().text().startsWith("front"));
  }

  @Test
  void theWingspanIsTheBackAndBothSleeves() {
    double width = 66 * 100.0 / 14;
    double left = front.shapes().stream().flatMap(s -> s.points().stream()).mapToDouble(Point::x).min().orElseThrow();
    double right = front.shapes().stream().flatMap(s -> s.points().stream()).mapToDouble(Point::x).max().orElseThrow();
    double rib = cardigan.pieces().get(3).edges().get(1).runs().get(0).lengthMm();
    assertThat(right - left).isEqualTo(width + 2 * (32 * 12.5 + rib), within(0.01));
  }

  @Test
  void aSleeveIsFoldedInHalf() {
    WornShape sleeve = shapes(front, new PieceId("sleeve.left")).get(0);
    double armhole = sleeve.points().stream().mapToDouble(Point::y).min().orElseThrow();
    assertThat(-armhole).isEqualTo(51 * 100.0 / 14 / 2, within(0.01));
  }

  @Test
  void everythingHangsFromTheShoulderLine() {
    for (WornView view : cardigan.worn()) {
      assertThat(view.shapes()).allSatisfy(shape -> assertThat(shape.points()).allMatch(p -> p.y() <= 1e-9));
    }
  }

  private static double middle(WornView view, PieceId piece) {
    return shapes(view, piece).get(0).points().stream().mapToDouble(Point::x).average().orElseThrow();
  }

  private static List<WornShape> shapes(WornView view, PieceId piece) {
    return view.shapes().stream().filter(shape -> shape.piece().equals(piece)).toList();
  }
}
