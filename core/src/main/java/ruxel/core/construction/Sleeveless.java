package ruxel.core.construction;

import java.util.List;
import java.util.stream.Stream;

/** Sleeveless top, tunic or vest (handbook 4.11): the armholes stay open, and the sides up to a slit if there is one. */
final class Sleeveless extends Template {
  Sleeveless() {
    super(
        "sleeveless", "Sleeveless, with or without slits", "No sleeves: the armholes stay open, the sides too if you want slits.",
        List.of(Sign.SLEEVE_NONE, Sign.SIDE_STRAIGHT, Sign.SIDE_CORNER, Sign.SIDE_CURVED, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, Armhole.ROWS, Body.HEM_RIB, Slit.LENGTH, Body.WORKED),
                List.of(Armhole.UNDERARM, Armhole.SHAPED_ROWS, Armhole.SHAPED_STITCHES, Body.SHOULDER, Body.STEPS, Body.NECK_ROWS, Body.NECK_CENTRE), Hood.OF_ROWS)
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    BodyPanels.panels(halves, form);
    BodyPanels.shoulders(halves, form);
    BodyPanels.sides(halves, form);
    BodyPanels.openings(halves, form);
    halves.openings("armhole", "armhole", ExpectedOpening.Kind.ARMHOLE, Armhole.spans(form));
  }

  @Override
  List<Stop> stops(Form form) {
    return List.of(Armhole.stop(form));
  }
}
