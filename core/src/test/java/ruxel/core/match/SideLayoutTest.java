package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.construction.Answers;
import ruxel.core.garment.Wardrobe;
import ruxel.core.identity.SeamId;
import ruxel.core.plan.GarmentPlan;
import ruxel.core.plan.SeamPlan;

/** How many places a row gives (handbook 5), seen through whole plans. */
class SideLayoutTest {
  @ParameterizedTest
  @CsvSource({"12, 1", "11.2, 1", "10, 2", "5.6, 2", "5, 3"})
  void rowsOnRowsGivePlacesByTheirHeight(double rowsPerTenCm, int places) {
    SeamPlan side = seam(rowsPerTenCm, new SeamId("side.left"));
    SeamPlan.Rail rail = side.a().rails().stream().filter(r -> r.run().equals("side")).findFirst().orElseThrow();
    assertThat(rail.placesPerUnit()).isEqualTo(places);
    assertThat(rail.placeMm()).isEqualTo(100 / rowsPerTenCm / places, within(1e-9));
    assertThat(side.intervals().get(1).words()).contains(places == 1 ? "One to one" : "places in each row end");
  }

  @ParameterizedTest
  @CsvSource({"12", "8", "5"})
  void rowsFacingStitchesGiveOne(double rowsPerTenCm) {
    assertThat(seam(rowsPerTenCm, new SeamId("armhole.left")).b().rails()).allMatch(rail -> rail.placesPerUnit() == 1);
  }

  @Test
  void aSideIsAsLongAsItsPlaces() {
    SeamPlan side = seam(8, new SeamId("side.left"));
    double sum = side.a().rails().stream().mapToDouble(rail -> rail.places() * rail.placeMm()).sum();
    assertThat(sum).isEqualTo(side.a().lengthMm(), within(1e-6));
    assertThat(side.counts()).isEqualTo("32 + 37 on 32 + 37");
  }

  private static SeamPlan seam(double rowsPerTenCm, SeamId id) {
    Map<String, Answers.Answer> answers = Wardrobe.cardiganAnswers();
    Wardrobe.number(answers, "gaugeRows", rowsPerTenCm);
    GarmentPlan plan = Wardrobe.plan(Wardrobe.garment(answers));
    return plan.seams().stream().filter(seam -> seam.id().equals(id)).findFirst().orElseThrow();
  }
}
