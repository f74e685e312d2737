package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.SLEEVES;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import ruxel.core.construction.Panel.Named;
import ruxel.core.finding.Fact;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/** Two sleeves that lie flat, straight across at the top, set in flat; their seams and openings. */
final class Sleeve {
  private static final double CUFF_MM = 240;
  private static final double SLEEVE_MM = 400;
  private static final double RIB_MM = 60;
  private static final String LEFT = Halves.left("sleeve");

  static final Asked CUFF =
      Asked.stitches("cuffStitches", SLEEVES, "Stitches at the cuff", WITHOUT_CHAIN, 1, form -> Making.stitchesOver(form, CUFF_MM))
          .shapes(Part.SLEEVE)
          .follows("{n} stitches, {length} round.", form -> List.of(Fact.count("n", cuff(form)), Fact.length("length", cuff(form) * Making.of(form).w())));
  static final Asked ROWS =
      Asked.rows("sleeveRows", SLEEVES, "Rows of the sleeve", "Without its ribbing.", 1, form -> Math.round(SLEEVE_MM / Making.of(form).h()))
          .shapes(Part.SLEEVE)
          .follows(
              "{length} long with its ribbing; centre back to wrist {reach}.",
              form -> List.of(Fact.length("length", lengthMm(form)), Fact.length("reach", Body.back(form) * Making.of(form).w() / 2 + lengthMm(form))));
  static final Asked CUFF_RIB = Asked.rows("cuffRibRows", SLEEVES, "Rows of ribbing at the cuff", "0 when there is none.", 0, form -> Math.round(RIB_MM / Making.of(form).ribRowMm()));
  static final Asked WORKED = Making.direction("sleeveWorked", SLEEVES, "Sleeves worked", "CUFF_UP", "From the cuff up", "From the top down");

  private Sleeve() {}

  static int cuff(Form form) {
    return Making.stitches(form, CUFF);
  }

  static double lengthMm(Form form) {
    return form.count(CUFF_RIB) * Making.of(form).ribRowMm() + form.count(ROWS) * Making.of(form).h();
  }

  /** Both sleeves; right side up and cuff down, the right edge of the left one goes to the back. */
  static void panels(Halves halves, Form form, int top) {
    Panel left =
        new Panel(LEFT, "Left sleeve", Part.SLEEVE, Making.of(form), Making.isTopDown(form, WORKED), "cuff", cuff(form))
            .ribbed(form.count(CUFF_RIB))
            .rows("sleeve", form.count(ROWS), (top - cuff(form)) / 2.0);
    halves.pair(left.closed(new Named("back", "back edge"), new Named("top", "top"), new Named("front", "front edge")), "sleeve.right", "Right sleeve");
  }

  /** Set in flat from the front underarm over the shoulder to the back underarm, its middle on the shoulder seam. */
  static void setIn(Halves halves, Form form, int top, Lever... moving) {
    Body.Front front = Body.leftFront(form);
    Cut middle = new Cut("top", top / 2, Cut.End.START);
    Spot onTop = top % 2 == 1 ? Spot.unit(LEFT, "top", middle) : Spot.cut(LEFT, "top", middle);
    halves.seam(
        "armhole", "armhole", SeamRole.ARMHOLE,
        SideOf.of("Sleeve top", Span.ofRun(LEFT, "top", "top", BACKWARD)),
        SideOf.of(
            "Front and back armhole", Span.ofRun(front.piece(), front.side(), "armhole", FORWARD), Span.ofRun("back", "left", "armhole", FORWARD)),
        List.of(new Anchor("shoulder", "shoulder seam", onTop, Spot.cut(front.piece(), front.side(), Cut.endOf("armhole")))),
        List.of(Seam.START, Seam.END), "mattress-rows", moving);
  }

  /** Side and sleeve in one pass from the hem to the cuff. */
  static void sides(Halves halves, Form form) {
    Body.Front front = Body.leftFront(form);
    String hem = Body.lowest(form);
    String cuff = form.count(CUFF_RIB) > 0 ? "rib" : "sleeve";
    List<Anchor> anchors = new ArrayList<>();
    if (form.count(Body.HEM_RIB) > 0) {
      anchors.add(new Anchor("hem.rib", "top of the hem ribbing", Spot.cut(front.piece(), front.side(), Cut.endOf("rib")), Spot.cut("back", "left", Cut.startOf("rib"))));
    }
    anchors.add(new Anchor("underarm", "underarm", Spot.cut(front.piece(), front.side(), Cut.endOf("side")), Spot.cut("back", "left", Cut.startOf("side"))));
    if (form.count(CUFF_RIB) > 0) {
      anchors.add(new Anchor("cuff.rib", "top of the cuff ribbing", Spot.cut(LEFT, "front", Cut.startOf("rib")), Spot.cut(LEFT, "back", Cut.endOf("rib"))));
    }
    halves.seam(
        "side", "side and sleeve", SeamRole.SIDE_SLEEVE,
        SideOf.of(
            "Front side and sleeve", Span.ofRuns(front.piece(), front.side(), hem, "side", FORWARD), Span.ofRuns(LEFT, "front", "sleeve", cuff, FORWARD)),
        SideOf.of("Back side and sleeve", Span.ofRuns("back", "left", "side", hem, BACKWARD), Span.ofRuns(LEFT, "back", cuff, "sleeve", BACKWARD)),
        anchors, List.of("underarm"), "mattress-rows");
  }

  static void openings(Halves halves) {
    halves.openings("cuff", "cuff", LEFT, "cuff");
  }
}
