package ruxel.core.construction;

import static ruxel.core.construction.Question.Group.GARMENT;
import static ruxel.core.construction.Question.Group.GAUGE;
import static ruxel.core.piece.Piece.Part.BACK;
import static ruxel.core.piece.Piece.Part.FRONT;
import static ruxel.core.piece.Piece.Part.SLEEVE;

import java.util.Arrays;
import java.util.List;
import ruxel.core.construction.Question.Choice;
import ruxel.core.construction.Question.Group;
import ruxel.core.finding.Fact;
import ruxel.core.measure.Gauge;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth;
import ruxel.core.piece.Cloth.Dye;

/** How all pieces of a garment are made: stitch, gauge, turning chain, colours; lengths in mm. */
record Making(Gauge gauge, double ribRowMm, int turningChain, Cloth cloth) {
  static final Asked COLOUR = dye("colour", "Colour of the pieces", "WOAD");
  static final Asked RIB_COLOUR = dye("ribColour", "Colour of the ribbing", "WELD");
  static final Asked STITCH =
      Asked.choice(
          "stitch", GAUGE, "Main stitch", "It gives the first guess for the turning chain.", form -> "DC",
          stitch(Stitch.SC), stitch(Stitch.HDC), stitch(Stitch.DC), stitch(Stitch.TR));
  static final Asked STITCHES = gauge("gaugeStitches", "Stitches", "Counted on the blocked piece.", 14).shapes(BACK, FRONT, SLEEVE);
  static final Asked ROWS =
      gauge("gaugeRows", "Rows", "", 8)
          .shapes(BACK, FRONT, SLEEVE)
          .follows("One stitch is {w} wide, one row {h} high.", form -> List.of(Fact.fine("w", of(form).w()), Fact.fine("h", of(form).h())));
  static final Asked OVER = Asked.choice("gaugeOver", GAUGE, "Counted over", "", form -> "TEN_CM", new Choice("TEN_CM", "10 cm"), new Choice("FOUR_INCHES", "4 in"));
  static final Asked CHAIN =
      Asked.choice(
          "turningChainCounts", GAUGE, "Turning chain counts as a stitch", "",
          form -> Stitch.valueOf(form.choice(STITCH)).turningChainCounts() ? "YES" : "NO", new Choice("YES", "Yes"), new Choice("NO", "No"));
  static final Asked RIB_ROWS = Asked.number(Question.number("ribRowsGauge", GAUGE, "Rows of ribbing", "Over the same length.", 0.5, 100), form -> form.number(ROWS));

  static final List<Asked> QUESTIONS = List.of(COLOUR, RIB_COLOUR, STITCH, STITCHES, ROWS, OVER, CHAIN, RIB_ROWS);

  /** Help for stitches that are asked for without the turning chain (handbook 5). */
  static final String WITHOUT_CHAIN = "Without the turning chain; it is added when it counts.";

  private static final String TOP_DOWN = "TOP_DOWN";

  static Making of(Form form) {
    return form.making();
  }

  static Making read(Form form) {
    Gauge.Over over = Gauge.Over.valueOf(form.choice(OVER));
    Gauge gauge = new Gauge(form.number(STITCHES), form.number(ROWS), over);
    double rib = over.mm() / form.number(RIB_ROWS);
    boolean counts = form.is(CHAIN, "YES");
    int chains = counts ? Stitch.valueOf(form.choice(STITCH)).turningChains() : 0;
    return new Making(
        gauge, rib, counts ? 1 : 0,
        new Cloth(gauge.stitchWidthMm(), gauge.rowHeightMm(), rib, Dye.valueOf(form.choice(COLOUR)), Dye.valueOf(form.choice(RIB_COLOUR)), chains));
  }

  /** A count that was asked for without the turning chain. */
  static int stitches(Form form, Asked question) {
    return form.count(question) + of(form).turningChain;
  }

  /** How many stitches without the turning chain lie over a length. */
  static double stitchesOver(Form form, double mm) {
    return Math.round(mm / of(form).w()) - of(form).turningChain;
  }

  double w() {
    return gauge.stitchWidthMm();
  }

  double h() {
    return gauge.rowHeightMm();
  }

  /** Whether panels are worked from their upper edge down, as the maker of each part says. */
  static Asked direction(String key, Group group, String label, String upValue, String up, String down) {
    return Asked.choice(key, group, label, "", form -> upValue, new Choice(upValue, up), new Choice(TOP_DOWN, down));
  }

  static boolean isTopDown(Form form, Asked direction) {
    return form.is(direction, TOP_DOWN);
  }

  private static Asked gauge(String key, String label, String help, double usual) {
    return Asked.number(Question.number(key, GAUGE, label, help, 0.5, 100), form -> usual);
  }

  /** In both vocabularies, since the maker has not chosen one yet. */
  private static Choice stitch(Stitch stitch) {
    return new Choice(stitch.name(), "%s (UK %s)".formatted(Wording.capital(stitch.name(Terms.US)), stitch.name(Terms.UK)));
  }

  private static Asked dye(String key, String label, String usual) {
    Choice[] dyes = Arrays.stream(Dye.values()).map(dye -> new Choice(dye.name(), Wording.capital(Wording.low(dye.name())))).toArray(Choice[]::new);
    return Asked.choice(key, GARMENT, label, "", form -> usual, dyes);
  }
}
