package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PaceTest {
  @Test
  void isTheMedianGap() {
    assertThat(Pace.secondsPerJoint(List.of(0L, 4000L, 9000L, 15000L))).hasValue(5);
    assertThat(Pace.secondsPerJoint(List.of(0L, 4000L, 9000L, 15000L, 22000L))).hasValue(5.5);
  }

  @Test
  void leavesOutRestsAndEventsSentTogether() {
    assertThat(Pace.secondsPerJoint(List.of(0L, 10L, 20L, 5020L, 10020L, 3_600_000L, 3_605_000L))).hasValue(5);
  }

  @Test
  void isUnknownAtFirst() {
    assertThat(Pace.secondsPerJoint(List.of())).isEmpty();
    assertThat(Pace.secondsPerJoint(List.of(0L, 5000L, 9000L))).isEmpty();
  }
}
