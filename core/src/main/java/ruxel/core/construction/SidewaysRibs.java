package ruxel.core.construction;

import java.util.List;
import java.util.stream.Stream;

/** Sideways ribs (handbook 4.4): the body is worked from side to side, its ribs go on across the shoulders. */
final class SidewaysRibs extends Template {
  SidewaysRibs() {
    super(
        "sideways-ribs", "Sideways ribs", "The body is worked from side to side, so that its ribs run up and over the shoulders.",
        List.of(Sign.SLEEVE_STRAIGHT, Sign.SIDE_STRAIGHT, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(RibBody.STITCHES, RibBody.RIB, RibBody.BACK_REPEATS, Armhole.STITCHES),
                List.of(RibBody.SHOULDER_REPEATS, RibBody.DEPTH), Hood.OF_ROWS, List.of(Sleeve.FULLNESS, Sleeve.TOP, Sleeve.CUFF, Sleeve.ROWS, Sleeve.CUFF_RIB, Sleeve.WORKED, Sleeve.IN_PASSES))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    RibBody.panels(halves, form);
    Sleeve.straight(halves, form, Armhole.STITCHES, 2 * Making.of(form).w());
  }
}
