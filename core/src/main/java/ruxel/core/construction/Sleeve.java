package ruxel.core.construction;

import static ruxel.core.construction.Making.WITHOUT_CHAIN;
import static ruxel.core.construction.Question.Group.SLEEVES;
import static ruxel.core.seam.Span.Along.BACKWARD;
import static ruxel.core.seam.Span.Along.FORWARD;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import ruxel.core.construction.Panel.Named;
import ruxel.core.construction.Question.Choice;
import ruxel.core.finding.Fact;
import ruxel.core.identity.PieceId;
import ruxel.core.piece.Cut;
import ruxel.core.piece.Piece.Part;
import ruxel.core.seam.Anchor;
import ruxel.core.seam.Anchor.Spot;
import ruxel.core.seam.Seam;
import ruxel.core.seam.Seam.SideOf;
import ruxel.core.seam.SeamRole;
import ruxel.core.seam.Side;
import ruxel.core.seam.Span;
import ruxel.core.seam.Surplus;

/** Two sleeves that lie flat, straight across at the top, set in flat; their seams and openings. */
final class Sleeve {
  private static final double CUFF_MM = 240;
  private static final double SLEEVE_MM = 400;
  private static final double RIB_MM = 60;
  private static final PieceId LEFT = Halves.left("sleeve");

  static final Asked CUFF =
      Asked.stitches("cuffStitches", SLEEVES, "Stitches at the cuff", WITHOUT_CHAIN, 1, form -> Making.stitchesOver(form, CUFF_MM))
          .shapes(Part.SLEEVE)
          .follows("{n:stitches}, {length} round.", form -> List.of(Fact.count("n", cuff(form)), Fact.length("length", cuff(form) * Making.of(form).w())))
          .drawn(Drawn.across(Part.SLEEVE, "cuff"));
  static final Asked ROWS =
      Asked.rows("sleeveRows", SLEEVES, "Rows of the sleeve", "Without its ribbing.", 1, form -> Math.round(SLEEVE_MM / Making.of(form).h()))
          .shapes(Part.SLEEVE)
          .follows(
              "{length} long with its ribbing; centre back to wrist {reach}.",
              form -> List.of(Fact.length("length", lengthMm(form)), Fact.length("reach", Body.widthMm(form) / 2 + lengthMm(form))))
          .drawn(Drawn.up(Part.SLEEVE, "sleeve"));
  static final Asked CUFF_RIB = Asked.rows("cuffRibRows", SLEEVES, "Rows of ribbing at the cuff", "0 when there is none.", 0, form -> Math.round(RIB_MM / Making.of(form).ribRowMm()))
          .drawn(Drawn.up(Part.SLEEVE, "rib").orAbove("cuff"));
  static final Asked WORKED = Making.direction("sleeveWorked", SLEEVES, "Sleeves worked", "CUFF_UP", "From the cuff up", "From the top down");

  static final Asked TOP =
      Asked.stitches("sleeveTopStitches", SLEEVES, "Stitches at the sleeve top", WITHOUT_CHAIN, 1, form -> Making.stitchesOver(form, Armhole.roundMm(form) * (1 + fullness(form))))
          .shapes(Part.SLEEVE)
          .follows(
              form -> "{n:stitches}, {length}, on an armhole of {armhole}: " + (topMm(form) > Armhole.roundMm(form) ? "{ease} longer." : topMm(form) < Armhole.roundMm(form) ? "{ease} shorter." : "equal."),
              form ->
                  List.of(
                      Fact.count("n", top(form)), Fact.length("length", topMm(form)), Fact.length("armhole", Armhole.roundMm(form)),
                      Fact.share("ease", Math.abs(topMm(form) - Armhole.roundMm(form)) / Math.max(topMm(form), Armhole.roundMm(form)))))
          .drawn(Drawn.across(Part.SLEEVE, "top"));

  static final Asked COUNTED =
      Asked.choice(
          "sleeveRowsCounted", SLEEVES, "Rows of the sleeve are counted", "Instructions differ in this.", form -> "WITHOUT",
          new Choice("WITHOUT", "without its ribbing"), new Choice("WITH", "with its ribbing"));
  static final Asked IN_PASSES =
      Asked.choice(
          "sideInPasses", SLEEVES, "Side and sleeve are joined", "In one pass the yarn goes on; in two each seam has its own.", form -> form.asks(Armhole.STITCHES) ? "TWO" : "ONE",
          new Choice("ONE", "in one pass, from the hem to the cuff"), new Choice("TWO", "in two, from both ends to the underarm"));

  static final Asked FULLNESS =
      Asked.number(Question.number("sleeveFullness", SLEEVES, "Fullness of the sleeve top, %", "For a bubble sleeve, eased in on purpose; 0 for a plain one.", 0, 100), form -> 0)
          .drawn(Drawn.across(Part.SLEEVE, "top"));

  private Sleeve() {}

  /** How much longer than its armhole the top is meant to be, a share. */
  private static double fullness(Form form) {
    return form.asks(FULLNESS) ? form.number(FULLNESS) / 100 : 0;
  }


  static int cuff(Form form) {
    return Making.stitches(form, CUFF);
  }

  /** Stitches across a straight top. */
  static int top(Form form) {
    return Making.stitches(form, TOP);
  }

  private static double topMm(Form form) {
    return top(form) * Making.of(form).w();
  }

  static double lengthMm(Form form) {
    return form.count(CUFF_RIB) * Making.of(form).ribRowMm() + rows(form) * Making.of(form).h();
  }

  /** Rows of a sleeve up to where it is set in, without its ribbing. */
  static int rows(Form form) {
    int rows = form.count(ROWS);
    if (!form.asks(COUNTED) || form.is(COUNTED, "WITHOUT")) {
      return rows;
    }
    Making making = Making.of(form);
    return (int) Math.max(1, rows - Math.round(form.count(CUFF_RIB) * making.ribRowMm() / making.h()));
  }

  /**
   * What stands above the sides of a sleeve: so many stitches across the top, and runs of its sides, the lowest and the highest, that
   * belong to the armhole; the body's corner meets the upper end of the run {@code corner}.
   */
  record Head(int top, Optional<String> lowest, Optional<String> highest, Optional<String> corner) {
    static Head straight(int top) {
      return new Head(top, Optional.empty(), Optional.empty(), Optional.empty());
    }

    List<Span> spans() {
      Span across = Span.ofRun(LEFT, "top", "top", BACKWARD);
      return lowest.isEmpty()
          ? List.of(across)
          : List.of(
              Span.ofRuns(LEFT, "front", highest.orElseThrow(), lowest.get(), BACKWARD), across,
              Span.ofRuns(LEFT, "back", lowest.get(), highest.get(), BACKWARD));
    }

    Spot middle() {
      Cut middle = new Cut("top", top / 2, Cut.End.START);
      return top % 2 == 1 ? Spot.unit(LEFT, "top", middle) : Spot.cut(LEFT, "top", middle);
    }
  }

  /**
   * Both sleeves; right side up and cuff down, the right edge of the left one goes to the back.
   *
   * @param rows of its sides, getting wider to {@code widest} stitches
   * @param head what stands above them
   */
  static void panels(Halves halves, Form form, int rows, int widest, UnaryOperator<Panel> head) {
    Panel left =
        new Panel(LEFT, "Left sleeve", Part.SLEEVE, Making.of(form), Making.isTopDown(form, WORKED), "cuff", cuff(form))
            .ribbed(form.count(CUFF_RIB))
            .rows("sleeve", rows, (widest - cuff(form)) / 2.0);
    halves.pair(
        head.apply(left).closed(new Named("back", "back edge"), new Named("top", "top"), new Named("front", "front edge")), Halves.right("sleeve"), "Right sleeve");
  }

  /** Shoulders joined, sleeves set in, sides closed; what stays open. */
  static void joined(Halves halves, Form form, Head head, Lever.Moving... moving) {
    BodyPanels.shoulders(halves, form);
    setIn(halves, form, head, moving);
    sides(halves, form);
    BodyPanels.openings(halves, form);
    halves.openings("cuff", "cuff", ExpectedOpening.Kind.CUFF, LEFT, "cuff");
  }

  /** Straight sleeves, joined with a body whose armhole moves by so many mm all round for one more of {@code depth}. */
  static void straight(Halves halves, Form form, Asked depth, double roundMm) {
    panels(halves, form, rows(form), top(form), head -> head);
    joined(halves, form, Head.straight(top(form)), Halves.lever(Side.B, depth, roundMm, true), Halves.lever(Side.A, TOP, Making.of(form).w(), false));
  }

  /** Set in flat from the front underarm over the shoulder to the back underarm, its middle on the shoulder seam. */
  private static void setIn(Halves halves, Form form, Head head, Lever.Moving... moving) {
    List<Anchor> anchors = new ArrayList<>(List.of(new Anchor("shoulder", "shoulder seam", head.middle(), Armhole.shoulder(form))));
    if (Armhole.hasUnderarm(form)) {
      head.corner().ifPresent(run -> {
        anchors.add(0, new Anchor("corner.front", "front corner", Spot.cut(LEFT, "front", Cut.startOf(run)), Armhole.corner(form, true)));
        anchors.add(new Anchor("corner.back", "back corner", Spot.cut(LEFT, "back", Cut.endOf(run)), Armhole.corner(form, false)));
      });
    }
    halves.seam(
        "armhole", "armhole", SeamRole.ARMHOLE,
        SideOf.of("Sleeve top", head.spans().toArray(Span[]::new)), SideOf.of("Front and back armhole", Armhole.spans(form).toArray(Span[]::new)),
        anchors, List.of(Seam.START, Seam.END), new Seam.Working(false, Surplus.EVEN, fullness(form), false), Armhole.method(form), moving);
  }

  /** Whether side and sleeve are seams of their own. */
  static boolean inTwo(Form form) {
    return form.asks(IN_PASSES) && form.is(IN_PASSES, "TWO");
  }

  /** Side and sleeve from the hem to the cuff, or each from its open end to the underarm. */
  private static void sides(Halves halves, Form form) {
    BodyPanels.Front front = BodyPanels.leftFront(form);
    String hem = BodyPanels.lowest(form);
    String cuff = form.count(CUFF_RIB) > 0 ? "rib" : "sleeve";
    Span frontSleeve = Span.ofRuns(LEFT, "front", "sleeve", cuff, FORWARD);
    Span backSleeve = Span.ofRuns(LEFT, "back", cuff, "sleeve", BACKWARD);
    List<Anchor> ofSleeve =
        form.count(CUFF_RIB) > 0
            ? List.of(new Anchor("cuff.rib", "top of the cuff ribbing", Spot.cut(LEFT, "front", Cut.startOf("rib")), Spot.cut(LEFT, "back", Cut.endOf("rib"))))
            : List.of();
    if (inTwo(form)) {
      BodyPanels.sides(halves, form);
      halves.seam(
          "sleeve", "sleeve", SeamRole.SLEEVE, SideOf.of("Front edge of the sleeve", new Span(LEFT, "front", frontSleeve.fromInclusive(), frontSleeve.toExclusive(), BACKWARD)),
          SideOf.of("Back edge of the sleeve", new Span(LEFT, "back", backSleeve.fromInclusive(), backSleeve.toExclusive(), FORWARD)),
          ofSleeve, List.of(Seam.END), "mattress-rows");
      return;
    }
    List<Anchor> anchors = new ArrayList<>(BodyPanels.ribAnchors(form));
    anchors.add(new Anchor("underarm", "underarm", Spot.cut(front.piece(), front.side(), Cut.endOf("side")), Spot.cut(Halves.BACK, "left", Cut.startOf("side"))));
    anchors.addAll(ofSleeve);
    halves.seam(
        "side", "side and sleeve", SeamRole.SIDE_SLEEVE,
        SideOf.of("Front side and sleeve", Span.ofRuns(front.piece(), front.side(), hem, "side", FORWARD), frontSleeve),
        SideOf.of("Back side and sleeve", Span.ofRuns(Halves.BACK, "left", "side", hem, BACKWARD), backSleeve),
        anchors, List.of("underarm"), form.asks(Armhole.STITCHES) ? "whip-both" : "mattress-rows");
  }
}
