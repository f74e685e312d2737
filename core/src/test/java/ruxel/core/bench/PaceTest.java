package ruxel.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PaceTest {
  @Test
  void isTheMedianGap() {
    assertThat(Pace.secondsPerJoint(List.of(4000L, 5000L, 6000L))).hasValue(5);
    assertThat(Pace.secondsPerJoint(List.of(4000L, 5000L, 6000L, 7000L))).hasValue(5.5);
  }

  @Test
  void leavesOutRestsAndEventsSentTogether() {
    assertThat(Pace.secondsPerJoint(List.of(10L, 10L, 5000L, 5000L, 3_589_980L, 5000L))).hasValue(5);
  }

  @Test
  void isUnknownAtFirst() {
    assertThat(Pace.secondsPerJoint(List.of())).isEmpty();
    assertThat(Pace.secondsPerJoint(List.of(5000L, 4000L))).isEmpty();
  }
}
