package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.GARMENT;
import static ruxel.core.construction.Question.Group.NECK;

import java.util.List;
import ruxel.core.construction.Question.Choice;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;

/** What is asked of a body of panels: back, and one front or two, with ribbing at the hem, shoulders and neck; and what follows from it. */
final class Body {
  static final String CARDIGAN = "CARDIGAN";
  private static final double BACK_MM = 480;
  private static final double BODY_MM = 560;
  private static final double RIB_MM = 60;
  private static final double NECK_DEPTH_MM = 80;
  /** All that a side may have above its ribbing. */
  private static final String[] SIDE_RUNS = {"side", "side.firm", "under.firm", "under", "underarm", "armhole.shaped", "armhole", "cuff"};
  private static final double SHOULDER_SHARE = 0.34;

  static final Asked KIND =
      Asked.choice("kind", GARMENT, "What it is", "", form -> CARDIGAN, new Choice(CARDIGAN, "Cardigan"), new Choice("PULLOVER", "Pullover"));
  static final Asked BACK =
      Asked.stitches("backStitches", BODY, "Stitches across the back", WITHOUT_CHAIN, 1, form -> Making.stitchesOver(form, BACK_MM))
          .shapes(Part.BACK)
          .follows(
              form -> "{n:stitches}, {width} wide" + (Making.of(form).turningChain() > 0 ? ", turning chain counted." : "."),
              form -> List.of(Fact.count("n", back(form)), Fact.length("width", back(form) * w(form))))
          .drawn(Drawn.across(Part.BACK, "hem"));
  static final Asked FRONT =
      Asked.stitches("frontStitches", BODY, "Stitches across each front", WITHOUT_CHAIN, 1, form -> back(form) / 2 - Making.of(form).turningChain())
          .when(KIND, CARDIGAN, true)
          .shapes(Part.FRONT)
          .follows(
              form -> "{n:stitches}, {width} each; the two fronts " + (back(form) < 2 * front(form) ? "overlap by {apart}." : "lie {apart} apart."),
              form ->
                  List.of(
                      Fact.count("n", front(form)), Fact.length("width", front(form) * w(form)),
                      Fact.length("apart", Math.abs(back(form) - 2 * front(form)) * w(form))))
          .drawn(Drawn.across(Part.FRONT, "hem"));
  static final Asked ROWS =
      Asked.rows("bodyRows", BODY, "Rows of the body", "Above the ribbing, up to the shoulder.", 1, form -> Math.round(BODY_MM / Making.of(form).h()))
          .shapes(Part.BACK, Part.FRONT)
          .follows("{length} long with its ribbing.", form -> List.of(Fact.length("length", heightMm(form))))
          .drawn(Drawn.up(Part.BACK, SIDE_RUNS));
  static final Asked HEM_RIB = Asked.rows("hemRibRows", BODY, "Rows of ribbing at the hem", "0 when there is none.", 0, form -> Math.round(RIB_MM / Making.of(form).ribRowMm()))
          .drawn(Drawn.up(Part.FRONT, "rib").orAbove("hem"));
  static final Asked WORKED = Making.direction("bodyWorked", BODY, "Body worked", "BOTTOM_UP", "From the hem up", "From the shoulder down");
  static final Asked SHOULDER =
      Asked.stitches(
              "shoulderStitches", NECK, "Stitches of each shoulder", "All of them, as you count them.", 1,
              form -> Math.min(front(form) - Armhole.narrower(form), Math.round(across(form) * SHOULDER_SHARE)))
          .shapes(Part.FRONT)
          .refused(
              FindingCode.SHOULDERS_TOO_WIDE, form -> backNeck(form) < 1,
              form ->
                  List.of(
                      Fact.count("shoulder", shoulder(form)), Fact.count("both", 2L * shoulder(form)), Fact.count("back", across(form)),
                      Fact.count("most", Math.max(1, (across(form) - 1) / 2))))
          .refused(
              FindingCode.SHOULDER_WIDER_THAN_FRONT, form -> isCardigan(form) && shoulder(form) > front(form) - Armhole.narrower(form),
              form -> List.of(Fact.count("shoulder", shoulder(form)), Fact.count("front", front(form) - Armhole.narrower(form))))
          .follows(
              "{width} each; {n:stitches}, {neck}, {n?is:are} left for the back neck.",
              form ->
                  List.of(
                      Fact.length("width", shoulder(form) * w(form)), Fact.count("n", backNeck(form)), Fact.length("neck", backNeck(form) * w(form))))
          .drawn(Drawn.across(Part.FRONT, "shoulder").lastMm(form -> shoulder(form) * w(form)));
  static final Asked STEPS =
      Asked.rows("shoulderSteps", NECK, "Steps of each shoulder", "Of one row each, counted from the side; 0 when it lies straight across.", 0, form -> 0)
          .refused(
              FindingCode.SHOULDER_STEPS, form -> form.count(Body.STEPS) > shoulder(form),
              form -> List.of(Fact.count("steps", form.count(Body.STEPS)), Fact.count("shoulder", shoulder(form))))
          .follows(
              form -> steps(form) > 1 ? "{n} steps of about {each:stitches}; it slopes by {rise}." : "It lies straight across.",
              form ->
                  List.of(
                      Fact.count("n", steps(form)), Fact.count("each", Math.round((double) shoulder(form) / steps(form))),
                      Fact.length("rise", (steps(form) - 1) * Making.of(form).h())))
          .drawn(Drawn.up(Part.FRONT, "shoulder").orAbove("armhole", "side"));
  static final Asked NECK_ROWS =
      Asked.rows(
              "neckRows", NECK, "Rows of the front neck", "How deep it is; 0 when it lies straight across.", 0,
              form -> Math.round(Math.min(NECK_DEPTH_MM, form.count(ROWS) * Making.of(form).h() / 3) / Making.of(form).h()))
          .shapes(Part.FRONT)
          .refused(
              FindingCode.NECK_TOO_DEEP, form -> neckRows(form) >= form.count(ROWS),
              form -> List.of(Fact.count("neck", neckRows(form)), Fact.count("body", form.count(ROWS)), Fact.count("most", form.count(ROWS) - 1L)))
          .follows("{depth} deep.", form -> List.of(Fact.length("depth", neckRows(form) * Making.of(form).h())))
          .drawn(Drawn.up(Part.FRONT, "down", "slope").orAbove("shoulder"));
  static final Asked NECK_CENTRE =
      Asked.stitches("neckCentre", NECK, "Stitches left at the centre front", "At the bottom of the neck; 0 for a V.", 0, Body::usualCentre)
          .refused(
              FindingCode.NECK_CENTRE_TOO_WIDE, form -> isShaped(form) && rest(form) < 0,
              form -> List.of(Fact.count("centre", form.count(Body.NECK_CENTRE)), Fact.count("neck", frontNeck(form))))
          .refused(
              FindingCode.NECK_LOPSIDED, form -> isShaped(form) && !isCardigan(form) && rest(form) > 0 && rest(form) % 2 == 1,
              form -> {
                int centre = form.count(Body.NECK_CENTRE);
                return List.of(
                    Fact.count("neck", frontNeck(form)), Fact.count("centre", centre), Fact.count("rest", rest(form)),
                    Fact.count("lower", centre == 0 ? 1 : centre - 1L), Fact.count("higher", centre + 1L));
              })
          .drawn(Drawn.across(Part.FRONT, "centre").orAbove("down", "slope", "shoulder"));

  private Body() {}

  static boolean isCardigan(Form form) {
    return form.asks(KIND) && form.is(KIND, CARDIGAN);
  }

  static int back(Form form) {
    return Making.stitches(form, BACK);
  }

  static int front(Form form) {
    if (isCardigan(form)) {
      return Making.stitches(form, FRONT);
    }
    return form.asks(WideFront.ACROSS) ? Making.stitches(form, WideFront.ACROSS) : back(form);
  }

  /** Stitches of the back between the armholes. */
  static int across(Form form) {
    return back(form) - 2 * Armhole.narrower(form);
  }

  static int shoulder(Form form) {
    return form.count(SHOULDER);
  }

  /** In how many steps a shoulder is worked; 1 is straight across. */
  static int steps(Form form) {
    return Math.max(1, form.countOrNone(STEPS));
  }

  static double heightMm(Form form) {
    return form.count(HEM_RIB) * Making.of(form).ribRowMm() + form.count(ROWS) * Making.of(form).h();
  }

  static double widthMm(Form form) {
    return form.asks(BACK) ? back(form) * w(form) : RibBody.widthMm(form);
  }

  /** Round the neck, from front edge to front edge or all the way. */
  static double neckMm(Form form) {
    if (!form.asks(BACK)) {
      return RibBody.neckMm(form);
    }
    boolean cardigan = isCardigan(form);
    Neck neck = new Neck(frontNeck(form), neckRows(form), form.countOrNone(NECK_CENTRE), "centre");
    double front = neck.runs(Grain.upright(Making.of(form), false), !cardigan).stream().mapToDouble(Run::lengthMm).sum();
    return backNeck(form) * w(form) + (cardigan ? 2 : 1) * front;
  }

  static int backNeck(Form form) {
    return across(form) - 2 * shoulder(form);
  }

  /** Stitches of the front's neck: between both shoulders, or from the shoulder to the front edge. */
  static int frontNeck(Form form) {
    return front(form) - (isCardigan(form) ? 1 : 2) * (Armhole.narrower(form) + shoulder(form));
  }

  static int neckRows(Form form) {
    return form.countOrNone(NECK_ROWS);
  }

  private static boolean isShaped(Form form) {
    return frontNeck(form) >= 0 && neckRows(form) > 0;
  }

  private static int rest(Form form) {
    return frontNeck(form) - form.count(NECK_CENTRE);
  }

  private static double usualCentre(Form form) {
    int third = frontNeck(form) / 3;
    return isCardigan(form) ? 0 : third + (frontNeck(form) - third) % 2;
  }

  private static double w(Form form) {
    return Making.of(form).w();
  }
}
