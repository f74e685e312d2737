package ruxel.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.garment.Wardrobe;

class PickUpSpreadTest {
  @ParameterizedTest
  @CsvSource({"64, 32", "58, 45", "29, 32", "1, 9", "9, 1", "30, 24", "0, 4"})
  void stitchesGoIntoUnitsInOrderAndEvenly(int stitches, int units) {
    List<Integer> spread = PickUpSpread.of(stitches, units, Wardrobe.pullover().rules()).into();
    assertThat(spread).hasSize(stitches).isSorted().allMatch(unit -> unit >= 0 && unit < units);
    int least = stitches / units;
    IntStream.range(0, stitches < units ? 0 : units).forEach(unit -> assertThat(spread.stream().filter(each -> each == unit).count()).isBetween((long) least, least + 1L));
    if (stitches < units) {
      assertThat(spread).doesNotHaveDuplicates();
    }
  }
}
