package ruxel.core.garment;

import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.measure.Gauge;
import ruxel.core.measure.Stitch;
import ruxel.core.piece.Cloth;

/**
 * The answers of a drop-shoulder body as counts that fit together, turning chains included. Missing
 * answers follow from those given: usual lengths in mm over the gauge.
 */
record DropShoulderMeasures(
    boolean cardigan,
    Stitch stitch,
    Gauge gauge,
    boolean chainCounts,
    double ribRowMm,
    int back,
    int front,
    int bodyRows,
    int armholeRows,
    int hemRibRows,
    boolean bodyTopDown,
    int shoulder,
    int neckRows,
    int neckCentre,
    int sleeveTop,
    int cuff,
    int sleeveRows,
    int cuffRibRows,
    boolean sleeveTopDown,
    Cloth cloth) {

  private static final double BACK_MM = 480;
  private static final double BODY_MM = 560;
  private static final double ARMHOLE_MM = 190;
  private static final double RIB_MM = 60;
  private static final double NECK_DEPTH_MM = 80;
  private static final double CUFF_MM = 240;
  private static final double SLEEVE_MM = 400;
  private static final double SHOULDER_SHARE = 0.34;

  /** The measures and all that is wrong with the answers; measures are to be used only without errors. */
  static DropShoulderMeasures read(AnswerReader r) {
    boolean cardigan = DropShoulderQuestions.CARDIGAN.equals(r.choice("kind", DropShoulderQuestions.CARDIGAN));
    Cloth.Dye colour = Cloth.Dye.valueOf(r.choice("colour", "WOAD"));
    Cloth.Dye ribColour = Cloth.Dye.valueOf(r.choice("ribColour", "WELD"));
    Stitch stitch = Stitch.valueOf(r.choice("stitch", "DC"));
    double gaugeStitches = r.number("gaugeStitches", 14);
    double gaugeRows = r.number("gaugeRows", 8);
    Gauge.Over over = Gauge.Over.valueOf(r.choice("gaugeOver", "TEN_CM"));
    Gauge gauge = new Gauge(gaugeStitches, gaugeRows, over);
    boolean chain = "YES".equals(r.choice("turningChainCounts", stitch.turningChainCounts() ? "YES" : "NO"));
    int plus = chain ? 1 : 0;
    double ribRow = over.mm() / r.number("ribRowsGauge", gaugeRows);
    double w = gauge.stitchWidthMm();
    double h = gauge.rowHeightMm();
    int back = r.count("backStitches", Math.round(BACK_MM / w) - plus) + plus;
    int front = cardigan ? r.count("frontStitches", back / 2 - plus) + plus : back;
    int bodyRows = r.count("bodyRows", Math.round(BODY_MM / h));
    int armhole = r.count("armholeRows", Math.round(Math.min(ARMHOLE_MM, bodyRows * h / 2) / h));
    int hemRib = r.count("hemRibRows", Math.round(RIB_MM / ribRow));
    boolean bodyTopDown = DropShoulderQuestions.TOP_DOWN.equals(r.choice("bodyWorked", "BOTTOM_UP"));
    int shoulder = r.count("shoulderStitches", Math.min(front, Math.round(back * SHOULDER_SHARE)));
    int neckRows = r.count("neckRows", Math.round(Math.min(NECK_DEPTH_MM, bodyRows * h / 3) / h));
    int neck = cardigan ? front - shoulder : back - 2 * shoulder;
    int neckCentre = r.count("neckCentre", cardigan ? 0 : neck / 3 + (neck - neck / 3) % 2);
    int top = r.count("sleeveTopStitches", Math.round(2 * armhole * h / w) - plus) + plus;
    int cuff = r.count("cuffStitches", Math.round(CUFF_MM / w) - plus) + plus;
    int sleeveRows = r.count("sleeveRows", Math.round(SLEEVE_MM / h));
    int cuffRib = r.count("cuffRibRows", Math.round(RIB_MM / ribRow));
    boolean sleeveTopDown = DropShoulderQuestions.TOP_DOWN.equals(r.choice("sleeveWorked", "CUFF_UP"));
    return new DropShoulderMeasures(
        cardigan, stitch, gauge, chain, ribRow, back, front, bodyRows, armhole, hemRib, bodyTopDown, shoulder,
        neckRows, neckCentre, top, cuff, sleeveRows, cuffRib, sleeveTopDown,
        new Cloth(w, h, ribRow, colour, ribColour));
  }

  /** Stitches between the shoulders of the back. */
  int backNeck() {
    return back - 2 * shoulder;
  }

  /** Stitches of the front's neck: between both shoulders, or from the shoulder to the front edge. */
  int frontNeck() {
    return cardigan ? front - shoulder : backNeck();
  }

  double bodyHeightMm() {
    return hemRibRows * ribRowMm + bodyRows * gauge.rowHeightMm();
  }

  double sleeveHeightMm() {
    return cuffRibRows * ribRowMm + sleeveRows * gauge.rowHeightMm();
  }

  /** Counts that do not fit each other, each at the answer that is easiest to mend. */
  void check(AnswerReader r) {
    if (backNeck() < 1) {
      r.refuse(
          FindingCode.SHOULDERS_TOO_WIDE, "shoulderStitches",
          Fact.count("shoulder", shoulder), Fact.count("both", 2L * shoulder), Fact.count("back", back),
          Fact.count("most", Math.max(1, (back - 1) / 2)));
    }
    if (cardigan && shoulder > front) {
      r.refuse(
          FindingCode.SHOULDER_WIDER_THAN_FRONT, "shoulderStitches",
          Fact.count("shoulder", shoulder), Fact.count("front", front));
    }
    if (armholeRows >= bodyRows) {
      r.refuse(
          FindingCode.ARMHOLE_TOO_LONG, "armholeRows",
          Fact.count("armhole", armholeRows), Fact.count("body", bodyRows), Fact.count("most", bodyRows - 1L));
    }
    if (neckRows >= bodyRows) {
      r.refuse(
          FindingCode.NECK_TOO_DEEP, "neckRows",
          Fact.count("neck", neckRows), Fact.count("body", bodyRows), Fact.count("most", bodyRows - 1L));
    }
    if (frontNeck() >= 0 && neckRows > 0) {
      checkCentre(r);
    }
  }

  private void checkCentre(AnswerReader r) {
    Fact centre = Fact.count("centre", neckCentre);
    Fact neck = Fact.count("neck", frontNeck());
    int rest = frontNeck() - neckCentre;
    if (rest < 0) {
      r.refuse(FindingCode.NECK_CENTRE_TOO_WIDE, "neckCentre", centre, neck);
    } else if (!cardigan && rest % 2 == 1) {
      r.refuse(
          FindingCode.NECK_LOPSIDED, "neckCentre", neck, centre, Fact.count("rest", rest),
          Fact.count("lower", neckCentre == 0 ? 1 : neckCentre - 1L), Fact.count("higher", neckCentre + 1L));
    }
  }
}
