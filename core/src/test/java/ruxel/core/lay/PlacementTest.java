package ruxel.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Outline.Point;

/** Turning a piece on the table about its own middle. */
class PlacementTest {
  private final Placement lies = new Placement(new PieceId("back"), 1, 120, -40);
  private final Point middle = new Point(250, 300);

  @ParameterizedTest
  @CsvSource({"0", "1", "2", "3", "4", "-1"})
  void theMiddleStaysWhereItLies(int quarters) {
    Point before = lies.onTable(middle);
    Point after = lies.turnedAbout(middle, quarters).onTable(middle);
    assertThat(after.x()).isEqualTo(before.x(), within(1e-9));
    assertThat(after.y()).isEqualTo(before.y(), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"0,260,300", "1,250,310", "2,240,300", "3,250,290"})
  void turnsToTheLeft(int quarters, double x, double y) {
    Placement flat = new Placement(new PieceId("back"), 0, 0, 0);
    Point turned = flat.turnedAbout(middle, quarters).onTable(new Point(260, 300));
    assertThat(turned.x()).isEqualTo(x, within(1e-9));
    assertThat(turned.y()).isEqualTo(y, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"0", "1", "2", "3"})
  void distancesStay(int quarters) {
    Placement turned = lies.turnedAbout(middle, quarters).moved(33, -7);
    Point one = turned.onTable(new Point(0, 0));
    Point other = turned.onTable(new Point(30, 40));
    assertThat(Math.hypot(other.x() - one.x(), other.y() - one.y())).isEqualTo(50, within(1e-9));
  }
}
