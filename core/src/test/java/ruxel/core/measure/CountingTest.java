package ruxel.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.measure.Counting.Total;

/** The ways of counting of handbook 5. */
class CountingTest {
  @Test
  void eightMoreTimesAreNine() {
    assertThat(Counting.repeated(1, 2, 8, 0)).isEqualTo(new Total(19, "1 + 2 × 9 = 19"));
    assertThat(Counting.repeated(0, 6, 4, 3)).isEqualTo(new Total(33, "6 × 5 + 3 = 33"));
  }

  @ParameterizedTest
  @CsvSource({"20,1,false,21", "20,3,true,22", "20,2,false,22"})
  void theFoundationChainOfTheHandbook(int stitches, int chains, boolean counts, int total) {
    assertThat(Counting.foundationChain(stitches, chains, counts).count()).isEqualTo(total);
  }

  @Test
  void inTwosAndWithTheTurningChain() {
    assertThat(Counting.inTwos(25, true)).isEqualTo(new Total(51, "2 × 25 + 1 = 51"));
    assertThat(Counting.withTurningChain(50, true)).isEqualTo(new Total(51, "50 + 1 = 51"));
    assertThat(Counting.withTurningChain(50, false).count()).isEqualTo(50);
    assertThat(Counting.inTwos(-4, false).count()).isZero();
  }

  @ParameterizedTest
  @CsvSource({"CHAIN_1,14", "CHAIN_2_ONE_EACH,14", "CHAIN_2_BOTH,16", "CHAIN_3_FROM_THE_MIDDLE,16", "CHAIN_3_OUTER_PASSED,14", "SPACE,14"})
  void aSquareOfTwelveByItsCorner(Corner corner, int places) {
    assertThat(Counting.squareSide(12, corner).count()).isEqualTo(places);
  }

  /** Three rows, then five bands of four, then two rows. */
  @Test
  void countsByColourBands() {
    assertThat(Counting.byBands(3, 5, 4, 2)).isEqualTo(new Counting.Total(25, "3 + 5 × 4 + 2 = 25"));
    assertThat(Counting.byBands(0, 6, 2, 0)).isEqualTo(new Counting.Total(12, "6 × 2 = 12"));
  }
}
