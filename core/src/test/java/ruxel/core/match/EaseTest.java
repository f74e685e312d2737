package ruxel.core.match;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruxel.core.measure.HouseRules;

class EaseTest {
  @ParameterizedTest
  @CsvSource({
    "1000, 980, USUAL, MATCHED",
    "1000, 979, USUAL, EASE_EVENLY",
    "1000, 950, USUAL, EASE_EVENLY",
    "1000, 900, USUAL, EASE_WITH_MARKERS",
    "1000, 899, USUAL, STOP",
    "980, 1000, HALVED, EASE_EVENLY",
    "1000, 949, HALVED, STOP",
    "900, 1000, DOUBLED, EASE_EVENLY",
    "100, 95.1, USUAL, MATCHED",
    "100, 95, USUAL, EASE_EVENLY"
  })
  void climbsTheLadder(double a, double b, Ease.Give give, Ease.Verdict verdict) {
    assertThat(Ease.of(a, b, 7, give, HouseRules.USUAL).verdict()).isEqualTo(verdict);
  }

  @Test
  void halfAWideStitchCountsAsMatched() {
    assertThat(Ease.of(100, 93, 16, Ease.Give.USUAL, HouseRules.USUAL).verdict()).isEqualTo(Ease.Verdict.MATCHED);
  }

  @Test
  void rippleStandsAsHandbookSixSays() {
    assertThat(Ease.of(1000, 950, 7, Ease.Give.USUAL, HouseRules.USUAL).rippleMm()).isEqualTo(2.8, within(0.05));
  }
}
