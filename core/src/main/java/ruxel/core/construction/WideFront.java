package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.BODY;

import java.util.List;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Piece.Part;

/** Wide front (handbook 4.9, 9.6): a front wider than its back, joined at both shoulders; what lies between hangs. */
final class WideFront extends Template {
  private static final double WIDER = 1.3;
  private static final double HANGS = 0.9;

  static final Asked ACROSS =
      Asked.stitches("wideFrontStitches", BODY, "Stitches across the front", WITHOUT_CHAIN, 1, form -> Math.round(Body.back(form) * WIDER))
          .shapes(Part.FRONT)
          .refused(
              FindingCode.FRONT_NOT_WIDER, form -> Body.front(form) <= Body.back(form),
              form -> List.of(Fact.count("front", Body.front(form)), Fact.count("back", Body.back(form))))
          .follows(
              "{front} of front hang between the shoulders, {back} of back: the drape hangs about {drape}. The side seams lie {behind} further back.",
              form ->
                  List.of(
                      Fact.length("front", neckMm(form, Body.frontNeck(form))), Fact.length("back", neckMm(form, Body.backNeck(form))),
                      Fact.length("drape", drapeMm(neckMm(form, Body.frontNeck(form)), neckMm(form, Body.backNeck(form)))),
                      Fact.length("behind", (Body.front(form) - Body.back(form)) * Making.of(form).w() / 4)))
          .drawn(Drawn.across(Part.FRONT, "hem"));

  WideFront() {
    super(
        "wide-front", "Wide front", "The front is wider than the back and hangs in a soft fold at the neck.",
        List.of(Sign.SLEEVE_STRAIGHT, Sign.SIDE_STRAIGHT, Sign.FRONT_WIDER),
        Stream.of(
                Making.QUESTIONS, List.of(Body.BACK, ACROSS, Body.ROWS, Armhole.ROWS, Body.HEM_RIB, Body.WORKED, Body.SHOULDER),
                List.of(Sleeve.TOP, Sleeve.CUFF, Sleeve.ROWS, Sleeve.CUFF_RIB, Sleeve.WORKED, Sleeve.IN_PASSES))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    BodyPanels.panels(halves, form);
    Sleeve.straight(halves, form, Armhole.ROWS, 2 * Making.of(form).h());
  }

  @Override
  List<Stop> stops(Form form) {
    return List.of(Armhole.stop(form));
  }

  private static double neckMm(Form form, int stitches) {
    return stitches * Making.of(form).w();
  }

  /** How deep a front of {@code frontMm} hangs between shoulders {@code backMm} apart (handbook 9.6). */
  static double drapeMm(double frontMm, double backMm) {
    return HANGS / 2 * Math.sqrt(Math.max(0, frontMm * frontMm - backMm * backMm));
  }
}
