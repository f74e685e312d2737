package ruxel.core.construction;

import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ruxel.core.construction.Question.Choice;
import ruxel.core.construction.Question.Group;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.lay.Placement;
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
 * Folded square (handbook 4.8, 9.4): one large square, folded in half; either end is joined from its corners to a marked pair, an armhole stays
 * open about the fold, and the two long edges are one opening for the collar.
 */
final class FoldedSquare extends Template {
  private static final PieceId SQUARE = new PieceId("square");
  private static final double SIDE_MM = 900;
  private static final double ARMHOLE_MM = 120;
  private static final String ON_FOLD = "STITCH";

  private static final Asked SIDE =
      Asked.stitches("squareSide", Group.BODY, "Stitches along a side", "Without the corners; the square is worked in rounds from its middle.", 4, form -> 2 * Math.round(SIDE_MM / Making.of(form).w() / 2))
          .shapes(Part.WHOLE)
          .follows(
              "{side} a side; folded it is {side} wide and {deep} deep. The opening for the collar is {collar} round: {n:places}, and one at each end seam.",
              form ->
                  List.of(
                      Fact.length("side", sideMm(form)), Fact.length("deep", sideMm(form) / 2), Fact.length("collar", 2 * sideMm(form)),
                      Fact.count("n", 2L * side(form))))
          .drawn(Drawn.edge(Part.WHOLE, false, "long.upper"));
  private static final Asked FOLD =
      Asked.choice(
              "foldOn", Group.BODY, "On the fold lies", "", form -> side(form) % 2 == 1 ? ON_FOLD : "BETWEEN",
              new Choice("BETWEEN", "the gap between two stitches"), new Choice(ON_FOLD, "a stitch"))
          .refused(
              FindingCode.FOLD_PARITY, form -> (side(form) - onFold(form)) % 2 != 0,
              form -> List.of(Fact.count("n", side(form)), Fact.text("lies", onFold(form) == 1 ? "on a stitch" : "between two stitches"), Fact.count("lower", side(form) - 1L), Fact.count("higher", side(form) + 1L)));
  private static final Asked PAIR =
      Asked.stitches("markedPair", Group.ARMHOLE, "The marked pair, counted from the fold", "A stitch that lies on the fold is not counted.", 1, FoldedSquare::usualPair)
          .shapes(Part.WHOLE)
          .refused(FindingCode.FOLD_PAIR, form -> seam(form) < 1, form -> List.of(Fact.count("pair", form.count(FoldedSquare.PAIR)), Fact.count("half", side(form) / 2), Fact.count("most", mostPairs(form))))
          .follows(
              "The armhole is {armhole:places}, {round} round, {less} with one pair fewer, {more} with one more; either end is joined over {n:stitches}, {end}.",
              form ->
                  List.of(
                      Fact.count("armhole", armhole(form)), Fact.length("round", armhole(form) * Making.of(form).w()), Fact.length("less", (armhole(form) - 2) * Making.of(form).w()),
                      Fact.length("more", (armhole(form) + 2) * Making.of(form).w()), Fact.count("n", seam(form)), Fact.length("end", sideMm(form) / 2 - armhole(form) * Making.of(form).w() / 2)))
          .drawn(Drawn.up(Part.WHOLE, "armhole.upper").orAbove("seam.upper"));
  private static final Asked MARKED = Asked.choice("markedPairIs", Group.ARMHOLE, "The marked pair is", "", form -> "JOINED", new Choice("JOINED", "joined: the last of the seam"), new Choice("OPEN", "open: the first of the armhole"));

  FoldedSquare() {
    super(
        "folded-square", "Folded square", "One large square, folded in half; its ends are joined up to the armholes.",
        List.of(Sign.SLEEVE_FOLDED),
        List.of(Making.COLOUR, Making.STITCH, Making.STITCHES, Making.ROWS, Making.OVER, FoldedCorner.ASKED, SIDE, FOLD, PAIR, MARKED));
  }

  @Override
  void tell(Halves halves, Form form) {
    Edge upper = Edge.of("long.upper", "collar edge", List.of(across(form, 1)));
    Edge lower = Edge.of("long.lower", "collar edge under it", List.of(across(form, -1)));
    List<Run> up = end(form);
    List<Run> down = new ArrayList<>(end(form));
    Collections.reverse(down);
    Piece square =
        new Piece(
                SQUARE, "Square", Part.WHOLE,
                List.of(upper, Edge.of("end.left", "left end", up), lower, Edge.of("end.right", "right end", down.stream().map(run -> run.withAdvance(run.advance().times(-1))).toList())),
                Optional.empty(), Making.of(form).cloth())
            .ownTwin(Map.of("long.upper", "long.upper", "long.lower", "long.lower", "end.left", "end.right", "end.right", "end.left"))
            .foldedAlong(Fold.straight(fold("end.right", form, false), fold("end.left", form, true)));
    halves.whole(FoldedCorner.on(square, form));
    halves.seam(
        "end", "end", SeamRole.SIDE, SideOf.of("Upper layer", Span.ofRun(SQUARE, "end.left", "seam.upper", FORWARD)), SideOf.of("Lower layer", Span.ofRun(SQUARE, "end.left", "seam.lower", BACKWARD)),
        List.of(), List.of(Seam.END), "whip-both");
    halves.opening("collar", "Opening for the collar", ExpectedOpening.Kind.FRONT, Map.of(SQUARE, List.of("long.upper", "long.lower")), List.of());
    halves.openings("armhole", "armhole", ExpectedOpening.Kind.ARMHOLE, armholes(form));
  }

  @Override
  List<Placement> lay(List<Piece> pieces) {
    Piece square = pieces.get(0);
    Outline.Box box = new Outline(square).box();
    return List.of(new Placement(square.id(), 0, -box.middle().x(), -box.middle().y()));
  }

  @Override
  String laidWords() {
    return "Folded, its fold away from you, the right side of the upper layer up. The wearer's left end lies on the right.";
  }

  private static Run across(Form form, int way) {
    return Run.plain("long", UnitKind.STITCH_TOP, side(form), new Advance(way * Making.of(form).w(), 0));
  }

  /** From the long edge of the upper layer to the fold and on along the lower layer. */
  private static List<Run> end(Form form) {
    double w = Making.of(form).w();
    List<Run> runs = new ArrayList<>();
    runs.add(Run.plain("seam.upper", UnitKind.STITCH_TOP, seam(form), new Advance(0, w)));
    if (pairs(form) > 0) {
      runs.add(Run.plain("armhole.upper", UnitKind.STITCH_TOP, pairs(form), new Advance(0, w)));
    }
    if (onFold(form) == 1) {
      runs.add(Run.plain("fold", UnitKind.STITCH_TOP, 1, Advance.over(w)));
    }
    if (pairs(form) > 0) {
      runs.add(Run.plain("armhole.lower", UnitKind.STITCH_TOP, pairs(form), new Advance(0, -w)));
    }
    runs.add(Run.plain("seam.lower", UnitKind.STITCH_TOP, seam(form), new Advance(0, -w)));
    return runs;
  }

  /** Behind the upper layer's half of the left end, before that of the right one. */
  private static Fold.Spot fold(String end, Form form, boolean isBehindUpper) {
    String run = pairs(form) > 0 ? "armhole.upper" : "seam.upper";
    return isBehindUpper ? Fold.Spot.behind(end, run) : Fold.Spot.before(end, run);
  }

  private static List<Span> armholes(Form form) {
    List<Span> spans = new ArrayList<>();
    end(form).stream().map(Run::id).filter(run -> !run.startsWith("seam")).forEach(run -> spans.add(Span.ofRun(SQUARE, "end.left", run, FORWARD)));
    return spans;
  }

  private static int side(Form form) {
    return form.count(SIDE);
  }

  private static double sideMm(Form form) {
    return side(form) * Making.of(form).w();
  }

  private static int onFold(Form form) {
    return form.is(FOLD, ON_FOLD) ? 1 : 0;
  }

  /** Pairs that stay open on either side of the fold. */
  private static int pairs(Form form) {
    return form.count(PAIR) - (form.is(MARKED, "JOINED") ? 1 : 0);
  }

  private static int armhole(Form form) {
    return 2 * pairs(form) + onFold(form);
  }

  private static int seam(Form form) {
    return (side(form) - armhole(form)) / 2;
  }

  /** The most pairs that leave one to be joined beyond an open one, or are it. */
  private static int mostPairs(Form form) {
    return (side(form) - onFold(form)) / 2 - (form.is(MARKED, "JOINED") ? 0 : 1);
  }

  private static double usualPair(Form form) {
    return Math.max(2, Math.min(mostPairs(form), Math.round(ARMHOLE_MM / Making.of(form).w()) + 1));
  }
}
