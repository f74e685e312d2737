package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.SLEEVES;

import java.util.List;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Piece.Part;

/** The cap of a set-in sleeve (handbook 4.3): stitches left at the underarm, two stages of rows in which more are left, the rest on top. */
final class Cap {
  private static final double ARM_MM = 340;
  private static final double TOP_MM = 90;
  private static final double EASE = 1.02;
  private static final double LOWER_SHARE = 2.0 / 3;
  private static final String LEFT = "underarm";
  private static final String LOWER = "cap.lower";
  private static final String UPPER = "cap.upper";

  static final Asked WIDEST =
      Asked.stitches("upperArmStitches", SLEEVES, "Stitches at the upper arm", WITHOUT_CHAIN, 1, form -> Making.stitchesOver(form, ARM_MM))
          .shapes(Part.SLEEVE)
          .follows("{n:stitches}, {length} round.", form -> List.of(Fact.count("n", widest(form)), Fact.length("length", widest(form) * w(form))))
          .drawn(Drawn.across(Part.SLEEVE, "sleeve").fromSideToSide());
  static final Asked UNDERARM =
      Asked.stitches("capUnderarmStitches", SLEEVES, "Stitches left at the underarm", "On each side; they meet those of the body.", 0, form -> form.count(Armhole.UNDERARM))
          .shapes(Part.SLEEVE)
          .follows(
              form -> form.count(Cap.UNDERARM) == form.count(Armhole.UNDERARM) ? "As many as on the body." : "The body leaves {body}.",
              form -> List.of(Fact.count("body", form.count(Armhole.UNDERARM))))
          .drawn(Drawn.across(Part.SLEEVE, LEFT).orAbove("sleeve"));
  static final Asked LOWER_ROWS = Asked.rows("capLowerRows", SLEEVES, "Rows of the cap, first stage", "", 1, form -> Math.round(usualRows(form) * LOWER_SHARE)).shapes(Part.SLEEVE)
          .drawn(Drawn.up(Part.SLEEVE, LOWER).orAbove(LEFT, "sleeve"));
  static final Asked LOWER_OFF =
      Asked.stitches("capLowerStitches", SLEEVES, "Stitches left in those rows", "On each side, all rows together.", 0, form -> Math.round(usualOff(form) * LOWER_SHARE / 2))
          .shapes(Part.SLEEVE)
          .drawn(Drawn.across(Part.SLEEVE, LOWER).orAbove(LEFT, "sleeve").onOtherSide());
  static final Asked UPPER_ROWS = Asked.rows("capUpperRows", SLEEVES, "Rows of the cap, second stage", "", 0, form -> Math.max(1, usualRows(form) - form.count(Cap.LOWER_ROWS))).shapes(Part.SLEEVE)
          .drawn(Drawn.up(Part.SLEEVE, UPPER).orAbove(LOWER, LEFT, "sleeve"));
  static final Asked UPPER_OFF =
      Asked.stitches("capUpperStitches", SLEEVES, "Stitches left in those rows", "On each side, all rows together.", 0, form -> usualOff(form) - form.count(Cap.LOWER_OFF))
          .shapes(Part.SLEEVE)
          .refused(
              FindingCode.SHAPING_WITHOUT_ROWS, form -> form.count(Cap.UPPER_ROWS) == 0 && form.count(Cap.UPPER_OFF) > 0,
              form -> List.of(Fact.count("count", form.count(Cap.UPPER_OFF))))
          .refused(
              FindingCode.CAP_TOO_NARROW, form -> top(form) < 1,
              form -> List.of(Fact.count("off", off(form)), Fact.count("both", 2L * off(form)), Fact.count("widest", widest(form))))
          .follows(
              form -> "{top:stitches} {top?stays:stay} on top. From corner to shoulder the cap has {cap}, the armhole {armhole}: " + (sideMm(form) >= Armhole.sideMm(form) ? "{ease} longer." : "{ease} shorter."),
              form ->
                  List.of(
                      Fact.count("top", top(form)), Fact.length("cap", sideMm(form)), Fact.length("armhole", Armhole.sideMm(form)),
                      Fact.share("ease", Math.abs(sideMm(form) - Armhole.sideMm(form)) / Math.max(sideMm(form), Armhole.sideMm(form)))))
          .drawn(Drawn.across(Part.SLEEVE, UPPER).orAbove(LOWER, LEFT, "sleeve").onOtherSide());

  static final List<Asked> QUESTIONS = List.of(WIDEST, UNDERARM, LOWER_ROWS, LOWER_OFF, UPPER_ROWS, UPPER_OFF);

  private Cap() {}

  static int widest(Form form) {
    return Making.stitches(form, WIDEST);
  }

  /** Stitches that stay at the top. */
  static int top(Form form) {
    return widest(form) - 2 * off(form);
  }

  /** From the corner above the stitches left to the middle of the top, along the edge. */
  static double sideMm(Form form) {
    return Shaping.lengthMm(form, form.count(LOWER_ROWS), form.count(LOWER_OFF))
        + Shaping.lengthMm(form, form.count(UPPER_ROWS), form.count(UPPER_OFF))
        + top(form) * w(form) / 2;
  }

  static Panel sections(Panel panel, Form form) {
    return panel
        .left(LEFT, form.count(UNDERARM))
        .rows(LOWER, form.count(LOWER_ROWS), -form.count(LOWER_OFF))
        .rows(UPPER, form.count(UPPER_ROWS), -form.count(UPPER_OFF));
  }

  static Sleeve.Head head(Form form) {
    boolean left = form.count(UNDERARM) > 0;
    return new Sleeve.Head(
        top(form), Optional.of(left ? LEFT : LOWER), Optional.of(form.count(UPPER_ROWS) > 0 ? UPPER : LOWER), Optional.of(LEFT).filter(run -> left));
  }

  private static int off(Form form) {
    return form.count(UNDERARM) + form.count(LOWER_OFF) + form.count(UPPER_OFF);
  }

  /** Stitches to be left so that a top of about 9 cm stays. */
  private static long usualOff(Form form) {
    return Math.max(0, Math.round((widest(form) - TOP_MM / w(form)) / 2 - form.count(UNDERARM)));
  }

  /** Rows with which the cap is a little longer than its armhole, as a straight slope would have them. */
  private static long usualRows(Form form) {
    double slope = Armhole.sideMm(form) * EASE - TOP_MM / 2;
    double out = usualOff(form) * w(form);
    return slope > out ? Math.max(2, Math.round(Math.sqrt(slope * slope - out * out) / Making.of(form).h())) : 2;
  }

  private static double w(Form form) {
    return Making.of(form).w();
  }
}
