package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.NECK;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Landmark;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;

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

  /** Back and front or fronts; those of a cardigan are as wide as their shoulders. */
  static void panels(Halves halves, Form form) {
    halves.whole(whole(form, "back", "Back", Part.BACK, "right", 0));
    if (Body.isCardigan(form)) {
      halves.pair(half(form), "front.right", "Right front");
    } else {
      halves.whole(whole(form, "front", "Front", Part.FRONT, "left", form.count(DEPTH)));
    }
  }

  private static Piece whole(Form form, String id, String name, Part part, String rightHand, int depth) {
    String leftHand = rightHand.equals("left") ? "right" : "left";
    int neckRows = neckRibs(form) * form.count(RIB);
    List<Run> neck = new ArrayList<>(List.of(across(form, depth > 0 ? "centre" : "neck", neckRows, -1)));
    if (depth > 0) {
      neck.add(0, along(form, "down", UnitKind.STITCH_TOP, depth, -1));
      neck.add(along(form, "up", UnitKind.STITCH_TOP, depth, 1));
    }
    Map<String, String> mirror = new HashMap<>(Map.of("hem", "hem", "neck", "neck", rightHand, leftHand, leftHand, rightHand));
    mirror.put("shoulder." + rightHand, "shoulder." + leftHand);
    mirror.put("shoulder." + leftHand, "shoulder." + rightHand);
    return new Piece(
            id, name, part,
            List.of(
                Edge.of("hem", "hem", List.of(across(form, "hem", backRibs(form) * form.count(RIB), 1))),
                Edge.of(rightHand, rightHand + " side", side(form, 1)),
                shoulder(form, "shoulder." + rightHand, rightHand + " shoulder", 0),
                Edge.of("neck", "neck", neck),
                shoulder(form, "shoulder." + leftHand, leftHand + " shoulder", form.count(RIB)),
                Edge.of(leftHand, leftHand + " side", side(form, -1))),
            Optional.empty(), Making.of(form).cloth())
        .ownTwin(mirror);
  }

  private static Piece half(Form form) {
    return new Piece(
        "front.left", "Left front", Part.FRONT,
        List.of(
            Edge.of("hem", "hem", List.of(across(form, "hem", shoulderRibs(form) * form.count(RIB), 1))),
            Edge.of("side", "side", side(form, 1)),
            shoulder(form, "shoulder", "shoulder", 0),
            Edge.of("front", "front edge", List.of(along(form, "front", UnitKind.STITCH_TOP, form.count(STITCHES), -1)))),
        Optional.empty(), Making.of(form).cloth());
  }

  /** Up or down a side: below the armhole and beside it. */
  private static List<Run> side(Form form, int way) {
    int armhole = form.count(Armhole.STITCHES);
    Run below = along(form, "side", UnitKind.STITCH_TOP, form.count(STITCHES) - armhole, way);
    Run beside = along(form, "armhole", UnitKind.STITCH_TOP, armhole, way);
    return way > 0 ? List.of(below, beside) : List.of(beside, below);
  }

  /** A shoulder with the start of each rib, counted from the armhole, so that they meet their like on the other piece. */
  private static Edge shoulder(Form form, String id, String name, int firstRib) {
    int rib = form.count(RIB);
    Landmark ribs = new Landmark("ribs", "rib", Landmark.Kind.RIB, new Cut("shoulder", firstRib, Cut.End.START), rib, shoulderRibs(form), Optional.empty());
    Edge edge = Edge.of(id, name, List.of(across(form, "shoulder", shoulderRibs(form) * rib, -1)));
    return shoulderRibs(form) > 1 ? edge.withLandmarks(List.of(ribs)) : edge;
  }

  private static Run across(Form form, String run, int rows, int way) {
    return Run.plain(run, UnitKind.ROW_END, rows, new Advance(way * Making.of(form).h(), 0));
  }

  private static Run along(Form form, String run, UnitKind kind, int stitches, int way) {
    return Run.plain(run, kind, stitches, new Advance(0, way * Making.of(form).w()));
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
