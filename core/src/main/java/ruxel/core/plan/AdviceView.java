package ruxel.core.plan;

import java.util.List;
import java.util.Optional;
import ruxel.core.advice.Advice;
import ruxel.core.advice.Load;
import ruxel.core.advice.Sum;
import ruxel.core.advice.Term;
import ruxel.core.measure.Wording;
import ruxel.core.method.Nevers;
import ruxel.core.method.Wish;

/** The advice for a seam as it is told (handbook 8): ids of methods, sums, and every reason in words. */
public record AdviceView(List<AnswerView> answers, List<Ranked> ranking, List<NeverView> never, Optional<LoadView> load, Wish wish) {
  /** A method with its sum and its summands; {@code heading} says what it is the best of, nothing where all are listed. */
  public record AnswerView(String method, String heading, double sum, List<TermView> terms, Optional<ObjectionView> objection) {}

  /** A summand; {@code word} is what is scored, {@code share} is what it adds to the sum, {@code code} why its score or weight is not the table's. */
  public record TermView(Term.Name name, String word, double weight, double score, int table, double share, String code, String words) {}

  /** What speaks against an answer. */
  public record ObjectionView(Advice.Objection.Code code, String than, Term.Name name, double by, String words) {}

  /** A method that may be taken, with its sum. */
  public record Ranked(String method, double sum) {}

  /** A method that may not, why, and what instead. */
  public record NeverView(String method, Nevers.Never code, String reason, String instead) {}

  /** What hangs on the shoulders. */
  public record LoadView(double grams, boolean weighed, double lengthMm, double gramsPerCm, double most, boolean heavy, String words) {}

  static AdviceView of(Advice advice, Wording wording) {
    return new AdviceView(
        advice.answers().stream().map(answer -> answer(answer.sum(), heading(advice, answer), answer.objection().map(against -> objection(against, wording)))).toList(),
        advice.ranking().stream().map(sum -> new Ranked(sum.method().id(), sum.total())).toList(),
        advice.never().entrySet().stream().map(e -> new NeverView(e.getKey().id(), e.getValue(), e.getValue().reason(), e.getValue().instead())).toList(),
        advice.facts().load().map(load -> load(load, wording)),
        advice.facts().wish());
  }

  /** All that may be taken, the best first, each with its summands. */
  static List<AnswerView> all(Advice advice) {
    return advice.ranking().stream().map(sum -> answer(sum, "", Optional.empty())).toList();
  }

  private static AnswerView answer(Sum sum, String heading, Optional<ObjectionView> objection) {
    return new AnswerView(
        sum.method().id(), heading, sum.total(), sum.terms().stream().map(term -> term(sum, term)).toList(), objection);
  }

  private static String heading(Advice advice, Advice.Answer answer) {
    boolean first = answer == advice.answers().get(0);
    return switch (answer.of()) {
      case SCHOOL -> first ? "Best overall, and of your school" : "Best of your school";
      case FAMILY -> first ? "Best overall" : "Best of the family it has now";
      case OTHERS -> first ? "Best overall" : advice.answers().get(0).of() == Advice.Of.SCHOOL ? "Best outside your school" : "Best of another family";
    };
  }

  private static TermView term(Sum sum, Term term) {
    String code = term.because().isEmpty() ? "TABLE" : term.because().get(0).name();
    String words = Wording.all(term.because().stream().map(Term.Because::words).toList());
    return new TermView(term.name(), term.name().words(), term.weight(), term.score(), term.table(), sum.share(term), code, words);
  }

  private static ObjectionView objection(Advice.Objection against, Wording wording) {
    String than = Wording.low(against.than().title(wording));
    String words =
        switch (against.code()) {
          case WEAK_FOR_LOAD -> "It is too weak for what hangs on it; if you take it, sew a stay along it.";
          case LESS ->
              against.name() == Term.Name.UNDO
                  ? "It is less easily undone than %s.".formatted(than)
                  : "It is less %s than %s.".formatted(quality(against.name()), than);
        };
    return new ObjectionView(against.code(), against.than().id(), against.name(), against.by(), words);
  }

  private static String quality(Term.Name name) {
    return switch (name) {
      case STRETCH -> "stretchy";
      default -> name.words();
    };
  }

  private static LoadView load(Load load, Wording wording) {
    String words =
        "%s g%s on %s of shoulder: %s g/cm. %s"
            .formatted(
                Wording.trimmed(load.grams()), load.weighed() ? "" : " (reckoned from the area of the pieces and their yarn)", wording.length(load.lengthMm()),
                Wording.trimmed(load.gramsPerCm()),
                load.isHeavy()
                    ? "That is over %s: strength comes first. A stay helps: a chain or tape along the wrong side, sewn on unstretched.".formatted(Wording.trimmed(load.mostGramsPerCm()))
                    : "That is not over %s, so strength counts like the rest.".formatted(Wording.trimmed(load.mostGramsPerCm())));
    return new LoadView(load.grams(), load.weighed(), load.lengthMm(), load.gramsPerCm(), load.mostGramsPerCm(), load.isHeavy(), words);
  }
}
