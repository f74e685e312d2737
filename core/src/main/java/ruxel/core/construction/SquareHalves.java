package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.ARMHOLE;
import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.NECK;
import static ruxel.core.construction.Question.Group.SLEEVES;
import static ruxel.core.construction.SquareBody.sideMm;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import ruxel.core.board.Board;
import ruxel.core.board.Square;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.BoardPiece;
import ruxel.core.piece.Cloth.Dye;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Span;

/**
 * Halves of squares (handbook 4.6): each half of the garment, half the body with its sleeve, is one board that lies over the
 * shoulder; the two are joined at the centre back, and the fronts stay open. The sleeve goes out from the rows about the shoulder.
 */
final class SquareHalves extends Template {
  private static final String METHOD = "whip-both";
  /** Both halves together have fewer squares than a garment may have. */
  private static final int MOST_WIDE = 15;
  private static final int MOST_HIGH = 20;
  private static final double ACROSS_MM = 260;
  private static final double LONG_MM = 480;
  private static final double SLEEVE_MM = 380;
  private static final double DEEP_MM = 200;
  private static final PieceId LEFT = Halves.left("half");

  private static final Asked ROUNDS = SquareBody.rounds(form -> 4 * form.count(SquareHalves.ACROSS), form -> form.count(SquareHalves.HIGH));
  private static final Asked ACROSS =
      Asked.number(Question.count("halfAcross", BODY, "Squares across half the body", "From the centre back to the side.", 1, MOST_WIDE), form -> Math.max(2, Math.round(ACROSS_MM / sideMm(form))))
          .shapes(Part.HALF)
          .follows(
              "{round} round, {less} with one fewer in each half, {more} with one more.",
              form -> List.of(Fact.length("round", roundMm(form, 0)), Fact.length("less", roundMm(form, -1)), Fact.length("more", roundMm(form, 1))))
          .drawn(Drawn.edge(Part.HALF, false, "hem.back"));
  private static final Asked HIGH =
      Asked.number(Question.count("squaresHigh", BODY, "Squares from hem to shoulder", "", 2, MOST_HIGH), form -> Math.max(2, Math.round(LONG_MM / sideMm(form))))
          .shapes(Part.HALF)
          .follows("{length} long.", form -> List.of(Fact.length("length", form.count(SquareHalves.HIGH) * sideMm(form))))
          .drawn(Drawn.edge(Part.HALF, true, "centre").firstMm(form -> form.count(SquareHalves.HIGH) * sideMm(form)));
  private static final Asked DEEP =
      Asked.number(Question.count("sleeveDeep", ARMHOLE, "Squares from the shoulder to the underarm", "The sleeve is twice as many round.", 1, MOST_HIGH), form -> Math.max(1, Math.min(form.count(HIGH) - 1L, Math.round(DEEP_MM / sideMm(form)))))
          .shapes(Part.HALF)
          .refused(
              FindingCode.SQUARES_SLEEVE_DEEP, form -> form.count(SquareHalves.DEEP) >= form.count(HIGH),
              form -> List.of(Fact.count("sleeve", form.count(SquareHalves.DEEP)), Fact.count("body", form.count(HIGH)), Fact.count("most", form.count(HIGH) - 1L)))
          .follows("The sleeve is {round} round.", form -> List.of(Fact.length("round", 2 * form.count(SquareHalves.DEEP) * sideMm(form))))
          .drawn(Drawn.edge(Part.HALF, true, "cuff").firstMm(form -> form.count(SquareHalves.DEEP) * sideMm(form)));
  private static final Asked NECK_ACROSS =
      Asked.number(Question.count("neckAcross", NECK, "Squares of half the back neck", "0 for a neck that is only the slit between the fronts.", 0, MOST_WIDE), form -> Math.min(1, form.count(ACROSS) - 1L))
          .shapes(Part.HALF)
          .refused(
              FindingCode.SQUARES_NECK_WIDE, form -> form.count(SquareHalves.NECK_ACROSS) >= form.count(ACROSS),
              form -> List.of(Fact.count("neck", form.count(SquareHalves.NECK_ACROSS)), Fact.count("body", form.count(ACROSS)), Fact.count("most", form.count(ACROSS) - 1L)))
          .refused(FindingCode.HOOD_WITHOUT_NECK, form -> form.count(SquareHalves.NECK_ACROSS) == 0 && Hood.isWorn(form), form -> List.of())
          .follows("The back neck is {neck}.", form -> List.of(Fact.length("neck", 2 * form.count(SquareHalves.NECK_ACROSS) * sideMm(form))))
          .drawn(Drawn.edge(Part.HALF, false, "neck.back").orAbove("hem.back"));
  private static final Asked NECK_DEEP =
      Asked.number(Question.count("neckDeep", NECK, "Squares that the front neck is deep", "", 1, MOST_HIGH), form -> 1)
          .shapes(Part.HALF)
          .refused(
              FindingCode.SQUARES_NECK_DEEP, form -> form.count(NECK_ACROSS) > 0 && form.count(SquareHalves.NECK_DEEP) >= form.count(HIGH),
              form -> List.of(Fact.count("neck", form.count(SquareHalves.NECK_DEEP)), Fact.count("body", form.count(HIGH)), Fact.count("most", form.count(HIGH) - 1L)))
          .drawn(Drawn.edge(Part.HALF, true, "neck.side").orAbove("centre"));
  private static final Asked LONG =
      Asked.number(Question.count("sleeveSquares", SLEEVES, "Squares along the sleeve", "From the side of the body to the wrist.", 1, MOST_WIDE), form -> Math.max(1, Math.round(SLEEVE_MM / sideMm(form))))
          .shapes(Part.HALF)
          .follows("Centre back to wrist {reach}.", form -> List.of(Fact.length("reach", (form.count(ACROSS) + form.count(SquareHalves.LONG)) * sideMm(form))))
          .drawn(Drawn.edge(Part.HALF, false, "sleeve.back"));

  SquareHalves() {
    super(
        "square-halves", "Halves of squares", "Each half of the garment, with its sleeve, is one board of squares over the shoulder; the halves meet at the centre back.",
        List.of(Sign.SLEEVE_GROWN, Sign.SIDE_STRAIGHT, Sign.FRONT_AS_BACK),
        List.of(
            Making.COLOUR, Making.STITCHES, Making.OVER, SquareBody.STITCHES, SquareBody.CORNER, SquareBody.SIDE, ROUNDS, ACROSS, HIGH, DEEP, NECK_ACROSS, NECK_DEEP, Hood.WORN, Hood.DOWN_HALVES, Hood.ACROSS, Hood.HIGH,
            LONG));
  }

  @Override
  void tell(Halves halves, Form form) {
    new Telling(halves, form).tell();
  }

  /** Squares round the neck of both halves. */
  static int neckAround(Form form) {
    return 2 * (2 * form.count(NECK_ACROSS) + form.count(NECK_DEEP));
  }

  /** Squares of each front edge below the neck. */
  static int frontSquares(Form form) {
    return form.count(HIGH) - form.count(NECK_DEEP);
  }

  private static double roundMm(Form form, int more) {
    return 4 * (form.count(ACROSS) + more) * sideMm(form);
  }

  /** The left half, right side up with the back's hem below: the sleeve goes out to the left, the centre lies at the right. */
  private static final class Telling {
    private final Halves halves;
    private final Form form;
    private final int high;
    private final int deep;
    private final int sleeve;
    private final int across;
    private final int neck;
    private final int neckDeep;

    Telling(Halves halves, Form form) {
      this.halves = halves;
      this.form = form;
      high = form.count(HIGH);
      deep = form.count(DEEP);
      sleeve = form.count(LONG);
      across = form.count(ACROSS);
      neck = form.count(NECK_ACROSS);
      neckDeep = form.count(NECK_DEEP);
    }

    void tell() {
      List<String[]> names = new ArrayList<>();
      names.add(named("hem.back", "back hem"));
      if (neck > 0) {
        names.addAll(
            List.of(
                named("centre", "centre back"), named("neck.back", "back neck"), named("neck.side", "side of the neck"), named("neck.front", "front neck"),
                named("front", "front edge")));
      } else {
        names.add(named("centre", "centre back and front edge"));
      }
      names.addAll(
          List.of(
              named("hem.front", "front hem"), named("side.front", "front side"), named("sleeve.front", "front edge of the sleeve"), named("cuff", "cuff"),
              named("sleeve.back", "back edge of the sleeve"), named("side.back", "back side")));
      halves.pair(BoardPiece.inTurn(LEFT, "Left half", Part.HALF, board(), Dye.valueOf(form.choice(Making.COLOUR)), names), Halves.right("half"), "Right half");
      halves.between(
          "centre", "Centre back", SeamRole.CENTRE_BACK, SideOf.of("Left centre back", Span.ofRuns(LEFT, "centre", row(1), row(high), FORWARD)), "Right centre back", METHOD);
      halves.seam(
          "side", "side and sleeve", SeamRole.SIDE_SLEEVE,
          SideOf.of(
              "Front side and sleeve", Span.ofRuns(LEFT, "side.front", row(2 * high), row(high + deep + 1), FORWARD), Span.ofRuns(LEFT, "sleeve.front", column(sleeve), column(1), FORWARD)),
          SideOf.of("Back side and sleeve", Span.ofRuns(LEFT, "side.back", row(high - deep), row(1), BACKWARD), Span.ofRuns(LEFT, "sleeve.back", column(1), column(sleeve), BACKWARD)),
          List.of(new Anchor("underarm", "underarm", Spot.cut(LEFT, "side.front", Cut.endOf(row(high + deep + 1))), Spot.cut(LEFT, "side.back", Cut.startOf(row(high - deep))))),
          List.of("underarm"), METHOD);
      if (Hood.isWorn(form)) {
        Hood.sewOn(halves, form, SquareBody.motif(form), Dye.valueOf(form.choice(Making.COLOUR)), Hood.along(halves, hoodEdge(), List.of()), backNeckCentre(), METHOD);
      }
      openings();
    }

    private Board board() {
      List<Square> squares = new ArrayList<>();
      for (int row = 1; row <= 2 * high; row++) {
        boolean isSleeve = row > high - deep && row <= high + deep;
        boolean isNeck = row > high && row <= high + neckDeep;
        for (int column = isSleeve ? 1 : sleeve + 1; column <= sleeve + across - (isNeck ? neck : 0); column++) {
          squares.add(Square.at(row, column));
        }
      }
      return new Board(SquareBody.motif(form), squares, false);
    }

    private void openings() {
      List<Span> left = new ArrayList<>();
      int last = sleeve + across;
      left.add(Span.ofRuns(LEFT, "hem.back", column(sleeve + 1), column(last), FORWARD));
      left.add(Span.ofRuns(LEFT, "hem.front", column(last), column(sleeve + 1), FORWARD));
      boolean hooded = Hood.isWorn(form);
      if (neck > 0) {
        left.addAll(hooded ? List.of() : neck(FORWARD));
        left.add(new Span(LEFT, "front", Hood.endOnSquares(form, high + neckDeep + 1, 1), Cut.endOf(row(2 * high)), FORWARD));
      } else {
        left.add(Span.ofRuns(LEFT, "centre", row(high + 1), row(2 * high), FORWARD));
      }
      halves.opening("front", hooded ? "Fronts, hood and hem" : "Fronts, neck and hem", ExpectedOpening.Kind.FRONT, hooded ? Hood.face() : Map.of(), left);
      halves.openings("cuff", "cuff", ExpectedOpening.Kind.CUFF, LEFT, "cuff");
    }

    /** Up the front edge, if the hood runs down it, and round the neck. */
    private List<Span> hoodEdge() {
      List<Span> edge = new ArrayList<>();
      if (Hood.halvesDown(form) > 0) {
        edge.add(new Span(LEFT, "front", Cut.startOf(row(high + neckDeep + 1)), Hood.endOnSquares(form, high + neckDeep + 1, 1), BACKWARD));
      }
      edge.addAll(neck(BACKWARD));
      return edge;
    }

    /** From the front edge to the centre back. */
    private List<Span> neck(Span.Along along) {
      int last = sleeve + across;
      return List.of(
          Span.ofRuns(LEFT, "neck.front", column(last - neck + 1), column(last), along), Span.ofRuns(LEFT, "neck.side", row(high + 1), row(high + neckDeep), along),
          Span.ofRuns(LEFT, "neck.back", column(last), column(last - neck + 1), along));
    }

    /** Where both halves meet. */
    private Spot backNeckCentre() {
      return Spot.cut(LEFT, "neck.back", Cut.startOf(column(sleeve + across)));
    }

    private static String[] named(String id, String name) {
      return new String[] {id, name};
    }

    private static String row(int row) {
      return "row" + row;
    }

    private static String column(int column) {
      return "column" + column;
    }
  }
}
