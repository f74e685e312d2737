package ruxel.core.construction;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ruxel.core.finding.Fact;
import ruxel.core.finding.Finding;
import ruxel.core.finding.FindingCode;
import ruxel.core.finding.Where;

/**
 * Reads answers against their questions. A value that cannot be is a finding at its question and reads
 * as its default, so that all findings come at once; a missing one takes the default and is noted as
 * assumed.
 */
final class AnswerReader {
  private final Answers answers;
  private final Map<String, Question> questions = new HashMap<>();
  private final List<Finding> findings = new ArrayList<>();
  private final Map<String, String> assumed = new LinkedHashMap<>();
  private final Set<String> read = new HashSet<>();

  AnswerReader(Answers answers, List<Question> asked) {
    this.answers = answers;
    asked.forEach(question -> questions.put(question.key(), question));
    answers.values().keySet().stream()
        .filter(key -> !questions.containsKey(key))
        .forEach(key -> refuse(FindingCode.ANSWER_UNKNOWN, key, Fact.text("value", key)));
  }

  /** Also what is not asked for this kind of garment is checked: it is kept, and may be asked for later. */
  void checkUnread() {
    for (Question question : questions.values()) {
      if (answers.get(question.key()).isPresent() && read.add(question.key())) {
        if (question.type() == Question.Type.CHOICE) {
          choice(question.key(), "");
        } else {
          number(question.key(), question.least());
        }
      }
    }
  }

  int count(String key, long usual) {
    Question question = questions.get(key);
    return (int) number(key, Math.max(question.least(), Math.min(question.most(), usual)));
  }

  double number(String key, double usual) {
    read.add(key);
    Optional<Answers.Answer> given = answers.get(key);
    if (given.isEmpty()) {
      assumed.put(key, new Answers.Numeric(usual).text());
      return usual;
    }
    Question question = questions.get(key);
    Fact label = Fact.text("question", question.label());
    Fact value = Fact.text("value", given.get().text());
    if (!(given.get() instanceof Answers.Numeric numeric)) {
      return refused(usual, FindingCode.ANSWER_NOT_NUMBER, key, label, value);
    }
    if (question.type() == Question.Type.COUNT && numeric.value() != Math.rint(numeric.value())) {
      return refused(usual, FindingCode.ANSWER_NOT_WHOLE, key, label, value);
    }
    if (!(numeric.value() >= question.least() && numeric.value() <= question.most())) {
      return refused(
          usual, FindingCode.ANSWER_OUT_OF_RANGE, key, label, value,
          Fact.text("least", new Answers.Numeric(question.least()).text()),
          Fact.text("most", new Answers.Numeric(question.most()).text()));
    }
    return numeric.value();
  }

  String choice(String key, String usual) {
    read.add(key);
    Optional<Answers.Answer> given = answers.get(key);
    if (given.isEmpty()) {
      assumed.put(key, usual);
      return usual;
    }
    Question question = questions.get(key);
    List<String> allowed = question.choices().stream().map(Question.Choice::value).toList();
    if (!allowed.contains(given.get().text())) {
      refuse(
          FindingCode.ANSWER_NOT_CHOICE, key,
          Fact.text("question", question.label()),
          Fact.text("value", given.get().text()),
          Fact.text("choices", String.join(", ", allowed)));
      return usual;
    }
    return given.get().text();
  }

  private double refused(double usual, FindingCode code, String key, Fact... facts) {
    refuse(code, key, facts);
    return usual;
  }

  void refuse(FindingCode code, String key, Fact... facts) {
    findings.add(Finding.of(code, Where.answer(key), facts));
  }

  List<Finding> findings() {
    return List.copyOf(findings);
  }

  /** The values taken for questions without an answer, in the order in which they were read. */
  Map<String, String> assumed() {
    return Collections.unmodifiableMap(assumed);
  }
}
