package ruxel.core.garment;

import static ruxel.core.garment.Question.Group.BODY;
import static ruxel.core.garment.Question.Group.GARMENT;
import static ruxel.core.garment.Question.Group.GAUGE;
import static ruxel.core.garment.Question.Group.NECK;
import static ruxel.core.garment.Question.Group.SLEEVES;

import java.util.Arrays;
import java.util.List;
import ruxel.core.garment.Question.Choice;
import ruxel.core.garment.Question.Group;
import ruxel.core.measure.Stitch;
import ruxel.core.measure.Terms;
import ruxel.core.measure.Wording;
import ruxel.core.piece.Cloth.Dye;

/** What a drop-shoulder body is asked (handbook 4.1). */
final class DropShoulderQuestions {
  static final int MOST_STITCHES = 1000;
  static final int MOST_ROWS = 1000;
  static final String CARDIGAN = "CARDIGAN";
  static final String PULLOVER = "PULLOVER";
  static final String TOP_DOWN = "TOP_DOWN";

  private static final String WITHOUT_CHAIN = "Without the turning chain; it is added when it counts.";

  private DropShoulderQuestions() {}

  static List<Question> all() {
    return List.of(
        Question.choice("kind", GARMENT, "What it is", "", new Choice(CARDIGAN, "Cardigan"), new Choice(PULLOVER, "Pullover")),
        dye("colour", "Colour of the pieces"),
        dye("ribColour", "Colour of the ribbing"),
        Question.choice(
            "stitch", GAUGE, "Main stitch", "It gives the first guess for the turning chain.",
            stitch(Stitch.SC), stitch(Stitch.HDC), stitch(Stitch.DC), stitch(Stitch.TR)),
        number("gaugeStitches", "Stitches", "Counted on the blocked piece.", 0.5, 100),
        number("gaugeRows", "Rows", "", 0.5, 100),
        Question.choice("gaugeOver", GAUGE, "Counted over", "", new Choice("TEN_CM", "10 cm"), new Choice("FOUR_INCHES", "4 in")),
        Question.choice("turningChainCounts", GAUGE, "Turning chain counts as a stitch", "", new Choice("YES", "Yes"), new Choice("NO", "No")),
        number("ribRowsGauge", "Rows of ribbing", "Over the same length.", 0.5, 100),
        stitches("backStitches", BODY, "Stitches across the back", WITHOUT_CHAIN),
        stitches("frontStitches", BODY, "Stitches across each front", WITHOUT_CHAIN).onlyFor(CARDIGAN),
        rows("bodyRows", BODY, "Rows of the body", "Above the ribbing, up to the shoulder.", 1),
        rows("armholeRows", BODY, "Rows of the armhole", "From the underarm to the shoulder.", 1),
        rows("hemRibRows", BODY, "Rows of ribbing at the hem", "0 when there is none.", 0),
        Question.choice("bodyWorked", BODY, "Body worked", "", new Choice("BOTTOM_UP", "From the hem up"), new Choice(TOP_DOWN, "From the shoulder down")),
        stitches("shoulderStitches", NECK, "Stitches of each shoulder", "All of them, as you count them."),
        rows("neckRows", NECK, "Rows of the front neck", "How deep it is; 0 when it lies straight across.", 0),
        Question.count("neckCentre", NECK, "Stitches left at the centre front", "At the bottom of the neck; 0 for a V.", 0, MOST_STITCHES),
        stitches("sleeveTopStitches", SLEEVES, "Stitches at the sleeve top", WITHOUT_CHAIN),
        stitches("cuffStitches", SLEEVES, "Stitches at the cuff", WITHOUT_CHAIN),
        rows("sleeveRows", SLEEVES, "Rows of the sleeve", "Without its ribbing.", 1),
        rows("cuffRibRows", SLEEVES, "Rows of ribbing at the cuff", "0 when there is none.", 0),
        Question.choice("sleeveWorked", SLEEVES, "Sleeves worked", "", new Choice("CUFF_UP", "From the cuff up"), new Choice(TOP_DOWN, "From the top down")));
  }

  private static Question stitches(String key, Group group, String label, String help) {
    return Question.count(key, group, label, help, 1, MOST_STITCHES);
  }

  private static Question rows(String key, Group group, String label, String help, int least) {
    return Question.count(key, group, label, help, least, MOST_ROWS);
  }

  private static Question number(String key, String label, String help, double least, double most) {
    return new Question(key, GAUGE, label, help, Question.Type.NUMBER, least, most, List.of(), List.of());
  }

  /** In both vocabularies, since the maker has not chosen one yet. */
  private static Choice stitch(Stitch stitch) {
    return new Choice(stitch.name(), "%s (UK %s)".formatted(Wording.capital(stitch.name(Terms.US)), stitch.name(Terms.UK)));
  }

  private static Question dye(String key, String label) {
    Choice[] dyes =
        Arrays.stream(Dye.values())
            .map(dye -> new Choice(dye.name(), Wording.capital(Wording.low(dye.name()))))
            .toArray(Choice[]::new);
    return Question.choice(key, GARMENT, label, "", dyes);
  }
}
