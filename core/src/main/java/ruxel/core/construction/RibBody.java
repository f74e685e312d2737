package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.NECK;

import java.util.List;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Piece.Part;

/** A body worked sideways (handbook 4.4): ribs run up it, hem and shoulders are row ends, its sides the foundation and the last row. */
final class RibBody {
  private static final double LENGTH_MM = 560;
  private static final double SHOULDER_MM = 150;
  private static final double NECK_MM = 180;
  private static final double DEPTH_MM = 80;

  static final Asked STITCHES =
      Asked.stitches("lengthStitches", BODY, "Stitches from hem to shoulder", "Along the ribs.", 2, form -> Math.round(LENGTH_MM / Making.of(form).w()))
          .shapes(Part.BACK, Part.FRONT)
          .follows("{length} long.", form -> List.of(Fact.length("length", form.count(RibBody.STITCHES) * Making.of(form).w())))
          .drawn(Drawn.up(Part.BACK, "side", "armhole"));
  static final Asked RIB = Asked.rows("ribRows", BODY, "Rows of one rib", "", 1, form -> 2).shapes(Part.BACK, Part.FRONT)
          .drawn(Drawn.across(Part.BACK, "shoulder").firstMm(RibBody::ribMm));
  static final Asked SHOULDER_REPEATS =
      Asked.rows("shoulderRibRepeats", NECK, "Shoulder: repeat the rib … more times", "Of each front, after its first rib.", 0, form -> Math.max(0, Math.round(SHOULDER_MM / ribMm(form)) - 1))
          .shapes(Part.FRONT)
          .follows("{ribs} ribs, {width}.", form -> List.of(Fact.count("ribs", shoulderRibs(form)), Fact.length("width", shoulderRibs(form) * ribMm(form))))
          .drawn(Drawn.across(Part.FRONT, "shoulder"));
  static final Asked BACK_REPEATS =
      Asked.rows("backRibRepeats", BODY, "Back: repeat the rib … more times", "After its first rib: two shoulders and the neck.", 0, form -> 2L * shoulderRibs(form) + Math.max(1, Math.round(NECK_MM / ribMm(form))) - 1)
          .shapes(Part.BACK)
          .refused(
              FindingCode.RIBS_TAKE_NECK, form -> neckRibs(form) < 1,
              form -> List.of(Fact.count("shoulder", shoulderRibs(form)), Fact.count("back", backRibs(form))))
          .follows(
              "{ribs} ribs, {width}; {neck} of them, {apart}, are left for the neck.",
              form ->
                  List.of(
                      Fact.count("ribs", backRibs(form)), Fact.length("width", widthMm(form)), Fact.count("neck", neckRibs(form)),
                      Fact.length("apart", neckRibs(form) * ribMm(form))))
          .drawn(Drawn.across(Part.BACK, "hem"));
  static final Asked DEPTH =
      Asked.stitches("neckDepthStitches", NECK, "Stitches of the front neck's depth", "Left at its sides; 0 when it lies straight across.", 0, form -> Math.min(form.count(RibBody.STITCHES) - 1, Math.round(DEPTH_MM / Making.of(form).w())))
          .when(Body.KIND, "PULLOVER", false)
          .shapes(Part.FRONT)
          .refused(
              FindingCode.NECK_TOO_DEEP, form -> form.count(RibBody.DEPTH) >= form.count(RibBody.STITCHES),
              form -> List.of(Fact.count("neck", form.count(RibBody.DEPTH)), Fact.count("body", form.count(RibBody.STITCHES)), Fact.count("most", form.count(RibBody.STITCHES) - 1L)))
          .drawn(Drawn.up(Part.FRONT, "down").orAbove("shoulder"));

  private RibBody() {}

  static double widthMm(Form form) {
    return backRibs(form) * ribMm(form);
  }

  static double neckMm(Form form) {
    double across = neckRibs(form) * ribMm(form);
    return Body.isCardigan(form) ? across : 2 * (across + form.count(DEPTH) * Making.of(form).w());
  }

  /** Back and front or fronts; those of a cardigan are as wide as their shoulders. */
  static void panels(Halves halves, Form form) {
    ShoulderEnd shoulder = new ShoulderEnd(shoulderRibs(form) * form.count(RIB), 1, form.count(RIB));
    int neck = neckRibs(form) * form.count(RIB);
    halves.whole(panel(form, Halves.BACK, "Back", Part.BACK, backRibs(form)).whole("right", shoulder, new Neck(neck, 0, 0, "neck")));
    if (Body.isCardigan(form)) {
      halves.pair(panel(form, Halves.left("front"), "Left front", Part.FRONT, shoulderRibs(form)).half(shoulder, new Neck(0, 0, 0, "neck")), Halves.right("front"), "Right front");
    } else {
      halves.whole(panel(form, Halves.FRONT, "Front", Part.FRONT, backRibs(form)).whole("left", shoulder, new Neck(neck, form.count(DEPTH), neck, "neck")));
    }
  }

  private static Panel panel(Form form, PieceId id, String name, Part part, int ribs) {
    int armhole = form.count(Armhole.STITCHES);
    return Panel.sideways(id, name, part, Making.of(form), "hem", ribs * form.count(RIB)).rows("side", form.count(STITCHES) - armhole).rows("armhole", armhole);
  }

  private static int shoulderRibs(Form form) {
    return form.count(SHOULDER_REPEATS) + 1;
  }

  private static int backRibs(Form form) {
    return form.count(BACK_REPEATS) + 1;
  }

  private static int neckRibs(Form form) {
    return backRibs(form) - 2 * shoulderRibs(form);
  }

  private static double ribMm(Form form) {
    return form.count(RIB) * Making.of(form).h();
  }
}
