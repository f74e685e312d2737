package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.ARMHOLE;
import static ruxel.core.construction.Question.Group.BODY;
import static ruxel.core.construction.Question.Group.GAUGE;
import static ruxel.core.construction.Question.Group.NECK;
import static ruxel.core.construction.Question.Group.SLEEVES;

import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import ruxel.core.board.Motif;
import ruxel.core.construction.Question.Choice;
import ruxel.core.finding.Fact;
import ruxel.core.finding.FindingCode;
import ruxel.core.measure.Corner;
import ruxel.core.measure.Gauge;
import ruxel.core.piece.Piece.Part;

/** What is asked of a garment of whole squares, and the square itself (handbook 4.5, 5). */
final class SquareBody {
  private static final int MOST_ACROSS = 30;
  private static final double MM_PER_CM = 10;
  private static final double STEP_CM = 0.5;
  private static final int MOST_ROUNDS = 60;
  private static final double USUAL_ROUND_MM = 12;
  /** The sides of squares along an edge that goes up, or across. */
  private static final String[] ROWS = IntStream.rangeClosed(1, MOST_ACROSS).mapToObj(row -> "row" + row).toArray(String[]::new);
  private static final String[] COLUMNS = IntStream.rangeClosed(1, 2 * MOST_ACROSS).mapToObj(column -> "column" + column).toArray(String[]::new);

  static final Asked STITCHES =
      Asked.stitches("motifStitches", GAUGE, "Stitches along a side of a square", "Without its corners.", 1, form -> 14).shapes(Part.BACK, Part.FRONT, Part.SLEEVE, Part.HALF);
  static final Asked CORNER =
      Asked.choice(
          "motifCorner", GAUGE, "Corners of a square", "It decides how many places a side has in a seam.", form -> Corner.CHAIN_2_ONE_EACH.name(),
          Arrays.stream(Corner.values()).map(corner -> new Choice(corner.name(), corner.words())).toArray(Choice[]::new));
  static final Asked SIDE =
      Asked.number(
              Question.number("motifSide", GAUGE, "Side of a square, cm", "Measured on a blocked one; without it your gauge tells it.", Motif.LEAST_SIDE_MM / MM_PER_CM, Motif.MOST_SIDE_MM / MM_PER_CM),
              SquareBody::byGauge)
          .shapes(Part.BACK, Part.FRONT, Part.SLEEVE, Part.HALF)
          .follows("{n} places along a side in a seam: {stitches:stitches} and its corners.", form -> List.of(Fact.count("n", motif(form).places()), Fact.count("stitches", motif(form).stitches())));

  static final Asked ROUNDS = rounds(form -> 2 * form.count(SquareBody.ACROSS), form -> form.count(SquareBody.HIGH));

  static final Asked ACROSS =
      Asked.number(Question.count("squaresAcross", BODY, "Squares across the back", "", 2, MOST_ACROSS), form -> Math.max(2, Math.round(500 / sideMm(form))))
          .shapes(Part.BACK)
          .follows(
              "{round} round, {less} with one fewer on back and front, {more} with one more.",
              form -> List.of(Fact.length("round", roundMm(form, 0)), Fact.length("less", roundMm(form, -1)), Fact.length("more", roundMm(form, 1))))
          .drawn(Drawn.across(Part.BACK, COLUMNS));
  static final Asked HIGH =
      Asked.number(Question.count("squaresHigh", BODY, "Squares from hem to shoulder", "", 1, MOST_ACROSS), form -> Math.max(2, Math.round(560 / sideMm(form))))
          .shapes(Part.BACK, Part.FRONT)
          .follows("{length} long.", form -> List.of(Fact.length("length", form.count(SquareBody.HIGH) * sideMm(form))))
          .drawn(Drawn.up(Part.BACK, ROWS));
  static final Asked FRONT =
      Asked.number(Question.count("frontSquares", BODY, "Squares across each front", "", 1, MOST_ACROSS), form -> Math.max(1, form.count(ACROSS) / 2))
          .when(Body.KIND, Body.CARDIGAN, true)
          .shapes(Part.FRONT)
          .drawn(Drawn.across(Part.FRONT, COLUMNS));

  static final Asked HALVES =
      Asked.number(
              Question.count("armholeHalfSquares", ARMHOLE, "Depth of the armhole in half squares", "4 are two whole squares; an odd number stops in the middle of one.", 1, 2 * MOST_ACROSS - 1),
              form -> Math.max(1, Math.min(Math.round(2 * 200 / sideMm(form)), 2L * form.count(HIGH) - 1)))
          .shapes(Part.BACK, Part.SLEEVE)
          .refused(
              FindingCode.SQUARES_ARMHOLE, form -> form.count(SquareBody.HALVES) >= 2 * form.count(HIGH),
              form -> List.of(Fact.count("armhole", form.count(SquareBody.HALVES)), Fact.count("body", 2L * form.count(HIGH)), Fact.count("most", 2L * form.count(HIGH) - 1)))
          .refused(
              FindingCode.SQUARES_STOP_EMPTY, SquareBody::stopsWithoutStitch,
              form -> List.of(Fact.count("n", form.count(STITCHES)), Fact.text("which", form.count(SquareBody.HALVES) == 1 ? "armhole" : "side seam")))
          .follows(
              "{depth} deep; {n} squares go round, the side seam takes {side} half squares.",
              form ->
                  List.of(
                      Fact.length("depth", form.count(SquareBody.HALVES) * sideMm(form) / 2), Fact.count("n", form.count(SquareBody.HALVES)),
                      Fact.count("side", 2L * form.count(HIGH) - form.count(SquareBody.HALVES))))
          .drawn(Drawn.up(Part.BACK, ROWS).lastMm(form -> form.count(SquareBody.HALVES) * sideMm(form) / 2));
  static final Asked MIDDLE =
      Asked.choice(
          "middleStitch", ARMHOLE, "The middle stitch of a square belongs to", "Where the armhole stops in the middle of a square with an odd count.", form -> "ARMHOLE",
          new Choice("ARMHOLE", "the armhole"), new Choice("SIDE", "the side seam"));

  static final Asked SHOULDER =
      Asked.number(Question.count("shoulderSquares", NECK, "Squares of each shoulder", "", 1, MOST_ACROSS), form -> Math.max(1, Math.min((form.count(ACROSS) - 1) / 2, Math.round(form.count(ACROSS) / 3.0))))
          .shapes(Part.BACK, Part.FRONT)
          .refused(
              FindingCode.SQUARES_NO_NECK, form -> neckSquares(form) < 1,
              form ->
                  List.of(Fact.count("both", 2L * form.count(SquareBody.SHOULDER)), Fact.count("back", form.count(ACROSS)), Fact.count("most", (form.count(ACROSS) - 1L) / 2)))
          .refused(
              FindingCode.SQUARES_FRONT_NARROW, form -> frontSquares(form) < form.count(SquareBody.SHOULDER),
              form -> List.of(Fact.count("shoulder", form.count(SquareBody.SHOULDER)), Fact.count("front", frontSquares(form))))
          .follows("The back neck is {n} squares, {neck}.", form -> List.of(Fact.count("n", neckSquares(form)), Fact.length("neck", neckSquares(form) * sideMm(form))))
          .drawn(Drawn.across(Part.BACK, COLUMNS).onOtherSide().firstMm(form -> form.count(SquareBody.SHOULDER) * sideMm(form)));
  static final Asked NECK_ROWS =
      Asked.number(Question.count("neckSquares", NECK, "Squares that the front neck is deep", "0 for a neck straight across.", 0, MOST_ACROSS), form -> Body.isCardigan(form) && form.count(HIGH) > 1 ? 1 : 0)
          .shapes(Part.FRONT)
          .refused(
              FindingCode.SQUARES_NECK_DEEP, form -> form.count(SquareBody.NECK_ROWS) >= form.count(HIGH),
              form -> List.of(Fact.count("neck", form.count(SquareBody.NECK_ROWS)), Fact.count("body", form.count(HIGH)), Fact.count("most", form.count(HIGH) - 1L)))
          .drawn(Drawn.up(Part.FRONT, ROWS).lastMm(form -> form.count(SquareBody.NECK_ROWS) * sideMm(form)));
  static final Asked LONG =
      Asked.number(Question.count("sleeveSquares", SLEEVES, "Squares along the sleeve", "0 for a vest.", 0, MOST_ACROSS), form -> Math.round(440 / sideMm(form)))
          .shapes(Part.SLEEVE)
          .follows(
              form -> hasSleeves(form) ? "{n} squares round, {round}; centre back to wrist {reach}." : "No sleeves: the armholes stay open.",
              form ->
                  List.of(
                      Fact.count("n", form.count(HALVES)), Fact.length("round", form.count(HALVES) * sideMm(form)),
                      Fact.length("reach", (form.count(ACROSS) / 2.0 + form.count(SquareBody.LONG)) * sideMm(form))))
          .drawn(Drawn.up(Part.SLEEVE, ROWS));

  private SquareBody() {}

  static Motif motif(Form form) {
    return new Motif("Square", form.count(STITCHES), Corner.valueOf(form.choice(CORNER)), sideMm(form));
  }

  static double sideMm(Form form) {
    return form.number(SIDE) * MM_PER_CM;
  }

  /**
   * Rounds of a square, and what one more makes of the garment.
   *
   * @param around squares round the body, and {@code high} from hem to shoulder
   */
  static Asked rounds(ToDoubleFunction<Form> around, ToDoubleFunction<Form> high) {
    ToDoubleFunction<Form> larger = form -> 1 + 1.0 / form.count(SquareBody.ROUNDS);
    return Asked.number(
            Question.count("motifRounds", GAUGE, "Rounds of a square", "", 1, MOST_ROUNDS),
            form -> Math.min(MOST_ROUNDS, Math.max(1, Math.round(sideMm(form) / 2 / USUAL_ROUND_MM))))
        .follows(
            "One more: a side of {side} with about {n:stitches}, {round} round the body, {length} from hem to shoulder.",
            form -> {
              double side = sideMm(form) * larger.applyAsDouble(form);
              return List.of(
                  Fact.length("side", side), Fact.count("n", Math.round(form.count(STITCHES) * larger.applyAsDouble(form))), Fact.length("round", around.applyAsDouble(form) * side),
                  Fact.length("length", high.applyAsDouble(form) * side));
            });
  }

  private static double byGauge(Form form) {
    double widthMm = Gauge.Over.valueOf(form.choice(Making.OVER)).mm() / form.number(Making.STITCHES);
    int places = form.count(STITCHES) + 2 * Corner.valueOf(form.choice(CORNER)).places();
    double cm = Math.round(places * widthMm / MM_PER_CM / STEP_CM) * STEP_CM;
    return Math.min(Math.max(cm, Motif.LEAST_SIDE_MM / MM_PER_CM), Motif.MOST_SIDE_MM / MM_PER_CM);
  }

  private static double roundMm(Form form, int more) {
    return 2 * (form.count(ACROSS) + more) * sideMm(form);
  }

  static boolean hasSleeves(Form form) {
    return form.count(LONG) > 0;
  }

  static int neckSquares(Form form) {
    return form.count(ACROSS) - 2 * form.count(SHOULDER);
  }

  /** Squares round the neck, from front edge to front edge or all the way. */
  /** Squares of the edge of a cardigan's front: up to the neck, if any of the front lies beside its shoulder. */
  static int frontEdge(Form form) {
    return form.count(HIGH) - (form.count(FRONT) == form.count(SHOULDER) ? 0 : form.count(NECK_ROWS));
  }

  static int neckAround(Form form) {
    int deep = form.count(NECK_ROWS);
    int beside = frontSquares(form) - form.count(SHOULDER);
    return neckSquares(form) + (Body.isCardigan(form) ? 2 * (beside + (beside > 0 ? deep : 0)) : neckSquares(form) + 2 * deep);
  }

  /** Of each front. */
  static int frontSquares(Form form) {
    return Body.isCardigan(form) ? form.count(FRONT) : form.count(ACROSS);
  }

  /** Half squares of the side seam. */
  static int sideHalves(Form form) {
    return 2 * form.count(HIGH) - form.count(HALVES);
  }

  /** Whether all that the armhole, or the side seam, has is half of a square without a stitch in that half. */
  private static boolean stopsWithoutStitch(Form form) {
    return sideHalves(form) == 1 && sideStitches(form) == 0 || form.count(HALVES) == 1 && sideStitches(form) == form.count(STITCHES);
  }

  /** Stitches that the side seam takes of the square in whose middle the armhole stops. */
  static int sideStitches(Form form) {
    int stitches = form.count(STITCHES);
    return form.is(MIDDLE, "SIDE") ? (stitches + 1) / 2 : stitches / 2;
  }
}
