package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.SLEEVES;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import ruxel.core.finding.Fact;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** Grown-on sleeves (handbook 4.14): back and front have half the sleeves in one piece with them; no armhole seam. */
final class GrownOnSleeves extends Template {
  private static final double SLEEVE_MM = 260;
  /** On either side of the armpit nothing is eased. */
  private static final double FIRM_MM = 30;

  private static final Asked SLEEVE =
      Asked.stitches("sleeveStitches", SLEEVES, "Stitches of each sleeve", "Added beside the body, from the underarm to the cuff.", 2, form -> Math.max(2, Math.round(SLEEVE_MM / Making.of(form).w())))
          .shapes(Part.BACK, Part.FRONT)
          .follows(
              "{length} beyond the body; centre back to wrist {reach}. The cuff is {cuff} round.",
              form ->
                  List.of(
                      Fact.length("length", sleeve(form) * Making.of(form).w()), Fact.length("reach", (Body.back(form) / 2.0 + sleeve(form)) * Making.of(form).w()),
                      Fact.length("cuff", 2 * Armhole.rows(form) * Making.of(form).h())))
          .drawn(Drawn.across(Part.BACK, "under.firm", "under"));

  private static final Asked REPEAT =
      Asked.stitches("repeatStitches", SLEEVES, "Stitches of one pattern repeat", "Repeats meet over shoulder and sleeve; 0 when there are none.", 0, form -> 0)
          .follows(
              form -> form.count(GrownOnSleeves.REPEAT) == 0 ? "Nothing has to meet but the ends." : "{n} repeats from the neck, each with a marker.",
              form -> List.of(Fact.count("n", repeats(form).size())))
          .drawn(Drawn.across(Part.BACK, "shoulder").lastMm(form -> form.count(GrownOnSleeves.REPEAT) * Making.of(form).w()));

  GrownOnSleeves() {
    super(
        "grown-on-sleeves", "Grown-on sleeves", "Each half of a sleeve is one piece with the body; there is no armhole seam.",
        List.of(Sign.SLEEVE_GROWN, Sign.SIDE_STRAIGHT, Sign.FRONT_AS_BACK),
        Stream.of(
                List.of(Body.KIND), Making.QUESTIONS, List.of(Body.BACK, Body.FRONT, Body.ROWS, Armhole.ROWS, Body.HEM_RIB, Body.WORKED),
                List.of(Body.SHOULDER, Body.NECK_ROWS, Body.NECK_CENTRE), Hood.OF_ROWS, List.of(SLEEVE, REPEAT, Sleeve.IN_PASSES))
            .flatMap(List::stream)
            .toList());
  }

  @Override
  void tell(Halves halves, Form form) {
    Making making = Making.of(form);
    int side = form.count(Body.ROWS) - Armhole.rows(form);
    int firmRows = firmRows(form);
    int firmStitches = Math.max(1, Math.min(sleeve(form) - 1, (int) Math.round(FIRM_MM / making.w())));
    BodyPanels.panels(
        halves, form, ShoulderEnd.straight(Body.shoulder(form) + sleeve(form)),
        panel -> {
          panel.rows("side", side - firmRows);
          if (firmRows > 0) {
            panel.rows("side.firm", firmRows).firm();
          }
          return panel.added("under.firm", firmStitches).firm().added("under", sleeve(form) - firmStitches).edge("cuff").rows("cuff", Armhole.rows(form));
        });
    BodyPanels.shoulders(halves, form, "shoulder and sleeve", SeamRole.SHOULDER_SLEEVE_TOP, repeats(form), List.of());
    sides(halves, form);
    BodyPanels.openings(halves, form);
    BodyPanels.Front front = BodyPanels.leftFront(form);
    halves.openings(
        "cuff", "cuff", ExpectedOpening.Kind.CUFF,
        List.of(Span.ofRun(front.piece(), Body.isCardigan(form) ? "cuff" : "cuff.left", "cuff", FORWARD), Span.ofRun(Halves.BACK, "cuff.left", "cuff", FORWARD)));
  }

  /** Side and under-sleeve in one pass from the hem round the armpit to the cuff, or each from its open end to the armpit. */
  private static void sides(Halves halves, Form form) {
    BodyPanels.Front front = BodyPanels.leftFront(form);
    if (Sleeve.inTwo(form)) {
      String highest = firmRows(form) > 0 ? "side.firm" : "side";
      halves.seam(
          "side", "side", SeamRole.SIDE,
          SideOf.of("Front side", Span.ofRuns(front.piece(), front.side(), BodyPanels.lowest(form), highest, FORWARD)),
          SideOf.of("Back side", Span.ofRuns(Halves.BACK, "left", highest, BodyPanels.lowest(form), BACKWARD)),
          BodyPanels.ribAnchors(form), List.of(Seam.END), "mattress-rows");
      halves.seam(
          "sleeve", "under-sleeve", SeamRole.SLEEVE,
          SideOf.of("Front under-sleeve", Span.ofRuns(front.piece(), front.side(), "under.firm", "under", BACKWARD)),
          SideOf.of("Back under-sleeve", Span.ofRuns(Halves.BACK, "left", "under", "under.firm", FORWARD)),
          List.of(), List.of(Seam.END), "whip-both");
      return;
    }
    List<Anchor> anchors = new ArrayList<>(BodyPanels.ribAnchors(form));
    anchors.add(new Anchor("underarm", "armpit", Spot.cut(front.piece(), front.side(), Cut.startOf("under.firm")), Spot.cut(Halves.BACK, "left", Cut.endOf("under.firm"))));
    halves.seam(
        "side", "side and under-sleeve", SeamRole.SIDE_SLEEVE,
        SideOf.of("Front side and under-sleeve", Span.ofRuns(front.piece(), front.side(), BodyPanels.lowest(form), "under", FORWARD)),
        SideOf.of("Back side and under-sleeve", Span.ofRuns(Halves.BACK, "left", "under", BodyPanels.lowest(form), BACKWARD)),
        anchors, List.of("underarm"), "mattress-rows");
  }

  /** The end of each whole repeat, counted from the neck; in the order in which the seam meets them, from the cuff. */
  private static List<Anchor> repeats(Form form) {
    int repeat = form.count(REPEAT);
    int stitches = Body.shoulder(form) + sleeve(form);
    BodyPanels.Front front = BodyPanels.leftFront(form);
    List<Anchor> anchors = new ArrayList<>();
    for (int n = repeat == 0 ? 0 : (stitches - 1) / repeat; n > 0; n--) {
      anchors.add(
          new Anchor(
              "repeat." + n, "end of repeat " + n, Spot.cut(front.piece(), front.shoulder(), new Cut("shoulder", n * repeat, Cut.End.END)),
              Spot.cut(Halves.BACK, "shoulder.left", new Cut("shoulder", n * repeat, Cut.End.START))));
    }
    return anchors;
  }

  /** Rows of the side beside the armpit that are not eased; the lowest row of the side always may be. */
  private static int firmRows(Form form) {
    return Math.min(form.count(Body.ROWS) - Armhole.rows(form) - 1, (int) Math.round(FIRM_MM / Making.of(form).h()));
  }

  private static int sleeve(Form form) {
    return form.count(SLEEVE);
  }
}
