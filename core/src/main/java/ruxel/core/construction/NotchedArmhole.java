package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.SLEEVES;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Side;

/** Notched armhole (handbook 4.2): stitches are left at the underarm, and the last rows of a straight sleeve sit in that corner. */
final class NotchedArmhole extends Template {
  private static final Asked IN_NOTCH =
      Asked.rows(
              "notchRows", SLEEVES, "Rows that sit in the notch", "The last ones of the sleeve, above its marker.", 1,
              form -> Math.max(1, Math.round(Armhole.underarmMm(form) / Making.of(form).h())))
          .shapes(Part.SLEEVE)
          .refused(
              FindingCode.NOTCH_TOO_HIGH, form -> notch(form) >= Sleeve.rows(form),
              form -> List.of(Fact.count("notch", form.count(NotchedArmhole.IN_NOTCH)), Fact.count("rows", Sleeve.rows(form))))
          .follows(
              form -> notch(form) == 0 ? "No stitches are left at the underarm: there is no notch to sit in." : "{rows:rows}, {length}, in a notch of {notch}: " + (overMm(form) > 0 ? "{over} over." : overMm(form) < 0 ? "{over} short." : "exactly."),
              form ->
                  List.of(
                      Fact.count("rows", form.count(NotchedArmhole.IN_NOTCH)), Fact.length("length", form.count(NotchedArmhole.IN_NOTCH) * Making.of(form).h()),
                      Fact.length("notch", Armhole.underarmMm(form)), Fact.fine("over", Math.abs(overMm(form)))))
          .drawn(Drawn.up(Part.SLEEVE, "notch").orAbove("sleeve").onOtherSide());

  NotchedArmhole() {
    super(
        "notched-armhole", "Notched armhole", "The sleeve is straight and sits in a corner cut into the body.",
        List.of(Sign.SLEEVE_STRAIGHT, Sign.SIDE_CORNER, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, Armhole.ROWS, Body.HEM_RIB, Body.WORKED, Armhole.UNDERARM),
                List.of(Body.SHOULDER, Body.NECK_ROWS, Body.NECK_CENTRE), Hood.OF_ROWS,
                List.of(Sleeve.TOP, Sleeve.CUFF, Sleeve.ROWS, Sleeve.COUNTED, IN_NOTCH, Sleeve.CUFF_RIB, Sleeve.WORKED, Sleeve.IN_PASSES))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    int notch = notch(form);
    Making making = Making.of(form);
    Optional<String> inNotch = notch == 0 ? Optional.empty() : Optional.of("notch");
    BodyPanels.panels(halves, form);
    Sleeve.panels(halves, form, Sleeve.rows(form) - notch, Sleeve.top(form), head -> notch == 0 ? head : head.rows("notch", notch));
    Sleeve.joined(
        halves, form, new Sleeve.Head(Sleeve.top(form), inNotch, inNotch, inNotch),
        Halves.lever(Side.B, Armhole.ROWS, 2 * making.h(), true), Halves.lever(Side.A, Sleeve.TOP, making.w(), false));
  }

  @Override
  List<Stop> stops(Form form) {
    return List.of(Armhole.stop(form));
  }

  /** None where no stitches are left at the underarm. */
  private static int notch(Form form) {
    return form.count(Armhole.UNDERARM) == 0 ? 0 : form.count(IN_NOTCH);
  }

  private static double overMm(Form form) {
    return form.count(IN_NOTCH) * Making.of(form).h() - Armhole.underarmMm(form);
  }
}
