package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.GARMENT;
import static ruxel.core.construction.Question.Group.NECK;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import ruxel.core.construction.Question.Choice;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** A body of panels: back, and one front or two, with ribbing at the hem, shoulders and neck; their seams and openings. */
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

  /** The front on the wearer's left, and the edges of it that are joined. */
  record Front(String piece, String side, String shoulder) {}

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
  private static int steps(Form form) {
    return Math.max(1, form.countOrNone(STEPS));
  }

  static double heightMm(Form form) {
    return form.count(HEM_RIB) * Making.of(form).ribRowMm() + form.count(ROWS) * Making.of(form).h();
  }

  static Front leftFront(Form form) {
    return isCardigan(form) ? new Front("front.left", "side", "shoulder") : new Front("front", "left", "shoulder.left");
  }

  static double widthMm(Form form) {
    return form.asks(BACK) ? back(form) * w(form) : RibBody.widthMm(form);
  }

  /** The run at the bottom of the side seam. */
  static String lowest(Form form) {
    return form.countOrNone(HEM_RIB) > 0 ? "rib" : "side";
  }

  /** Back and front or fronts, with the armholes that are asked for. */
  static void panels(Halves halves, Form form) {
    panels(halves, form, panel -> Armhole.sections(panel, form));
  }

  /**
   * Back and front or fronts.
   *
   * @param sides what is worked above the ribbing at both sides, up to the shoulder
   */
  static void panels(Halves halves, Form form, UnaryOperator<Panel> sides) {
    panels(halves, form, new ShoulderEnd(shoulder(form), steps(form), 0), sides);
  }

  /** With what lies at each end of their upper edges. */
  static void panels(Halves halves, Form form, ShoulderEnd ends, UnaryOperator<Panel> sides) {
    Neck neck = new Neck(frontNeck(form), neckRows(form), form.countOrNone(NECK_CENTRE), "centre");
    Neck straight = new Neck(backNeck(form), 0, 0, "neck");
    halves.whole(sides.apply(panel(form, "back", "Back", Part.BACK, back(form))).whole("right", ends, straight));
    if (isCardigan(form)) {
      halves.pair(sides.apply(panel(form, "front.left", "Left front", Part.FRONT, front(form))).half(ends, neck), "front.right", "Right front");
    } else {
      halves.whole(sides.apply(panel(form, "front", "Front", Part.FRONT, front(form))).whole("left", ends, neck));
    }
  }

  private static Panel panel(Form form, String id, String name, Part part, int stitches) {
    return new Panel(id, name, part, Making.of(form), Making.isTopDown(form, WORKED), "hem", stitches).ribbed(form.count(HEM_RIB));
  }

  /** Both shoulders, from the armhole edge in. */
  static void shoulders(Halves halves, Form form) {
    shoulders(halves, form, "shoulder", SeamRole.SHOULDER, List.of(), List.of(Seam.START));
  }

  static void shoulders(Halves halves, Form form, String name, SeamRole role, List<Anchor> anchors, List<String> hidden) {
    Front front = leftFront(form);
    halves.seam(
        "shoulder", name, role,
        SideOf.of("Front " + name, Span.ofRun(front.piece(), front.shoulder(), "shoulder", FORWARD)),
        SideOf.of("Back " + name, Span.ofRun("back", "shoulder.left", "shoulder", BACKWARD)),
        anchors, hidden, "slip-both");
  }

  /** Both sides from the hem, or from the top of a slit, to the underarm. */
  static void sides(Halves halves, Form form) {
    Front front = leftFront(form);
    int slit = Slit.rows(form);
    halves.seam(
        "side", "side", SeamRole.SIDE,
        SideOf.of("Front side", new Span(front.piece(), front.side(), Slit.top(form, FORWARD), Cut.endOf("side"), FORWARD)),
        SideOf.of("Back side", new Span("back", "left", Cut.startOf("side"), Slit.top(form, BACKWARD), BACKWARD)),
        slit == 0 ? ribAnchors(form) : List.of(), slit == 0 ? List.of(Seam.END) : List.of(), Armhole.method(form));
  }

  /** Where the ribbing of the hem ends, on front and back. */
  static List<Anchor> ribAnchors(Form form) {
    Front front = leftFront(form);
    return form.countOrNone(HEM_RIB) > 0
        ? List.of(new Anchor("hem.rib", "top of the hem ribbing", Spot.cut(front.piece(), front.side(), Cut.endOf("rib")), Spot.cut("back", "left", Cut.startOf("rib"))))
        : List.of();
  }

  /** Hem and neck, which are one opening with the fronts of a cardigan; slits belong to the hem. */
  static void openings(Halves halves, Form form) {
    if (isCardigan(form)) {
      List<String> edges = List.of("hem", "neck", "front");
      halves.opening("front", "Fronts, neck and hem", Map.of("back", List.of("hem", "neck"), "front.left", edges, "front.right", edges), Slit.spans(form));
    } else {
      halves.opening("neck", "Neck", Map.of("back", List.of("neck"), "front", List.of("neck")), List.of());
      halves.opening("hem", Slit.rows(form) > 0 ? "Hem with its slits" : "Hem", Map.of("back", List.of("hem"), "front", List.of("hem")), Slit.spans(form));
    }
  }

  static int backNeck(Form form) {
    return across(form) - 2 * shoulder(form);
  }

  /** Stitches of the front's neck: between both shoulders, or from the shoulder to the front edge. */
  static int frontNeck(Form form) {
    return front(form) - (isCardigan(form) ? 1 : 2) * (Armhole.narrower(form) + shoulder(form));
  }

  private static int neckRows(Form form) {
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
