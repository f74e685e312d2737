package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.ARMHOLE;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Span;

/**
 * The armhole of a body (handbook 4): straight rows at the side, above stitches left at the underarm and rows in which more are
 * left, where a construction asks for them.
 */
final class Armhole {
  private static final double DEPTH_MM = 190;
  private static final double UNDERARM_MM = 30;
  private static final double SHAPED_MM = 60;
  private static final String SIDE = "side";
  private static final String LEFT = "underarm";
  private static final String SHAPED = "armhole.shaped";
  private static final String STRAIGHT = "armhole";

  static final Asked ROWS =
      Asked.rows(
              "armholeRows", Question.Group.BODY, "Rows of the armhole", "From the underarm to the shoulder.", 1,
              form -> Math.round(Math.min(DEPTH_MM, form.count(Body.ROWS) * h(form) / 2) / h(form)))
          .shapes(Part.BACK)
          .refused(
              FindingCode.ARMHOLE_TOO_LONG, form -> rows(form) >= form.count(Body.ROWS),
              form -> List.of(Fact.count("armhole", rows(form)), Fact.count("body", form.count(Body.ROWS)), Fact.count("most", form.count(Body.ROWS) - 1L)))
          .follows(
              "{depth} deep, {round} from underarm to underarm; the side seam is {side}.",
              form ->
                  List.of(
                      Fact.length("depth", rows(form) * h(form)), Fact.length("round", roundMm(form)),
                      Fact.length("side", Body.heightMm(form) - rows(form) * h(form))))
          .drawn(Drawn.up(Part.BACK, LEFT, SHAPED, STRAIGHT, "under.firm", "under", "cuff").onOtherSide());
  static final Asked UNDERARM =
      Asked.stitches("underarmStitches", ARMHOLE, "Stitches left at the underarm", "On each side, all at once.", 0, form -> Math.round(UNDERARM_MM / Making.of(form).w()))
          .shapes(Part.BACK, Part.FRONT)
          .follows("{notch} wide on each side.", form -> List.of(Fact.length("notch", underarmMm(form))))
          .drawn(Drawn.across(Part.BACK, LEFT).orAbove(SIDE));
  static final Asked SHAPED_ROWS =
      Asked.rows("armholeShapedRows", ARMHOLE, "Rows that get narrower", "Above the stitches left; the rest goes straight up.", 0, form -> Math.round(Math.min(SHAPED_MM, rows(form) * h(form) / 2) / h(form)))
          .shapes(Part.BACK)
          .refused(
              FindingCode.SHAPING_TOO_LONG, form -> form.count(Armhole.SHAPED_ROWS) > rows(form),
              form -> List.of(Fact.count("shaped", form.count(Armhole.SHAPED_ROWS)), Fact.count("rows", rows(form))))
          .drawn(Drawn.up(Part.BACK, SHAPED).orAbove(LEFT, SIDE));
  static final Asked SHAPED_STITCHES =
      Asked.stitches("armholeShapedStitches", ARMHOLE, "Stitches left in those rows", "On each side, all rows together.", 0, form -> form.count(Armhole.SHAPED_ROWS))
          .shapes(Part.BACK, Part.FRONT)
          .refused(
              FindingCode.SHAPING_WITHOUT_ROWS, form -> form.count(Armhole.SHAPED_ROWS) == 0 && form.count(Armhole.SHAPED_STITCHES) > 0,
              form -> List.of(Fact.count("count", form.count(Armhole.SHAPED_STITCHES))))
          .follows(
              "{across:stitches} {across?is:are} left between the armholes, {width}.",
              form -> List.of(Fact.count("across", Body.across(form)), Fact.length("width", Body.across(form) * Making.of(form).w())))
          .drawn(Drawn.across(Part.BACK, SHAPED).orAbove(LEFT, SIDE));

  private Armhole() {}

  static final Asked STITCHES =
      Asked.stitches("armholeStitches", ARMHOLE, "Stitches of the armhole", "From the underarm to the shoulder, along the ribs.", 1, form -> Math.round(Math.min(DEPTH_MM, form.count(RibBody.STITCHES) * Making.of(form).w() / 2) / Making.of(form).w()))
          .shapes(Part.BACK)
          .refused(
              FindingCode.ARMHOLE_LONGER_THAN_SIDE, form -> form.count(Armhole.STITCHES) >= form.count(RibBody.STITCHES),
              form -> List.of(Fact.count("armhole", form.count(Armhole.STITCHES)), Fact.count("body", form.count(RibBody.STITCHES))))
          .follows("{depth} deep, {round} from underarm to underarm.", form -> List.of(Fact.length("depth", sideMm(form)), Fact.length("round", roundMm(form))))
          .drawn(Drawn.up(Part.BACK, STRAIGHT).onOtherSide());

  /** How deep it is can be told in mm and stops at a row. */
  static Stop stop(Form form) {
    return new Stop(ROWS.key(), "Armhole depth", highest(form), h(form));
  }

  static int rows(Form form) {
    return form.count(ROWS);
  }

  static double underarmMm(Form form) {
    return form.countOrNone(UNDERARM) * Making.of(form).w();
  }

  /** Stitches that each side loses on the way from the underarm to the shoulder. */
  static int narrower(Form form) {
    return form.countOrNone(UNDERARM) + form.countOrNone(SHAPED_STITCHES);
  }

  /** From the corner above the stitches left to the shoulder, along the edge. */
  static double sideMm(Form form) {
    if (form.asks(STITCHES)) {
      return form.count(STITCHES) * Making.of(form).w();
    }
    int shaped = shapedRows(form);
    return Shaping.lengthMm(form, shaped, form.countOrNone(SHAPED_STITCHES)) + (rows(form) - shaped) * h(form);
  }

  /** Round the armhole, front and back, without the stitches left. */
  static double roundMm(Form form) {
    return 2 * sideMm(form);
  }

  /** The side of a body above its ribbing, up to the shoulder. */
  static Panel sections(Panel panel, Form form) {
    int shaped = shapedRows(form);
    return panel
        .rows(SIDE, form.count(Body.ROWS) - rows(form))
        .left(LEFT, form.countOrNone(UNDERARM))
        .rows(SHAPED, shaped, -form.countOrNone(SHAPED_STITCHES))
        .rows(STRAIGHT, rows(form) - shaped);
  }

  /** Front and back of the left armhole, from underarm to underarm over the shoulder. */
  static List<Span> spans(Form form) {
    BodyPanels.Front front = BodyPanels.leftFront(form);
    return List.of(
        Span.ofRuns(front.piece(), front.side(), lowest(form), highest(form), FORWARD), Span.ofRuns(Halves.BACK, "left", highest(form), lowest(form), FORWARD));
  }

  /** Where the armhole meets the shoulder, on the front. */
  static Spot shoulder(Form form) {
    BodyPanels.Front front = BodyPanels.leftFront(form);
    return Spot.cut(front.piece(), front.side(), Cut.endOf(highest(form)));
  }

  /** The usual way to join what lies beside it: of stitch tops where the body is worked sideways, else of row ends. */
  static String method(Form form) {
    return form.asks(STITCHES) ? "mattress-tops" : "mattress-rows";
  }

  static boolean hasUnderarm(Form form) {
    return form.countOrNone(UNDERARM) > 0;
  }

  /** The corner above the stitches left, on the front or on the back. */
  static Spot corner(Form form, boolean onFront) {
    BodyPanels.Front front = BodyPanels.leftFront(form);
    return onFront ? Spot.cut(front.piece(), front.side(), Cut.endOf(LEFT)) : Spot.cut(Halves.BACK, "left", Cut.startOf(LEFT));
  }

  private static String lowest(Form form) {
    return hasUnderarm(form) ? LEFT : shapedRows(form) > 0 ? SHAPED : STRAIGHT;
  }

  private static String highest(Form form) {
    return shapedRows(form) > 0 && shapedRows(form) == rows(form) ? SHAPED : STRAIGHT;
  }

  private static int shapedRows(Form form) {
    return form.countOrNone(SHAPED_ROWS);
  }

  private static double h(Form form) {
    return Making.of(form).h();
  }
}
