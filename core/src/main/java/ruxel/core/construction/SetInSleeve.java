package ruxel.core.construction;

import java.util.List;
import java.util.stream.Stream;
import ruxel.core.seam.Side;

/** Set-in cap sleeve (handbook 4.3): armhole and cap are shaped, stitches left at the underarm of both meet. */
final class SetInSleeve extends Template {
  SetInSleeve() {
    super(
        "set-in-sleeve", "Set-in sleeve", "The armhole curves in and the sleeve ends in a rounded cap.",
        List.of(Sign.SLEEVE_CAPPED, Sign.SIDE_CURVED, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, Armhole.ROWS, Body.HEM_RIB, Body.WORKED),
                List.of(Armhole.UNDERARM, Armhole.SHAPED_ROWS, Armhole.SHAPED_STITCHES, Body.SHOULDER, Body.STEPS, Body.NECK_ROWS, Body.NECK_CENTRE), Hood.OF_ROWS, Cap.QUESTIONS,
                List.of(Sleeve.CUFF, Sleeve.ROWS, Sleeve.COUNTED, Sleeve.CUFF_RIB, Sleeve.WORKED, Sleeve.IN_PASSES))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    double h = Making.of(form).h();
    BodyPanels.panels(halves, form);
    Sleeve.panels(halves, form, Sleeve.rows(form), Cap.widest(form), head -> Cap.sections(head, form));
    Sleeve.joined(halves, form, Cap.head(form), Halves.lever(Side.B, Armhole.ROWS, 2 * h, true), Halves.lever(Side.A, Cap.LOWER_ROWS, 2 * h, false));
  }

  @Override
  List<Stop> stops(Form form) {
    return List.of(Armhole.stop(form));
  }
}
