package ruxel.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ruxel.core.construction.Answers;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Outcome;
import ruxel.core.finding.Where;
import ruxel.core.garment.Garment;
import ruxel.core.measure.Ids;
import ruxel.core.yarn.Yarn;

/** Whether a yarn is told so that it can be reckoned with; all that is wrong at once. */
final class YarnCheck {
  private static final Where WHERE = Where.path("$.settings.yarns");

  private YarnCheck() {}

  /** The yarn with its words trimmed. */
  static Outcome<Yarn> checked(Yarn yarn) {
    Yarn trimmed =
        new Yarn(
            yarn.id(), yarn.name().strip(), yarn.colour().strip(), yarn.weight(), yarn.fibre().strip(), yarn.metresPerBall(), yarn.gramsPerBall(), yarn.traits(), yarn.left());
    List<Finding> wrong = new ArrayList<>();
    if (!Ids.isWellFormed(yarn.id())) {
      wrong.add(Finding.of(FindingCode.ID_FORM, WHERE, Fact.text("value", yarn.id())));
    }
    int name = trimmed.name().length();
    if (name == 0 || name > Garment.MOST_NAME) {
      wrong.add(Finding.of(FindingCode.NAME_LENGTH, WHERE, Fact.count("most", Garment.MOST_NAME), Fact.count("count", name)));
    }
    words(wrong, "The colour", trimmed.colour(), Yarn.MOST_COLOUR);
    words(wrong, "The fibre", trimmed.fibre(), Yarn.MOST_FIBRE);
    number(wrong, "Metres of a ball", yarn.metresPerBall(), 1, Yarn.MOST_METRES);
    number(wrong, "Grams of a ball", yarn.gramsPerBall(), 1, Yarn.MOST_GRAMS);
    number(wrong, "Grams that are left", yarn.left().map(Yarn.Left::grams), 0, Yarn.MOST_LEFT);
    int after = yarn.left().map(left -> left.after().size()).orElse(0);
    if (after > Yarn.Left.MOST_AFTER) {
      wrong.add(Finding.of(FindingCode.TOO_MANY, WHERE, Fact.count("count", after), Fact.text("what", "works before it was weighed"), Fact.count("most", Yarn.Left.MOST_AFTER)));
    }
    return wrong.isEmpty() ? Outcome.of(trimmed) : Outcome.refused(wrong);
  }

  private static void words(List<Finding> wrong, String what, String words, int most) {
    if (words.length() > most) {
      wrong.add(Finding.of(FindingCode.WORDS_LENGTH, WHERE, Fact.text("what", what), Fact.count("most", most), Fact.count("count", words.length())));
    }
  }

  private static void number(List<Finding> wrong, String what, Optional<Double> value, double least, double most) {
    if (value.filter(given -> !(given >= least && given <= most)).isPresent()) {
      wrong.add(
          Finding.of(
              FindingCode.FIGURE_RANGE, WHERE, Fact.text("what", what), Fact.count("least", (long) least), Fact.count("most", (long) most),
              Fact.text("value", new Answers.Numeric(value.get()).text())));
    }
  }
}
