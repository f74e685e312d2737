package ruxel.core.construction;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import ruxel.core.construction.Question.Choice;
import ruxel.core.construction.Question.Group;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;
import ruxel.core.piece.Piece.Part;

/**
 * A question with all that belongs to it: what is taken without an answer, what cannot be, what follows, and which parts
 * it shapes. Constructions that ask the same share one of these.
 */
record Asked(
    Question question,
    Function<Form, String> usualChoice,
    ToDoubleFunction<Form> usualNumber,
    List<Function<Form, Optional<Finding>>> checks,
    Optional<Function<Form, Consequence>> follows,
    Set<Part> shapes,
    Optional<Drawn> drawn) {
  static final int MOST_STITCHES = 1000;
  static final int MOST_ROWS = 1000;

  Asked {
    checks = List.copyOf(checks);
    shapes = Set.copyOf(shapes);
  }

  static Asked stitches(String key, Group group, String label, String help, int least, ToDoubleFunction<Form> usual) {
    return number(Question.count(key, group, label, help, least, MOST_STITCHES), usual);
  }

  static Asked rows(String key, Group group, String label, String help, int least, ToDoubleFunction<Form> usual) {
    return number(Question.count(key, group, label, help, least, MOST_ROWS), usual);
  }

  static Asked number(Question question, ToDoubleFunction<Form> usual) {
    return new Asked(question, form -> "", usual, List.of(), Optional.empty(), Set.of(), Optional.empty());
  }

  static Asked choice(String key, Group group, String label, String help, Function<Form, String> usual, Choice... choices) {
    return new Asked(Question.choice(key, group, label, help, List.of(choices)), usual, form -> 0, List.of(), Optional.empty(), Set.of(), Optional.empty());
  }

  String key() {
    return question.key();
  }

  /** Asked only after a certain answer to another question. */
  Asked when(Asked other, String value, boolean usual) {
    return new Asked(question.asked(new Question.When(other.key(), value, usual)), usualChoice, usualNumber, checks, follows, shapes, drawn);
  }

  /** What cannot be together with other answers, told at this question. */
  Asked refused(FindingCode code, Predicate<Form> wrong, Function<Form, List<Fact>> facts) {
    List<Function<Form, Optional<Finding>>> all = new ArrayList<>(checks);
    all.add(
        form -> {
          List<String> read = new ArrayList<>();
          boolean isWrong = form.noting(read, () -> wrong.test(form));
          return isWrong ? Optional.of(Finding.of(code, Where.answer(key(), form.against(this, read)), facts.apply(form).toArray(Fact[]::new))) : Optional.empty();
        });
    return new Asked(question, usualChoice, usualNumber, all, follows, shapes, drawn);
  }

  /** What follows from the answer, told beside it. */
  Asked follows(Function<Form, String> template, Function<Form, List<Fact>> facts) {
    Function<Form, Consequence> told = form -> new Consequence(key(), template.apply(form), facts.apply(form));
    return new Asked(question, usualChoice, usualNumber, checks, Optional.of(told), shapes, drawn);
  }

  Asked follows(String template, Function<Form, List<Fact>> facts) {
    return follows(form -> template, facts);
  }

  /** The parts that are drawn dashed while this is only assumed. */
  Asked shapes(Part first, Part... more) {
    return new Asked(question, usualChoice, usualNumber, checks, follows, EnumSet.of(first, more), drawn);
  }

  /** Where it is measured on a piece. */
  Asked drawn(Drawn where) {
    return new Asked(question, usualChoice, usualNumber, checks, follows, shapes, Optional.of(where));
  }
}
