package ruxel.core.construction;

import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ruxel.core.construction.Question.Group;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.lay.Placement;
import ruxel.core.measure.HouseRules;
import ruxel.core.piece.Advance;
import ruxel.core.piece.Edge;
import ruxel.core.piece.Fold;
import ruxel.core.piece.Outline;
import ruxel.core.piece.Piece;
import ruxel.core.piece.Piece.Part;
import ruxel.core.piece.Run;
import ruxel.core.piece.UnitKind;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/**
 * Two hexagons (handbook 4.7, 9.3), each of six sectors of 90° and folded to an L: half the body with a sleeve. They meet at the centre back; each
 * has one seam over its sleeve, and the fronts stay open.
 */
final class TwoHexagons extends Template {
  private static final PieceId LEFT = Halves.left("half");
  private static final String NECK_RUN = "neck";
  private static final String METHOD = "whip-both";
  private static final double SIDE_MM = 384;
  private static final double NECK_MM = 70;
  private static final double GAP_MM = 60;
  private static final double MM_PER_CM = 10;

  private static final Asked SIDE =
      Asked.stitches("hexagonSide", Group.BODY, "Stitches along a side", "Without the corners; each hexagon is worked in rounds from its middle.", 2, form -> 2 * Math.round(SIDE_MM / Making.of(form).w() / 2))
          .shapes(Part.HALF)
          .follows(
              "{side} a side: {body} round the body, {side} long, each cuff {side} round, {half} from underarm to cuff, {body} from cuff to cuff.",
              form -> List.of(Fact.length("side", sideMm(form)), Fact.length("body", 2 * sideMm(form)), Fact.length("half", sideMm(form) / 2)))
          .drawn(Drawn.edge(Part.HALF, true, "front"));
  private static final Asked MIDDLE =
      Asked.number(
              Question.number("hexagonMiddle", Group.GAUGE, "From the middle to the middle of a side, cm", "Measured on a finished hexagon; without it half a side, as it should be.", 1, 500),
              form -> Math.round(sideMm(form) / 2) / MM_PER_CM)
          .follows(
              form ->
                  ratio(form) > HouseRules.USUAL.get(HouseRules.Rule.HEXAGON_SHARE)
                      ? "{ratio} of a side, and it should be half of one: it lies too flat and pulls at the underarm. Work more stitches into each round, or lower ones."
                      : "{ratio} of a side; half of one is right. It ripples when it lies flat: that is what folds it.",
              form -> List.of(Fact.text("ratio", String.format(Locale.ROOT, "%.2f", ratio(form)))));
  private static final Asked NECK =
      Asked.stitches("hexagonNeck", Group.NECK, "Stitches left for the neck on each layer", "At the neck end of the seam over the sleeve.", 0, form -> Math.min(side(form) - 1L, Math.round(NECK_MM / Making.of(form).w())))
          .shapes(Part.HALF)
          .refused(FindingCode.HEXAGON_NECK, form -> neck(form) >= side(form), form -> List.of(Fact.count("neck", neck(form)), Fact.count("side", side(form)), Fact.count("most", side(form) - 1L)))
          .follows(
              "The back neck is {neck}, {less} with one fewer on each layer, {more} with one more; {n:stitches} are joined over each sleeve.",
              form ->
                  List.of(
                      Fact.length("neck", 2 * neck(form) * Making.of(form).w()), Fact.length("less", 2 * Math.max(0, neck(form) - 1) * Making.of(form).w()),
                      Fact.length("more", 2 * (neck(form) + 1) * Making.of(form).w()), Fact.count("n", side(form) - neck(form))))
          .drawn(Drawn.edge(Part.HALF, false, "top.front").lastMm(form -> neck(form) * Making.of(form).w()));

  TwoHexagons() {
    super(
        "two-hexagons", "Two hexagons", "Each half of the garment is a hexagon folded to an L; the halves meet at the centre back.",
        List.of(Sign.SLEEVE_FOLDED, Sign.SLEEVE_GROWN),
        List.of(Making.COLOUR, Making.STITCH, Making.STITCHES, Making.ROWS, Making.OVER, FoldedCorner.ASKED, SIDE, MIDDLE, NECK));
  }

  @Override
  void tell(Halves halves, Form form) {
    double w = Making.of(form).w();
    int rest = side(form) - neck(form);
    Piece hexagon =
        new Piece(
            LEFT, "Left hexagon", Part.HALF,
            List.of(
                Edge.of("top.front", "front edge of the sleeve top", parts("top", rest, NECK_RUN, neck(form), -w)),
                Edge.of("front", "front edge", List.of(stitches("front", side(form), 0, -w))),
                Edge.of("hem", "hem", halved("front", "back", side(form), w, 0)),
                Edge.of("centre", "centre back", List.of(stitches("centre", side(form), 0, w))),
                Edge.of("top.back", "back edge of the sleeve top", parts(NECK_RUN, neck(form), "top", rest, w)),
                Edge.of("cuff", "cuff", halved("back", "front", side(form), 0, -w))),
            Optional.empty(), Making.of(form).cloth());
    Fold fold = new Fold(Fold.Spot.before("cuff", "front"), Fold.Spot.before("hem", "back"), Fold.Way.CORNER, Optional.of(form.number(MIDDLE) * MM_PER_CM));
    halves.pair(FoldedCorner.on(hexagon, form).foldedAlong(fold), Halves.right("half"), "Right hexagon");
    halves.between("centre", "Centre back", SeamRole.CENTRE_BACK, SideOf.of("Left centre back", Span.ofRun(LEFT, "centre", "centre", FORWARD)), "Right centre back", METHOD);
    halves.seam(
        "top", "sleeve top", SeamRole.SHOULDER_SLEEVE_TOP, SideOf.of("Front layer", Span.ofRun(LEFT, "top.front", "top", FORWARD)), SideOf.of("Back layer", Span.ofRun(LEFT, "top.back", "top", BACKWARD)),
        List.of(), List.of(Seam.START), METHOD);
    openings(halves, form);
  }

  private static void openings(Halves halves, Form form) {
    List<Span> left = new ArrayList<>();
    left.add(whole(halves, "hem"));
    left.add(whole(halves, "front"));
    if (neck(form) > 0) {
      left.add(Span.ofRun(LEFT, "top.front", NECK_RUN, FORWARD));
      left.add(Span.ofRun(LEFT, "top.back", NECK_RUN, FORWARD));
    }
    halves.opening("front", "Fronts, neck and hem", ExpectedOpening.Kind.FRONT, Map.of(), left);
    halves.openings("cuff", "cuff", ExpectedOpening.Kind.CUFF, LEFT, "cuff");
  }

  private static Span whole(Halves halves, String edge) {
    return Span.ofEdge(LEFT, halves.piece(LEFT).edge(edge).orElseThrow(), FORWARD);
  }

  @Override
  List<Placement> lay(List<Piece> pieces) {
    return pieces.stream()
        .map(
            piece -> {
              Outline.Box box = new Outline(piece).box();
              return new Placement(piece.id(), 0, piece.id().equals(LEFT) ? GAP_MM / 2 - box.left() : -GAP_MM / 2 - box.right(), -box.top());
            })
        .toList();
  }

  @Override
  String laidWords() {
    return "Folded, seen from the front as worn: the right sides of the front layers up, the back layers under them. The wearer's left lies on the right.";
  }

  private static Run stitches(String id, int count, double dx, double dy) {
    return Run.plain(id, UnitKind.STITCH_TOP, count, new Advance(dx, dy));
  }

  private static List<Run> parts(String one, int stitches, String other, int more, double dx) {
    List<Run> runs = new ArrayList<>();
    if (stitches > 0) {
      runs.add(stitches(one, stitches, dx, 0));
    }
    if (more > 0) {
      runs.add(stitches(other, more, dx, 0));
    }
    return runs.stream().map(run -> run.id().equals(NECK_RUN) ? run.labelled("neck") : run).toList();
  }

  /** A side that goes over the fold and back; of an odd count a stitch lies on it. */
  private static List<Run> halved(String first, String second, int count, double dx, double dy) {
    List<Run> runs = new ArrayList<>(List.of(stitches(first, count / 2, dx, dy)));
    if (count % 2 == 1) {
      runs.add(Run.plain("fold", UnitKind.STITCH_TOP, 1, Advance.over(Math.hypot(dx, dy))));
    }
    runs.add(stitches(second, count / 2, -dx, -dy));
    return runs;
  }

  private static int side(Form form) {
    return form.count(SIDE);
  }

  private static double sideMm(Form form) {
    return side(form) * Making.of(form).w();
  }

  private static int neck(Form form) {
    return form.count(NECK);
  }

  private static double ratio(Form form) {
    return form.number(MIDDLE) * MM_PER_CM / sideMm(form);
  }
}
